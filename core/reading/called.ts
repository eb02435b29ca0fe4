import { INGREDIENTS, type Ingredient } from '../ingredients';
import { phraseAt, wordsOf } from './spoken';

/** A name as it is looked for. */
const phraseOf = (name: string): string =>
  wordsOf(name)
    .map((w) => w.text)
    .join(' ');
/** Ingredients by the phrases that are their names. */
let byName: Map<string, Ingredient> | null = null;
function named(): Map<string, Ingredient> {
  if (byName) return byName;
  byName = new Map();
  for (const i of INGREDIENTS) for (const name of i.names) byName.set(phraseOf(name), i);
  return byName;
}

/** How a thing is, or how it was cut, and never another thing: "white chocolate" is not the chocolate of the list. */
const STATE = new Set(
  'soft softened melted cold warm hot chilled cooled beaten lightly finely roughly chopped grated sliced diced cubed crushed mashed toasted roasted peeled drained rinsed soaked sifted fresh extra more'.split(
    ' ',
  ),
);
/** A phrase without words that only say how a thing is: "soft butter" is the butter of the list. */
const bareOf = (phrase: string): string =>
  phrase
    .split(' ')
    .filter((w) => !STATE.has(w))
    .join(' ');

/** So many words a name has at most that is looked for. */
const MOST_WORDS = 4;
/** A thing that a text calls by its name, and where; `ingredient` is null for a word that only may be one. */
type Naming = { ingredient: Ingredient | null; from: number; to: number };

/**
 * The things that a text calls by name, the longest name first: "coconut milk" is no milk. A word alone counts only where it is the
 * first name of a thing, for it may be many, or where `mayBe` asks for it. What `passes` is passed over: the names of lines that
 * are in the list.
 */
export function calledIn(
  text: string,
  passes: (phrase: string) => boolean,
  mayBe: (word: string) => boolean = () => false,
): Naming[] {
  const words = wordsOf(text);
  const out: Naming[] = [];
  for (let i = 0; i < words.length;) {
    let taken = 0;
    for (let n = Math.min(MOST_WORDS, words.length - i); n > 0 && taken === 0; n--) {
      const phrase = phraseAt(words, i, n);
      if (phrase === null) continue;
      const place = { from: words[i]!.at, to: words[i + n - 1]!.end };
      const ingredient = named().get(phrase) ?? null;
      if (passes(phrase) || passes(bareOf(phrase))) taken = n;
      else if (ingredient && (n > 1 || phraseOf(ingredient.names[0]!) === phrase)) {
        out.push({ ingredient, ...place });
        taken = n;
      } else if (n === 1 && mayBe(phrase)) out.push({ ingredient: null, ...place });
    }
    i += Math.max(1, taken);
  }
  return out;
}
