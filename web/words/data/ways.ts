import type { Dosed, DoseUnit, FamilyId } from '../../../core/classes';
import type { GroupId, ItemState } from '../../../core/ingredients';

/** What is dosed on flour, at the head of a sentence. */
export const DOSED_WORDS: Record<Dosed, string> = {
  psyllium: 'Psyllium',
  gum: 'Gum',
  soda: 'Bicarbonate of soda',
  powder: 'Baking powder',
  salt: 'Salt',
  yeast: 'Yeast',
};

/** How sure an answer is. */
export const SURE = {
  good: 'Fairly sure',
  fair: 'Worth a small trial first',
  low: 'Unsure: bake one first',
  open: 'Can’t say yet',
} as const;

/** What doses are counted on. */
export const DOSE_WORDS: Record<DoseUnit, string> = {
  g: 'a gram that leaves',
  egg: 'an egg (50 g)',
  'flour%': '100 g flour',
  'liquid%': '100 g liquid',
};

export const FAMILY_WORDS: Record<FamilyId, string> = {
  yeast_loaf: 'breads',
  batter: 'cakes and batters',
  cookie: 'cookies and short doughs',
  flaky: 'flaky doughs',
  foam: 'sponges',
  meringue: 'meringues',
  choux: 'choux',
  custard: 'custards set by egg',
  set: 'set fillings',
  finish: 'washes and glazes',
};

/** Kinds of thing a way can stand in for. */
export const STANDABLE: readonly GroupId[] = [
  'egg',
  'egg_white',
  'egg_yolk',
  'milk',
  'milk_powder',
  'cultured',
  'cream',
  'cheese',
  'butter',
  'fat_firm',
  'oil',
  'nut_flour',
  'nut_pieces',
  'nut_butter',
  'nut_drink',
  'plant_drink',
  'plant_cultured',
  'plant_cream',
  'plant_cheese',
  'seed_flour',
  'seed_pieces',
  'seed_butter',
  'sugar',
  'syrup',
  'honey',
  'binder',
  'flour',
  'starch',
  'yeast',
  'acid',
  'chocolate',
];

/** How a thing stands in the bowl. */
export const STATE_WORDS: Record<ItemState, string> = {
  gel: 'as a gel',
  slurry: 'as a slurry',
  whisked: 'whisked',
};
