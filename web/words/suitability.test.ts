import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { suitabilityOf } from '../../core/suits';
import { INGREDIENTS, lookupReference, type AvoidId } from '../../core/ingredients';
import { readFormula } from '../../core/reading';
import { cardJsonLd, cardMarkdown, cardRows } from './cardText';
import { lineFinding, sayAdapted, saySuitability, suitabilityLine } from './suitability';

const BIG: AvoidId[] = ['wheat', 'egg', 'milk', 'tree_nut', 'peanut', 'soy', 'sesame', 'oil'];
const names = INGREDIENTS.map((i) => i.names[0]!.toLowerCase()).sort((a, b) => b.length - a.length);

describe('whom a bake suits, in words', () => {
  it('no page and no export says more than the verdict: random formulas and exclusions', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...names, 'moon dust'), { minLength: 1, maxLength: 8 }),
        fc.subarray(BIG),
        fc.boolean(),
        (things, avoids, isAdapted) => {
          const { formula: doc } = readFormula({
            text: things.map((n) => `50 g ${n}`).join('\n'),
            title: 'x',
          });
          const s = suitabilityOf(doc, avoids, lookupReference);
          const suits = suitabilityLine(s, isAdapted);
          const card = { title: 'Quay bake', name: 'v', doc, suits };
          const texts = [saySuitability(s).join(' '), cardMarkdown(card), cardJsonLd(card)];
          for (const text of texts) {
            // A thing may be called so; nothing is said so.
            const said = names.reduce((t, n) => t.replaceAll(n, ''), text.toLowerCase());
            expect(said).not.toMatch(/\bwithout\b|\bfree of\b|\bsafe\b/);
            if (s.contains.length > 0) expect(text).toMatch(/Contains /);
            if (s.may.length > 0) expect(text).toMatch(/May contain /);
            if (s.check.length > 0) expect(text).toMatch(/Check packets for /);
            if (s.finding !== 'no_conflict_found') expect(text).not.toMatch(/No conflict found/);
          }
          // Each line of the table by itself.
          cardRows(doc, lookupReference, s).forEach((row, i) => {
            const line = doc.parts.flatMap((p) => p.lines)[i]!;
            expect(row.suits).toBe(lineFinding(s, line.id));
            const open = [...s.contains, ...s.may, ...s.check].some((c) => c.lineId === line.id);
            expect(row.suits === 'no conflict found').toBe(!open);
          });
        },
      ),
      { numRuns: 150 },
    );
  });

  it('says what holds what, once, and of an adaptation what is not confirmed', () => {
    const { formula } = readFormula({
      text: '200 g barley flour\n100 g white rice flour\n2 eggs\n240 g milk',
    });
    const s = suitabilityOf(formula, ['egg', 'milk'], lookupReference);
    expect(saySuitability(s)).toEqual(['Contains gluten, egg and dairy: barley flour, eggs and milk.']);
    expect(sayAdapted(s)).toEqual({
      adapted: 'adapted to leave out gluten, egg and dairy',
      open: 'not confirmed: gluten, egg and dairy',
    });
    const rice = suitabilityOf(
      readFormula({ text: '100 g white rice flour' }).formula,
      ['egg'],
      lookupReference,
    );
    expect(saySuitability(rice)).toEqual([
      'No conflict found for gluten and egg, by what each thing is. Check the packets all the same.',
    ]);
    expect(sayAdapted(rice).open).toBeNull();
  });
});
