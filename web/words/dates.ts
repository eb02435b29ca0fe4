import dayjs from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat';
import { LANGUAGES, language } from './language';

dayjs.extend(customParseFormat);

/** How a field for a day writes it: no order of numbers that could be taken for another. */
export const DAY_FORMAT = 'D MMM YYYY';
/** The name `dayjs` has for the language shown. Its months come with the catalogues of the language. */
export const dayjsLocale = (): string => (language.id in LANGUAGES ? language.id : 'en');

const WITH_YEAR = [
  DAY_FORMAT,
  'D MMMM YYYY',
  'D. MMM YYYY',
  'D. MMMM YYYY',
  'YYYY-M-D',
  'D/M/YYYY',
  'D.M.YYYY',
  'D/M/YY',
  'D.M.YY',
];
const THIS_YEAR = ['D MMM', 'D MMMM', 'D. MMM', 'D. MMMM', 'D/M', 'D.M.', 'D.M'];

/**
 * A day as it is typed, the day before the month, as "2026-12-05"; null for what is none.
 * A year that is left out is that of `today`.
 */
export function typedDay(text: string, today = new Date()): string | null {
  // British English writes the ninth month with four letters.
  const typed = text
    .trim()
    .replace(/\bsept\b\.?/i, 'sep')
    // "05" is the fifth as "5" is, "dec" the month as "Dec" is: compared letter by letter they would not be.
    .replaceAll(/\b0(?=\d\b)/g, '')
    .replaceAll(/\p{L}+/gu, (w) => w.charAt(0).toUpperCase() + w.slice(1).toLowerCase());
  const whole = dayjs(typed, WITH_YEAR, dayjsLocale(), true);
  const found = whole.isValid()
    ? whole
    : // 29 February needs to know its year before it is read.
      dayjs(
        `${typed} ${today.getFullYear()}`,
        THIS_YEAR.map((f) => `${f} YYYY`),
        dayjsLocale(),
        true,
      );
  return found.isValid() ? found.format('YYYY-MM-DD') : null;
}
