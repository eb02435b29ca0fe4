import { array, boolean, lazy, number, string } from 'yup';
import { CLASS_IDS, HOWS } from '../core/classes';
import { MAX_LABEL_CHARS, RULESET_IDS } from '../core/exclusions';
import { KIND_REASONS, LINE_ROLES } from '../core/formula';
import { AVOID_IDS, EGG_GRADINGS } from '../core/ingredients';
import { STEP_KINDS } from '../core/method';
import { MAX_LINES, ROW_KINDS } from '../core/reading';
import { CUP_STANDARDS, SPOON_STANDARDS, UNIT_IDS } from '../core/units';
import { SHELF_ORDERS, SHELF_STATES } from './dto';
import { action, actionMend } from './method-schemas';
import { bakePlan, maybeTin, phases } from './bake-schemas';
import { waySchema } from './pantry-schemas';
import { maybeTests } from './notebook-schemas';
import {
  rememberedNames,
  degrees,
  exclude,
  finite,
  grams,
  id,
  maybe,
  maybeRecord,
  obj,
  oil,
  plainRecord,
  record,
  revision,
  sourced,
  styleShape,
  text,
  words,
} from './shapes';

const msgArgs = () =>
  plainRecord(
    (v) => typeof v === 'string' || (typeof v === 'number' && Number.isFinite(v)),
    'must be text or a number',
    40,
  );
const message = () => obj({ code: text(80).required(), args: msgArgs() });

// Made once: a schema made anew for each line costs more than the checking.
const PART_ITEM = obj({
  kind: string().oneOf(['part']).required(),
  partId: id().required(),
  share: finite().min(0).max(1).required(),
});
const UNKNOWN_ITEM = obj({ kind: string().oneOf(['unknown']).required(), text: text(200).defined() });
const THING_ITEM = obj({
  kind: string().oneOf(['ref', 'own', 'packet', 'blend']).required(),
  id: id().required(),
});
const itemRef = () =>
  lazy((v: unknown) => {
    const kind = (v as { kind?: unknown } | null)?.kind;
    return kind === 'part' ? PART_ITEM : kind === 'unknown' ? UNKNOWN_ITEM : THING_ITEM;
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
    amount: amount(),
    role: string().oneOf([...LINE_ROLES]),
    state: string().oneOf(['gel', 'slurry', 'whisked']),
    preparation: text(200),
    gum: boolean(),
    uptake: sourced().optional().default(undefined),
    alsoFor: array(text(100).required()).max(20).default(undefined),
    how: string().oneOf([...HOWS]),
  });

const step = () =>
  obj({
    id: id().required(),
    kind: string()
      .oneOf([...STEP_KINDS])
      .required(),
    text: text(20_000).defined(),
    added: message().optional().default(undefined),
    swaps: array(
      obj({
        from: number().integer().min(0).max(20_000).required(),
        to: number().integer().min(0).max(20_000).required(),
        msg: message().required(),
      }).required(),
    )
      .max(60)
      .default(undefined),
    actions: array(action()).max(200).default(undefined),
    mends: array(actionMend().required()).max(200).default(undefined),
    notes: array(message()).max(40).required(),
    struck: message().optional().default(undefined),
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
      guess: maybe({
        p: finite().min(0).max(1).required(),
        other: string().oneOf([...CLASS_IDS]),
        because: array(
          string()
            .oneOf([...KIND_REASONS])
            .required(),
        )
          .max(KIND_REASONS.length)
          .required(),
      }),
    }),
  )
    .min(1)
    .max(20)
    .required(),
  method: array(step()).max(200).required(),
  overnight: boolean(),
  yield: maybe({ pieces: finite().min(0).max(10_000).required(), name: text(100).defined() }),
  bake: maybe({
    ovenC: finite().min(0).max(500).nullable().defined(),
    minutes: array(finite().min(0).max(6000).required()).length(2).nullable().defined(),
    fan: boolean().required(),
    phases: phases(),
  }),
  tin: maybeTin(),
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
  maybe({
    kits: maybeRecord(id().required(), 100),
    lines: maybeRecord(grams().required(), MAX_LINES),
    lockWetness: boolean(),
    lockMass: boolean(),
    freeMass: boolean(),
    props: maybeRecord(record(finite().min(0).max(1_000_000).required(), 20), 20),
  });

const style = () => maybe({ ...styleShape(), onlyFrom: array(id().required()).max(5000) });
/** The same wishes as they are chosen: "only from my pantry" is looked up when it is asked. */
const styleChoice = () => maybe({ ...styleShape(), pantryOnly: boolean() });
/** What the baker makes of the changes to the method. */
const OWN_STEP = obj({ own: text(2000).min(1).required() });
const NO_STEP = obj({ off: boolean().oneOf([true]).required() });
const steps = () =>
  maybeRecord(
    lazy((v: unknown) => (v !== null && typeof v === 'object' && 'own' in v ? OWN_STEP : NO_STEP)),
    200,
  );
const liftPlan = () =>
  maybe({
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
  });
const own = () => array(obj({ id: id().required(), doc: waySchema })).max(200);

export const readSchema = obj({
  text: text(200_000).defined(),
  rows: maybeRecord(
    string()
      .oneOf([...ROW_KINDS])
      .required(),
    800,
  ),
  title: text(200),
  method: text(50_000),
  oven: text(200),
  time: text(200),
  classId: string().oneOf([...CLASS_IDS]),
  kitchen: kitchen().optional().default(undefined),
  names: rememberedNames(),
});
export const matchSchema = obj({ names: array(text(200).defined()).max(MAX_LINES).required() });
export const labelsSchema = obj({
  text: text(MAX_LABEL_CHARS).defined(),
  ruleset: string().oneOf(RULESET_IDS),
});
export const adaptSchema = obj({
  formula: formulaSchema,
  exclude: exclude(),
  oil: oil(),
  words: words(),
  strict: avoids(),
  allow: avoids(),
  target: formulaSchema.optional().default(undefined),
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
    allow: avoids(),
    eaters: array(id().required()).max(60),
    pins: pins(),
    style: styleChoice(),
    steps: steps(),
    lift: liftPlan(),
    bake: bakePlan(),
    tests: maybeTests(),
  });

export const requestSchema = request();

export const createFormulaSchema = obj({ formula: formulaSchema });
/** Another title, or put aside and taken out again. */
export const changeFormulaSchema = obj({ title: text(200).min(1), archived: boolean() });
/** Another name, a note, a star: what can be said of a kept version afterwards. */
export const markVersionSchema = obj({ name: text(120).min(1), note: text(2000), star: boolean() });
export const createVersionSchema = obj({
  parentId: id().required(),
  name: text(120).min(1).required(),
  note: text(2000),
  doc: formulaSchema,
  request: request(),
  /** A corrected source to be kept first, where the baker mended a reading. */
  source: formulaSchema.optional().default(undefined),
  draftRev: revision().optional(),
});

/** The working copy of one desk: the source as the baker now reads it, and what is asked of it. */
export const draftDocSchema = obj({
  baseId: id().required(),
  source: formulaSchema,
  request: request(),
});
export const putDraftSchema = obj({
  rev: revision(),
  doc: draftDocSchema,
});
export const createAsideSchema = obj({ doc: draftDocSchema });

/** What is looked for on the shelf: an address holds nothing but text. */
export const shelfQuerySchema = obj({
  w: lazy((v: unknown) => (Array.isArray(v) ? array(text(400).required()).max(12) : text(400))),
  kind: string().oneOf([...CLASS_IDS]),
  state: string().oneOf([...SHELF_STATES]),
  order: string().oneOf([...SHELF_ORDERS]),
  out: text(400).matches(/^[a-z_]+(?:,[a-z_]+)*$/, '${path} must be names with commas between'),
  from: text(7).matches(/^\d{1,7}$/, '${path} must be a whole number'),
  limit: text(3).matches(/^(?:[1-9]\d?|[12]\d\d)$/, '${path} must be 1 to 299'),
});
