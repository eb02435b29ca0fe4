import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { PGlite } from '@electric-sql/pglite';
import { drizzle, type PgliteDatabase } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { lockFolder } from './lock';
import * as schema from './schema';

export type Db = PgliteDatabase<typeof schema>;
export type OpenDb = { db: Db; close: () => Promise<void> };

/** Migrations lie beside the source and, in a build, beside the bundle. */
const MIGRATIONS = fileURLToPath(new URL('./migrations', import.meta.url));

async function ready(client: PGlite, release: () => void): Promise<OpenDb> {
  const db = drizzle(client, { schema });
  await migrate(db, { migrationsFolder: MIGRATIONS });
  return {
    db,
    close: async () => {
      await client.close();
      release();
    },
  };
}

/** Opens the database of a data folder, made on the first start, and holds the folder until it is closed. */
export async function openFolder(dir: string): Promise<OpenDb> {
  const release = lockFolder(dir);
  try {
    const data = join(dir, 'postgres');
    mkdirSync(data, { recursive: true });
    return await ready(await PGlite.create({ dataDir: data }), release);
  } catch (error) {
    release();
    throw error;
  }
}

/** A database in memory; `template` is a dump of an empty one, which saves the making of it. */
export async function openMemory(template?: Blob): Promise<OpenDb> {
  return ready(await PGlite.create(template ? { loadDataDir: template } : {}), () => undefined);
}
