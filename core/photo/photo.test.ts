import { describe, expect, it } from 'vitest';
import { evenPrint, greyOf, MOST_SKEW, pgmOf, skewOf, turned, type Grey } from './grey';
import { labelFrom, straightened, type PrintedWord } from './label';

/** Lines of dashes, as print looks from afar, on paper of a light that may fall off to one side. */
function printed(fall = 0, light = false): Grey {
  const [w, h] = [600, 400];
  const px = new Uint8ClampedArray(w * h);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const ink =
        y > 60 && y < 340 && x > 60 && x < 540 && y % 24 < 9 && (x * 7 + Math.floor(y / 24) * 13) % 50 < 38;
      const paper = light ? 60 : 230 - (fall * x) / w;
      px[y * w + x] = ink ? (light ? 220 : 0.3 * paper) : paper;
    }
  return { w, h, px };
}
const word = (text: string, confidence = 95, x0 = 100, y0 = 100): PrintedWord => ({
  text,
  confidence,
  box: { x0, y0, x1: x0 + 60, y1: y0 + 20 },
});
const size = { w: 800, h: 600, leaned: 0 };

describe('a photo made ready to be read', () => {
  it('grey is weighed as in ITU-R BT.601: 0.299 red, 0.587 green, 0.114 blue', () => {
    const px = greyOf(new Uint8ClampedArray([255, 0, 0, 255, 0, 255, 0, 255, 0, 0, 255, 255]), 3, 1).px;
    expect([...px]).toEqual([76, 150, 29]);
  });
  it.each([-12, -5, -1, 0, 2, 7, 13])('lines that lean by %i degrees are told, and straightened', (lean) => {
    const leaning = turned(printed(), lean);
    expect(Math.abs(skewOf(evenPrint(leaning)) - lean)).toBeLessThanOrEqual(0.5);
    expect(Math.abs(skewOf(straightened(leaning).print))).toBeLessThanOrEqual(0.5);
  });
  it('no angle is invented for an empty picture, and none beyond what is looked at', () => {
    expect(skewOf({ w: 300, h: 200, px: new Uint8ClampedArray(60_000).fill(215) })).toBe(0);
    expect(Math.abs(skewOf(evenPrint(turned(printed(), 40))))).toBeLessThanOrEqual(MOST_SKEW + 1);
  });
  it.each([
    ['a shadow over half of it', printed(170)],
    ['light print on a dark ground', printed(0, true)],
  ])('%s comes out as dark print on even paper', (_, grey) => {
    const { px, w } = evenPrint(grey);
    const ink = (x: number) => px[(24 * 6 + 4) * w + x]!;
    const paper = (x: number) => px[(24 * 6 + 16) * w + x]!;
    for (const x of [100, 300, 500]) expect(paper(x)).toBeGreaterThan(180);
    const inked = Array.from({ length: 400 }, (_x, i) => ink(100 + i)).filter((v) => v < 140).length;
    expect(inked / 400).toBeGreaterThan(0.55);
  });
  it('a graymap has its head and a byte a pixel', () => {
    const file = pgmOf({ w: 2, h: 1, px: new Uint8ClampedArray([0, 255]) });
    expect(new TextDecoder('latin1').decode(file.subarray(0, 11))).toBe('P5\n2 1\n255\n');
    expect([...file.subarray(11)]).toEqual([0, 255]);
  });
});

describe('the text of a label’s photo', () => {
  it('keeps its lines, joins a word broken at their end, and names what it is not sure of', () => {
    const read = labelFrom(
      [
        { words: [word('Rice'), word('but-')] },
        { words: [word('termilk,'), word('sa1t', 61), word('|', 20)] },
      ],
      size,
    );
    expect(read).toEqual({
      text: 'Rice buttermilk, sa1t',
      unsure: ['sa1t'],
      cutOff: false,
      unreadable: false,
    });
  });
  it.each([
    ['left', { x0: 1, y0: 300 }],
    ['right', { x0: 738, y0: 300 }],
    ['top', { x0: 300, y0: 2 }],
    ['bottom', { x0: 300, y0: 578 }],
  ])('print at the %s edge may go on beside it', (_, { x0, y0 }) => {
    const words = [word('rice'), word('flour'), word('salt'), word('milk', 90, x0, y0)];
    expect(labelFrom([{ words }], size).cutOff).toBe(true);
  });
  it('an edge is where it was before the picture was straightened', () => {
    // (2, 420) comes to stand at (29, 487) when the picture is turned about its middle.
    const words = [word('rice'), word('flour'), word('salt'), word('milk', 90, 29, 487)];
    expect(labelFrom([{ words }], size).cutOff).toBe(false);
    expect(labelFrom([{ words }], { ...size, leaned: 10 }).cutOff).toBe(true);
    expect(labelFrom([{ words: words.slice(0, 3) }], { ...size, leaned: 10 }).cutOff).toBe(false);
  });
  it('noise is no text', () => {
    expect(labelFrom([{ words: [word('a1'), word('xx')] }], size).unreadable).toBe(true);
    expect(labelFrom([{ words: [word('ri', 30), word('fl', 40), word('sa', 20)] }], size).unreadable).toBe(
      true,
    );
    expect(labelFrom([], size)).toEqual({ text: '', unsure: [], cutOff: false, unreadable: true });
  });
});
