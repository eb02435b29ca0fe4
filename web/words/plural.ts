import { language } from './language';

/** What is made once for a locale, when it is first asked for: this file is loaded before the language is known. */
function ofLocale<T>(make: (locale: string) => T): () => T {
  let made: { locale: string; of: T } | null = null;
  return () => {
    const { locale } = language;
    if (made?.locale !== locale) made = { locale, of: make(locale) };
    return made.of;
  };
}

const list = ofLocale((locale) => new Intl.ListFormat(locale, { type: 'conjunction' }));
/** "one, two and three". */
export const listed = (words: readonly string[]): string => list().format(words);

const choice = ofLocale((locale) => new Intl.ListFormat(locale, { type: 'disjunction' }));
/** "one, two or three". */
export const either = (words: readonly string[]): string => choice().format(words);

const plural = ofLocale((locale) => new Intl.PluralRules(locale));
/** The form of a thing that follows a number. */
export const formFor = (n: number, [one, many]: readonly [one: string, many: string]): string =>
  plural().select(n) === 'one' ? one : many;
/** A number with its thing: "1 line", "3 lines". */
export const counted = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${formFor(n, [one, many])}`;
