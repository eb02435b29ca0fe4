import {
  array,
  boolean,
  lazy,
  number,
  object,
  string,
  ValidationError,
  type AnyObject,
  type ISchema,
  type ObjectShape,
  type Schema,
} from 'yup';
import { EXCLUSION_IDS } from '../core/exclusions';

/**
 * Schemas of everything that enters: strict (nothing is cast), finite numbers only, unknown keys refused. They
 * are the one description of the API; its OpenAPI text is made from them.
 */
export const obj = <S extends ObjectShape>(shape: S) =>
  object(shape).noUnknown('${path} has a key that is not known: ${unknown}');
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
export const record = (value: ISchema<unknown>, maxKeys = 200) =>
  lazy((given: unknown) => {
    const keys =
      given !== null && typeof given === 'object' && !Array.isArray(given)
        ? Object.keys(given).slice(0, maxKeys + 1)
        : [];
    return object<AnyObject>(Object.fromEntries(keys.map((k) => [k, value])))
      .test('size', '${path} has too many entries', (v) => Object.keys(v ?? {}).length <= maxKeys)
      .noUnknown();
  });

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

/** Checks a body strictly. What is wrong comes back as a path and a reason, at most five of them. */
export function check<T>(schema: Schema<T>, body: unknown): { value: T } | { invalid: Invalid[] } {
  try {
    return { value: schema.validateSync(body, { strict: true, abortEarly: false }) };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const inner = error.inner.length > 0 ? error.inner : [error];
    return {
      invalid: inner
        .slice(0, 5)
        .map((e) => ({ path: e.path ?? '', message: e.errors[0]?.slice(0, 200) ?? '' })),
    };
  }
}
