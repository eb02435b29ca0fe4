import { shuffler } from './draw';

/** One thing that is changed, with what low and high are called: "psyllium", "18 g", "26 g". */
export type Factor = { name: string; low: string; high: string };
/** -1 low, 1 high, 0 halfway, where halfway there is one. */
export type Setting = -1 | 0 | 1;
/** One bake of an experiment: how each factor is set, and what was measured; null while it is open. */
export type ExperimentRun = {
  settings: Setting[];
  y: number | null;
  /** The trial it was baked as; absent where nobody said. */
  trialId?: string;
};
export type Experiment = {
  formulaId: string;
  title: string;
  /** Ms since the epoch. */
  at: number;
  factors: Factor[];
  /** So many halvings of all combinations. */
  halvings: number;
  /** What is measured, such as "height, mm". */
  measured: string;
  /** In the order in which they are to be baked. */
  runs: ExperimentRun[];
};

export const MOST_FACTORS = 5;
export const MOST_RUNS = 64;
/**
 * By which others a factor is set where not all combinations are baked, by number of factors and of halvings: places of the factors
 * that are multiplied (Box, Hunter and Hunter, Statistics for Experimenters, table of two-level fractions; from memory, and each
 * resolution is worked out from its words).
 */
const GENERATORS: Record<string, number[][]> = {
  '3/1': [[0, 1]],
  '4/1': [[0, 1, 2]],
  '5/1': [[0, 1, 2, 3]],
  '5/2': [
    [0, 1],
    [0, 2],
  ],
};
/** How many halvings there may be of so many factors. */
export const halvingsOf = (factors: number): number[] =>
  [0, 1, 2].filter((h) => h === 0 || `${factors}/${h}` in GENERATORS);

/** The words of a fraction: sets of factors whose product is always the same, each as bits. */
function wordsOf(factors: number, halvings: number): number[] {
  const generators = GENERATORS[`${factors}/${halvings}`] ?? [];
  const first = generators.map((g, i) =>
    g.reduce((bits, f) => bits | (1 << f), 1 << (factors - halvings + i)),
  );
  const words: number[] = [];
  for (let pick = 1; pick < 1 << first.length; pick++)
    words.push(first.reduce((w, x, i) => (pick & (1 << i) ? w ^ x : w), 0));
  return words;
}
const bitsIn = (x: number): number => x.toString(2).replaceAll('0', '').length;
/** The resolution: the shortest word; Infinity where all combinations are baked. Of III a factor hides behind two others. */
export const resolutionOf = (factors: number, halvings: number): number =>
  Math.min(Number.POSITIVE_INFINITY, ...wordsOf(factors, halvings).map(bitsIn));

/** The bakes of a plan in random order: each combination so many times, and so many halfway. */
export function planOf(
  {
    factors,
    halvings,
    times,
    centres,
  }: { factors: number; halvings: number; times: number; centres: number },
  seed: number,
): ExperimentRun[] {
  const base = factors - halvings;
  const generators = GENERATORS[`${factors}/${halvings}`] ?? [];
  const combinations = Array.from({ length: 1 << base }, (_, i): Setting[] => {
    const own = Array.from({ length: base }, (_x, f): Setting => (i & (1 << f) ? 1 : -1));
    return [...own, ...generators.map((g) => g.reduce<number>((p, f) => p * own[f]!, 1) as Setting)];
  });
  const all = [
    ...Array.from({ length: times }, () => combinations).flat(),
    ...Array.from({ length: centres }, () => Array.from({ length: factors }, (): Setting => 0)),
  ];
  return shuffler(seed)(all).map((settings) => ({ settings: [...settings], y: null }));
}

/** What one factor does, or two together: the mean at high less the mean at low. */
export type Effect = {
  /** Places of the factors. */
  of: number[];
  /** What else it may be in this plan: pairs and single factors that go along with it. */
  or: number[][];
  value: number;
  /** 95 of 100: null where no bake was made twice. */
  from: number | null;
  to: number | null;
};
export type Analysis = {
  effects: Effect[];
  /** Spread of bakes that were made alike, and from how many differences that is known; null of none. */
  spread: { sd: number; df: number } | null;
  /** The mean halfway less that of the corners: something bends. Null without bakes halfway. */
  bend: { value: number; from: number | null; to: number | null } | null;
};

/** Student's t, 97.5 of 100, for 1 to 30 degrees of freedom (NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.2). */
const T = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145, 2.131,
  2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048, 2.045, 2.042,
];
/** Beyond the table it falls towards the normal's 1.96 about as 2.4 over the degrees of freedom. */
export const tOf = (df: number): number => T[df - 1] ?? 1.96 + 2.4 / df;

export const mean = (all: readonly number[]): number => all.reduce((s, y) => s + y, 0) / all.length;

/**
 * What an experiment shows, once every bake was measured: single factors, and pairs where the plan can tell them; null while one is
 * open. The spread comes from bakes that were made alike, and from nothing else.
 */
export function analysed({
  factors,
  halvings,
  runs,
}: Pick<Experiment, 'factors' | 'halvings' | 'runs'>): Analysis | null {
  if (runs.some((r) => r.y === null)) return null;
  const done = runs as readonly { settings: Setting[]; y: number }[];
  const k = factors.length;
  const groups = new Map<string, number[]>();
  for (const r of done) groups.set(r.settings.join(), [...(groups.get(r.settings.join()) ?? []), r.y]);
  const alike = [...groups.values()].filter((g) => g.length > 1);
  const df = alike.reduce((s, g) => s + g.length - 1, 0);
  const squares = alike.reduce((s, g) => s + g.reduce((x, y) => x + (y - mean(g)) ** 2, 0), 0);
  const spread = df > 0 ? { sd: Math.sqrt(squares / df), df } : null;
  const width = (a: number, b: number): number | null =>
    spread && a > 0 && b > 0 ? tOf(spread.df) * spread.sd * Math.sqrt(1 / a + 1 / b) : null;
  const corners = done.filter((r) => r.settings.every((s) => s !== 0));
  const words = wordsOf(k, halvings);
  const told = new Set<number>();
  const effects: Effect[] = [];
  const singles = Array.from({ length: k }, (_, i) => [i]);
  const pairs = singles.flatMap(([i]) => singles.flatMap(([j]) => (i! < j! ? [[i!, j!]] : [])));
  for (const of of [...singles, ...pairs]) {
    const bits = of.reduce((b, f) => b | (1 << f), 0);
    if (told.has(bits)) continue;
    const along = words.map((w) => w ^ bits).filter((b) => b !== 0 && bitsIn(b) <= 2);
    for (const b of [bits, ...along]) told.add(b);
    const sign = (r: (typeof corners)[number]): number => of.reduce((p, f) => p * r.settings[f]!, 1);
    const [high, low] = [corners.filter((r) => sign(r) > 0), corners.filter((r) => sign(r) < 0)];
    if (high.length === 0 || low.length === 0) continue;
    const value = mean(high.map((r) => r.y)) - mean(low.map((r) => r.y));
    const w = width(high.length, low.length);
    effects.push({
      of,
      or: along.map((b) => Array.from({ length: k }, (_, i) => i).filter((i) => b & (1 << i))),
      value,
      from: w === null ? null : value - w,
      to: w === null ? null : value + w,
    });
  }
  const middle = done.filter((r) => r.settings.every((s) => s === 0));
  const bend =
    middle.length > 0 && corners.length > 0
      ? mean(middle.map((r) => r.y)) - mean(corners.map((r) => r.y))
      : null;
  const w = width(middle.length, corners.length);
  return {
    effects,
    spread,
    bend:
      bend === null
        ? null
        : { value: bend, from: w === null ? null : bend - w, to: w === null ? null : bend + w },
  };
}
/** Whether an effect was shown: its interval leaves out nothing at all. */
export const isEffectShown = ({ from, to }: Pick<Effect, 'from' | 'to'>): boolean =>
  from !== null && to !== null && (from > 0 || to < 0);
