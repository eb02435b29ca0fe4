import { useMemo } from 'react';
import { DEFAULT_KITCHEN, type BakePlan, type DraftDoc } from '../../../contract/dto';
import { setupOf, vesselOf, type BakeSetup, type Compared } from '../../../core/bake';
import type { Formula } from '../../../core/formula';
import { altitudeAdvice } from '../../../core/leavening';
import { useKitchenQuery } from '../../api/api';
import { usePantry } from '../../pantry/usePantry';
import { useCompute } from '../../workers/useCompute';

const NOTHING: BakePlan = {};
const COARSE = 6;
const FINE = 12;
/** A slider that moves shows the coarse answer; the fine one comes when it rests, ms. */
const RESTS_MS = 250;

export type Bake = {
  plan: BakePlan;
  /** Null where no oven is stated, or nothing has grams. */
  source: BakeSetup | null;
  adapted: BakeSetup | null;
  stated: readonly [number, number] | null;
  compared: Compared | null;
  working: boolean;
  pressurePa: number;
};

/** What of a set-up a plan changes. */
function withPlan(plan: BakePlan): Partial<BakeSetup> {
  return {
    ...(plan.ovenC === undefined ? {} : { ovenC: plan.ovenC }),
    ...(plan.fan === undefined ? {} : { fan: plan.fan }),
    ...(plan.metal ? { metal: plan.metal } : {}),
    ...(plan.startC === undefined ? {} : { startC: plan.startC }),
    ...(plan.coveredMin === undefined ? {} : { coveredMin: Math.max(0, plan.coveredMin) }),
    ...(plan.tin ? { vessel: vesselOf(plan.tin) } : {}),
  };
}

/** The bake of a formula beside that of the desk's source, with what is planned at the oven; worked out in the worker. */
export function useBake(doc: DraftDoc, formula: Formula | null): Bake {
  const { pantry } = usePantry();
  const { data: kitchen = DEFAULT_KITCHEN } = useKitchenQuery();
  const plan = doc.request.bake ?? NOTHING;
  const pressurePa = altitudeAdvice(kitchen.altitudeM ?? 0)!.pressurePa;
  const pieces = useMemo(() => (plan.pieces ? { pieces: plan.pieces } : {}), [plan.pieces]);
  const source = useMemo(
    () => setupOf(doc.source, pantry.lookup, { pressurePa, ...pieces }),
    [doc.source, pantry, pressurePa, pieces],
  );
  const adapted = useMemo(() => {
    if (!formula) return null;
    const ovenC = doc.source.bake?.ovenC ?? plan.ovenC ?? null;
    const bake = { minutes: null, fan: false, ...doc.source.bake, ovenC };
    const base = setupOf({ ...formula, bake }, pantry.lookup, { pressurePa, ...pieces });
    return base && { ...base, ...withPlan(plan) };
  }, [formula, doc.source.bake, plan, pantry, pressurePa, pieces]);
  const stated = doc.source.bake?.minutes ?? null;
  const from = source ?? adapted;
  const ask = (cells: number) => (from && adapted ? { source: from, adapted, stated, cells } : null);
  const coarse = useCompute('bake', ask(COARSE));
  const fine = useCompute('bake', ask(FINE), RESTS_MS);
  return {
    plan,
    source: from,
    adapted,
    stated,
    compared: !fine.working && fine.output ? fine.output : coarse.output,
    working: coarse.working,
    pressurePa,
  };
}

/** What a kept version says of its bake: oven, time and tin as they now are; the stated time where none can be given. */
export function keptBake(
  formula: Formula,
  { plan, adapted, stated, compared }: Bake,
): Pick<Formula, 'bake' | 'tin'> {
  const tin = plan.tin ?? formula.tin;
  const { bake } = formula;
  if (!adapted) return { ...(bake ? { bake } : {}), ...(tin ? { tin } : {}) };
  const time = compared?.minutes;
  const minutes: [number, number] | null = time
    ? [Math.round(time.from), Math.round(time.to)]
    : stated && [stated[0], stated[1]];
  return { bake: { ovenC: adapted.ovenC, fan: adapted.fan, minutes }, ...(tin ? { tin } : {}) };
}
