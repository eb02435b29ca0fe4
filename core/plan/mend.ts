import { bakeOf, donenessOfBake, displayedVariant, faultsOf, paceOf, setupOf } from '../bake';
import { mainPart, type Formula } from '../formula';
import type { Lookup } from '../ingredients';
import { isYeasted, PLACES, plannedRise, slownessOf, USUAL_PLAN } from '../leavening';
import { SEA_LEVEL_PA } from '../units';
import type { OwnTimes, Row } from './row';

/** A proof shorter or longer than this is none that is planned with, min. */
const PROOF_MIN: readonly [number, number] = [20, 480];
const LONG_H = 12;
/** The last rise of which no time was written takes what the yeast clock says of the dough, where it can say so. */
export function mendProof(row: Row, formula: Formula, lookup: Lookup, { risen = [] }: OwnTimes): void {
  const proof = row.tasks.findLast((t) => t.kind === 'proof');
  const part = formula.parts.find((p) => isYeasted(p, lookup));
  if (!proof || !part || proof.basis !== 'usual') return;
  const tempC = proof.place === 'warm' ? PLACES.light.tempC : PLACES.room.tempC;
  const plan = { ...USUAL_PLAN, places: [{ hours: LONG_H, tempC }] };
  const slow = slownessOf(risen, 'yeast');
  const rise = plannedRise(part, lookup, 'usual', plan, SEA_LEVEL_PA, slow.factor);
  const [least, most] = PROOF_MIN;
  if (!rise?.early || !rise.late || rise.early < least || rise.late > most) return;
  proof.minutes = [Math.round(rise.early), Math.round(rise.late)];
  proof.basis = 'yeast';
  if (slow.from > 0) proof.learnt = slow.from;
}

/**
 * How far the model's own time may be off, as shares of it: against the stated times of bakes made up for the demo it is from a
 * third short to a half long, the ring apart.
 */
const MODEL_OFF = [0.7, 1.4] as const;
const MODEL_CELLS = 4;
/** A bake whose heat is known and time is not, as the bake model has it; null where the model has no say. */
function modelledMin(formula: Formula, lookup: Lookup): [number, number] | null {
  const setup = setupOf(formula, lookup);
  if (!setup || faultsOf(setup).length > 0) return null;
  const min = bakeOf(setup, displayedVariant(setup.classId), MODEL_CELLS).doneMin;
  return min === null ? null : [Math.round(MODEL_OFF[0] * min), Math.round(MODEL_OFF[1] * min)];
}

/** Bakes of which no time was written take that of the formula; after the last one it cools as its kind has to. */
export function mendBakes(
  row: Row,
  formula: Formula,
  lookup: Lookup,
  { timed = [], ovenId }: OwnTimes,
): void {
  const { tasks } = row;
  const bakes = tasks.filter((t) => t.kind === 'bake');
  const said = formula.bake?.minutes;
  if (bakes.length === 1 && said) {
    bakes[0]!.minutes = [...said];
    bakes[0]!.basis = 'written';
  }
  const [only] = bakes;
  const modelled = bakes.length === 1 && only!.basis === 'usual' ? modelledMin(formula, lookup) : null;
  if (modelled) {
    only!.minutes = modelled;
    only!.basis = 'model';
  }
  for (const b of bakes) if (b.basis === 'usual') b.basis = 'guess';
  const main = mainPart(formula.parts);
  const pace = main && paceOf(timed, main.classId, ovenId);
  for (const b of bakes)
    if (pace && pace.bakes > 0 && b.basis !== 'guess') {
      b.minutes = [Math.round(b.minutes[0] * pace.factor), Math.round(b.minutes[1] * pace.factor)];
      b.learnt = pace.bakes;
    }
  const last = bakes.at(-1);
  if (!last) return;
  const minutes = donenessOfBake(formula.parts, lookup).coolMin;
  const after = tasks.slice(tasks.indexOf(last) + 1).find((t) => t.kind === 'cool');
  if (!after)
    row.put({ kind: 'cool', minutes: [...minutes], basis: 'usual', stretches: true, handsFirst: 1 });
  else if (after.basis === 'usual') after.minutes = [...minutes];
}
