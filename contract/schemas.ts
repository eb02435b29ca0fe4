import { array, boolean, lazy, number, string } from 'yup';
import { CLASS_IDS } from '../core/classes';
import { MAX_LABEL_CHARS, RULESET_IDS } from '../core/exclusions';
import { EGG_GRADINGS } from '../core/ingredients';
import { MAX_LINES, ROW_KINDS } from '../core/reading';
import { CUP_STANDARDS, SPOON_STANDARDS } from '../core/units';
import { SHELF_ORDERS, SHELF_STATES } from './dto';
import { bakePlan } from './bake-schemas';
import { avoids, formulaSchema } from './formula-schemas';
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
  record,
  revision,
  styleShape,
  text,
  words,
} from './shapes';

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
  /** A corrected source to be kept first, where the baker corrected a reading. */
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
