import type { Line, LineRole } from '../formula';
import { idOf, type Ingredient } from '../ingredients';
import type { ReadLine } from './line';
import { sentencesOf } from './stages';

const BRUSHED = /\b(?:brush|glaze|paint|egg[- ]?wash)\b/i;
const STREWN = /\b(?:sprinkle|strew|scatter|dip|press|roll|top)\b/i;
/** What follows is strewn, though something is brushed on before. */
const STREWN_ON = /\b(?:sprinkle|strew|scatter|dust)\b[^.;]*$/i;
/** Pieces that cling to what was brushed or are dipped into. */
const isStrewn = (sentence: string): boolean =>
  STREWN.test(sentence) &&
  /\b(?:over|on|into|in|top|with)\b/i.test(sentence) &&
  (BRUSHED.test(sentence) || /\bdip\b/i.test(sentence));
/** More than this is in the dough as well, g: what is brushed on is a spoon or two. Common practice, no source. */
const MOST_BRUSHED_G = 40;

/** Words before a thing that make another of it than the one of the dough. */
const ANOTHER = /\b(?:flaky|coarse|sea|extra|more)\b/i;
const ANOTHERS = new RegExp(`${ANOTHER.source}\\s+(\\p{L}+)`, 'giu');
const stem = (word: string): string => word.toLowerCase().replace(/s$/, '');
/** The word a method calls a thing by: the last of its name. */
const calledBy = ({ name }: ReadLine): string => stem(name.split(' ').at(-1) ?? '');

/**
 * Marks what the method only brushes on or sprinkles over. It has to be called by a word that no other line has, and in no
 * sentence that does something else with it: where the method is silent or speaks of it twice, it stays in the dough.
 */
export function markBeside(lines: readonly ReadLine[], method: string): void {
  const sentences = sentencesOf(method).map((text) => ({
    text,
    words: new Set(
      text
        .toLowerCase()
        .split(/[^\p{L}]+/u)
        .map(stem),
    ),
  }));
  const called = new Map<string, number>();
  for (const line of lines) called.set(calledBy(line), (called.get(calledBy(line)) ?? 0) + 1);
  for (const read of lines) {
    const { line } = read;
    const word = calledBy(read);
    const isPieces = line.role === 'inclusion' || line.item.kind === 'unknown';
    if ((line.role !== undefined && !isPieces) || word.length < 4 || called.get(word)! > 1) continue;
    if (!isPieces && (line.amount.massG?.value ?? Infinity) > MOST_BRUSHED_G) continue;
    // "Flaky salt" is another than the salt of the dough, unless that was called so.
    const isOther = (text: string): boolean =>
      !ANOTHER.test(read.name) && [...text.matchAll(ANOTHERS)].some((m) => stem(m[1]!) === word);
    const said = sentences.filter((s) => s.words.has(word) && !isOther(s.text)).map((s) => s.text);
    if (said.length === 0) continue;
    if (isPieces) {
      if (said.every(isStrewn)) line.role = 'dusting';
      continue;
    }
    // "Fennel seeds": named by either word where the dough is mixed, they are in it.
    const words = read.name
      .split(' ')
      .map(stem)
      .filter((w) => w.length > 3);
    if (sentences.filter((s) => words.some((w) => s.words.has(w))).every((s) => BRUSHED.test(s.text)))
      line.role = said.every((s) => STREWN_ON.test(s.slice(0, s.toLowerCase().indexOf(word))))
        ? 'dusting'
        : 'wash';
  }
}

/** What is put on at the end is strewn; an egg, and what stands in its row, is brushed on. */
export function finishOf(
  line: Line,
  all: readonly ReadLine[],
  ingredient: (id: string) => Ingredient | null,
): LineRole {
  const row = all.filter((r) => r.line.amount.written === line.amount.written);
  const isEgg = row.some((r) => ingredient(idOf(r.line.item) ?? '')?.group.startsWith('egg'));
  return isEgg ? 'wash' : 'dusting';
}

/** Parts that lie on what is made. */
export const ON_TOP = /^(?:the )?top(?:s|ping)?$|\b(?:egg[- ]?)?wash$/i;
const BY_HAND: readonly Ingredient['group'][] = ['salt', 'flavour', 'seed_pieces', 'nut_pieces', 'sugar'];
/** Under such a heading what is strewn by hand is in nobody's grams: none is asked for. */
export function strewByHand(own: readonly ReadLine[], ingredient: (id: string) => Ingredient | null): void {
  for (const read of own) {
    const group = ingredient(idOf(read.line.item) ?? '')?.group;
    if (read.line.amount.reading.length > 0 || !group || !BY_HAND.includes(group)) continue;
    read.line.role = 'dusting';
    read.issues = read.issues.filter((i) => i.code !== 'amount.missing');
  }
}
