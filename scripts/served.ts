import { spawn, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import { ended } from '../server/testing/ended';

const MAIN = join(import.meta.dirname, '../dist/server/main.js');

export type Served = { url: string; child: ChildProcess; stop: () => Promise<void> };

/** The built server on a folder, at the next free port; `url` is that of its API. */
export async function serve(
  dir: string,
  args: readonly string[] = [],
  env: Record<string, string> = {},
): Promise<Served> {
  const child = spawn(process.execPath, [MAIN, '--data', dir, '--port', '0', ...args], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, ...env },
  });
  const url = await new Promise<string>((done, refuse) => {
    let said = '';
    child.once('exit', () => refuse(new Error(`the server ended: ${said}`)));
    child.stdout.on('data', (d: Buffer) => {
      said += d.toString();
      const port = /at http:\/\/localhost:(\d+)/.exec(said)?.[1];
      if (port) done(`http://127.0.0.1:${port}/api/v1`);
    });
  });
  return {
    url,
    child,
    stop: async () => {
      child.kill('SIGINT');
      await ended(child);
    },
  };
}
