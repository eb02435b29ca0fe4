// Passes every check there is and says at the end how many passed and failed.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureChromium, ensurePackages, ROOT, run } from './setup.mjs';

// Reports are read in logs: no colours.
process.env.NO_COLOR = '1';
ensurePackages();
ensureChromium();
const out = join(ROOT, 'test-results/counts');
rmSync(out, { recursive: true, force: true });
mkdirSync(out, { recursive: true });

let passed = 0;
let failed = 0;

/** A check that passes or fails as a whole. */
function check(name, ...args) {
  const ok = run('npx', ['--no-install', ...args]);
  process.stdout.write(`${ok ? 'passed' : 'FAILED'}: ${name}\n`);
  if (ok) passed += 1;
  else failed += 1;
}

/** A runner that counts its own tests in a JSON report. Without a report the whole run has failed. */
function suite(name, file, countsOf, args) {
  const ok = run('npx', ['--no-install', ...args]);
  const report = join(out, file);
  const counts = existsSync(report)
    ? countsOf(JSON.parse(readFileSync(report, 'utf8')))
    : { passed: 0, failed: 1 };
  passed += counts.passed;
  failed += counts.failed + (!ok && counts.failed === 0 ? 1 : 0);
  process.stdout.write(`${name}: ${counts.passed} passed, ${counts.failed} failed\n`);
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

check('types', 'tsc', '-p', 'tsconfig.json');
check('core without DOM or Node', 'tsc', '-p', 'tsconfig.core.json');
check('lint', 'eslint', '.', '--max-warnings', '0');
check(
  'floors',
  'depcruise',
  'core',
  'contract',
  'server',
  'web',
  'demo',
  '--config',
  '.dependency-cruiser.cjs',
);
check('nothing unused', 'knip');
check('format', 'prettier', '--check', '--log-level', 'warn', '.');
suite(
  'unit and API',
  'unit.json',
  vitest,
  vitestArgs('unit.json', '--project', 'core', '--project', 'server', '--project', 'web'),
);
ensureBuilt();
check('bundle size', 'size-limit');
suite('built server', 'built.json', vitest, vitestArgs('built.json', '--project', 'built'));
suite('browser', 'e2e.json', playwright, ['playwright', 'test']);

process.stdout.write(`${passed} passed, ${failed} failed\n`);
process.exit(failed > 0 ? 1 : 0);
