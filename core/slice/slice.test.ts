import { describe, expect, it } from 'vitest';
import {
  anyShot,
  anySlice,
  BOARDS,
  drawFace,
  photograph,
  PLAIN_SHOT,
  WOODEN,
  type Shot,
  type SliceTruth,
} from '../testing/slices';
import { labOf, lightness, luminanceAt } from './light';
import { measureSlice } from './measure';
import { CARD_MM, faceLarger, leanDeg, ordered, planeOf } from './plane';
import { distances, maskOf, quantile, regions } from './raster';
import type { Marks, Point, SliceAnswer } from './types';

const PLAIN_BOARDS = BOARDS.filter((b) => !WOODEN.includes(b));
/** Photos take a second or two each: few in each run, many in `npm run prove`. */
const WHOLE = Boolean(process.env.WHOLE);
const MANY = WHOLE ? 60 : 4;

/** Not pressed by JPEG: that takes as long as all the rest. */
const CLEAR: Shot = { ...PLAIN_SHOT, scale: 6, quality: 100 };

type Ok = Extract<SliceAnswer, { ok: true }>;
const measured = (answer: SliceAnswer): Ok => {
  if (!answer.ok) throw new Error(`refused: ${answer.why}`);
  return answer;
};
const shots = (seeds: readonly number[]): { truth: SliceTruth; answer: SliceAnswer }[] =>
  seeds.map((seed) => {
    const face = drawFace(anySlice(seed), seed);
    const { picture, card } = photograph(
      face,
      anyShot(seed, PLAIN_BOARDS[seed % PLAIN_BOARDS.length]!),
      seed,
    );
    return { truth: face.truth, answer: measureSlice(picture, { card }) };
  });

describe('a photo of a slice', () => {
  it('is measured within what was set: nine of ten drawn slices, on boards, in light, turned, tilted, blurred', () => {
    const all = shots(Array.from({ length: MANY }, (_, i) => 401 + i));
    const off: Record<string, number[]> = {};
    const note = (what: string, by: number) => (off[what] ??= []).push(Math.abs(by));
    let [bands, found, none, wrong, covered] = [0, 0, 0, 0, 0];
    for (const { truth, answer } of all) {
      const { numbers: n } = measured(answer);
      note('height', n.heightMm.value / truth.height - 1);
      note('width', n.widthMm.value / truth.width - 1);
      note('area', (100 * n.areaCm2.value) / truth.area - 1);
      note('dip', n.dipMm.value - truth.dip);
      if (n.crust) {
        note('crust', n.crust.topMm.value - truth.crust.top);
        note('crust', n.crust.sideMm.value - truth.crust.side);
        note('crust', n.crust.baseMm.value - truth.crust.base);
      }
      if (!n.open) continue;
      note('open', n.open.value - truth.open);
      if (Math.abs(n.open.value - truth.open) <= n.open.give) covered += 1;
      note('typical', n.typicalHoleMm!.value / truth.typical - 1);
      note('largest', n.largestMm!.value / truth.largest - 1);
      if (truth.gummy) {
        bands += 1;
        if (n.gummy) {
          found += 1;
          note('band', n.gummy.thickMm - truth.gummy.thick);
        }
      } else {
        none += 1;
        if (n.gummy) wrong += 1;
      }
    }
    const p90 = Object.fromEntries(Object.entries(off).map(([k, v]) => [k, quantile(v, 0.9)]));
    expect(p90.height).toBeLessThan(0.015);
    expect(p90.width).toBeLessThan(0.015);
    expect(p90.area).toBeLessThan(0.03);
    expect(p90.dip).toBeLessThan(1);
    expect(p90.crust).toBeLessThan(0.5);
    // Of four photos nine of ten are all four.
    expect(p90.open).toBeLessThan(WHOLE ? 0.032 : 0.07);
    expect(p90.typical).toBeLessThan(WHOLE ? 0.08 : 0.1);
    expect(p90.largest).toBeLessThan(0.1);
    expect(p90.band).toBeLessThan(1);
    expect(found / bands).toBeGreaterThan(0.95);
    expect(wrong / none).toBeLessThanOrEqual(0.05);
    expect(covered / off.open!.length).toBeGreaterThan(WHOLE ? 0.85 : 0.7);
  }, 900_000);

  const face = drawFace(anySlice(7), 7);
  const drawn = new Map<string, ReturnType<typeof photograph>>();
  /** The face as it is seen: drawing it takes longer than all else, and once is enough. */
  const photoOf = (more: Partial<Shot> = {}): ReturnType<typeof photograph> => {
    const key = JSON.stringify(more);
    const photo = drawn.get(key) ?? photograph(face, { ...CLEAR, missed: 1, ...more }, 9);
    drawn.set(key, photo);
    return photo;
  };
  const numbersOf = (more: Partial<Shot>, marks: Partial<Marks> = {}) => {
    const { picture, card } = photoOf(more);
    return measured(measureSlice(picture, { card, ...marks })).numbers;
  };
  const plain = numbersOf({});
  it.each([
    ['turned, dark, light from one side', { turn: 14, exposure: -0.9, light: 0.3, lightFrom: 1 }],
    ['the camera leaning', { tilt: 14, tiltTo: 2 }],
    ...(WHOLE
      ? [
          ['a larger photo', { scale: 10 }],
          ['turned', { turn: -14 }],
          ['light from one side', { light: 0.3, lightFrom: 4 }],
          ['pressed small', { quality: 75 }],
        ]
      : []),
  ] as [string, Partial<Shot>][])('%s: says the same', (_, more) => {
    const n = numbersOf(more);
    expect(Math.abs(n.areaCm2.value / plain.areaCm2.value - 1)).toBeLessThan(0.005);
    expect(Math.abs(n.heightMm.value / plain.heightMm.value - 1)).toBeLessThan(0.005);
    expect(Math.abs(n.open!.value - plain.open!.value)).toBeLessThan(0.015);
    expect(Math.abs(n.holesPerCm2!.value / plain.holesPerCm2!.value - 1)).toBeLessThan(0.05);
  });

  it('no board like wood is measured, and a shining face tells its outline alone', () => {
    for (const board of WHOLE ? WOODEN : (['oak'] as const)) {
      const { picture, card } = photoOf({ board });
      expect(measureSlice(picture, { card })).toEqual({ ok: false, why: 'board' });
    }
    const shining = numbersOf({ glare: 1.2 });
    expect(shining.lacking).toContain('glare');
    expect(shining.open).toBeNull();
    expect(Math.abs(shining.heightMm.value / plain.heightMm.value - 1)).toBeLessThan(0.005);
    const blurred = numbersOf({ blurMm: 0.25 });
    expect(blurred.lacking).toContain('blurred');
    expect(blurred.typicalHoleMm).toBeNull();
  });

  it('a face higher than the card is told smaller when that is said, and the span says how unsure it is', () => {
    const filmMm = Math.hypot(36, 24);
    const focalMm = (420 * 6 * filmMm) / Math.hypot(196 * 6, 140 * 6);
    const [told, guessed, silent] = [{ faceAboveMm: 15, focalMm }, { faceAboveMm: 15 }, {}].map((m) =>
      numbersOf({ above: 15 }, m),
    );
    expect(silent!.heightMm.value / face.truth.height).toBeGreaterThan(1.03);
    expect(Math.abs(told!.heightMm.value / face.truth.height - 1)).toBeLessThan(0.012);
    expect(guessed!.heightMm.give).toBeGreaterThan(1.5 * told!.heightMm.give);
  });

  it('what the baker says is no hole is none', () => {
    const withRaisins = drawFace({ ...anySlice(7), raisins: 4 }, 7);
    const { picture, card, raisins } = photograph(withRaisins, CLEAR, 9);
    const [before, after] = [undefined, raisins].map(
      (noHoles) => measured(measureSlice(picture, { card, ...(noHoles ? { noHoles } : {}) })).numbers,
    );
    expect(before!.largestMm!.value).toBeGreaterThan(1.4 * plain.largestMm!.value);
    expect(Math.abs(after!.largestMm!.value / plain.largestMm!.value - 1)).toBeLessThan(0.15);
    expect(after!.open!.value).toBeLessThan(before!.open!.value - 0.01);
  });

  it('an outline and a base drawn by hand stand, on a board that would be refused too', () => {
    const { picture, card } = photoOf({ board: 'oak' });
    const slate = photoOf();
    const { drawing } = measured(measureSlice(slate.picture, { card: slate.card }));
    const by = measured(
      measureSlice(picture, { card, outline: drawing.outline, base: drawing.base }),
    ).numbers;
    expect(Math.abs(by.areaCm2.value / plain.areaCm2.value - 1)).toBeLessThan(0.01);
    expect(Math.abs(by.heightMm.value / plain.heightMm.value - 1)).toBeLessThan(0.01);
    // Marked from right to left the slice still stands on it.
    const turned = measureSlice(picture, {
      card,
      outline: drawing.outline,
      base: [drawing.base[1], drawing.base[0]],
    });
    expect(measured(turned).numbers.heightMm.value).toBeCloseTo(by.heightMm.value, 6);
  });

  it('is refused with the reason where it cannot be measured', () => {
    const { picture, card } = photoOf();
    const elsewhere = card.map(([x, y]): Point => [x - 600, y]);
    expect(measureSlice(picture, { card: elsewhere })).toEqual({ ok: false, why: 'noCard' });
    const leaning = photoOf({ tilt: 34, tiltTo: 0.5 });
    const focalMm = (420 * 6 * Math.hypot(36, 24)) / Math.hypot(196 * 6, 140 * 6);
    expect(measureSlice(leaning.picture, { card: leaning.card, focalMm })).toEqual({
      ok: false,
      why: 'angle',
    });
    const small = photograph(face, { ...PLAIN_SHOT, scale: 2, missed: 0.3 }, 9);
    expect(measureSlice(small.picture, { card: small.card })).toEqual({ ok: false, why: 'tooSmall' });
    const bare = photograph({ ...face, cover: new Float32Array(face.cover.length) }, CLEAR, 9);
    expect(measureSlice(bare.picture, { card: bare.card })).toMatchObject({ ok: false });
  });
});

describe('what it stands on', () => {
  it('lightness and colour are those of CIE 15 and IEC 61966-2-1', () => {
    // Mid grey of 18 % has L* 49.5 (CIE 15:2004, 8.2.1); white of D65 is neutral; sRGB red by the standard's matrix.
    expect(lightness(0.18)).toBeCloseTo(49.496, 2);
    for (const y of [0.001, 0.05, 0.4, 1]) expect(luminanceAt(lightness(y))).toBeCloseTo(y, 9);
    const white = labOf(1, 1, 1);
    expect(white[0]).toBeCloseTo(100, 6);
    expect(Math.hypot(white[1], white[2])).toBeLessThan(0.05);
    const red = labOf(1, 0, 0);
    [53.24, 80.09, 67.2].forEach((v, i) => expect(Math.abs(red[i]! - v)).toBeLessThan(0.1));
  });

  it('a plane seen at a slant comes back as it was, and lengths on a face nearer the camera by the ratio of distances', () => {
    const photo: Point[] = [
      [120, 80],
      [610, 130],
      [560, 900],
      [90, 830],
    ];
    const plane = planeOf(photo, ...CARD_MM);
    const card: Point[] = [
      [0, 0],
      [CARD_MM[0], 0],
      [CARD_MM[0], CARD_MM[1]],
      [0, CARD_MM[1]],
    ];
    photo.forEach((p, i) => plane.toBoard(p).forEach((v, c) => expect(v).toBeCloseTo(card[i]![c]!, 6)));
    for (const p of [
      [10, 20],
      [-30, 60],
      [70, 90],
    ] as Point[])
      plane.toBoard(plane.toPhoto(p)).forEach((v, c) => expect(v).toBeCloseTo(p[c]!, 6));
    // In whatever order they are marked.
    expect(ordered([photo[2]!, photo[0]!, photo[3]!, photo[1]!])).toEqual(ordered(photo));
    // 4000 by 3000 px through a 26 mm lens: at 20 px a mm it stands 150 mm away; 15 mm nearer shows a tenth larger.
    const size = { width: 4000, height: 3000 };
    expect(faceLarger(size, 20, 15, 26).by).toBeCloseTo(150.2 / 135.2, 3);
    expect(leanDeg(size, 20, Math.sin(Math.PI / 9) / 150.2, 26)).toBeCloseTo(20, 1);
  });

  it('distances are those of every pixel looked at one by one, and regions hang together over sides alone', () => {
    const [w, h] = [23, 17];
    const mask = maskOf(w * h, (k) => (k * 7919) % 11 > 2 && (k % w) % 6 !== 0);
    const got = distances(mask, w, h);
    for (let k = 0; k < w * h; k++) {
      let least = mask[k] ? Infinity : 0;
      if (mask[k])
        for (let q = 0; q < w * h; q++)
          if (!mask[q])
            least = Math.min(least, Math.hypot((k % w) - (q % w), Math.floor(k / w) - Math.floor(q / w)));
      expect(got[k]).toBeCloseTo(least, 4);
    }
    const corners = Uint8Array.from([1, 0, 0, 1]);
    expect(regions(corners, 2, 2).sizes).toEqual([0, 1, 1]);
  });
});
