import { array, boolean, lazy, mixed, number, string } from 'yup';
import { CLASS_IDS } from '../core/classes';
import { MAX_LABEL_CHARS, RULESET_IDS } from '../core/exclusions';
import { LINE_ROLES } from '../core/formula';
import { AVOID_IDS, EGG_GRADINGS } from '../core/ingredients';
import { STEP_KINDS } from '../core/method';
import { MAX_LINES } from '../core/reading';
import { CUP_STANDARDS, SPOON_STANDARDS, UNIT_IDS } from '../core/units';
import { bakePlan, phases, tin } from './bake-schemas';
import { waySchema } from './pantry-schemas';
import {
  degrees,
  exclude,
  finite,
  grams,
  id,
  obj,
  oil,
  record,
  sourced,
  styleShape,
  text,
  words,
} from './shapes';

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
    swaps: array(
      obj({
        from: number().integer().min(0).max(20_000).required(),
        to: number().integer().min(0).max(20_000).required(),
        msg: message().required(),
      }).required(),
    )
      .max(60)
      .default(undefined),
    notes: array(message()).max(40).required(),
    struck: message().default(undefined),
    own: text(2000),
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
    phases: phases(),
  }).default(undefined),
  tin: tin(),
  avoids: avoids().required(),
  originalText: text(50_000).defined(),
});

const kitchen = () =>
  obj({
    cup: string().oneOf(CUP_STANDARDS).required(),
    spoon: string().oneOf(SPOON_STANDARDS).required(),
    eggs: string().oneOf([...EGG_GRADINGS]),
  });
const pins = () =>
  obj({
    kits: record(id().required(), 100),
    lines: record(grams().required(), MAX_LINES),
    lockWetness: boolean(),
    lockMass: boolean(),
    freeMass: boolean(),
    props: record(record(finite().min(0).max(1_000_000).required(), 20), 20),
  }).default(undefined);

const style = () => obj({ ...styleShape(), onlyFrom: array(id().required()).max(5000) }).default(undefined);
/** The same wishes as they are chosen: "only from my pantry" is looked up when it is asked. */
const styleChoice = () => obj({ ...styleShape(), pantryOnly: boolean() }).default(undefined);
/** What the baker makes of the changes to the method. */
const steps = () =>
  record(
    lazy((v: unknown) =>
      v !== null && typeof v === 'object' && 'own' in v
        ? obj({ own: text(2000).min(1).required() }).required()
        : obj({ off: boolean().oneOf([true]).required() }).required(),
    ),
    200,
  );
const liftPlan = () =>
  obj({
    places: array(obj({ hours: finite().min(-1000).max(1000).required(), tempC: degrees() }).required())
      .max(8)
      .required(),
    rise: finite().min(-10).max(100).required(),
    wantC: degrees(),
    dryC: degrees(),
    frictionC: degrees(),
    wakeC: degrees(),
    feed: obj({
      starter: finite().min(-1000).max(1000).required(),
      water: finite().min(-1000).max(1000).required(),
      flour: finite().min(-1000).max(1000).required(),
    }).required(),
    feedC: degrees(),
    needG: finite().min(-100_000).max(100_000).required(),
    leftG: finite().min(-100_000).max(100_000).required(),
    readings: array(
      obj({
        min: finite().min(-10_000).max(10_000).required(),
        heightMm: finite().min(-10_000).max(10_000).required(),
      }).required(),
    )
      .max(200)
      .required(),
    hotG: finite().min(-100_000).max(100_000),
    hotC: finite().min(-100).max(1000),
  }).default(undefined);
const own = () => array(obj({ id: id().required(), doc: waySchema.required() })).max(200);

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
  style: style(),
  own: own(),
  options: boolean(),
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
    style: styleChoice(),
    steps: steps(),
    lift: liftPlan(),
    bake: bakePlan(),
  });

export const requestSchema = request();

export const createFormulaSchema = obj({ formula: formulaSchema.required() });
/** Another title, or put aside and taken out again. */
export const changeFormulaSchema = obj({ title: text(200).min(1), archived: boolean() });
/** Another name, a note, a star: what can be said of a kept version afterwards. */
export const markVersionSchema = obj({ name: text(120).min(1), note: text(2000), star: boolean() });
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
