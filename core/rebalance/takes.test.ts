import { argOf } from '../explain';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { massOf } from '../formula';
import { lookupReference } from '../ingredients';
import { readFormula } from '../reading';
import { adapt } from './adapt';
import { takesOf } from './takes';

const CROWN = readFormula(DEMO_FORMULAS.find((d) => /crown/i.test(d.title))!).formula;

describe('what each step takes, weighed where it is used', () => {
  it('as written it is the lines themselves, each whole once', () => {
    const takes = [...takesOf(CROWN, CROWN, lookupReference).values()].flat();
    const sum = new Map<string, number>();
    for (const t of takes) sum.set(t.lineId, (sum.get(t.lineId) ?? 0) + (t.massG ?? 0));
    for (const l of CROWN.parts.flatMap((p) => p.lines))
      if (l.amount.massG && !l.role) expect(sum.get(l.id), l.amount.written).toBeCloseTo(massOf(l), 6);
  });

  it('adapted, what came stands where what left was used; a gel is told where it is made; nothing weighs less than is in the bowl', () => {
    const { formula } = adapt({ formula: CROWN, exclude: ['egg', 'dairy'] }, { lookup: lookupReference })
      .solutions[0]!;
    const takes = takesOf(CROWN, formula, lookupReference);
    const of = (id: string) =>
      (takes.get(id) ?? []).map((t) => formula.parts[0]!.lines.find((l) => l.id === t.lineId)!);
    const milk = CROWN.method.find((s) => /milk/.test(s.text))!;
    const butter = CROWN.method.find((s) => /butter/.test(s.text))!;
    expect(of(milk.id).some((l) => l.id.startsWith('p1:milk:dough/'))).toBe(true);
    expect(of(butter.id).some((l) => l.id.startsWith('p1:butter:dough/'))).toBe(true);
    const gel = formula.method.filter((s) => s.added?.code === 'step.gel').map((s) => argOf(s.added!, 'n1'));
    for (const l of [...takes.keys()].flatMap(of))
      expect(gel).not.toContain(l.item.kind === 'ref' ? l.item.id : '');
    for (const t of [...takes.values()].flat())
      if (t.massG !== null)
        expect(t.massG).toBeLessThanOrEqual(
          massOf(formula.parts[0]!.lines.find((l) => l.id === t.lineId)!) + 1e-9,
        );
  });

  it('what is whisked in is not taken for what is brushed on', () => {
    const { formula } = adapt({ formula: CROWN, exclude: ['egg'] }, { lookup: lookupReference })
      .solutions[0]!;
    const step = formula.method.find((s) => /^Whisk the milk/.test(s.text))!;
    expect(step.notes.map((n) => n.code)).not.toContain('step.instead');
  });
});

it('water that thins a yogurt is told where the yogurt is used, though a gel has water of its own', () => {
  const source = readFormula({
    title: 'Yogurt muffins',
    text: '240 g rice flour\n120 g sugar\n8 g baking powder\n2 eggs\n200 g yogurt\n60 g oil',
    method: 'Whisk eggs, sugar, yogurt and oil.\nStir in the dry things.\nBake 24 minutes at 190 °C.',
  }).formula;
  const kits = { 'p1:egg:dough': 'flax_gel', 'p1:cultured:dough': 'soy_yogurt' };
  const { formula } = adapt(
    { formula: source, exclude: ['egg', 'dairy'], pins: { kits } },
    { lookup: lookupReference },
  ).solutions[0]!;
  const told = [...takesOf(source, formula, lookupReference).values()].flat().map((t) => t.lineId);
  const thins = formula.parts[0]!.lines.find((l) => l.id === 'p1:cultured:dough/soy_yogurt/water');
  const gels = formula.parts[0]!.lines.find((l) => l.id === 'p1:egg:dough/flax_gel/water');
  expect(thins).toBeDefined();
  expect(told).toContain(thins!.id);
  expect(told).not.toContain(gels!.id);
});
