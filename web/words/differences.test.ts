import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { lookupReference } from '../../core/ingredients';
import { readFormula } from '../../core/reading';
import { adapt, besideOf } from '../../core/rebalance';
import { differenceWords } from './differences';

const source = readFormula(DEMO_FORMULAS[0]!).formula;
const [best] = adapt({ formula: source, exclude: ['egg', 'dairy'] }, { lookup: lookupReference }).solutions;
const said = (docs: (typeof source)[]) => differenceWords(besideOf(docs, lookupReference), docs, 1);

describe('what moves between versions, in words', () => {
  it('names what is out and what came in, with grams', () => {
    const words = said([source, best!.formula]);
    expect(words.find((w) => w.startsWith('Removed:'))).toMatch(/120 g eggs/);
    expect(words.find((w) => w.startsWith('Added:'))).toMatch(/\d g /);
    expect(words.some((w) => /target range/.test(w))).toBe(true);
    expect(words.join(' ')).not.toMatch(/undefined|NaN|null/);
  });

  it('the same formula is said to be the same', () => {
    expect(said([source, source])).toEqual(['The same formula.']);
  });

  it('another oven, tin and method are told', () => {
    const other = {
      ...source,
      bake: { ovenC: 160, minutes: [40, 45] as [number, number], fan: true },
      tin: { ...source.tin!, written: '20 cm round tin' },
      method: source.method.slice(1),
    };
    const words = said([source, other]);
    expect(words.find((w) => w.startsWith('Bake:'))).toMatch(/→ 160 °C fan .*40 to 45 min/);
    expect(words.find((w) => w.startsWith('Tin:'))).toMatch(/20 cm round tin/);
    expect(words.at(-1)).toBe('Method: 0 new or reworded, 1 gone.');
  });
});
