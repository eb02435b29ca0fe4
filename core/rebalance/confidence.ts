import { type LimitId, CLASSES } from '../classes';
import { type Msg, msg } from '../explain';
import { EGG_GROUPS } from '../ingredients';
import type { Confidence } from './types';
import { fitIn } from './conflicts';
import type { PartBench } from './bench';
import type { Trial } from './trial';
import type { Choice } from './variables';

const FATS: readonly string[] = ['butter', 'fat_firm'];
const FIRM: readonly string[] = [
  'plant_block',
  'shortening',
  'coconut_oil',
  'creamed_coconut',
  'butter',
  'palm_fat',
  'lard',
];

/** What cannot be had where the egg or the firm fat that leaves is what holds the bake. */
export function limitsOf(choices: readonly Choice[]): LimitId[] {
  const ids = choices.flatMap(({ conflict: c, kit }) => {
    const { limits } = CLASSES[c.classId];
    // Oats are out for what they may be mixed with: no dough was held by them.
    const held = c.jobs.some((j) => j.job === 'hold_gas');
    if (c.role === null && c.group === 'flour' && c.avoids.includes('gluten') && held)
      return ['no_gluten' as const];
    if (c.role !== null || !limits) return [];
    if (EGG_GROUPS.includes(c.group) && limits.egg) return [limits.egg];
    // Another firm fat goes on making layers.
    const firm = kit.items.some((x) => 'id' in x.item && FIRM.includes(x.item.id));
    return FATS.includes(c.group) && limits.fat && !firm ? [limits.fat] : [];
  });
  return [...new Set(ids)];
}

export function confidenceOf(
  trials: readonly Trial[],
  benches: readonly PartBench[],
  uncovered: readonly string[],
  widened: readonly Msg[],
  outside: readonly string[],
  limits: readonly LimitId[],
  warned: readonly Msg[],
): Confidence {
  const because: Msg[] = [...limits.map((id) => msg('limits', { id })), ...warned];
  const weak = trials
    .flatMap((t, i) => benches[i]!.choices(t.kits))
    .filter((c) => fitIn(c.kit, c.conflict) < 0.5);
  for (const c of weak) because.push(msg('confidence.weakKit', { kit: c.kit.id }));
  if (widened.length > 0) because.push(msg('confidence.widened'));
  if (uncovered.length > 0) because.push(msg('confidence.uncovered', { jobs: uncovered }));
  if (outside.length > 0) because.push(msg('confidence.outside', { keys: outside }));
  if (benches.some((b) => b.narrowed)) because.push(msg('confidence.narrowed'));
  because.push(msg('confidence.practice'));
  const level =
    weak.length > 0 || widened.length > 0 || limits.length > 0 || warned.length > 0 || uncovered.length > 3
      ? 'low'
      : uncovered.length + outside.length > 2
        ? 'fair'
        : 'good';
  return { level, because };
}
