import { array, lazy, mixed, number, string, type Schema } from 'yup';
import {
  CAUSE_IDS,
  FAULT_IDS,
  MOST_FACTORS,
  MOST_RUNS,
  OUTCOME_IDS,
  REPAIR_IDS,
  SCORE_IDS,
  TASTING_KINDS,
} from '../core/judge';
import { REFUSAL_IDS } from '../core/slice';
import { MOST_NO_HOLES, MOST_PHOTO_BYTES, MOST_PHOTO_PX } from './notebook';
import { finite, grams, obj, record, revision, text } from './shapes';

const milli = () => finite().min(0).max(32_460_000_000_000).required();
const hash = () =>
  string()
    .matches(/^[0-9a-f]{64}$/, '${path} must be a hash')
    .required();
const px = () => number().integer().min(1).max(MOST_PHOTO_PX).required();
const minutes = () => finite().min(0).max(100_000);
const celsius = () => finite().min(-60).max(400);
const fault = () =>
  string()
    .oneOf([...FAULT_IDS])
    .required();

const TESTS = obj({
  trialId: string().uuid().required(),
  fault: fault(),
  cause: string()
    .oneOf([...CAUSE_IDS])
    .required(),
  repair: string()
    .oneOf([...REPAIR_IDS])
    .required(),
});
/** What may be null, as what was asked and not found. */
const orNull = (schema: { required: () => Schema }) =>
  lazy((v: unknown) => (v === null ? mixed().nullable().defined() : schema.required()));
/** What a working copy or a trial is to find out; null where nothing is asked. */
export const testsSchema = () => orNull(TESTS);
/** The same where it may be left out. */
export const maybeTests = () =>
  lazy((v: unknown) => (v === undefined ? mixed().optional() : TESTS.required()));

const mm = () => finite().min(0).max(10_000).required();
const MEASURED = obj({ value: mm(), give: mm() });
const figure = () => finite().min(0).max(10_000).nullable().defined();
const LAB = array(finite().min(-300).max(300).required()).length(3).required();
/** A place on a photo as shares of its width and height; corners drawn by hand may lie a little outside. */
const POINT = array(finite().min(-1).max(2).required()).length(2).required();
const MOST_OUTLINE = 400;
const SLICE = obj({
  photo: hash(),
  wideMm: finite().moreThan(0).max(10_000).required(),
  marks: obj({
    card: array(POINT).length(4).required(),
    outline: array(POINT).min(3).max(MOST_OUTLINE),
    base: array(POINT).length(2),
    noHoles: array(POINT).max(MOST_NO_HOLES),
    faceAboveMm: finite().min(0).max(200),
    focalMm: finite().min(1).max(2000),
  }),
  numbers: obj({
    heightMm: MEASURED,
    widthMm: MEASURED,
    areaCm2: MEASURED,
    dipMm: MEASURED,
    crust: orNull(obj({ topMm: MEASURED, sideMm: MEASURED, baseMm: MEASURED })),
    open: orNull(MEASURED),
    typicalHoleMm: orNull(MEASURED),
    largestMm: orNull(MEASURED),
    holesPerCm2: orNull(MEASURED),
    openBelow: figure(),
    openAbove: figure(),
    uneven: figure(),
    gummy: orNull(obj({ thickMm: mm(), fromBaseMm: mm(), depth: mm() })),
    crumbColour: orNull(LAB),
    crustColour: orNull(LAB),
    lacking: array(
      string()
        .oneOf([...REFUSAL_IDS])
        .required(),
    )
      .max(REFUSAL_IDS.length)
      .required(),
  }),
});

const SCORES = record(number().integer().min(1).max(5).required(), SCORE_IDS.length);
export const trialSchema = obj({
  formulaId: string().uuid().required(),
  versionId: string().uuid().required(),
  runId: string().uuid().nullable().defined(),
  title: text(200).defined(),
  bakedAt: milli(),
  batches: finite().moreThan(0).max(1000).required(),
  outcome: string()
    .oneOf([...OUTCOME_IDS])
    .required(),
  scores: SCORES,
  faults: array(fault()).max(FAULT_IDS.length).required(),
  actual: obj({
    massG: grams(),
    bakeMin: minutes(),
    ovenC: celsius(),
    coreC: celsius(),
    coolMin: minutes(),
    riseMin: minutes(),
    grew: finite().min(0).max(20),
    roomC: celsius(),
    doors: array(minutes().required()).max(500),
    loss: finite().min(-1).max(1),
    keptG: grams(),
    feelG: grams(),
  }),
  photos: array(obj({ hash: hash(), wide: px(), high: px() }))
    .max(40)
    .required(),
  slices: array(SLICE).max(40),
  notes: text(8000).defined(),
  tasters: array(text(80).min(1).required()).max(40).required(),
  tests: testsSchema(),
});
export const putTrialSchema = obj({ rev: revision(1), doc: trialSchema });

/** Four characters for three bytes (RFC 4648). */
const MOST_BASE64 = 4 * Math.ceil(MOST_PHOTO_BYTES / 3);
const base64 = () =>
  text(MOST_BASE64)
    .min(4)
    .matches(/^[A-Za-z0-9+/]+={0,2}$/, '${path} must be base64')
    .required();
export const photoSchema = obj({ data: base64() });
export const trialQuerySchema = obj({
  formula: string().uuid(),
  q: text(200),
  fault: string().oneOf([...FAULT_IDS]),
  from: text(7).matches(/^\d{1,7}$/, '${path} must be a whole number'),
  limit: text(3).matches(/^(?:[1-9]\d?|[12]\d\d)$/, '${path} must be 1 to 299'),
});
const code = () => number().integer().min(100).max(999);
export const tastingSchema = obj({
  kind: string()
    .oneOf([...TASTING_KINDS])
    .required(),
  title: text(200).defined(),
  at: milli(),
  a: string().uuid().required(),
  b: string().uuid().required(),
  servings: array(
    obj({
      taster: text(80).min(1).required(),
      plates: array(obj({ code: code().required(), of: string().oneOf(['a', 'b']).required() }))
        .min(2)
        .max(3)
        .required(),
      said: code().nullable().defined(),
    }),
  )
    .min(1)
    .max(100)
    .required(),
});
export const putTastingSchema = obj({ rev: revision(1), doc: tastingSchema });
const setting = () => number().oneOf([-1, 0, 1]).required();
const said = () => text(80).trim().min(1).required();
/** What is changed between which two, how much of all combinations is baked, and what is measured. */
const asked = {
  factors: array(obj({ name: said(), low: said(), high: said() }))
    .min(1)
    .max(MOST_FACTORS)
    .required(),
  halvings: number().integer().min(0).max(2).required(),
  measured: said(),
};
/** An experiment before its order is drawn. */
export const experimentPlanSchema = obj({
  ...asked,
  /** How often each is baked, and how many halfway between the two. */
  times: number().integer().min(1).max(4).required(),
  centres: number().integer().min(0).max(8).required(),
});
export const experimentSchema = obj({
  formulaId: string().uuid().required(),
  title: text(200).defined(),
  at: milli(),
  ...asked,
  runs: array(
    obj({
      settings: array(setting()).min(1).max(MOST_FACTORS).required(),
      y: finite().min(-1e9).max(1e9).nullable().defined(),
      trialId: string().uuid(),
    }),
  )
    .min(1)
    .max(MOST_RUNS)
    .required()
    .test(
      'settings',
      '${path} must say how each factor is set',
      (runs, { parent }) =>
        !Array.isArray(runs) ||
        runs.every(
          (r) =>
            !Array.isArray(r?.settings) ||
            r.settings.length === ((parent as { factors?: unknown[] }).factors?.length ?? r.settings.length),
        ),
    ),
});
export const putExperimentSchema = obj({ rev: revision(1), doc: experimentSchema });
/** Lines of a file of everything. */
export const trialLineSchema = obj({ id: string().uuid().required(), doc: trialSchema });
export const photoLineSchema = obj({ hash: hash(), wide: px(), high: px(), data: base64() });
