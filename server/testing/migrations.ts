import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MIGRATIONS } from '../db/open';

type Journal = { entries: { idx: number; tag: string }[] };
const JOURNAL = 'meta/_journal.json';
/** What migrations there are, in their order. */
export const journal = JSON.parse(readFileSync(join(MIGRATIONS, JOURNAL), 'utf8')) as Journal;

/** A folder of the migrations up to one of them, and no further. */
export function migrationsUpTo(last: number): { dir: string; drop: () => void } {
  const dir = mkdtempSync(join(tmpdir(), 'crumb-migrations-'));
  cpSync(MIGRATIONS, dir, { recursive: true });
  const entries = journal.entries.slice(0, last + 1);
  writeFileSync(join(dir, JOURNAL), JSON.stringify({ ...journal, entries }));
  return { dir, drop: () => rmSync(dir, { recursive: true }) };
}
