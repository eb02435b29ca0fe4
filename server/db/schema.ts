import { index, integer, jsonb, pgTable, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import type { DraftDoc, VersionRequest } from '../../contract/dto';
import type { Formula } from '../../core/formula';
import type { AvoidId } from '../../core/ingredients';

/** One formula on the shelf. Deleting sets `deleted_at`; nothing is lost. */
export const formula = pgTable('formula', {
  id: uuid('id').primaryKey().defaultRandom(),
  title: text('title').notNull(),
  classId: text('class_id').notNull(),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  updatedAt: timestamp('updated_at', { withTimezone: true }).notNull().defaultNow(),
  deletedAt: timestamp('deleted_at', { withTimezone: true }),
});

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
  (t) => [index('version_formula').on(t.formulaId, t.seq)],
);

/** The working copy of a desk, saved as one works; `rev` tells two tabs apart. */
export const draft = pgTable('draft', {
  formulaId: uuid('formula_id')
    .primaryKey()
    .references(() => formula.id),
  rev: integer('rev').notNull(),
  doc: jsonb('doc').$type<DraftDoc>().notNull(),
  updatedAt: timestamp('updated_at', { withTimezone: true }).notNull().defaultNow(),
});
