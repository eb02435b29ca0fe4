import { useMemo } from 'react';
import { suitabilityOf, type Formula, type Suitability } from '../../core/formula';
import type { AvoidId } from '../../core/ingredients';
import { withOwnWords } from '../../core/pantry';
import { usePantry } from './usePantry';

const NONE: string[] = [];

/** What can be said of a formula against avoidances and words of the baker's own, by the pantry as it is. */
export function useSuits(
  formula: Formula,
  avoids: readonly AvoidId[],
  words: readonly string[] = NONE,
): Suitability {
  const { pantry } = usePantry();
  return useMemo(
    () => suitabilityOf(formula, avoids, withOwnWords(pantry.lookup, words)),
    [formula, avoids, words, pantry],
  );
}
