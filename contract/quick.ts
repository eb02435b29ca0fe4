import type { Schema } from 'yup';

/**
 * A quick look whether a value fits a Yup schema, many times as fast as validating: the schema's own tests are run without
 * the errors, paths and contexts that only a fault needs. What it lets pass is valid (held by a property test); what it
 * does not is validated by Yup itself, which says what is wrong.
 */
type Look = (value: unknown) => boolean;
type Test = {
  OPTIONS?: { test: (this: unknown, value: unknown, ctx: unknown) => unknown; skipAbsent?: boolean };
};
/** What of Yup's schemas is leaned on: their tests, fields, items, and what a lazy one resolves to. */
type Inside = {
  type: string;
  internalTests?: Record<string, Test | null | undefined>;
  tests?: Test[];
  fields?: Record<string, object>;
  innerType?: object;
  builder?: (value: unknown, options: object) => object;
};

/** Records with free keys and values of one kind: told here, since a lazy schema makes a new one at each look. */
const records = new WeakMap<object, { value: object; mostKeys: number; optional: boolean }>();
export function noteRecord(lazy: object, value: object, mostKeys: number, optional: boolean): void {
  records.set(lazy, { value, mostKeys, optional });
}

const looks = new WeakMap<object, Look>();
const isRecord = (v: unknown): v is Record<string, unknown> =>
  typeof v === 'object' && v !== null && !Array.isArray(v);

function testsOf(schema: Inside): Look {
  const tests = [...Object.values(schema.internalTests ?? {}), ...(schema.tests ?? [])].flatMap((t) => {
    const { test, skipAbsent = false } = t?.OPTIONS ?? {};
    if (!test) return [];
    const context = { schema, path: '', resolve: (x: unknown) => x, createError: () => false };
    return [{ test, skipAbsent, context }];
  });
  return (value) =>
    tests.every(
      ({ test, skipAbsent, context }) =>
        (skipAbsent && (value === undefined || value === null)) ||
        test.call(context, value, context) === true,
    );
}

function lookOf(schema: object): Look {
  const there = looks.get(schema);
  if (there) return there;
  const inside = schema as Inside;
  const record = records.get(schema);
  let look: Look;
  if (record) {
    const value = lookOf(record.value);
    look = (v) => {
      if (v === undefined) return record.optional;
      if (!isRecord(v)) return false;
      const all = Object.values(v);
      return all.length <= record.mostKeys && all.every(value);
    };
  } else if (inside.builder) {
    const { builder } = inside;
    look = (v) => lookOf(builder(v, {}))(v);
  } else {
    const tests = testsOf(inside);
    const fields = Object.entries(inside.fields ?? {}).map(([key, field]) => [key, lookOf(field)] as const);
    const item = inside.innerType ? lookOf(inside.innerType) : null;
    look = (v) => {
      if (!tests(v)) return false;
      if (v === undefined || v === null) return true;
      if (inside.type === 'object')
        return fields.every(([key, fits]) => fits((v as Record<string, unknown>)[key]));
      return item === null || (v as unknown[]).every(item);
    };
  }
  looks.set(schema, look);
  return look;
}

/** Whether it certainly fits. A hostile value may make a test throw: then it is for Yup to say. */
export function fitsQuickly(schema: Schema, value: unknown): boolean {
  try {
    return lookOf(schema)(value);
  } catch {
    return false;
  }
}
