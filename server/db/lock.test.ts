import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { FolderLockedError, lockFolder } from './lock';

let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'crumb-lock-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));
const file = () => join(dir, 'lock.json');

describe('the lock of a data folder', () => {
  it('holds against a live process and is given back', () => {
    const release = lockFolder(dir);
    expect(() => lockFolder(dir)).toThrow(FolderLockedError);
    expect(() => lockFolder(dir)).toThrow(/in use by process \d+/);
    release();
    expect(existsSync(file())).toBe(false);
    lockFolder(dir)();
  });

  it.each([
    ['of a process that is gone', JSON.stringify({ pid: 2 ** 22 - 3, started: '1' })],
    ['of a process id used again since', JSON.stringify({ pid: process.pid, started: '1' })],
    ['that is no JSON', '{'],
    ['that is empty', ''],
  ])('a stale lock %s is recovered', (_what, text) => {
    writeFileSync(file(), text);
    lockFolder(dir)();
    expect(existsSync(file())).toBe(false);
  });

  it('of ten processes starting at once on a stale lock exactly one gets in', async () => {
    writeFileSync(file(), JSON.stringify({ pid: 2 ** 22 - 3, started: '1' }));
    const script = `import { lockFolder } from ${JSON.stringify(join(import.meta.dirname, 'lock.ts'))};
      try { lockFolder(${JSON.stringify(dir)}); console.log('in'); setTimeout(() => {}, 4000); } catch (e) { console.log('out'); }`;
    const outcomes = await Promise.all(
      Array.from({ length: 10 }, () => {
        const child = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', script], {
          stdio: ['ignore', 'pipe', 'inherit'],
        });
        return new Promise<{ said: string; kill: () => void }>((done) => {
          child.stdout.on('data', (d: Buffer) =>
            done({ said: d.toString().trim(), kill: () => child.kill('SIGKILL') }),
          );
        });
      }),
    );
    expect(outcomes.filter((o) => o.said === 'in')).toHaveLength(1);
    outcomes.forEach((o) => o.kill());
  }, 60_000);
});
