import { array, boolean, lazy, number, string } from 'yup';
import { TIN_METALS } from '../core/bake';
import { CLASS_IDS, DOSE_UNITS, doseFaults, FAMILY_IDS } from '../core/classes';
import { MAX_LABEL_CHARS, RULESET_IDS } from '../core/exclusions';
import { AVOID_IDS, EGG_GRADINGS, GROUP_IDS } from '../core/ingredients';
import { YEAST_TABLE_IDS } from '../core/leavening';
import { PANEL_KEYS } from '../core/pantry';
import { ALTITUDE_M, CUP_STANDARDS, SPOON_STANDARDS } from '../core/units';
import { tin } from './bake-schemas';
import { exclude, finite, id, obj, oil, record, styleShape, text, words } from './shapes';

const panel = () => {
  const per100 = (most: number) => finite().min(0).max(most).nullable().defined();
  return obj(Object.fromEntries(PANEL_KEYS.map((k) => [k, per100(k === 'kcal' ? 1000 : 100)])));
};
const name = () => text(120).min(1).required();
const names = () => array(text(120).min(1).required()).max(20).required();
const maybe = (most: number) => finite().min(0).max(most).nullable().defined();
export const pantryDocSchema = () =>
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
export const createPantrySchema = obj({ docs: array(pantryDocSchema()).min(1).max(MOST_AT_ONCE).required() });
export const putPantrySchema = obj({ rev: number().integer().min(1).required(), doc: pantryDocSchema() });
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
  eggs: string().oneOf([...EGG_GRADINGS]),
  currency: text(3).min(1).required(),
  ruleset: string().oneOf(RULESET_IDS).required(),
  style: obj({ ...styleShape(), pantryOnly: boolean() }).default(undefined),
  altitudeM: finite().min(ALTITUDE_M[0]).max(ALTITUDE_M[1]),
  yeast: string().oneOf([...YEAST_TABLE_IDS]),
  heat: string().oneOf(['c', 'f']),
  ounces: boolean(),
  /** Reference ingredients that are in the cupboard. */
  atHand: array(id().required()).max(1000),
  ovens: array(
    obj({
      id: id().required(),
      name: name(),
      offsetC: finite().min(-80).max(80).required(),
      fan: boolean().required(),
      widthCm: finite().min(15).max(300).required(),
      racks: number().integer().min(1).max(20).required(),
    }).required(),
  ).max(20),
  ovenId: id(),
  tins: array(
    obj({
      id: id().required(),
      name: name(),
      tin: tin().required(),
      metal: string()
        .oneOf([...TIN_METALS])
        .required(),
    }).required(),
  ).max(100),
  timed: array(
    obj({
      classId: string()
        .oneOf([...CLASS_IDS])
        .required(),
      saidMin: finite().min(1).max(6000).required(),
      tookMin: finite().min(1).max(6000).required(),
      formulaId: id(),
      on: text(40),
    }).required(),
  ).max(1000),
});

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
