import type { AvoidId } from '../ingredients';
import { STEMS, TERMS } from './data/label-terms';
import { fold } from './label-text';

/** A word without the ending of its plural; other languages give their plurals as words of their own. */
export const single = (w: string): string =>
  w.length > 4 && w.endsWith('ies') && !w.endsWith('kies')
    ? `${w.slice(0, -3)}y`
    : w.length > 3 && /(?:s|x|ch|sh|o)es$/.test(w) && !/[aiu]oes$|[aeiou]ses$/.test(w)
      ? w.slice(0, -2)
      : w.length > 3 && /[^s]s$/.test(w)
        ? w.slice(0, -1)
        : w;
/** A phrase as it is looked for. */
export const keyOf = (phrase: string): string => phrase.split(' ').map(single).join(' ');

const PHRASES = new Map<string, readonly AvoidId[]>();
for (const [avoids, words] of TERMS)
  for (const w of words.split('|')) {
    const k = keyOf(w);
    // A word of two rows (Italian "pane", say) means both.
    PHRASES.set(k, [...new Set([...(PHRASES.get(k) ?? []), ...avoids])]);
  }
const MOST_WORDS = Math.max(...[...PHRASES.keys()].map((p) => p.split(' ').length));
const BY_LENGTH = [...STEMS].sort((a, b) => b[0].length - a[0].length);

/** Every phrase this reader knows, with what it means: for the handbook and for tests. */
export const KNOWN_PHRASES: ReadonlyMap<string, readonly AvoidId[]> = PHRASES;

/** A word of so many letters may be a compound. */
const COMPOUND = 6;

/** What a long compound word holds, part by part; null where it holds nothing known. */
function partsOf(word: string): AvoidId[] | null {
  let rest = word;
  const out: AvoidId[] = [];
  let hit = false;
  for (const [stem, avoids] of BY_LENGTH) {
    if (!rest.includes(stem)) continue;
    rest = rest.replaceAll(stem, ' ');
    out.push(...avoids);
    hit = true;
  }
  return hit ? out : null;
}

/** Words and runs of marks, in order. */
export const tokensOf = (text: string): string[] => text.match(/[\p{L}\d_]+|[^\p{L}\d_\s]+/gu) ?? [];
export const isWord = (t: string | undefined): boolean => t !== undefined && /[\p{L}\d]/u.test(t);

/** The longest phrase known that starts at a token. */
export function longestPhrase(
  tokens: readonly string[],
  at: number,
): { words: number; avoids: readonly AvoidId[] } | null {
  for (let n = Math.min(MOST_WORDS, tokens.length - at); n > 0; n--) {
    const words = tokens.slice(at, at + n);
    if (!words.every(isWord)) continue;
    const avoids = PHRASES.get(words.map(single).join(' ')) ?? PHRASES.get(words.join(' '));
    if (avoids) return { words: n, avoids };
  }
  return null;
}

/**
 * The words of a text one after another, each with what it names: the longest phrase known at its place, else what a long word
 * holds; null where neither is known. Marks are passed over.
 */
export function* namesOf(
  tokens: readonly string[],
): Generator<{ at: number; words: number; avoids: readonly AvoidId[] | null }> {
  for (let at = 0; at < tokens.length;) {
    const word = tokens[at]!;
    const phrase = longestPhrase(tokens, at);
    const words = phrase?.words ?? 1;
    if (isWord(word))
      yield { at, words, avoids: phrase?.avoids ?? (word.length >= COMPOUND ? partsOf(word) : null) };
    at += words;
  }
}

/** Words of a text that name something, and where they stand in it. */
export type Named = { from: number; to: number; avoids: readonly AvoidId[] };

/**
 * What a text calls by name in any language that is known of packets, with its place; a near miss ("Muskatnuss") names nothing. It
 * says nothing of words that are not known.
 */
export function namedIn(text: string): Named[] {
  // A hyphen parts no name, a comma does.
  const words = [...text.matchAll(/[\p{L}\d]+|[^\p{L}\d\s-]+/gu)];
  return [...namesOf(words.map((w) => fold(w[0]).trim()))].flatMap(({ at, words: n, avoids }) => {
    const last = words[at + n - 1]!;
    const place = { from: words[at]!.index, to: last.index + last[0].length };
    return avoids && avoids.length > 0 ? [{ ...place, avoids }] : [];
  });
}
