import { bakeOf, freeVessel, MEMBERS, vesselOf, type BakeSetup } from '../core/bake';
import { readTin } from '../core/reading';

/**
 * Bakes of common practice (no source) beside the model's own window, as if nothing were known but mass, tin and heat.
 * Printed, not gated: nobody tunes to nine cases.
 */
const BREAD = { water: 0.5, protein: 0.05, fat: 0.03, carbohydrate: 0.36, fibre: 0.04, ash: 0.02 };
const SHORT = { water: 0.18, protein: 0.06, fat: 0.28, carbohydrate: 0.43, fibre: 0.03, ash: 0.02 };
const base = { metal: 'tin', startC: 24, fan: false, coveredMin: 0, pressurePa: 101_325 } as const;
type Case = [name: string, setup: BakeSetup | null, stated: [number, number]];
const free = (massG: number, density: number) => freeVessel(massG, density, 1);
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
      ovenC: 177,
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
      ovenC: 190,
      coveredMin: 45,
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
      ovenC: 232,
      coveredMin: 30,
      metal: 'iron',
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
      vessel: { kind: 'free', halfCm: 5, lengthCm: 0, wallCm: 0, count: 1 },
      ovenC: 204,
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
      vessel: vesselOf(readTin('23 cm round tin')!),
      ovenC: 204,
    },
    [15, 15],
  ],
  [
    'tartlet 60 g, 160 °C',
    {
      ...base,
      classId: 'shortcrust',
      make: SHORT,
      massG: 60,
      density: 1.1,
      vessel: { kind: 'round', halfCm: 4, lengthCm: 0, wallCm: 2.5, count: 1 },
      ovenC: 160,
    },
    [20, 20],
  ],
  [
    'nut-butter cookie 30 g, 177 °C',
    {
      ...base,
      classId: 'cookie',
      make: SHORT,
      massG: 30,
      density: 1.1,
      vessel: { kind: 'free', halfCm: 2.9, lengthCm: 0, wallCm: 0, count: 1 },
      ovenC: 177,
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
  const t = performance.now();
  const all = MEMBERS.map((_m, m) => bakeOf(setup, m).doneMin ?? Number.NaN);
  const ms = (performance.now() - t) / MEMBERS.length;
  const [lo, hi] = [0.8 * Math.min(...all), 1.2 * Math.max(...all)];
  const middle = (Math.min(...all) + Math.max(...all)) / 2;
  const off = (100 * middle * 2) / (stated[0] + stated[1]) - 100;
  console.log(
    `${name.padEnd(48)} stated ${said.padStart(6)} min   model ${lo.toFixed(0)}-${hi.toFixed(0)} min   ${off >= 0 ? '+' : ''}${off.toFixed(0)} %   ${lo <= stated[1] && hi >= stated[0] ? 'overlaps' : 'apart'}   ${ms.toFixed(0)} ms a bake`,
  );
}
