import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../demo/data/formulas';
import { DEMO_EATERS, DEMO_PANTRY } from '../demo/data/pantry';
import { readFormula } from '../core/reading';
import { DEFAULT_KITCHEN } from './dto';
import { adaptSchema, createVersionSchema, formulaSchema, putDraftSchema, readSchema } from './schemas';
import { createPantrySchema, eaterSchema, kitchenSchema, putPantrySchema } from './pantry-schemas';
import { check } from './shapes';
import { makeWorker } from './work';

const { formula } = readFormula(DEMO_FORMULAS[0]!);
const request = {
  exclude: ['egg', 'soy'],
  words: ['cardamom'],
  strict: ['gluten'],
  eaters: ['e1'],
  pins: { kits: { a: 'b' }, lines: { l1: 3 }, lockMass: true },
};
const VALID: [string, Parameters<typeof check>[0], unknown][] = [
  ['formula', formulaSchema, formula],
  [
    'adapt',
    adaptSchema,
    { formula, exclude: ['egg', 'oil'], oil: 'all_fat', target: formula, pins: request.pins, limit: 3 },
  ],
  [
    'version',
    createVersionSchema,
    { parentId: 'x', name: 'n', note: '', doc: formula, request, source: formula },
  ],
  ['draft', putDraftSchema, { rev: 0, doc: { baseId: 'x', source: formula, request } }],
  ['pantry', createPantrySchema, { docs: DEMO_PANTRY }],
  ['revision', putPantrySchema, { rev: 2, doc: DEMO_PANTRY[0] }],
  ['eater', eaterSchema, DEMO_EATERS[3]],
  ['kitchen', kitchenSchema, DEFAULT_KITCHEN],
  ['read', readSchema, { text: 'x', kitchen: { cup: 'us', spoon: 'metric' } }],
];

/** Every path in a document, as keys. */
function pathsOf(value: unknown, at: (string | number)[] = []): (string | number)[][] {
  if (value === null || typeof value !== 'object') return [at];
  return [
    at,
    ...Object.entries(value).flatMap(([k, v]) => pathsOf(v, [...at, Array.isArray(value) ? Number(k) : k])),
  ];
}

function replaced(value: unknown, path: readonly (string | number)[], by: unknown): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return by;
  const copy: Record<string | number, unknown> = Array.isArray(value)
    ? ([...(value as unknown[])] as never)
    : { ...(value as object) };
  copy[key] = replaced(copy[key], rest, by);
  return copy;
}

describe('schemas', () => {
  it.each(VALID)('%s: a valid body passes as it is', (_name, schema, body) => {
    expect(check(schema, body)).toEqual({ value: body });
  });

  it.each(VALID)(
    '%s: nonsense anywhere is refused in words or harmless, never a crash',
    (_name, schema, body) => {
      const paths = pathsOf(body);
      const nonsense = fc.constantFrom<unknown>(
        Number.POSITIVE_INFINITY,
        Number.NaN,
        -1e9,
        '12',
        {},
        [],
        [[]],
        true,
        'x'.repeat(300_000),
        { constructor: 1 },
        null,
      );
      fc.assert(
        fc.property(fc.constantFrom(...paths), nonsense, (path, bad) => {
          const result = check(schema, replaced(body, path, bad));
          if ('invalid' in result) {
            expect(result.invalid.length).toBeGreaterThan(0);
            expect(result.invalid.length).toBeLessThanOrEqual(5);
            for (const i of result.invalid) expect(i.message.length).toBeLessThanOrEqual(200);
          }
        }),
        { numRuns: 150 },
      );
    },
  );

  it.each(VALID)('%s: a key that is not known is refused wherever it stands', (_name, schema, body) => {
    const objects = pathsOf(body).filter((p) => {
      const at = p.reduce<unknown>((v, k) => (v as Record<string | number, unknown>)[k], body);
      // Free records (pins, message args) take any key by design.
      return (
        at !== null &&
        typeof at === 'object' &&
        !Array.isArray(at) &&
        !p.includes('pins') &&
        p.at(-1) !== 'args'
      );
    });
    for (const p of objects)
      expect(check(schema, replaced(body, [...p, 'zzz'], 1))).toHaveProperty('invalid');
  });

  it('tells where a mass is no number', () => {
    const bad = replaced(formula, ['parts', 0, 'lines', 2, 'amount', 'massG', 'value'], Number.NaN);
    const result = check(formulaSchema, bad);
    expect('invalid' in result && result.invalid[0]!.path).toBe('parts[0].lines[2].amount.massG.value');
  });
});

describe('jobs', () => {
  it('answer with their number; a bug comes back as words, not as a throw', () => {
    const doJob = makeWorker().run;
    expect(doJob({ id: 7, name: 'labels', input: { text: 'milk' } })).toMatchObject({
      id: 7,
      output: { contains: [{ avoid: 'milk' }] },
    });
    expect(doJob({ id: 8, name: 'read', input: null })).toMatchObject({
      id: 8,
      failed: expect.any(String) as string,
    });
    expect(doJob({ id: 9, name: 'nothing' as 'read', input: {} })).toHaveProperty('failed');
  });
});
