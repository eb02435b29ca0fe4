import { CLASSES, type ClassId, type FamilyId } from '../classes';
import { levelCm, type BakeSetup } from './setup';
import { holdsMl } from './vessel';

/** Why a bake cannot be worked out, or is not to be believed; the interface has the words. */
export const BAKE_FAULTS = [
  'noMass',
  'ovenCold',
  'ovenHot',
  'tinFull',
  'tinSmall',
  'noTin',
  'notThis',
  'start',
  'height',
  'tent',
  'thick',
  'crust',
  'unknown',
] as const;
export type BakeFault = (typeof BAKE_FAULTS)[number];

/** Classes the model does not explain: the stated time stays, and the signs lead. */
const NOT_MODELLED: readonly ClassId[] = [
  'egg_custard',
  'starch_set',
  'uncooked_set',
  'fruit_filling',
  'wash',
  'glaze',
  'choux',
  'pancake',
  'boiled_ring',
  'doughnut',
  'foam_cake',
  'meringue',
  'cracker',
  'crumb',
];
/** Faults that leave nothing to work out. */
export const STOPS: readonly BakeFault[] = [
  'noMass',
  'ovenCold',
  'ovenHot',
  'start',
  'notThis',
  'tinSmall',
  'height',
  'unknown',
];

/** Raw dough or batter, g/mL, and how full of it a tin may be. Common practice, no source. */
const RAW_G_ML = 1.05;
const FULL = 0.8;
/** What hardly rises may fill its tin. */
const STAYS: readonly FamilyId[] = ['flaky', 'cookie', 'custard', 'set'];
/** Higher up, nobody has looked: about 6 000 m, Pa. */
const THIN_AIR_PA = 47_000;
/** Dense dough that stands higher than this is not explained: pores as a share of the volume, cm. */
const DENSE_G_ML = 1;
const THICK_CM = 5;

export function faultsOf(s: BakeSetup): BakeFault[] {
  const faults: BakeFault[] = [];
  const has = (fault: BakeFault, is: boolean): void => {
    if (is) faults.push(fault);
  };
  has('noMass', !(s.massG > 0));
  has('ovenCold', !s.phases.every((p) => p.ovenC >= 80));
  has('ovenHot', !s.phases.every((p) => p.ovenC <= 320));
  has('start', !(s.startC >= -30 && s.startC <= 60));
  has('height', !(s.pressurePa >= THIN_AIR_PA));
  has('notThis', NOT_MODELLED.includes(s.classId));
  has('noTin', s.vessel.kind === 'free' && CLASSES[s.classId].family === 'batter');
  if (faults.some((f) => STOPS.includes(f))) return faults;
  if (s.vessel.wallCm > 0) {
    // Raw dough, before it is airy, must fit with room to rise.
    const share = s.massG / Math.max(s.density, RAW_G_ML) / s.vessel.count / holdsMl(s.vessel);
    if (share > 1) faults.push('tinSmall');
    else if (share > FULL && !STAYS.includes(CLASSES[s.classId].family)) faults.push('tinFull');
  }
  has(
    'tent',
    s.phases.some((p) => p.cover === 'tent'),
  );
  has('thick', s.density > DENSE_G_ML && levelCm(s) > THICK_CM);
  return faults;
}
