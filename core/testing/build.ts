import { env } from 'node:process';
import fc from 'fast-check';
import type { ClassId } from '../classes';
import { derivedAmount, type Formula, type Line, type Part } from '../formula';
import { INGREDIENTS, type ItemState } from '../ingredients';

/** A line of so many grams of a reference ingredient, for tests. */
export const line = (id: string, massG: number, more: Partial<Line> & { state?: ItemState } = {}): Line => ({
  id: more.id ?? id,
  item: { kind: 'ref', id },
  amount: derivedAmount(massG),
  ...more,
});

export const part = (classId: ClassId, lines: Line[]): Part => ({ id: 'p1', name: '', classId, lines });

export const formula = (classId: ClassId, rows: Record<string, number>, title = 'test'): Formula => ({
  schema: 1,
  title,
  parts: [
    part(
      classId,
      Object.entries(rows).map(([id, g]) => line(id, g)),
    ),
  ],
  method: [],
  avoids: [],
  originalText: '',
});

const FLOUR_IDS = INGREDIENTS.filter((i) => i.flour && i.facts.gluten === 'no').map((i) => i.id);
const OTHER_IDS = INGREDIENTS.filter((i) => !i.flour && i.facts.gluten === 'no').map((i) => i.id);

/** Random parts: some flour, a liquid, and up to eight other things in plausible amounts. */
export const anyPart: fc.Arbitrary<Part> = fc
  .record({
    classId: fc.constantFrom<ClassId>('yeast_loaf', 'batter', 'cookie'),
    flours: fc.uniqueArray(fc.constantFrom(...FLOUR_IDS), { minLength: 1, maxLength: 3 }),
    others: fc.uniqueArray(fc.constantFrom(...OTHER_IDS), { maxLength: 8 }),
    grams: fc.array(fc.double({ min: 1, max: 200, noNaN: true }), { minLength: 11, maxLength: 11 }),
    waterG: fc.double({ min: 80, max: 400, noNaN: true }),
  })
  .map(({ classId, flours, others, grams, waterG }) =>
    part(classId, [
      ...flours.map((id, k) => line(id, 50 + grams[k]!)),
      ...others.filter((id) => id !== 'water').map((id, k) => line(id, grams[3 + k]! / 4)),
      line('water', waterG),
    ]),
  );

/** Whether all is tried that takes long (`npm run prove`), or a part of it that is another for each formula. */
export const WHOLE = env.WHOLE === '1';
