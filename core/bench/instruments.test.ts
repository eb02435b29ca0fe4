import { describe, expect, it } from 'vitest';
import { bakeOf, drawnMember } from '../bake';
import { LOAF } from '../testing/bakes';
import { timeLeft, type Probed } from './forecast';
import { drawsFrom, ProbeStandIn, ScaleStandIn, USUAL_SCALE } from './standin';
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

describe('time left by a probe', () => {
  const member = drawnMember(LOAF.classId);
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
