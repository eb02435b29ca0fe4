import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ended } from '../testing/ended';
import { SHORT_LIVED } from '../testing/short-lived';

const ROOT = join(import.meta.dirname, '../..');
/** The server as it is built and started, as a process of its own: what only a process can show. */
const MAIN = join(ROOT, 'dist/server/main.js');
const MADE = join(ROOT, 'test-results/made');

export type Launching = { child: ChildProcess; said: () => string };
export function launch(args: readonly string[], data: string, env: Record<string, string> = {}): Launching {
  const child = spawn(process.execPath, [...SHORT_LIVED, MAIN, '--data', data, ...args], {
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, ...env },
  });
  let text = '';
  child.stdout.on('data', (d: Buffer) => (text += d.toString()));
  child.stderr.on('data', (d: Buffer) => (text += d.toString()));
  return { child, said: () => text };
}

/** Waits for the printed address. */
export async function addressOf({ child, said }: Launching): Promise<string> {
  for (;;) {
    const url = /at (https?:\/\/localhost:\d+)/.exec(said())?.[1];
    if (url) return url.replace('localhost', '127.0.0.1');
    if (child.exitCode !== null) throw new Error(`the server ended: ${said()}`);
    await new Promise((r) => setTimeout(r, 20));
  }
}

/** A folder as a first start leaves it: making its database takes longer than any start after. */
export const copyMade = (to: string): void => cpSync(MADE, to, { recursive: true });

/** Vitest's global set-up: starts once on an empty folder, and ends. */
export async function setup(): Promise<void> {
  rmSync(MADE, { recursive: true, force: true });
  mkdirSync(MADE, { recursive: true });
  const launching = launch(['--port', '0', '--empty'], MADE);
  await addressOf(launching);
  launching.child.kill('SIGINT');
  const code = await ended(launching.child);
  if (code !== 0) throw new Error(`the server ended with ${code}: ${launching.said()}`);
}
