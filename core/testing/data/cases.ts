import type { CauseId, EvidenceId, FaultId } from '../../judge';

/**
 * Forty bakes that went wrong, as bakers tell them, and what a good baker says of each first. Common practice, no source. The
 * second twenty were written with the first and not looked at while strengths were set.
 */
export type Case = {
  told: string;
  fault: FaultId;
  known: Partial<Record<EvidenceId, boolean>>;
  right: CauseId[];
};

export const CASES: readonly Case[] = [
  { told: 'tin loaf fell in the middle, grew to well over double, warm kitchen', fault: 'sunken', known: { yeasted: true, over_doubled: true, kitchen_warm: true, wetter: false, gas_high: false, door_early: false }, right: ['over_proofed'] },
  { told: 'sandwich loaf fell after a splash more water, proof as usual', fault: 'sunken', known: { yeasted: true, wetter: true, over_doubled: false, rise_long: false, core_short: false }, right: ['too_wet'] },
  { told: 'muffins dipped, two heaped spoons of powder for a cup', fault: 'sunken', known: { yeasted: false, gas_high: true, wetter: false, door_early: false }, right: ['too_much_gas'] },
  { told: 'cake fell when I looked at it after ten minutes', fault: 'sunken', known: { yeasted: false, door_early: true, gas_high: false, wetter: false, core_short: false }, right: ['door_opened'] },
  { told: 'banana cake without egg sank, nothing binds it', fault: 'sunken', known: { yeasted: false, binder_none: true, binder_less: true, gas_high: false, wetter: false }, right: ['weak_binder'] },
  { told: 'came out at 88, the top went in on the rack', fault: 'sunken', known: { core_short: true, baked_short: true, wetter: false, gas_high: false, yeasted: false, over_doubled: false, binder_less: false }, right: ['out_early'] },
  { told: 'gummy line at the bottom, taken out at 91', fault: 'gummy', known: { core_short: true, cut_early: false, wetter: false, psyllium_high: false }, right: ['out_early'] },
  { told: 'baked to 98, cut after twenty minutes, smears the knife', fault: 'gummy', known: { core_short: false, cut_early: true, wetter: false, psyllium_high: false }, right: ['cut_warm'] },
  { told: 'ten percent psyllium in a tin loaf, baked and cooled properly', fault: 'gummy', known: { core_short: false, cut_early: false, psyllium_high: true, wetter: false, starch_high: false }, right: ['too_much_binder'] },
  { told: 'three quarters tapioca and potato, gluey though baked through', fault: 'gummy', known: { core_short: false, cut_early: false, starch_high: true, psyllium_high: false, wetter: false }, right: ['starch_high'] },
  { told: 'crumbles, I left the gum out', fault: 'crumbly', known: { binder_none: true, binder_less: true, drier: false, protein_low: false, cut_early: false }, right: ['too_little_binder'] },
  { told: 'crumbly and dry, forgot that buckwheat drinks more', fault: 'crumbly', known: { drier: true, binder_none: false, binder_less: false, protein_low: false, cut_early: false }, right: ['too_dry'] },
  { told: 'brick: the dough hardly moved in an hour in a cold kitchen', fault: 'dense', known: { yeasted: true, rise_short: false, under_doubled: true, kitchen_cold: true }, right: ['short_proof', 'dead_yeast'] },
  { told: 'dense muffins, only half the powder in', fault: 'dense', known: { yeasted: false, gas_low: true, drier: false, heavy: false }, right: ['too_little_gas'] },
  { told: 'all teff and buckwheat, heavy, rose well in the bowl', fault: 'dense', known: { yeasted: true, heavy: true, under_doubled: false, rise_short: false, drier: false }, right: ['heavy_flour'] },
  { told: 'stiff as clay, could hardly mix it', fault: 'dense', known: { yeasted: true, drier: true, under_doubled: false, rise_short: false, heavy: false }, right: ['too_stiff'] },
  { told: 'green specks in the sunflower cake with soda', fault: 'green', known: { seed_and_soda: true }, right: ['seed_and_soda'] },
  { told: 'soapy, dark, a whole spoon of soda and no vinegar', fault: 'soapy', known: { soda_left: true, sour: false }, right: ['soda_left'] },
  { told: 'pale loaf without milk and egg, some sugar in it', fault: 'pale', known: { milk_or_egg: false, sugar_low: false, sour: false }, right: ['no_milk_egg'] },
  { told: 'pale sour loaf with much vinegar and some milk', fault: 'pale', known: { milk_or_egg: true, sour: true, sugar_low: false }, right: ['low_ph'] },
  // Set aside.
  { told: 'cookies ran into one, made with oil', fault: 'greasy', known: { fat_soft: true, kitchen_warm: false }, right: ['soft_fat'] },
  { told: 'pastry oily, kitchen at 29', fault: 'greasy', known: { fat_soft: false, kitchen_warm: true }, right: ['too_warm'] },
  { told: 'crust broke at the edge, straight from the fridge, plenty of psyllium', fault: 'cracked', known: { kitchen_cold: true, binder_none: false, drier: false, psyllium_low: false }, right: ['too_cold', 'too_dry'] },
  { told: 'rolled out it tore everywhere, no gum in it', fault: 'cracked', known: { binder_none: true, drier: false }, right: ['no_gel'] },
  { told: 'pie base raw below, went in unbaked', fault: 'soggy_base', known: { blind_baked: false }, right: ['no_blind_bake'] },
  { told: 'base was blind-baked, soggy all the same, filling poured in hot', fault: 'soggy_base', known: { blind_baked: true, wet_filling: true }, right: ['wet_filling'] },
  { told: 'dry next morning, mostly starch with some fat', fault: 'dries', known: { starch_high: true, fat_low: false }, right: ['starch_high'] },
  { told: 'dry next day, no fat at all, half starch', fault: 'dries', known: { starch_high: false, fat_low: true }, right: ['lean'] },
  { told: 'sandy, white rice flour, mixed and straight into the oven', fault: 'gritty', known: { coarse_rice: true, rested: false }, right: ['coarse_flour', 'no_rest'] },
  { told: 'gritty sorghum cake, no rest at all', fault: 'gritty', known: { coarse_rice: false, rested: false }, right: ['no_rest'] },
  { told: 'long purple tunnels, psyllium tipped in and left', fault: 'tunnels', known: { psyllium_high: false, rested: true }, right: ['not_dispersed'] },
  { told: 'tunnels, thirteen percent psyllium, rested', fault: 'tunnels', known: { psyllium_high: true, rested: true }, right: ['too_much_binder', 'not_dispersed'] },
  { told: 'sharp taste, long fridge rise, hardly any vinegar', fault: 'sour', known: { yeasted: true, rise_long: true, sour: false }, right: ['over_fermented'] },
  { told: 'quick bread tastes of vinegar', fault: 'sour', known: { yeasted: false, sour: true }, right: ['too_much_acid'] },
  { told: 'sunken rolls, rose two hours instead of one, nobody looked', fault: 'sunken', known: { yeasted: true, rise_long: true, wetter: false }, right: ['over_proofed'] },
  { told: 'gummy, by feel I put a good deal more water in; 97 in the middle, cooled overnight', fault: 'gummy', known: { wet_by_feel: true, core_short: false, cut_early: false, psyllium_high: false, starch_high: false }, right: ['too_wet'] },
  { told: 'gummy, no thermometer, out ten minutes early', fault: 'gummy', known: { baked_short: true, psyllium_high: false, wetter: false }, right: ['out_early'] },
  { told: 'crumbles, all rice and starch, no egg, gum is in', fault: 'crumbly', known: { protein_low: true, milk_or_egg: false, binder_none: false, binder_less: false, drier: false, cut_early: false }, right: ['no_protein'] },
  { told: 'dense, yeast from the back of the cupboard, warm room, did nothing', fault: 'dense', known: { yeasted: true, under_doubled: true, rise_short: false, kitchen_cold: false, drier: false, heavy: false }, right: ['dead_yeast'] },
  { told: 'pale, hardly any sugar, egg in it', fault: 'pale', known: { milk_or_egg: true, sugar_low: true, sour: false }, right: ['low_sugar'] },
]; // prettier-ignore
