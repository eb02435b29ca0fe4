import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { massOf, type Formula } from '../formula';
import { lookupReference } from '../ingredients';
import { heldFor, sizeOf } from '../judge';
import { readFormula } from '../reading';
import { adapt } from './index';
import type { AdaptInput, Solution } from './types';

const first = (request: Omit<AdaptInput, 'limit'>): Solution | undefined =>
  adapt({ ...request, limit: 1 }, { lookup: lookupReference }).solutions[0];
const gramsOf = (f: Formula): Map<string, number> =>
  new Map(f.parts.flatMap((p) => p.lines).map((l) => [l.id, massOf(l)]));
/** All there is of an ingredient, g, however many lines it is in. */
const inAll = (f: Formula, id: string): number =>
  f.parts
    .flatMap((p) => p.lines)
    .reduce((s, l) => s + (l.item.kind === 'ref' && l.item.id === id ? massOf(l) : 0), 0);

const LOAF = readFormula({
  title: 'Fig loaf',
  text: '220 g sorghum flour\n130 g potato starch\n60 g tapioca flour\n40 g milk powder\n18 g psyllium husk powder\n9 g instant yeast\n9 g salt\n25 g honey\n2 eggs\n360 ml warm water\n35 g melted butter\n90 g dried figs, chopped',
  method:
    'Whisk the psyllium into the warm water with the honey; leave 10 min.\nMix everything.\nScrape into a lined 900 g loaf tin and prove 55 min at 28 °C.\nBake at 200 °C for 50 min.',
}).formula;
/** A way whose psyllium and water join what is in the dough already. */
const JOINED = { 'p1:egg:dough': 'psyllium_gel' };

describe('an amount that the baker holds', () => {
  it.each(DEMO_FORMULAS.map((d) => [d.title, readFormula(d).formula] as const))(
    '%s: held at what is shown, nothing moves',
    (_title, formula) => {
      const answer = first({ formula, exclude: ['egg'] });
      if (!answer) return;
      const shown = gramsOf(answer.formula);
      for (const move of answer.moves.filter((m) => m.op === 'add' || m.op === 'scale')) {
        const g = shown.get(move.lineId);
        if (!g) continue;
        const held = first({
          formula,
          exclude: ['egg'],
          pins: { kits: answer.kits, lines: { [move.lineId]: g } },
        });
        const now = gramsOf(held!.formula);
        expect(now.get(move.lineId), move.lineId).toBeCloseTo(g, 2);
        for (const [id, was] of shown)
          expect(Math.abs((now.get(id) ?? 0) - was), id).toBeLessThan(Math.max(0.5, 0.02 * was));
      }
    },
  );

  it('is all of a line, with what a way brings of the same thing', () => {
    const exclude = ['egg', 'dairy'] as const;
    const kits = first({ formula: LOAF, exclude: [...exclude], pins: { kits: JOINED } })!.kits;
    const water = LOAF.parts[0]!.lines.find((l) => l.item.kind === 'ref' && l.item.id === 'water')!;
    const psyllium = LOAF.parts[0]!.lines.find((l) => l.item.kind === 'ref' && /psyllium/.test(l.item.id))!;
    for (const [line, ingredient, g] of [
      [water, 'water', 443],
      [water, 'water', 470],
      [psyllium, 'psyllium_powder', 26],
    ] as const) {
      const held = first({ formula: LOAF, exclude: [...exclude], pins: { kits, lines: { [line.id]: g } } });
      expect(inAll(held!.formula, ingredient)).toBeCloseTo(g, 2);
    }
  });

  it('less water is less water, and the only change: of a version twice as large too', () => {
    const answer = first({ formula: LOAF, exclude: ['egg', 'dairy'], pins: { kits: JOINED } })!;
    const size = (f: Formula, times: number): Formula => ({
      ...f,
      parts: f.parts.map((p) => ({
        ...p,
        lines: p.lines.map((l) =>
          l.amount.massG
            ? { ...l, amount: { ...l.amount, massG: { ...l.amount.massG, value: times * massOf(l) } } }
            : l,
        ),
      })),
    });
    for (const times of [1, 2]) {
      const baked = size(answer.formula, times);
      const change = sizeOf('less_water', baked, lookupReference)!;
      expect(change.toG).toBeLessThan(change.fromG);
      const lines = heldFor(change, baked, LOAF);
      const tried = first({ formula: LOAF, exclude: ['egg', 'dairy'], pins: { kits: answer.kits, lines } })!;
      const [was, now] = [gramsOf(answer.formula), gramsOf(tried.formula)];
      for (const [id, g] of was)
        expect(now.get(id), id).toBeCloseTo(id === change.lineId ? change.toG / times : g, 1);
      expect([...now.keys()].sort()).toEqual([...was.keys()].sort());
      expect(tried.profiles.p1!.wetness!.value).toBeLessThan(answer.profiles.p1!.wetness!.value);
    }
  });
});
