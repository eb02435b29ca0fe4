import { isBeside, type Part } from '../formula';
import type { Lookup } from '../ingredients';
import type { ActionShare } from '../method';
import { isAnother, phrasesOf, writtenIn, type Called } from './phrases';
import { saysRest, shareBefore } from './shares';
import { COLLECTIVE, phraseAt, stem, wordsOf, type Word } from './spoken';

/** How lines of a formula are called in its method; what each act takes is taken off what is left of them. */
export class Lines {
  readonly called: Called[];
  /** Lines by the phrases they are called by. */
  readonly #by = new Map<string, Called[]>();
  /** What the method says after the act at work. */
  ahead = (): string => '';
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
          written: writtenIn(line),
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

  /**
   * Whether the name in a row of the list ends so, and it was taken for another thing: the eggs of "2 flax eggs". "Egg replacer" has
   * no eggs, and peanut butter is what it is.
   */
  says(phrase: string): boolean {
    const n = phrase.split(' ').length;
    return (
      phrase !== '' &&
      this.called.some((c) => [...c.written].slice(-n).join(' ') === phrase && !c.phrases.has(phrase))
    );
  }

  /** Whether a line is of what a word stands for, and does not only end so: peanut butter is no butter. */
  isOf(lineId: string, word: string): boolean {
    const ingredient = this.of(lineId)?.ingredient;
    return !ingredient || !isAnother(stem(word.toLowerCase()), ingredient);
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
/** `parts`: those that have a line which the word may mean, and something of it left. */
type Mention = { called: Called; share: ActionShare | null; parts: ReadonlySet<string> };

/** Whether an act works on what is in the bowl alone, or on what lies beside it as well. */
export type Side = 'in' | 'any';

type Meaning = { named: readonly Called[]; grouped: readonly Called[]; all: boolean; kind: boolean };
/** Words for a kind of things: "the fruit" of a list with sultanas and peel is both, though peel is called mixed fruit as well. */
const KINDS_OF_THINGS: readonly string[] = ['fruit', 'berry', 'nut', 'seed', 'spice'];
/** Pieces of a thing are called by their own word where the thing itself is there: "the chocolate" beside "chocolate chunks". */
function notInPieces(of: readonly Called[]): readonly Called[] {
  const whole = of.filter((c) => !PIECES.has([...c.written].at(-1) ?? ''));
  return whole.length > 0 ? whole : of;
}
const PIECES: ReadonlySet<string> = new Set(['chip', 'chunk', 'button', 'drop', 'flake', 'shaving']);
/** What a phrase may mean: lines that are called so, and those of a group it is the word for. Null where it means nothing. */
function meaningOf(phrase: string, said: string, isOneWord: boolean, lines: Lines): Meaning | null {
  const group = isOneWord ? COLLECTIVE[phrase] : undefined;
  const called = lines.calledBy(phrase);
  // "The chunks" are those that were written so, whatever else may be had in chunks.
  const so = group ? [] : called.filter((c) => phrase.split(' ').every((w) => c.written.has(w)));
  const within = notInPieces(so.length > 0 ? so : called);
  // "The flours" are all of them; "the flour" is the one that was written so.
  const one = group !== undefined && !/s$/i.test(said);
  const bySome = one && within.some((c) => c.written.has(phrase));
  const ending = within.filter(
    (c) => c.phrases.get(phrase) === 2 && !lines.isGone(c) && (!bySome || c.written.has(phrase)),
  );
  const named = ending.length > 0 ? ending : within;
  const ofGroup = group
    ? notInPieces(lines.called.filter((c) => c.ingredient && group.is(c.ingredient)))
    : [];
  const isOther = (c: Called) => !ofGroup.includes(c) && [...c.written].at(-1) === phrase;
  const grouped = group?.only && lines.called.some(isOther) ? [] : ofGroup;
  if (named.length === 0 && grouped.length === 0) return null;
  const kind = KINDS_OF_THINGS.includes(phrase) && named.every((c) => !c.written.has(phrase));
  return { named, grouped, all: group?.all === true, kind };
}

/** Water to heat over, or to stand in, is no line of the list. */
const isBath = (phrase: string, before: string, clause: string): boolean =>
  phrase === 'water' &&
  /\b(?:simmering|pan of|hot|boiling)\s+$/i.test(before) &&
  /\b(?:over|pan|bath|tin|half ?way)\b/i.test(clause);

/** The lines that a phrase takes, and those it only names: what is used up means what was made of it. */
function wanted(
  { named, grouped, all, kind }: Meaning,
  lines: Lines,
  partId: string | undefined,
  fits: (c: Called) => boolean,
  isRest: boolean,
): { whose: readonly Called[]; only: readonly Called[] } {
  // Nothing else of its kind is meant; unless the work is at another part.
  const others = grouped.some((c) => c.part === partId && !lines.isGone(c));
  if (named.length > 0 && named.every(lines.isGone) && !(others && named.every((c) => c.part !== partId)))
    return { whose: [], only: nearest(named, partId) };
  const chosen = choose([...new Set([...named, ...grouped])], lines, partId, fits, isRest);
  if (chosen.length === 0) return { whose: [], only: grouped.length > 0 ? nearest(grouped, partId) : [] };
  const plural = all && (kind || named.length !== 1);
  const alike =
    chosen.length > 1 && chosen.every((c) => c.line.amount.written === chosen[0]!.line.amount.written);
  return { whose: plural || alike ? chosen : chosen.slice(0, 1), only: [] };
}

/** "The milk mixture", where the milk of this part is in it: what was made of it, and no milk that is left elsewhere. */
const isMade = (of: readonly Called[], after: string, lines: Lines, partId: string | undefined): boolean =>
  /^\s+mix(?:ture)?\b/i.test(after) && of.some((c) => c.part === partId && lines.isGone(c));

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
      const place = { from: words[i]!.at, to: words[i + n - 1]!.end };
      const { whose, only } = isMade(lines.calledBy(phrase), clause.slice(place.to), lines, partId)
        ? { whose: [], only: nearest(lines.calledBy(phrase), partId) }
        : wanted(meaning, lines, partId, fits, saysRest(before));
      const meant = whose.length > 0 ? whose : only;
      if (meant.length > 0) names.push({ ...place, lineIds: meant.map((c) => c.line.id) });
      const open = [...meaning.named, ...meaning.grouped].filter((c) => !lines.isGone(c));
      const parts = new Set(open.map((c) => c.part));
      for (const called of whose) {
        const earlier = out.find((m) => m.called.line.id === called.line.id);
        // "Half the almonds, then the eggs, then the remaining almonds": all that there is of them.
        if (earlier && earlier.share !== null && shareBefore(before, called) === 'rest') earlier.share = null;
        if (earlier) continue;
        // Of an egg that is parted the yolks go first or the whites, and then the other.
        const parted = /^(?:yolk|white)$/.test(phrase) && called.ingredient?.group === 'egg';
        const half = parted ? (lines.isWhole(called) ? 'some' : 'rest') : null;
        out.push({ called, share: shareBefore(before, called) ?? half, parts });
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
  /** "The remaining flour": of that of which some went before. */
  isRest: boolean,
): readonly Called[] {
  const left = of.filter((c) => !lines.isGone(c));
  for (const some of [left.filter(fits), left]) {
    if (some.length === 0) continue;
    const here = nearest(some, partId);
    const among = here.filter((c) => c.part === here[0]!.part);
    const begun = isRest ? among.filter((c) => !lines.isWhole(c)) : [];
    if (begun.length > 0) return begun;
    const whole = among.filter(lines.isWhole);
    return whole.length > 0 ? whole : among;
  }
  return [];
}
