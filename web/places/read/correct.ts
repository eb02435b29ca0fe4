import { refTo, type Ingredient } from '../../../core/ingredients';
import { reweigh } from '../../../core/reading';
import type { Measures } from '../../../core/units';
import type { Formula } from '../../../core/formula';
import type { Correction } from '../../working/workingSlice';
import type { Change } from './ReadLines';

/**
 * A correction as the working copy takes it. Where a line is said to be another thing, its cups and pieces are
 * weighed as that thing, unless the baker gave grams.
 */
export function correctionOf(
  source: Formula,
  lineId: string,
  change: Change,
  byId: (id: string) => Ingredient | null,
  measures: Measures,
): Correction {
  const line = source.parts.flatMap((p) => p.lines).find((l) => l.id === lineId);
  const ingredient = change.ingredientId === undefined ? null : byId(change.ingredientId);
  const byHand = line?.amount.massG?.basis === 'user' && !line.amount.reading.some((r) => r.step === 'mass');
  return {
    lineId,
    ...(ingredient ? { item: refTo(ingredient) } : {}),
    ...(ingredient && line && line.amount.written !== '' && !byHand
      ? { amount: reweigh(line.amount.written, ingredient, measures) }
      : {}),
    ...(change.massG === undefined ? {} : { massG: change.massG }),
  };
}
