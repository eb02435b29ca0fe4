import { cpSync, rmSync } from 'node:fs';
import { FIRST_PORT, serve } from './fixtures';
import { LOOKED_AT } from './helpers';

/** A folder with the demo in it, made once: each worker begins with a copy. */
export const SEEDED = 'test-results/seeded';

/** Playwright's global set-up. */
export default async function seed(): Promise<void> {
  rmSync(SEEDED, { recursive: true, force: true });
  rmSync(LOOKED_AT, { recursive: true, force: true });
  const server = serve(SEEDED, FIRST_PORT);
  await server.start();
  await server.stop();
}

/** A fresh copy of the seeded folder. */
export function copySeeded(to: string): void {
  rmSync(to, { recursive: true, force: true });
  cpSync(SEEDED, to, { recursive: true });
}
