import { cleanup, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../../demo/data/formulas';
import { lookupReference, type Lookup } from '../../../core/ingredients';
import { readFormula } from '../../../core/reading';
import { show } from '../../testing/render';
import { Nutrition } from './Nutrition';

const { formula } = readFormula(DEMO_FORMULAS[0]!);
const priced: Lookup = (item) => {
  const i = lookupReference(item);
  return i && !['parsnip', 'xanthan'].includes(i.id) ? { ...i, pricePerKg: 4 } : i;
};
const draw = (pieces: number | null, lookup: Lookup = lookupReference, doc = formula) =>
  show(<Nutrition doc={doc} lookup={lookup} pieces={pieces} currency="€" />);
const rows = () => within(screen.getByRole('table')).getAllByRole('row');

describe('nutrition and cost on the card', () => {
  it('for 100 g, and for a piece where it is known how many there are', () => {
    draw(null);
    expect(rows()).toHaveLength(2);
    cleanup();
    draw(12);
    expect(rows()).toHaveLength(3);
    expect(rows()[2]!.textContent).toMatch(/one of 12, about \d+ g\d/);
  });

  it('a piece of twelve has a twelfth of the batch: energy of both rows agrees', () => {
    draw(12);
    const kcal = (row: HTMLElement) => Number(/([\d,]+) kcal/.exec(row.textContent)![1]!.replace(',', ''));
    const each = Number(/about (\d+) g/.exec(rows()[2]!.textContent)![1]);
    expect(Math.abs(kcal(rows()[2]!) / ((kcal(rows()[1]!) * each) / 100) - 1)).toBeLessThan(0.02);
  });

  it('says what it weighs baked, with its spread, and what is in no table', () => {
    draw(12);
    expect(screen.getByText(/Baked weight about [\d,]+ g, give or take \d+ g/)).toBeTruthy();
    expect(screen.getByText(/Saturates are not calculated/)).toBeTruthy();
  });

  it('names what is not known, and costs only what has a price', () => {
    const [part] = formula.parts;
    const unknown = { ...part!.lines[0]!, id: 'u', item: { kind: 'unknown' as const, text: 'moondust' } };
    draw(12, priced, { ...formula, parts: [{ ...part!, lines: [...part!.lines, unknown] }] });
    expect(screen.getByText(/Without what is not known: .*moondust/)).toBeTruthy();
    // What has a price is 4 € a kilogram.
    const g = part!.lines
      .filter((l) => l.item.kind !== 'ref' || !['parsnip', 'xanthan'].includes(l.item.id))
      .reduce((sum, l) => sum + (l.amount.massG?.value ?? 0), 0);
    const batch = `€${((4 * g) / 1000).toFixed(2)}`;
    expect(
      screen.getByText(new RegExp(`${batch} for the batch, €\\d\\.\\d\\d each, without \\d lines`)),
    ).toBeTruthy();
  });

  it('no cost is told of which most is not known', () => {
    const one: Lookup = (item) => {
      const i = lookupReference(item);
      return i?.id === 'walnuts' ? { ...i, pricePerKg: 20 } : i;
    };
    draw(12, one);
    expect(screen.getByText(/not given: 1 of 15 lines have a packet with a price/)).toBeTruthy();
  });

  it('no rough price is shown as money', () => {
    draw(12);
    expect(screen.queryByText(/for the batch/)).toBeNull();
  });

  it('a formula without grams has no nutrition', () => {
    draw(null, lookupReference, { ...formula, parts: [] });
    expect(screen.queryByRole('table')).toBeNull();
  });
});
