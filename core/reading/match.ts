import { distance } from 'fastest-levenshtein';
import { fold } from '../explain';
import { SHORT, SHORTENED } from './shortened';
import { GERMAN_NAMES, INGREDIENTS, type Ingredient } from '../ingredients';

/** Words that say how a thing is bought or cut, not what it is. */
const QUALIFIERS = new Set(
  fold(`fresh organic finely roughly coarsely freshly lightly very good quality softened soft cold warm luke melted room
  temperature at sifted packed chopped grated toasted roasted peeled large medium small unsalted pure raw of the a
  an for and or plus extra fine well beaten cubed diced sliced halved lukewarm tepid hot boiling unsweetened certified
  firmly lightly level heaped about approx my our your best some blanched refined squeezed pitted drained rinsed tinned
  canned frozen thawed ripe forced unwaxed seasonal hulled strong strongly brewed crushed crumbled dusting minced snipped shaken trimmed cored deseeded washed shredded
  dry-roasted stoned torn smooth crunchy drippy chunky superfine range strained sieved cooled chilled melt divided optional needed if desired
  separated sep shelled taste serve serving topping decorate filling dough cool iced ice mature sharp mild ripe thick runny whipped grind grade style slivers
  hand piece pieces ball balls few v temp slice slices rasher rashers chunks scant lg lge lrg med skin on off tightly loosely active aged overripe mashed stale day old homemade shop bought leftover
  frisch frische frischer frisches weich weiche kalt kalte kaltes warm warme warmes lauwarm lauwarme lauwarmes heiß heißes
  zimmerwarm zimmerwarme fein feines grob gehackt gehackte gerieben geriebene geröstet geröstete geschält gewürfelt gesiebt zarte kernige
  zerlassen zerlassene flüssig flüssige groß große großer klein kleine kleiner mittelgroß mittelgroße reif reife ungesüßt
  ungesalzen ungesalzene bio etwas mehr nach bedarf geschmack zum zur für das die der dem den aus vom von oder und mit
  bestreichen bestäuben bestreuen einfetten verdünnen gestrichen gehäuft abgetropft abgetropfte`).split(
    /\s+/,
  ),
);
/** Words that matter a little: whether a thing is sold as gluten-free or ground may decide between two. */
const HALF_WORDS = new Set([
  'glutenfrei',
  'glutenfreie',
  'glutenfreies',
  'gemahlen',
  'gemahlene',
  'gemahlener',
  'eingeweicht',
  'hell',
  'dunkel',
  'gluten',
  'free',
  'gf',
  'plain',
  'natural',
  'light',
  'dark',
  'golden',
  'full',
  'fullfat',
  'fat',
  'ground',
  'soaked',
]);
/** A thing named as being without something is another thing than the one that has it. */
const WITHOUT =
  /\b(?:vegan|plant|plant based|non dairy|nondairy|(?:dairy|milk|egg|nut|butter|sugar|oil|soy|soya|lactose|yeast) free|mock|alternative|substitute|replacer|replacement)\b/;

/** What is written as gluten-free is not silently taken for a thing that has gluten. */
const NO_GLUTEN = /\b(?:gluten free|glutenfrei\w*)\b/;

/** At or above this a name is taken without asking; a wrong silent match is worse than a question. */
export const SILENT_CONFIDENCE = 0.82;
const CLEAR_LEAD = 0.05;
/** A name that is the very name of one thing needs no lead before the next. */
const EXACT = 0.999;

/** From this on a name is the very name of a thing, but for how it is bought or cut. */
const BY_THE_LETTER = 0.95;

export type NameMatch = { id: string; confidence: number };
export type Match = { best: NameMatch | null; others: NameMatch[] };

const stem = (w: string): string =>
  w.length > 4 ? w.replace(/(?<=[^s])s$/, '').replace(/(?<=o)e$/, '') : w.replace(/^eggs$/, 'egg');

const plain = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/['’]/g, '')
    .replace(/[^\p{L}\p{N}%]+/gu, ' ')
    .replace(SHORT, (short) => SHORTENED[short]!)
    .trim();
/** Lower case, no accents or signs, split into word stems. */
export function wordsOf(name: string): string[] {
  return plain(name).split(' ').filter(Boolean).map(stem);
}

/** How a thing was done: "thinly". Jelly is a thing. */
const HOW_DONE = /^[a-z]{4,}ly$/;
/** Whether a word says how a thing is bought or cut, and not what it is. */
const isQualifier = (w: string): boolean => QUALIFIERS.has(w) || HOW_DONE.test(w);
/** Whether a name says only how something is: "peeled", "finely chopped". */
export const saysOnlyHow = (name: string): boolean => {
  const words = wordsOf(name);
  return words.length > 0 && words.every(isQualifier);
};

const weight = (w: string): number => (isQualifier(w) ? 0.1 : HALF_WORDS.has(w) ? 0.4 : 1);
const total = (ws: readonly string[]): number => ws.reduce((s, w) => s + weight(w), 0);

/** Whether two letters that stand side by side changed places: "tapoica". */
function isSwapped(a: string, b: string): boolean {
  const at = [...a].findIndex((c, i) => c !== b[i]);
  return (
    a.length === b.length && a[at] === b[at + 1] && a[at + 1] === b[at] && a.slice(at + 2) === b.slice(at + 2)
  );
}

/** 1 for the same word, less for a slip of the pen in a long one, 0 for another word. */
function alike(a: string, b: string): number {
  if (a === b) return 1;
  const longer = Math.max(a.length, b.length);
  if (Math.min(a.length, b.length) < 5 || Math.abs(a.length - b.length) > 2) return 0;
  const slips = distance(a, b);
  if (slips === 1 || (slips === 2 && isSwapped(a, b))) return 0.92;
  return slips === 2 && longer >= 8 && Math.min(a.length, b.length) >= 6 ? 0.85 : 0;
}

type Entry = { id: string; words: string[]; weight: number; without: boolean; gluten: boolean };
const MOST_WORDS = 12;
const MOST_OTHERS = 5;
/** So many words are remembered with what they are near to. */
const MOST_NEAR = 2000;
const FAINT = 0.3;
/** What is left of a likeness when one of two names says "vegan" or "egg-free" and the other does not. */
const OTHER_THING = 0.6;

/**
 * Finds what written names may mean among a set of ingredients. Word order is free; typing slips in long words
 * are forgiven. The reference ingredients are known by their German names too. Built once for a set: names are indexed by their words, words by their first letter.
 */
export class Matcher {
  readonly #entries: Entry[] = [];
  readonly #byWord = new Map<string, number[]>();
  readonly #byLetter = new Map<string, string[]>();
  /** What words that were asked for add to entries: the same words come in row after row. */
  readonly #near = new Map<string, ReadonlyMap<number, number>>();

  constructor(ingredients: Iterable<Pick<Ingredient, 'id' | 'names' | 'facts'>>) {
    for (const { id, names, facts } of ingredients)
      for (const name of [...names, ...(GERMAN_NAMES[id] ?? [])]) this.#add(id, name, facts.gluten === 'yes');
  }

  #add(id: string, name: string, gluten: boolean): void {
    const words = [...new Set(wordsOf(name))];
    const at =
      this.#entries.push({ id, words, weight: total(words), without: WITHOUT.test(plain(name)), gluten }) - 1;
    for (const w of words) {
      const there = this.#byWord.get(w);
      if (there) there.push(at);
      else {
        this.#byWord.set(w, [at]);
        const letter = w[0] ?? '';
        this.#byLetter.set(letter, [...(this.#byLetter.get(letter) ?? []), w]);
      }
    }
  }

  #nearTo(q: string): ReadonlyMap<number, number> {
    const known = this.#near.get(q);
    if (known) return known;
    const best = new Map<number, number>();
    for (const w of this.#byLetter.get(q[0] ?? '') ?? []) {
      const s = alike(q, w);
      if (s === 0) continue;
      const gain = s * weight(w);
      for (const at of this.#byWord.get(w)!) best.set(at, Math.max(best.get(at) ?? 0, gain));
    }
    if (this.#near.size >= MOST_NEAR) this.#near.clear();
    this.#near.set(q, best);
    return best;
  }

  /**
   * What a written name may mean, best first. `best` is null where nothing is near; whether it may be taken
   * silently is for `isSilent` to say.
   */
  match(name: string): Match {
    const text = name.slice(0, 200);
    const said = plain(text);
    const words = [...new Set(wordsOf(text))].slice(0, MOST_WORDS);
    const without = WITHOUT.test(said);
    const noGluten = NO_GLUTEN.test(said);
    const whole = total(words);
    // Dice's coefficient over weighed words: twice what is shared over what both have.
    const shared = new Map<number, number>();
    for (const q of words)
      for (const [at, gain] of this.#nearTo(q)) shared.set(at, (shared.get(at) ?? 0) + gain);
    const byId = new Map<string, number>();
    for (const [at, hit] of shared) {
      const e = this.#entries[at]!;
      // No more is shared than either has: a word like another weighs no more than itself.
      const both = Math.min(hit, whole, e.weight);
      const dice = whole + e.weight === 0 ? 0 : (2 * both) / (whole + e.weight);
      const score = e.without === without && !(e.gluten && noGluten) ? dice : dice * OTHER_THING;
      if (score > (byId.get(e.id) ?? FAINT)) byId.set(e.id, score);
    }
    const ranked = [...byId].map(([id, confidence]): NameMatch => ({ id, confidence }));
    ranked.sort((a, b) => b.confidence - a.confidence || (a.id < b.id ? -1 : 1));
    return { best: ranked[0] ?? null, others: ranked.slice(1, 1 + MOST_OTHERS) };
  }

  /**
   * What a name with a note after a comma means: "flour, brown rice" belongs together, "butter, softened" does not.
   */
  matchWritten(name: string, note: string): Match {
    const together = note ? this.match(`${name} ${note}`) : null;
    if (!together || !isSilent(together)) return this.match(name);
    // A note that is a thing of its own ("half and half") says nothing of the name before it.
    const alone = this.match(note);
    const isNote = isSilent(alone) && alone.best!.id === together.best!.id;
    if (!isNote) return together;
    const own = this.match(name);
    return isSilent(own) ? together : own;
  }
}

/** Matcher over the reference ingredients alone. */
export const referenceMatcher = new Matcher(INGREDIENTS);

/** Whether the best match is sure enough, and far enough ahead of the next, to be taken without asking. */
export function isSilent(match: Match): boolean {
  const best = match.best?.confidence ?? 0;
  const next = match.others[0]?.confidence ?? 0;
  if (best >= EXACT) return next < EXACT;
  return best >= SILENT_CONFIDENCE && best - next >= CLEAR_LEAD;
}

/** Whether a name is the very name of one thing, as it has to be where it stands among other words. */
export const isByTheLetter = (match: Match): boolean =>
  isSilent(match) && match.best!.confidence >= BY_THE_LETTER;
