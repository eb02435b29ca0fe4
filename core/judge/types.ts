import type { FamilyId } from '../classes';
import type { RiskId } from '../leavening';

/** What a baker sees when it is cut, and says is wrong. */
export const FAULT_IDS = [
  'sunken',
  'gummy',
  'crumbly',
  'dense',
  'tunnels',
  'gritty',
  'pale',
  'soapy',
  'sour',
  'green',
  'greasy',
  'tough',
  'cracked',
  'soggy_base',
  'dries',
] as const;
export type FaultId = (typeof FAULT_IDS)[number];

/** Why it may have come about. */
export const CAUSE_IDS = [
  'too_wet',
  'over_proofed',
  'too_much_gas',
  'weak_binder',
  'door_opened',
  'out_early',
  'cut_warm',
  'too_much_binder',
  'starch_high',
  'too_little_binder',
  'too_dry',
  'no_protein',
  'stale',
  'dead_yeast',
  'too_little_gas',
  'heavy_flour',
  'too_stiff',
  'short_proof',
  'not_dispersed',
  'no_rest',
  'coarse_flour',
  'no_milk_egg',
  'low_ph',
  'low_sugar',
  'soda_left',
  'too_much_acid',
  'over_fermented',
  'seed_and_soda',
  'soft_fat',
  'too_warm',
  'overworked',
  'no_gel',
  'too_cold',
  'no_blind_bake',
  'wet_filling',
  'lean',
] as const;
export type CauseId = (typeof CAUSE_IDS)[number];

/** The first thing to change; one at a time. */
export const REPAIR_IDS = [
  'less_water',
  'shorter_proof',
  'longer_bake',
  'cool_fully',
  'more_psyllium',
  'more_protein',
  'check_yeast',
  'longer_proof',
  'lighter_flour',
  'whisk_fast',
  'other_powder',
  'finer_flour',
  'longer_soak',
  'milk_wash',
  'a_little_soda',
  'open_earlier',
  'more_acid',
  'less_soda',
  'less_acid',
  'other_seed',
  'firm_fat',
  'chill',
  'colder_lumps',
  'warm_and_patch',
  'blind_bake',
  'thicker_filling',
  'fibre',
  'freeze_day_one',
  'more_water',
  'less_psyllium',
  'less_leavening',
  'more_leavening',
  'keep_shut',
  'lighter_starch',
] as const;
export type RepairId = (typeof REPAIR_IDS)[number];

/** One fault: its usual causes, likelier ones first, and what to change first. `risk` is how Lift foresees it. */
export type Fault = {
  id: FaultId;
  causes: CauseId[];
  first: RepairId[];
  risk?: RiskId;
  /** Kinds of bake it is seen in; all where it is absent. */
  families?: FamilyId[];
};
