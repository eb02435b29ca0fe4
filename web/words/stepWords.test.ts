import { describe, expect, it } from 'vitest';
import { msg } from '../../core/explain';
import { applyEdits, readSteps, type Instead, type Step } from '../../core/method';
import { piecesOfStep, plainStep, stepText } from './stepWords';

const instead = (exact: string[], kit: string): Instead => ({
  op: 'instead',
  of: { exact, loose: [] },
  msg: msg('step.instead', { was: 'egg', kit }),
  inline: true,
  lineIds: [],
  comes: 'thing',
  foams: false,
});
const stepOf = (text: string, ...edits: Instead[]): Step => applyEdits(readSteps(text), edits)[0]!;
const MIXED = stepOf(
  'Whisk 2 eggs with the sugar, then whisk in the buttermilk.',
  instead(['eggs'], 'flax_gel'),
  instead(['buttermilk'], 'soy_drink'),
);

describe('a step whose words are swapped', () => {
  it('falls into what stays and what leaves, in order, and nothing is lost', () => {
    const pieces = piecesOfStep(MIXED);
    expect(pieces.map((p) => (typeof p === 'string' ? p : p.out)).join('')).toBe(MIXED.text);
    expect(pieces.filter((p) => typeof p !== 'string').map((p) => p.out)).toEqual(['2 eggs', 'buttermilk']);
  });

  it('in plain words reads as it now goes', () => {
    expect(stepText(MIXED)).toMatch(/^Whisk ground flaxseed gel with the sugar, then whisk in the .+\.$/);
    expect(stepText(MIXED)).not.toMatch(/egg|buttermilk/);
    expect(plainStep(MIXED)).toBe(stepText(MIXED));
  });

  it('begins a sentence with a capital, and drops what follows a comma in a name', () => {
    expect(stepText(stepOf('Eggs go in last.', instead(['eggs'], 'aquafaba')))).toBe('Aquafaba go in last.');
  });

  it('a step untouched is as it was written; one in own words is those; one struck is none', () => {
    const [plain] = readSteps('Bake until golden.');
    expect(piecesOfStep(plain!)).toEqual(['Bake until golden.']);
    expect(stepText({ ...MIXED, own: 'Stir it all.' })).toBe('Stir it all.');
    const struck = { ...MIXED, struck: msg('step.noCreaming') };
    expect(stepText(struck)).toBeNull();
    expect(plainStep(struck)).toMatch(/No creaming/);
  });

  it('notes on oven, time and tin are said with their figures', () => {
    const notes = [
      msg('step.ovenNow', { c: 175, fan: 0 }),
      msg('step.timeNow', { from: 36, to: 41 }),
      msg('step.tinNow', { tin: '23 cm round tin', n: 2 }),
    ];
    expect(stepText({ ...readSteps('Bake.')[0]!, notes })).toBe(
      'Bake. Now 175 °C (345 °F). Now 36 to 41 min. Now 2 of 23 cm round tin.',
    );
  });
});
