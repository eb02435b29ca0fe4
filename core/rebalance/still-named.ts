import { msg, type StepMsg } from '../explain';
import type { Formula } from '../formula';
import type { Lookup } from '../ingredients';
import type { Step } from '../method';
import { besideTheList } from '../suits';

/**
 * The method of an adapted formula with a note where a step still calls by name what has to go and the list did not have, so that
 * nothing came in its place. Of the answers that are shown: the method is read through for it.
 */
export function withStillNamed(formula: Formula, lookup: Lookup): Step[] {
  const beside = besideTheList(formula, formula.avoids, lookup);
  return formula.method.map((step) => {
    const notes: StepMsg[] = beside
      .filter((b) => b.stepId === step.id && b.contains.length > 0)
      .flatMap(({ text, contains }) => contains.map((avoid) => msg('step.stillNamed', { text, avoid })));
    return notes.length > 0 ? { ...step, notes: [...step.notes, ...notes] } : step;
  });
}
