import type { ClassId, Dosed, FeelWord, JobId, ProductClass, PropKey } from '../types';

/** Product classes. Weights, tolerances, ranges and windows: common practice, no source. */
type Base = Omit<ProductClass, 'id' | 'family' | 'structure' | 'done' | 'feel' | 'doses' | 'limits'>;
const BASES = {
  yeast_loaf: {
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
} satisfies Record<string, Base>;

type More = Pick<ProductClass, 'family' | 'structure' | 'done' | 'feel'> & {
  of: keyof typeof BASES;
  wetness?: [number, number];
  fatFeel?: number;
  shortenCredit?: number;
  doses?: Partial<Record<Dosed, [number, number]>>;
  limits?: NonNullable<ProductClass['limits']>;
  /** Jobs that weigh otherwise here than in the base. */
  jobs?: Partial<Record<JobId, number>>;
  /** Tolerances that weigh otherwise here: factor on the base's weight. */
  weigh?: Partial<Record<PropKey, number>>;
};

function classOf(id: ClassId, { of, jobs, weigh, doses = {}, ...more }: More): ProductClass {
  const base = BASES[of];
  return {
    ...base,
    ...more,
    id,
    doses,
    jobs: { ...base.jobs, ...jobs },
    tolerances: base.tolerances.map((t) => ({ ...t, weight: t.weight * (weigh?.[t.key] ?? 1) })).filter((t) => t.weight > 0),
  };
}

const BREAD: Partial<Record<Dosed, [number, number]>> = { psyllium: [0, 8], gum: [0, 2], salt: [1, 2.5], yeast: [0.5, 3] };
const QUICK: Partial<Record<Dosed, [number, number]>> = { psyllium: [0, 3], gum: [0, 1], soda: [0, 1.5], powder: [0, 6], salt: [0.3, 2] };
const SHORT: Partial<Record<Dosed, [number, number]>> = { psyllium: [0, 3], gum: [0, 1], soda: [0, 1], powder: [0, 2], salt: [0, 2] };

const MORE: Record<ClassId, More> = {
  yeast_loaf: { of: 'yeast_loaf', family: 'yeast_loaf', structure: 'starch_gum', done: ['core', 'hollow'], feel: ['drops', 'sticky'], doses: BREAD },
  gel_loaf: { of: 'yeast_loaf', family: 'yeast_loaf', structure: 'gel', done: ['core', 'hollow'], feel: ['sticky', 'tacky'], wetness: [0.75, 1.3], doses: { ...BREAD, psyllium: [4, 12] }, jobs: { shape: 1 } },
  bun: { of: 'yeast_loaf', family: 'yeast_loaf', structure: 'starch_gum', done: ['golden', 'springs'], feel: ['frosting', 'tacky'], doses: BREAD, jobs: { shape: 0.8, shorten: 0.7, brown: 0.7 } },
  baguette: { of: 'yeast_loaf', family: 'yeast_loaf', structure: 'gel', done: ['golden', 'hollow'], feel: ['sticky', 'tacky'], doses: { ...BREAD, psyllium: [2, 8] }, jobs: { shape: 0.9, shorten: 0.2, brown: 0.6 } },
  boiled_ring: { of: 'yeast_loaf', family: 'yeast_loaf', structure: 'gel', done: ['golden'], feel: ['tacky', 'rolls'], wetness: [0.6, 1.1], doses: { ...BREAD, psyllium: [3, 9] }, jobs: { shape: 1, brown: 0.7 } },
  doughnut: { of: 'yeast_loaf', family: 'yeast_loaf', structure: 'starch_gum', done: ['golden'], feel: ['frosting', 'tacky'], doses: { ...BREAD, yeast: [1, 4], powder: [0, 5] }, jobs: { shape: 0.8, shorten: 0.7, sweeten: 0.6, brown: 0.7, flavour: 0.5 }, weigh: { shorten: 1.2 } },
  flatbread: { of: 'yeast_loaf', family: 'yeast_loaf', structure: 'starch_gum', done: ['golden'], feel: ['sticky', 'rolls'], wetness: [0.6, 1.2], doses: { ...BREAD, powder: [0, 5], soda: [0, 1.5] }, jobs: { shape: 0.9, hold_gas: 0.5, set_hot: 0.5, brown: 0.5 }, weigh: { lift: 3 } },
  enriched: { of: 'yeast_loaf', family: 'yeast_loaf', structure: 'starch_gum', done: ['core', 'golden'], feel: ['frosting', 'tacky'], doses: { ...BREAD, yeast: [1, 4] }, jobs: { shape: 0.7, shorten: 0.9, sweeten: 0.7, brown: 0.8, flavour: 0.6, emulsify: 0.5 }, weigh: { shorten: 1.3, sugars: 1.5 } },
  seed_loaf: { of: 'yeast_loaf', family: 'yeast_loaf', structure: 'gel', done: ['core', 'dry'], feel: ['sticky', 'cracks'], wetness: [0.6, 1.6], doses: { psyllium: [3, 20], salt: [0.5, 2.5] }, jobs: { hold_gas: 0.2, foam: 0, shape: 1 } },
  soda_bread: { of: 'batter', family: 'batter', structure: 'starch_gum', done: ['hollow', 'skewer'], feel: ['drops', 'tacky'], wetness: [0.8, 2], doses: { ...QUICK, soda: [0.3, 2] }, jobs: { shape: 0.3, shorten: 0.4, foam: 0.2, sweeten: 0.3 }, weigh: { acid: 1.3, sugars: 0.3, shorten: 0.4 } },
  batter: { of: 'batter', family: 'batter', structure: 'starch_gum', done: ['skewer', 'springs'], feel: ['runs', 'frosting'], doses: QUICK },
  muffin: { of: 'batter', family: 'batter', structure: 'starch_gum', done: ['skewer', 'springs'], feel: ['drops', 'frosting'], doses: QUICK },
  pancake: { of: 'batter', family: 'batter', structure: 'starch_gum', done: ['golden', 'bubbles'], feel: ['pours', 'drops'], wetness: [1.4, 5], doses: QUICK, jobs: { shorten: 0.4, foam: 0.4, sweeten: 0.4, hold_gas: 0.6 }, weigh: { sugars: 0.6, shorten: 0.5, bind: 0.7 } },
  brownie: { of: 'batter', family: 'batter', structure: 'sugar', done: ['edges', 'skewer'], feel: ['drops', 'sticky'], wetness: [0.4, 3], doses: QUICK, jobs: { foam: 0.3, hold_gas: 0.4, set_hot: 0.7, cream: 0.2 } },
  foam_cake: { of: 'batter', family: 'foam', structure: 'foam', done: ['springs', 'golden'], feel: ['pours', 'drops'], wetness: [0, 6], doses: QUICK, limits: { egg: 'no_sponge' }, jobs: { foam: 1, set_hot: 1, shorten: 0.2, cream: 0 }, weigh: { bind: 0.6, shorten: 0.2, fat: 0.3, protein: 0.4 } },
  meringue: { of: 'batter', family: 'meringue', structure: 'foam', done: ['dry'], feel: ['frosting', 'tacky'], wetness: [0, 99], doses: {}, jobs: { foam: 1, sweeten: 1, set_hot: 0.5, hold_gas: 0.8, wet: 0.3, thicken: 0.1, shorten: 0, emulsify: 0, brown: 0.1, sour: 0.1, flavour: 0.2, bite: 0.3, cream: 0 }, weigh: { bind: 0.3, acid: 0.2, shorten: 0, protein: 0.2, starch: 0.3 } },
  choux: { of: 'batter', family: 'choux', structure: 'egg', done: ['golden', 'dry'], feel: ['drops', 'frosting'], wetness: [1, 6], limits: { egg: 'no_hollow_shell' }, jobs: { set_hot: 1, hold_gas: 1, foam: 0.2, shorten: 0.5 }, weigh: { bind: 2 } },
  cookie: { of: 'cookie', family: 'cookie', structure: 'sugar', done: ['edges'], feel: ['tacky', 'cracks'], doses: SHORT },
  shortcrust: { of: 'cookie', family: 'cookie', structure: 'fat', done: ['golden', 'dry'], feel: ['rolls', 'cracks'], doses: SHORT, shortenCredit: 0, jobs: { shape: 0.7, set_hot: 0.3, sweeten: 0.3, flake: 0.6, cream: 0.1 }, weigh: { bind: 0.3 } },
  flaky: { of: 'cookie', family: 'flaky', structure: 'fat', done: ['golden', 'dry'], feel: ['rolls', 'cracks'], doses: SHORT, shortenCredit: 0, limits: { fat: 'no_layers' }, jobs: { flake: 1, shape: 0.8, sweeten: 0.1, cream: 0 } },
  press_in: { of: 'cookie', family: 'cookie', structure: 'fat', done: ['golden'], feel: ['rolls', 'cracks'], doses: SHORT, jobs: { shape: 0.4, set_hot: 0.3, flake: 0 }, weigh: { bind: 0.3 } },
  crumb: { of: 'cookie', family: 'cookie', structure: 'fat', done: ['golden'], feel: ['tacky', 'cracks'], doses: SHORT, jobs: { shape: 0.2, set_hot: 0.1, set_cool: 0.1, flake: 0, bite: 0.8 }, weigh: { bind: 0.2 } },
  frangipane: { of: 'batter', family: 'batter', structure: 'egg', done: ['golden', 'springs'], feel: ['frosting', 'tacky'], wetness: [0.5, 6], doses: {}, jobs: { foam: 0.2, flavour: 0.9, cream: 0.4 } },
  cracker: { of: 'cookie', family: 'cookie', structure: 'gel', done: ['dry', 'golden'], feel: ['tacky', 'cracks'], wetness: [0.2, 1.2], doses: { ...SHORT, psyllium: [0, 12] }, jobs: { sweeten: 0.1, shape: 0.9, shorten: 0.5 } },
  egg_custard: { of: 'batter', family: 'custard', structure: 'egg', done: ['trembles'], feel: ['pours', 'runs'], wetness: [0, 50], limits: { egg: 'no_custard_tremble' }, jobs: { set_hot: 1, thicken: 0.4, foam: 0, hold_gas: 0, shorten: 0.3, flavour: 0.35, brown: 0.2, emulsify: 0.3, sour: 0.2, cream: 0 }, weigh: { bind: 1.5, lift: 0, starch: 0, shorten: 0.3, acid: 0.3 } },
  starch_set: { of: 'batter', family: 'set', structure: 'starch_paste', done: ['thick', 'bubbles'], feel: ['pours', 'runs'], wetness: [0, 50], jobs: { set_cool: 1, thicken: 1, foam: 0, hold_gas: 0, set_hot: 0.3, shorten: 0.3, flavour: 0.3, brown: 0, emulsify: 0.3, sour: 0.2, cream: 0 }, weigh: { lift: 0, bind: 0.6, starch: 0, shorten: 0.3, acid: 0.3 } },
  uncooked_set: { of: 'batter', family: 'set', structure: 'fat', done: ['none'], feel: ['pours', 'frosting'], wetness: [0, 50], jobs: { set_cool: 1, thicken: 0.6, foam: 0.3, set_hot: 0, hold_gas: 0, shorten: 0.3, flavour: 0.3, brown: 0, emulsify: 0.3, sour: 0.2 }, weigh: { lift: 0, bind: 0.4, shorten: 0.8, protein: 0.1, starch: 0.1 } },
  fruit_filling: { of: 'batter', family: 'set', structure: 'starch_paste', done: ['bubbles'], feel: ['runs', 'frosting'], wetness: [0, 50], jobs: { thicken: 0.9, set_cool: 0.8, set_hot: 0.1, foam: 0, hold_gas: 0, shorten: 0.1, cream: 0 }, weigh: { lift: 0, protein: 0.1, bind: 0.3, acid: 0.3 } },
  wash: { of: 'batter', family: 'finish', structure: 'none', done: ['none'], feel: ['pours', 'runs'], wetness: [0, 99], jobs: { glaze: 1, brown: 1, set_hot: 0.2, foam: 0, hold_gas: 0, shorten: 0.1, cream: 0 }, weigh: { lift: 0, bind: 0.1 } },
  glaze: { of: 'batter', family: 'finish', structure: 'sugar', done: ['none'], feel: ['pours', 'frosting'], wetness: [0, 99], jobs: { sweeten: 1, flavour: 0.6, foam: 0, hold_gas: 0, set_hot: 0.1, shorten: 0.3, cream: 0.2 }, weigh: { lift: 0, bind: 0.1, protein: 0.1, starch: 0.2, shorten: 0.4, acid: 0.3 } },
};

export const CLASSES = Object.fromEntries((Object.entries(MORE) as [ClassId, More][]).map(([id, more]) => [id, classOf(id, more)])) as Record<ClassId, ProductClass>;

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
