// Copies a kitchen from one store to another and proves that it is the same there:
//   npm run move -- --to postgres://user@host/name        from the data folder to a server
//   npm run move -- --from postgres://... --to .data      and back
// A store is the address of a PostgreSQL server or a data folder; `--kitchen N` says which of a server's kitchens.
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { FIRST_KITCHEN, openFolder, openServer, type OpenDb } from '../server/db/open';
import { moveKitchen } from '../server/start/move';
import { inThreads } from '../server/work/compute';

const { values } = parseArgs({
  options: {
    from: { type: 'string', default: '.data' },
    to: { type: 'string' },
    kitchen: { type: 'string', default: String(FIRST_KITCHEN) },
  },
});
const BUILT = new URL('../dist/server/', import.meta.url);
const open = (where: string): Promise<OpenDb> =>
  /^postgres(ql)?:/.test(where)
    ? openServer(where)
    : openFolder(resolve(where), new URL('store-thread.js', BUILT));
/** A folder has one kitchen. */
const kitchenOf = (store: OpenDb, where: string) =>
  /^postgres/.test(where) ? store.of(Number(values.kitchen)) : store.db;

if (!values.to) {
  process.stderr.write('Say where it is to go: --to postgres://user@host/name, or --to and a folder.\n');
  process.exit(1);
}
const [from, to] = [await open(values.from), await open(values.to)];
const compute = inThreads(new URL('thread.js', BUILT));
try {
  const { end, hash } = await moveKitchen(kitchenOf(from, values.from), kitchenOf(to, values.to), compute);
  process.stdout.write(`Moved and compared: ${JSON.stringify(end)}\nSHA-256 of it on both sides: ${hash}\n`);
} catch (error) {
  process.stderr.write(`${(error as Error).message}\n`);
  process.exitCode = 1;
} finally {
  await compute.close();
  await from.close();
  await to.close();
}
