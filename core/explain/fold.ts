/** A text for comparing: without accents, in small letters. */
export const fold = (s: string): string => s.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
/** The words that are looked for, folded; none where nothing is. */
export const foldedWords = (q: string): string[] => fold(q).split(/\s+/).filter(Boolean);
