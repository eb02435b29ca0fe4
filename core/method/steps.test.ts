import { describe, expect, it } from 'vitest';
import { readSteps } from './index';

const METHOD = `1. Heat the oven to 180 °C and line a tin.
2. Cream the butter with the sugar until pale.
3) Beat in the eggs one at a time.
- Fold in the flour.
Bake 45 min, then cool on a rack.`;

describe('reading a method', () => {
  it('makes a step of each line and knows what it does', () => {
    expect(readSteps(METHOD).map((s) => s.kind)).toEqual(['prepare', 'cream', 'whisk', 'fold', 'cool']);
    expect(readSteps(METHOD)[2]!.text).toBe('Beat in the eggs one at a time.');
  });

  it('splits one paragraph into sentences, but not at decimals', () => {
    const steps = readSteps('Mix 1.5 cups of flour with salt. Add water. Leave to rise until doubled. Bake.');
    expect(steps.map((s) => s.kind)).toEqual(['mix', 'mix', 'proof', 'bake']);
  });

  it('survives nothing, noise and far too much', () => {
    expect(readSteps('')).toEqual([]);
    expect(readSteps('   \n  ')).toEqual([]);
    expect(readSteps('🥖🥖🥖')[0]!.kind).toBe('other');
    expect(readSteps('Mix.\n'.repeat(500))).toHaveLength(60);
  });
});
