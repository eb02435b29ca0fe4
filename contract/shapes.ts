import {
  array,
  boolean,
  lazy,
  mixed,
  number,
  object,
  setLocale,
  string,
  ValidationError,
  type AnyObject,
  type ISchema,
  type ObjectShape,
  type Schema,
} from 'yup';
import { EXCLUSION_IDS } from '../core/exclusions';
import { fitsQuickly, noteRecord } from './quick';

/**
 * Schemas of everything that enters: strict (nothing is cast), finite numbers only, unknown keys refused. They
 * are the one description of the API; its OpenAPI text is made from them. An object and a record are wanted where they
 * stand; what may be left out says so with `maybe`.
 */
export const obj = <S extends ObjectShape>(shape: S) =>
  object(shape).noUnknown('${path} has a key that is not known: ${unknown}').required();
/** An object that may be left out. */
export const maybe = <S extends ObjectShape>(shape: S) => obj(shape).optional().default(undefined);
// What was given is not repeated in the reason: it may be megabytes.
setLocale({ mixed: { notType: '${path} must be of the type ${type}' } });
/** The most that a number of the store's can be: 2^31 - 1. */
const MOST_INT = 2_147_483_647;
/** A revision, as the store counts them. */
export const revision = (least = 0) => number().integer().min(least).max(MOST_INT).required();
/** An instant in the years 1900 to 2999, which the store can hold and a page can show. */
export const instant = () =>
  string()
    .max(40)
    .required()
    .test('instant', '${path} must be an instant, as 2026-11-25T10:00:00Z', (v) => {
      const at = new Date(v);
      return !Number.isNaN(at.getTime()) && at.getUTCFullYear() >= 1900 && at.getUTCFullYear() < 3000;
    });
export const finite = () =>
  number().test(
    'finite',
    '${path} must be a finite number',
    (v) => v === undefined || v === null || Number.isFinite(v),
  );
export const grams = () => finite().min(0).max(1_000_000);
export const id = () => string().min(1).max(200);
export const text = (max: number) => string().max(max);
/** A record with free keys and values of one kind. */
export const record = (value: ISchema<unknown>, maxKeys = 200) => {
  const made = lazy((given: unknown) => {
    const keys =
      given !== null && typeof given === 'object' && !Array.isArray(given)
        ? Object.keys(given).slice(0, maxKeys + 1)
        : [];
    return object<AnyObject>(Object.fromEntries(keys.map((k) => [k, value])))
      .test('size', '${path} has too many entries', (v) => Object.keys(v ?? {}).length <= maxKeys)
      .noUnknown()
      .required();
  });
  noteRecord(made, value, maxKeys, false);
  return made;
};
/** A record of plain values, each looked at by itself: far quicker than a schema for each. */
export const plainRecord = (fits: (value: unknown) => boolean, what: string, maxKeys: number) =>
  mixed<AnyObject>()
    .required()
    .test('record', '${path} must be a record', function (given) {
      if (given === null || typeof given !== 'object' || Array.isArray(given)) return false;
      let keys = 0;
      for (const [key, value] of Object.entries(given)) {
        if ((keys += 1) > maxKeys) return this.createError({ message: '${path} has too many entries' });
        if (!fits(value))
          return this.createError({ path: `${this.path}.${key}`, message: `\${path} ${what}` });
      }
      return true;
    });
/** A record that may be left out. */
export const maybeRecord = (value: ISchema<unknown>, maxKeys = 200) => {
  const made = lazy((given: unknown) =>
    given === undefined ? mixed<AnyObject>().optional() : record(value, maxKeys).resolve({ value: given }),
  );
  noteRecord(made, value, maxKeys, true);
  return made;
};

export const exclude = () =>
  array(string().oneOf(EXCLUSION_IDS).required()).max(EXCLUSION_IDS.length).required();
export const words = () => array(text(60).min(1).required()).max(30);
/** How the house likes to bake; what is in the cupboard is told apart. */
export const styleShape = () => ({
  gumFree: boolean(),
  grain: string().oneOf(['whole', 'light']),
  noWholeFat: boolean(),
  fewest: boolean(),
  cheapest: boolean(),
});
/** Bounds only keep nonsense out of the store: what cannot be is said on the page. */
export const degrees = () => finite().min(-100).max(1000).required();
/** A number and what it rests on. */
export const sourced = () =>
  obj({
    value: finite().required(),
    sd: finite().min(0),
    basis: string().oneOf(['published', 'practice', 'memory', 'label', 'user', 'derived']).required(),
    sourceId: text(40),
  });
export const oil = () => string().oneOf(['extracted', 'all_fat']);

export type Invalid = { path: string; message: string };

/** No document of ours is nested deeper; a formula's deepest number lies eight down. */
const DEEPEST = 32;
/** Text that no store can hold: a NUL, or half of a surrogate pair. */
const UNKEPT = /[\uD800-\uDFFF]/u;
const isUnkept = (s: string): boolean => s.includes('\0') || UNKEPT.test(s);

/** Whether a body has more levels than any document of ours. Walks without calling itself; plain values cost nothing. */
function isTooDeep(body: unknown): boolean {
  let level: object[] = typeof body === 'object' && body !== null ? [body] : [];
  for (let depth = 0; level.length > 0; depth++) {
    if (depth >= DEEPEST) return true;
    const below: object[] = [];
    for (const node of level)
      for (const value of Object.values(node) as unknown[])
        if (typeof value === 'object' && value !== null) below.push(value);
    level = below;
  }
  return false;
}

/** The first text that cannot be kept, or null. The schema has bounded how much there is to look at. */
function unkeptIn(value: unknown, path: string): Invalid | null {
  if (typeof value === 'string')
    return isUnkept(value)
      ? { path, message: `${path || 'it'} holds a character that cannot be kept` }
      : null;
  if (value === null || typeof value !== 'object') return null;
  for (const [key, inner] of Object.entries(value)) {
    if (isUnkept(key)) return { path, message: `${path || 'it'} has a key that cannot be kept` };
    const at = Array.isArray(value) ? `${path}[${key}]` : path === '' ? key : `${path}.${key}`;
    const fault = unkeptIn(inner, at);
    if (fault) return fault;
  }
  return null;
}

/**
 * Checks a body strictly and stops at the first fault, so that a hostile one costs no more than a good one: an array's
 * length is looked at before its items. What is wrong comes back as a path and a reason.
 */
export function check<T>(schema: Schema<T>, body: unknown): { value: T } | { invalid: Invalid } {
  try {
    // First: what comes after may walk by calling itself.
    if (isTooDeep(body)) return { invalid: { path: '', message: 'it is nested too deeply' } };
    const value = fitsQuickly(schema, body)
      ? (body as T)
      : schema.validateSync(body, { strict: true, abortEarly: true });
    const fault = unkeptIn(value, '');
    return fault ? { invalid: fault } : { value };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return { invalid: { path: error.path ?? '', message: error.errors[0]?.slice(0, 200) ?? '' } };
  }
}

/** Names that the baker said. */
export const rememberedNames = () =>
  array(obj({ id: text(120).min(1).required(), means: id().required() })).max(2000);
