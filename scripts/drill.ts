// Proves that the newest backup of each kitchen opens and holds what it says:
//   npm run drill -- --dir .data/backups
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { openMemory } from '../server/db/open';
import { drill } from '../server/start/drill';
import { inThreads } from '../server/work/compute';

const { values } = parseArgs({ options: { dir: { type: 'string', default: '.data/backups' } } });
const compute = inThreads(new URL('../dist/server/thread.js', import.meta.url));
try {
  for (const { file, at, contents, ms } of await drill(resolve(values.dir), () => openMemory(), compute))
    process.stdout.write(
      `${file}\n  of ${at.toISOString()}, opened and compared in ${(ms / 1000).toFixed(1)} s: ${JSON.stringify(contents.end)}\n`,
    );
} catch (error) {
  process.stderr.write(`${(error as Error).message}\n`);
  process.exitCode = 1;
} finally {
  await compute.close();
}
