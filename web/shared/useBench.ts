import { useMemo } from 'react';
import { benchOrder, replay } from '../../core/bench';
import type { Formula } from '../../core/formula';
import type { Lookup } from '../../core/ingredients';
import { holdBackOf, linesSpokenOf, sized, takesOf } from '../../core/rebalance';
import { useVersionQuery } from '../api/api';
import { usePantry } from '../pantry/usePantry';
import { useRun } from './useRun';

/** A version and the one it was made from, each of the size that is baked. */
function sizedBoth(
  doc: Formula,
  source: Formula | undefined,
  batches: number,
  lookup: Lookup,
): [Formula, Formula] {
  const of = (f: Formula): Formula => sized(f, { by: 'batch', times: batches }, lookup)?.formula ?? f;
  return [of(doc), of(source ?? doc)];
}

/** A run with the version it is of, in the order in which that is weighed, as it stands; `coarseG`: of a scale that is coarser than was said. */
export function useBench(runId: string, coarseG = 0) {
  const live = useRun(runId);
  const { run, events } = live;
  const { data: version } = useVersionQuery(run?.versionId ?? '', { skip: !run });
  const { data: source } = useVersionQuery(version?.targetId ?? '', { skip: !version?.targetId });
  const { pantry, ready } = usePantry();
  const lookup = pantry.exact;
  const stepG = Math.max(run?.scaleStepG ?? 1, coarseG);
  const batches = run?.batches ?? 1;
  const made = useMemo(() => {
    if (!version || !ready || (version.targetId && !source)) return null;
    const [formula, written] = sizedBoth(version.doc, source?.doc, batches, lookup);
    const back = holdBackOf(formula, written, lookup);
    const order = benchOrder({
      formula,
      takes: takesOf(written, formula, lookup),
      spoken: linesSpokenOf(written, formula, lookup),
      lookup,
      scaleStepG: stepG,
      keepBack: back.lineId ? { lineId: back.lineId, massG: back.massG } : null,
    });
    return { formula, order };
  }, [batches, version, source, ready, lookup, stepG]);
  const state = useMemo(() => made && replay(made.order, events), [made, events]);
  return { ...live, version, pantry, stepG, made, state };
}
