import { catalogue } from '../catalogue';
import type { BakeFault, BakeNote, FreeForm, KeepId, Reason, SchoolId, TinMetal } from '../../../core/bake';
import type { Cover, Heat } from '../../../core/formula';
import type { DoneSign } from '../../../core/classes';

/** Where a tin is written that cannot be worked out. */
export const TIN_WORDS = catalogue('bake.TIN_WORDS', {
  saySize: 'Enter it with its size: 23 cm round tin, 9 x 5 in loaf tin.',
});

export const METAL_WORDS: Record<TinMetal, string> = catalogue('bake.METAL_WORDS', {
  tin: 'ordinary tin',
  shiny: 'shiny tin',
  dark: 'dark tin',
  glass: 'glass',
  stone: 'stoneware',
  silicone: 'silicone',
  iron: 'cast iron',
  perforated: 'perforated steel',
});

/** What lies over a bake: as a choice, and after "at 230 °C". */
export const COVER_WORDS: Record<Cover, { name: string; does: string }> = catalogue('bake.COVER_WORDS', {
  none: { name: 'uncovered', does: '' },
  lid: { name: 'under a lid', does: ' under a lid' },
  tent: { name: 'foil tent', does: ' under a foil tent' },
});
export const HEAT_WORDS: Record<Heat, string> = catalogue('bake.HEAT_WORDS', {
  even: 'all around',
  top: 'above',
  below: 'below',
  grill: 'the grill',
});
export const FORM_WORDS: Record<FreeForm, string> = catalogue('bake.FORM_WORDS', {
  dome: 'round',
  oval: 'oval',
  baton: 'baton',
  ring: 'ring',
  flat: 'flat',
});
export const REASON_WORDS: Record<Reason, string> = catalogue('bake.REASON_WORDS', {
  mass: 'how much of it there is',
  make: 'its water, fat and flour',
  vessel: 'the tin',
  oven: 'the oven',
  start: 'how warm it goes in',
  cover: 'the lid',
  together: 'all of it together',
});

/** What is wrong with a bake, and what to do. */
export const BAKE_FAULT_WORDS: Record<BakeFault, string> = catalogue('bake.BAKE_FAULT_WORDS', {
  noMass: 'Nothing to bake: the lines have no grams. See Read.',
  ovenCold: 'Below 80 °C nothing bakes through. Enter the oven in °C.',
  ovenHot: 'No kitchen oven is above 320 °C. Enter it in °C: was it °F?',
  tinFull: 'The tin is nearly full and may overflow. Bake some of the batter separately.',
  noTin: 'No tin is named, so it is treated as free-form: enter the tin it is baked in.',
  tinSmall: 'The tin is too small. Use a larger one, or less dough.',
  notThis:
    'A forecast is not reliable for this kind of bake: its time does not depend on its core temperature. Keep the stated time and go by the signs.',
  start: 'Enter a dough temperature between −30 and 60 °C.',
  height: 'There are no figures for baking above 6,000 m: go by the signs.',
  tent: 'We can’t predict how much a foil tent slows the bake, so it is not included.',
  thick:
    'The model does not cover such a dense dough over 5 cm deep: only more and colder dough are counted.',
  crust: 'In a hot pot the crust sets the time, not the core: only more and colder dough are counted.',
  unknown: 'The core is not done within four hours: check oven, tin and amounts.',
});

export const SCHOOL_WORDS: Record<SchoolId, { name: string; about: string }> = catalogue(
  'bake.SCHOOL_WORDS',
  {
    hot: { name: 'Hot and covered', about: 'lid or steam at first, for crust and spring' },
    gentle: { name: 'Gentle and long', about: 'for dense, wet, seeded and gel loaves' },
  },
);

export const BAKE_NOTE_WORDS: Record<BakeNote, string> = catalogue('bake.BAKE_NOTE_WORDS', {
  blind:
    'Bake the base blind first, 10 to 15 min at 190 to 205 °C, weighted or pricked; fill it cold, or it stays raw below.',
  frozen: 'From frozen: hot for 15 to 20 min, then lower with the rim shielded, uncovered at the end.',
  boil: 'Boil the rings 1 min a side in sweetened water with a little soda, then into the oven at once.',
  walls: 'Without starch this dough needs the walls of a tin.',
  pot: 'Heat the lidded pot 30 min with the oven. It burns at once: dry gloves, and mind the steam.',
  custard:
    'Cool it from 57 to 21 °C within 2 h, and below 5 °C within 4 h more. Local code may ask for more.',
});

export const KEEP_WORDS: Record<KeepId, string> = catalogue('bake.KEEP_WORDS', {
  crusty:
    'Best on its day; a day or two in paper. Freeze sliced on day one, 1 to 3 months, paper between the slices.',
  soft: 'Two to three days wrapped, never in the fridge: that stales starch fastest. Freeze sliced, 1 to 3 months.',
  dense: 'Up to seven days chilled: wet and without acid it can spoil early. Freeze sliced.',
  dry: 'Weeks in a tin that closes.',
  cake: 'Two days covered; freeze on day one, 1 to 3 months. Without eggs and fat it dries sooner.',
  filled: 'Chilled, and eaten within 2 to 3 days.',
});

export const SIGN_WORDS: Record<DoneSign, string> = catalogue('bake.SIGN_WORDS', {
  core: 'the core has reached its temperature',
  hollow: 'it sounds hollow when tapped underneath',
  skewer: 'a skewer comes out clean',
  springs: 'it springs back when pressed',
  edges: 'the edges are set and brown, the middle still soft',
  golden: 'it is golden',
  trembles: 'the middle trembles, the rim is set',
  bubbles: 'it bubbles in the middle',
  thick: 'it coats the spoon',
  dry: 'it is dry and snaps when cool',
  none: '',
});
