import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../demo/data/formulas';
import { DEMO_EATERS, DEMO_PANTRY } from '../demo/data/pantry';
import { readFormula } from '../core/reading';
import { DEFAULT_KITCHEN } from './dto';
import { formulaSchema } from './formula-schemas';
import { adaptSchema, createVersionSchema, matchSchema, putDraftSchema, readSchema } from './schemas';
import { createPantrySchema, eaterSchema, kitchenSchema, putPantrySchema } from './pantry-schemas';
import type { Schema } from 'yup';
import { fitsQuickly } from './quick';
import { check, instant } from './shapes';
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
            expect(result.invalid.message.length).toBeGreaterThan(0);
            expect(result.invalid.message.length).toBeLessThanOrEqual(200);
          }
        }),
        { numRuns: 150 },
      );
    },
  );

  it.each(VALID)('%s: the quick look and Yup itself say the same', (_name, schema, body) => {
    const of = schema as Schema;
    const yup = (x: unknown): boolean => of.isValidSync(x, { strict: true });
    expect(fitsQuickly(of, body)).toBe(true);
    const values = fc.constantFrom<unknown>(
      undefined,
      null,
      0,
      -1,
      1.5,
      Number.NaN,
      '',
      '12',
      'x'.repeat(301),
      true,
      [],
      {},
      [1],
      { a: 1 },
    );
    fc.assert(
      fc.property(fc.constantFrom(...pathsOf(body)), values, (path, bad) => {
        const changed = replaced(body, path, bad);
        expect(fitsQuickly(of, changed)).toBe(yup(changed));
      }),
      { numRuns: 200 },
    );
  });

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
    expect('invalid' in result && result.invalid.path).toBe('parts[0].lines[2].amount.massG.value');
  });
});

describe('text and size', () => {
  const readText = (x: unknown) => check(readSchema, { text: 'x', title: x });

  it.each([
    ['a NUL', 'rice\0flour'],
    ['half of a pair', 'rice \ud83c flour'],
    ['the other half', '\udf6a'],
  ])('text with %s is refused with its place: no store can hold it', (_what, title) => {
    expect(readText(title)).toMatchObject({ invalid: { path: 'title' } });
  });

  it('a whole pair, accents and other scripts are text like any other', () => {
    for (const title of ['🍪', 'crème', 'хлеб', 'パン', 'a\nb\tc'])
      expect(readText(title)).toHaveProperty('value');
  });

  it('keys are text too, and nesting has an end', () => {
    const pins = (kits: unknown) => ({ formula, exclude: [], pins: { kits } });
    expect(check(adaptSchema, pins({ 'a\0': 'b' }))).toHaveProperty('invalid');
    let deep: unknown = 'x';
    for (let k = 0; k < 10_000; k++) deep = [deep];
    for (const body of [deep, { text: deep }, pins(deep), { ...pins({}), exclude: deep }])
      expect(check(adaptSchema, body)).toHaveProperty('invalid');
  });

  it('a list that is too long is refused before its items are looked at', () => {
    const invalid = check(matchSchema, { names: new Array<null>(5_000_000).fill(null) });
    expect(invalid).toMatchObject({ invalid: { path: 'names' } });
  });

  it('one fault is told and the rest are not looked for', () => {
    const bad = { names: new Array<number>(200).fill(0) };
    expect(check(matchSchema, bad)).toMatchObject({ invalid: { path: 'names[0]' } });
  });

  it('revisions and instants stay inside what the store can hold', () => {
    const doc = { baseId: 'x', source: formula, request };
    expect(check(putDraftSchema, { rev: 2 ** 31 - 1, doc })).toHaveProperty('value');
    for (const rev of [2 ** 31, -1, 1.5])
      expect(check(putDraftSchema, { rev, doc })).toHaveProperty('invalid');
    const ok = (v: string) => 'value' in check(instant() as never, v);
    expect(['2026-11-25T10:00:00Z', '1999-12-31T23:59:59.999Z'].map(ok)).toEqual([true, true]);
    for (const v of [
      '+275760-09-13T00:00:00.000Z',
      '-000001-01-01T00:00:00Z',
      '3000-01-01T00:00:00Z',
      'x',
      '',
    ])
      expect([v, ok(v)]).toEqual([v, false]);
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
