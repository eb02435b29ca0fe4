import type { EvidenceId } from '../evidence';
import type { CauseId, RepairId } from '../types';

/**
 * What speaks for a cause and against it: each with how much likelier the cause is where it is so, and where it is not; 1 says
 * nothing. `change` is the one change to try, `look` what to look at next time. Strengths are common practice, no source.
 */
export type CauseTells = {
  tells: [EvidenceId, ifSo: number, ifNot: number][];
  change: RepairId;
};

export const CAUSES: Record<CauseId, CauseTells> = {
  too_wet: { tells: [['wetter', 4, 0.45], ['wet_by_feel', 4, 0.8], ['drier', 0.3, 1.1], ['core_short', 0.8, 1.2]], change: 'less_water' },
  over_proofed: { tells: [['yeasted', 1, 0.02], ['over_doubled', 6, 0.25], ['rise_long', 4, 0.4], ['kitchen_warm', 2, 0.8], ['rise_short', 0.2, 1.1]], change: 'shorter_proof' },
  too_much_gas: { tells: [['gas_high', 6, 0.35], ['gas_low', 0.1, 1], ['yeasted', 0.5, 1.4]], change: 'less_leavening' },
  weak_binder: { tells: [['binder_less', 5, 0.5], ['binder_none', 5, 0.7], ['psyllium_low', 4, 0.7], ['psyllium_high', 0.3, 1.1]], change: 'more_psyllium' },
  door_opened: { tells: [['door_early', 6, 0.1]], change: 'keep_shut' },
  out_early: { tells: [['core_short', 9, 0.2], ['baked_short', 4, 0.6]], change: 'longer_bake' },
  cut_warm: { tells: [['cut_early', 8, 0.15]], change: 'cool_fully' },
  too_much_binder: { tells: [['psyllium_high', 6, 0.3], ['psyllium_low', 0.1, 1], ['binder_none', 0.05, 1]], change: 'less_psyllium' },
  starch_high: { tells: [['starch_high', 5, 0.3]], change: 'lighter_starch' },
  too_little_binder: { tells: [['binder_none', 7, 0.8], ['binder_less', 5, 0.6], ['psyllium_low', 4, 0.6], ['psyllium_high', 0.2, 1.1]], change: 'more_psyllium' },
  too_dry: { tells: [['drier', 5, 0.5], ['wetter', 0.25, 1.1], ['wet_by_feel', 0.4, 1]], change: 'more_water' },
  no_protein: { tells: [['protein_low', 4, 0.4], ['milk_or_egg', 0.6, 1.4]], change: 'more_protein' },
  stale: { tells: [['fat_low', 1.5, 0.9]], change: 'freeze_day_one' },
  dead_yeast: { tells: [['yeasted', 1.2, 0.01], ['under_doubled', 4, 0.3], ['over_doubled', 0.1, 1], ['rise_short', 0.5, 1.4], ['kitchen_cold', 0.9, 1]], change: 'check_yeast' },
  too_little_gas: { tells: [['gas_low', 6, 0.4], ['gas_high', 0.1, 1], ['yeasted', 0.5, 1.4]], change: 'more_leavening' },
  heavy_flour: { tells: [['heavy', 5, 0.4]], change: 'lighter_flour' },
  too_stiff: { tells: [['drier', 5, 0.5], ['psyllium_high', 2.5, 0.9], ['wetter', 0.25, 1.1]], change: 'more_water' },
  short_proof: { tells: [['yeasted', 1.3, 0.01], ['rise_short', 6, 0.4], ['under_doubled', 5, 0.3], ['kitchen_cold', 3, 0.8], ['over_doubled', 0.1, 1]], change: 'longer_proof' },
  not_dispersed: { tells: [['psyllium_high', 1.5, 0.9], ['binder_none', 0.1, 1]], change: 'whisk_fast' },
  no_rest: { tells: [['rested', 0.3, 4]], change: 'longer_soak' },
  coarse_flour: { tells: [['coarse_rice', 4, 0.3]], change: 'finer_flour' },
  no_milk_egg: { tells: [['milk_or_egg', 0.1, 3]], change: 'milk_wash' },
  low_ph: { tells: [['sour', 5, 0.4], ['soda_left', 0.1, 1]], change: 'a_little_soda' },
  low_sugar: { tells: [['sugar_low', 3.5, 0.3]], change: 'a_little_soda' },
  soda_left: { tells: [['soda_left', 6, 0.3], ['sour', 0.1, 1]], change: 'less_soda' },
  too_much_acid: { tells: [['sour', 5, 0.5], ['soda_left', 0.15, 1]], change: 'less_acid' },
  over_fermented: { tells: [['yeasted', 1, 0.05], ['rise_long', 4, 0.4], ['over_doubled', 3, 0.5], ['kitchen_warm', 2, 0.8]], change: 'shorter_proof' },
  seed_and_soda: { tells: [['seed_and_soda', 12, 0.05]], change: 'less_soda' },
  soft_fat: { tells: [['fat_soft', 6, 0.3]], change: 'firm_fat' },
  too_warm: { tells: [['kitchen_warm', 6, 0.4], ['kitchen_cold', 0.2, 1]], change: 'chill' },
  overworked: { tells: [['fat_soft', 1.5, 1]], change: 'colder_lumps' },
  no_gel: { tells: [['binder_none', 7, 0.25], ['psyllium_low', 3, 0.8]], change: 'more_psyllium' },
  too_cold: { tells: [['kitchen_cold', 3, 0.6], ['kitchen_warm', 0.2, 1]], change: 'warm_and_patch' },
  no_blind_bake: { tells: [['blind_baked', 0.1, 5]], change: 'blind_bake' },
  wet_filling: { tells: [['wet_filling', 5, 0.3], ['blind_baked', 2, 0.9]], change: 'thicker_filling' },
  lean: { tells: [['fat_low', 4, 0.3], ['psyllium_high', 0.4, 1]], change: 'fibre' },
}; // prettier-ignore
