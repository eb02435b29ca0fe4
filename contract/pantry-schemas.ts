import { array, boolean, lazy, number, object, string } from 'yup';
import { TIN_METALS } from '../core/bake';
import { CLASS_IDS, DOSE_UNITS, doseFaults, FAMILY_IDS } from '../core/classes';
import { MAX_LABEL_CHARS, RULESET_IDS } from '../core/exclusions';
import { AVOID_IDS, EGG_GRADINGS, GROUP_IDS } from '../core/ingredients';
import { YEAST_TABLE_IDS } from '../core/leavening';
import { PANEL_KEYS } from '../core/pantry';
import { ALTITUDE_M, CUP_STANDARDS, SPOON_STANDARDS } from '../core/units';
import { tin } from './bake-schemas';
import {
  exclude,
  finite,
  id,
  maybe,
  obj,
  oil,
  record,
  rememberedNames,
  revision,
  styleShape,
  text,
  words,
} from './shapes';

const panel = () => {
  const per100 = (most: number) => finite().min(0).max(most).nullable().defined();
  return obj(Object.fromEntries(PANEL_KEYS.map((k) => [k, per100(k === 'kcal' ? 1000 : 100)])));
};
const name = () => text(120).min(1).required();
const names = () => array(text(120).min(1).required()).max(20).required();
const upTo = (most: number) => finite().min(0).max(most).nullable().defined();
const PACKET = obj({
  kind: string().oneOf(['packet']).required(),
  name: name(),
  like: id().required(),
  labelText: text(MAX_LABEL_CHARS).defined(),
  seenWords: array(text(60).min(1).required()).max(500).required(),
  photo: maybe({
    unsure: array(text(60).min(1).required()).max(500).required(),
    cutOff: boolean().required(),
    compared: boolean().required(),
  }),
  panel: panel(),
  packG: upTo(100_000),
  price: upTo(100_000),
  openedOn: string()
    .matches(/^\d{4}-\d{2}-\d{2}$/, '${path} must be a day, YYYY-MM-DD')
    .nullable()
    .defined(),
  everywhere: boolean().required(),
  drinks: maybe({
    times: finite().min(0.3).max(3).required(),
    runs: array(string().uuid().required()).max(200).required(),
  }),
});
const BLEND = obj({
  kind: string().oneOf(['blend']).required(),
  name: name(),
  otherNames: names(),
  parts: array(obj({ id: id().required(), percent: finite().min(0).max(1000).required() }))
    .min(1)
    .max(30)
    .required(),
  standsFor: array(id().required()).max(20).required(),
  note: text(2000).defined(),
});
const OWN = obj({
  kind: string().oneOf(['own']).required(),
  name: name(),
  otherNames: names(),
  like: id().nullable().defined(),
  group: string()
    .oneOf([...GROUP_IDS])
    .required(),
  panel: panel(),
  gPerCup: upTo(2000),
  gPerPiece: upTo(20_000),
  facts: record(string().oneOf(['yes', 'no', 'unknown', 'may']).required(), AVOID_IDS.length),
  note: text(2000).defined(),
});
/** For a document of no kind there is: that is told, not what it lacks of another. */
const NO_KIND = object({
  kind: string().oneOf(['own', 'packet', 'blend']).required(),
}).required();
export const pantryDocSchema = () =>
  lazy((v: unknown) => {
    const kind = (v as { kind?: unknown } | null)?.kind;
    return kind === 'packet' ? PACKET : kind === 'blend' ? BLEND : kind === 'own' ? OWN : NO_KIND;
  });

const MOST_AT_ONCE = 500;
export const createPantrySchema = obj({ docs: array(pantryDocSchema()).min(1).max(MOST_AT_ONCE).required() });
export const putPantrySchema = obj({ rev: revision(1), doc: pantryDocSchema() });
export const pantryIdsSchema = obj({ itemIds: array(id().required()).min(1).max(10_000).required() });

export const eaterSchema = obj({
  name: name(),
  exclude: exclude(),
  oil: oil(),
  words: words().required(),
  traces: boolean().required(),
});
/** Min of the day. */
export const hourOfDay = () => finite().integer().min(0).max(1440).required();
export const ovenSchema = obj({
  id: id().required(),
  name: name(),
  offsetC: finite().min(-80).max(80).required(),
  fan: boolean().required(),
  widthCm: finite().min(15).max(300).required(),
  racks: number().integer().min(1).max(20).required(),
});
export const kitchenTinSchema = obj({
  id: id().required(),
  name: name(),
  tin: tin(),
  metal: string()
    .oneOf([...TIN_METALS])
    .required(),
});
export const kitchenSchema = obj({
  cup: string().oneOf(CUP_STANDARDS).required(),
  spoon: string().oneOf(SPOON_STANDARDS).required(),
  eggs: string().oneOf([...EGG_GRADINGS]),
  currency: text(3).min(1).required(),
  ruleset: string().oneOf(RULESET_IDS).required(),
  style: maybe({ ...styleShape(), pantryOnly: boolean() }),
  altitudeM: finite().min(ALTITUDE_M[0]).max(ALTITUDE_M[1]),
  yeast: string().oneOf([...YEAST_TABLE_IDS]),
  heat: string().oneOf(['c', 'f']),
  ounces: boolean(),
  /** Reference ingredients that are in the cupboard. */
  atHand: array(id().required()).max(1000),
  stock: array(obj({ id: id().required(), g: finite().min(0).max(1_000_000).required() })).max(2000),
  ovens: array(ovenSchema).max(20),
  ovenId: id(),
  tins: array(kitchenTinSchema).max(100),
  timed: array(
    obj({
      classId: string()
        .oneOf([...CLASS_IDS])
        .required(),
      saidMin: finite().min(1).max(6000).required(),
      tookMin: finite().min(1).max(6000).required(),
      formulaId: id(),
      ovenId: id(),
      on: text(40),
    }),
  ).max(1000),
  risen: array(
    obj({
      of: string().oneOf(['yeast', 'starter']).required(),
      saidMin: finite().min(1).max(20_000).required(),
      tookMin: finite().min(1).max(20_000).required(),
      formulaId: id(),
      on: text(40),
    }),
  ).max(1000),
  names: rememberedNames(),
  up: maybe({ from: hourOfDay(), to: hourOfDay() }),
});

/** A kitchen with the revision it grew from; 0 where none was kept yet. */
export const putKitchenSchema = obj({ rev: revision(), doc: kitchenSchema });
export const putEaterSchema = obj({ rev: revision(1), doc: eaterSchema });

const dose = () => finite().min(0).max(1000).required();
export const waySchema = obj({
  name: name(),
  groups: array(
    string()
      .oneOf([...GROUP_IDS])
      .required(),
  )
    .min(1)
    .max(GROUP_IDS.length)
    .required(),
  families: array(
    string()
      .oneOf([...FAMILY_IDS])
      .required(),
  )
    .max(FAMILY_IDS.length)
    .required(),
  items: array(
    obj({
      id: id().required(),
      lo: dose(),
      usual: dose(),
      hi: dose(),
      per: string()
        .oneOf([...DOSE_UNITS])
        .required(),
      state: string().oneOf(['gel', 'slurry', 'whisked']).nullable().defined(),
    }).test(
      'window',
      '${path} must have lo ≤ usual ≤ hi, and hi above 0',
      (i) => doseFaults({ items: [i] }).length === 0,
    ),
  )
    .min(1)
    .max(6)
    .required(),
  step: text(500).defined(),
});
export const putWaySchema = obj({ rev: revision(1), doc: waySchema });
