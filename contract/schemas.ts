import {
  array,
  boolean,
  lazy,
  mixed,
  number,
  object,
  string,
  ValidationError,
  type AnyObject,
  type ISchema,
  type ObjectShape,
  type Schema,
} from 'yup';
import { CLASS_IDS } from '../core/classes';
import { EXCLUSION_IDS, MAX_LABEL_CHARS, RULESET_IDS } from '../core/exclusions';
import { LINE_ROLES, TIN_SHAPES } from '../core/formula';
import { AVOID_IDS, GROUP_IDS } from '../core/ingredients';
import { STEP_KINDS } from '../core/method';
import { MAX_LINES } from '../core/reading';
import { PANEL_KEYS } from '../core/pantry';
import { CUP_STANDARDS, SPOON_STANDARDS, UNIT_IDS } from '../core/units';

/**
 * Schemas of everything that enters: strict (nothing is cast), finite numbers only, unknown keys refused. They
 * are the one description of the API; its OpenAPI text is made from them.
 */
const obj = <S extends ObjectShape>(shape: S) =>
  object(shape).noUnknown('${path} has a key that is not known: ${unknown}');
const finite = () =>
  number().test(
    'finite',
    '${path} must be a finite number',
    (v) => v === undefined || v === null || Number.isFinite(v),
  );
const grams = () => finite().min(0).max(1_000_000);
const id = () => string().min(1).max(200);
const text = (max: number) => string().max(max);
/** A record with free keys and values of one kind. */
const record = (value: ISchema<unknown>, maxKeys = 200) =>
  lazy((given: unknown) => {
    const keys =
      given !== null && typeof given === 'object' && !Array.isArray(given)
        ? Object.keys(given).slice(0, maxKeys + 1)
        : [];
    return object<AnyObject>(Object.fromEntries(keys.map((k) => [k, value])))
      .test('size', '${path} has too many entries', (v) => Object.keys(v ?? {}).length <= maxKeys)
      .noUnknown();
  });

const sourced = () =>
  obj({
    value: finite().required(),
    sd: finite().min(0),
    basis: string().oneOf(['published', 'practice', 'memory', 'label', 'user', 'derived']).required(),
    sourceId: text(40),
  });
const msgArgs = () =>
  record(
    mixed<string | number>().test(
      'plain',
      '${path} must be text or a number',
      (v) => typeof v === 'string' || (typeof v === 'number' && Number.isFinite(v)),
    ),
    40,
  );
const message = () => obj({ code: text(80).required(), args: msgArgs() });

const itemRef = () =>
  lazy((v: unknown) => {
    const kind = (v as { kind?: unknown } | null)?.kind;
    if (kind === 'part')
      return obj({
        kind: string().oneOf(['part']).required(),
        partId: id().required(),
        share: finite().min(0).max(1).required(),
      });
    if (kind === 'unknown')
      return obj({ kind: string().oneOf(['unknown']).required(), text: text(200).defined() });
    return obj({ kind: string().oneOf(['ref', 'own', 'packet', 'blend']).required(), id: id().required() });
  });

const amount = () =>
  obj({
    massG: sourced().nullable().defined(),
    written: text(300).defined(),
    confidence: finite().min(0).max(1).required(),
    reading: array(
      obj({
        qty: array(finite().required()).length(2).required(),
        unit: string()
          .oneOf([...UNIT_IDS])
          .required(),
        step: text(20).required(),
      }),
    )
      .max(4)
      .required(),
  });

const line = () =>
  obj({
    id: id().required(),
    item: itemRef(),
    amount: amount().required(),
    role: string().oneOf([...LINE_ROLES]),
    state: string().oneOf(['gel', 'slurry', 'whisked']),
    preparation: text(200),
  });

const step = () =>
  obj({
    id: id().required(),
    kind: string()
      .oneOf([...STEP_KINDS])
      .required(),
    text: text(20_000).defined(),
    added: message().default(undefined),
    notes: array(message()).max(40).required(),
    struck: message().default(undefined),
  });

const avoids = () =>
  array(
    string()
      .oneOf([...AVOID_IDS])
      .required(),
  ).max(AVOID_IDS.length);

export const formulaSchema = obj({
  schema: number().oneOf([1]).required(),
  title: text(200).defined(),
  parts: array(
    obj({
      id: id().required(),
      name: text(100).defined(),
      classId: string()
        .oneOf([...CLASS_IDS])
        .required(),
      lines: array(line()).max(MAX_LINES).required(),
    }),
  )
    .min(1)
    .max(20)
    .required(),
  method: array(step()).max(200).required(),
  yield: obj({ pieces: finite().min(0).max(10_000).required(), name: text(100).defined() }).default(
    undefined,
  ),
  bake: obj({
    ovenC: finite().min(0).max(500).nullable().defined(),
    minutes: array(finite().min(0).max(6000).required()).length(2).nullable().defined(),
    fan: boolean().required(),
  }).default(undefined),
  tin: obj({
    shape: string()
      .oneOf([...TIN_SHAPES])
      .required(),
    written: text(80).defined(),
    volumeMl: sourced().required(),
    count: finite().min(1).max(100).required(),
  }).default(undefined),
  avoids: avoids().required(),
  originalText: text(50_000).defined(),
});

const kitchen = () =>
  obj({
    cup: string().oneOf(CUP_STANDARDS).required(),
    spoon: string().oneOf(SPOON_STANDARDS).required(),
  });
const exclude = () => array(string().oneOf(EXCLUSION_IDS).required()).max(EXCLUSION_IDS.length).required();
const words = () => array(text(60).min(1).required()).max(30);
const oil = () => string().oneOf(['extracted', 'all_fat']);
const pins = () =>
  obj({
    kits: record(id().required(), 100),
    lines: record(grams().required(), MAX_LINES),
    lockWetness: boolean(),
    lockMass: boolean(),
  }).default(undefined);

export const readSchema = obj({
  text: text(200_000).defined(),
  title: text(200),
  method: text(50_000),
  oven: text(200),
  time: text(200),
  classId: string().oneOf([...CLASS_IDS]),
  kitchen: kitchen().default(undefined),
});
export const matchSchema = obj({ names: array(text(200).defined()).max(MAX_LINES).required() });
export const labelsSchema = obj({
  text: text(MAX_LABEL_CHARS).defined(),
  ruleset: string().oneOf(RULESET_IDS),
});
export const adaptSchema = obj({
  formula: formulaSchema.required(),
  exclude: exclude(),
  oil: oil(),
  words: words(),
  strict: avoids(),
  target: formulaSchema.default(undefined),
  pins: pins(),
  limit: number().integer().min(1).max(12),
});

/** What a version was made from: what was left out, for whom, what was held. */
const request = () =>
  obj({
    exclude: exclude(),
    oil: oil(),
    words: words(),
    strict: avoids(),
    eaters: array(id().required()).max(60),
    pins: pins(),
  });

const panel = () => {
  const per100 = (most: number) => finite().min(0).max(most).nullable().defined();
  return obj(Object.fromEntries(PANEL_KEYS.map((k) => [k, per100(k === 'kcal' ? 1000 : 100)])));
};
const name = () => text(120).min(1).required();
const names = () => array(text(120).min(1).required()).max(20).required();
const maybe = (most: number) => finite().min(0).max(most).nullable().defined();
const pantryDoc = () =>
  lazy((v: unknown) => {
    const kind = (v as { kind?: unknown } | null)?.kind;
    if (kind === 'packet')
      return obj({
        kind: string().oneOf(['packet']).required(),
        name: name(),
        like: id().required(),
        labelText: text(MAX_LABEL_CHARS).defined(),
        seenWords: array(text(60).min(1).required()).max(500).required(),
        panel: panel().required(),
        packG: maybe(100_000),
        price: maybe(100_000),
        openedOn: string()
          .matches(/^\d{4}-\d{2}-\d{2}$/, '${path} must be a day, YYYY-MM-DD')
          .nullable()
          .defined(),
        everywhere: boolean().required(),
      }).required();
    if (kind === 'blend')
      return obj({
        kind: string().oneOf(['blend']).required(),
        name: name(),
        otherNames: names(),
        parts: array(obj({ id: id().required(), percent: finite().min(0).max(1000).required() }))
          .min(1)
          .max(30)
          .required(),
        standsFor: array(id().required()).max(20).required(),
        note: text(2000).defined(),
      }).required();
    return obj({
      kind: string().oneOf(['own']).required(),
      name: name(),
      otherNames: names(),
      like: id().nullable().defined(),
      group: string()
        .oneOf([...GROUP_IDS])
        .required(),
      panel: panel().required(),
      gPerCup: maybe(2000),
      gPerPiece: maybe(20_000),
      facts: record(string().oneOf(['yes', 'no', 'unknown', 'may']).required(), AVOID_IDS.length),
      note: text(2000).defined(),
    }).required();
  });

const MOST_AT_ONCE = 500;
export const createPantrySchema = obj({ docs: array(pantryDoc()).min(1).max(MOST_AT_ONCE).required() });
export const putPantrySchema = obj({ rev: number().integer().min(1).required(), doc: pantryDoc() });
export const pantryIdsSchema = obj({ itemIds: array(id().required()).min(1).max(10_000).required() });

export const eaterSchema = obj({
  name: name(),
  exclude: exclude(),
  oil: oil(),
  words: words().required(),
  traces: boolean().required(),
});
export const kitchenSchema = obj({
  cup: string().oneOf(CUP_STANDARDS).required(),
  spoon: string().oneOf(SPOON_STANDARDS).required(),
  currency: text(3).min(1).required(),
  ruleset: string().oneOf(RULESET_IDS).required(),
});
export const createFormulaSchema = obj({ formula: formulaSchema.required() });
export const renameFormulaSchema = obj({ title: text(200).min(1).required() });
export const createVersionSchema = obj({
  parentId: id().required(),
  name: text(120).min(1).required(),
  note: text(2000),
  doc: formulaSchema.required(),
  request: request().required(),
  /** A corrected source to be kept first, where the baker mended a reading. */
  source: formulaSchema.default(undefined),
});

/** The working copy of one desk: the source as the baker now reads it, and what is asked of it. */
export const draftDocSchema = obj({
  baseId: id().required(),
  source: formulaSchema.required(),
  request: request().required(),
});
export const putDraftSchema = obj({
  rev: number().integer().min(0).required(),
  doc: draftDocSchema.required(),
});

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
