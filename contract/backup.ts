import type { Formula } from '../core/formula';
import type { Trial } from '../core/judge';
import type { BenchDeed, BenchRun } from './bench';
import type { DayRow } from './days';
import type { ExperimentRow, TastingRow } from './notebook';
import type { DraftDoc, EaterRow, Kitchen, PantryRow, VersionMark, VersionRequest, WayRow } from './dto';

/**
 * A file of everything, line by line, each line one JSON value (application/x-ndjson): the head, things of the pantry,
 * then each formula followed by its versions, working copy and copies set aside, and a last line that says how many
 * there were. So it is written and read in pieces, and one that was cut off is known by the missing end.
 */
export const BACKUP_EDITION = 2;

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
};
/** A bench run with all that happened in it. */
export type BackupRun = { id: string; doc: BenchRun; events: { id: string; at: number; doc: BenchDeed }[] };
/** A trial; a photo with its bytes, base64. */
export type BackupTrial = { id: string; doc: Trial };
export type BackupPhoto = { hash: string; wide: number; high: number; data: string };
/** Rows of a list as they go into a file: without revisions, which belong to one store. */
export type BackupRow<Row extends { rev: number }> = Omit<Row, 'rev'>;
/** The first line. Eaters, ways and kitchen are few. */
export type BackupHead = {
  newCrumb: typeof BACKUP_EDITION;
  madeAt: string;
  eaters: BackupRow<EaterRow>[];
  ways: BackupRow<WayRow>[];
  /** Left out by files of before there were any. */
  days?: BackupRow<DayRow>[];
  tastings?: BackupRow<TastingRow>[];
  experiments?: BackupRow<ExperimentRow>[];
  kitchen: Kitchen | null;
};
/** The last line: how many of each there were. What older files did not count is left out. */
export type BackupEnd = {
  formulas: number;
  versions: number;
  pantry: number;
  copies?: number;
  runs?: number;
  trials?: number;
  photos?: number;
};
export type BackupLine =
  | { head: BackupHead }
  | { pantry: PantryRow[] }
  | { formula: BackupFormula }
  | { version: BackupVersion }
  | { draft: DraftDoc }
  | { aside: DraftDoc }
  | { run: BackupRun }
  | { trial: BackupTrial }
  | { photo: BackupPhoto }
  | { end: BackupEnd };

/** What came in, and what was there already. The kitchen is taken where it is asked for. */
export type Restored = { added: number; there: number; kitchen: boolean };
/** A line of the answer while a file comes in: how far it is, and in the end what came of it. */
export type RestoreWord =
  | { done: number; of: number }
  | { restored: Restored }
  | { problem: { code: string; path: string; args: Record<string, string | number> } };

/** A file takes no more than this, bytes, and a line of it no more than that, characters. */
export const MOST_BACKUP_BYTES = 4_000_000_000;
export const MOST_LINE_CHARS = 16_000_000;
