import { useMemo } from 'react';
import { type Formula } from '../../core/formula';
import { suitabilityOf, type Suitability } from '../../core/suits';
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
