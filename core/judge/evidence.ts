import { donenessOfBake, setupOf, coolingOf } from '../bake';
import { CLASSES } from '../classes';
import {
  doughLines,
  mainPart,
  massOf,
  profileOf,
  type Formula,
  type Line,
  type Part,
  type Profile,
} from '../formula';
import type { Ingredient, Lookup } from '../ingredients';
import { liftOf } from '../leavening';
import { dosesOf } from '../rebalance';
import type { Actual } from './trial';

/** What may be known of a bake that speaks for a cause or against it. */
export const EVIDENCE_IDS = [
  'core_short',
  'cut_early',
  'wetter',
  'drier',
  'wet_by_feel',
  'psyllium_high',
  'psyllium_low',
  'binder_none',
  'binder_less',
  'starch_high',
  'protein_low',
  'gas_high',
  'gas_low',
  'soda_left',
  'sour',
  'seed_and_soda',
  'fat_soft',
  'kitchen_warm',
  'kitchen_cold',
  'rise_long',
  'rise_short',
  'over_doubled',
  'under_doubled',
  'door_early',
  'rested',
  'coarse_rice',
  'heavy',
  'milk_or_egg',
  'sugar_low',
  'fat_low',
  'blind_baked',
  'wet_filling',
  'baked_short',
  'yeasted',
] as const;
export type EvidenceId = (typeof EVIDENCE_IDS)[number];
/** Whether it is so, with the figure behind it and what it is held against, where there are any. */
export type Evidence = { id: EvidenceId; holds: boolean; value?: number; against?: number };

export type Circumstances = {
  /** The version that was baked, and the one it was made from, where it was made from any. */
  baked: Formula;
  written: Formula | null;
  actual: Actual;
  lookup: Lookup;
};

/** So far a figure may be off before it says anything. Common practice, no source. */
const NOTICED = {
  coreC: 3,
  cool: 0.75,
  wet: 0.04,
  feel: 0.04,
  bind: 0.8,
  starch: 0.6,
  protein: 5.5,
  time: 0.15,
  grewMore: 1.15,
  grewLess: 0.6,
  doorShare: 0.6,
  warmC: 26,
  coldC: 18,
  sugars: 3,
  fat: 4,
  heavy: 0.5,
  lightened: 0.25,
  rice: 0.4,
} as const;
const LIQUID_FATS = ['oil'];
const FATS = ['butter', 'fat_firm', 'oil'];
const HEAVY = /buckwheat|teff|amaranth|millet|chestnut|coconut_flour|chickpea|quinoa|brown_rice/;

/** A list of what is so and what is not, told one by one. */
class Told {
  readonly all: Evidence[] = [];
  say(id: EvidenceId, holds: boolean, value?: number, against?: number): void {
    this.all.push({
      id,
      holds,
      ...(value === undefined ? {} : { value }),
      ...(against === undefined ? {} : { against }),
    });
  }
}

/** The dough or batter that was baked, by what is known of its lines. */
class Dough {
  readonly profile: Profile;
  /** A line that nobody knows could be anything: what rests on the make-up is not said then. */
  readonly whole: boolean;
  private readonly known: { i: Ingredient; g: number; how: Line['how'] }[];
  constructor(
    readonly part: Part,
    readonly lookup: Lookup,
  ) {
    this.profile = profileOf(part, lookup);
    this.whole = this.profile.unknownLines.length === 0;
    this.known = doughLines(part).flatMap((l) => {
      const i = lookup(l.item);
      return i && l.amount.massG ? [{ i, g: massOf(l), how: l.how }] : [];
    });
  }
  /** g of what is so. */
  sum(is: (i: Ingredient, how: Line['how']) => boolean): number {
    return this.known.reduce((g, k) => g + (is(k.i, k.how) ? k.g : 0), 0);
  }
  has(is: (i: Ingredient) => boolean): boolean {
    return this.known.some((k) => is(k.i));
  }
}

/** How the bake went against how it was to go: its core, its time, its door, how long it cooled. */
function ofTheOven(told: Told, { baked, actual, lookup }: Circumstances): void {
  const setup = setupOf(baked, lookup);
  const { coreC, coolMin } = donenessOfBake(baked.parts, lookup);
  if (actual.coreC !== undefined && coreC)
    told.say('core_short', actual.coreC < coreC[0] - NOTICED.coreC, actual.coreC, coreC[0]);
  if (actual.coolMin !== undefined) {
    const wanted = (setup && coolingOf(setup)) ?? coolMin[0];
    told.say('cut_early', actual.coolMin < NOTICED.cool * wanted, actual.coolMin, wanted);
  }
  const stated = baked.bake?.minutes;
  if (actual.bakeMin !== undefined && stated)
    told.say('baked_short', actual.bakeMin < (1 - NOTICED.time) * stated[0], actual.bakeMin, stated[0]);
  const whenIn = actual.bakeMin ?? stated?.[0];
  if (actual.doors && whenIn)
    told.say(
      'door_early',
      actual.doors.some((m) => m < NOTICED.doorShare * whenIn),
    );
}

/** The water and the binding against those of the formula it was made from, and against what its kind bears. */
function ofTheSource(told: Told, dough: Dough, { baked, written, actual, lookup }: Circumstances): void {
  const { part, profile, whole } = dough;
  const before = written && mainPart(written.parts);
  const source = before ? profileOf(before, lookup) : null;
  const comparable = whole && source !== null && source.unknownLines.length === 0;
  const wet = profile.wetness?.value;
  const was = source?.wetness?.value;
  const [, wettest] = CLASSES[part.classId].wetness;
  const over = whole && wet !== undefined && wettest > 0 && wet > wettest;
  const against = comparable && was && written !== baked ? was : undefined;
  if (whole && wet && (against || over)) {
    const more = against !== undefined && wet > (1 + NOTICED.wet) * against;
    told.say('wetter', over || more, wet, against ?? wettest);
    if (against) told.say('drier', wet < (1 - NOTICED.wet) * against, wet, against);
  }
  if (actual.feelG !== undefined && actual.keptG !== undefined && actual.massG)
    told.say(
      'wet_by_feel',
      actual.feelG - actual.keptG > NOTICED.feel * 0.4 * actual.massG,
      actual.feelG,
      actual.keptG,
    );
  const bind = comparable ? source.props.bind.value : 0;
  if (bind > 0)
    told.say(
      'binder_less',
      profile.props.bind.value < NOTICED.bind * bind,
      profile.props.bind.value / bind,
      1,
    );
}

/** What the dough is made of: its binders, its flours, its fat. */
function ofTheMakeUp(told: Told, dough: Dough): void {
  const psyllium = dosesOf(dough.part, dough.lookup).find((d) => d.dosed === 'psyllium');
  if (psyllium && psyllium.percent > 0) {
    told.say('psyllium_high', psyllium.percent > psyllium.window[1], psyllium.percent, psyllium.window[1]);
    told.say('psyllium_low', psyllium.percent < psyllium.window[0], psyllium.percent, psyllium.window[0]);
  }
  const binders = dough.sum((i) => i.group === 'binder' || i.group === 'egg' || i.group === 'egg_white');
  const gummed = dough.has((i) => i.group === 'blend' && i.facts.gum === 'yes');
  told.say('binder_none', binders === 0 && !gummed);
  const flourG = dough.sum((i) => i.flour);
  if (flourG > 0) {
    const starch = dough.sum((i) => i.group === 'starch') / flourG;
    if (!dough.has((i) => i.group === 'blend')) {
      told.say('starch_high', starch > NOTICED.starch, 100 * starch, 100 * NOTICED.starch);
      const heavy = dough.sum((i) => HEAVY.test(i.like ?? i.id)) / flourG;
      told.say('heavy', heavy > NOTICED.heavy && starch < NOTICED.lightened, 100 * heavy);
    }
    const of = (key: 'protein' | 'sugars' | 'fat'): number => (100 * dough.profile.props[key].value) / flourG;
    told.say('protein_low', of('protein') < NOTICED.protein, of('protein'), NOTICED.protein);
    told.say('sugar_low', of('sugars') < NOTICED.sugars, of('sugars'), NOTICED.sugars);
    told.say('fat_low', of('fat') < NOTICED.fat, of('fat'), NOTICED.fat);
    const rice = dough.sum((i) => /rice_flour/.test(i.like ?? i.id) && !/sweet/.test(i.id)) / flourG;
    told.say('coarse_rice', rice > NOTICED.rice);
  }
  told.say(
    'milk_or_egg',
    dough.has((i) => ['milk', 'egg', 'milk_powder', 'cream', 'cultured'].includes(i.group)),
  );
  const { family, jobs } = CLASSES[dough.part.classId];
  if ((jobs.shorten ?? 0) > 0 && ['cookie', 'flaky'].includes(family)) {
    const fatG = dough.sum((i) => FATS.includes(i.group));
    const softG = dough.sum(
      (i, how) => FATS.includes(i.group) && (LIQUID_FATS.includes(i.group) || how === 'melted'),
    );
    if (fatG > 0) told.say('fat_soft', softG / fatG > 0.5, (100 * softG) / fatG);
  }
}

/** The gas it makes, and what its soda and acid leave behind. */
function ofTheLift(told: Told, dough: Dough): void {
  const lift = liftOf(dough.part, dough.lookup);
  if (lift.open) return;
  if (lift.state) {
    told.say('gas_high', lift.state === 'high', lift.gasPer100 ?? undefined, lift.window?.[1]);
    told.say('gas_low', lift.state === 'low', lift.gasPer100 ?? undefined, lift.window?.[0]);
  }
  told.say('soda_left', lift.effect === 'soapy' || lift.effect === 'browner');
  told.say('sour', lift.effect === 'sour' || (lift.ph !== null && lift.ph[1] < 5));
  const sunflower = dough.has((i) => /sunflower/.test(i.id) && i.group !== 'oil');
  const soda = dough.has((i) => i.group === 'leavener' && i.baseMmolG.value > 0);
  told.say('seed_and_soda', sunflower && soda);
}

/** The kitchen and the rise, and what the method had in it. */
function ofTheWork(told: Told, { baked, actual }: Circumstances): void {
  if (actual.roomC !== undefined) {
    told.say('kitchen_warm', actual.roomC >= NOTICED.warmC, actual.roomC, NOTICED.warmC);
    told.say('kitchen_cold', actual.roomC <= NOTICED.coldC, actual.roomC, NOTICED.coldC);
  }
  const acts = baked.method.flatMap((s) => (s.struck ? [] : (s.actions ?? [])));
  const rises = acts.filter((a) => a.kind === 'proof' && a.minutes && a.place !== 'fridge');
  if (actual.riseMin !== undefined && rises.length > 0) {
    const least = rises.reduce((s, a) => s + a.minutes![0], 0);
    const most = rises.reduce((s, a) => s + a.minutes![1], 0);
    told.say('rise_long', actual.riseMin > (1 + NOTICED.time) * most, actual.riseMin, most);
    told.say('rise_short', actual.riseMin < (1 - NOTICED.time) * least, actual.riseMin, least);
  }
  if (actual.grew !== undefined) {
    told.say('over_doubled', actual.grew > NOTICED.grewMore, actual.grew, 1);
    told.say('under_doubled', actual.grew < NOTICED.grewLess, actual.grew, 1);
  }
  if (acts.length === 0) return;
  told.say(
    'rested',
    acts.some((a) => ['rest', 'soak', 'proof', 'gel'].includes(a.kind) && !a.pieces),
  );
  const base = baked.parts.some((p) => ['shortcrust', 'flaky'].includes(p.classId));
  if (base && baked.parts.length > 1)
    told.say(
      'blind_baked',
      acts.some((a) => a.kind === 'blind_bake'),
    );
}

/** All that is known of a bake for or against causes. What is not known is absent: it says nothing. */
export function evidenceOf(of: Circumstances): Evidence[] {
  const told = new Told();
  const part = mainPart(of.baked.parts);
  if (!part) return told.all;
  const dough = new Dough(part, of.lookup);
  if (dough.whole)
    told.say(
      'yeasted',
      dough.has((i) => i.group === 'yeast' || i.group === 'starter'),
    );
  ofTheOven(told, of);
  ofTheSource(told, dough, of);
  if (dough.whole) {
    ofTheMakeUp(told, dough);
    ofTheLift(told, dough);
  }
  ofTheWork(told, of);
  return told.all;
}
