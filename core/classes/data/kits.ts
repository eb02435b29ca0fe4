import { msg } from '../../explain';
import type { ItemState } from '../../ingredients';
import type { StepEdit } from '../../method';
import type { ClassCap, ClassId, DoseUnit, Kit, KitItem } from '../types';

/**
 * Kits: named ways to cover what leaves. Doses are the usual ones of the trade (common practice, no source)
 * with the window they move in. Amounts that a step speaks of are filled in by the engine: g1 of n1, g2 of n2,
 * in the order of the items.
 */
type Opt = { state?: ItemState; classes?: ClassId[]; joins?: true };
const item = (id: string, lo: number, usual: number, hi: number, per: DoseUnit, opt: Opt = {}): KitItem => ({
  item: { kind: 'ref', id },
  dose: { lo, usual, hi, per },
  ...opt,
});

/** The lift lost with an egg's foam: 1-1.5 g powder an egg, from memory; only where gas comes from powder. */
const lostLift = item('baking_powder', 0, 1.2, 1.7, 'egg', { classes: ['batter'], joins: true });

const BEFORE_WET: StepEdit = { op: 'insert', before: ['whisk', 'mix', 'cream', 'rub', 'knead', 'fold'], kind: 'gel', msg: msg('step.gel') };
const gel = (waitMin: number, code = 'step.gel'): StepEdit[] => [{ ...BEFORE_WET, msg: msg(code, { wait: waitMin }) }];
/** How a method speaks of greasing. */
const GREASED = ['grease', 'greased', 'greasing', 'oiled', 'butter the tin', 'oil the tin'];
const caps = (yeast_loaf: number, batter: number, cookie: number, maxEggs?: number): ClassCap[] =>
  (Object.entries({ yeast_loaf, batter, cookie }) as [ClassId, number][]).map(([classId, fit]) => ({
    classId,
    fit,
    ...(maxEggs === undefined ? {} : { maxEggs }),
  }));

export const KITS: Kit[] = [
  // Whole egg, and what of it was white or yolk
  { id: 'flax_gel', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['hold_gas', 'set_hot', 'wet', 'thicken'], items: [item('flax_ground', 6, 7, 9, 'egg', { state: 'gel' }), item('water', 34, 43, 50, 'egg'), lostLift], caps: caps(0.8, 0.9, 0.9, 3), steps: gel(10), cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil', 'wholegrain'], usual: 0.8, scarcity: 1, basis: 'practice' },
  { id: 'chia_gel', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['hold_gas', 'set_hot', 'wet', 'thicken'], items: [item('chia_ground', 6.5, 8, 10, 'egg', { state: 'gel' }), item('water', 36, 45, 55, 'egg'), lostLift], caps: caps(0.8, 0.9, 0.8, 3), steps: gel(12), cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil', 'wholegrain'], usual: 0.75, scarcity: 1, basis: 'practice' },
  { id: 'psyllium_gel', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['hold_gas', 'shape', 'set_hot', 'wet'], items: [item('psyllium_powder', 2.6, 3.4, 4.2, 'egg', { state: 'gel' }), item('water', 38, 46, 54, 'egg'), lostLift], caps: caps(1, 0.75, 0.6, 4), steps: gel(5, 'step.psylliumGel'), cautions: ['hydrate_fibre'], tags: ['gum_free', 'no_oil'], usual: 0.75, scarcity: 1, basis: 'practice' },
  { id: 'aquafaba', for: { groups: ['egg', 'egg_white'] }, covers: ['foam', 'hold_gas', 'wet'], items: [item('aquafaba', 40, 45, 50, 'egg', { state: 'whisked' }), lostLift], caps: caps(0.7, 0.85, 0.7, 5), steps: [{ ...BEFORE_WET, kind: 'whisk', msg: msg('step.aquafaba') }], cautions: ['legume_peanut'], tags: ['gum_free', 'no_oil', 'light'], usual: 0.65, scarcity: 1, basis: 'practice' },
  { id: 'chickpea_slurry', for: { groups: ['egg', 'egg_white'] }, covers: ['set_hot', 'hold_gas', 'brown', 'wet'], items: [item('chickpea_flour', 14, 17, 20, 'egg', { state: 'slurry' }), item('water', 32, 40, 48, 'egg'), lostLift], caps: caps(0.85, 0.8, 0.6, 4), steps: gel(5, 'step.slurry'), cautions: ['bean_taste', 'legume_peanut'], tags: ['gum_free', 'no_oil'], usual: 0.5, scarcity: 1, basis: 'practice' },
  { id: 'soy_yogurt_egg', for: { groups: ['egg', 'egg_white', 'egg_yolk'] }, covers: ['wet', 'hold_gas', 'emulsify', 'set_hot'], items: [item('soy_yogurt', 48, 55, 62, 'egg'), lostLift], caps: caps(0.5, 0.9, 0.7, 5), steps: [], cautions: ['dense'], tags: ['gum_free', 'no_oil'], usual: 0.6, scarcity: 1, basis: 'practice' },
  { id: 'silken_tofu_egg', for: { groups: ['egg', 'egg_yolk'], classes: ['batter', 'cookie'] }, covers: ['set_hot', 'emulsify', 'wet'], items: [item('silken_tofu', 52, 57, 62, 'egg'), lostLift], caps: caps(0.3, 0.75, 0.6, 5), steps: [{ ...BEFORE_WET, kind: 'whisk', msg: msg('step.tofu') }], cautions: ['dense'], tags: ['gum_free', 'no_oil'], usual: 0.4, scarcity: 1, basis: 'practice' },
  { id: 'apple_egg', for: { groups: ['egg', 'egg_yolk'], classes: ['batter', 'cookie'] }, covers: ['wet', 'shorten'], items: [item('apple_puree', 56, 62, 66, 'egg'), lostLift], caps: caps(0.1, 0.55, 0.5, 3), steps: [], cautions: ['dense'], tags: ['gum_free', 'no_oil'], usual: 0.45, scarcity: 0, basis: 'practice' },
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
  { id: 'soy_seed_butter', for: { groups: ['cream'] }, covers: ['wet', 'shorten'], items: [item('soy_drink', 0.4, 0.5, 0.65, 'g'), item('sunflower_seed_butter', 0.35, 0.5, 0.62, 'g')], caps: caps(0.6, 0.7, 0.6), steps: [], cautions: ['green_sunflower'], tags: ['no_oil', 'whole_food'], usual: 0.3, scarcity: 1, basis: 'practice' },

  // Butter
  { id: 'plant_block', for: { groups: ['butter'] }, covers: ['shorten', 'cream', 'flake'], items: [item('plant_block', 0.96, 1.02, 1.08, 'g')], caps: caps(1, 1, 1), steps: [], cautions: ['salted_block'], tags: [], usual: 0.95, scarcity: 0, basis: 'practice' },
  { id: 'shortening_water', for: { groups: ['butter'] }, covers: ['shorten', 'flake', 'cream'], items: [item('shortening', 0.8, 0.81, 0.83, 'g'), item('water', 0.12, 0.16, 0.2, 'g')], caps: caps(0.9, 0.8, 0.95), steps: [], cautions: [], tags: [], usual: 0.6, scarcity: 1, basis: 'practice' },
  { id: 'coconut_fat', for: { groups: ['butter'] }, covers: ['shorten', 'flake'], items: [item('coconut_oil', 0.78, 0.8, 0.84, 'g'), item('water', 0.1, 0.16, 0.2, 'g')], caps: caps(0.8, 0.75, 0.75), steps: [{ op: 'note', at: ['cream', 'rub', 'rest'], msg: msg('step.keepCold') }], cautions: ['soft_fat'], tags: [], usual: 0.5, scarcity: 0, basis: 'practice' },
  { id: 'oil_for_butter', for: { groups: ['butter'], classes: ['yeast_loaf', 'batter'] }, covers: ['shorten', 'wet'], items: [item('sunflower_oil', 0.76, 0.8, 0.84, 'g'), item('water', 0.1, 0.16, 0.2, 'g')], caps: caps(0.9, 0.65, 0), steps: [{ op: 'note', at: ['cream'], msg: msg('step.noCreaming') }], cautions: ['soft_fat'], tags: [], usual: 0.55, scarcity: 0, basis: 'practice' },
  { id: 'seed_butter_apple', for: { groups: ['butter'], classes: ['yeast_loaf', 'batter'] }, covers: ['shorten', 'emulsify', 'wet'], items: [item('sunflower_seed_butter', 0.6, 0.8, 1, 'g'), item('apple_puree', 0.1, 0.3, 0.5, 'g'), lostLift], caps: caps(0.7, 0.75, 0), steps: [{ op: 'note', at: ['cream', 'rub'], msg: msg('step.noCreaming') }], cautions: ['green_sunflower', 'keeps_less'], tags: ['no_oil', 'whole_food'], usual: 0.45, scarcity: 1, basis: 'practice' },
  { id: 'tahini_apple', for: { groups: ['butter'], classes: ['yeast_loaf', 'batter'] }, covers: ['shorten', 'emulsify', 'wet'], items: [item('tahini', 0.6, 0.85, 1.05, 'g'), item('apple_puree', 0.1, 0.3, 0.5, 'g')], caps: caps(0.6, 0.65, 0), steps: [{ op: 'note', at: ['cream', 'rub'], msg: msg('step.noCreaming') }], cautions: ['keeps_less'], tags: ['no_oil', 'whole_food'], usual: 0.35, scarcity: 1, basis: 'practice' },
  { id: 'seed_butter_pastry', for: { groups: ['butter'], classes: ['cookie'] }, covers: ['shorten', 'flavour'], items: [item('sunflower_seed_butter', 1, 1.25, 1.45, 'g'), item('water', 0.05, 0.14, 0.3, 'g')], caps: caps(0, 0, 0.7), steps: [{ op: 'note', at: ['cream', 'rub'], msg: msg('step.workIn') }], cautions: ['no_snap', 'green_sunflower'], tags: ['no_oil', 'whole_food'], usual: 0.45, scarcity: 1, basis: 'practice' },
  { id: 'tahini_pastry', for: { groups: ['butter'], classes: ['cookie'] }, covers: ['shorten', 'flavour'], items: [item('tahini', 1.05, 1.3, 1.5, 'g'), item('water', 0.05, 0.12, 0.25, 'g')], caps: caps(0, 0, 0.65), steps: [{ op: 'note', at: ['cream', 'rub'], msg: msg('step.workIn') }], cautions: ['no_snap'], tags: ['no_oil', 'whole_food'], usual: 0.4, scarcity: 1, basis: 'practice' },
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
  { id: 'paper_lining', for: { groups: ['butter', 'oil', 'fat_firm'], role: 'release' }, covers: ['release'], items: [], caps: caps(1, 1, 1), steps: [{ op: 'instead', words: GREASED, msg: msg('step.paper') }, { op: 'insert', before: ['prepare', 'fill', 'shape'], kind: 'prepare', msg: msg('step.paper'), unless: GREASED }], cautions: [], tags: ['no_oil'], usual: 0.9, scarcity: 0, basis: 'practice' },
  { id: 'drink_wash', for: { groups: ['egg', 'egg_white', 'egg_yolk', 'milk', 'butter', 'oil'], role: 'wash' }, covers: ['glaze', 'brown'], items: [item('soy_drink', 0.5, 0.6, 0.7, 'g'), item('maple_syrup', 0.15, 0.2, 0.25, 'g')], caps: caps(1, 1, 1), steps: [{ op: 'note', at: ['wash'], msg: msg('step.drinkWash') }], cautions: ['added_oil_in_drinks'], tags: ['no_oil'], usual: 0.8, scarcity: 0, basis: 'practice' },
  { id: 'water_wash', for: { groups: ['egg', 'egg_white', 'egg_yolk', 'milk', 'butter', 'oil'], role: 'wash' }, covers: [], items: [item('water', 0.4, 0.5, 0.6, 'g')], caps: caps(0.6, 0.6, 0.6), steps: [{ op: 'note', at: ['wash'], msg: msg('step.waterWash') }], cautions: [], tags: ['no_oil'], usual: 0.4, scarcity: 0, basis: 'practice' },

  // Gluten that hides in vinegar, syrup and oats
  { id: 'cider_for_malt', for: { groups: ['acid'] }, covers: ['sour'], items: [item('cider_vinegar', 0.95, 1, 1.05, 'g', { joins: true })], caps: caps(1, 1, 1), steps: [], cautions: [], tags: ['no_oil'], usual: 0.95, scarcity: 0, basis: 'practice' },
  { id: 'maple_syrup', for: { groups: ['syrup', 'honey'] }, covers: ['sweeten', 'wet'], items: [item('maple_syrup', 1, 1.1, 1.3, 'g')], caps: caps(0.9, 0.9, 0.9), steps: [], cautions: [], tags: ['no_oil'], usual: 0.8, scarcity: 0, basis: 'practice' },

  // Cheese
  { id: 'vegan_cheese', for: { groups: ['cheese'] }, covers: ['flavour', 'set_cool'], items: [item('vegan_cheese', 0.9, 1, 1.05, 'g')], caps: caps(0.7, 0.7, 0.6), steps: [], cautions: [], tags: [], usual: 0.6, scarcity: 1, basis: 'practice' },
  { id: 'tofu_for_cheese', for: { groups: ['cheese'] }, covers: ['set_hot', 'thicken'], items: [item('firm_tofu', 0.85, 0.95, 1.05, 'g'), item('lemon_juice', 0.03, 0.05, 0.07, 'g', { joins: true })], caps: caps(0.5, 0.6, 0.5), steps: [], cautions: ['bean_taste'], tags: ['gum_free', 'no_oil'], usual: 0.4, scarcity: 1, basis: 'practice' },

  // What is strewn on top or added by taste may simply be left off
  { id: 'left_off', for: { groups: 'any', role: 'dusting' }, covers: [], items: [], caps: caps(0.7, 0.7, 0.7), steps: [], cautions: [], tags: ['gum_free', 'no_oil'], usual: 0.6, scarcity: 0, basis: 'practice' },
  { id: 'left_out_taste', for: { groups: 'any', role: 'taste' }, covers: [], items: [], caps: caps(0.7, 0.7, 0.7), steps: [], cautions: [], tags: ['gum_free', 'no_oil'], usual: 0.6, scarcity: 0, basis: 'practice' },
];
