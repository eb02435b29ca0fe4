import { createTheme, type MantineColorsTuple } from '@mantine/core';
import { language } from '../words/language';

const crust: MantineColorsTuple = [
  '#fdf3e8',
  '#f8e3cb',
  '#f0c797',
  '#e7aa62',
  '#df9239',
  '#c77523',
  '#a15a17',
  '#8a4c13',
  '#723f10',
  '#5a320d',
];
const beet: MantineColorsTuple = [
  '#fdeef3',
  '#f7d6e1',
  '#eeaac1',
  '#e57ca0',
  '#d85684',
  '#c03a69',
  '#a62b52',
  '#8e2446',
  '#761e3a',
  '#5e182e',
];

/** The night kitchen: aubergine in place of Mantine's greys. */
const dark: MantineColorsTuple = [
  '#f3ece3',
  '#d9cfdf',
  '#bcb0c0',
  '#94869b',
  '#5f5268',
  '#473c50',
  '#342b3b',
  '#2a2330',
  '#1f1923',
  '#17121b',
];

/** How the language writes a number, and by which of dayjs it names days and months. */
const LOCAL = {
  decimalSeparator: language.decimalSeparator,
  // Whoever types a point means a point: numbers are pasted from everywhere.
  allowedDecimalSeparators: ['.', ','],
};
const DATED = { defaultProps: { locale: language.locale.slice(0, 2) } };

/** Mantine dressed in our tokens; everything not said here follows tokens.css. */
export const theme = createTheme({
  colors: { crust, beet, dark },
  primaryColor: 'crust',
  primaryShade: 6,
  defaultRadius: 8,
  fontFamily: 'var(--sans)',
  headings: { fontFamily: 'var(--serif)', fontWeight: '560' },
  cursorType: 'pointer',
  respectReducedMotion: true,
  components: {
    Button: {
      defaultProps: { size: 'md' },
      // A long label goes on in a second line: words of another language are longer than ours.
      styles: { label: { whiteSpace: 'normal', textAlign: 'start' } },
    },
    NumberInput: { defaultProps: LOCAL },
    DateInput: DATED,
    Modal: { defaultProps: { centered: true, transitionProps: { duration: 120 } } },
  },
});
