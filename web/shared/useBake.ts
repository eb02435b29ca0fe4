import { useMemo } from 'react';
import type { BakePlan, DraftDoc, KitchenOven } from '../../contract/dto';
import { doorsAt, paceOf, setupOf, type BakeSetup, type Compared, type Pace } from '../../core/bake';
import { openForBake, type Formula, type Line, type StatedBake } from '../../core/formula';
import { altitudeAdvice } from '../../core/leavening';
import { useKitchen } from './useKitchen';
import { usePantry } from '../pantry/usePantry';
import { useCompute } from './useCompute';

const NOTHING: BakePlan = {};
/** Cells each way of the first answer and of the one that is kept. */
const COARSE = 6;
const FINE = 12;
/** A slider that moves shows the coarse answer; the fine one comes when it rests, ms. */
const RESTS_MS = 250;
/** Where no time is stated the door is opened as in a bake of this long, min. */
const USUAL_MIN = 40;

export type Bake = {
  plan: BakePlan;
  /** Null where no oven is stated, or nothing has grams. */
  source: BakeSetup | null;
  adapted: BakeSetup | null;
  stated: readonly [number, number] | null;
  compared: Compared | null;
  working: boolean;
  pressurePa: number;
  /** The oven one bakes in, as the kitchen has it. */
  oven: KitchenOven | null;
  pace: Pace | null;
  /** Lines that are not known and on which the time rests: without them nothing is worked out. */
  open: Line[];
};

/** The bake a plan asks for, on what the formula states. */
const plannedBake = (stated: StatedBake | undefined, { phases }: BakePlan): StatedBake | undefined =>
  phases
    ? { ovenC: phases[0]!.ovenC, fan: phases[0]!.fan, minutes: stated?.minutes ?? null, phases }
    : stated;

/**
 * The bake of a formula beside that of the desk's source, with what is planned at the oven; worked out in the worker.
 * `asLarge`: the formula is already as large as it is to be baked.
 */
export function useBake(doc: DraftDoc, formula: Formula | null, { asLarge = false } = {}): Bake {
  const { pantry } = usePantry();
  const kitchen = useKitchen();
  const plan = doc.request.bake ?? NOTHING;
  const pressurePa = altitudeAdvice(kitchen.altitudeM ?? 0)!.pressurePa;
  const stated = doc.source.bake?.minutes ?? null;
  const { pieces, form, massG } = plan;
  const pieced = useMemo(() => ({ pressurePa, ...(pieces ? { pieces } : {}) }), [pieces, pressurePa]);
  const source = useMemo(() => setupOf(doc.source, pantry.lookup, pieced), [doc.source, pantry, pieced]);
  const adapted = useMemo(() => {
    if (!formula) return null;
    const bake = plannedBake(doc.source.bake, plan);
    const tin = plan.tin ?? formula.tin;
    const base = setupOf({ ...formula, ...(bake ? { bake } : {}), ...(tin ? { tin } : {}) }, pantry.lookup, {
      ...pieced,
      ...(form ? { form } : {}),
      ...(massG && !asLarge ? { massG } : {}),
    });
    if (!base) return null;
    const whole = stated ? (stated[0] + stated[1]) / 2 : USUAL_MIN;
    return {
      ...base,
      metal: plan.metal ?? base.metal,
      hot: plan.hot ?? base.hot,
      startC: plan.startC ?? base.startC,
      doors: doorsAt(plan.doors ?? 0, whole),
    };
  }, [formula, doc.source.bake, plan, pantry, pieced, form, massG, asLarge, stated]);
  const from = source ?? adapted;
  const classId = from?.classId;
  const pace = useMemo(
    () => (classId ? paceOf(kitchen.timed ?? [], classId, kitchen.ovenId) : null),
    [kitchen.timed, kitchen.ovenId, classId],
  );
  const open = useMemo(
    () => openForBake(formula ?? doc.source, pantry.lookup),
    [formula, doc.source, pantry],
  );
  const ask = (cells: number, quick: boolean) =>
    from && adapted && open.length === 0
      ? { source: from, adapted, stated, cells, quick, ...(pace ? { pace } : {}) }
      : null;
  const coarse = useCompute('bake', ask(COARSE, true));
  const fine = useCompute('bake', ask(FINE, false), RESTS_MS);
  const ovens = kitchen.ovens ?? [];
  return {
    plan,
    source: from,
    adapted,
    stated,
    compared: !fine.working && fine.output ? fine.output : coarse.output,
    working: coarse.working,
    pressurePa,
    open,
    oven: ovens.find((o) => o.id === kitchen.ovenId) ?? ovens[0] ?? null,
    pace,
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
  const { phases } = adapted;
  const [first] = phases;
  const plain = phases.length === 1 && first!.cover === 'none' && first!.heat === 'even' && !first!.steam;
  return {
    bake: { ovenC: first!.ovenC, fan: first!.fan, minutes, ...(plain ? {} : { phases }) },
    ...(tin ? { tin } : {}),
  };
}
