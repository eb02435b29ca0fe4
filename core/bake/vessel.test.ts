import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { TIN_SHAPES, type StatedTin, type TinShape } from '../formula';
import { readTin } from '../reading';
import {
  FREE_FORMS,
  freeVessel,
  gridOf,
  heightOf,
  holdsMl,
  levelCm,
  plainPhase,
  sectionOf,
  swapTin,
  vesselOf,
  type BakeSetup,
} from './index';

const tin = (shape: TinShape, ml: number, more: Partial<StatedTin> = {}): StatedTin => ({
  shape,
  written: '',
  volumeMl: { value: ml, basis: 'user' },
  count: 1,
  ...more,
});
const WALLED = TIN_SHAPES.filter((s) => s !== 'pot' && s !== 'trough');

describe('vessels', () => {
  it('a stated tin holds what it holds, whatever its shape, with its sides said or not', () => {
    for (const shape of WALLED) {
      const v = vesselOf(tin(shape, 1800), 1000);
      expect(holdsMl(v) * v.count).toBeCloseTo(1800, 6);
      const said = vesselOf(tin(shape, 1800, { cm: { wide: 20, long: 30 } }), 1000);
      expect(holdsMl(said) * said.count).toBeCloseTo(1800, 6);
    }
  });

  it('a loaf tin of 9 by 5 inches, a muffin tin, a lidded pot and a trough are read with their sides', () => {
    const loaf = vesselOf(readTin('9 x 5 inch loaf tin')!, 1500);
    expect(loaf.halfCm).toBeCloseTo(6.35, 2);
    expect(loaf.lengthCm).toBeCloseTo(22.86, 2);
    expect(loaf.wallCm).toBeGreaterThan(5.5);
    expect(loaf.wallCm).toBeLessThan(8.5);
    const muffin = vesselOf(readTin('a 6-hole muffin tin')!, 500);
    expect(muffin.count).toBe(6);
    expect(holdsMl(muffin)).toBeCloseTo(100, 6);
    expect(readTin('bake in a 24 cm lidded pot')?.shape).toBe('pot');
    expect(readTin('bake in a baguette trough')?.shape).toBe('trough');
    expect(readTin('twelve 8 cm tartlet tins')?.shape).toBe('tartlet');
    expect(vesselOf(readTin('a 30 x 20 cm tray bake tin')!, 800).lengthCm).toBe(30);
  });

  // A tin of stated sides with water to the rim, from geometry: a frustum of a pyramid, V = h/3 (A + B + √AB).
  it('a leaning tin holds what a frustum of its sides holds', () => {
    const v = { kind: 'long', halfCm: 6, lengthCm: 22, wallCm: 7, count: 1, taper: 0.85 } as const;
    const [rim, base] = [12 * 22, 12 * 22 * 0.85 ** 2];
    expect(holdsMl(v)).toBeCloseTo((7 / 3) * (rim + base + Math.sqrt(rim * base)), 6);
    expect(heightOf(v, holdsMl(v))).toBeCloseTo(7, 6);
    // Above the rim it stands as wide as the rim.
    expect(heightOf(v, holdsMl(v) + rim)).toBeCloseTo(8, 6);
  });

  it('pieces set free hold their dough, in every form and number', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FREE_FORMS),
        fc.integer({ min: 300, max: 3000 }),
        fc.integer({ min: 1, max: 24 }),
        (form, ml, count) => {
          const v = freeVessel(ml, count, form);
          const s = { massG: ml, density: 1, vessel: v };
          const grid = gridOf(sectionOf(s, 16));
          // The section is for a whole turn, or for a metre of a long one. Its ends are left out of a long one.
          const section = grid.volume.reduce((a, b) => a + b, 0) * 1e6;
          const whole = v.lengthCm > 0 ? ((2 * section) / 100) * v.lengthCm : section;
          expect(whole / (ml / count)).toBeGreaterThan(0.97);
          expect(whole / (ml / count)).toBeLessThan(1.03);
          expect(levelCm(s)).toBeGreaterThan(0.2);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('more dough stands higher in every vessel', () => {
    for (const shape of WALLED) {
      const v = vesselOf(tin(shape, 1500), 800);
      const levels = [200, 500, 900, 1500, 1900].map((ml) => heightOf(v, ml));
      expect(levels).toEqual([...levels].sort((a, b) => a - b));
      expect(new Set(levels).size).toBe(levels.length);
    }
  });
});

const CAKE: BakeSetup = {
  classId: 'batter',
  make: { water: 0.4, protein: 0.05, fat: 0.12, carbohydrate: 0.4, fibre: 0.02, ash: 0.01 },
  browning: { sugars: 0.2, ph: null },
  massG: 900,
  density: 0.9,
  vessel: vesselOf(tin('round', 1570, { cm: { wide: 20, high: 5 } }), 1000),
  metal: 'tin',
  hot: false,
  startC: 22,
  phases: [plainPhase(180)],
  doors: [],
  pressurePa: 101_325,
};

describe('from one tin to another', () => {
  it('the same depth goes by the area, the same share by what it holds', () => {
    const wide = vesselOf(tin('round', 1570 * 1.44, { cm: { wide: 24, high: 5 } }), 1000);
    const swap = swapTin(CAKE, wide);
    expect(swap.toCm).toBeCloseTo(swap.fromCm / 1.44, 6);
    expect(swap.sameDepthG).toBeCloseTo(900 * 1.44, 3);
    expect(swap.sameShareG).toBeCloseTo(900 * 1.44, 3);
    expect(swap.coolerC).toBe(0);
  });

  it('back again is where one was', () => {
    const other = vesselOf(tin('loaf', 1750), 1000);
    const there = swapTin(CAKE, other);
    const back = swapTin({ ...CAKE, massG: there.sameDepthG, vessel: other }, CAKE.vessel);
    expect(back.sameDepthG).toBeCloseTo(900, 3);
    expect(back.fromCm).toBeCloseTo(there.fromCm, 6);
  });

  it('what stands much higher, or goes into dark walls or glass, is baked cooler', () => {
    const narrow = vesselOf(tin('round', 700, { cm: { wide: 14, high: 9 } }), 1000);
    expect(swapTin(CAKE, narrow).coolerC).toBe(20);
    expect(swapTin(CAKE, CAKE.vessel, 'glass').coolerC).toBe(10);
    expect(swapTin({ ...CAKE, metal: 'glass' }, CAKE.vessel, 'dark').coolerC).toBe(0);
    expect(swapTin(CAKE, freeVessel(1000, 1, 'dome')).sameShareG).toBeNull();
  });
});
