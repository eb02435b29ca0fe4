import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../../demo/data/formulas';
import { adapt } from '../../../core/rebalance';
import { lookupReference } from '../../../core/ingredients';
import { readFormula } from '../../../core/reading';
import { show } from '../../testing/render';
import { Lines } from './Lines';

const MUFFINS = DEMO_FORMULAS.findIndex((d) => d.title.includes('muffins'));
const { formula: source } = readFormula(DEMO_FORMULAS[MUFFINS]!);
const adapted = adapt({ formula: source, exclude: ['egg'] }, { lookup: lookupReference }).solutions[0]!
  .formula;
const draw = ({ inOunces = false, beside = false } = {}) =>
  show(
    <Lines
      part={adapted.parts[0]!}
      source={beside ? source.parts[0] : undefined}
      lookup={lookupReference}
      inOunces={inOunces}
    />,
  );
const rows = () => within(screen.getByRole('table')).getAllByRole('row').slice(1);

describe('the lines of a card', () => {
  it('grams first, the lines add up to what is in the bowl', () => {
    draw();
    const g = rows().map((r) => Number(/^([\d,.]+) g/.exec(r.textContent)?.[1]?.replace(',', '') ?? 0));
    const bowl = g.pop()!;
    expect(bowl).toBeGreaterThan(300);
    expect(Math.abs(g.reduce((a, b) => a + b, 0) - bowl)).toBeLessThan(0.05 * g.length + 0.5);
    expect(screen.queryByText(/ oz$/)).toBeNull();
  });

  it('ounces stand beside the grams where the kitchen asks for them: 28.35 g each', () => {
    draw({ inOunces: true });
    const weighed = rows().filter((r) => / oz/.test(r.textContent));
    expect(weighed.length).toBeGreaterThan(8);
    for (const r of weighed) {
      const [, g, oz] = /^([\d,.]+) g([\d.]+) oz/.exec(r.textContent)!;
      const grams = Number(g!.replace(',', ''));
      expect(Math.abs(grams / 28.3495 - Number(oz))).toBeLessThanOrEqual(grams < 28.3 ? 0.008 : 0.07);
    }
  });

  it('beside the source, what left is struck through and what came in has nothing before it', () => {
    draw({ beside: true });
    const eggs = rows().find((r) => r.querySelector('s'))!;
    expect(eggs.textContent).toMatch(/^–.*egg.*\d+ g$/i);
    const came = rows().filter((r) => r.dataset.new !== undefined);
    expect(came.length).toBeGreaterThan(0);
    for (const r of came) expect(within(r).getAllByRole('cell').at(-1)!.textContent).toBe('');
  });
});
