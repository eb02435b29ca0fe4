import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bake,
  FROM_C,
  gridOf,
  materialOf,
  ovenOf,
  plainPhase,
  STEP_C,
  TABLE_SIZE,
  type BakeRun,
  type Make,
  type Material,
  type Side,
} from './index';

const table = (of: (tempC: number) => number): Float64Array =>
  Float64Array.from({ length: TABLE_SIZE }, (_x, i) => of(FROM_C + i * STEP_C));
/** A material of constant properties, for exact solutions. */
const plain = (k: number, rho: number, cp: number): Material => ({
  rho,
  heat: table((t) => cp * (t + 40)),
  lambda: table(() => k),
  vapour: table(() => 0),
  dryConductivity: k,
  waterKgM3: 1,
  boiledAt: () => 0,
  activity: 1,
  boilsC: 100,
  frontC: 99.7,
  pressurePa: 101_325,
});
const CLOSED: Side = { kind: 'closed' };
const OVEN = ovenOf([plainPhase(180)]);

/** The root of f between lo and hi. */
function root(f: (x: number) => number, lo: number, hi: number): number {
  for (let k = 0; k < 200; k++) {
    const mid = (lo + hi) / 2;
    if (f(lo) * f(mid) <= 0) hi = mid;
    else lo = mid;
  }
  return (lo + hi) / 2;
}
/** Middle of a slab with a film on both faces (Carslaw & Jaeger 1959, 3.11): share of the start still to go. */
function slab(bi: number, fo: number): number {
  let sum = 0;
  for (let k = 0; k < 12; k++) {
    const z = root((x) => x * Math.tan(x) - bi, k * Math.PI + 1e-9, (k + 0.5) * Math.PI - 1e-9);
    sum += ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * Math.exp(-z * z * fo);
  }
  return sum;
}
/** Bessel functions of the first kind by their series. */
function bessel(order: 0 | 1, x: number): number {
  let term = order === 0 ? 1 : x / 2;
  let sum = term;
  for (let k = 1; k < 60; k++) {
    term *= -((x / 2) ** 2) / (k * (k + order));
    sum += term;
  }
  return sum;
}
/** Middle of a long cylinder with a film (Carslaw & Jaeger 1959, 7.7). */
function cylinder(bi: number, fo: number): number {
  let sum = 0;
  let from = 1e-6;
  for (let k = 0; k < 6; k++) {
    const f = (x: number) => x * bessel(1, x) - bi * bessel(0, x);
    let lo = from;
    while (f(lo) * f(lo + 0.05) > 0) lo += 0.05;
    const z = root(f, lo, lo + 0.05);
    from = z + 0.1;
    sum += ((2 / z) * bessel(1, z) * Math.exp(-z * z * fo)) / (bessel(0, z) ** 2 + bessel(1, z) ** 2);
  }
  return sum;
}

const [K, RHO, CP, H] = [0.5, 1000, 3500, 14];
/** Minutes until the middle has gone from 20 to `to` °C in a bath of 100 °C, exactly. */
const exact = (left: (min: number) => number, to: number): number =>
  root((min) => 20 + 80 * (1 - left(min)) - to, 1, 2000);

describe('against exact solutions', () => {
  const material = plain(K, RHO, CP);
  const half = 0.05;
  const bi = (H * half) / K;
  const fo = (min: number) => ((K / (RHO * CP)) * (min * 60)) / half ** 2;
  const run = (more: Partial<BakeRun>): BakeRun => ({
    section: { kind: 'plane', across: 8, up: 1, width: half, height: 0.01 },
    material,
    sides: { outer: { kind: 'robin', h: H, bathC: 100 }, top: CLOSED, bottom: CLOSED },
    startC: 20,
    oven: OVEN,
    untilC: 90,
    mostMin: 3000,
    every: 5,
    ...more,
  });

  // The coldest cell of a grid has its middle half a cell off the axis: the exact solution is asked at the axis, so a few
  // cells leave a small error that falls with their number.
  it('a slab to 90 °C within 0.5 % with 16 cells, and nearer with more', () => {
    const want = exact((m) => slab(bi, fo(m)), 90);
    const off = (across: number) =>
      Math.abs(
        bake(run({ section: { kind: 'plane', across, up: 1, width: half, height: 0.01 } })).doneMin! / want -
          1,
      );
    expect(off(16)).toBeLessThan(0.005);
    expect(off(32)).toBeLessThan(off(8));
  });

  it('cooling is heating turned round: a slab from 100 to 30 °C in a bath of 20 as exactly', () => {
    const want = root((m) => 20 + 80 * slab(bi, fo(m)) - 30, 1, 2000);
    const got = bake(
      run({
        section: { kind: 'plane', across: 16, up: 1, width: half, height: 0.01 },
        sides: { outer: { kind: 'robin', h: H, bathC: 20 }, top: CLOSED, bottom: CLOSED },
        startC: 100,
        untilC: 30,
        cools: true,
      }),
    ).doneMin!;
    expect(Math.abs(got / want - 1)).toBeLessThan(0.006);
  });

  it('a long cylinder within 0.6 %', () => {
    const want = exact((m) => cylinder(bi, fo(m)), 90);
    const got = bake(
      run({ section: { kind: 'round', across: 16, up: 1, width: half, height: 0.01 } }),
    ).doneMin!;
    expect(Math.abs(got / want - 1)).toBeLessThan(0.006);
  });

  it('a bar (the product of two slabs) and a short cylinder (slab times cylinder) within 0.8 %', () => {
    const film: Side = { kind: 'robin', h: H, bathC: 100 };
    const section = { across: 14, up: 14, width: half, height: half };
    const bar = exact((m) => slab(bi, fo(m)) ** 2, 90);
    const barGot = bake(
      run({ section: { kind: 'plane', ...section }, sides: { outer: film, top: film, bottom: CLOSED } }),
    ).doneMin!;
    expect(Math.abs(barGot / bar - 1)).toBeLessThan(0.008);
    const short = exact((m) => slab(bi, fo(m)) * cylinder(bi, fo(m)), 90);
    const shortGot = bake(
      run({ section: { kind: 'round', ...section }, sides: { outer: film, top: film, bottom: CLOSED } }),
    ).doneMin!;
    expect(Math.abs(shortGot / short - 1)).toBeLessThan(0.008);
  });

  it('a ball, as half a one on its middle, within 2 %: the stair of its cells is weighted to the true surface', () => {
    // Carslaw & Jaeger 1959, 9.4: 1 − z cot z = Bi; the middle goes as 4 (sin z − z cos z) / (2 z − sin 2z) e^(−z² Fo).
    const ball = (f: number): number => {
      let sum = 0;
      for (let k = 0; k < 10; k++) {
        const z = root((x) => 1 - x / Math.tan(x) - bi, k * Math.PI + 1e-6, (k + 1) * Math.PI - 1e-6);
        sum += ((4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z))) * Math.exp(-z * z * f);
      }
      return sum;
    };
    const want = exact((m) => ball(fo(m)), 90);
    const film: Side = { kind: 'robin', h: H, bathC: 100 };
    const section = {
      kind: 'round',
      across: 16,
      up: 16,
      width: half,
      height: half,
      outline: (x: number, y: number) => Math.hypot(x, y) - 1,
    } as const;
    const got = bake(run({ section, sides: { outer: film, top: film, bottom: CLOSED } })).doneMin!;
    expect(Math.abs(got / want - 1)).toBeLessThan(0.02);
    const grid = gridOf(section);
    expect(grid.volume.reduce((x, v) => x + v, 0) / ((2 / 3) * Math.PI * half ** 3)).toBeCloseTo(1, 2);
    const area = grid.faces.reduce((x, f) => x + (f.side === 'bottom' ? 0 : f.area), 0);
    expect(Math.abs(area / (2 * Math.PI * half ** 2) - 1)).toBeLessThan(0.04);
  });

  it('a wide ring is nearly a bar: the hole in the middle is a side like the outer', () => {
    const film: Side = { kind: 'robin', h: H, bathC: 100 };
    const bar = exact((m) => slab(bi, fo(m)), 90);
    const got = bake(
      run({
        section: { kind: 'round', across: 32, up: 1, width: 2 * half, height: 0.01, hole: 100 },
        sides: { inner: film, outer: film, top: CLOSED, bottom: CLOSED },
      }),
    ).doneMin!;
    expect(Math.abs(got / bar - 1)).toBeLessThan(0.006);
  });
});

const LOAF: Make = { water: 0.45, protein: 0.05, fat: 0.04, carbohydrate: 0.41, fibre: 0.03, ash: 0.02 };
const STEEL: Side = { kind: 'wall', heatJ: 2200, contact: 0.003, emissivity: 0.6 };
const loaf = (
  more: Partial<BakeRun> & { make?: Make; density?: number; ovenC?: number; film?: number } = {},
): BakeRun => {
  const { make = LOAF, density = 0.7, ovenC = 190, film = 12, ...rest } = more;
  return {
    section: { kind: 'plane', across: 10, up: 10, width: 0.055, height: 0.075 },
    material: materialOf({ make, density }),
    sides: { outer: STEEL, top: { kind: 'open' }, bottom: STEEL },
    startC: 25,
    oven: (min) => ({ ...ovenOf([plainPhase(ovenC)])(min), film }),
    untilC: 90,
    mostMin: 400,
    ...rest,
  };
};

describe('a loaf in an oven', () => {
  it('conserves energy to 0.5 %, also frozen and boiling', () => {
    for (const startC of [25, -18])
      for (const ovenC of [150, 230])
        expect(Math.abs(bake(loaf({ startC, ovenC })).balance)).toBeLessThan(0.005);
  });

  it('is done in a time a baker knows, has lost some water, and browned on top', () => {
    const r = bake(loaf());
    expect(r.doneMin).toBeGreaterThan(25);
    expect(r.doneMin).toBeLessThan(80);
    expect(r.loss).toBeGreaterThan(0.02);
    expect(r.loss).toBeLessThan(0.2);
    expect(r.browned).toBeGreaterThan(0.5);
    const core = r.curve.map((p) => p.coreC);
    expect(core.every((c, i) => i === 0 || c >= core[i - 1]! - 0.5)).toBe(true);
    expect(Math.max(...core)).toBeLessThan(101);
  });

  it('half the cell size moves it by less than 1 % on the grid that is used', () => {
    const at = (cells: number) =>
      bake(loaf({ section: { kind: 'plane', across: cells, up: cells, width: 0.055, height: 0.075 } }))
        .doneMin!;
    expect(Math.abs(at(12) / at(24) - 1)).toBeLessThan(0.01);
  });

  it('a thin sheet dries through from the top: its crust goes deeper than a cell, and water is not made', () => {
    const thin = loaf({
      make: { water: 0.18, protein: 0.06, fat: 0.28, carbohydrate: 0.43, fibre: 0.03, ash: 0.02 },
      density: 1.1,
      section: { kind: 'round', across: 10, up: 10, width: 0.03, height: 0.011 },
      sides: { outer: { kind: 'open' }, top: { kind: 'open' }, bottom: STEEL },
      untilC: 100,
      untilBrown: 6,
      mostMin: 60,
    });
    const r = bake(thin);
    expect(r.curve.at(-1)!.crustMm).toBeGreaterThan(1.1);
    expect(r.loss).toBeLessThan(0.18);
    expect(Math.abs(r.balance)).toBeLessThan(0.005);
    expect(r.curve.at(-1)!.crustC).toBeGreaterThan(120);
  });

  it('more water, colder dough, deeper tin, cooler oven: longer; fan: shorter', () => {
    const base = bake(loaf()).doneMin!;
    const wetter: Make = { ...LOAF, water: 0.5, carbohydrate: 0.36 };
    expect(bake(loaf({ make: wetter })).doneMin!).toBeGreaterThan(base);
    expect(bake(loaf({ startC: 4 })).doneMin!).toBeGreaterThan(base);
    expect(bake(loaf({ startC: -18 })).doneMin!).toBeGreaterThan(1.3 * base);
    expect(
      bake(loaf({ section: { kind: 'plane', across: 10, up: 10, width: 0.055, height: 0.09 } })).doneMin!,
    ).toBeGreaterThan(base);
    expect(bake(loaf({ ovenC: 170 })).doneMin!).toBeGreaterThan(base);
    expect(bake(loaf({ film: 30 })).doneMin!).toBeLessThan(base);
  });

  it('directions hold over doughs and ovens', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.38, max: 0.58, noNaN: true }),
        fc.integer({ min: 160, max: 225 }),
        fc.double({ min: 0.5, max: 0.9, noNaN: true }),
        (water, ovenC, density) => {
          const make = { ...LOAF, water, carbohydrate: 0.86 - water };
          const coarse = { kind: 'plane' as const, across: 6, up: 6, width: 0.05, height: 0.06 };
          const at = (more: Parameters<typeof loaf>[0]) =>
            bake(loaf({ make, ovenC, density, section: coarse, ...more })).doneMin!;
          const base = at({});
          expect(at({ ovenC: ovenC - 15 })).toBeGreaterThan(base);
          expect(at({ startC: 8 })).toBeGreaterThan(base);
          expect(at({ section: { ...coarse, height: 0.07 } })).toBeGreaterThan(base);
          const wetter = { ...make, water: water + 0.03, carbohydrate: 0.83 - water };
          expect(at({ make: wetter })).toBeGreaterThan(base);
          expect(at({ film: 30 })).toBeLessThan(base);
        },
      ),
      { numRuns: 10 },
    );
  });

  it('a lid keeps water in, and makes it longer', () => {
    const lid = bake(loaf({ oven: ovenOf([{ ...plainPhase(190), cover: 'lid' }]) }));
    const bare = bake(loaf());
    expect(lid.loss).toBeLessThan(bare.loss);
    expect(lid.doneMin!).toBeGreaterThan(bare.doneMin!);
    expect(lid.browned).toBeLessThan(bare.browned);
  });
});
