import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';

const CACHE = join(import.meta.dirname, '../../.cache');

/** Making an empty database takes seconds, so one is made per PGlite version and copied by every test. */
export async function templateFile(): Promise<string> {
  const manifest = readFileSync(
    join(import.meta.dirname, '../../node_modules/@electric-sql/pglite/package.json'),
    'utf8',
  );
  const file = join(CACHE, `pglite-${(JSON.parse(manifest) as { version: string }).version}.tar`);
  if (!existsSync(file)) {
    mkdirSync(CACHE, { recursive: true });
    const empty = await PGlite.create();
    const dump = await empty.dumpDataDir('none');
    await empty.close();
    writeFileSync(`${file}.${process.pid}`, Buffer.from(await dump.arrayBuffer()));
    renameSync(`${file}.${process.pid}`, file);
  }
  return file;
}

/** Vitest's global set-up. */
export async function setup(): Promise<void> {
  await templateFile();
}

export async function template(): Promise<Blob> {
  return new Blob([readFileSync(await templateFile())]);
}
