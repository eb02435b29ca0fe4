import type { Fault } from '../types';

/** Faults with their usual causes and first repairs. Common practice, no source. */
export const FAULTS: readonly Fault[] = [
  {
    id: 'sunken',
    risk: 'sinks',
    causes: ['too_wet', 'over_proofed', 'too_much_gas', 'weak_binder', 'door_opened', 'out_early'],
    first: ['less_water', 'shorter_proof'],
  },
  {
    id: 'gummy',
    causes: ['out_early', 'cut_warm', 'too_much_binder', 'too_wet', 'starch_high'],
    first: ['longer_bake', 'cool_fully'],
  },
  {
    id: 'crumbly',
    causes: ['too_little_binder', 'too_dry', 'no_protein', 'stale', 'cut_warm'],
    first: ['more_psyllium', 'more_protein'],
  },
  {
    id: 'dense',
    risk: 'dense',
    causes: ['dead_yeast', 'too_little_gas', 'heavy_flour', 'too_stiff', 'short_proof'],
    first: ['check_yeast', 'longer_proof', 'lighter_flour'],
  },
  {
    id: 'tunnels',
    risk: 'tunnels',
    causes: ['not_dispersed', 'too_much_binder', 'no_rest'],
    first: ['whisk_fast', 'other_powder'],
  },
  { id: 'gritty', causes: ['coarse_flour', 'no_rest'], first: ['finer_flour', 'longer_soak'] },
  {
    id: 'pale',
    causes: ['no_milk_egg', 'low_ph', 'low_sugar'],
    first: ['milk_wash', 'a_little_soda', 'open_earlier'],
  },
  { id: 'soapy', risk: 'soapy', causes: ['soda_left'], first: ['more_acid', 'less_soda'] },
  { id: 'sour', causes: ['too_much_acid', 'over_fermented'], first: ['less_acid'] },
  {
    id: 'green',
    risk: 'green',
    causes: ['seed_and_soda'],
    first: ['more_acid', 'less_soda', 'other_seed'],
  },
  { id: 'greasy', causes: ['soft_fat', 'too_warm'], first: ['firm_fat', 'chill'], families: ['cookie', 'flaky'] },
  { id: 'tough', causes: ['overworked', 'too_wet'], first: ['colder_lumps'], families: ['cookie', 'flaky'] },
  {
    id: 'cracked',
    causes: ['too_dry', 'no_gel', 'too_cold'],
    first: ['warm_and_patch'],
    families: ['cookie', 'flaky', 'yeast_loaf'],
  },
  {
    id: 'soggy_base',
    causes: ['no_blind_bake', 'wet_filling'],
    first: ['blind_bake', 'thicker_filling'],
    families: ['cookie', 'flaky', 'set', 'custard'],
  },
  { id: 'dries', causes: ['starch_high', 'lean'], first: ['fibre', 'freeze_day_one'] },
];
