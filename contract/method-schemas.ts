import { array, boolean, mixed, number, string } from 'yup';
import {
  ACTION_COVERS,
  ACTION_FIELDS,
  ACTION_KINDS,
  ACTION_PLACES,
  ACTION_SHARES,
  TEMP_OF,
} from '../core/method';
import { MAX_LINES } from '../core/reading';
import { finite, id, obj, text } from './shapes';

const share = () =>
  mixed<number | string>().test(
    'share',
    '${path} must be a share of 0 to 1, or a word for one',
    (v) => v === undefined || (typeof v === 'number' ? v >= 0 && v <= 1 : ACTION_SHARES.some((w) => w === v)),
  );
const oneOf = <T extends string>(of: readonly T[]) => string().oneOf([...of]);
const cm = () => finite().min(0).max(1000);
const uses = () =>
  array(obj({ lineId: id().required(), share: share().required() }).required()).max(MAX_LINES);
const minutes = () => array(finite().min(0).max(100_000).required()).length(2);
const tempC = () => finite().min(-50).max(400);
const racks = () => number().integer().min(1).max(20);

/** What the baker put right in an act; null where it is not so at all. */
export const actionMend = () =>
  obj({
    words: text(20_000).defined(),
    nth: number().integer().min(0).max(200).required(),
    kind: oneOf(ACTION_KINDS),
    uses: uses().nullable().default(undefined),
    minutes: minutes().nullable().default(undefined),
    tempC: tempC().nullable(),
    cover: oneOf(ACTION_COVERS).nullable(),
    place: oneOf(ACTION_PLACES).nullable(),
    until: text(200).nullable(),
    pieces: finite().min(0).max(10_000).nullable(),
    pieceG: finite().min(0).max(1_000_000).nullable(),
    racks: racks().nullable(),
  });

/** One act of a step, as reading links it. */
export const action = () =>
  obj({
    kind: oneOf(ACTION_KINDS).required(),
    text: text(20_000).defined(),
    from: number().integer().min(0).max(20_000).required(),
    to: number().integer().min(0).max(20_000).required(),
    partId: id(),
    uses: uses().default(undefined),
    names: array(
      obj({
        from: number().integer().min(0).max(20_000).required(),
        to: number().integer().min(0).max(20_000).required(),
        lineIds: array(id().required()).max(MAX_LINES).required(),
      }).required(),
    )
      .max(400)
      .default(undefined),
    minutes: minutes().default(undefined),
    perSide: boolean(),
    afterMin: finite().min(0).max(100_000),
    tempC: tempC(),
    tempOf: oneOf(TEMP_OF),
    fan: boolean(),
    cover: oneOf(ACTION_COVERS),
    place: oneOf(ACTION_PLACES),
    until: text(200),
    pieces: finite().min(0).max(10_000),
    pieceG: finite().min(0).max(1_000_000),
    share: share(),
    overnight: boolean(),
    sizeCm: obj({ thick: cm(), wide: cm(), long: cm() }).optional().default(undefined),
    vessel: obj({
      words: text(100).required(),
      count: number().integer().min(1).max(100),
      cm: obj({ wide: cm(), long: cm() }).optional().default(undefined),
    })
      .optional()
      .default(undefined),
    racks: racks(),
    mended: boolean().oneOf([true]),
    ours: array(oneOf(ACTION_FIELDS).required()).max(ACTION_FIELDS.length).default(undefined),
  });
