import { language } from './language';

const LIST = new Intl.ListFormat(language.locale, { type: 'conjunction' });
/** "one, two and three". */
export const listed = (words: readonly string[]): string => LIST.format(words);

const EITHER = new Intl.ListFormat(language.locale, { type: 'disjunction' });
/** "one, two or three". */
export const either = (words: readonly string[]): string => EITHER.format(words);

const PLURAL = new Intl.PluralRules(language.locale);
/** The form of a thing that follows a number. */
export const formFor = (n: number, [one, many]: readonly [one: string, many: string]): string =>
  PLURAL.select(n) === 'one' ? one : many;
/** A number with its thing: "1 line", "3 lines". */
export const counted = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${formFor(n, [one, many])}`;
