import type { How } from '../classes';
import type { Formula, Line } from '../formula';
import { EGG_GROUPS, type Lookup } from '../ingredients';
import type { Action } from '../method';

/** What is beaten until it holds air. */
const TO_A_FOAM =
  /\b(?:froth|foam|stiff|peaks?|pale|ribbon|fluffy|airy|tripled?|doubled? in|mousse|thick and|light and)/i;
const BEATEN = /\b(?:beat|whisk|whip|cream)/i;
/** How a row says that its fat goes in, where no step does. */
const ROW: [RegExp, How][] = [
  [/\bmelted\b/i, 'melted'],
  [/\b(?:stiffly )?whipped\b|\bwhisked stiff\b/i, 'whipped'],
];

const FATS = ['butter', 'fat_firm'];
/** Fat as a sheet that is folded into a dough, in whatever kind of bake. */
const ROLLED_IN =
  /\b(?:butter|fat|block|margarine)\b[^.;]*\b(?:into a (?:sheet|slab|square|block)|between papers)\b|\b(?:lock|enclose|roll) (?:in )?the (?:butter|fat|block)\b|\b(?:butter|fat|block)\b[^.;]*\bover (?:two thirds|half) of the dough\b/i;

/** Of several things done with a line, the one that tells most. */
const TELLS: readonly How[] = ['whipped', 'layered', 'rubbed', 'creamed', 'cooked', 'melted', 'mixed'];

/** How an act treats a line; null where it only makes it ready, or says nothing of it. */
function howIn(act: Action, group: string, creamedBefore: boolean, flaky: boolean): How | null {
  const t = act.text;
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
    case 'whisk':
      if (TO_A_FOAM.test(`${t} ${act.until ?? ''}`)) return 'whipped';
      return creamedBefore && EGG_GROUPS.includes(group) ? 'creamed' : 'mixed';
    case 'fold':
    case 'mix':
    case 'knead':
    case 'shape':
      if (FATS.includes(group) && (flaky || ROLLED_IN.test(t))) return 'layered';
      return creamedBefore && EGG_GROUPS.includes(group) && BEATEN.test(t) ? 'creamed' : 'mixed';
    default:
      return null;
  }
}

/**
 * The linked formula with how each thing goes in: whipped, creamed, rubbed in, rolled in, melted, cooked, or no more than mixed.
 * Where neither the method nor the row says it, it stays open, and the kind of bake decides what the thing does.
 */
export function withHow(formula: Formula, lookup: Lookup): Formula {
  const found = new Map<string, Set<How>>();
  for (const part of formula.parts) {
    let creamed = false;
    for (const step of formula.method)
      for (const act of step.actions ?? []) {
        if (act.partId !== part.id) continue;
        for (const { lineId } of act.uses ?? []) {
          const line = part.lines.find((l) => l.id === lineId);
          const how = line && howIn(act, lookup(line.item)?.group ?? '', creamed, part.classId === 'flaky');
          if (how) found.set(lineId, (found.get(lineId) ?? new Set()).add(how));
        }
        if (act.kind === 'cream') creamed = true;
      }
  }
  const told = (line: Line): How | undefined => {
    const said = ROW.find(([is]) => is.test(line.amount.written))?.[1];
    const all = found.get(line.id) ?? new Set<How>();
    if (said) all.add(said);
    return TELLS.find((h) => all.has(h));
  };
  return {
    ...formula,
    parts: formula.parts.map((p) => ({
      ...p,
      lines: p.lines.map((l) => {
        const how = told(l);
        const { how: _was, ...rest } = l;
        return how ? { ...rest, how } : rest;
      }),
    })),
  };
}
