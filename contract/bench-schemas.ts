import { array, boolean, lazy, mixed, number, string } from 'yup';
import { finite, grams, id, obj, text } from './shapes';

const milli = () => finite().min(0).max(32_460_000_000_000).required();
const kind = (of: string) => string().oneOf([of]).required();
const mass = () => grams().required();

const DEEDS = {
  weighed: obj({ kind: kind('weighed'), weighing: id().required(), g: mass() }),
  tookOut: obj({ kind: kind('tookOut'), weighing: id().required(), g: mass() }),
  leftOut: obj({ kind: kind('leftOut'), weighing: id().required() }),
  scaled: obj({
    kind: kind('scaled'),
    partId: id().required(),
    by: finite().moreThan(0).max(100).required(),
  }),
  swapped: obj({ kind: kind('swapped'), lineId: id().required(), ingredientId: id().required() }),
  byFeel: obj({
    kind: kind('byFeel'),
    lineId: id().required(),
    g: mass(),
    feel: number().integer().min(0).max(10).required(),
    enough: boolean(),
  }),
  changed: obj({
    kind: kind('changed'),
    lineId: id().required(),
    g: finite().min(-100_000).max(100_000).required(),
  }),
  stepDone: obj({ kind: kind('stepDone'), stepId: id().required() }),
  undone: obj({ kind: kind('undone'), event: id().required() }),
  oven: obj({
    kind: kind('oven'),
    what: string().oneOf(['in', 'door', 'out']).required(),
    ovenId: id(),
  }),
  sign: obj({ kind: kind('sign'), sign: text(60).required(), on: boolean().required() }),
  probe: obj({ kind: kind('probe'), c: finite().min(-60).max(400).required() }),
  bakeMass: obj({ kind: kind('bakeMass'), when: string().oneOf(['before', 'after']).required(), g: mass() }),
  cut: obj({ kind: kind('cut') }),
  note: obj({ kind: kind('note'), text: text(2000).min(1).required() }),
};
const deed = () =>
  lazy((v: unknown) => {
    const of = v !== null && typeof v === 'object' ? (v as { kind?: unknown }).kind : undefined;
    return typeof of === 'string' && Object.hasOwn(DEEDS, of)
      ? DEEDS[of as keyof typeof DEEDS]
      : mixed()
          .test('deed', '${path} must be something that happens at the bench', () => false)
          .required();
  });

export const runSchema = obj({
  formulaId: string().uuid().required(),
  versionId: string().uuid().required(),
  title: text(200).defined(),
  batches: finite().moreThan(0).max(1000).required(),
  scaleStepG: finite().moreThan(0).max(100).required(),
  begunAt: milli(),
});
const MOST_EVENTS = 500;
export const addEventsSchema = obj({
  events: array(
    obj({
      id: string().uuid().required(),
      agoMs: finite().min(0).max(31_536_000_000).required(),
      doc: deed(),
    }),
  )
    .min(1)
    .max(MOST_EVENTS)
    .required(),
});
/** A run in a file of everything. */
export const runLineSchema = obj({
  id: string().uuid().required(),
  doc: runSchema,
  events: array(obj({ id: string().uuid().required(), at: milli(), doc: deed() }))
    .max(100_000)
    .required(),
});
