// Passes every check there is and says at the end how many passed and failed.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureChromium, ensurePackages, ensurePostgres, ROOT } from './setup.mjs';

// Reports are read in logs: no colours.
process.env.NO_COLOR = '1';
ensurePackages();
ensureChromium();
ensurePostgres();
const out = join(ROOT, 'test-results/counts');
rmSync(out, { recursive: true, force: true });
mkdirSync(out, { recursive: true });

let passed = 0;
let failed = 0;

/** Says how long a stage took. */
async function stage(name, work) {
  const began = Date.now();
  await work();
  process.stdout.write(`(${name}: ${Math.round((Date.now() - began) / 1000)} s)\n`);
}

/** Runs something to its end and gives what it said and whether it went well. */
async function heard([command, ...args]) {
  const said = [];
  const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
  child.stdout.on('data', (d) => said.push(d));
  child.stderr.on('data', (d) => said.push(d));
  const code = await new Promise((done) => child.once('close', done));
  return { text: Buffer.concat(said).toString(), ok: code === 0 };
}

/** Checks that pass or fail as a whole, so many at a time; what each has to say is printed when it ends. */
async function checks(list, atOnce) {
  const waiting = [...list];
  const next = async () => {
    for (let one = waiting.shift(); one; one = waiting.shift()) {
      const [name, ...command] = one;
      const { text, ok } = await heard(command);
      process.stdout.write(`${text}${ok ? 'passed' : 'FAILED'}: ${name}\n`);
      if (ok) passed += 1;
      else failed += 1;
    }
  };
  await Promise.all(Array.from({ length: atOnce }, next));
}

/** What a runner counted of its own tests in a JSON report. Without a report the whole run has failed. */
function count(name, file, countsOf, ok) {
  const report = join(out, file);
  const counts = existsSync(report)
    ? countsOf(JSON.parse(readFileSync(report, 'utf8')))
    : { passed: 0, failed: 1 };
  passed += counts.passed;
  failed += counts.failed + (!ok && counts.failed === 0 ? 1 : 0);
  process.stdout.write(`${name}: ${counts.passed} passed, ${counts.failed} failed\n`);
}
/** Runs tests, with what they say shown as they go, and counts them. */
async function suite(name, file, countsOf, args) {
  const child = spawn('npx', ['--no-install', ...args], { cwd: ROOT, stdio: 'inherit' });
  const code = await new Promise((done) => child.once('close', done));
  count(name, file, countsOf, code === 0);
}
const vitest = (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests });
const playwright = (r) => ({ passed: r.stats.expected + r.stats.flaky, failed: r.stats.unexpected });
const vitestArgs = (file, ...more) => [
  'vitest',
  'run',
  ...more,
  '--reporter=dot',
  '--reporter=json',
  `--outputFile.json=${join(out, file)}`,
];

const NPX = ['npx', '--no-install'];
const TSC = ['node', join(ROOT, 'node_modules/typescript-native/bin/tsc')];
await stage('build', () => ensureBuilt());
/** The longest first: two go on at a time. */
const LIST = [
  ['lint', ...NPX, 'oxlint', '--type-aware', '--deny-warnings'],
  ['rules of our own', ...NPX, 'eslint', '.', '--max-warnings', '0'],
  // One checker: several look at much of it twice, and two checks go on at a time anyway.
  ['types', ...TSC, '-p', 'tsconfig.json', '--checkers', '1'],
  ['core without DOM or Node', ...TSC, '-p', 'tsconfig.core.json'],
  [
    'floors',
    ...NPX,
    'depcruise',
    'core',
    'contract',
    'server',
    'web',
    'demo',
    '--config',
    '.dependency-cruiser.cjs',
  ],
  ['nothing unused', ...NPX, 'knip'],
  [
    'format',
    ...NPX,
    'prettier',
    '--check',
    '--log-level',
    'warn',
    '--cache',
    '--cache-location',
    '.cache/prettier',
    '.',
  ],
];
const unit = ['core', 'server', 'postgres', 'web', 'alone'].flatMap((p) => ['--project', p]);
/** The built server is killed and started over and over, and waits most of the time: the rest goes on beside it. */
const built = async () => {
  const { text, ok } = await heard([...NPX, ...vitestArgs('built.json', '--project', 'built')]);
  process.stdout.write(text);
  count('built server', 'built.json', vitest, ok);
};
await Promise.all([
  stage('built server, beside the next two', built),
  (async () => {
    await stage('checks', () => checks([...LIST, ['bundle size', ...NPX, 'size-limit']], 2));
    await stage('unit and API', () =>
      suite('unit and API', 'unit.json', vitest, vitestArgs('unit.json', ...unit)),
    );
  })(),
]);
await stage('browser', () => suite('browser', 'e2e.json', playwright, ['playwright', 'test']));

process.stdout.write(`${passed} passed, ${failed} failed\n`);
process.exit(failed > 0 ? 1 : 0);
