import { array, boolean, lazy, mixed, number, string } from 'yup';
import { CLASS_IDS } from '../core/classes';
import type { Formula } from '../core/formula';
import type { DraftDoc, EaterRow, Kitchen, PantryRow, VersionMark, VersionRequest, WayRow } from './dto';
import { eaterSchema, kitchenSchema, pantryDocSchema, waySchema } from './pantry-schemas';
import { draftDocSchema, formulaSchema, requestSchema } from './schemas';
import { obj, text } from './shapes';

/** What the file calls itself; raised when its shape changes. */
export const BACKUP_SCHEMA = 1;

/** A version as it was kept, with what was said of it since. */
export type BackupVersion = {
  id: string;
  parentId: string | null;
  targetId: string | null;
  name: string;
  note: string;
  doc: Formula;
  request: VersionRequest;
  coreVersion: string;
  dataVersion: string;
  createdAt: string;
  mark: VersionMark | null;
};
export type BackupFormula = {
  id: string;
  title: string;
  classId: string;
  createdAt: string;
  updatedAt: string;
  archived: boolean;
  /** First to last. */
  versions: BackupVersion[];
  draft: DraftDoc | null;
};
/**
 * Everything there is, for keeping and for moving to another machine. A part of it is a backup too: what it lacks is left
 * as it is.
 */
export type Backup = {
  newCrumb: typeof BACKUP_SCHEMA;
  madeAt: string;
  formulas: BackupFormula[];
  pantry: PantryRow[];
  eaters: EaterRow[];
  ways: WayRow[];
  kitchen: Kitchen | null;
};
/** What came in, and what was there already. The kitchen is taken where it is asked for. */
export type Restored = { added: number; there: number; kitchen: boolean };

const uuid = () => string().uuid().required();
const instant = () =>
  string()
    .required()
    .test(
      'instant',
      '${path} must be an instant, as 2026-11-25T10:00:00Z',
      (v) => !Number.isNaN(Date.parse(v)),
    );

const version = () =>
  obj({
    id: uuid(),
    parentId: string().uuid().nullable().defined(),
    targetId: string().uuid().nullable().defined(),
    name: text(120).defined(),
    note: text(2000).defined(),
    doc: formulaSchema.required(),
    request: requestSchema.required(),
    coreVersion: text(40).required(),
    dataVersion: text(40).required(),
    createdAt: instant(),
    mark: obj({ name: text(120).min(1), note: text(2000), star: boolean() })
      .nullable()
      .defined(),
  });

export const backupSchema = obj({
  newCrumb: number()
    .oneOf([BACKUP_SCHEMA], 'it is no New Crumb file, or one of another edition')
    .required('it is no New Crumb file'),
  madeAt: instant(),
  formulas: array(
    obj({
      id: uuid(),
      title: text(200).defined(),
      classId: string()
        .oneOf([...CLASS_IDS])
        .required(),
      createdAt: instant(),
      updatedAt: instant(),
      archived: boolean().required(),
      versions: array(version().required()).min(1).max(2000).required(),
      draft: draftDocSchema.nullable().defined(),
    }).required(),
  )
    .max(5000)
    .required(),
  pantry: array(
    obj({
      id: uuid(),
      itemId: uuid(),
      rev: number().integer().min(1).required(),
      doc: pantryDocSchema(),
      gone: boolean().required(),
      createdAt: instant(),
    }).required(),
  )
    .max(50_000)
    .required(),
  eaters: array(eaterSchema.shape({ id: uuid() }).required())
    .max(1000)
    .required(),
  ways: array(waySchema.shape({ id: uuid() }).required())
    .max(1000)
    .required(),
  kitchen: lazy((v: unknown) => (v === null ? mixed().nullable() : kitchenSchema.required())),
});
export const restoreSchema = obj({ backup: backupSchema.required(), kitchen: boolean().required() });
export const MOST_BACKUP = '24mb';
