// Sets up what is missing, with plain Node: packages, Chromium, the build. Each does nothing when it is there.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');
/** Chromium's shell without a window: it draws and runs pages as the browser does, with half the work around them. */
const CHROMIUM = '/usr/bin/chromium-headless-shell';
const NODE_AT_LEAST = [20, 19];
const CACHE = join(ROOT, '.cache');

/** Runs a command with its output shown; true when it went well. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  return done.status === 0;
}

function must(ok, message) {
  if (ok) return;
  process.stderr.write(`${message}\n`);
  process.exit(1);
}

function stampOf(name) {
  const file = join(CACHE, name);
  return existsSync(file) ? readFileSync(file, 'utf8') : '';
}

function stamp(name, text) {
  mkdirSync(CACHE, { recursive: true });
  writeFileSync(join(CACHE, name), text);
}

export function ensureNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  const fits = major > NODE_AT_LEAST[0] || (major === NODE_AT_LEAST[0] && minor >= NODE_AT_LEAST[1]);
  must(fits, `Node ${NODE_AT_LEAST.join('.')} or newer is needed; this is ${process.versions.node}.`);
}

/** Installs the packages of the lock file when they are not the ones that are there. */
export function ensurePackages() {
  ensureNode();
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  if (existsSync(join(ROOT, 'node_modules/vite')) && stampOf('installed') === lock) return;
  process.stdout.write('Installing packages (about a minute, once)\n');
  must(
    run('npm', ['ci', '--no-audit', '--no-fund']),
    'The packages could not be installed. Is the npm registry reachable?',
  );
  stamp('installed', lock);
}

/** Installs one of Debian's packages where what it brings is not there. */
function ensureDebian(name, path) {
  if (existsSync(path)) return;
  process.stdout.write(`Installing ${name}\n`);
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) =>
    run([...asRoot, 'apt-get'][0], [...asRoot, 'apt-get', ...args].slice(1), {
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  must(
    apt('update') && apt('install', '-y', '--no-install-recommends', name),
    `${name} is needed at ${path}. Install it with: apt-get install ${name}`,
  );
}

/** Debian's Chromium, for the tests in a browser. */
export const ensureChromium = () => ensureDebian('chromium-headless-shell', CHROMIUM);
/** Debian's PostgreSQL, for the tests of the store on a server. */
export const ensurePostgres = () => ensureDebian('postgresql', '/usr/lib/postgresql');

const SOURCES = [
  'core',
  'contract',
  'server',
  'web',
  'demo',
  'vite.config.ts',
  'vite.server.config.ts',
  'package-lock.json',
];

function newest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}

/** Builds the pages and the server when a source is newer than the last build. */
export function ensureBuilt() {
  const sources = String(Math.max(...SOURCES.map((s) => newest(join(ROOT, s)))));
  if (
    existsSync(join(ROOT, 'dist/server/main.js')) &&
    existsSync(join(ROOT, 'dist/web/index.html')) &&
    stampOf('built') === sources
  )
    return;
  process.stdout.write('Building\n');
  must(run('npm', ['run', '--silent', 'build']), 'The build failed.');
  stamp('built', sources);
}
