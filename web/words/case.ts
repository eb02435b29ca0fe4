import { language } from './language';

/** A word of the app's as it stands within a sentence; German nouns keep their capital there. */
export const withinSentence = (word: string): string =>
  language.id === 'de' ? word : word.charAt(0).toLowerCase() + word.slice(1);

/** A word as it stands at the head of a sentence or of a section. */
export const atHead = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);
