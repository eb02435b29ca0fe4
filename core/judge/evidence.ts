import { donenessOfBake, setupOf, coolingOf } from '../bake';
import { CLASSES } from '../classes';
import { doughLines, mainPart, massOf, profileOf, type Formula } from '../formula';
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
} as const;
const LIQUID_FATS = ['oil'];
const FATS = ['butter', 'fat_firm', 'oil'];
const HEAVY = /buckwheat|teff|amaranth|millet|chestnut|coconut_flour|chickpea|quinoa|brown_rice/;

/** All that is known of a bake for or against causes. What is not known is absent: it says nothing. */
export function evidenceOf({ baked, written, actual, lookup }: Circumstances): Evidence[] {
  const out: Evidence[] = [];
  const say = (id: EvidenceId, holds: boolean, value?: number, against?: number): void => {
    out.push({
      id,
      holds,
      ...(value === undefined ? {} : { value }),
      ...(against === undefined ? {} : { against }),
    });
  };
  const part = mainPart(baked.parts);
  if (!part) return out;
  const known = doughLines(part).flatMap((l) => {
    const i = lookup(l.item);
    return i && l.amount.massG ? [{ i, g: massOf(l), how: l.how }] : [];
  });
  const sum = (is: (i: Ingredient) => boolean): number => known.reduce((s, k) => s + (is(k.i) ? k.g : 0), 0);
  const has = (is: (i: Ingredient) => boolean): boolean => known.some((k) => is(k.i));
  const profile = profileOf(part, lookup);
  // A line that nobody knows could be anything: what rests on the make-up is not said then.
  const whole = profile.unknownLines.length === 0;
  const { family, jobs } = CLASSES[part.classId];
  const yeasted = has((i) => i.group === 'yeast' || i.group === 'starter');
  if (whole) say('yeasted', yeasted);

  const setup = setupOf(baked, lookup);
  const { coreC, coolMin } = donenessOfBake(baked.parts, lookup);
  if (actual.coreC !== undefined && coreC)
    say('core_short', actual.coreC < coreC[0] - NOTICED.coreC, actual.coreC, coreC[0]);
  if (actual.coolMin !== undefined) {
    const wanted = (setup && coolingOf(setup)) ?? coolMin[0];
    say('cut_early', actual.coolMin < NOTICED.cool * wanted, actual.coolMin, wanted);
  }
  const stated = baked.bake?.minutes;
  if (actual.bakeMin !== undefined && stated)
    say('baked_short', actual.bakeMin < (1 - NOTICED.time) * stated[0], actual.bakeMin, stated[0]);
  if (actual.doors) {
    const whenIn = actual.bakeMin ?? stated?.[0];
    if (whenIn)
      say(
        'door_early',
        actual.doors.some((m) => m < NOTICED.doorShare * whenIn),
      );
  }

  const before = written && mainPart(written.parts);
  const source = before ? profileOf(before, lookup) : null;
  const comparable = whole && source !== null && source.unknownLines.length === 0;
  const wet = profile.wetness?.value;
  const was = source?.wetness?.value;
  const [, wettest] = CLASSES[part.classId].wetness;
  const over = whole && wet !== undefined && wettest > 0 && wet > wettest;
  const against = comparable && was && written !== baked ? was : undefined;
  if (whole && wet && (against || over)) {
    say(
      'wetter',
      over || (against !== undefined && wet > (1 + NOTICED.wet) * against),
      wet,
      against ?? wettest,
    );
    if (against) say('drier', wet < (1 - NOTICED.wet) * against, wet, against);
  }
  if (actual.feelG !== undefined && actual.keptG !== undefined && actual.massG)
    say(
      'wet_by_feel',
      actual.feelG - actual.keptG > NOTICED.feel * 0.4 * actual.massG,
      actual.feelG,
      actual.keptG,
    );

  if (whole) {
    const psyllium = dosesOf(part, lookup).find((d) => d.dosed === 'psyllium');
    if (psyllium && psyllium.percent > 0) {
      say('psyllium_high', psyllium.percent > psyllium.window[1], psyllium.percent, psyllium.window[1]);
      say('psyllium_low', psyllium.percent < psyllium.window[0], psyllium.percent, psyllium.window[0]);
    }
    const binders = sum((i) => i.group === 'binder' || i.group === 'egg' || i.group === 'egg_white');
    const gummed = has((i) => i.group === 'blend' && i.facts.gum === 'yes');
    say('binder_none', binders === 0 && !gummed);
    const flourG = sum((i) => i.flour);
    if (flourG > 0) {
      const starchG = sum((i) => i.group === 'starch');
      if (!has((i) => i.group === 'blend')) {
        say('starch_high', starchG / flourG > NOTICED.starch, (100 * starchG) / flourG, 100 * NOTICED.starch);
        const heavyG = sum((i) => HEAVY.test(i.like ?? i.id));
        say('heavy', heavyG / flourG > NOTICED.heavy && starchG / flourG < 0.25, (100 * heavyG) / flourG);
      }
      const of = (key: 'protein' | 'sugars' | 'fat'): number => (100 * profile.props[key].value) / flourG;
      say('protein_low', of('protein') < NOTICED.protein, of('protein'), NOTICED.protein);
      say('sugar_low', of('sugars') < NOTICED.sugars, of('sugars'), NOTICED.sugars);
      say('fat_low', of('fat') < NOTICED.fat, of('fat'), NOTICED.fat);
      say('coarse_rice', sum((i) => /rice_flour/.test(i.like ?? i.id) && !/sweet/.test(i.id)) / flourG > 0.4);
    }
    say(
      'milk_or_egg',
      has((i) => ['milk', 'egg', 'milk_powder', 'cream', 'cultured'].includes(i.group)),
    );
    if ((jobs.shorten ?? 0) > 0 && ['cookie', 'flaky'].includes(family)) {
      const fatG = sum((i) => FATS.includes(i.group));
      const soft = known.reduce(
        (s, k) =>
          s +
          (LIQUID_FATS.includes(k.i.group) || k.how === 'melted' ? (FATS.includes(k.i.group) ? k.g : 0) : 0),
        0,
      );
      if (fatG > 0) say('fat_soft', soft / fatG > 0.5, (100 * soft) / fatG);
    }
    const lift = liftOf(part, lookup);
    if (!lift.open) {
      if (lift.state) {
        say('gas_high', lift.state === 'high', lift.gasPer100 ?? undefined, lift.window?.[1]);
        say('gas_low', lift.state === 'low', lift.gasPer100 ?? undefined, lift.window?.[0]);
      }
      say('soda_left', lift.effect === 'soapy' || lift.effect === 'browner');
      say('sour', lift.effect === 'sour' || (lift.ph !== null && lift.ph[1] < 5));
      const sunflower = has((i) => /sunflower/.test(i.id) && i.group !== 'oil');
      const soda = has((i) => i.group === 'leavener' && i.baseMmolG.value > 0);
      say('seed_and_soda', sunflower && soda);
    }
  }
  if (comparable) {
    const bind = source.props.bind.value;
    if (bind > 0)
      say('binder_less', profile.props.bind.value < NOTICED.bind * bind, profile.props.bind.value / bind, 1);
  }

  if (actual.roomC !== undefined) {
    say('kitchen_warm', actual.roomC >= NOTICED.warmC, actual.roomC, NOTICED.warmC);
    say('kitchen_cold', actual.roomC <= NOTICED.coldC, actual.roomC, NOTICED.coldC);
  }
  const acts = baked.method.flatMap((s) => (s.struck ? [] : (s.actions ?? [])));
  const rises = acts.filter((a) => a.kind === 'proof' && a.minutes && a.place !== 'fridge');
  if (actual.riseMin !== undefined && rises.length > 0) {
    const least = rises.reduce((s, a) => s + a.minutes![0], 0);
    const most = rises.reduce((s, a) => s + a.minutes![1], 0);
    say('rise_long', actual.riseMin > (1 + NOTICED.time) * most, actual.riseMin, most);
    say('rise_short', actual.riseMin < (1 - NOTICED.time) * least, actual.riseMin, least);
  }
  if (actual.grew !== undefined) {
    say('over_doubled', actual.grew > NOTICED.grewMore, actual.grew, 1);
    say('under_doubled', actual.grew < NOTICED.grewLess, actual.grew, 1);
  }
  if (acts.length > 0) {
    say(
      'rested',
      acts.some((a) => ['rest', 'soak', 'proof', 'gel'].includes(a.kind) && !a.pieces),
    );
    const base = baked.parts.some((p) => ['shortcrust', 'flaky'].includes(p.classId));
    if (base && baked.parts.length > 1)
      say(
        'blind_baked',
        acts.some((a) => a.kind === 'blind_bake'),
      );
  }
  return out;
}
