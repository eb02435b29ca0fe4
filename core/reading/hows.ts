import type { How } from '../classes';
import type { Formula, Line } from '../formula';
import { EGG_GROUPS, idOf, type Lookup } from '../ingredients';
import type { Action } from '../method';

/** What is beaten until it holds air. */
const TO_A_FOAM =
  /\b(?:froth|foam|stiff|peaks?|pale|ribbon|fluffy|airy|tripled?|doubled? in|mousse|thick and|light and)/i;
/** "Until thick", of eggs alone. */
const THICK = /\bthick(?:ened|ens)?\b/i;
/** What is whipped as it is: cream, whites, whole eggs. */
const WHIPPED = /\bwhip\b/i;
const WHIPS = ['cream', 'plant_cream', ...EGG_GROUPS];
/** Eggs worked into what was creamed: beaten in, or a little at a time, which is done with no other thing. */
const BEATEN =
  /\b(?:beat|whisk|whip|cream)|\b(?:a little at a time|(?:one|1) (?:by|at a) (?:one|time)|gradually)\b/i;
/** Flour and firm fat cut small together by a machine. */
const CUT_IN = /\b(?:blitz|pulse|whizz|process)/i;
/** Something hot goes over chocolate, which melts in it. */
const OVER_CHOCOLATE = /\b(?:over|on to|onto|into)\b[^.;,]*\bchocolate\b/i;
/** How a row says that its fat goes in, where no step does. */
const ROW: [RegExp, How][] = [
  [/\bmelted\b/i, 'melted'],
  [/\b(?:stiffly )?whipped\b|\bwhisked stiff\b/i, 'whipped'],
];

const FATS = ['butter', 'fat_firm'];
const FLOURS = ['flour', 'blend', 'starch', 'nut_flour'];
const SWEET = ['sugar', 'syrup'];
/** Fat as a sheet that is folded into a dough, in whatever kind of bake. */
const ROLLED_IN =
  /\b(?:butter|fat|block|margarine)\b[^.;]*\b(?:into a (?:sheet|slab|square|block)|between papers)\b|\b(?:lock|enclose|roll) (?:in )?the (?:butter|fat|block)\b|\b(?:butter|fat|block)\b[^.;]*\bover (?:two thirds|half) of the dough\b/i;

/** Of several things done with a line, the one that tells most. */
const TELLS: readonly How[] = ['whipped', 'layered', 'rubbed', 'creamed', 'cooked', 'melted', 'mixed'];

/** What was done in a part before an act, and what the act takes. */
type Before = {
  creamed: boolean;
  /** Something was beaten to a foam by the act before. */
  foam: boolean;
  flaky: boolean;
  /** Groups of all that the act takes. */
  with: readonly string[];
};

/** How an act treats a line; null where it only makes it ready, or says nothing of it. */
function howIn(act: Action, group: string, before: Before): How | null {
  const t = act.text;
  const { creamed, flaky } = before;
  switch (act.kind) {
    case 'cream':
      return 'creamed';
    case 'rub':
      return flaky && FATS.includes(group) ? 'layered' : 'rubbed';
    case 'melt':
      return 'melted';
    case 'cook':
    case 'boil':
      return 'cooked';
    case 'gel':
      return 'mixed';
    case 'whisk':
      if (TO_A_FOAM.test(`${t} ${act.until ?? ''}`)) return 'whipped';
      if (EGG_GROUPS.includes(group) && THICK.test(`${t} ${act.until ?? ''}`)) return 'whipped';
      if (WHIPPED.test(t) && WHIPS.includes(group)) return 'whipped';
      return creamed && EGG_GROUPS.includes(group) ? 'creamed' : 'mixed';
    case 'fold':
    case 'mix':
    case 'knead':
    case 'shape':
      if (FATS.includes(group) && (flaky || ROLLED_IN.test(t))) return 'layered';
      if (FATS.includes(group) && CUT_IN.test(t) && before.with.some((g) => FLOURS.includes(g)))
        return 'rubbed';
      if (SWEET.includes(group) && before.foam && act.kind === 'mix') return 'whipped';
      return creamed && EGG_GROUPS.includes(group) && BEATEN.test(t) ? 'creamed' : 'mixed';
    case 'fill':
      return group === 'chocolate' && OVER_CHOCOLATE.test(t) ? 'melted' : null;
    default:
      return null;
  }
}

/** The words of a row that are of this line, where "soft, plus 20 g melted" made two lines of it. */
function wordsOf(line: Line, of: readonly Line[]): string {
  const { written } = line.amount;
  const id = idOf(line.item);
  const same = of.filter((l) => l.amount.written === written && idOf(l.item) === id);
  const pieces = written.split(/\bplus\b|\+/i);
  return same.length === pieces.length && same.length > 1 ? pieces[same.indexOf(line)]! : written;
}

/**
 * The linked formula with how each thing goes in: whipped, creamed, rubbed in, rolled in, melted, cooked, or no more than mixed.
 * Where neither the method nor the row says it, it stays open, and the kind of bake decides what the thing does.
 */
export function withHow(formula: Formula, lookup: Lookup): Formula {
  const found = new Map<string, Set<How>>();
  const tell = (lineId: string, how: How): void =>
    void found.set(lineId, (found.get(lineId) ?? new Set()).add(how));
  for (const part of formula.parts) {
    const groups = new Map(part.lines.map((l) => [l.id, lookup(l.item)?.group ?? '']));
    const groupOf = (lineId: string): string => groups.get(lineId) ?? '';
    const before: Before = { creamed: false, foam: false, flaky: part.classId === 'flaky', with: [] };
    /** Firm fats an act has taken, and none has mixed with anything yet. */
    let fats: string[] = [];
    for (const step of formula.method)
      for (const act of step.actions ?? []) {
        if (act.partId !== part.id) continue;
        const uses = (act.uses ?? []).filter((u) => groups.has(u.lineId));
        before.with = uses.map((u) => groupOf(u.lineId));
        let foam = false;
        for (const { lineId } of uses) {
          const how = howIn(act, groupOf(lineId), before);
          if (how) tell(lineId, how);
          foam ||= how === 'whipped';
        }
        const taken = uses.filter((u) => FATS.includes(groupOf(u.lineId))).map((u) => u.lineId);
        if (act.kind === 'cream') {
          // "Brown the butter. Cream with the sugar": what is creamed is what was made ready.
          if (taken.length === 0) for (const id of fats) tell(id, 'creamed');
          before.creamed = true;
        }
        if (act.kind === 'melt') fats = taken;
        else if (uses.length > 0) fats = [];
        if (uses.length > 0) before.foam = foam;
      }
  }
  const told = (line: Line, of: readonly Line[]): How | undefined => {
    const said = ROW.find(([is]) => is.test(wordsOf(line, of)))?.[1];
    const all = new Set(found.get(line.id));
    if (said) all.add(said);
    return TELLS.find((h) => all.has(h));
  };
  return {
    ...formula,
    parts: formula.parts.map((p) => ({
      ...p,
      lines: p.lines.map((l) => {
        const how = told(l, p.lines);
        const { how: _was, ...rest } = l;
        return how ? { ...rest, how } : rest;
      }),
    })),
  };
}
