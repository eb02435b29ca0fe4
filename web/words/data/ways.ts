import { catalogue } from '../catalogue';
import type { Dosed, DoseUnit, FamilyId } from '../../../core/classes';
import type { GroupId, ItemState } from '../../../core/ingredients';

/** What is dosed on flour, at the head of a sentence. */
export const DOSED_WORDS: Record<Dosed, string> = catalogue('ways.DOSED_WORDS', {
  psyllium: 'Psyllium',
  gum: 'Gum',
  soda: 'Bicarbonate of soda',
  powder: 'Baking powder',
  salt: 'Salt',
  yeast: 'Yeast',
});

/** How sure an answer is. */
export const SURE = catalogue('ways.SURE', {
  good: 'Fairly sure',
  fair: 'Worth a small trial first',
  low: 'Unsure: bake one first',
  open: 'Can’t say yet',
});

/** What doses are counted on. */
export const DOSE_WORDS: Record<DoseUnit, string> = catalogue('ways.DOSE_WORDS', {
  g: 'a gram that goes',
  egg: 'an egg (50 g)',
  'flour%': '100 g flour',
  'liquid%': '100 g liquid',
});

export const FAMILY_WORDS: Record<FamilyId, string> = catalogue('ways.FAMILY_WORDS', {
  yeast_loaf: 'breads',
  batter: 'cakes and batters',
  cookie: 'biscuits and short doughs',
  flaky: 'flaky doughs',
  foam: 'sponges',
  meringue: 'meringues',
  choux: 'choux',
  custard: 'custards set by egg',
  set: 'set fillings',
  finish: 'washes and glazes',
});

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
export const STATE_WORDS: Record<ItemState, string> = catalogue('ways.STATE_WORDS', {
  gel: 'as a gel',
  slurry: 'as a slurry',
  whisked: 'whisked',
});
