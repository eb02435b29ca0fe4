import { sql } from 'drizzle-orm';
import {
  boolean,
  customType,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
  type AnyPgColumn,
} from 'drizzle-orm/pg-core';
import type { DraftDoc, Kitchen, VersionRequest } from '../../contract/dto';
import type { BenchDeed, BenchRun } from '../../contract/bench';
import type { BakeDay } from '../../contract/days';
import type { OwnKitDoc } from '../../core/classes';
import type { Eater } from '../../core/exclusions';
import type { Experiment, Tasting, Trial } from '../../core/judge';
import type { PantryDoc } from '../../core/pantry';
import type { Formula } from '../../core/formula';
import type { AvoidId } from '../../core/ingredients';

/**
 * Whose a row is. A connection is told its kitchen before it asks anything (scope.ts), and rows that are added get it by
 * themselves; what a kitchen sees and may change is held by row-level security.
 */
export const ofKitchen = () =>
  integer('kitchen_id')
    .notNull()
    .default(sql`nullif(current_setting('app.kitchen', true), '')::int`);
export const at = (name: string) => timestamp(name, { withTimezone: true });

/** One formula on the shelf. Deleting sets `deleted_at`; nothing is lost. */
export const formula = pgTable(
  'formula',
  {
    kitchenId: ofKitchen(),
    id: uuid('id').notNull().defaultRandom(),
    title: text('title').notNull(),
    classId: text('class_id').notNull(),
    createdAt: at('created_at').notNull().defaultNow(),
    updatedAt: at('updated_at').notNull().defaultNow(),
    deletedAt: at('deleted_at'),
    /** Put aside: kept, but not shown unless asked for. */
    archivedAt: at('archived_at'),
    /** The number of the last version; each takes the next, under the lock of this row. */
    lastSeq: integer('last_seq').notNull().default(0),
    /** The last revision a working copy was saved under. It only grows: a revision never means two things. */
    draftRev: integer('draft_rev').notNull().default(0),
    // What the shelf shows and sifts by, kept up as versions are added, so that a list of thousands reads no document.
    /** The title without case and accents; null until it was worked out. */
    folded: text('folded'),
    /** Lines of the latest source. */
    lines: integer('lines').notNull().default(0),
    /** What each kept version leaves out. */
    kept: jsonb('kept').$type<AvoidId[][]>().notNull().default([]),
    /** When a bake of it was last timed, as the kitchen has it. */
    bakedAt: text('baked_at'),
  },
  // As the shelf stands unless it is asked for otherwise.
  (t) => [
    primaryKey({ columns: [t.kitchenId, t.id] }),
    index('formula_latest').on(t.kitchenId, t.updatedAt.desc(), t.folded, t.id),
  ],
);

/** What belongs to a formula is of the same kitchen. */
const ofFormula = (t: { kitchenId: AnyPgColumn; formulaId: AnyPgColumn }) =>
  foreignKey({ columns: [t.kitchenId, t.formulaId], foreignColumns: [formula.kitchenId, formula.id] });

/** A kept version: append-only, held so by a trigger. A source has no target and no parent, or a source as parent. */
export const version = pgTable(
  'version',
  {
    kitchenId: ofKitchen(),
    id: uuid('id').notNull().defaultRandom(),
    formulaId: uuid('formula_id').notNull(),
    parentId: uuid('parent_id'),
    targetId: uuid('target_version_id'),
    seq: integer('seq').notNull(),
    name: text('name').notNull(),
    note: text('note').notNull().default(''),
    avoids: jsonb('avoids').$type<AvoidId[]>().notNull(),
    doc: jsonb('doc').$type<Formula>().notNull(),
    schema: integer('schema').notNull(),
    coreVersion: text('core_version').notNull(),
    dataVersion: text('data_version').notNull(),
    request: jsonb('request').$type<VersionRequest>().notNull(),
    createdAt: at('created_at').notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.kitchenId, t.id] }),
    ofFormula(t),
    unique('version_seq_once').on(t.kitchenId, t.formulaId, t.seq),
  ],
);

/**
 * What the baker says of a kept version: its name, where it was given another, a note, a star. The version itself never
 * changes.
 */
export const versionMark = pgTable(
  'version_mark',
  {
    kitchenId: ofKitchen(),
    versionId: uuid('version_id').notNull(),
    name: text('name'),
    note: text('note'),
    star: boolean('star').notNull().default(false),
  },
  (t) => [
    primaryKey({ columns: [t.kitchenId, t.versionId] }),
    foreignKey({ columns: [t.kitchenId, t.versionId], foreignColumns: [version.kitchenId, version.id] }),
  ],
);

/** The working copy of a desk, saved as one works; `rev` tells two tabs apart. */
export const draft = pgTable(
  'draft',
  {
    kitchenId: ofKitchen(),
    formulaId: uuid('formula_id').notNull(),
    rev: integer('rev').notNull(),
    doc: jsonb('doc').$type<DraftDoc>().notNull(),
    updatedAt: at('updated_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.kitchenId, t.formulaId] }), ofFormula(t)],
);

/**
 * Working copies that gave way to another: opened beside, overtaken by another tab. They wait until the baker takes one up
 * again or drops it.
 */
export const aside = pgTable(
  'aside',
  {
    kitchenId: ofKitchen(),
    id: uuid('id').notNull().defaultRandom(),
    formulaId: uuid('formula_id').notNull(),
    doc: jsonb('doc').$type<DraftDoc>().notNull(),
    createdAt: at('created_at').notNull().defaultNow(),
    deletedAt: at('deleted_at'),
  },
  (t) => [
    primaryKey({ columns: [t.kitchenId, t.id] }),
    ofFormula(t),
    index('aside_formula').on(t.kitchenId, t.formulaId),
  ],
);

/** A thing in the pantry: an ingredient, packet or blend of the baker's own. Taking it out sets `deleted_at`. */
export const pantryItem = pgTable(
  'pantry_item',
  { kitchenId: ofKitchen(), id: uuid('id').notNull().defaultRandom(), deletedAt: at('deleted_at') },
  (t) => [primaryKey({ columns: [t.kitchenId, t.id] })],
);

/** What a thing in the pantry is, revision by revision; append-only, held so by a trigger: versions cite them. */
export const pantryRevision = pgTable(
  'pantry_revision',
  {
    kitchenId: ofKitchen(),
    id: uuid('id').notNull().defaultRandom(),
    itemId: uuid('item_id').notNull(),
    rev: integer('rev').notNull(),
    doc: jsonb('doc').$type<PantryDoc>().notNull(),
    createdAt: at('created_at').notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.kitchenId, t.id] }),
    foreignKey({ columns: [t.kitchenId, t.itemId], foreignColumns: [pantryItem.kitchenId, pantryItem.id] }),
    unique('pantry_revision_once').on(t.kitchenId, t.itemId, t.rev),
  ],
);

/** A list of things that are changed in place. Taking one off sets `deleted_at`. */
const listTable = <Doc>(name: string) =>
  pgTable(
    name,
    {
      kitchenId: ofKitchen(),
      id: uuid('id').notNull().defaultRandom(),
      doc: jsonb('doc').$type<Doc>().notNull(),
      rev: integer('rev').notNull().default(1),
      createdAt: at('created_at').notNull().defaultNow(),
      deletedAt: at('deleted_at'),
    },
    (t) => [primaryKey({ columns: [t.kitchenId, t.id] })],
  );
export type ListTable<Doc> = ReturnType<typeof listTable<Doc>>;

/** Whom one bakes for. */
export const eater = listTable<Eater>('eater');

/** Ways of the baker's own to stand in for things. Versions hold what came of them, not the way. */
export const way = listTable<OwnKitDoc>('way');

/** Bake days: what is wanted, planned, begun and over. */
export const bakeDay = listTable<BakeDay>('bake_day');

/** Blind tastings: who is served what, and what they said. */
export const tasting = listTable<Tasting>('tasting');

/** Experiments: what is changed, in which order it is baked, and what was measured. */
export const experiment = listTable<Experiment>('experiment');

/** What was weighed and baked at the bench. */
export const benchRun = pgTable(
  'bench_run',
  {
    kitchenId: ofKitchen(),
    id: uuid('id').notNull().defaultRandom(),
    doc: jsonb('doc').$type<BenchRun>().notNull(),
    createdAt: at('created_at').notNull().defaultNow(),
    deletedAt: at('deleted_at'),
  },
  (t) => [primaryKey({ columns: [t.kitchenId, t.id] })],
);
/** What happened in a run, one after another: append-only, held so by a trigger. Its id is the page's, so that it is added once. */
export const benchEvent = pgTable(
  'bench_event',
  {
    kitchenId: ofKitchen(),
    id: uuid('id').notNull(),
    runId: uuid('run_id').notNull(),
    seq: integer('seq').notNull(),
    at: at('at').notNull(),
    doc: jsonb('doc').$type<BenchDeed>().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.kitchenId, t.id] }),
    foreignKey({ columns: [t.kitchenId, t.runId], foreignColumns: [benchRun.kitchenId, benchRun.id] }),
    unique('bench_event_once').on(t.kitchenId, t.runId, t.seq),
  ],
);

/** Bytes as they are. */
const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

/** Trials: what came of a bake. What is looked for stands in columns, so that a list of many reads no more than it shows. */
export const trial = pgTable(
  'trial',
  {
    kitchenId: ofKitchen(),
    id: uuid('id').notNull().defaultRandom(),
    formulaId: uuid('formula_id').notNull(),
    /** Ms since the epoch, as the document has it. */
    bakedAt: at('baked_at').notNull(),
    /** Title and notes without case and accents. */
    folded: text('folded').notNull(),
    faults: jsonb('faults').$type<string[]>().notNull(),
    doc: jsonb('doc').$type<Trial>().notNull(),
    rev: integer('rev').notNull().default(1),
    createdAt: at('created_at').notNull().defaultNow(),
    deletedAt: at('deleted_at'),
  },
  (t) => [
    primaryKey({ columns: [t.kitchenId, t.id] }),
    index('trial_latest').on(t.kitchenId, t.bakedAt.desc(), t.id),
    index('trial_formula').on(t.kitchenId, t.formulaId, t.bakedAt.desc()),
  ],
);
/** Photos by the hash of their bytes: the same one is there once, and never changes. */
export const photo = pgTable(
  'photo',
  {
    kitchenId: ofKitchen(),
    hash: text('hash').notNull(),
    wide: integer('wide').notNull(),
    high: integer('high').notNull(),
    bytes: bytea('bytes').notNull(),
    createdAt: at('created_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.kitchenId, t.hash] })],
);

/** What a kitchen says of itself: its measures, currency and whose law its packets follow. */
export const kitchen = pgTable('kitchen', {
  kitchenId: ofKitchen().primaryKey(),
  rev: integer('rev').notNull().default(1),
  doc: jsonb('doc').$type<Kitchen>().notNull(),
});
