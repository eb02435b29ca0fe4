import { storeOf } from '../api/browserStore';

/** What a language gives: its catalogues by name, each of the same shape as the English one. */
export type Catalogues = Readonly<Record<string, object>>;

/** The languages there are, by their BCP 47 tag. */
export const LANGUAGES = { en: 'English', de: 'Deutsch' } as const;
export type LanguageId = keyof typeof LANGUAGES;
/** A language that nobody speaks: every letter of the app's own sentences is marked, so that what is not in a catalogue shows. */
export const PSEUDO = 'en-x-pseudo';

/** Dates, numbers and lists are written as there. */
const LOCALES: Record<LanguageId, string> = { en: 'en-GB', de: 'de-DE' };
const KEY = 'new-crumb:language';

const PLAIN = 'abcdefghijklmnopqrstuvwxyz';
const MARKED = 'åƀçđéƒğħîĵķļɱñöþɋŕšţûṽŵẋýž';
const mark = (text: string): string =>
  text.replace(/[a-z]/gi, (c) => {
    const marked = MARKED[PLAIN.indexOf(c.toLowerCase())]!;
    return c === c.toLowerCase() ? marked : marked.toUpperCase();
  });

/** Marks every sentence in what a catalogue holds, also those that are made when they are asked for. */
function marked(value: unknown): unknown {
  if (typeof value === 'string') return mark(value);
  if (typeof value === 'function')
    return (...args: unknown[]) => marked((value as (...a: unknown[]) => unknown)(...args));
  if (Array.isArray(value)) return value.map(marked);
  if (
    typeof value === 'object' &&
    value &&
    Object.getPrototypeOf(value) === Object.prototype &&
    !('$$typeof' in value)
  )
    return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, marked(v)]));
  return value;
}

type Chosen = LanguageId | typeof PSEUDO;

class Language {
  id: Chosen = 'en';
  private catalogues: Catalogues = {};

  /** For `Intl` and the speech of the browser. */
  get locale(): string {
    return LOCALES[this.id === PSEUDO ? 'en' : this.id];
  }

  /** What stands between whole and tenths. */
  get decimalSeparator(): string {
    return new Intl.NumberFormat(this.locale).formatToParts(1.5).find((p) => p.type === 'decimal')!.value;
  }

  /** Takes up a language, and with it how numbers and lists are written; before its catalogues are even loaded. */
  take(id: Chosen): void {
    this.id = id;
  }

  /** Takes what the language says; before any sentence is asked for. */
  bring(catalogues: Catalogues): void {
    this.catalogues = catalogues;
  }

  /** A word of the app's that stands in no catalogue, such as a name the reading knows. */
  marked(word: string): string {
    return this.id === PSEUDO ? mark(word) : word;
  }

  wordsOf<T extends object>(name: string, english: T): T {
    if (this.id === PSEUDO) return marked(english) as T;
    return (this.catalogues[name] as T | undefined) ?? english;
  }
}

/** The language shown. */
export const language = new Language();

const isKnown = (id: string | null): id is Chosen => id !== null && (id in LANGUAGES || id === PSEUDO);

/** What this browser was told, else the first language it asks for that is here, else English. */
export function languageWanted(): Chosen {
  const told = storeOf('localStorage')?.getItem(KEY) ?? null;
  if (isKnown(told)) return told;
  return (navigator.languages.map((l) => l.slice(0, 2)).find((l) => l in LANGUAGES) ?? 'en') as LanguageId;
}

/** Remembers a language for this browser and shows the app in it. */
export function changeLanguage(id: LanguageId): void {
  storeOf('localStorage')?.setItem(KEY, id);
  location.reload();
}
