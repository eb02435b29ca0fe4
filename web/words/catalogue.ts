import { language } from './language';

/**
 * The words of one page or one kind of message, in the language shown. The English ones stand where they are
 * declared; another language gives a whole catalogue of the same name and shape, so nothing is ever half translated.
 */
export const catalogue = <T extends object>(name: string, english: T): T => language.wordsOf(name, english);
