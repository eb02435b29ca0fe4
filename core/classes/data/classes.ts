import type { ClassId, FeelWord, ProductClass } from '../types';

/** Product classes. Weights, tolerances and ranges: common practice, no source. */
export const CLASSES: Record<ClassId, ProductClass> = {
  yeast_loaf: {
    id: 'yeast_loaf',
    jobs: { wet: 0.8, thicken: 0.2, shape: 0.5, hold_gas: 1, set_hot: 0.9, set_cool: 0.3, shorten: 0.5, emulsify: 0.3, foam: 0.15, sweeten: 0.4, brown: 0.5, sour: 0.2, flavour: 0.3, glaze: 0.3, release: 0.3, bite: 0.4, cream: 0, flake: 0 },
    tolerances: [
      { key: 'fat', rel: 0.35, floor: 6, weight: 0.5 },
      { key: 'sugars', rel: 0.2, floor: 3, weight: 0.4 },
      { key: 'starch', rel: 0.05, floor: 8, weight: 0.4 },
      { key: 'protein', rel: 0.2, floor: 4, weight: 0.6 },
      { key: 'bind', rel: 0.15, floor: 0.25, weight: 1.4 },
      { key: 'shorten', rel: 0.3, floor: 5, weight: 0.8 },
      { key: 'lift', rel: 0.4, floor: 3, weight: 0.2 },
      { key: 'acid', rel: 0.3, floor: 4, weight: 0.3 },
      { key: 'bite', rel: 0.15, floor: 5, weight: 0.6 },
      { key: 'salt', rel: 0.2, floor: 0.8, weight: 0.15 },
    ],
    wetness: [0.7, 1.6],
    fatFeel: 0.2,
    shortenCredit: 0.8,
    basis: 'practice',
  },
  batter: {
    id: 'batter',
    jobs: { wet: 0.9, thicken: 0.3, shape: 0.05, hold_gas: 0.9, set_hot: 0.9, set_cool: 0.3, shorten: 0.9, emulsify: 0.5, foam: 0.6, sweeten: 0.8, brown: 0.4, sour: 0.5, flavour: 0.4, glaze: 0.2, release: 0.2, bite: 0.6, cream: 0.35, flake: 0 },
    tolerances: [
      { key: 'fat', rel: 0.35, floor: 6, weight: 0.3 },
      { key: 'sugars', rel: 0.08, floor: 5, weight: 1 },
      { key: 'starch', rel: 0.1, floor: 10, weight: 0.4 },
      { key: 'protein', rel: 0.25, floor: 5, weight: 0.5 },
      { key: 'bind', rel: 0.15, floor: 0.25, weight: 1.2 },
      { key: 'shorten', rel: 0.12, floor: 6, weight: 1.2 },
      { key: 'lift', rel: 0.1, floor: 2, weight: 1 },
      { key: 'acid', rel: 0.12, floor: 2, weight: 1 },
      { key: 'bite', rel: 0.12, floor: 5, weight: 0.6 },
      { key: 'salt', rel: 0.3, floor: 0.8, weight: 0.15 },
    ],
    wetness: [1, 4],
    fatFeel: 0.35,
    shortenCredit: 1,
    basis: 'practice',
  },
  cookie: {
    id: 'cookie',
    jobs: { wet: 0.5, thicken: 0.2, shape: 0.6, hold_gas: 0.2, set_hot: 0.6, set_cool: 0.5, shorten: 1, emulsify: 0.3, foam: 0.2, sweeten: 0.9, brown: 0.5, sour: 0.2, flavour: 0.6, glaze: 0.2, release: 0.1, bite: 0.6, cream: 0.5, flake: 0.3 },
    tolerances: [
      { key: 'fat', rel: 0.2, floor: 6, weight: 0.6 },
      { key: 'sugars', rel: 0.08, floor: 4, weight: 1 },
      { key: 'starch', rel: 0.1, floor: 10, weight: 0.5 },
      { key: 'protein', rel: 0.4, floor: 6, weight: 0.2 },
      { key: 'bind', rel: 0.2, floor: 0.3, weight: 0.8 },
      { key: 'shorten', rel: 0.12, floor: 6, weight: 1.4 },
      { key: 'lift', rel: 0.2, floor: 2, weight: 0.5 },
      { key: 'acid', rel: 0.3, floor: 2, weight: 0.3 },
      { key: 'bite', rel: 0.12, floor: 5, weight: 0.6 },
      { key: 'salt', rel: 0.4, floor: 1, weight: 0.15 },
    ],
    wetness: [0.05, 0.9],
    fatFeel: 0.9,
    shortenCredit: 0.5,
    basis: 'practice',
  },
};

/**
 * The feel scale, wet to dry: each word holds above this much fluid for what the solids ask for. Set from the
 * doughs of the trade whose make-up is known (common practice, no source).
 */
export const FEEL_FROM: [FeelWord, number][] = [
  ['pours', 3],
  ['runs', 2.3],
  ['drops', 1.6],
  ['frosting', 1.25],
  ['sticky', 0.9],
  ['tacky', 0.78],
  ['rolls', 0.5],
  ['cracks', 0],
];
