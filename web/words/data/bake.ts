import type { BakeFault, Reason, TinMetal } from '../../../core/bake';
import type { DoneSign } from '../../../core/classes';

export const METAL_WORDS: Record<TinMetal, string> = {
  tin: 'ordinary tin',
  shiny: 'shiny tin',
  dark: 'dark tin',
  glass: 'glass',
  stone: 'stoneware',
  silicone: 'silicone',
  iron: 'cast iron',
};

export const REASON_WORDS: Record<Reason, string> = {
  mass: 'more or less of it',
  make: 'its water, fat and flour',
  vessel: 'the tin',
  oven: 'the oven',
  start: 'how warm it goes in',
  cover: 'the lid',
  together: 'all of it together',
};

/** What is wrong with a bake, and what to do. */
export const BAKE_FAULT_WORDS: Record<BakeFault, string> = {
  noMass: 'Nothing to bake: the lines have no grams. See Read.',
  ovenCold: 'Below 80 °C nothing bakes through. Give the oven in °C.',
  ovenHot: 'No kitchen oven is above 320 °C. Give it in °C: was it °F?',
  tinFull: 'The tin is nearly full: it may run over. Bake a little of it apart.',
  noTin: 'No tin is named, so it is taken as set free: say the tin it is baked in.',
  tinSmall: 'The tin does not hold it. Take a larger one, or less dough.',
  notThis:
    'No number is to be trusted for this kind of bake: its time is set by something else than the heat in its middle. Keep the stated time and go by the signs.',
  start: 'Give the dough between −30 and 60 °C.',
  unknown: 'The middle is not done within four hours: check oven, tin and amounts.',
};

export const SIGN_WORDS: Record<DoneSign, string> = {
  core: 'the middle has its heat',
  hollow: 'it sounds hollow when knocked below',
  skewer: 'a skewer comes out clean',
  springs: 'it springs back when pressed',
  edges: 'the edges are set and brown, the middle still soft',
  golden: 'it is golden',
  trembles: 'the middle trembles, the rim is set',
  bubbles: 'it bubbles in the middle',
  thick: 'it coats the spoon',
  dry: 'it is dry and snaps when cool',
  none: '',
};
