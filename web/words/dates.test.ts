import 'dayjs/locale/de';
import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { typedDay } from './dates';
import { language } from './language';

const TODAY = new Date(2027, 2, 1);
afterEach(() => language.take('en'));

describe('a day that is typed', () => {
  it('has the day before the month, whatever stands between', () => {
    for (const text of [
      '5 Dec 2026',
      '5 December 2026',
      '05/12/2026',
      '5.12.2026',
      '5/12/26',
      '2026-12-05',
      ' 5 dec 2026 ',
    ])
      expect(typedDay(text, TODAY), text).toBe('2026-12-05');
    expect(typedDay('5 Sept 2026', TODAY)).toBe('2026-09-05');
  });

  it('is of this year where none is told', () => {
    expect(typedDay('5 Dec', TODAY)).toBe('2027-12-05');
    expect(typedDay('5/12', TODAY)).toBe('2027-12-05');
    expect(typedDay('29/2', TODAY)).toBeNull();
    expect(typedDay('29/2', new Date(2028, 0, 1))).toBe('2028-02-29');
  });

  it('is none where there is no such day, and half a day is none', () => {
    for (const text of ['', '31/2/2026', '12/25/2026', 'soon', '5', '5 Dezember 2026', '2026-12'])
      expect(typedDay(text, TODAY), text).toBeNull();
  });

  it('is read in the language shown', () => {
    language.take('de');
    expect(typedDay('5. Dezember 2026', TODAY)).toBe('2026-12-05');
    expect(typedDay('5.12.', TODAY)).toBe('2027-12-05');
  });

  it('comes back as it was, for each day there is', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date(2000, 0, 1), max: new Date(2099, 11, 31), noInvalidDate: true }),
        (d) => {
          const [y, m, day] = [d.getFullYear(), d.getMonth() + 1, d.getDate()];
          const iso = `${y}-${String(m).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
          expect(typedDay(iso)).toBe(iso);
          expect(typedDay(`${day}/${m}/${y}`)).toBe(iso);
        },
      ),
    );
  });
});
