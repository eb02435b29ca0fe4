import {
  bakeOf,
  compareSteps,
  freeVessel,
  MODEL_VARIANTS,
  plainPhase,
  vesselOf,
  type BakeSetup,
} from '../core/bake';
import { readFormula, readTin } from '../core/reading';
import { finish } from '../core/rebalance';

/**
 * Bakes of common practice (no source) beside the model's own window, as if nothing were known but mass, tin and heat.
 * Printed, not gated: nobody tunes to nine cases.
 */
const BREAD = { water: 0.5, protein: 0.05, fat: 0.03, carbohydrate: 0.36, fibre: 0.04, ash: 0.02 };
const SHORT = { water: 0.18, protein: 0.06, fat: 0.28, carbohydrate: 0.43, fibre: 0.03, ash: 0.02 };
const base = {
  metal: 'tin',
  hot: false,
  startC: 24,
  doors: [] as number[],
  browning: { sugars: 0.04, ph: null },
  pressurePa: 101_325,
} as const;
const at = (ovenC: number) => [plainPhase(ovenC)];
type Case = [name: string, setup: BakeSetup | null, stated: [number, number]];
const free = (massG: number, density: number) => freeVessel(massG / density, 1, 'dome');
const CASES: Case[] = [
  [
    'free-form psyllium loaf, 1.42 kg, 177 °C',
    {
      ...base,
      classId: 'gel_loaf',
      make: { ...BREAD, water: 0.6, carbohydrate: 0.26 },
      massG: 1420,
      density: 0.75,
      vessel: free(1420, 0.75),
      phases: at(177),
    },
    [60, 60],
  ],
  [
    'flax tin loaf, 1.2 kg, tented 45 min, 190 °C',
    {
      ...base,
      classId: 'yeast_loaf',
      make: BREAD,
      massG: 1200,
      density: 0.7,
      vessel: { kind: 'long', halfCm: 6, lengthCm: 22, wallCm: 9, count: 1 },
      phases: [{ ...plainPhase(190), min: 45, cover: 'tent' }, plainPhase(190)],
    },
    [50, 52],
  ],
  [
    'boule 925 g in a hot lidded pot, 232 °C',
    {
      ...base,
      classId: 'gel_loaf',
      make: BREAD,
      massG: 925,
      density: 0.7,
      vessel: free(925, 0.7),
      phases: readFormula({
        text: '',
        oven: '232 C',
        time: '30 min covered, 10 min uncovered, grill 5 min',
      }).formula.bake!.phases!,
      metal: 'iron',
      hot: true,
    },
    [45, 45],
  ],
  [
    'bun 10 cm, 155 g, 204 °C',
    {
      ...base,
      classId: 'bun',
      make: { ...BREAD, fat: 0.12, water: 0.44 },
      massG: 155,
      density: 0.6,
      vessel: { ...freeVessel(155 / 0.6, 1, 'dome'), halfCm: 5 },
      phases: at(204),
    },
    [20, 20],
  ],
  [
    'rolled buns in a 23 cm pan, 850 g, 204 °C',
    {
      ...base,
      classId: 'bun',
      make: BREAD,
      massG: 850,
      density: 0.6,
      vessel: vesselOf(readTin('23 cm round tin')!, 850 / 0.6),
      phases: at(204),
    },
    [15, 15],
  ],
  [
    'tartlet 60 g, 160 °C',
    {
      ...base,
      classId: 'shortcrust',
      make: SHORT,
      browning: { sugars: 0.15, ph: null },
      massG: 60,
      density: 1.1,
      vessel: { kind: 'round', halfCm: 4, lengthCm: 0, wallCm: 2.5, count: 1 },
      phases: at(160),
    },
    [20, 20],
  ],
  [
    'nut-butter cookie 30 g, 177 °C',
    {
      ...base,
      classId: 'cookie',
      make: SHORT,
      browning: { sugars: 0.25, ph: null },
      massG: 30,
      density: 1.1,
      vessel: { kind: 'free', halfCm: 2.9, lengthCm: 0, wallCm: 0, count: 1, form: 'flat' },
      phases: at(177),
    },
    [12, 15],
  ],
  ['filled pie from frozen', null, [70, 90]],
  ['custard pie', null, [60, 70]],
];
for (const [name, setup, stated] of CASES) {
  const said = stated[0] === stated[1] ? `${stated[0]}` : `${stated[0]}-${stated[1]}`;
  if (!setup) {
    console.log(
      `${name.padEnd(48)} stated ${said.padStart(6)} min   no such model explains it: stated time and signs`,
    );
    continue;
  }
  const all = MODEL_VARIANTS.map((_m, m) => bakeOf(setup, m).doneMin ?? Number.NaN);
  const [lo, hi] = [0.8 * Math.min(...all), 1.2 * Math.max(...all)];
  const middle = (Math.min(...all) + Math.max(...all)) / 2;
  const off = (100 * middle * 2) / (stated[0] + stated[1]) - 100;
  console.log(
    `${name.padEnd(48)} stated ${said.padStart(6)} min   model ${lo.toFixed(0)}-${hi.toFixed(0)} min   ${off >= 0 ? '+' : ''}${off.toFixed(0)} %   ${lo <= stated[1] && hi >= stated[0] ? 'overlaps' : 'apart'}`,
  );
}

const loaf = CASES[1]![1]!;
const timed = (name: string, times: number, run: () => unknown): void => {
  const all = Array.from({ length: times }, () => {
    const t = performance.now();
    run();
    return performance.now() - t;
  }).sort((a, b) => a - b);
  const p = (share: number) => all[Math.min(all.length - 1, Math.floor(share * all.length))]!.toFixed(0);
  console.log(`${name.padEnd(48)} p50 ${p(0.5)} ms, p95 ${p(0.95)} ms`);
};
timed('one bake, coarse (8 cells each way)', 20, () => bakeOf(loaf, 1, 8));
timed('one bake, 10 cells each way', 20, () => bakeOf(loaf, 1, 10));
timed('one bake, fine (14 cells each way)', 20, () => bakeOf(loaf, 1, 14));
const changed: BakeSetup = {
  ...loaf,
  massG: 1300,
  startC: 8,
  phases: at(200),
  make: { ...BREAD, water: 0.54 },
};
timed('first answer while something is moved', 8, () =>
  finish(compareSteps(loaf, changed, [50, 55], { cells: 6, quick: true })),
);
timed('whole answer: four members, five reasons', 5, () =>
  finish(compareSteps(loaf, changed, [50, 55], { cells: 10 })),
);
