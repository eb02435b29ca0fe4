import type { Step } from './steps';

/** How a method speaks of an ingredient: by its names, and more loosely by the last word of the first. */
export type Spoken = { exact: string[]; loose: string[] };

const bothNumbers = (words: readonly string[]): string[] =>
  words.flatMap((w) => [w, w.endsWith('s') ? w.slice(0, -1) : `${w}s`]);
/** "Unsalted butter" is also "butter"; a flour is not just "flour", of which there may be several. */
export function spokenOf(names: readonly string[]): Spoken {
  const last = names[0]?.split(' ').at(-1);
  const loose = last && last.length > 2 && last !== 'flour' && !names.includes(last) ? [last] : [];
  return { exact: bothNumbers(names), loose: bothNumbers(loose) };
}

/** Any of the words, whole; the longest first, so that "egg whites" is not read as "egg". */
const anyOf = (words: readonly string[]): string =>
  `(?<![\\p{L}-])(?:${[...words]
    .sort((a, b) => b.length - a.length)
    .map((w) => w.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'))
    .join('|')})(?!\\p{L}|-free)`;
/** Finds any of the words, whole, in a text. */
export const wordPattern = (words: readonly string[]): RegExp => new RegExp(anyOf(words), 'iu');

/** An amount or an article goes with the word it stands before: it is no longer true of what comes. */
const BEFORE =
  '(?:(?<![\\p{L}\\d])(?:an?|one|two|three|four|five|six|\\d+(?:[.,/]\\d+)?)\\s+(?:(?:g|kg|ml|l|tbsp|tsp|cups?|oz)\\s+)?(?:of\\s+)?(?:large\\s+)?)?';
/** So does the way it was added piece by piece. */
const AFTER = '(?:,?\\s+one (?:at a time|by one|after the other))?';
/** "Oat milk", "peanut butter": another thing than the milk or butter that leaves. */
const OF_A_PLANT =
  /(?:coconut|oat|soya?|soy|almond|rice|hazelnut|cashew|hemp|pea|peanut|nut|cocoa|seed|sunflower|apple|plant)[ -]$/i;
/** "Egg whites", "milk powder", "walnut oil": another thing than the egg, milk or walnuts that leave. */
const OF_ANOTHER_FORM =
  /^ (?:whites?|yolks?|powder|wash|replacer|oil|flour|meal|starch|drink|milk|cream|butter|sugar|syrup|extract)\b/i;
/** "Butter the tin", "flour the board": what is done, not what goes in. */
const AS_A_VERB = /^(?:butter|oil|flour|salt|sugar|egg)$/i;

/** "Spread out thin", "unroll, spread with both": first of all a deed, unless an article makes a thing of it. */
const MOSTLY_A_VERB = /^(?:cream|sprinkle|spread|glaze|crumble|whip|dip|wash|coat|top)s?$/i;
const CLAUSE_BEGINS = /(?:^|[.;,:]\s+|\b(?:and|then|or)\s+)$/i;

/** Whether a word is what one does, with whatever it is. */
export const isDeed = (word: string, before: string): boolean =>
  CLAUSE_BEGINS.test(before) && MOSTLY_A_VERB.test(word);
/** Whether a word is what one does with the thing that it names: to butter is not to add butter, but takes some. */
const isDeedWith = (word: string, before: string, after: string): boolean =>
  CLAUSE_BEGINS.test(before) &&
  AS_A_VERB.test(word) &&
  /^\s+(?:(?:and\s+\p{L}+\s+)?(?:the|an?|your)\b)/iu.test(after);

/** Compiled once for all steps: gives where a text names one of the words as an ingredient. */
export function namer(words: readonly string[]): (text: string) => { from: number; to: number }[] {
  if (words.length === 0) return () => [];
  const pattern = new RegExp(`${BEFORE}(${anyOf(words)})${AFTER}`, 'giu');
  return (text) =>
    [...text.matchAll(pattern)].flatMap((m) => {
      const word = m[1]!;
      const at = m.index + m[0].indexOf(word);
      const [before, after] = [text.slice(0, at), text.slice(at + word.length)];
      if (OF_A_PLANT.test(before) || OF_ANOTHER_FORM.test(after)) return [];
      if (isDeed(word, before) || isDeedWith(word, before, after)) return [];
      return [{ from: m.index, to: m.index + m[0].length }];
    });
}

/** A part of the formula: its name, and how a method speaks of what is in it. */
export type PartWords = { name: string; words: readonly string[] };

/**
 * Of which parts a step speaks: those it names by the last word of their name, and the one part of which it names
 * something that is in no other ("spread over the base, lay the rhubarb on it"). Empty where it cannot be told.
 */
export function partsTold(parts: readonly PartWords[]): (step: Step) => string[] {
  const told = parts
    .filter((p) => p.name !== '')
    .map((p) => {
      const own = p.words.filter((w) => !parts.some((o) => o !== p && o.words.includes(w)));
      return {
        name: p.name,
        named: wordPattern([p.name.split(' ').at(-1)!]),
        speaksOf: namer(own),
      };
    });
  // Asked for every change anew: told once for each text.
  const known = new Map<string, string[]>();
  const tell = (text: string): string[] => {
    const named = told.filter((p) => p.named.test(text));
    const by = told.filter((p) => p.speaksOf(text).length > 0);
    return [...new Set([...named, ...(by.length === 1 ? by : [])].map((p) => p.name))];
  };
  return ({ text }) => {
    const of = known.get(text) ?? tell(text);
    known.set(text, of);
    return of;
  };
}
