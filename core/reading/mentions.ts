import { isBeside, type Line, type Part } from '../formula';
import type { Ingredient, Lookup } from '../ingredients';
import type { ActionShare } from '../method';
import { shareBefore } from './shares';
import { COLLECTIVE, LOOSE, phraseAt, TELLS, wordsOf, type Word } from './spoken';

/** What of a row names its thing: without amounts, brackets, what it is for and how it is cut. */
const nameIn = (written: string): string =>
  written
    .replace(/\([^()]*\)/g, ' ')
    .replace(/,.*$|\b(?:plus|for|to)\b.*$/i, ' ')
    .replace(/[\d½¼¾⅓⅔⅛/.–-]+\s*(?:g|kg|ml|l|oz|lb|c|t|tbsps?|tsps?|cups?|tins?|cans?)?\b\.?/gi, ' ');

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

/** Phrases of an ingredient's own names: the same whatever line it stands in. */
const OF_INGREDIENT = new WeakMap<Ingredient, ReadonlyMap<string, 1 | 2>>();
function phrasesOf(line: Line, ingredient: Ingredient | null, alone: boolean): Map<string, 1 | 2> {
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

const isAnother = (phrase: string, of: Ingredient | null): boolean => {
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
    const w = wordsOf(name).map((x) => x.text);
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

/** How lines of a formula are called in its method; what each act takes is taken off what is left of them. */
export class Lines {
  readonly called: Called[];
  /** Lines by the phrases they are called by. */
  readonly #by = new Map<string, Called[]>();
  /** How many words the longest phrase has that begins with a word. */
  readonly #longest = new Map<string, number>();
  readonly #left = new Map<string, ActionShare[]>();

  constructor(
    readonly parts: readonly Part[],
    lookup: Lookup,
  ) {
    const rows = new Map<string, number>();
    for (const l of parts.flatMap((p) => p.lines))
      rows.set(l.amount.written, (rows.get(l.amount.written) ?? 0) + 1);
    this.called = parts.flatMap((p) =>
      p.lines.map((line) => {
        const ingredient = lookup(line.item);
        return {
          line,
          part: p.id,
          ingredient,
          written: new Set(wordsOf(nameIn(line.amount.written)).map((w) => w.text)),
          phrases: phrasesOf(line, ingredient, rows.get(line.amount.written) === 1 || ingredient === null),
        };
      }),
    );
    for (const c of this.called)
      for (const phrase of c.phrases.keys()) {
        const there = this.#by.get(phrase);
        if (there) there.push(c);
        else this.#by.set(phrase, [c]);
        const words = phrase.split(' ');
        if (words.length > (this.#longest.get(words[0]!) ?? 0)) this.#longest.set(words[0]!, words.length);
      }
  }

  /** How many words a phrase may have that begins with this one: 0 for most words of a method. */
  longestFrom = (word: string): number => this.#longest.get(word) ?? (word in COLLECTIVE ? 1 : 0);

  calledBy(phrase: string): readonly Called[] {
    return this.#by.get(phrase) ?? [];
  }

  /** Whether a phrase means any line, alone or with others of its kind. */
  means(phrase: string): boolean {
    const group = COLLECTIVE[phrase];
    return (
      this.#by.has(phrase) ||
      (group !== undefined && this.called.some((c) => c.ingredient && group.is(c.ingredient)))
    );
  }

  /** Whether a row of the list has all words of a phrase, whatever it was taken for: the eggs of "2 flax eggs". */
  says(phrase: string): boolean {
    const words = phrase.split(' ').filter(Boolean);
    return words.length > 0 && this.called.some((c) => words.every((w) => c.written.has(w)));
  }

  /** What earlier acts left of a line: 1 whole, 0 nothing; null where some of it went that nobody counted. */
  left(lineId: string): number | null {
    const taken = this.#left.get(lineId) ?? [];
    if (taken.includes('rest')) return 0;
    if (taken.some((t) => typeof t !== 'number')) return null;
    return Math.max(0, 1 - taken.reduce<number>((s, t) => s + (t as number), 0));
  }
  of = (lineId: string): Called | undefined => this.called.find((c) => c.line.id === lineId);
  isWhole = (c: Called): boolean => !this.#left.has(c.line.id);
  isGone = (c: Called): boolean => (this.left(c.line.id) ?? 1) < 0.01;

  /** It was only made ready, and is there again. */
  giveBack(lineId: string): void {
    this.#left.delete(lineId);
  }

  /** A text with names of two words and more blanked: "icing sugar" is no icing. */
  withoutNames(text: string): string {
    const words = wordsOf(text);
    let out = text;
    for (let i = 0; i < words.length; i++)
      for (let n = Math.min(this.longestFrom(words[i]!.text), words.length - i); n > 1; n--) {
        const phrase = phraseAt(words, i, n);
        if (phrase === null || !this.#by.has(phrase)) continue;
        const [from, to] = [words[i]!.at, words[i + n - 1]!.end];
        out = out.slice(0, from) + ' '.repeat(to - from) + out.slice(to);
        break;
      }
    return out;
  }

  take(lineId: string, share: ActionShare): { lineId: string; share: ActionShare } {
    const left = this.left(lineId);
    const given = share === 'rest' ? (left === null ? 'rest' : left) : share;
    this.#left.set(lineId, [...(this.#left.get(lineId) ?? []), given === 0 ? 'rest' : given]);
    return { lineId, share: given };
  }
}

/** Words of a clause that mean lines: where they stand in it. What is used up is still meant by its name. */
export type Named = { from: number; to: number; lineIds: string[] };
type Mention = { called: Called; share: ActionShare | null; sure: boolean };

/** Whether an act works on what is in the bowl alone, or on what lies beside it as well. */
export type Side = 'in' | 'any';

type Meaning = { named: readonly Called[]; grouped: readonly Called[]; all: boolean };
/** What a phrase may mean: lines that are called so, and those of a group it is the word for. Null where it means nothing. */
function meaningOf(phrase: string, said: string, isOneWord: boolean, lines: Lines): Meaning | null {
  const group = isOneWord ? COLLECTIVE[phrase] : undefined;
  const within = lines.calledBy(phrase);
  // "The flours" are all of them; "the flour" is the one that was written so.
  const one = group !== undefined && !/s$/i.test(said);
  const bySome = one && within.some((c) => c.written.has(phrase));
  const ending = within.filter(
    (c) => c.phrases.get(phrase) === 2 && !lines.isGone(c) && (!bySome || c.written.has(phrase)),
  );
  const named = ending.length > 0 ? ending : within;
  const grouped = group ? lines.called.filter((c) => c.ingredient && group.is(c.ingredient)) : [];
  if (named.length === 0 && grouped.length === 0) return null;
  return { named, grouped, all: group?.all === true };
}

/** Water to heat over, or to stand in, is no line of the list. */
const isBath = (phrase: string, before: string, clause: string): boolean =>
  phrase === 'water' &&
  /\b(?:simmering|pan of|hot|boiling)\s+$/i.test(before) &&
  /\b(?:over|pan|bath|tin|half ?way)\b/i.test(clause);

/** The lines that a phrase takes, and those it only names: what is used up means what was made of it. */
function wanted(
  { named, grouped, all }: Meaning,
  lines: Lines,
  partId: string | undefined,
  fits: (c: Called) => boolean,
): { whose: readonly Called[]; only: readonly Called[] } {
  // Nothing else of its kind is meant; unless the work is at another part.
  const others = grouped.some((c) => c.part === partId && !lines.isGone(c));
  if (named.length > 0 && named.every(lines.isGone) && !(others && named.every((c) => c.part !== partId)))
    return { whose: [], only: nearest(named, partId) };
  const chosen = choose([...new Set([...named, ...grouped])], lines, partId, fits);
  if (chosen.length === 0) return { whose: [], only: grouped.length > 0 ? nearest(grouped, partId) : [] };
  const plural = all && named.length !== 1;
  const alike =
    chosen.length > 1 && chosen.every((c) => c.line.amount.written === chosen[0]!.line.amount.written);
  return { whose: plural || alike ? chosen : chosen.slice(0, 1), only: [] };
}

/** "Egg white" where the list has whole eggs: the white, as one word for both. */
function halfOfEgg(words: readonly Word[], i: number, lines: Lines): string | null {
  const next = words[i]!.text === 'egg' && words[i]!.goesOn ? words[i + 1]!.text : '';
  return /^(?:yolk|white)$/.test(next) && lines.calledBy(`egg ${next}`).length === 0 ? next : null;
}

/**
 * The lines that a clause names, in its order. Of several lines a word may mean, those of the part at work come first, then
 * those of which something is left; what is all used means what was made of it, and names no line.
 */
export function mentionsIn(
  clause: string,
  lines: Lines,
  partId: string | undefined,
  side: Side,
  names: Named[] = [],
): Mention[] {
  const words = wordsOf(clause);
  const out: Mention[] = [];
  const fits = (c: Called): boolean => side === 'any' || !isBeside(c.line.role) || c.line.role === 'taste';
  /** How many words from one on are one name. */
  const from = (i: number): number => {
    const before = clause.slice(0, words[i]!.at);
    const half = halfOfEgg(words, i, lines);
    const most = half === null ? lines.longestFrom(words[i]!.text) : 2;
    for (let n = Math.min(most, words.length - i); n > 0; n--) {
      const phrase = half ?? phraseAt(words, i, n);
      const said = clause.slice(words[i]!.at, words[i]!.end);
      const meaning = phrase === null ? null : meaningOf(phrase, said, n === 1 || half !== null, lines);
      if (phrase === null || meaning === null) continue;
      if (isBath(phrase, before, clause)) return 1;
      const { whose, only } = wanted(meaning, lines, partId, fits);
      const place = { from: words[i]!.at, to: words[i + n - 1]!.end };
      const meant = whose.length > 0 ? whose : only;
      if (meant.length > 0) names.push({ ...place, lineIds: meant.map((c) => c.line.id) });
      const open = [...meaning.named, ...meaning.grouped].filter((c) => !lines.isGone(c));
      const sure = new Set(open.map((c) => c.part)).size === 1;
      for (const called of whose) {
        if (out.some((m) => m.called.line.id === called.line.id)) continue;
        // Of an egg that is parted the yolks go first or the whites, and then the other.
        const parted = /^(?:yolk|white)$/.test(phrase) && called.ingredient?.group === 'egg';
        const half = parted ? (lines.isWhole(called) ? 'some' : 'rest') : null;
        out.push({ called, share: shareBefore(before, called.line) ?? half, sure });
      }
      return n;
    }
    return 1;
  };
  for (let i = 0; i < words.length;) i += from(i);
  return out;
}

/** Those of the part at work; all where none is of it. */
export function nearest(of: readonly Called[], partId: string | undefined): readonly Called[] {
  const here = of.filter((c) => c.part === partId);
  return here.length > 0 ? here : of;
}

/** Of lines that a word may mean, those that it means: of the right side, with something left, of the part at work. */
function choose(
  of: readonly Called[],
  lines: Lines,
  partId: string | undefined,
  fits: (c: Called) => boolean,
): readonly Called[] {
  const left = of.filter((c) => !lines.isGone(c));
  for (const some of [left.filter(fits), left]) {
    if (some.length === 0) continue;
    const here = nearest(some, partId);
    const among = here.filter((c) => c.part === here[0]!.part);
    const whole = among.filter(lines.isWhole);
    return whole.length > 0 ? whole : among;
  }
  return [];
}
