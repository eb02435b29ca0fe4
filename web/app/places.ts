import { appWords } from '../words/data/en/app';

const W = appWords.places;
/** The places, in the order of a baker's day. */
export const PLACES = [
  { to: '/', name: W.formulas },
  { to: '/days', name: W.bakeDays },
  { to: '/notebook', name: W.notebook },
  { to: '/pantry', name: W.pantry },
  { to: '/kitchen', name: W.kitchen },
  { to: '/handbook', name: W.handbook },
] as const;
