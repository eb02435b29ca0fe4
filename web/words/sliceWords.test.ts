import { describe, expect, it } from 'vitest';
import { REFUSAL_IDS, type SliceNumbers } from '../../core/slice';
import { faultsSeen, REFUSAL_WORDS, sliceAgainst, sliceLines } from './sliceWords';

const m = (value: number, give: number) => ({ value, give });
const NUMBERS: SliceNumbers = {
  heightMm: m(56.24, 0.67),
  widthMm: m(84.1, 1.01),
  areaCm2: m(40.13, 0.8),
  dipMm: m(4.6, 0.5),
  crust: { topMm: m(2.12, 0.4), sideMm: m(0.1, 0.4), baseMm: m(2.4, 0.4) },
  open: m(0.384, 0.041),
  typicalHoleMm: m(2.24, 0.18),
  largestMm: m(4.4, 0.44),
  holesPerCm2: m(7.2, 1.1),
  openBelow: 0.31,
  openAbove: 0.4,
  uneven: 0.2,
  gummy: { thickMm: 4.4, fromBaseMm: 5.2, depth: 6 },
  crumbColour: [74, 2, 16],
  crustColour: [48, 10, 22],
  lacking: [],
};

describe('a slice in words', () => {
  it('says each figure with its unit and its span, no finer than it is known', () => {
    expect(Object.fromEntries(sliceLines(NUMBERS))).toEqual({
      Height: '56 mm ± 1',
      Width: '84 mm ± 1',
      Area: '40 cm² ± 1',
      Top: 'sinks 5 mm in the middle',
      Crust: 'top 2.0 mm, sides none seen, base 2.5 mm',
      'Open crumb': '38% ± 4',
      'Typical hole': '2.2 mm ± 0.2',
      'Five largest holes': '4.4 mm ± 0.4',
      'Top and bottom': 'more open above (40%) than below (31%)',
      'Gummy line': 'a clear dark band 4 mm thick, 5 mm above the base',
    });
  });
  it('says nothing of what was not told', () => {
    const blurred = { ...NUMBERS, crust: null, open: null, typicalHoleMm: null, largestMm: null, openBelow: null, openAbove: null, gummy: null }; // prettier-ignore
    expect(sliceLines(blurred).map(([name]) => name)).toEqual(['Height', 'Width', 'Area', 'Top', 'Crust']);
    expect(faultsSeen(blurred)).toEqual(['sunken']);
    expect(faultsSeen({ ...NUMBERS, dipMm: m(1, 0.5) })).toEqual(['gummy']);
  });
  it('tells count and colour only against another photo, and only where they differ by more than they are known', () => {
    expect(sliceAgainst(NUMBERS, NUMBERS)).toEqual([]);
    const other = { ...NUMBERS, holesPerCm2: m(9.4, 1.5), crumbColour: [66, 3, 18] as const };
    expect(sliceAgainst(NUMBERS, other)).toEqual([
      '31% more holes of 1.2 mm and more in a cm²',
      'darker crumb',
    ]);
    expect(sliceAgainst(NUMBERS, { ...other, holesPerCm2: null, crumbColour: null })).toEqual([]);
  });
  it('has a reason and a way to a better photo for every refusal', () => {
    for (const id of REFUSAL_IDS) {
      expect(REFUSAL_WORDS[id].why).toMatch(/^[A-Z].*\.$/);
      expect(REFUSAL_WORDS[id].better).toMatch(/^[A-Z].*\.$/);
    }
  });
});
