import { refTo, type Ingredient } from '../../../core/ingredients';
import { guessAgain, reweigh } from '../../../core/reading';
import type { Measures } from '../../../core/units';
import type { Formula } from '../../../core/formula';
import { useCallback } from 'react';
import { useKitchen } from '../useKitchen';
import { useRemember } from '../useRemember';
import { useAppDispatch } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { correctLine, type Correction } from '../../working/correctLine';
import { workingCopy } from '../../working/workingSlice';
import type { Change, OnCorrect } from './ReadLines';

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
    ...(change.wetG === undefined ? {} : { wetG: change.wetG }),
  };
}

/** Corrects a line of the working copy, wherever on the desk it is asked about. */
export function useCorrect(source: Formula): OnCorrect {
  const dispatch = useAppDispatch();
  const { pantry } = usePantry();
  const kitchen = useKitchen();
  const remember = useRemember();
  return useCallback<OnCorrect>(
    (lineId, change) => {
      const mended = correctionOf(source, lineId, change, pantry.byId, kitchen);
      // What a line turns out to be may tell what kind of bake it is.
      const kinds = guessAgain(correctLine(source, mended), pantry.lookup).parts.flatMap(
        ({ id, classId, guess }) => (guess ? [{ id, classId, guess }] : []),
      );
      dispatch(workingCopy.lineCorrected(kinds.length > 0 ? { ...mended, kinds } : mended));
      const item = source.parts.flatMap((p) => p.lines).find((l) => l.id === lineId)?.item;
      if (item?.kind === 'unknown' && change.ingredientId) remember([[item.text, change.ingredientId]]);
    },
    [dispatch, source, pantry, kitchen, remember],
  );
}
