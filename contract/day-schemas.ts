import { array, boolean, lazy, mixed, number, string } from 'yup';
import { hourOfDay } from './pantry-schemas';
import { finite, id, obj, record, revision, text } from './shapes';

/** Minutes since the epoch, years 1970 to 2999; and milliseconds. */
const minute = () => finite().integer().min(0).max(541_000_000).required();
const milli = () => finite().min(0).max(32_460_000_000_000).required();
const hours = () => lazy((v: unknown) => (v === null ? mixed().nullable() : obj({ from: hourOfDay(), to: hourOfDay() }))); // prettier-ignore
const title = () => text(120).min(1).required();

const proof = () =>
  obj({
    kind: string().oneOf(['proved', 'within', 'best']).required(),
    share: finite().min(0).max(1),
  });
const plan = obj({
  lain: array(
    obj({
      bakeId: id().required(),
      taskId: id().required(),
      from: minute(),
      to: minute(),
      hands: array(obj({ personId: id().required(), from: minute(), to: minute() }))
        .max(10)
        .required(),
      ovenId: id().nullable().defined(),
      heatC: finite().nullable().defined(),
    }),
  )
    .max(2000)
    .required(),
  ovens: array(
    obj({
      ovenId: id().required(),
      from: minute(),
      to: minute(),
      heatC: finite().required(),
      heats: boolean().required(),
      bakeIds: array(id().required()).max(50).required(),
    }),
  )
    .max(500)
    .required(),
  value: finite().required(),
  proof: proof(),
});

export const daySchema = obj({
  title: title(),
  date: string().matches(/^\d{4}-\d{2}-\d{2}$/, '${path} must be a day, as 2026-12-05').required(), // prettier-ignore
  bakes: array(
    obj({
      id: id().required(),
      formulaId: string().uuid().required(),
      versionId: string().uuid().required(),
      title: text(200).required(),
      batches: finite().moreThan(0).max(1000).required(),
      readyBy: minute(),
      keepsMin: finite().integer().min(0).max(20_160).required(),
    }),
  )
    .max(50)
    .required(),
  people: array(obj({ id: id().required(), name: title(), hours: hours(), before: hours() }))
    .max(20)
    .required(),
  ovenIds: array(id().required()).max(20).required(),
  counts: record(number().integer().min(0).max(100).required(), 60),
  usual: hours(),
  plan: lazy((v: unknown) => (v === null ? mixed().nullable() : plan)),
  plannedFor: text(40_000).defined(),
  told: record(text(400).defined(), 2000),
  begun: record(
    obj({ from: minute(), to: minute().nullable().defined(), lasts: finite().min(0).max(20_160) }),
    2000,
  ),
  inOven: record(id().required(), 50),
  pins: record(minute(), 200),
  careful: boolean(),
  answered: array(id().required()).max(2000).required(),
  timers:
    array(obj({ id: id().required(), name: title(), begunAt: milli(), endsAt: milli(), off: boolean().required() })) // prettier-ignore
      .max(100)
      .required(),
});
export const putDaySchema = obj({ rev: revision(1), doc: daySchema });
