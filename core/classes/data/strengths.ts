import type { JobId } from '../types';

/**
 * How strongly an ingredient does a job, given as [grams, { job: strength of so many grams }].
 * The binding jobs, foam, emulsifying and browning count in eggs: 1 is what one 50 g whole egg does.
 * `shorten` counts in grams of fat; flavour in "one thing one would taste".
 * Common practice, no source: they are the usual per-egg doses of the trade turned into numbers, spread 25 %.
 * Keys of the form id@state hold for that state only.
 */
export const STRENGTHS: Record<string, [number, Partial<Record<JobId, number>>]> = {
  egg: [50, { thicken: 0.3, shape: 0.3, hold_gas: 1, set_hot: 1, set_cool: 0.3, foam: 1, emulsify: 1, brown: 1, flavour: 0.5 }],
  egg_white: [33, { thicken: 0.1, shape: 0.1, hold_gas: 0.9, set_hot: 0.95, set_cool: 0.2, foam: 1.2, brown: 0.5 }],
  egg_yolk: [17, { thicken: 0.2, shape: 0.2, hold_gas: 0.2, set_hot: 0.4, set_cool: 0.2, emulsify: 1, brown: 0.6, flavour: 0.4 }],
  'flax_ground@gel': [7, { thicken: 0.9, shape: 0.6, hold_gas: 0.8, set_hot: 0.6, set_cool: 0.5, emulsify: 0.3, flavour: 0.1 }],
  flax_ground: [7, { thicken: 0.6, shape: 0.4, hold_gas: 0.5, set_hot: 0.4, set_cool: 0.3, flavour: 0.1 }],
  'chia_ground@gel': [8, { thicken: 1.1, shape: 0.7, hold_gas: 0.85, set_hot: 0.65, set_cool: 0.6 }],
  chia_ground: [8, { thicken: 0.8, shape: 0.5, hold_gas: 0.6, set_hot: 0.5, set_cool: 0.4 }],
  chia_whole: [8, { thicken: 0.9, shape: 0.5, hold_gas: 0.7, set_hot: 0.5, set_cool: 0.5 }],
  psyllium_powder: [3.5, { thicken: 1.3, shape: 1.4, hold_gas: 1.1, set_hot: 0.8, set_cool: 0.7 }],
  psyllium_husk: [4.2, { thicken: 1.3, shape: 1.4, hold_gas: 1.1, set_hot: 0.8, set_cool: 0.7 }],
  xanthan_gum: [1, { thicken: 1.3, shape: 0.9, hold_gas: 1.1, set_hot: 0.5, set_cool: 0.5 }],
  guar_gum: [1, { thicken: 1, shape: 0.7, hold_gas: 0.9, set_hot: 0.4, set_cool: 0.4 }],
  gf_blend_gum: [100, { thicken: 0.8, shape: 0.55, hold_gas: 0.65, set_hot: 0.3, set_cool: 0.3 }],
  'aquafaba@whisked': [45, { thicken: 0.1, hold_gas: 0.7, set_hot: 0.55, foam: 0.8, emulsify: 0.4 }],
  aquafaba: [45, { thicken: 0.1, hold_gas: 0.5, set_hot: 0.5, foam: 0.2, emulsify: 0.4 }],
  'chickpea_flour@slurry': [17, { thicken: 0.5, shape: 0.3, hold_gas: 0.65, set_hot: 1, set_cool: 0.2, brown: 0.5, emulsify: 0.3 }],
  'potato_starch@slurry': [11, { thicken: 0.5, shape: 0.1, hold_gas: 0.3, set_hot: 0.9, set_cool: 0.8 }],
  silken_tofu: [57, { thicken: 0.4, hold_gas: 0.45, set_hot: 0.8, set_cool: 0.5, emulsify: 0.5, shorten: 8 }],
  soy_yogurt: [55, { thicken: 0.35, hold_gas: 0.45, set_hot: 0.55, set_cool: 0.2, emulsify: 0.5, brown: 0.3, shorten: 12 }],
  yogurt: [55, { thicken: 0.2, hold_gas: 0.15, set_hot: 0.15, emulsify: 0.3, brown: 0.45, shorten: 4, flavour: 0.3 }],
  buttermilk: [60, { hold_gas: 0.1, set_hot: 0.1, emulsify: 0.2, brown: 0.5, shorten: 2, flavour: 0.3 }],
  milk: [60, { set_hot: 0.08, emulsify: 0.15, brown: 0.5, flavour: 0.15 }],
  milk_powder: [10, { set_hot: 0.3, emulsify: 0.3, brown: 0.9, flavour: 0.25 }],
  soy_milk_powder: [10, { set_hot: 0.3, emulsify: 0.4, brown: 0.5, flavour: 0.1 }],
  soy_drink: [60, { set_hot: 0.12, emulsify: 0.25, brown: 0.3 }],
  oat_drink: [60, { brown: 0.25, flavour: 0.1 }],
  rice_drink: [60, { brown: 0.2 }],
  almond_drink: [60, { brown: 0.05 }],
  apple_puree: [62, { thicken: 0.45, hold_gas: 0.25, set_hot: 0.25, set_cool: 0.3, brown: 0.3, shorten: 26, flavour: 0.2 }],
  squash_puree: [62, { thicken: 0.5, hold_gas: 0.25, set_hot: 0.25, set_cool: 0.3, brown: 0.2, shorten: 24, flavour: 0.2 }],
  banana: [60, { thicken: 0.6, hold_gas: 0.3, set_hot: 0.3, set_cool: 0.35, brown: 0.6, shorten: 26, flavour: 1 }],
  butter: [100, { cream: 1, flake: 1, brown: 0.8, flavour: 1 }],
  plant_block: [100, { cream: 0.9, flake: 0.9, flavour: 0.4 }],
  plant_spread: [100, { cream: 0.5, flake: 0.2, flavour: 0.3 }],
  shortening: [100, { cream: 1.1, flake: 1.2 }],
  coconut_oil: [100, { cream: 0.5, flake: 0.6, flavour: 0.3 }],
  honey: [40, { brown: 0.6, flavour: 0.6 }],
  maple_syrup: [40, { brown: 0.3, flavour: 0.5 }],
  walnuts: [60, { flavour: 1 }],
  hazelnuts: [60, { flavour: 1 }],
  almonds: [60, { flavour: 0.8 }],
  pecans: [60, { flavour: 1 }],
  almond_flour: [60, { flavour: 0.6, brown: 0.6 }],
  hazelnut_ground: [60, { flavour: 1, brown: 0.6 }],
  almond_butter: [60, { flavour: 0.8, emulsify: 0.5 }],
  peanut_butter: [60, { flavour: 1, emulsify: 0.5 }],
  pumpkin_seeds: [60, { flavour: 0.7 }],
  sunflower_seeds: [60, { flavour: 0.6 }],
  sesame_seeds: [60, { flavour: 0.8 }],
  pumpkin_seed_meal: [60, { flavour: 0.6, brown: 0.5 }],
  sunflower_seed_meal: [60, { flavour: 0.5, brown: 0.5 }],
  sunflower_seed_butter: [60, { flavour: 0.6, emulsify: 0.5 }],
  pumpkin_seed_butter: [60, { flavour: 0.6, emulsify: 0.5 }],
  tahini: [60, { flavour: 0.8, emulsify: 0.5 }],
};

/** Share of a fat's grams that shortens, by what carries it; 1 for free fat. Common practice, no source. */
export const FAT_CREDIT: Record<string, number> = {
  nut_pieces: 0.15,
  seed_pieces: 0.15,
  nut_flour: 0.5,
  seed_flour: 0.5,
  binder: 0.3,
  chocolate: 0.3,
};

/** Relative spread of every strength above: doses of the trade differ by about a quarter. */
export const STRENGTH_SPREAD = 0.25;
