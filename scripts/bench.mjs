// Prints how fast things are on this machine. Figures only: no test depends on them.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuilt, ensureChromium, ensurePackages, ROOT, run } from './setup.mjs';

ensurePackages();
ensureChromium();
ensureBuilt();
const data = mkdtempSync(join(tmpdir(), 'crumb-bench-'));
const server = spawn(process.execPath, [join(ROOT, 'dist/server/main.js'), '--data', data, '--port', '0'], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
const url = await new Promise((done) => {
  let text = '';
  server.stdout.on('data', (d) => {
    text += d;
    const at = /at (http:\/\/localhost:\d+)/.exec(text)?.[1];
    if (at) done(at);
  });
});
// Of the pages alone, or of the core and the server first.
const only = process.argv.includes('--web') ? ['bench-web'] : ['bench', 'bench-web'];
const ok = only.every((name) => run('npx', ['--no-install', 'tsx', `scripts/${name}.ts`, `${url}/demo`]));
server.kill('SIGINT');
await new Promise((done) => server.once('exit', done));
rmSync(data, { recursive: true, force: true });
process.exit(ok ? 0 : 1);
