import { createTheme, type MantineColorsTuple } from '@mantine/core';

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

/** Mantine dressed in our tokens; everything not said here follows tokens.css. */
export const theme = createTheme({
  colors: { crust, beet },
  primaryColor: 'crust',
  primaryShade: { light: 6, dark: 4 },
  autoContrast: true,
  luminanceThreshold: 0.33,
  defaultRadius: 8,
  fontFamily: 'var(--sans)',
  headings: { fontFamily: 'var(--serif)', fontWeight: '560' },
  cursorType: 'pointer',
  respectReducedMotion: true,
  components: {
    Button: { defaultProps: { size: 'md' } },
    Modal: { defaultProps: { centered: true, transitionProps: { duration: 120 } } },
  },
});
