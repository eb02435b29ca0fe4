import type { ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { readFormula } from '../../core/reading';
import { ended } from '../testing/ended';
import { addressOf, copyMade, launch, type Launching } from './made';

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

/** On the folder of the test: what is started is stopped after it. */
function launchHere(args: readonly string[]): Launching {
  const launching = launch(args, dir);
  started.push(launching.child);
  return launching;
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
