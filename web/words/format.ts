import { decimalsFor, type Sourced } from '../../core/explain';
import type { PropUnit } from '../../core/formula';
import { toOunces } from '../../core/units';
import { unitWords as W } from './data/en/units';
import { language } from './language';

const LOCALE = language.locale;
const formats = new Map<number, Intl.NumberFormat>();

/** A number with so many decimals, as read in the locale. */
export function fixed(value: number, decimals: number): string {
  let f = formats.get(decimals);
  if (!f) {
    f = new Intl.NumberFormat(LOCALE, { minimumFractionDigits: decimals, maximumFractionDigits: decimals });
    formats.set(decimals, f);
  }
  return f.format(Math.abs(value) < 0.5 * 10 ** -decimals ? 0 : value).replace('-', '−');
}

/** Whole numbers bare, others with their tenths. */
export const tenths = (value: number): string => fixed(value, value % 1 === 0 ? 0 : 1);

const PLAIN = new Intl.NumberFormat(LOCALE, { maximumFractionDigits: 2 });
/** A number of a table as it stands there: no decimals that it has not. */
export const plain = (value: number): string => PLAIN.format(value);

/** What a kitchen scale shows: tenths of a gram below 20 g, whole grams above. A whole number gains no decimals. */
export const grams = (g: number): string => `${fixed(g, g < 20 && g % 1 !== 0 ? 1 : 0)} g`;
/** Grams to choose by, in two digits that count: what is weighed stands at Balance. */
export function roughGrams(g: number): string {
  const unit = 10 ** Math.max(0, Math.floor(Math.log10(Math.max(1, g))) - 1);
  return g < 9.95 ? `${plain(Math.round(10 * g) / 10)} g` : `${fixed(unit * Math.round(g / unit), 0)} g`;
}
/** Ounces as far as a scale of ounces shows them: hundredths below one, tenths above. */
export const ounces = (massG: number): string => {
  const oz = toOunces(massG);
  return `${fixed(oz, oz < 1 ? 2 : 1)} oz`;
};
export const gramsOrUnknown = (g: number | null | undefined): string =>
  g === null || g === undefined ? W.notKnown : grams(g);
/** The sign of percent behind its number, as the language sets it. */
export const PERCENT = W.percent;
/** What stands behind a number of a unit: a space and the unit, but for percent, which the language sets. */
export const behind = (unit: string): string => (unit === '%' ? PERCENT : ` ${unit}`);
/** A share in percent: 0.54 is "54%". */
export const inPercent = (share: number, decimals = 0): string => `${fixed(100 * share, decimals)}${PERCENT}`;
export const percent = (p: number): string => `${fixed(p, p < 10 ? 1 : 0)}${PERCENT}`;

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];
const inEighths = (eighths: number): string => `${Math.floor(eighths / 8) || ''}${EIGHTHS[eighths % 8]!}`;
/** Teaspoons from eighths of one: "1¼ tsp". */
export const spoons = (eighths: number): string => `${inEighths(eighths)} ${W.tsp}`;

const NEAR = 1e-6;
/** How much of a spoon, a cup or a piece, as one says it: "1¼", "⅔"; with its decimals where no such part fits. */
export function parts(value: number): string {
  const [eighths, thirds] = [8 * value, 3 * value];
  const isWhole = (x: number): boolean => x >= 1 - NEAR && Math.abs(x - Math.round(x)) < NEAR;
  if (isWhole(eighths)) return inEighths(Math.round(eighths));
  if (!isWhole(thirds)) return plain(value);
  const third = Math.round(thirds);
  return `${Math.floor(third / 3) || ''}${third % 3 === 1 ? '⅓' : '⅔'}`;
}

/** What stands behind a number of a unit, with its space. */
export const UNIT_TEXT: Record<PropUnit | 'ratio', string> = {
  g: ' g',
  mmol: ' mmol',
  kcal: ' kcal',
  eggs: ` ${W.eggs}`,
  ratio: PERCENT,
};

/** A property with its unit, in as many digits as its spread allows. */
export function amountOf(x: Sourced, unit: PropUnit | 'ratio'): string {
  // A ratio is told as a percentage.
  if (unit === 'ratio') return inPercent(x.value);
  const least =
    unit === 'eggs' || (unit === 'g' && x.value < 20) || (unit === 'mmol' && x.value < 20) ? 1 : 0;
  return `${fixed(x.value, Math.max(least, Math.min(decimalsFor(x), least)))}${UNIT_TEXT[unit]}`;
}

/** The spread beside a number: "± 12 g". Nothing where none was judged. */
export function spreadOf(x: Sourced, unit: PropUnit | 'ratio'): string {
  if (!x.sd) return '';
  const sd = unit === 'ratio' ? 100 * x.sd : x.sd;
  const decimals = unit === 'ratio' || sd >= 2 ? 0 : 1;
  // What rounds to nothing is not said.
  if (sd < 0.5 * 10 ** -decimals) return '';
  // Eggs' worth are words: once is enough.
  return `± ${fixed(sd, decimals)}${unit === 'eggs' ? '' : UNIT_TEXT[unit]}`;
}

const DATE = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', year: 'numeric' });
/** A day, of an ISO date or of the milliseconds of a clock. */
export const day = (at: string | number): string => DATE.format(new Date(at));
const MOMENT = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium', timeStyle: 'short' });
/** A day with its time: trials of one day are told apart by it. */
export const moment = (iso: string): string => MOMENT.format(new Date(iso));
