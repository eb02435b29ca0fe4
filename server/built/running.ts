import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { readFormula } from '../../core/reading';

/** The server as it is built and started, as a process of its own: what only a process can show. */
const MAIN = join(import.meta.dirname, '../../dist/server/main.js');
/** A formula to save. */
export const { formula } = readFormula(DEMO_FORMULAS[3]!);

type Running = { child: ChildProcess; url: string; said: () => string };
type Ended = { code: number | null; said: string };

let dir: string;
let started: ChildProcess[];
/** A data folder of its own for each test; what was started is stopped after it. */
export function ownFolder(): { dir: () => string } {
  beforeEach(() => {
    dir = mkdtempSync(join(tmpdir(), 'crumb-built-'));
    started = [];
  });
  afterEach(() => {
    started.forEach((c) => c.kill('SIGKILL'));
    rmSync(dir, { recursive: true, force: true });
  });
  return { dir: () => dir };
}

function launch(args: string[]): { child: ChildProcess; said: () => string } {
  const child = spawn(process.execPath, [MAIN, '--data', dir, ...args], {
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  started.push(child);
  let text = '';
  child.stdout.on('data', (d: Buffer) => (text += d.toString()));
  child.stderr.on('data', (d: Buffer) => (text += d.toString()));
  return { child, said: () => text };
}

/** Starts and waits for the printed address. */
export async function start(...args: string[]): Promise<Running> {
  const { child, said } = launch(args);
  for (;;) {
    const url = /at (http:\/\/localhost:\d+)/.exec(said())?.[1];
    if (url) return { child, url: url.replace('localhost', '127.0.0.1'), said };
    if (child.exitCode !== null) throw new Error(`the server ended: ${said()}`);
    await new Promise((r) => setTimeout(r, 20));
  }
}

export type Launched = { url: string; end: () => void };
/** Starts on a folder of its own, which goes with it; for tests that share one server. */
export async function launchIn(args: string[], env: Record<string, string>): Promise<Launched> {
  const own = mkdtempSync(join(tmpdir(), 'crumb-built-'));
  const child = spawn(process.execPath, [MAIN, '--data', own, ...args], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, ...env },
  });
  const url = await new Promise<string>((done, refuse) => {
    let text = '';
    child.once('exit', () => refuse(new Error(`the server ended: ${text}`)));
    child.stdout.on('data', (d: Buffer) => {
      text += d.toString();
      const found = /at (https?:\/\/localhost:\d+)/.exec(text)?.[1];
      if (found) done(found.replace('localhost', '127.0.0.1'));
    });
  });
  return {
    url,
    end: () => {
      child.kill('SIGKILL');
      rmSync(own, { recursive: true, force: true });
    },
  };
}

/** Its exit code, when it has ended. */
export const ended = (child: ChildProcess): Promise<number | null> =>
  child.exitCode !== null || child.signalCode !== null
    ? Promise.resolve(child.exitCode)
    : new Promise((done) => child.once('exit', (code) => done(code)));

/** Starts what is to end by itself. */
export async function startAndEnd(...args: string[]): Promise<Ended> {
  const { child, said } = launch(args);
  return { code: await ended(child), said: said() };
}

export const send = (url: string, path: string, body: unknown) =>
  fetch(`${url}/api/v1${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

/** Every title there is, a piece of the list at a time. */
export async function titles(url: string): Promise<string[]> {
  const all: string[] = [];
  for (;;) {
    const page = (await (await fetch(`${url}/api/v1/formulas?limit=200&from=${all.length}`)).json()) as {
      formulas: { title: string }[];
    };
    if (page.formulas.length === 0) return all;
    all.push(...page.formulas.map((f) => f.title));
  }
}
