import type { Line } from '../formula';
import type { Ingredient } from '../ingredients';
import { COLLECTIVE, LOOSE, TELLS, wordsOf } from './spoken';

/** What of a row names its thing: without amounts, brackets, what it is for and how it is cut. */
const nameIn = (written: string): string =>
  written
    .replace(/\([^()]*\)/g, ' ')
    .replace(/,.*$|\b(?:plus|for|to)\b.*$/i, ' ')
    .replace(
      /[\d½¼¾⅓⅔⅛/.–-]+\s*(?:(?:heap(?:ed|ing)|level|rounded|scant|generous|good|big)\s+)?(?:g|kg|ml|l|oz|lb|c|t|tbsps?|tsps?|cups?|tins?|cans?)?\b\.?/gi,
      ' ',
    );

/** A line as the method may call it: phrases of one to four words. */
export type Called = {
  line: Line;
  part: string;
  ingredient: Ingredient | null;
  /** 2 where a name ends so, 1 where it is within. */
  phrases: Map<string, 1 | 2>;
  /** The words of the row itself: "ground almonds" are also almond flour, but nobody who wrote so calls them flour. */
  written: ReadonlySet<string>;
};

/** The words of a row that name its thing, in order. */
export const writtenIn = ({ amount }: Line): ReadonlySet<string> =>
  new Set(wordsOf(nameIn(amount.written)).map((w) => w.text));

/** Phrases of an ingredient's own names: the same whatever line it stands in. */
const OF_INGREDIENT = new WeakMap<Ingredient, ReadonlyMap<string, 1 | 2>>();
/** The phrases that a line is called by; `alone`: no other line stands in its row. */
export function phrasesOf(line: Line, ingredient: Ingredient | null, alone: boolean): Map<string, 1 | 2> {
  let own = ingredient && OF_INGREDIENT.get(ingredient);
  if (ingredient && !own)
    OF_INGREDIENT.set(ingredient, (own = phrasesIn(ingredient.names, ingredient, new Map())));
  const out = phrasesIn(
    // A row of several things would give each the names of all.
    alone ? [nameIn(line.item.kind === 'unknown' ? line.item.text : line.amount.written)] : [],
    ingredient,
    new Map(own),
  );
  // What was crushed is called by what it is now.
  if (
    /\b(?:crushed|crumbs|blitzed)\b/i.test(line.amount.written) &&
    /\b(?:biscuit|cookie|cracker)/i.test(line.amount.written)
  )
    out.set('crumb', 2);
  return out;
}

/** Whether a word is the one for things of another kind than this. */
export const isAnother = (phrase: string, of: Ingredient | null): boolean => {
  const group = COLLECTIVE[phrase];
  return of !== null && group !== undefined && !group.is(of);
};

/** The phrases of one to four words in names that tell something, put to those of `out`. */
function phrasesIn(
  names: readonly string[],
  of: Ingredient | null,
  out: Map<string, 1 | 2>,
): Map<string, 1 | 2> {
  for (const name of names) {
    // What a blend is made with, or has none of, is no name of it.
    const w = wordsOf(name.replace(/\bwith(?:out)?\b.*$/, ' ')).map((x) => x.text);
    for (let from = 0; from < w.length; from++)
      for (let to = from + 1; to <= Math.min(w.length, from + 4); to++) {
        const some = w.slice(from, to);
        const telling = some.filter((x) => !LOOSE.has(x) && x.length > 2);
        if (
          (telling.length > 0 && some.join() !== 'baking') ||
          (some.length === 1 && to === w.length && TELLS.has(some[0]!))
        ) {
          const phrase = some.join(' ');
          // Within the name of one thing, the word for another: the cream of "full cream milk".
          if (to < w.length && isAnother(phrase, of)) continue;
          if (to === w.length || !out.has(phrase)) out.set(phrase, to === w.length ? 2 : 1);
        }
      }
  }
  return out;
}
