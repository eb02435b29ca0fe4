import { language } from './language';

const names = new Set<string>();

/**
 * The words of one page or one kind of message, in the language shown. The English ones stand where they are
 * declared; another language gives a whole catalogue of the same name and shape, so nothing is ever half translated.
 */
export function catalogue<T extends object>(name: string, english: T): T {
  names.add(name);
  return language.wordsOf(name, english);
}

/** The names of all catalogues that have been asked for so far. */
export const catalogueNames = (): readonly string[] => [...names];
