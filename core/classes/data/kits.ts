import { msg } from '../../explain';
import type { AvoidId, ItemState } from '../../ingredients';
import type { StepEdit } from '../../method';
import type { Caps, DoseUnit, FamilyId, Kit, KitItem } from '../types';

/**
 * Kits: named ways to cover what leaves. Doses are the usual ones of the trade (common practice, no source)
 * with the window they move in. Amounts that a step speaks of are filled in by the engine: g1 of n1, g2 of n2,
 * in the order of the items.
 */
type Opt = { state?: ItemState; families?: FamilyId[]; joins?: true; forAir?: true };
const item = (id: string, lo: number, usual: number, hi: number, per: DoseUnit, opt: Opt = {}): KitItem => ({
  item: { kind: 'ref', id },
  dose: { lo, usual, hi, per },
  ...opt,
});

/** The lift lost with an egg's foam: 1-1.5 g powder an egg, from memory; only where gas comes from powder. */
const lostLift = item('baking_powder', 0, 1.2, 1.7, 'egg', { families: ['batter', 'foam'], joins: true, forAir: true });

const BEFORE_WET: StepEdit = { op: 'insert', before: ['whisk', 'mix', 'cream', 'rub', 'knead', 'fold'], kind: 'gel', msg: msg('step.gel') };
const gel = (waitMin: number, code: 'step.gel' | 'step.psylliumGel' | 'step.slurry' = 'step.gel'): StepEdit[] => [{ ...BEFORE_WET, msg: msg(code, { wait: waitMin }) }];
/** What is baked on without a tin to line. */
const HOT_PANS = ['griddle', 'frying pan', 'hot pan', 'skillet', 'waffle iron'];
/** How a method speaks of greasing. */
const GREASED = ['grease', 'greased', 'greasing', 'oiled', 'butter the tin', 'oil the tin'];
/** How well a kit suits yeasted doughs, batters and short doughs; other families where they are said. */
const caps = (yeast_loaf: number, batter: number, cookie: number, maxEggs?: number, more: Caps['fit'] = {}): Caps => ({
  fit: { yeast_loaf, batter, cookie, ...more },
  ...(maxEggs === undefined ? {} : { maxEggs }),
});

/** What a flour or starch may have to go for: itself. One that goes for gluten has ways of its own, with a binder. */
const FLOUR_AVOIDS: AvoidId[] = ['rice', 'corn', 'oats', 'grain', 'legume', 'nightshade', 'coconut', 'soy', 'lupin', 'chestnut', 'wheat', 'wheat_starch', 'own_word'];

/** Thick enough that another yogurt takes their place; buttermilk and kefir are drinks. */
const YOGURTS = ['yogurt', 'greek_yogurt', 'soy_yogurt', 'coconut_yogurt', 'oat_yogurt', 'almond_yogurt', 'plant_yogurt', 'vegan_sour_cream'];
const HARD_CHEESES = ['cheddar', 'parmesan', 'mozzarella', 'feta', 'blue_cheese', 'halloumi', 'vegan_cheese'];
const FRESH_CHEESES = ['cream_cheese', 'mascarpone', 'ricotta', 'cottage_cheese', 'quark', 'vegan_cream_cheese'];

/** What a flour of wheat, barley or rye goes for. */
const PSYLLIUMS = ['psyllium_powder', 'psyllium_husk'];
const GLUTEN_AVOIDS: AvoidId[] = ['gluten', 'wheat', 'grain', 'inulin', 'own_word'];

/** Flours sold ready mixed; crumbs and biscuits are none. */
const MIXES = ['gf_blend', 'gf_blend_gum', 'gf_bread_blend'];
const BLEND_AVOIDS: AvoidId[] = [...FLOUR_AVOIDS, 'gum', 'gluten', 'inulin'];
const mixCaps = (loaf: number, batter: number, cookie: number, flaky: number): Caps => caps(loaf, batter, cookie, undefined, { flaky, foam: batter - 0.1, choux: batter - 0.15, set: 0.6, finish: 0.5, custard: 0.5 });

const ROWS: Kit[] = [
  // A mix that was bought: one mixed at home, held by psyllium or by gum, or the same without its gum
  { id: 'own_rice_mix', for: { groups: ['blend'], ids: MIXES, avoids: BLEND_AVOIDS }, covers: ['hold_gas', 'shape'], items: [item('white_rice_flour', 0.4, 0.46, 0.52, 'g'), item('potato_starch', 0.24, 0.29, 0.34, 'g'), item('tapioca_starch', 0.2, 0.24, 0.28, 'g'), item('psyllium_powder', 0.004, 0.012, 0.03, 'g')], caps: mixCaps(0.8, 0.85, 0.85, 0.75), steps: [{ op: 'note', at: ['mix', 'whisk'], msg: msg('step.whiskFast') }], cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil', 'light'], usual: 0.7, scarcity: 0, basis: 'practice' },
  { id: 'own_sorghum_mix', for: { groups: ['blend'], ids: MIXES, avoids: BLEND_AVOIDS }, covers: ['hold_gas', 'shape', 'flavour'], items: [item('sorghum_flour', 0.4, 0.46, 0.52, 'g'), item('tapioca_starch', 0.28, 0.33, 0.38, 'g'), item('corn_starch', 0.16, 0.2, 0.24, 'g'), item('psyllium_powder', 0.004, 0.012, 0.03, 'g')], caps: mixCaps(0.85, 0.8, 0.8, 0.7), steps: [{ op: 'note', at: ['mix', 'whisk'], msg: msg('step.whiskFast') }], cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil', 'wholegrain'], usual: 0.6, scarcity: 1, basis: 'practice' },
  { id: 'own_buckwheat_mix', for: { groups: ['blend'], ids: MIXES, avoids: BLEND_AVOIDS }, covers: ['hold_gas', 'shape', 'flavour'], items: [item('buckwheat_flour', 0.36, 0.42, 0.48, 'g'), item('tapioca_starch', 0.3, 0.35, 0.4, 'g'), item('arrowroot', 0.18, 0.22, 0.26, 'g'), item('psyllium_powder', 0.004, 0.012, 0.03, 'g')], caps: mixCaps(0.85, 0.65, 0.65, 0.6), steps: [{ op: 'note', at: ['mix', 'whisk'], msg: msg('step.whiskFast') }], cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil', 'wholegrain'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'own_gum_mix', for: { groups: ['blend'], ids: MIXES, avoids: BLEND_AVOIDS }, covers: ['hold_gas', 'shape'], items: [item('white_rice_flour', 0.42, 0.47, 0.52, 'g'), item('potato_starch', 0.26, 0.3, 0.34, 'g'), item('tapioca_starch', 0.18, 0.22, 0.26, 'g'), item('xanthan_gum', 0, 0.006, 0.014, 'g')], caps: mixCaps(0.75, 0.9, 0.9, 0.85), steps: [], cautions: [], tags: ['no_oil', 'light'], usual: 0.75, scarcity: 0, basis: 'practice' },
  { id: 'gumless_mix', for: { groups: ['blend'], ids: MIXES, avoids: ['gum', 'own_word'] }, covers: ['hold_gas', 'shape'], items: [item('gf_blend', 0.95, 0.99, 1.03, 'g'), item('psyllium_powder', 0.006, 0.014, 0.03, 'g')], caps: mixCaps(0.85, 0.85, 0.8, 0.75), steps: [{ op: 'note', at: ['mix', 'whisk'], msg: msg('step.whiskFast') }], cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil'], usual: 0.8, scarcity: 0, basis: 'practice' },

  // Flours that hold gluten: a gluten-free flour of the kind of bake, with what binds in gluten's stead
  { id: 'gum_blend_for_gluten', for: { groups: ['flour'], avoids: GLUTEN_AVOIDS }, covers: ['hold_gas', 'shape'], items: [item('gf_blend_gum', 0.95, 1, 1.05, 'g')], caps: caps(0.75, 0.95, 0.95, undefined, { flaky: 0.85, foam: 0.85, choux: 0.7, set: 0.6, finish: 0.6, custard: 0.6 }), steps: [{ op: 'note', at: ['mix', 'knead'], msg: msg('step.noKnead') }], cautions: [], tags: ['no_oil', 'light'], usual: 0.95, scarcity: 0, basis: 'practice' },
  { id: 'rice_sorghum_psyllium_for_gluten', for: { groups: ['flour'], avoids: GLUTEN_AVOIDS }, covers: ['hold_gas', 'shape'], items: [item('sorghum_flour', 0.42, 0.48, 0.55, 'g', { joins: true }), item('tapioca_starch', 0.4, 0.46, 0.52, 'g', { joins: true }), item('psyllium_powder', 0.02, 0.04, 0.06, 'g')], caps: caps(0.95, 0.8, 0.75, undefined, { flaky: 0.7, foam: 0.5, choux: 0.5 }), steps: [{ op: 'note', at: ['mix', 'knead'], msg: msg('step.noKnead') }], cautions: ['hydrate_fibre'], tags: ['no_oil', 'gum_free', 'wholegrain'], usual: 0.85, scarcity: 1, basis: 'practice' },
  { id: 'rice_starch_for_gluten', for: { groups: ['flour'], avoids: GLUTEN_AVOIDS }, covers: ['shape'], items: [item('white_rice_flour', 0.6, 0.66, 0.72, 'g', { joins: true }), item('potato_starch', 0.26, 0.32, 0.38, 'g', { joins: true }), item('xanthan_gum', 0.002, 0.006, 0.014, 'g', { joins: true })], caps: caps(0.6, 0.9, 0.9, undefined, { flaky: 0.85, foam: 0.85, choux: 0.75, set: 0.6, finish: 0.5, custard: 0.5 }), steps: [{ op: 'note', at: ['mix', 'knead'], msg: msg('step.noKnead') }], cautions: [], tags: ['no_oil', 'light'], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'buckwheat_psyllium_for_gluten', for: { groups: ['flour'], avoids: GLUTEN_AVOIDS }, covers: ['hold_gas', 'shape', 'flavour'], items: [item('buckwheat_flour', 0.55, 0.62, 0.7, 'g', { joins: true }), item('white_rice_flour', 0.28, 0.34, 0.4, 'g', { joins: true }), item('psyllium_powder', 0.02, 0.04, 0.07, 'g')], caps: caps(0.9, 0.65, 0.6, undefined, { flaky: 0.55 }), steps: [{ op: 'note', at: ['mix', 'knead'], msg: msg('step.noKnead') }], cautions: ['hydrate_fibre'], tags: ['no_oil', 'gum_free', 'wholegrain'], usual: 0.6, scarcity: 1, basis: 'practice' },

  // Whole egg, and what of it was white or yolk
  { id: 'flax_gel', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['hold_gas', 'set_hot', 'wet', 'thicken'], items: [item('flax_ground', 6, 7, 9, 'egg', { state: 'gel' }), item('water', 34, 43, 50, 'egg'), lostLift], caps: caps(0.8, 0.9, 0.9, 3), steps: gel(10), cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil', 'wholegrain'], usual: 0.8, scarcity: 1, basis: 'practice' },
  { id: 'chia_gel', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['hold_gas', 'set_hot', 'wet', 'thicken'], items: [item('chia_ground', 6.5, 8, 10, 'egg', { state: 'gel' }), item('water', 36, 45, 55, 'egg'), lostLift], caps: caps(0.8, 0.9, 0.8, 3), steps: gel(12), cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil', 'wholegrain'], usual: 0.75, scarcity: 1, basis: 'practice' },
  { id: 'psyllium_gel', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['hold_gas', 'shape', 'set_hot', 'wet'], items: [item('psyllium_powder', 2.6, 3.4, 4.2, 'egg', { state: 'gel' }), item('water', 38, 46, 54, 'egg'), lostLift], caps: caps(1, 0.75, 0.6, 4), steps: gel(5, 'step.psylliumGel'), cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil'], usual: 0.85, scarcity: 1, basis: 'practice' },
  { id: 'aquafaba', for: { groups: ['egg', 'egg_white'] }, covers: ['foam', 'hold_gas', 'wet'], items: [item('aquafaba', 40, 45, 50, 'egg', { state: 'whisked' }), item('cream_of_tartar', 0, 0.35, 0.6, 'egg', { families: ['foam', 'meringue'] }), lostLift], caps: caps(0.7, 0.85, 0.7, 12), steps: [{ ...BEFORE_WET, kind: 'whisk', msg: msg('step.aquafaba') }], cautions: ['legume_peanut'], tags: ['gum_free', 'no_oil', 'light'], usual: 0.65, scarcity: 1, basis: 'practice' },
  { id: 'chickpea_slurry', for: { groups: ['egg', 'egg_white'] }, covers: ['set_hot', 'hold_gas', 'brown', 'wet'], items: [item('chickpea_flour', 14, 17, 20, 'egg', { state: 'slurry' }), item('water', 32, 40, 48, 'egg'), lostLift], caps: caps(0.7, 0.8, 0.6, 4), steps: gel(5, 'step.slurry'), cautions: ['bean_taste', 'legume_peanut'], tags: ['gum_free', 'no_oil'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'soy_yogurt_egg', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['wet', 'hold_gas', 'emulsify', 'set_hot'], items: [item('soy_yogurt', 48, 55, 62, 'egg'), lostLift], caps: caps(0.5, 0.9, 0.7, 5), steps: [], cautions: ['dense'], tags: ['gum_free', 'no_oil'], usual: 0.6, scarcity: 1, basis: 'practice' },
  { id: 'silken_tofu_egg', for: { groups: ['egg', 'egg_yolk'], families: ['batter', 'cookie'] }, covers: ['set_hot', 'emulsify', 'wet'], items: [item('silken_tofu', 52, 57, 62, 'egg'), lostLift], caps: caps(0.3, 0.75, 0.6, 5), steps: [{ ...BEFORE_WET, kind: 'whisk', msg: msg('step.tofu') }], cautions: ['dense'], tags: ['gum_free', 'no_oil'], usual: 0.4, scarcity: 1, basis: 'practice' },
  { id: 'apple_egg', for: { groups: ['egg', 'egg_yolk'], families: ['batter', 'cookie'] }, covers: ['wet', 'shorten'], items: [item('apple_puree', 56, 62, 66, 'egg'), lostLift], caps: caps(0.1, 0.55, 0.5, 3), steps: [], cautions: ['dense'], tags: ['gum_free', 'no_oil'], usual: 0.45, scarcity: 0, basis: 'practice' },
  { id: 'starch_slurry', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['set_hot', 'set_cool', 'wet'], items: [item('potato_starch', 9, 11, 13, 'egg', { state: 'slurry' }), item('water', 32, 40, 46, 'egg'), lostLift], caps: caps(0.5, 0.7, 0.85, 3), steps: gel(0, 'step.slurry'), cautions: [], tags: ['gum_free', 'no_oil', 'light'], usual: 0.45, scarcity: 0, basis: 'practice' },

  // Milk and nut drinks
  { id: 'soy_drink', for: { groups: ['milk', 'nut_drink', 'plant_drink'] }, covers: ['wet', 'brown'], items: [item('soy_drink', 0.9, 1, 1.06, 'g')], caps: caps(1, 1, 1), steps: [], cautions: ['added_oil_in_drinks'], tags: ['no_oil'], usual: 0.9, scarcity: 0, basis: 'practice' },
  { id: 'oat_drink', for: { groups: ['milk', 'nut_drink', 'plant_drink'] }, covers: ['wet', 'sweeten'], items: [item('oat_drink', 0.9, 1, 1.06, 'g')], caps: caps(0.85, 0.9, 0.9), steps: [], cautions: ['added_oil_in_drinks'], tags: ['no_oil'], usual: 0.75, scarcity: 1, basis: 'practice' },
  { id: 'rice_drink', for: { groups: ['milk', 'nut_drink', 'plant_drink'] }, covers: ['wet', 'sweeten'], items: [item('rice_drink', 0.9, 1, 1.06, 'g')], caps: caps(0.7, 0.8, 0.8), steps: [], cautions: ['added_oil_in_drinks'], tags: ['no_oil'], usual: 0.6, scarcity: 1, basis: 'practice' },
  { id: 'almond_drink', for: { groups: ['milk'] }, covers: ['wet'], items: [item('almond_drink', 0.9, 1, 1.06, 'g')], caps: caps(0.7, 0.8, 0.8), steps: [], cautions: ['added_oil_in_drinks'], tags: ['no_oil'], usual: 0.6, scarcity: 0, basis: 'practice' },
  { id: 'water_milk', for: { groups: ['milk', 'nut_drink', 'plant_drink'] }, covers: ['wet'], items: [item('water', 0.82, 0.9, 0.98, 'g')], caps: caps(0.6, 0.5, 0.6), steps: [], cautions: [], tags: ['no_oil', 'gum_free'], usual: 0.3, scarcity: 0, basis: 'practice' },

  // Milk powder
  { id: 'soy_powder', for: { groups: ['milk_powder'] }, covers: ['brown', 'set_hot', 'sweeten'], items: [item('soy_milk_powder', 0.85, 1, 1.1, 'g')], caps: caps(1, 1, 1), steps: [], cautions: [], tags: ['no_oil'], usual: 0.7, scarcity: 2, basis: 'practice' },
  { id: 'chickpea_for_powder', for: { groups: ['milk_powder'] }, covers: ['brown', 'sweeten'], items: [item('chickpea_flour', 0.45, 0.6, 0.75, 'g'), item('sugar', 0.25, 0.4, 0.5, 'g', { joins: true })], caps: caps(0.85, 0.8, 0.8), steps: [], cautions: ['bean_taste', 'legume_peanut'], tags: ['no_oil', 'gum_free'], usual: 0.55, scarcity: 1, basis: 'practice' },
  { id: 'sugar_for_powder', for: { groups: ['milk_powder'] }, covers: ['sweeten', 'brown'], items: [item('sugar', 0.35, 0.5, 0.6, 'g', { joins: true })], caps: caps(0.6, 0.7, 0.8), steps: [], cautions: [], tags: ['no_oil', 'gum_free'], usual: 0.4, scarcity: 0, basis: 'practice' },

  // Buttermilk, yogurt, kefir: the acid has to come back with the water
  { id: 'soy_lemon', for: { groups: ['cultured'] }, covers: ['wet', 'sour', 'set_hot'], items: [item('soy_drink', 0.8, 0.88, 0.96, 'g'), item('lemon_juice', 0.06, 0.12, 0.14, 'g', { joins: true })], caps: caps(1, 1, 1), steps: [{ ...BEFORE_WET, kind: 'rest', msg: msg('step.sour', { wait: 8 }) }], cautions: ['soured_drink', 'added_oil_in_drinks'], tags: ['no_oil'], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'soy_vinegar', for: { groups: ['cultured'] }, covers: ['wet', 'sour', 'set_hot'], items: [item('soy_drink', 0.8, 0.88, 0.96, 'g'), item('cider_vinegar', 0.06, 0.12, 0.135, 'g', { joins: true })], caps: caps(1, 0.95, 0.9), steps: [{ ...BEFORE_WET, kind: 'rest', msg: msg('step.sour', { wait: 8 }) }], cautions: ['soured_drink', 'added_oil_in_drinks'], tags: ['no_oil'], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'oat_lemon', for: { groups: ['cultured'] }, covers: ['wet', 'sour'], items: [item('oat_drink', 0.8, 0.88, 0.96, 'g'), item('lemon_juice', 0.06, 0.12, 0.14, 'g', { joins: true })], caps: caps(0.8, 0.85, 0.85), steps: [{ ...BEFORE_WET, kind: 'rest', msg: msg('step.sour', { wait: 5 }) }], cautions: ['soured_drink', 'added_oil_in_drinks'], tags: ['no_oil'], usual: 0.6, scarcity: 1, basis: 'practice' },
  { id: 'rice_vinegar', for: { groups: ['cultured'] }, covers: ['wet', 'sour'], items: [item('rice_drink', 0.8, 0.88, 0.96, 'g'), item('cider_vinegar', 0.06, 0.12, 0.135, 'g', { joins: true })], caps: caps(0.7, 0.75, 0.75), steps: [{ ...BEFORE_WET, kind: 'rest', msg: msg('step.sour', { wait: 5 }) }], cautions: ['soured_drink', 'added_oil_in_drinks'], tags: ['no_oil'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'soy_yogurt', for: { groups: ['cultured'] }, covers: ['wet', 'sour', 'set_hot'], items: [item('soy_yogurt', 0.7, 0.8, 1, 'g'), item('water', 0, 0.17, 0.25, 'g'), item('lemon_juice', 0, 0.03, 0.08, 'g', { joins: true })], caps: caps(1, 1, 1), steps: [], cautions: [], tags: ['no_oil'], usual: 0.75, scarcity: 1, basis: 'practice' },

  // Cream
  { id: 'coconut_milk', for: { groups: ['cream'] }, covers: ['wet', 'shorten'], items: [item('coconut_milk', 0.9, 1, 1.1, 'g')], caps: caps(0.7, 0.8, 0.6), steps: [], cautions: [], tags: ['whole_food'], usual: 0.6, scarcity: 0, basis: 'practice' },
  { id: 'soy_drink_oil', for: { groups: ['cream'] }, covers: ['wet', 'shorten'], items: [item('soy_drink', 0.55, 0.63, 0.7, 'g'), item('sunflower_oil', 0.28, 0.34, 0.38, 'g')], caps: caps(0.8, 0.8, 0.7), steps: [], cautions: [], tags: [], usual: 0.5, scarcity: 0, basis: 'practice' },
  { id: 'soy_seed_butter', for: { groups: ['cream'] }, covers: ['wet', 'shorten'], items: [item('soy_drink', 0.4, 0.5, 0.65, 'g'), item('sunflower_seed_butter', 0.35, 0.5, 0.62, 'g')], caps: caps(0.6, 0.7, 0.6), steps: [], cautions: ['green_sunflower'], tags: ['no_oil', 'whole_food'], usual: 0.15, scarcity: 1, basis: 'practice' },

  // Butter
  { id: 'plant_block', for: { groups: ['butter'] }, covers: ['shorten', 'cream', 'flake'], items: [item('plant_block', 0.96, 1.02, 1.08, 'g')], caps: caps(1, 1, 1), steps: [], cautions: ['salted_block'], tags: [], usual: 0.95, scarcity: 0, basis: 'practice' },
  { id: 'shortening_water', for: { groups: ['butter'] }, covers: ['shorten', 'flake', 'cream'], items: [item('shortening', 0.8, 0.81, 0.83, 'g'), item('water', 0.12, 0.16, 0.2, 'g')], caps: caps(0.9, 0.8, 0.95), steps: [], cautions: [], tags: [], usual: 0.6, scarcity: 1, basis: 'practice' },
  { id: 'coconut_fat', for: { groups: ['butter'] }, covers: ['shorten', 'flake'], items: [item('coconut_oil', 0.78, 0.8, 0.84, 'g'), item('water', 0.1, 0.16, 0.2, 'g')], caps: caps(0.8, 0.75, 0.75), steps: [{ op: 'note', at: ['cream', 'rub', 'rest'], msg: msg('step.keepCold') }], cautions: ['soft_fat'], tags: [], usual: 0.5, scarcity: 0, basis: 'practice' },
  { id: 'oil_for_butter', for: { groups: ['butter'], families: ['yeast_loaf', 'batter'] }, covers: ['shorten', 'wet'], items: [item('sunflower_oil', 0.76, 0.8, 0.84, 'g'), item('water', 0.1, 0.16, 0.2, 'g')], caps: caps(0.9, 0.65, 0), steps: [{ op: 'note', at: ['cream'], msg: msg('step.noCreaming') }], cautions: ['soft_fat'], tags: [], usual: 0.55, scarcity: 0, basis: 'practice' },
  { id: 'seed_butter_apple', for: { groups: ['butter'], families: ['yeast_loaf', 'batter'] }, covers: ['shorten', 'emulsify', 'wet'], items: [item('sunflower_seed_butter', 0.6, 0.8, 1, 'g'), item('apple_puree', 0.1, 0.3, 0.5, 'g'), lostLift], caps: caps(0.7, 0.75, 0), steps: [{ op: 'note', at: ['cream', 'rub'], msg: msg('step.noCreaming') }], cautions: ['green_sunflower', 'keeps_less'], tags: ['no_oil', 'whole_food'], usual: 0.45, scarcity: 1, basis: 'practice' },
  { id: 'tahini_apple', for: { groups: ['butter'], families: ['yeast_loaf', 'batter'] }, covers: ['shorten', 'emulsify', 'wet'], items: [item('tahini', 0.6, 0.85, 1.05, 'g'), item('apple_puree', 0.1, 0.3, 0.5, 'g')], caps: caps(0.6, 0.65, 0), steps: [{ op: 'note', at: ['cream', 'rub'], msg: msg('step.noCreaming') }], cautions: ['keeps_less'], tags: ['no_oil', 'whole_food'], usual: 0.35, scarcity: 1, basis: 'practice' },
  { id: 'seed_butter_pastry', for: { groups: ['butter'], families: ['cookie'] }, covers: ['shorten', 'flavour'], items: [item('sunflower_seed_butter', 1, 1.25, 1.45, 'g'), item('water', 0.05, 0.14, 0.3, 'g')], caps: caps(0, 0, 0.7), steps: [{ op: 'note', at: ['cream', 'rub'], msg: msg('step.workIn') }], cautions: ['no_snap', 'green_sunflower'], tags: ['no_oil', 'whole_food'], usual: 0.45, scarcity: 1, basis: 'practice' },
  { id: 'tahini_pastry', for: { groups: ['butter'], families: ['cookie'] }, covers: ['shorten', 'flavour'], items: [item('tahini', 1.05, 1.3, 1.5, 'g'), item('water', 0.05, 0.12, 0.25, 'g')], caps: caps(0, 0, 0.65), steps: [{ op: 'note', at: ['cream', 'rub'], msg: msg('step.workIn') }], cautions: ['no_snap'], tags: ['no_oil', 'whole_food'], usual: 0.4, scarcity: 1, basis: 'practice' },
  { id: 'apple_for_butter', for: { groups: ['butter'] }, covers: ['wet'], items: [item('apple_puree', 0.7, 0.85, 1, 'g')], caps: caps(0.5, 0.4, 0.15), steps: [{ op: 'note', at: ['cream', 'rub'], msg: msg('step.noCreaming') }], cautions: ['dense', 'keeps_less', 'no_snap'], tags: ['no_oil', 'light'], usual: 0.25, scarcity: 0, basis: 'practice' },

  // Oil and firm plant fats in the dough
  { id: 'apple_seed_butter', for: { groups: ['oil', 'fat_firm'] }, covers: ['shorten', 'wet', 'emulsify'], items: [item('apple_puree', 0.3, 0.6, 0.8, 'g'), item('pumpkin_seed_butter', 0.3, 0.5, 0.9, 'g')], caps: caps(0.7, 0.95, 0.7), steps: [], cautions: ['keeps_less'], tags: ['no_oil', 'whole_food'], usual: 0.7, scarcity: 1, basis: 'practice' },
  { id: 'squash_for_oil', for: { groups: ['oil', 'fat_firm'] }, covers: ['wet', 'shorten'], items: [item('squash_puree', 0.7, 0.9, 1.05, 'g')], caps: caps(0.7, 0.6, 0.3), steps: [], cautions: ['keeps_less', 'dense'], tags: ['no_oil', 'light'], usual: 0.5, scarcity: 0, basis: 'practice' },
  { id: 'apple_for_oil', for: { groups: ['oil', 'fat_firm'] }, covers: ['wet', 'shorten'], items: [item('apple_puree', 0.7, 0.9, 1.05, 'g')], caps: caps(0.6, 0.6, 0.3), steps: [], cautions: ['keeps_less', 'dense'], tags: ['no_oil', 'light'], usual: 0.55, scarcity: 0, basis: 'practice' },
  { id: 'soy_yogurt_for_oil', for: { groups: ['oil', 'fat_firm'] }, covers: ['wet', 'emulsify', 'shorten'], items: [item('soy_yogurt', 0.7, 0.9, 1.05, 'g')], caps: caps(0.7, 0.65, 0.3), steps: [], cautions: ['keeps_less'], tags: ['no_oil', 'light'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'seed_butter_for_oil', for: { groups: ['oil', 'fat_firm'] }, covers: ['shorten', 'emulsify', 'flavour'], items: [item('sunflower_seed_butter', 0.9, 1.25, 1.6, 'g'), item('water', 0, 0.1, 0.3, 'g')], caps: caps(0.75, 0.75, 0.7), steps: [], cautions: ['green_sunflower'], tags: ['no_oil', 'whole_food'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'butter_for_oil', for: { groups: ['oil', 'fat_firm'] }, covers: ['shorten', 'flavour'], items: [item('butter', 1, 1.2, 1.25, 'g')], caps: caps(0.9, 0.85, 0.95), steps: [], cautions: [], tags: [], usual: 0.6, scarcity: 0, basis: 'practice' },

  // Ground nuts
  { id: 'pumpkin_meal', for: { groups: ['nut_flour'] }, covers: ['shorten', 'flavour'], items: [item('pumpkin_seed_meal', 0.92, 1, 1.05, 'g')], caps: caps(0.8, 0.9, 0.9), steps: [], cautions: [], tags: ['no_oil', 'whole_food', 'gum_free'], usual: 0.65, scarcity: 1, basis: 'practice' },
  { id: 'sunflower_meal', for: { groups: ['nut_flour'] }, covers: ['shorten', 'flavour'], items: [item('sunflower_seed_meal', 0.92, 1, 1.05, 'g')], caps: caps(0.8, 0.9, 0.9), steps: [], cautions: ['green_sunflower'], tags: ['no_oil', 'whole_food', 'gum_free'], usual: 0.7, scarcity: 1, basis: 'practice' },
  { id: 'oat_meal', for: { groups: ['nut_flour'] }, covers: ['flavour'], items: [item('oat_flour', 0.6, 0.75, 0.9, 'g')], caps: caps(0.6, 0.5, 0.55), steps: [], cautions: ['keeps_less'], tags: ['no_oil', 'light'], usual: 0.35, scarcity: 1, basis: 'practice' },
  { id: 'rice_for_nut_flour', for: { groups: ['nut_flour'] }, covers: [], items: [item('white_rice_flour', 0.5, 0.65, 0.8, 'g', { joins: true })], caps: caps(0.4, 0.35, 0.4), steps: [], cautions: ['keeps_less', 'dense'], tags: ['no_oil', 'light'], usual: 0.2, scarcity: 0, basis: 'practice' },

  // Nut pieces
  { id: 'pumpkin_pieces', for: { groups: ['nut_pieces'] }, covers: ['bite', 'flavour'], items: [item('pumpkin_seeds', 0.9, 1, 1.1, 'g')], caps: caps(1, 1, 1), steps: [{ ...BEFORE_WET, kind: 'prepare', msg: msg('step.toast') }], cautions: [], tags: ['no_oil', 'whole_food'], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'sunflower_pieces', for: { groups: ['nut_pieces'] }, covers: ['bite', 'flavour'], items: [item('sunflower_seeds', 0.9, 1, 1.1, 'g')], caps: caps(1, 0.95, 0.95), steps: [{ ...BEFORE_WET, kind: 'prepare', msg: msg('step.toast') }], cautions: ['green_sunflower'], tags: ['no_oil', 'whole_food'], usual: 0.7, scarcity: 0, basis: 'practice' },
  { id: 'raisins_for_nuts', for: { groups: ['nut_pieces'] }, covers: ['bite'], items: [item('raisins', 0.7, 0.85, 1, 'g')], caps: caps(0.8, 0.7, 0.7), steps: [], cautions: [], tags: ['no_oil', 'light'], usual: 0.4, scarcity: 0, basis: 'practice' },

  // Nut butter
  { id: 'sunflower_butter', for: { groups: ['nut_butter'] }, covers: ['shorten', 'emulsify', 'flavour'], items: [item('sunflower_seed_butter', 0.92, 1, 1.08, 'g')], caps: caps(0.9, 0.9, 0.95), steps: [], cautions: ['green_sunflower'], tags: ['no_oil', 'whole_food'], usual: 0.8, scarcity: 1, basis: 'practice' },
  { id: 'tahini_butter', for: { groups: ['nut_butter'] }, covers: ['shorten', 'emulsify', 'flavour'], items: [item('tahini', 0.92, 1, 1.08, 'g')], caps: caps(0.9, 0.85, 0.9), steps: [], cautions: [], tags: ['no_oil', 'whole_food'], usual: 0.7, scarcity: 0, basis: 'practice' },

  // Greasing and washes
  {
    id: 'paper_lining',
    for: { groups: ['butter', 'oil', 'fat_firm'], role: 'release' },
    covers: ['release'],
    items: [],
    caps: caps(1, 1, 1),
    steps: [
      { op: 'at', words: GREASED, unless: HOT_PANS, msg: msg('step.paper') },
      { op: 'at', words: HOT_PANS, msg: msg('step.dryPan') },
      { op: 'insert', before: ['prepare', 'fill', 'shape'], kind: 'prepare', msg: msg('step.paper'), unless: [...GREASED, ...HOT_PANS] },
    ],
    cautions: [],
    tags: ['no_oil'],
    usual: 0.9,
    scarcity: 0,
    basis: 'practice',
  },
  { id: 'drink_wash', for: { groups: ['egg', 'egg_white', 'egg_yolk', 'milk', 'cream', 'plant_cream', 'plant_drink', 'nut_drink', 'butter', 'fat_firm', 'oil'], role: 'wash' }, covers: ['glaze', 'brown'], items: [item('soy_drink', 0.5, 0.6, 0.7, 'g'), item('maple_syrup', 0.15, 0.2, 0.25, 'g')], caps: caps(1, 1, 1), steps: [{ op: 'note', at: ['wash'], msg: msg('step.drinkWash') }], cautions: ['added_oil_in_drinks'], tags: ['no_oil'], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'water_wash', for: { groups: ['egg', 'egg_white', 'egg_yolk', 'milk', 'cream', 'plant_cream', 'plant_drink', 'nut_drink', 'butter', 'fat_firm', 'oil'], role: 'wash' }, covers: [], items: [item('water', 0.4, 0.5, 0.6, 'g')], caps: caps(0.6, 0.6, 0.6), steps: [{ op: 'note', at: ['wash'], msg: msg('step.waterWash') }], cautions: [], tags: ['no_oil'], usual: 0.4, scarcity: 0, basis: 'practice' },

  // Gluten that hides in vinegar, syrup and oats
  { id: 'cider_for_malt', for: { groups: ['acid'] }, covers: ['sour'], items: [item('cider_vinegar', 0.95, 1, 1.05, 'g', { joins: true })], caps: caps(1, 1, 1), steps: [], cautions: [], tags: ['no_oil'], usual: 0.95, scarcity: 0, basis: 'practice' },
  { id: 'maple_syrup', for: { groups: ['syrup', 'honey'] }, covers: ['sweeten', 'wet'], items: [item('maple_syrup', 1, 1.1, 1.3, 'g')], caps: caps(0.9, 0.9, 0.9), steps: [], cautions: [], tags: ['no_oil'], usual: 0.8, scarcity: 0, basis: 'practice' },

  // Cheese
  { id: 'vegan_cheese', for: { groups: ['cheese'], ids: HARD_CHEESES }, covers: ['flavour', 'set_cool'], items: [item('vegan_cheese', 0.9, 1, 1.05, 'g')], caps: caps(0.85, 0.9, 0.8), steps: [], cautions: [], tags: [], usual: 0.9, scarcity: 1, basis: 'practice' },
  { id: 'tofu_for_cheese', for: { groups: ['cheese', 'plant_cheese'], ids: FRESH_CHEESES }, covers: ['set_hot', 'thicken'], items: [item('firm_tofu', 0.85, 0.95, 1.05, 'g'), item('lemon_juice', 0.03, 0.05, 0.07, 'g', { joins: true })], caps: caps(0.5, 0.6, 0.5), steps: [], cautions: ['bean_taste'], tags: ['gum_free', 'no_oil'], usual: 0.4, scarcity: 1, basis: 'practice' },

  { id: 'vegan_cream_cheese', for: { groups: ['cheese'], ids: FRESH_CHEESES }, covers: ['flavour', 'thicken', 'set_cool'], items: [item('vegan_cream_cheese', 0.95, 1, 1.05, 'g')], caps: caps(0.9, 0.95, 0.9, undefined, { flaky: 0.9, custard: 0.85, set: 0.95, finish: 0.95, foam: 0.8 }), steps: [], cautions: [], tags: [], usual: 0.85, scarcity: 1, basis: 'practice' },
  { id: 'yeast_for_cheese', for: { groups: ['cheese'], ids: HARD_CHEESES }, covers: ['flavour', 'brown'], items: [item('nutritional_yeast', 0.12, 0.18, 0.25, 'g'), item('olive_oil', 0.15, 0.22, 0.3, 'g'), item('salt', 0.006, 0.012, 0.018, 'g', { joins: true })], caps: caps(0.5, 0.6, 0.65, undefined, { flaky: 0.5, custard: 0.4, set: 0.35 }), steps: [], cautions: [], tags: ['gum_free'], usual: 0.4, scarcity: 1, basis: 'practice' },

  // Left out, the rest brought into balance: often what a baker does where it did little
  { id: 'egg_left_out', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['wet'], items: [item('water', 0, 30, 42, 'egg', { joins: true })], caps: { ...caps(0.7, 0.3, 0.8, 1.6, { flaky: 0.85 }), fades: 2, classes: { shortcrust: 0.95, press_in: 0.95, cracker: 0.95, crumb: 0.95, flatbread: 0.9, boiled_ring: 0.9, enriched: 0.45, bun: 0.65, soda_bread: 0.65, pancake: 0.45, brownie: 0.5, muffin: 0.3, batter: 0.2, frangipane: 0.2, doughnut: 0.5 } }, steps: [], cautions: [], tags: ['gum_free', 'no_oil', 'light'], usual: 0.7, scarcity: 0, basis: 'practice' },
  { id: 'powder_left_out', for: { groups: ['milk_powder'] }, covers: [], items: [], caps: caps(0.65, 0.6, 0.7, undefined, { flaky: 0.7, foam: 0.5, set: 0.5, finish: 0.7, custard: 0.5 }), steps: [], cautions: [], tags: ['gum_free', 'no_oil', 'light'], usual: 0.5, scarcity: 0, basis: 'practice' },

  { id: 'flavour_left_out', for: { groups: ['flavour'] }, covers: [], items: [], caps: caps(0.6, 0.6, 0.6, undefined, { flaky: 0.6, foam: 0.6, set: 0.6, finish: 0.6, custard: 0.6 }), steps: [], cautions: [], tags: ['gum_free', 'no_oil', 'light'], usual: 0.5, scarcity: 0, basis: 'practice' },
  { id: 'vanilla_for_extract', for: { groups: ['flavour'], ids: ['almond_extract'] }, covers: ['flavour'], items: [item('vanilla', 0.9, 1, 1.5, 'g')], caps: caps(0.8, 0.8, 0.8, undefined, { flaky: 0.8, foam: 0.8, set: 0.8, finish: 0.8, custard: 0.8 }), steps: [], cautions: [], tags: ['gum_free', 'no_oil', 'light'], usual: 0.7, scarcity: 0, basis: 'practice' },

  // What is sprinkled on top or added by taste may simply be left off
  { id: 'left_off', for: { groups: 'any', role: 'dusting' }, covers: [], items: [], caps: caps(0.7, 0.7, 0.7), steps: [], cautions: [], tags: ['gum_free', 'no_oil'], usual: 0.6, scarcity: 0, basis: 'practice' },
  { id: 'left_out_taste', for: { groups: 'any', role: 'taste' }, covers: [], items: [], caps: caps(0.7, 0.7, 0.7), steps: [], cautions: [], tags: ['gum_free', 'no_oil'], usual: 0.6, scarcity: 0, basis: 'practice' },

  // More ways for eggs
  { id: 'psyllium_husk_gel', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['hold_gas', 'shape', 'set_hot', 'wet'], items: [item('psyllium_husk', 3.2, 4.2, 5, 'egg', { state: 'gel' }), item('water', 38, 47, 55, 'egg'), lostLift], caps: caps(0.95, 0.7, 0.55, 4), steps: gel(8, 'step.psylliumGel'), cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil'], usual: 0.65, scarcity: 1, basis: 'practice' },
  { id: 'chia_whole_gel', for: { groups: ['egg', 'egg_white'] }, covers: ['hold_gas', 'set_hot', 'wet', 'thicken'], items: [item('chia_whole', 7, 9, 10, 'egg', { state: 'gel' }), item('water', 38, 46, 55, 'egg'), lostLift], caps: caps(0.75, 0.7, 0.7, 3), steps: gel(15), cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil', 'wholegrain'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'aquafaba_white', for: { groups: ['egg_white'], families: ['foam', 'batter'] }, covers: ['foam', 'hold_gas'], items: [item('aquafaba', 42, 45, 52, 'egg', { state: 'whisked' }), item('cream_of_tartar', 0.1, 0.3, 0.6, 'egg')], caps: caps(0, 0.8, 0, 6, { foam: 0.7 }), steps: [{ ...BEFORE_WET, kind: 'whisk', msg: msg('step.aquafaba') }], cautions: ['legume_peanut'], tags: ['gum_free', 'no_oil', 'light'], usual: 0.7, scarcity: 1, basis: 'practice' },
  { id: 'seed_butter_yolk', for: { groups: ['egg_yolk'] }, covers: ['emulsify', 'shorten', 'wet'], items: [item('sunflower_seed_butter', 12, 18, 26, 'egg'), item('soy_drink', 18, 26, 34, 'egg')], caps: caps(0.7, 0.7, 0.7, 6), steps: [], cautions: ['green_sunflower'], tags: ['no_oil', 'whole_food'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'fizz_egg', for: { groups: ['egg', 'egg_white'], families: ['batter', 'foam'] }, covers: ['wet'], items: [item('soy_drink', 26, 32, 38, 'egg'), item('cider_vinegar', 8, 12, 15, 'egg', { joins: true }), item('soda', 0.5, 0.8, 1.1, 'egg', { joins: true })], caps: caps(0, 0.6, 0, 4, { foam: 0.3 }), steps: [{ ...BEFORE_WET, kind: 'mix', msg: msg('step.fizz') }], cautions: ['dense'], tags: ['no_oil', 'light'], usual: 0.45, scarcity: 0, basis: 'practice' },
  { id: 'egg_replacer', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['hold_gas', 'set_hot', 'wet'], items: [item('egg_replacer', 7, 10, 12, 'egg'), item('water', 34, 40, 46, 'egg')], caps: caps(0.6, 0.7, 0.7, 4), steps: gel(2, 'step.slurry'), cautions: [], tags: ['no_oil', 'light'], usual: 0.4, scarcity: 1, basis: 'practice' },

  // A custard that egg set becomes one that starch, soya or agar sets
  { id: 'cornflour_custard', for: { groups: ['egg', 'egg_yolk'], families: ['custard', 'set'] }, covers: ['set_cool', 'thicken', 'wet'], items: [item('corn_starch', 8, 9, 10, 'liquid%', { state: 'slurry', joins: true }), item('soy_drink', 34, 42, 48, 'egg')], caps: caps(0, 0, 0, undefined, { custard: 0.75, set: 0.75 }), steps: [{ ...BEFORE_WET, kind: 'mix', msg: msg('step.simmerStarch') }], cautions: ['starch_simmer'], tags: ['gum_free', 'no_oil', 'light'], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'cornflour_cream', for: { groups: ['egg', 'egg_yolk'], families: ['custard', 'set'] }, covers: ['set_cool', 'thicken', 'wet'], items: [item('corn_starch', 6, 7, 8, 'liquid%', { state: 'slurry', joins: true }), item('soy_drink', 34, 42, 48, 'egg')], caps: caps(0, 0, 0, undefined, { custard: 0.5, set: 0.95 }), steps: [{ ...BEFORE_WET, kind: 'mix', msg: msg('step.simmerStarch') }], cautions: ['starch_simmer'], tags: ['gum_free', 'no_oil', 'light'], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'cornflour_pouring', for: { groups: ['egg', 'egg_yolk'], families: ['custard', 'set'] }, covers: ['set_cool', 'thicken', 'wet'], items: [item('corn_starch', 3, 3.5, 4, 'liquid%', { state: 'slurry', joins: true }), item('soy_drink', 34, 42, 48, 'egg')], caps: caps(0, 0, 0, undefined, { custard: 0.15, set: 0.6 }), steps: [{ ...BEFORE_WET, kind: 'mix', msg: msg('step.simmerStarch') }], cautions: ['starch_simmer'], tags: ['gum_free', 'no_oil', 'light'], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'tapioca_custard', for: { groups: ['egg', 'egg_yolk'], families: ['custard', 'set'] }, covers: ['set_cool', 'thicken', 'wet'], items: [item('tapioca_starch', 6, 8, 10, 'egg', { state: 'slurry' }), item('soy_drink', 34, 42, 48, 'egg')], caps: caps(0, 0, 0, undefined, { custard: 0.6, set: 0.75 }), steps: [{ ...BEFORE_WET, kind: 'mix', msg: msg('step.simmerStarch') }], cautions: ['starch_simmer'], tags: ['gum_free', 'no_oil', 'light'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'rice_custard', for: { groups: ['egg', 'egg_yolk'], families: ['custard', 'set'] }, covers: ['set_cool', 'thicken', 'wet'], items: [item('arrowroot', 6, 8, 10, 'egg', { state: 'slurry' }), item('rice_drink', 34, 42, 48, 'egg')], caps: caps(0, 0, 0, undefined, { custard: 0.55, set: 0.7 }), steps: [{ ...BEFORE_WET, kind: 'mix', msg: msg('step.simmerStarch') }], cautions: ['starch_simmer'], tags: ['gum_free', 'no_oil', 'light'], usual: 0.45, scarcity: 1, basis: 'practice' },
  { id: 'tofu_custard', for: { groups: ['egg', 'egg_yolk'], families: ['custard'] }, covers: ['set_hot', 'emulsify', 'wet'], items: [item('silken_tofu', 42, 50, 58, 'egg'), item('corn_starch', 1.5, 2.5, 4, 'egg', { state: 'slurry' })], caps: caps(0, 0, 0, undefined, { custard: 0.8 }), steps: [{ ...BEFORE_WET, kind: 'whisk', msg: msg('step.tofu') }], cautions: ['bean_taste'], tags: ['gum_free', 'no_oil'], usual: 0.7, scarcity: 1, basis: 'practice' },
  { id: 'chickpea_custard', for: { groups: ['egg', 'egg_yolk'], families: ['custard'] }, covers: ['set_hot', 'brown', 'wet'], items: [item('chickpea_flour', 12, 15, 18, 'egg', { state: 'slurry' }), item('water', 30, 38, 46, 'egg')], caps: caps(0, 0, 0, undefined, { custard: 0.55 }), steps: gel(5, 'step.slurry'), cautions: ['bean_taste', 'legume_peanut'], tags: ['gum_free', 'no_oil'], usual: 0.45, scarcity: 1, basis: 'practice' },

  // More drinks
  { id: 'pea_drink', for: { groups: ['milk', 'nut_drink', 'plant_drink'] }, covers: ['wet', 'brown'], items: [item('pea_drink', 0.9, 1, 1.06, 'g')], caps: caps(0.9, 0.9, 0.9), steps: [], cautions: ['added_oil_in_drinks', 'legume_peanut'], tags: ['no_oil'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'coconut_drink', for: { groups: ['milk', 'nut_drink', 'plant_drink'] }, covers: ['wet'], items: [item('coconut_drink', 0.9, 1, 1.06, 'g')], caps: caps(0.7, 0.8, 0.8), steps: [], cautions: ['added_oil_in_drinks'], tags: ['no_oil'], usual: 0.5, scarcity: 0, basis: 'practice' },
  { id: 'hemp_drink', for: { groups: ['milk', 'nut_drink', 'plant_drink'] }, covers: ['wet'], items: [item('hemp_drink', 0.9, 1, 1.06, 'g')], caps: caps(0.7, 0.75, 0.75), steps: [], cautions: ['added_oil_in_drinks'], tags: ['no_oil'], usual: 0.35, scarcity: 2, basis: 'practice' },

  // More for cultured milk
  { id: 'coconut_yogurt', for: { groups: ['cultured', 'plant_cultured'], ids: YOGURTS }, covers: ['wet', 'sour', 'thicken'], items: [item('coconut_yogurt', 0.7, 0.85, 1, 'g'), item('lemon_juice', 0.02, 0.06, 0.09, 'g', { joins: true })], caps: caps(0.7, 0.8, 0.8), steps: [], cautions: [], tags: ['whole_food'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'oat_yogurt', for: { groups: ['cultured', 'plant_cultured'], ids: YOGURTS }, covers: ['wet', 'sour', 'thicken'], items: [item('oat_yogurt', 0.75, 0.88, 1, 'g'), item('lemon_juice', 0.02, 0.06, 0.09, 'g', { joins: true })], caps: caps(0.75, 0.8, 0.8), steps: [], cautions: ['added_oil_in_drinks'], tags: ['no_oil'], usual: 0.45, scarcity: 1, basis: 'practice' },
  { id: 'apple_vinegar_cultured', for: { groups: ['cultured', 'plant_cultured'] }, covers: ['wet', 'sour'], items: [item('apple_puree', 0.4, 0.5, 0.62, 'g'), item('water', 0.3, 0.4, 0.5, 'g'), item('cider_vinegar', 0.03, 0.07, 0.1, 'g', { joins: true })], caps: caps(0.6, 0.65, 0.6), steps: [], cautions: ['dense'], tags: ['no_oil', 'light'], usual: 0.3, scarcity: 0, basis: 'practice' },

  // More for cream and cheese
  { id: 'coconut_cream', for: { groups: ['cream', 'plant_cream'] }, covers: ['wet', 'shorten'], items: [item('coconut_cream', 0.95, 1.05, 1.15, 'g')], caps: caps(0.7, 0.8, 0.6), steps: [], cautions: [], tags: ['whole_food', 'no_oil'], usual: 0.65, scarcity: 0, basis: 'practice' },
  // Soured creams are cream first: fat and body, with acid for the tang and the soda. Common practice, no source.
  { id: 'soy_cream_lemon', for: { groups: ['cream'], ids: ['sour_cream', 'creme_fraiche'] }, covers: ['wet', 'shorten', 'sour'], items: [item('soy_cream', 0.8, 0.92, 1, 'g'), item('lemon_juice', 0.02, 0.06, 0.09, 'g', { joins: true })], caps: caps(0.9, 0.95, 0.8, undefined, { custard: 0.9, set: 0.9 }), steps: [], cautions: [], tags: [], usual: 0.9, scarcity: 0, basis: 'practice' },
  { id: 'coconut_cream_lemon', for: { groups: ['cream'], ids: ['sour_cream', 'creme_fraiche'] }, covers: ['wet', 'shorten', 'sour'], items: [item('coconut_cream', 0.8, 0.92, 1, 'g'), item('lemon_juice', 0.02, 0.06, 0.09, 'g', { joins: true })], caps: caps(0.8, 0.9, 0.7, undefined, { custard: 0.8, set: 0.9 }), steps: [], cautions: [], tags: ['whole_food', 'no_oil'], usual: 0.7, scarcity: 0, basis: 'practice' },
  { id: 'tofu_lemon', for: { groups: ['cream'], ids: ['sour_cream', 'creme_fraiche'] }, covers: ['wet', 'sour', 'set_hot'], items: [item('silken_tofu', 0.8, 0.92, 1, 'g'), item('lemon_juice', 0.02, 0.06, 0.09, 'g', { joins: true })], caps: caps(0.7, 0.8, 0.6, undefined, { custard: 0.85, set: 0.8 }), steps: [], cautions: [], tags: ['whole_food', 'no_oil'], usual: 0.6, scarcity: 0, basis: 'practice' },
  { id: 'soy_cream', for: { groups: ['cream', 'plant_cream'] }, covers: ['wet', 'shorten'], items: [item('soy_cream', 0.9, 1, 1.05, 'g')], caps: caps(0.8, 0.85, 0.7), steps: [], cautions: [], tags: [], usual: 0.7, scarcity: 0, basis: 'practice' },
  { id: 'oat_cream', for: { groups: ['cream', 'plant_cream'] }, covers: ['wet', 'shorten'], items: [item('oat_cream', 0.9, 1, 1.05, 'g')], caps: caps(0.75, 0.8, 0.7), steps: [], cautions: [], tags: [], usual: 0.6, scarcity: 1, basis: 'practice' },
  { id: 'tofu_cream', for: { groups: ['cream'] }, covers: ['wet', 'thicken', 'set_hot'], items: [item('silken_tofu', 0.8, 0.95, 1.05, 'g')], caps: caps(0.5, 0.65, 0.5, undefined, { custard: 0.75, set: 0.7, finish: 0.6 }), steps: [{ ...BEFORE_WET, kind: 'whisk', msg: msg('step.tofu') }], cautions: ['bean_taste'], tags: ['no_oil', 'gum_free'], usual: 0.45, scarcity: 1, basis: 'practice' },
  { id: 'bean_cheese', for: { groups: ['cheese', 'plant_cheese'], ids: HARD_CHEESES }, covers: ['flavour'], items: [item('white_beans', 0.6, 0.75, 0.9, 'g'), item('nutritional_yeast', 0.06, 0.1, 0.14, 'g')], caps: caps(0.5, 0.55, 0.45), steps: [], cautions: ['bean_taste', 'legume_peanut'], tags: ['no_oil', 'gum_free', 'whole_food'], usual: 0.35, scarcity: 1, basis: 'practice' },

  // More for butter
  { id: 'creamed_coconut', for: { groups: ['butter', 'fat_firm'] }, covers: ['shorten', 'flake'], items: [item('creamed_coconut', 1, 1.15, 1.25, 'g'), item('water', 0.02, 0.06, 0.12, 'g')], caps: caps(0.6, 0.55, 0.75, undefined, { flaky: 0.5, finish: 0.6, set: 0.5 }), steps: [{ op: 'note', at: ['cream', 'rub', 'rest'], msg: msg('step.keepCold') }], cautions: ['soft_fat'], tags: ['no_oil', 'whole_food'], usual: 0.4, scarcity: 1, basis: 'practice' },
  { id: 'avocado_for_butter', for: { groups: ['butter', 'oil'], families: ['batter', 'yeast_loaf'] }, covers: ['shorten', 'wet'], items: [item('avocado', 0.8, 1, 1.15, 'g')], caps: caps(0.55, 0.6, 0), steps: [{ op: 'note', at: ['cream'], msg: msg('step.noCreaming') }], cautions: ['keeps_less'], tags: ['no_oil', 'whole_food'], usual: 0.3, scarcity: 0, basis: 'practice' },
  { id: 'spread_for_butter', for: { groups: ['butter'], families: ['batter', 'yeast_loaf', 'finish'] }, covers: ['shorten', 'cream'], items: [item('plant_spread', 1.05, 1.2, 1.35, 'g')], caps: caps(0.85, 0.75, 0, undefined, { finish: 0.6 }), steps: [], cautions: ['soft_fat'], tags: [], usual: 0.5, scarcity: 0, basis: 'practice' },

  { id: 'soften_in_water', for: { groups: ['butter', 'oil', 'fat_firm'], families: ['custard', 'set'] }, covers: [], items: [item('water', 0.3, 0.5, 0.8, 'g')], caps: caps(0, 0, 0, undefined, { custard: 0.6, set: 0.6 }), steps: [{ op: 'note', at: ['melt', 'mix', 'other'], msg: msg('step.softenInWater') }], cautions: [], tags: ['no_oil', 'light', 'gum_free'], usual: 0.4, scarcity: 0, basis: 'practice' },

  // More for oil
  { id: 'banana_for_oil', for: { groups: ['oil', 'fat_firm'], families: ['batter', 'yeast_loaf'] }, covers: ['wet', 'shorten'], items: [item('banana', 0.7, 0.9, 1.05, 'g')], caps: caps(0.5, 0.55, 0), steps: [], cautions: ['keeps_less', 'dense'], tags: ['no_oil', 'light'], usual: 0.35, scarcity: 0, basis: 'practice' },
  { id: 'bean_for_oil', for: { groups: ['oil', 'fat_firm'], families: ['batter', 'yeast_loaf', 'cookie'] }, covers: ['wet'], items: [item('white_beans', 0.7, 0.9, 1.05, 'g')], caps: caps(0.45, 0.5, 0.35), steps: [], cautions: ['dense', 'keeps_less', 'legume_peanut'], tags: ['no_oil', 'light'], usual: 0.2, scarcity: 0, basis: 'practice' },
  { id: 'tahini_for_oil', for: { groups: ['oil', 'fat_firm'] }, covers: ['shorten', 'emulsify', 'flavour'], items: [item('tahini', 0.9, 1.3, 1.6, 'g'), item('water', 0, 0.1, 0.3, 'g')], caps: caps(0.7, 0.65, 0.7), steps: [], cautions: [], tags: ['no_oil', 'whole_food'], usual: 0.4, scarcity: 0, basis: 'practice' },
  { id: 'other_oil', for: { groups: ['oil'], avoids: ['tree_nut', 'peanut', 'sesame', 'soy', 'corn', 'coconut', 'legume', 'grain', 'own_word'] }, covers: ['shorten'], items: [item('olive_oil', 0.97, 1, 1.03, 'g')], caps: caps(1, 1, 0.9, undefined, { flaky: 0.4, foam: 0.9, choux: 0.9, set: 0.9, finish: 0.9, custard: 0.9 }), steps: [], cautions: [], tags: [], usual: 0.8, scarcity: 0, basis: 'practice' },

  // More for ground nuts: coconut flour is no stand-in weight for weight, so fat and binder come with it
  { id: 'coconut_for_nut_flour', for: { groups: ['nut_flour'] }, covers: ['shorten', 'flavour'], items: [item('coconut_flour', 0.25, 0.3, 0.34, 'g'), item('sunflower_oil', 0.32, 0.4, 0.46, 'g'), item('water', 0.1, 0.25, 0.4, 'g'), item('psyllium_powder', 0, 0.012, 0.025, 'g')], caps: caps(0.6, 0.65, 0.6), steps: [], cautions: ['hydrate_fibre'], tags: ['gum_free'], usual: 0.35, scarcity: 1, basis: 'practice' },
  { id: 'coconut_whole_for_nut_flour', for: { groups: ['nut_flour'] }, covers: ['shorten', 'flavour'], items: [item('desiccated_coconut', 0.7, 0.8, 0.9, 'g'), item('white_rice_flour', 0.1, 0.2, 0.3, 'g', { joins: true })], caps: caps(0.6, 0.7, 0.75, undefined, { foam: 0.5 }), steps: [], cautions: [], tags: ['no_oil', 'whole_food', 'gum_free'], usual: 0.4, scarcity: 0, basis: 'practice' },
  { id: 'tiger_nut', for: { groups: ['nut_flour'] }, covers: ['shorten', 'flavour'], items: [item('tiger_nut_flour', 0.9, 1, 1.05, 'g')], caps: caps(0.7, 0.75, 0.8), steps: [], cautions: ['sweeter'], tags: ['no_oil', 'whole_food', 'gum_free'], usual: 0.4, scarcity: 2, basis: 'practice' },

  // More pieces
  { id: 'sesame_pieces', for: { groups: ['nut_pieces'] }, covers: ['bite', 'flavour'], items: [item('sesame_seeds', 0.6, 0.75, 0.9, 'g')], caps: caps(0.9, 0.8, 0.85, undefined, { finish: 0.7 }), steps: [{ ...BEFORE_WET, kind: 'prepare', msg: msg('step.toast') }], cautions: [], tags: ['no_oil', 'whole_food'], usual: 0.45, scarcity: 0, basis: 'practice' },
  { id: 'coconut_pieces', for: { groups: ['nut_pieces'] }, covers: ['bite', 'flavour'], items: [item('desiccated_coconut', 0.5, 0.65, 0.8, 'g')], caps: caps(0.6, 0.7, 0.75, undefined, { finish: 0.7 }), steps: [], cautions: [], tags: ['no_oil', 'whole_food'], usual: 0.4, scarcity: 0, basis: 'practice' },
  { id: 'nib_pieces', for: { groups: ['nut_pieces'] }, covers: ['bite', 'flavour'], items: [item('cocoa_nibs', 0.5, 0.7, 0.85, 'g')], caps: caps(0.4, 0.6, 0.8), steps: [], cautions: [], tags: ['no_oil', 'whole_food'], usual: 0.3, scarcity: 2, basis: 'practice' },

  // More nut butter
  { id: 'pumpkin_butter', for: { groups: ['nut_butter'] }, covers: ['shorten', 'emulsify', 'flavour'], items: [item('pumpkin_seed_butter', 0.92, 1, 1.08, 'g')], caps: caps(0.85, 0.85, 0.9), steps: [], cautions: [], tags: ['no_oil', 'whole_food'], usual: 0.55, scarcity: 2, basis: 'practice' },

  // Honey, syrups and sugar
  { id: 'date_syrup', for: { groups: ['syrup', 'honey'] }, covers: ['sweeten', 'wet', 'sour'], items: [item('date_syrup', 1, 1.15, 1.3, 'g')], caps: caps(0.85, 0.85, 0.85), steps: [], cautions: [], tags: ['no_oil'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'agave', for: { groups: ['syrup', 'honey'] }, covers: ['sweeten', 'wet'], items: [item('agave_syrup', 0.95, 1.05, 1.2, 'g')], caps: caps(0.85, 0.85, 0.85), steps: [], cautions: [], tags: ['no_oil'], usual: 0.5, scarcity: 0, basis: 'practice' },
  { id: 'rice_syrup', for: { groups: ['syrup', 'honey'] }, covers: ['sweeten', 'wet'], items: [item('rice_syrup', 1, 1.2, 1.4, 'g')], caps: caps(0.8, 0.75, 0.8), steps: [], cautions: [], tags: ['no_oil'], usual: 0.35, scarcity: 1, basis: 'practice' },
  { id: 'coconut_sugar', for: { groups: ['sugar'], avoids: ['refined_sugar', 'own_word'] }, covers: ['sweeten', 'brown'], items: [item('coconut_sugar', 0.98, 1.06, 1.12, 'g')], caps: caps(0.9, 0.9, 0.85, undefined, { foam: 0.5 }), steps: [], cautions: [], tags: ['no_oil'], usual: 0.7, scarcity: 1, basis: 'practice' },
  { id: 'maple_for_sugar', for: { groups: ['sugar'], avoids: ['refined_sugar', 'coconut', 'own_word'] }, covers: ['sweeten'], items: [item('maple_syrup', 1.15, 1.35, 1.5, 'g')], caps: caps(0.8, 0.7, 0.4), steps: [{ op: 'note', at: ['cream'], msg: msg('step.noCreaming') }], cautions: ['dense'], tags: ['no_oil'], usual: 0.5, scarcity: 0, basis: 'practice' },
  { id: 'date_for_sugar', for: { groups: ['sugar'], avoids: ['refined_sugar', 'coconut', 'own_word'] }, covers: ['sweeten'], items: [item('date_paste', 1.4, 1.7, 2, 'g')], caps: caps(0.6, 0.55, 0.4), steps: [{ op: 'note', at: ['cream'], msg: msg('step.noCreaming') }], cautions: ['dense'], tags: ['no_oil', 'wholegrain'], usual: 0.35, scarcity: 0, basis: 'practice' },

  { id: 'xylitol_for_sugar', for: { groups: ['sugar'], avoids: ['refined_sugar', 'own_word'] }, covers: ['sweeten'], items: [item('xylitol', 0.95, 1, 1.08, 'g')], caps: caps(0.2, 0.75, 0.7, undefined, { foam: 0.5, flaky: 0.6, set: 0.8, custard: 0.8, finish: 0.7 }), steps: [], cautions: ['laxative'], tags: ['no_oil', 'light'], usual: 0.4, scarcity: 2, basis: 'practice' },
  { id: 'erythritol_for_sugar', for: { groups: ['sugar'], avoids: ['refined_sugar', 'own_word'] }, covers: ['sweeten'], items: [item('erythritol', 1.05, 1.3, 1.45, 'g')], caps: caps(0.2, 0.6, 0.6, undefined, { foam: 0.4, flaky: 0.5, set: 0.6, custard: 0.6, finish: 0.4 }), steps: [], cautions: ['laxative'], tags: ['no_oil', 'light'], usual: 0.35, scarcity: 2, basis: 'practice' },

  // Psyllium out: gum holds instead, in a dough that is poured
  { id: 'xanthan_for_psyllium', for: { groups: ['binder'], ids: PSYLLIUMS, avoids: ['own_word'] }, covers: ['hold_gas', 'thicken'], items: [item('xanthan_gum', 1.2, 2.2, 3, 'flour%')], caps: caps(0.6, 0.85, 0.8, undefined, { flaky: 0.8 }), steps: [{ op: 'note', at: ['mix', 'knead'], msg: msg('step.noKnead') }], cautions: [], tags: ['no_oil', 'light'], usual: 0.6, scarcity: 0, basis: 'practice' },

  // Gums out: what holds instead
  { id: 'psyllium_for_gum', for: { groups: ['binder'], avoids: ['gum', 'own_word'] }, covers: ['hold_gas', 'shape'], items: [item('psyllium_powder', 1, 3.5, 6, 'flour%')], caps: caps(1, 0.7, 0.7), steps: [{ op: 'note', at: ['mix', 'whisk'], msg: msg('step.whiskFast') }], cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil'], usual: 0.85, scarcity: 1, basis: 'practice' },
  { id: 'flax_for_gum', for: { groups: ['binder'], avoids: ['gum', 'own_word'] }, covers: ['hold_gas', 'thicken'], items: [item('flax_ground', 2, 4, 7, 'flour%')], caps: caps(0.6, 0.75, 0.75), steps: [], cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil', 'wholegrain'], usual: 0.6, scarcity: 1, basis: 'practice' },
  { id: 'chia_for_gum', for: { groups: ['binder'], avoids: ['gum', 'own_word'] }, covers: ['hold_gas', 'thicken'], items: [item('chia_ground', 1.5, 3, 5, 'flour%')], caps: caps(0.65, 0.75, 0.75), steps: [], cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil', 'wholegrain'], usual: 0.5, scarcity: 1, basis: 'practice' },

  // Yeast out: chemical lift in its place
  { id: 'powder_for_yeast', for: { groups: ['yeast', 'starter'], avoids: ['yeast', 'gluten', 'wheat', 'own_word'] }, covers: [], items: [item('baking_powder', 3, 4.5, 6, 'flour%', { joins: true }), item('cider_vinegar', 0.5, 1.5, 3, 'flour%', { joins: true })], caps: caps(0.6, 0.9, 0.9), steps: [{ op: 'strike', at: ['proof'], msg: msg('step.noProof') }], cautions: ['no_proof'], tags: ['no_oil', 'gum_free'], usual: 0.7, scarcity: 0, basis: 'practice' },
  { id: 'soda_for_yeast', for: { groups: ['yeast', 'starter'], avoids: ['yeast', 'gluten', 'wheat', 'own_word'] }, covers: [], items: [item('soda', 1, 1.4, 1.8, 'flour%', { joins: true }), item('lemon_juice', 10, 16, 21, 'flour%', { joins: true })], caps: caps(0.5, 0.7, 0.6), steps: [{ op: 'strike', at: ['proof'], msg: msg('step.noProof') }], cautions: ['no_proof'], tags: ['no_oil', 'gum_free'], usual: 0.4, scarcity: 0, basis: 'practice' },
  { id: 'buckwheat_levain', for: { groups: ['starter'], avoids: ['gluten', 'wheat', 'grain', 'rice', 'own_word'] }, covers: [], items: [item('buckwheat_starter', 0.95, 1, 1.05, 'g')], caps: caps(1, 0.8, 0.6), steps: [], cautions: [], tags: ['no_oil', 'gum_free', 'wholegrain'], usual: 0.8, scarcity: 2, basis: 'practice' },

  // Oats that may hold gluten: certified ones in their place
  { id: 'certified_for_oats', for: { groups: ['flour'], ids: ['rolled_oats'], avoids: ['gluten', 'wheat', 'own_word'] }, covers: ['flavour'], items: [item('certified_oats', 0.97, 1, 1.03, 'g')], caps: caps(1, 1, 1, undefined, { flaky: 1, foam: 1, choux: 1, set: 1, finish: 1, custard: 1 }), steps: [], cautions: [], tags: ['no_oil', 'wholegrain', 'gum_free'], usual: 0.95, scarcity: 1, basis: 'practice' },
  { id: 'certified_for_oat_flour', for: { groups: ['flour'], ids: ['plain_oat_flour'], avoids: ['gluten', 'wheat', 'own_word'] }, covers: ['flavour'], items: [item('oat_flour', 0.97, 1, 1.03, 'g')], caps: caps(1, 1, 1, undefined, { flaky: 1, foam: 1, choux: 1, set: 1, finish: 1, custard: 1 }), steps: [], cautions: [], tags: ['no_oil', 'wholegrain', 'gum_free'], usual: 0.95, scarcity: 1, basis: 'practice' },
  // Flours and starches that have to go for themselves, not for gluten
  { id: 'buckwheat_for_flour', for: { groups: ['flour'], avoids: FLOUR_AVOIDS }, covers: [], items: [item('buckwheat_flour', 0.92, 1, 1.05, 'g', { joins: true })], caps: caps(0.85, 0.75, 0.75, undefined, { flaky: 0.7, foam: 0.5, choux: 0.6, set: 0.5 }), steps: [], cautions: [], tags: ['no_oil', 'wholegrain', 'gum_free'], usual: 0.6, scarcity: 0, basis: 'practice' },
  { id: 'sorghum_for_flour', for: { groups: ['flour'], avoids: FLOUR_AVOIDS }, covers: [], items: [item('sorghum_flour', 0.92, 1, 1.05, 'g', { joins: true })], caps: caps(0.9, 0.9, 0.9, undefined, { flaky: 0.85, foam: 0.7, choux: 0.7, set: 0.6 }), steps: [], cautions: [], tags: ['no_oil', 'wholegrain', 'gum_free'], usual: 0.65, scarcity: 1, basis: 'practice' },
  { id: 'rice_for_flour', for: { groups: ['flour'], avoids: FLOUR_AVOIDS }, covers: [], items: [item('white_rice_flour', 0.92, 1, 1.05, 'g', { joins: true })], caps: caps(0.9, 0.9, 0.9, undefined, { flaky: 0.9, foam: 0.9, choux: 0.8, set: 0.8 }), steps: [], cautions: [], tags: ['no_oil', 'light', 'gum_free'], usual: 0.7, scarcity: 0, basis: 'practice' },
  { id: 'quinoa_for_flour', for: { groups: ['flour'], avoids: FLOUR_AVOIDS }, covers: [], items: [item('quinoa_flour', 0.9, 1, 1.05, 'g', { joins: true })], caps: caps(0.7, 0.65, 0.65, undefined, { flaky: 0.6, foam: 0.4 }), steps: [], cautions: [], tags: ['no_oil', 'wholegrain', 'gum_free'], usual: 0.35, scarcity: 2, basis: 'practice' },
  { id: 'tapioca_for_starch', for: { groups: ['starch'], avoids: FLOUR_AVOIDS }, covers: [], items: [item('tapioca_starch', 0.95, 1, 1.05, 'g', { joins: true })], caps: caps(1, 0.95, 0.9, undefined, { flaky: 0.9, foam: 0.9, choux: 0.9, set: 0.8, custard: 0.8, finish: 0.8 }), steps: [], cautions: [], tags: ['no_oil', 'light', 'gum_free'], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'potato_for_starch', for: { groups: ['starch'], avoids: FLOUR_AVOIDS }, covers: [], items: [item('potato_starch', 0.95, 1, 1.05, 'g', { joins: true })], caps: caps(0.95, 1, 0.95, undefined, { flaky: 0.9, foam: 0.95, choux: 0.9, set: 0.7, custard: 0.7, finish: 0.7 }), steps: [], cautions: [], tags: ['no_oil', 'light', 'gum_free'], usual: 0.75, scarcity: 0, basis: 'practice' },
  { id: 'arrowroot_for_starch', for: { groups: ['starch'], avoids: FLOUR_AVOIDS }, covers: [], items: [item('arrowroot', 0.95, 1, 1.05, 'g', { joins: true })], caps: caps(0.85, 0.9, 0.9, undefined, { flaky: 0.9, foam: 0.8, choux: 0.8, set: 0.9, custard: 0.8, finish: 0.9 }), steps: [], cautions: [], tags: ['no_oil', 'light', 'gum_free'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'corn_for_starch', for: { groups: ['starch'], avoids: FLOUR_AVOIDS }, covers: [], items: [item('corn_starch', 0.95, 1, 1.05, 'g', { joins: true })], caps: caps(0.9, 0.95, 0.95, undefined, { flaky: 0.95, foam: 0.95, choux: 0.9, set: 1, custard: 0.95, finish: 0.95 }), steps: [], cautions: [], tags: ['no_oil', 'light', 'gum_free'], usual: 0.7, scarcity: 0, basis: 'practice' },

  // Chocolate
  { id: 'vegan_chocolate', for: { groups: ['chocolate'] }, covers: ['flavour'], items: [item('vegan_chocolate', 0.97, 1, 1.03, 'g')], caps: caps(0.9, 0.95, 0.95, undefined, { set: 0.9, finish: 0.9, foam: 0.9 }), steps: [], cautions: [], tags: [], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'cocoa_for_chocolate', for: { groups: ['chocolate'] }, covers: ['flavour'], items: [item('cocoa', 0.25, 0.35, 0.45, 'g'), item('apple_puree', 0.3, 0.45, 0.6, 'g'), item('coconut_sugar', 0.15, 0.25, 0.35, 'g')], caps: caps(0.5, 0.6, 0.4), steps: [], cautions: ['dense'], tags: ['no_oil', 'light'], usual: 0.3, scarcity: 1, basis: 'practice' },

  // Brushed on
  { id: 'starch_gloss', for: { groups: ['egg', 'egg_white', 'egg_yolk', 'milk', 'cream', 'plant_cream', 'plant_drink', 'nut_drink', 'butter', 'fat_firm', 'oil'], role: 'wash' }, covers: ['glaze'], items: [item('corn_starch', 0.02, 0.03, 0.04, 'g', { state: 'slurry' }), item('water', 0.5, 0.6, 0.7, 'g')], caps: caps(0.7, 0.6, 0.6, undefined, { flaky: 0.7, finish: 0.8 }), steps: [{ op: 'note', at: ['wash'], msg: msg('step.starchGloss') }], cautions: [], tags: ['no_oil', 'light'], usual: 0.4, scarcity: 0, basis: 'practice' },
];

/** Groups whose stand-ins matter little to what holds a bake: they suit other families nearly as well as batters. */
const LIGHT_GROUPS: readonly string[] = ['milk', 'nut_drink', 'plant_drink', 'cultured', 'plant_cultured', 'milk_powder', 'nut_pieces', 'acid', 'syrup', 'honey', 'sugar', 'nut_flour', 'nut_butter', 'cream', 'plant_cream', 'cheese', 'plant_cheese', 'chocolate'];
const OTHERS: readonly FamilyId[] = ['flaky', 'foam', 'meringue', 'choux', 'custard', 'set', 'finish'];

/**
 * Fits in the families that a row does not speak of. Where egg or fat is the structure, only rows that say so may
 * stand in: no flax in a sponge, no purée in a laminated dough.
 */
const FITS: Record<string, Caps['fit']> = {
  flax_gel: { flaky: 0.6 },
  chia_gel: { flaky: 0.6 },
  psyllium_gel: { flaky: 0.7, choux: 0.3 },
  psyllium_husk_gel: { flaky: 0.6, choux: 0.25 },
  chickpea_slurry: { flaky: 0.5, choux: 0.35, custard: 0.3 },
  aquafaba: { foam: 0.6, meringue: 0.95, choux: 0.3, finish: 0.6 },
  soy_yogurt_egg: { flaky: 0.4, foam: 0.1 },
  starch_slurry: { flaky: 0.5, set: 0.7 },
  silken_tofu_egg: { foam: 0.15 },
  egg_replacer: { flaky: 0.5, foam: 0.15, choux: 0.2 },
  plant_block: { flaky: 0.95, foam: 0.9, choux: 0.9, custard: 0.9, set: 0.9, finish: 0.9 },
  shortening_water: { flaky: 1, foam: 0.6, choux: 0.8, finish: 0.8, set: 0.6 },
  coconut_fat: { flaky: 0.6, choux: 0.6, finish: 0.7, set: 0.7, custard: 0.6 },
  oil_for_butter: { foam: 0.7, choux: 0.7, set: 0.6, custard: 0.6, finish: 0.4 },
  seed_butter_pastry: { flaky: 0.2 },
  tahini_pastry: { flaky: 0.2 },
  seed_butter_for_oil: { flaky: 0.3, set: 0.4, finish: 0.3 },
  tahini_for_oil: { flaky: 0.3, set: 0.3, finish: 0.3 },
  apple_seed_butter: { set: 0.4, foam: 0.3 },
  apple_for_butter: { set: 0.4, foam: 0.2, choux: 0.15, finish: 0.2 },
  soy_yogurt_for_oil: { foam: 0.4, choux: 0.2, set: 0.4 },
  butter_for_oil: { flaky: 0.9, foam: 0.8, choux: 0.9, set: 0.8, custard: 0.8, finish: 0.8 },
  paper_lining: { flaky: 1, foam: 1, meringue: 1, choux: 1, custard: 1, set: 1, finish: 1 },
  drink_wash: { flaky: 0.9, choux: 0.8, finish: 0.9, foam: 0.8 },
  water_wash: { flaky: 0.5, choux: 0.5, finish: 0.4, foam: 0.5 },
  soy_drink_oil: { custard: 0.5, set: 0.35, finish: 0.35 },
  soy_seed_butter: { custard: 0.08, set: 0.1, finish: 0.1 },
  left_off: { flaky: 0.7, meringue: 0.7, foam: 0.7, choux: 0.7, custard: 0.7, set: 0.7, finish: 0.7 },
  left_out_taste: { flaky: 0.7, meringue: 0.7, foam: 0.7, choux: 0.7, custard: 0.7, set: 0.7, finish: 0.7 },
};

/**
 * Fits in kinds that differ from the rest of their family: a foam is lost in what is rubbed, rolled or kneaded; yogurt and
 * purée make a crust soft; a gum-like gel makes a cake gummy; what neither chills firm nor is whipped sets no cheesecake that is
 * not baked. Common practice, no source.
 */
const NO_AIR = { shortcrust: 0.15, press_in: 0.15, cracker: 0.15, crumb: 0.15, yeast_loaf: 0.35, gel_loaf: 0.3, bun: 0.35, baguette: 0.15, boiled_ring: 0.15, flatbread: 0.15, enriched: 0.4, seed_loaf: 0.1 };
const NOT_WET = { shortcrust: 0.2, press_in: 0.2, cracker: 0.2, crumb: 0.1 };
const BY_CLASS: Record<string, NonNullable<Caps['classes']>> = {
  aquafaba: NO_AIR,
  aquafaba_white: NO_AIR,
  silken_tofu_egg: { ...NOT_WET, cookie: 0.3, soda_bread: 0.4, pancake: 0.5 },
  soy_drink_oil: { uncooked_set: 0.05 },
  tofu_for_cheese: { uncooked_set: 0.15 },
  soy_yogurt_egg: { ...NOT_WET, cookie: 0.45 },
  apple_egg: { ...NOT_WET, cookie: 0.3, soda_bread: 0.15, pancake: 0.3, batter: 0.4, frangipane: 0.3 },
  psyllium_gel: { batter: 0.55, muffin: 0.55, pancake: 0.5, brownie: 0.55, frangipane: 0.3, cookie: 0.4, soda_bread: 0.8, cracker: 0.85, flatbread: 1 },
  psyllium_husk_gel: { batter: 0.5, muffin: 0.5, pancake: 0.45, brownie: 0.5, frangipane: 0.25, cookie: 0.35, soda_bread: 0.75, cracker: 0.85 },
  chia_whole_gel: { batter: 0.55, muffin: 0.6, frangipane: 0.3, brownie: 0.55 },
  flax_gel: { frangipane: 0.6 },
  chickpea_slurry: { frangipane: 0.7, cookie: 0.45 },
  avocado_for_butter: { pancake: 0.2, soda_bread: 0.3, enriched: 0.35, frangipane: 0.2 },
  banana_for_oil: { pancake: 0.4 },
};
/** Times the fit by how what leaves went in: oil for melted butter, firm fat for what was rubbed or rolled in. */
const BY_HOW: Record<string, NonNullable<Caps['how']>> = {
  oil_for_butter: { creamed: 0.65, rubbed: 0.3, layered: 0.1, whipped: 0.3 },
  avocado_for_butter: { melted: 0.6, creamed: 0.7, rubbed: 0.3, layered: 0.1 },
  apple_for_butter: { creamed: 0.6, rubbed: 0.3, layered: 0.1 },
  seed_butter_apple: { rubbed: 0.35, layered: 0.1 },
  tahini_apple: { rubbed: 0.35, layered: 0.1 },
  spread_for_butter: { rubbed: 0.4, layered: 0.15 },
  coconut_fat: { layered: 0.5 },
  creamed_coconut: { layered: 0.4 },
};

const SAVOURY = ['chickpea_slurry', 'chickpea_custard', 'bean_cheese', 'yeast_for_cheese', 'tofu_for_cheese', 'bean_for_oil'];

const withFits = (kit: Kit): Kit => {
  const { groups } = kit.for;
  const light = groups !== 'any' && kit.for.role === undefined && groups.every((g) => LIGHT_GROUPS.includes(g));
  const rest = light ? Object.fromEntries(OTHERS.map((f) => [f, 0.85 * (kit.caps.fit[f === 'flaky' ? 'cookie' : 'batter'] ?? 0)])) : {};
  const [classes, how] = [BY_CLASS[kit.id], BY_HOW[kit.id]];
  return {
    ...kit,
    caps: {
      ...kit.caps,
      fit: { ...rest, ...kit.caps.fit, ...FITS[kit.id] },
      ...(classes ? { classes } : {}),
      ...(SAVOURY.includes(kit.id) ? { savoury: true as const } : {}),
      ...(how ? { how } : {}),
    },
  };
};

export const KITS: Kit[] = ROWS.map(withFits);
