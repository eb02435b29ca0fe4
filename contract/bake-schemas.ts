import { array, boolean, number, string } from 'yup';
import { FREE_FORMS, TIN_METALS } from '../core/bake';
import { CLASS_IDS } from '../core/classes';
import { COVERS, HEATS, TIN_SHAPES } from '../core/formula';
import { degrees, finite, grams, maybe, obj, sourced, text } from './shapes';

export const tin = () =>
  obj({
    shape: string()
      .oneOf([...TIN_SHAPES])
      .required(),
    written: text(80).defined(),
    volumeMl: sourced(),
    count: finite().min(1).max(100).required(),
    cm: maybe({
      wide: finite().min(1).max(200).required(),
      long: finite().min(1).max(200),
      high: finite().min(0.5).max(60),
    }),
    holes: number().integer().min(1).max(200),
  });
export const maybeTin = () => tin().optional().default(undefined);
/** Stretches of a bake. Bounds only keep nonsense out of the store: what cannot be is said on the page. */
export const phases = () =>
  array(
    obj({
      min: finite().min(0).max(6000).required(),
      ovenC: finite().min(-1000).max(5000).required(),
      fan: boolean().required(),
      cover: string()
        .oneOf([...COVERS])
        .required(),
      steam: boolean().required(),
      heat: string()
        .oneOf([...HEATS])
        .required(),
    }),
  )
    .min(1)
    .max(12);

/** What the baker changes at the oven. */
export const bakePlan = () =>
  maybe({
    tin: maybeTin(),
    pieces: finite().min(1).max(1000),
    metal: string().oneOf([...TIN_METALS]),
    form: string().oneOf([...FREE_FORMS]),
    hot: boolean(),
    phases: phases(),
    startC: finite().min(-300).max(1000),
    doors: number().integer().min(0).max(20),
    massG: grams(),
  });
const share = () => finite().min(0).max(1).required();
/** One bake set up. Heat and mass may be nonsense: the answer says so in its faults. */
const bakeSetup = () =>
  obj({
    classId: string()
      .oneOf([...CLASS_IDS])
      .required(),
    make: obj({
      water: share(),
      protein: share(),
      fat: share(),
      carbohydrate: share(),
      fibre: share(),
      ash: share(),
    }),
    browning: obj({ sugars: share(), ph: finite().min(0).max(14).nullable().defined() }),
    massG: grams().required(),
    density: finite().min(0.05).max(2).required(),
    vessel: obj({
      kind: string().oneOf(['round', 'long', 'free']).required(),
      halfCm: finite().min(0.5).max(100).required(),
      lengthCm: finite().min(0).max(200).required(),
      wallCm: finite().min(0).max(60).required(),
      count: finite().min(1).max(1000).required(),
      taper: finite().min(0.3).max(1),
      holeCm: finite().min(0).max(60),
      form: string().oneOf([...FREE_FORMS]),
    }).required(),
    metal: string()
      .oneOf([...TIN_METALS])
      .required(),
    startC: degrees(),
    hot: boolean().required(),
    phases: phases().required(),
    doors: array(finite().min(0).max(6000).required()).max(20).required(),
    pressurePa: finite().min(20_000).max(110_000).required(),
  });
export const bakeSchema = obj({
  source: bakeSetup(),
  adapted: bakeSetup(),
  stated: array(finite().min(0).max(6000).required()).length(2).nullable().defined(),
  cells: number().integer().min(4).max(16).required(),
  quick: boolean(),
  pace: maybe({
    factor: finite().min(0.2).max(5).required(),
    sd: finite().min(0).max(1).required(),
    bakes: number().integer().min(0).max(10_000).required(),
  }),
});
