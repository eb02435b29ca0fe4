import { CLASSES } from '../classes';
import { isBeside, type Part } from '../formula';
import type { Action, ActionKind, ActionShare } from '../method';
import { sideOf, type State } from './act-kinds';
import { mentionsIn, type Lines } from './mentions';
import type { Called } from './phrases';
import { groupIn, KEPT_BACK } from './groups';
import { wordsOf } from './spoken';

const LIQUID: readonly string[] = [
  'water',
  'milk',
  'plant_drink',
  'nut_drink',
  'egg',
  'egg_yolk',
  'egg_white',
  'acid',
];
const FIRM: readonly string[] = ['butter', 'fat_firm'];
const FATS: readonly string[] = [...FIRM, 'oil'];
const FLOURS: readonly string[] = ['flour', 'blend', 'starch', 'nut_flour', 'seed_flour'];
const AS_A_SHEET = /\b(?:sheet|slab|square|block|lock|enclose|between papers|thirds of the dough)\b/i;
/** Two things, and no two sides or tins. */
const BOTH =
  /\bboth\b(?! (?:\w+ )?(?:sides?|trays?|sheets?|racks?|shelves|ends?|hands|tins?|pans?|hal(?:f|ves)|layers?|times|ways)\b)/i;
/** What is known of an act when the lines it takes are looked for. */
export type Asked = {
  /** Its words, without the verb, and with it. */
  t: string;
  clause: string;
  kind: ActionKind;
  partId: string | undefined;
  /** The part it names. */
  named: Part | undefined;
  /** How many lines its words name. */
  direct: number;
};

type Uses = NonNullable<Action['uses']>;
/** An act at work: what it is, and what it has taken so far. */
class Taking {
  readonly uses: Uses = [];
  /** What is soaked or drained comes back: it is still there for what follows. */
  readonly stays: boolean;
  constructor(
    readonly lines: Lines,
    readonly asked: Asked,
  ) {
    this.stays = asked.kind === 'soak' || asked.kind === 'drain';
  }
  take(lineId: string, share: ActionShare | null): void {
    if (this.uses.some((u) => u.lineId === lineId)) return;
    const { lines } = this;
    if (this.stays) this.uses.push({ lineId, share: share ?? 1 });
    else this.uses.push(lines.take(lineId, share ?? (lines.isWhole(lines.of(lineId)!) ? 1 : 'rest')));
  }
}

/** What a tin or a tray is made ready with. */
function takeForTheTin(taking: Taking): void {
  const { lines, asked } = taking;
  if (!/\b(?:oil|butter|grease|greased|smear)\b/i.test(asked.t)) return;
  const release = lines.called.find((c) => c.line.role === 'release' && lines.isWhole(c));
  if (release) taking.take(release.line.id, null);
  else if (asked.kind === 'preheat')
    for (const m of mentionsIn(asked.t, lines, asked.partId, 'any'))
      taking.take(m.called.line.id, m.share ?? 'some');
}

/** Acts on a dough that is made: a word for a line most often means the dough. */
const ON_DOUGH: readonly ActionKind[] = ['proof', 'rest', 'chill', 'divide', 'shape', 'cool'];
/** Those of them that take nothing from afar. */
const NOT_FROM_AFAR: readonly ActionKind[] = ON_DOUGH.filter((k) => k !== 'cool');
/** Acts that mix nothing. */
const NO_MIX: readonly ActionKind[] = ['fill', 'glaze', 'wash', ...ON_DOUGH];

/** Whether a line that a word may mean is taken by such an act. */
function isTaken({ lines, asked, stays }: Taking, called: Called): boolean {
  const { t, kind, partId, direct } = asked;
  if (stays && called.part !== partId) return false;
  if (called.part !== partId && NOT_FROM_AFAR.includes(kind)) return false;
  const meansDough =
    ON_DOUGH.includes(kind) &&
    !/^(?:cover|soak|leave|sour|roll|dip)/i.test(t.trim()) &&
    lines.isWhole(called) &&
    !isBeside(called.line.role) &&
    // Fat that is rolled in goes into the dough while it is shaped.
    !(kind === 'shape' && FIRM.includes(called.ingredient?.group ?? '') && AS_A_SHEET.test(t));
  return !meansDough || (kind === 'rest' && direct > 0);
}

/** "A third of the whites, then the rest": of them, and of nothing else. */
const ONE_PART = /\b(?:third|half|quarter|spoonful|little) of (?:the|it|them)\b.*\bthe rest\b(?! of)/i;
/** What a thing was put into before, in its own row: "instant coffee dissolved in 1 tbsp water". */
const IS_IN = /\b(?:dissolved|slaked|mixed|blended|stirred|bloomed) (?:in|into|with)\b/i;
function takeWhatIsIn(taking: Taking): void {
  for (const { lineId } of [...taking.uses]) {
    const { line } = taking.lines.of(lineId)!;
    if (!IS_IN.test(line.amount.written)) continue;
    for (const c of taking.lines.called)
      if (c.line.amount.written === line.amount.written && taking.lines.isWhole(c))
        taking.take(c.line.id, null);
  }
}
/** What its words name, by itself or as one of a group, but for what is kept back. */
function takeNamed(taking: Taking): void {
  const { lines, asked } = taking;
  const { t, kind, partId } = asked;
  const kept = KEPT_BACK.exec(t);
  const back = new Set(kept ? mentionsIn(kept[1]!, lines, partId, 'any').map((m) => m.called.line.id) : []);
  const mentions = mentionsIn(kept ? t.replace(kept[0], '') : t, lines, partId, sideOf(kind));
  const divided = mentions.find((m) => m.share !== null && m.share !== 1);
  // "With a little of the milk, add the rest": the rest of that.
  if (divided && /\bthe rest\b(?! of)/i.test(t)) divided.share = null;
  // "Press in two thirds, chill the rest": of the dough.
  else if (!(
    ONE_PART.test(t) ||
    (NOT_FROM_AFAR.includes(kind) && /\bthe (?:rest|others?|remainder)\b(?! of)/i.test(t))
  ))
    for (const c of groupIn(t, lines, partId)) if (!back.has(c.line.id)) taking.take(c.line.id, null);
  for (const m of mentions) if (isTaken(taking, m.called)) taking.take(m.called.line.id, m.share);
  takeWhatIsIn(taking);
}

/** The word that a part is called by: the last of its name. */
const calledBy = ({ name }: Part): string | undefined => wordsOf(name).at(-1)?.text;
/** What lays a thing on another, or into it: its object is what is laid, not what it is laid in. */
const LAYS =
  '(?:spread|scatter|strew|sprinkle|pour|spoon|put|lay|drizzle|crumble|dot|tip|pile|press|arrange|top (?:\\p{L}+ )?with|finish with)';
/** "Scatter the topping over", "pour on the drizzle": a part of which nothing was made, as it lies; the case that is filled is no such thing. */
function isLaidOn({ clause, kind, named }: Asked): boolean {
  const word = named && calledBy(named);
  if (kind !== 'fill' || word === undefined) return false;
  if (/\b(?:half|some|most|third|quarter|a little) (?:of )?the\b/i.test(clause)) return false;
  const laid = new RegExp(
    `\\b${LAYS}\\s+(?:over\\s+|on\\s+)?(?:the\\s+|all the\\s+|your\\s+)?(?:\\p{L}+\\s+){0,2}?${word}`,
    'iu',
  );
  return laid.test(clause);
}

/** "Brush over the buns": what is named lies beneath. Of "spoon over the syrup" it is what is laid on. */
function isLaidUnder({ t, named }: Asked): boolean {
  const under = /\b(?:into|onto|over) the\s+((?:\p{L}+\s+){0,2}\p{L}+)/iu.exec(t)?.[1];
  if (under === undefined) return false;
  const word = named && CLASSES[named.classId].family === 'finish' && calledBy(named);
  return !(word && under.toLowerCase().split(/\s+/).includes(word));
}

/** All that is left of a part that is named, where it was not begun. */
function leftOfThePart({ asked, uses }: Taking, fresh: readonly Called[], whole: boolean): readonly Called[] {
  const { kind, direct } = asked;
  if (whole && isLaidOn(asked)) return fresh;
  const mixes = !NO_MIX.includes(kind);
  const puts = kind === 'glaze' || kind === 'wash';
  const isMeant =
    uses.length <= direct && (mixes || puts) && !isLaidUnder(asked) && direct <= (mixes ? 1 : 2);
  return isMeant ? fresh.filter((c) => !isBeside(c.line.role) || puts) : [];
}

/** A verb of mixing, blanked, and no object. */
const BARE_MIX = /^\s*(?:well|together|thoroughly|until smooth|[\s,.;&]|and)*$/i;
/** What is meant by an act that names nothing: all that is rubbed, both of two things, what was left to drain, flour for dusting. */
function takeUnnamed(taking: Taking, s: State): void {
  const { lines, uses, asked } = taking;
  const { t, kind, partId } = asked;
  const untouched = lines.called.filter((x) => x.part === partId && !isBeside(x.line.role));
  // "Repeat until all is used": what the acts before left of their things.
  if (/^\s*repeat\b/i.test(t))
    for (const u of s.last?.uses ?? []) if (u.share !== 1) taking.take(u.lineId, 'rest');
  // "Mix, rest, roll": where nothing was taken yet, all of it.
  if (BARE_MIX.test(t) && kind === 'mix' && uses.length === 0 && untouched.every(lines.isWhole))
    for (const c of untouched) taking.take(c.line.id, null);
  // "Rub the fats in": into what flour there is.
  if (
    kind === 'rub' &&
    uses.length > 0 &&
    uses.every((u) => FATS.includes(lines.of(u.lineId)?.ingredient?.group ?? ''))
  )
    for (const c of untouched)
      if (FLOURS.includes(c.ingredient?.group ?? '') && lines.isWhole(c)) taking.take(c.line.id, null);
  // "Make the pastry: rub, add water": what is rubbed is all of it that is no liquid.
  if (kind === 'rub' && uses.length === 0 && untouched.every(lines.isWhole))
    for (const c of untouched) if (!LIQUID.includes(c.ingredient?.group ?? '')) taking.take(c.line.id, null);
  // "Whip the cream, spread with both": that and the one other thing of its part.
  if (uses.length === 0 && untouched.length === 2 && BOTH.test(t))
    for (const c of untouched.filter(lines.isWhole)) taking.take(c.line.id, null);
  // "Squeeze it in a cloth": what was tossed and left before.
  if (
    kind === 'drain' &&
    uses.length === 0 &&
    !/^\s*strain\b|\bon (?:\w+ )?(?:paper|a rack)\b/i.test(asked.clause)
  )
    for (const u of s.last?.uses ?? []) {
      uses.push({ ...u });
      lines.giveBack(u.lineId);
    }
  if (/\b(?:floured|dusted)\b/i.test(t) && uses.length === 0) {
    const dust =
      lines.called.find((c) => c.line.role === 'dusting' && c.ingredient?.flour && lines.isWhole(c)) ??
      lines.called.find(
        (c) =>
          c.ingredient?.flour &&
          /\b(?:extra|more|plus)\b.*\b(?:dust|board|roll|basket|peel)/i.test(c.line.amount.written),
      );
    if (dust) uses.push(lines.take(dust.line.id, dust.line.role === 'dusting' ? 1 : 'some'));
  }
}

/** The lines that an act takes, and how much of each; what it takes is taken off what is left of them. */
export function usesOf(lines: Lines, s: State, asked: Asked): Uses {
  const { kind, named } = asked;
  if (['bake', 'blind_bake', 'uncover', 'turn', 'score'].includes(kind)) return [];
  if (kind === 'cool' && s.baked) return [];
  const taking = new Taking(lines, asked);
  if (kind === 'prepare' || kind === 'preheat') {
    takeForTheTin(taking);
    return taking.uses;
  }
  const part = named && lines.called.filter((c) => c.part === named.id);
  const fresh = part?.filter((c) => lines.isWhole(c)) ?? [];
  const isBegun = !part || fresh.length < part.length / 2;
  takeNamed(taking);
  if (!isBegun)
    for (const c of leftOfThePart(taking, fresh, fresh.length === part.length)) taking.take(c.line.id, null);
  takeUnnamed(taking, s);
  return taking.uses;
}
