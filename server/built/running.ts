import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { readFormula } from '../../core/reading';
import { ended } from '../testing/ended';
import { SHORT_LIVED } from '../testing/short-lived';
import { copyMade, MAIN } from './made';

/** A formula to save. */
export const { formula } = readFormula(DEMO_FORMULAS[3]!);

type Running = { child: ChildProcess; url: string; said: () => string };
type Ended = { code: number | null; said: string };

let dir: string;
let started: ChildProcess[];
/** A data folder of its own for each test, with an empty database; what was started is stopped after it. */
export function ownFolder(): { dir: () => string } {
  beforeEach(() => {
    dir = mkdtempSync(join(tmpdir(), 'crumb-built-'));
    copyMade(dir);
    started = [];
  });
  afterEach(() => {
    started.forEach((c) => c.kill('SIGKILL'));
    rmSync(dir, { recursive: true, force: true });
  });
  return { dir: () => dir };
}

type Launching = { child: ChildProcess; said: () => string };
function launch(args: readonly string[], data: string, env: Record<string, string> = {}): Launching {
  const child = spawn(process.execPath, [...SHORT_LIVED, MAIN, '--data', data, ...args], {
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, ...env },
  });
  let text = '';
  child.stdout.on('data', (d: Buffer) => (text += d.toString()));
  child.stderr.on('data', (d: Buffer) => (text += d.toString()));
  return { child, said: () => text };
}
/** On the folder of the test: what is started is stopped after it. */
function launchHere(args: readonly string[]): Launching {
  const launching = launch(args, dir);
  started.push(launching.child);
  return launching;
}

/** Waits for the printed address. */
async function addressOf({ child, said }: Launching): Promise<string> {
  for (;;) {
    const url = /at (https?:\/\/localhost:\d+)/.exec(said())?.[1];
    if (url) return url.replace('localhost', '127.0.0.1');
    if (child.exitCode !== null) throw new Error(`the server ended: ${said()}`);
    await new Promise((r) => setTimeout(r, 20));
  }
}
export async function start(...args: string[]): Promise<Running> {
  const launching = launchHere(args);
  return { ...launching, url: await addressOf(launching) };
}

export type Launched = { url: string; end: () => void };
/** Starts on a folder of its own, which goes with it; for tests that share one server. */
export async function launchIn(args: string[], env: Record<string, string>): Promise<Launched> {
  const own = mkdtempSync(join(tmpdir(), 'crumb-built-'));
  copyMade(own);
  const launching = launch(args, own, env);
  return {
    url: await addressOf(launching),
    end: () => {
      launching.child.kill('SIGKILL');
      rmSync(own, { recursive: true, force: true });
    },
  };
}

/** Starts what is to end by itself. */
export async function startAndEnd(...args: string[]): Promise<Ended> {
  const { child, said } = launchHere(args);
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
