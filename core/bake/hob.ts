import type { Formula } from '../formula';
import type { Action, Step } from '../method';

/** Acts that tell of an oven. */
const IN_OVEN: readonly Action['kind'][] = ['bake', 'blind_bake'];

/**
 * The steps in which a formula is cooked on the hob, where it sees no oven: flatbreads in a dry pan, pancakes. Each has an act that
 * cooks or turns there, with minutes or a sign of its own. None where an oven is stated or the method tells of one, and none where the
 * hob only warms something on the way: then there is more to do after it than to keep warm.
 */
export function hobStepsOf(formula: Pick<Formula, 'method' | 'bake'>): Step[] {
  const acts = formula.method.flatMap((s) => s.actions ?? []);
  if (formula.bake || acts.some((a) => IN_OVEN.includes(a.kind))) return [];
  const cooks = (a: Action): boolean =>
    (a.kind === 'cook' || a.kind === 'turn') && a.place === 'hob' && Boolean(a.minutes ?? a.until);
  const steps = formula.method.filter((s) => s.actions?.some(cooks));
  const last = formula.method.findLastIndex((s) => s.actions?.some(cooks));
  const more = formula.method.slice(last + 1).flatMap((s) => s.actions ?? []);
  return more.some((a) => ['chill', 'mix', 'whisk', 'fold', 'knead', 'proof'].includes(a.kind)) ? [] : steps;
}
