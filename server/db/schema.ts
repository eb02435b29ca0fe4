import {
  boolean,
  customType,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  timestamp,
  unique,
  uuid,
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

/** One formula on the shelf. Deleting sets `deleted_at`; nothing is lost. */
export const formula = pgTable(
  'formula',
  {
    id: uuid('id').primaryKey().defaultRandom(),
    title: text('title').notNull(),
    classId: text('class_id').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
    updatedAt: timestamp('updated_at', { withTimezone: true }).notNull().defaultNow(),
    deletedAt: timestamp('deleted_at', { withTimezone: true }),
    /** Put aside: kept, but not shown unless asked for. */
    archivedAt: timestamp('archived_at', { withTimezone: true }),
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
  (t) => [index('formula_latest').on(t.updatedAt.desc(), t.folded, t.id)],
);

/** A kept version: append-only, held so by a trigger. A source has no target and no parent, or a source as parent. */
export const version = pgTable(
  'version',
  {
    id: uuid('id').primaryKey().defaultRandom(),
    formulaId: uuid('formula_id')
      .notNull()
      .references(() => formula.id),
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
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [unique('version_seq_once').on(t.formulaId, t.seq)],
);

/**
 * What the baker says of a kept version: its name, where it was given another, a note, a star. The version itself never
 * changes.
 */
export const versionMark = pgTable('version_mark', {
  versionId: uuid('version_id')
    .primaryKey()
    .references(() => version.id),
  name: text('name'),
  note: text('note'),
  star: boolean('star').notNull().default(false),
});

/** The working copy of a desk, saved as one works; `rev` tells two tabs apart. */
export const draft = pgTable('draft', {
  formulaId: uuid('formula_id')
    .primaryKey()
    .references(() => formula.id),
  rev: integer('rev').notNull(),
  doc: jsonb('doc').$type<DraftDoc>().notNull(),
  updatedAt: timestamp('updated_at', { withTimezone: true }).notNull().defaultNow(),
});

/**
 * Working copies that gave way to another: opened beside, overtaken by another tab. They wait until the baker takes one up
 * again or drops it.
 */
export const aside = pgTable(
  'aside',
  {
    id: uuid('id').primaryKey().defaultRandom(),
    formulaId: uuid('formula_id')
      .notNull()
      .references(() => formula.id),
    doc: jsonb('doc').$type<DraftDoc>().notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
    deletedAt: timestamp('deleted_at', { withTimezone: true }),
  },
  (t) => [index('aside_formula').on(t.formulaId)],
);

/** A thing in the pantry: an ingredient, packet or blend of the baker's own. Taking it out sets `deleted_at`. */
export const pantryItem = pgTable('pantry_item', {
  id: uuid('id').primaryKey().defaultRandom(),
  deletedAt: timestamp('deleted_at', { withTimezone: true }),
});

/** What a thing in the pantry is, revision by revision; append-only, held so by a trigger: versions cite them. */
export const pantryRevision = pgTable(
  'pantry_revision',
  {
    id: uuid('id').primaryKey().defaultRandom(),
    itemId: uuid('item_id')
      .notNull()
      .references(() => pantryItem.id),
    rev: integer('rev').notNull(),
    doc: jsonb('doc').$type<PantryDoc>().notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [unique('pantry_revision_once').on(t.itemId, t.rev)],
);

/** A list of things that are changed in place. Taking one off sets `deleted_at`. */
const listTable = <Doc>(name: string) =>
  pgTable(name, {
    id: uuid('id').primaryKey().defaultRandom(),
    doc: jsonb('doc').$type<Doc>().notNull(),
    rev: integer('rev').notNull().default(1),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
    deletedAt: timestamp('deleted_at', { withTimezone: true }),
  });
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
export const benchRun = pgTable('bench_run', {
  id: uuid('id').primaryKey().defaultRandom(),
  doc: jsonb('doc').$type<BenchRun>().notNull(),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  deletedAt: timestamp('deleted_at', { withTimezone: true }),
});
/** What happened in a run, one after another: append-only, held so by a trigger. Its id is the page's, so that it is added once. */
export const benchEvent = pgTable(
  'bench_event',
  {
    id: uuid('id').primaryKey(),
    runId: uuid('run_id')
      .notNull()
      .references(() => benchRun.id),
    seq: integer('seq').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull(),
    doc: jsonb('doc').$type<BenchDeed>().notNull(),
  },
  (t) => [unique('bench_event_once').on(t.runId, t.seq)],
);

/** Bytes as they are. */
const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

/** Trials: what came of a bake. What is looked for stands in columns, so that a list of many reads no more than it shows. */
export const trial = pgTable(
  'trial',
  {
    id: uuid('id').primaryKey().defaultRandom(),
    formulaId: uuid('formula_id').notNull(),
    /** Ms since the epoch, as the document has it. */
    bakedAt: timestamp('baked_at', { withTimezone: true }).notNull(),
    /** Title and notes without case and accents. */
    folded: text('folded').notNull(),
    faults: jsonb('faults').$type<string[]>().notNull(),
    doc: jsonb('doc').$type<Trial>().notNull(),
    rev: integer('rev').notNull().default(1),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
    deletedAt: timestamp('deleted_at', { withTimezone: true }),
  },
  (t) => [
    index('trial_latest').on(t.bakedAt.desc(), t.id),
    index('trial_formula').on(t.formulaId, t.bakedAt.desc()),
  ],
);
/** Photos by the hash of their bytes: the same one is there once, and never changes. */
export const photo = pgTable('photo', {
  hash: text('hash').primaryKey(),
  wide: integer('wide').notNull(),
  high: integer('high').notNull(),
  bytes: bytea('bytes').notNull(),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
});

/** The one kitchen: its measures, currency and whose law its packets follow. */
export const kitchen = pgTable('kitchen', {
  id: integer('id').primaryKey(),
  rev: integer('rev').notNull().default(1),
  doc: jsonb('doc').$type<Kitchen>().notNull(),
});
