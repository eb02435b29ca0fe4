import { readAmount } from './amount';
import { nameIn } from './names';
import { untabled } from './table';

/** A shorter row is one of a list; a longer one is looked at by its beginning. */
const LEAST_ROW = 50;
const MOST_ROW = 2000;
/** So many things in one row are a list of their own: with a name before them, and without. */
const LEAST_THINGS = { named: 3, bare: 5 } as const;
const SENTENCE = /(?<=[.!?])\s+(?=\p{Lu})/u;
const NAMED = /^([^:\d]{2,80}(?:\([^()]*\))?)\s*[:–—]\s+(?=\S)(.+)$/;
const BETWEEN =
  /\s*(?:[,;|+]|\band\b|&)\s+(?=[\d½¼¾⅓⅔⅛]|(?:a|an|one|two|three|half|pinch|dash|splash|handful|knob)\b)/i;

/** An amount with the name of a thing behind it. */
function isThing(piece: string): boolean {
  const read = readAmount(piece.trim());
  return read !== null && /\p{L}{3}/u.test(nameIn(read.rest).name);
}

/** The things of a sentence that is a list, and what stands before them; null where it is none. */
function listIn(sentence: string): { name: string; things: string[] } | null {
  const named = NAMED.exec(sentence);
  const pieces = (named?.[2] ?? sentence).replace(/[.!]$/, '').split(BETWEEN);
  const least = named ? LEAST_THINGS.named : LEAST_THINGS.bare;
  return pieces.length >= least && pieces.every(isThing)
    ? { name: named?.[1]?.trim() ?? '', things: pieces.map((p) => p.trim()) }
    : null;
}

/**
 * A text with its tables, and with what was written on in one row, as one tells it, laid out in rows: "Flatbreads: 200 g yogurt, 200 g flour, a pinch
 * of salt. Mix, rest, roll." is a name, three things and a step. Other rows stay as they are.
 */
export const unfolded = (text: string): string =>
  untabled(text)
    .split(/\r?\n/)
    .flatMap((row, i) => {
      if (row.length < LEAST_ROW) return [row];
      const [first = '', ...steps] = row.slice(0, MOST_ROW).split(SENTENCE);
      const list = listIn(first.trim());
      if (!list) return [row];
      const rest = row.length > MOST_ROW ? [row.slice(MOST_ROW)] : [];
      const name = list.name === '' ? [] : [i === 0 ? list.name : `${list.name}:`];
      return [...name, ...list.things, ...steps, ...rest];
    })
    .join('\n');
