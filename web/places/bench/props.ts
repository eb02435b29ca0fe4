import type { BenchOrder, BenchState } from '../../../core/bench';
import type { Formula } from '../../../core/formula';
import type { Pantry } from '../../../core/pantry';
import type { useRun } from '../../shared/useRun';

/** What every part of the bench stands on: the version in its order, how far it is, and how to say what happens. */
export type BenchProps = {
  formula: Formula;
  order: BenchOrder;
  state: BenchState;
  pantry: Pantry;
  stepG: number;
  tell: ReturnType<typeof useRun>['tell'];
};
