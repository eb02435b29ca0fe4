import type { Part } from '../formula';
import type { GroupId, Ingredient } from '../ingredients';
import { longWord } from './shortened';

/** A word without its plural. */
export const stem = (word: string): string =>
  word.length > 4 && word.endsWith('ies')
    ? `${word.slice(0, -3)}y`
    : word.length > 4 && /(?:ch|sh|ss|x|toes)es$|oes$/.test(word)
      ? word.slice(0, -2)
      : word.length > 3 && /[^su]s$/.test(word)
        ? word.slice(0, -1)
        : word;

/** Words that say how a thing is, not what it is: alone they name no line. */
export const LOOSE = new Set(
  'a an the of and or to in for with at on some more extra plus gf df gluten free fine finely coarse coarsely ground whole white brown black dark light fresh freshly dry dried cold warm hot soft softened melted cooled cooked plain all purpose large medium small lg big good pinch handful level heaped packed powder mix blend ball cube cubed room temperature temp ice iced raw ripe tin can packet sachet stick piece slice extract essence virgin extra active instant quick easy fast action strong thick thin full fat low unsalted salted sweet sour certified organic optional other any kind type weight own own-brand each half quarter third grated chopped sliced diced mashed crushed toasted roasted beaten lightly pitted peeled drained soaked rinsed zest juice clove mature sea kosher table granulated caster icing powdered golden superfine light dark yolk white'.split(
    ' ',
  ),
);
/** Of these words alone a line is told though they are loose. */
export const TELLS = new Set(['zest', 'juice', 'yolk', 'white', 'extract', 'essence']);

/** What a word of a method may mean: lines of these groups, all that are left, or the first; `only` where no line of another group ends so. */
export const COLLECTIVE: Record<string, { is: (i: Ingredient) => boolean; all: boolean; only?: boolean }> =
  {};
const collective = (words: string, groups: GroupId[], all: boolean) => {
  for (const w of words.split(' ')) COLLECTIVE[w] = { is: (i) => groups.includes(i.group), all };
};
collective('flour', ['flour', 'blend', 'nut_flour', 'seed_flour', 'starch'], true);
collective('starch', ['starch'], true);
collective('sugar', ['sugar'], true);
collective('syrup', ['syrup'], false);
collective('egg', ['egg'], true);
collective('milk', ['milk', 'plant_drink', 'nut_drink'], true);
collective('butter', ['butter', 'fat_firm'], false);
collective('block margarine marg shortening', ['fat_firm', 'butter'], false);
collective('fat', ['butter', 'fat_firm', 'oil'], true);
collective('oil', ['oil'], false);
collective('nut', ['nut_pieces', 'nut_flour'], true);
collective('seed', ['seed_pieces'], true);
collective('fruit berry', ['fruit'], true);
collective('cheese', ['cheese', 'plant_cheese'], true);
collective('cream', ['cream', 'plant_cream'], false);
collective('yogurt yoghurt', ['cultured', 'plant_cultured'], false);
collective('yeast', ['yeast'], false);
collective('starter levain', ['starter'], false);
collective('salt', ['salt'], false);
collective('water', ['water'], false);
collective('soda bicarb', ['leavener'], false);
collective('spice', ['flavour'], true);
// Cocoa and nibs are of it, and nobody who melts chocolate means them.
COLLECTIVE.chocolate = {
  is: (i) => i.group === 'chocolate' && i.names.some((n) => /\bchocolate(?: chips)?$/.test(n)),
  all: true,
};
COLLECTIVE.gum = { is: (i) => /gum/.test(i.id), all: true };
COLLECTIVE.soda = { is: (i) => /soda|bicarb/.test(i.id), all: false };
COLLECTIVE.bicarb = COLLECTIVE.soda;
COLLECTIVE.crumb = { is: (i) => /biscuit|crumb|cracker|cookie/.test(i.id), all: true };
// A packet of the kitchen has an id of its own, and is told by its names.
COLLECTIVE.powder = {
  is: (i) => i.group === 'leavener' && i.names.some((n) => /\bbaking powder\b/i.test(n)),
  all: true,
  only: true,
};
COLLECTIVE.leavener = { is: (i) => i.group === 'leavener', all: true };
COLLECTIVE.yolk = { is: (i) => i.group === 'egg_yolk' || i.group === 'egg', all: false };
COLLECTIVE.white = { is: (i) => i.group === 'egg_white' || i.group === 'egg', all: false };
COLLECTIVE.vinegar = { is: (i) => /vinegar/.test(i.id), all: false };
COLLECTIVE.lemon = { is: (i) => /lemon/.test(i.id), all: true };
COLLECTIVE.vanilla = { is: (i) => /vanilla/.test(i.id), all: true };
COLLECTIVE.coconut = { is: (i) => /coconut/.test(i.id), all: false };
COLLECTIVE.psyllium = { is: (i) => /psyllium/.test(i.id), all: true };

/** The words of a text, folded, each with its place; `goesOn` where nothing but space or a hyphen parts it from the next. */
export type Word = { text: string; at: number; end: number; goesOn: boolean };
/** The phrase of some words that follow one another with nothing but space between; null where a comma parts them. */
export function phraseAt(words: readonly Word[], from: number, n: number): string | null {
  let phrase = words[from]!.text;
  for (let i = from; i < from + n - 1; i++) {
    if (!words[i]!.goesOn) return null;
    phrase += ` ${words[i + 1]!.text}`;
  }
  return phrase;
}

function wordOf(said: string): string {
  const word = stem(said.toLowerCase().replace(/[’']s?$/, ''));
  return longWord(word) ?? word;
}

const known = new Map<string, Word[]>();
/** So many texts are kept: one clause is looked at several times over. */
const MOST_KNOWN = 8;
const BETWEEN = /^[\s-]+$/;
export function wordsOf(text: string): Word[] {
  const before = known.get(text);
  if (before) return before;
  const words = [...text.matchAll(/[\p{L}’']+/gu)].map((m): Word => ({
    text: wordOf(m[0]),
    at: m.index,
    end: m.index + m[0].length,
    goesOn: false,
  }));
  words.forEach(
    (w, i) => (w.goesOn = i + 1 < words.length && BETWEEN.test(text.slice(w.end, words[i + 1]!.at))),
  );
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(text, words);
  return words;
}

/** The part that a clause names by a telling word of its name. */
export function partNamed(clause: string, parts: readonly Part[]): Part | undefined {
  const words = new Set(wordsOf(clause).map((w) => w.text));
  return parts.find((p) => {
    const own = wordsOf(p.name)
      .map((w) => w.text)
      .filter((w) => !['for', 'the', 'and', 'case', 'set'].includes(w));
    return own.some((w) => w.length > 3 && words.has(w));
  });
}
