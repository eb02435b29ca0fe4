import { catalogue } from '../catalogue';
import type { ActionCover, ActionKind, ActionPlace } from '../../../core/method';

/** What is done, in a word. */
export const ACTION_WORDS: Record<ActionKind, string> = catalogue('actions.ACTION_WORDS', {
  prepare: 'prepare',
  preheat: 'heat up',
  gel: 'make a gel',
  soak: 'soak',
  drain: 'drain',
  cream: 'cream',
  rub: 'rub in',
  whisk: 'whisk',
  melt: 'melt',
  mix: 'mix',
  knead: 'knead',
  fold: 'fold in',
  cook: 'cook',
  boil: 'boil',
  rest: 'rest',
  proof: 'proof',
  chill: 'chill',
  shape: 'shape',
  divide: 'divide',
  score: 'score',
  fill: 'fill',
  wash: 'brush or sprinkle',
  blind_bake: 'bake blind',
  bake: 'bake',
  uncover: 'uncover',
  turn: 'turn',
  cool: 'cool',
  glaze: 'glaze',
  other: 'other',
});
export const ACTION_COVER_WORDS: Record<ActionCover, string> = catalogue('actions.ACTION_COVER_WORDS', {
  none: 'open',
  lid: 'under a lid',
  tent: 'under foil',
  cloth: 'covered',
});
export const ACTION_PLACE_WORDS: Record<ActionPlace, string> = catalogue('actions.ACTION_PLACE_WORDS', {
  room: 'at room temperature',
  warm: 'in a warm place',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
  hob: 'on the hob',
  oven: 'in the oven',
});
