import { array, boolean, lazy, mixed, number, string } from 'yup';
import { CLASS_IDS } from '../core/classes';
import { BACKUP_EDITION } from './backup';
import { runLineSchema } from './bench-schemas';
import { experimentSchema, photoLineSchema, tastingSchema, trialLineSchema } from './notebook-schemas';
import { daySchema } from './day-schemas';
import { eaterSchema, kitchenSchema, pantryDocSchema, waySchema } from './pantry-schemas';
import { formulaSchema } from './formula-schemas';
import { draftDocSchema, requestSchema } from './schemas';
import { instant, obj, revision, text } from './shapes';

const uuid = () => string().uuid().required();
const maybeUuid = () => string().uuid().nullable().defined();
const classId = () =>
  string()
    .oneOf([...CLASS_IDS])
    .required();

const HEAD = obj({
  newCrumb: number().oneOf([BACKUP_EDITION]).required(),
  madeAt: instant(),
  eaters: array(eaterSchema.shape({ id: uuid() }))
    .max(1000)
    .required(),
  ways: array(waySchema.shape({ id: uuid() }))
    .max(1000)
    .required(),
  days: array(daySchema.shape({ id: uuid() })).max(5000),
  tastings: array(tastingSchema.shape({ id: uuid() })).max(5000),
  experiments: array(experimentSchema.shape({ id: uuid() })).max(5000),
  kitchen: lazy((v: unknown) => (v === null ? mixed().nullable() : kitchenSchema)),
});
const PANTRY = array(
  obj({
    id: uuid(),
    itemId: uuid(),
    rev: revision(1),
    doc: pantryDocSchema(),
    gone: boolean().required(),
    createdAt: instant(),
  }),
)
  .max(1000)
  .required();
const FORMULA = obj({
  id: uuid(),
  title: text(200).defined(),
  classId: classId(),
  createdAt: instant(),
  updatedAt: instant(),
  archived: boolean().required(),
});
const VERSION = obj({
  id: uuid(),
  parentId: maybeUuid(),
  targetId: maybeUuid(),
  name: text(120).defined(),
  note: text(2000).defined(),
  doc: formulaSchema,
  request: requestSchema,
  coreVersion: text(40).required(),
  dataVersion: text(40).required(),
  createdAt: instant(),
  mark: obj({ name: text(120).min(1), note: text(2000), star: boolean() })
    .nullable()
    .defined(),
});
const END = obj({
  formulas: revision(),
  versions: revision(),
  pantry: revision(),
  copies: number().integer().min(0),
  runs: number().integer().min(0),
  trials: number().integer().min(0),
  photos: number().integer().min(0),
});

const LINES = {
  head: obj({ head: HEAD }),
  pantry: obj({ pantry: PANTRY }),
  formula: obj({ formula: FORMULA }),
  version: obj({ version: VERSION }),
  draft: obj({ draft: draftDocSchema }),
  aside: obj({ aside: draftDocSchema }),
  run: obj({ run: runLineSchema }),
  trial: obj({ trial: trialLineSchema }),
  photo: obj({ photo: photoLineSchema }),
  end: obj({ end: END }),
};
export type BackupKey = keyof typeof LINES;
/** What a line of a file is; null where it is none of ours. */
export const keyOfLine = (line: unknown): BackupKey | null => {
  const [key] = line !== null && typeof line === 'object' && !Array.isArray(line) ? Object.keys(line) : [];
  return key !== undefined && key in LINES ? (key as BackupKey) : null;
};
/** The schema of a line by what it is. */
export const schemaOfLine = (key: BackupKey) => LINES[key];
