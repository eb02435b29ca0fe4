import { describe, expect, it } from 'vitest';
import { bakeOf, displayedVariant } from '../bake';
import { LOAF } from '../testing/bakes';
import { timeLeft, type Probed } from './forecast';
import { drawsFrom, ProbeStandIn, ScaleStandIn, USUAL_SCALE } from './standin';
import { counting, hasArrived, OUNCE_G, ouncesIn } from './instrument';
import { isLifted, kept, KEPT_READINGS, shownBy, type Reading } from './steady';

/** Ten readings a second from a stand-in, and what is made of them at the end. */
function watched(scale: ScaleStandIn, from: number, to: number, readings: Reading[] = []): Reading[] {
  let all = readings;
  for (let ms = from; ms < to; ms += 100) {
    const value = scale.shows(ms);
    if (value !== null) all = kept(all, { at: ms, value });
  }
  return all;
}

describe('a scale that comes to rest', () => {
  it('is moving while something is poured, and steady a second after; what it shows is what lies on it', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const scale = new ScaleStandIn(USUAL_SCALE, seed);
      scale.put(250, 0);
      let all = watched(scale, 0, 3000);
      expect(shownBy(all, 3000, 1)).toMatchObject({ state: 'steady' });
      for (let k = 0; k < 10; k++) {
        scale.put(12, 3000 + 200 * k);
        all = watched(scale, 3000 + 200 * k, 3200 + 200 * k, all);
      }
      expect(shownBy(all, 5000, 1).state, `seed ${seed}`).toBe('moving');
      all = watched(scale, 5000, 7500, all);
      const shown = shownBy(all, 7500, 1);
      expect(shown.state, `seed ${seed}`).toBe('steady');
      if (shown.state === 'steady') expect(Math.abs(shown.g - 250 - 120)).toBeLessThan(1.5);
    }
  });
  it('says that it is silent when it is off or out of reach, and nothing before the first reading', () => {
    expect(shownBy([], 0, 1)).toEqual({ state: 'none' });
    const scale = new ScaleStandIn({ ...USUAL_SCALE, offAfterS: 5 });
    scale.put(100, 0);
    const all = watched(scale, 0, 12_000);
    expect(shownBy(all, 12_000, 1)).toEqual({ state: 'silent' });
    expect(shownBy([{ at: 0, value: null }], 100, 1)).toEqual({ state: 'silent' });
  });
  it('a bowl that is lifted is no amount', () => {
    expect(isLifted(-400, 380)).toBe(true);
    expect(isLifted(-3, 380)).toBe(false);
  });
  it('an hour of readings takes no more room than a minute', () => {
    let all: Reading[] = [];
    for (let i = 0; i < 36_000; i++) all = kept(all, { at: 100 * i, value: 100 });
    expect(all.length).toBeLessThanOrEqual(KEPT_READINGS);
    expect(shownBy(all, 3_600_000, 1).state).toBe('steady');
  });
});

describe('going on by itself', () => {
  const wanted = { tareG: 300, wantedG: 120, toleranceG: 1.8, stepG: 1 };
  it('only once what is wanted lay there for two seconds: not while it is poured, not short of it, not on a lifted bowl', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const scale = new ScaleStandIn({ ...USUAL_SCALE, lost: 0 }, seed);
      scale.put(300, 0);
      let all = watched(scale, 0, 3000);
      expect(hasArrived(all, wanted)).toBe(false);
      for (let k = 0; k < 10; k++) {
        scale.put(11, 3000 + 200 * k);
        all = watched(scale, 3000 + 200 * k, 3200 + 200 * k, all);
        expect(hasArrived(all, wanted), `seed ${seed}`).toBe(false);
      }
      all = watched(scale, 5000, 9000, all);
      expect(hasArrived(all, wanted), 'ten grams short').toBe(false);
      scale.put(10, 9000);
      all = watched(scale, 9000, 10_000, all);
      expect(hasArrived(all, wanted), 'just poured').toBe(false);
      all = watched(scale, 10_000, 13_500, all);
      expect(hasArrived(all, wanted), `seed ${seed}`).toBe(true);
      scale.put(-420, 13_500);
      all = watched(scale, 13_500, 16_000, all);
      expect(hasArrived(all, wanted)).toBe(false);
    }
  });
  it('a scale in steps of five grams is there within half a step', () => {
    const all = Array.from({ length: 30 }, (_r, i): Reading => ({ at: 100 * i, value: 420 }));
    expect(hasArrived(all, { ...wanted, wantedG: 122, stepG: 5 })).toBe(true);
    expect(hasArrived(all, { ...wanted, wantedG: 124, stepG: 5 })).toBe(false);
    expect(hasArrived([...all, { at: 3000, value: null }], wanted)).toBe(false);
  });
});

describe('what may be taken for something else', () => {
  it('a number in ounces for grams: only where it is right in ounces and far too little in grams', () => {
    expect(ouncesIn(8.5, 240)).toBeCloseTo(8.5 * OUNCE_G, 9);
    expect(ouncesIn(238, 240)).toBeNull();
    expect(ouncesIn(3, 240)).toBeNull();
    // A spoonful is not asked about.
    expect(ouncesIn(0.3, 8)).toBeNull();
  });
  it('of two scales the one chosen counts while it sends, else the one that moved', () => {
    const two = [
      { id: 'a', at: 9000, movedAt: 2000 },
      { id: 'b', at: 9500, movedAt: 8000 },
    ];
    expect(counting(two, null, 10_000)).toBe('b');
    expect(counting(two, 'a', 10_000)).toBe('a');
    expect(counting(two, 'a', 14_200)).toBe('b');
    expect(counting([], null, 0)).toBeNull();
  });
});

describe('time left by a probe', () => {
  const member = displayedVariant(LOAF.classId);
  const bake = bakeOf(LOAF, member, 8);
  const model = { curve: bake.curve.map((p): Probed => ({ min: p.min, c: p.coreC })), untilC: 96 };
  const at = (min: number): number => {
    const i = model.curve.findIndex((p) => p.min >= min);
    if (i <= 0) return model.curve[i < 0 ? model.curve.length - 1 : 0]!.c;
    const [a, b] = [model.curve[i - 1]!, model.curve[i]!];
    return a.c + ((b.c - a.c) * (min - a.min)) / (b.min - a.min);
  };
  const done = model.curve.find((p) => p.c >= model.untilC)!.min;

  it('twenty bakes with noise and a model off by up to 40 %: within a tenth of the bake from half-way on, nine times of ten', () => {
    const draw = drawsFrom(7);
    let inside = 0;
    let covered = 0;
    let all = 0;
    for (let seed = 1; seed <= 20; seed++) {
      const slower = 0.6 + 0.8 * draw();
      const probe = new ProbeStandIn(
        (min) => at(min / slower),
        { noiseC: 0.6, offC: 3 * (draw() - 0.5), lost: 3 },
        seed,
      );
      const truth = done * slower;
      const readings: Probed[] = [];
      for (let min = 0.5; min < truth; min += 0.5) {
        const c = probe.shows(min);
        if (c !== null) readings.push({ min, c });
        if (min < truth / 2 || min > 0.95 * truth || Math.round(2 * min) % 4 !== 0) continue;
        const told = timeLeft(model, readings)!;
        all += 1;
        if (Math.abs(told.min - (truth - readings.at(-1)!.min)) <= 0.1 * truth) inside += 1;
        if (truth - readings.at(-1)!.min >= told.from - 1 && truth - readings.at(-1)!.min <= told.to + 1)
          covered += 1;
      }
    }
    expect(all).toBeGreaterThan(100);
    expect(inside / all).toBeGreaterThanOrEqual(0.9);
    expect(covered / all).toBeGreaterThanOrEqual(0.75);
  });
  it('says nothing without a reading, or where the middle never gets there', () => {
    expect(timeLeft(model, [])).toBeNull();
    expect(timeLeft({ ...model, untilC: 150 }, [{ min: 5, c: 30 }])).toBeNull();
  });
});
