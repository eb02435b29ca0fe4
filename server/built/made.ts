import { spawn } from 'node:child_process';
import { cpSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ended } from '../testing/ended';
import { SHORT_LIVED } from '../testing/short-lived';

const ROOT = join(import.meta.dirname, '../..');
/** The server as it is built. */
export const MAIN = join(ROOT, 'dist/server/main.js');
const MADE = join(ROOT, 'test-results/made');

/** A folder as a first start leaves it: making its database takes longer than any start after. */
export const copyMade = (to: string): void => cpSync(MADE, to, { recursive: true });

/** Vitest's global set-up: starts once on an empty folder, and ends. */
export async function setup(): Promise<void> {
  rmSync(MADE, { recursive: true, force: true });
  mkdirSync(MADE, { recursive: true });
  const args = [...SHORT_LIVED, MAIN, '--data', MADE, '--port', '0', '--empty'];
  const child = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'inherit'] });
  let said = '';
  child.stdout.on('data', (d: Buffer) => {
    said += d.toString();
    if (/at https?:\/\//.test(said)) child.kill('SIGINT');
  });
  const code = await ended(child);
  if (code !== 0) throw new Error(`the server ended with ${code}: ${said}`);
}
