import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, utimesSync, writeFileSync } from 'node:fs';
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
const OLD = 3_600_000;
const touchedAgo = (ms: number) => {
  const at = new Date(Date.now() - ms);
  utimesSync(file(), at, at);
};

describe('the lock of a data folder', () => {
  it('holds against a live process and is given back', () => {
    const release = lockFolder(dir);
    expect(() => lockFolder(dir)).toThrow(FolderLockedError);
    expect(() => lockFolder(dir)).toThrow(/in use by process \d+/);
    release();
    expect(existsSync(file())).toBe(false);
    lockFolder(dir)();
  });

  it.each<[string, string, number?]>([
    ['of a process that is gone', JSON.stringify({ pid: 2 ** 22 - 3, started: '1' })],
    ['of a process id used again since', JSON.stringify({ pid: process.pid, started: '1' })],
    ['that is no JSON, untouched for a while', '{', OLD],
    ['that is empty, untouched for a while', '', OLD],
    ['of process 0, which is none', JSON.stringify({ pid: 0, started: '' }), OLD],
    ['of a number below', JSON.stringify({ pid: -1, started: '' }), OLD],
    // As on a system that does not say when a process started: the other program never touched it.
    ['of a program that has its number by now', JSON.stringify({ pid: process.ppid, started: '' }), OLD],
  ])('a stale lock %s is recovered', (_what, text, age = 0) => {
    writeFileSync(file(), text);
    touchedAgo(age);
    lockFolder(dir)();
    expect(existsSync(file())).toBe(false);
  });

  it.each([
    ['cannot be read', '{', /cannot be read.*wait a minute/],
    ['names no process', JSON.stringify({ pid: 0 }), /cannot be read/],
    [
      'is of a process whose start is not told',
      JSON.stringify({ pid: process.ppid, started: '' }),
      /in use by process/,
    ],
  ])('one that %s but was touched a moment ago is kept to, in words', (_what, text, words) => {
    writeFileSync(file(), text);
    expect(() => lockFolder(dir)).toThrow(words);
    expect(readFileSync(file(), 'utf8')).toBe(text);
  });

  it('is touched while it is held, made again where it was deleted, and said to be lost where another has it', async () => {
    let lost = 0;
    const release = lockFolder(dir, { touchMs: 20, onLost: () => (lost += 1) });
    const beats = () => new Promise((r) => setTimeout(r, 120));
    touchedAgo(OLD);
    await beats();
    expect(Date.now() - statSync(file()).mtimeMs).toBeLessThan(5000);
    rmSync(file());
    await beats();
    expect(existsSync(file())).toBe(true);
    expect(lost).toBe(0);
    const theirs = JSON.stringify({ pid: process.ppid, started: '7' });
    writeFileSync(file(), theirs);
    await beats();
    expect(lost).toBe(1);
    release();
    // What is another's is not taken away.
    expect(readFileSync(file(), 'utf8')).toBe(theirs);
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
