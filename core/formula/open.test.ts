import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PROP_KEYS } from '../classes';
import { INGREDIENTS, lookupReference } from '../ingredients';
import { adapt } from '../rebalance';
import { liftOf } from '../leavening';
import { anyPart, formula, line, part } from '../testing/build';
import { openForBake, openLines, reachOf } from './open';
import { profileOf } from './profile';
import { mapLines, type Formula, type Line } from './types';

const unknown = (massG: number | null, text = 'harbour powder'): Line => ({
  id: 'odd',
  item: { kind: 'unknown', text },
  amount: {
    massG: massG === null ? null : { value: massG, basis: 'user' },
    written: text,
    confidence: 0,
    reading: [],
  },
});
const batter = (): Formula =>
  formula('batter', {
    white_rice_flour: 200,
    tapioca_starch: 60,
    milk: 180,
    egg: 100,
    sugar: 120,
    baking_powder: 9,
  });
const withLine = (f: Formula, l: Line): Formula => ({
  ...f,
  parts: f.parts.map((p) => ({ ...p, lines: [...p.lines, l] })),
});

describe('what rests on a line that is not known', () => {
  it('nothing is moved where all is known', () => {
    expect(reachOf(batter().parts[0]!, lookupReference)).toBeNull();
    expect(openForBake(batter(), lookupReference)).toEqual([]);
  });

  it('whatever the thing turns out to be, no property moves further than was said', () => {
    fc.assert(
      fc.property(
        anyPart,
        fc.constantFrom(...INGREDIENTS.map((i) => i.id)),
        fc.double({ min: 0.5, max: 300, noNaN: true }),
        (p, id, massG) => {
          const batterPart = { ...p, classId: 'batter' as const };
          const open = { ...batterPart, lines: [...p.lines, unknown(massG)] };
          const settled = { ...batterPart, lines: [...p.lines, line(id, massG, { id: 'odd' })] };
          const reach = reachOf(open, lookupReference)!;
          const [a, b] = [profileOf(open, lookupReference), profileOf(settled, lookupReference)];
          for (const key of PROP_KEYS)
            expect(Math.abs(b.props[key].value - a.props[key].value)).toBeLessThanOrEqual(reach[key] + 1e-9);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('a thing without grams moves only what it brings, and that without end', () => {
    const water: Line = { ...line('water', 0), amount: { ...line('water', 0).amount, massG: null } };
    const reach = reachOf(part('batter', [line('white_rice_flour', 100), water]), lookupReference)!;
    expect([reach.fat, reach.starch, reach.lift]).toEqual([0, 0, 0]);
    expect(reach.water).toBeGreaterThan(1e5);
  });

  it('what is brushed on, or strewn by taste, decides nothing', () => {
    const wash: Line = { ...unknown(null), role: 'wash' };
    expect(openLines(withLine(batter(), wash).parts[0]!, lookupReference)).toEqual([]);
  });

  it('no balance, no gas, no word of how sure over a line that decides; each is back once it is settled', () => {
    const open = withLine(batter(), unknown(30));
    const ask = (f: Formula) =>
      adapt({ formula: f, exclude: ['egg'] }, { lookup: lookupReference }).solutions[0]!;
    const s = ask(open);
    for (const key of ['wetness', 'bind', 'lift'] as const)
      expect(s.fit.find((f) => f.key === key)?.state ?? 'open', key).toBe('open');
    expect(s.confidence.level).toBe('open');
    expect(liftOf(open.parts[0]!, lookupReference).open).toBe(true);
    expect(openForBake(open, lookupReference).map((l) => l.id)).toEqual(['odd']);
    const settled = mapLines(open, (l) => (l.id === 'odd' ? line('sorghum_flour', 30, { id: 'odd' }) : l));
    expect(ask(settled).fit.some((f) => f.state === 'open')).toBe(false);
    expect(liftOf(settled.parts[0]!, lookupReference).open).toBe(false);
  });

  it('a pinch that can change nothing is no reason to be silent about the time', () => {
    expect(openForBake(withLine(batter(), unknown(2)), lookupReference)).toEqual([]);
    expect(openForBake(withLine(batter(), unknown(null)), lookupReference)).toHaveLength(1);
  });
});
