import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { MIGRATIONS } from '../db/open';
import { journal } from './migrations';

const ROOT = join(import.meta.dirname, '../..');
const CACHE = join(ROOT, '.cache');

/** A database that is made once, by a name that tells what it was made of, and kept from one run to the next. */
async function madeOnce(name: string, make: () => Promise<PGlite>): Promise<string> {
  const manifest = readFileSync(join(ROOT, 'node_modules/@electric-sql/pglite/package.json'), 'utf8');
  const file = join(CACHE, `pglite-${(JSON.parse(manifest) as { version: string }).version}${name}.tar`);
  if (!existsSync(file)) {
    mkdirSync(CACHE, { recursive: true });
    const lite = await make();
    const dump = await lite.dumpDataDir('none');
    await lite.close();
    writeFileSync(`${file}.${process.pid}`, Buffer.from(await dump.arrayBuffer()));
    renameSync(`${file}.${process.pid}`, file);
  }
  return file;
}
const read = (file: string): Blob => new Blob([readFileSync(file)]);

/** A database with nothing in it: making one takes seconds. */
export const templateFile = (): Promise<string> => madeOnce('', () => PGlite.create());
export const template = async (): Promise<Blob> => read(await templateFile());

/** One with the tables of today: the way to them takes as long as copying it. */
async function migratedFile(): Promise<string> {
  const told = createHash('sha256');
  for (const { tag } of journal.entries) told.update(readFileSync(join(MIGRATIONS, `${tag}.sql`)));
  return madeOnce(`-${told.digest('hex').slice(0, 12)}`, async () => {
    const lite = await PGlite.create({ loadDataDir: await template() });
    await migrate(drizzle(lite), { migrationsFolder: MIGRATIONS });
    return lite;
  });
}
export const migratedLite = async (): Promise<PGlite> =>
  PGlite.create({ loadDataDir: read(await migratedFile()) });

/** Vitest's global set-up. */
export async function setup(): Promise<void> {
  await migratedFile();
}
