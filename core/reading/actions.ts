import type { Formula } from '../formula';
import type { Lookup } from '../ingredients';
import { withHow } from './hows';
import { Linker } from './linker';

/**
 * The method of a formula, linked: each step with the acts its words tell of, the lines they take, for how long, how hot,
 * under what and where. What a step does not say of its own is taken from what was before, and marked as ours.
 */
export function linkMethod(formula: Formula, lookup: Lookup): Formula {
  const before = LINKED.get(formula);
  if (before?.lookup === lookup) return before.linked;
  const linked = withHow(link(formula, lookup), lookup);
  LINKED.set(formula, { lookup, linked });
  return linked;
}
/** Formulas are not changed once they are made, so that what one was linked to holds as long as it is there. */
const LINKED = new WeakMap<Formula, { lookup: Lookup; linked: Formula }>();

function link(formula: Formula, lookup: Lookup): Formula {
  const linker = new Linker(formula, lookup);
  const linked = { ...formula, method: formula.method.map((step) => linker.step(step)) };
  return isOvernight(linked) ? { ...linked, overnight: true } : linked;
}

/** A formula whose method is linked: as it is where that was done, linked now where it comes from before there were links. */
export const linkedOnce = (formula: Formula, lookup: Lookup): Formula =>
  formula.method.some((s) => s.actions) ? formula : linkMethod(formula, lookup);

/** Whether a bake has to be begun the day before. */
const isOvernight = (formula: Formula): boolean =>
  formula.method.some((s) => s.actions?.some((a) => a.overnight)) ||
  formula.parts.some((p) =>
    p.lines.some((l) => /\bovernight\b|\bthe (?:night|day) before\b/i.test(l.amount.written)),
  );
