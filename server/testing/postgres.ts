import { spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';

/** The app is an ordinary user there, who owns its own tables and is held by their policies all the same. */
export const DATABASE_OWNER = 'kitchen_owner';
const INSTALLED = '/usr/lib/postgresql';

/** PostgreSQL will not run as root: Debian makes a user for it. */
function asOwner(command: string, ...args: string[]): void {
  const isRoot = process.getuid?.() === 0;
  const done = isRoot
    ? spawnSync('runuser', ['-u', 'postgres', '--', command, ...args], { encoding: 'utf8' })
    : spawnSync(command, args, { encoding: 'utf8' });
  if (done.status !== 0)
    throw new Error(`${command} ${args.join(' ')}: ${done.stderr || String(done.error)}`);
}

export type Postgres = {
  /** The folder of its socket. */
  socket: string;
  /** Ends it in the middle of whatever it does, and starts it again. */
  crash: () => void;
  stop: () => void;
};

/**
 * Debian's PostgreSQL on a socket of its own, thrown away at the end. Where nothing of it is to be kept it need not wait for
 * the disk.
 */
export function startPostgres({ durable = false } = {}): Postgres {
  const version = existsSync(INSTALLED) ? readdirSync(INSTALLED).sort().at(-1) : undefined;
  if (!version) throw new Error('PostgreSQL is wanted for these tests: apt-get install postgresql');
  const bin = join(INSTALLED, version, 'bin');
  const dir = mkdtempSync(join(tmpdir(), 'crumb-pg-'));
  chmodSync(dir, 0o777);
  const data = join(dir, 'data');
  asOwner(join(bin, 'initdb'), '-D', data, '-U', 'postgres', '--auth=trust', '-E', 'UTF8', '--no-sync');
  const options = `-c listen_addresses= -c unix_socket_directories=${dir} -c max_connections=200${durable ? '' : ' -c fsync=off'}`;
  const start = () =>
    asOwner(join(bin, 'pg_ctl'), '-D', data, '-o', options, '-l', join(dir, 'log'), '-w', 'start');
  const end = () => asOwner(join(bin, 'pg_ctl'), '-D', data, '-m', 'immediate', '-w', 'stop');
  start();
  asOwner(join(bin, 'createuser'), '-h', dir, '-U', 'postgres', DATABASE_OWNER);
  return {
    socket: dir,
    crash: () => {
      end();
      start();
    },
    stop: () => {
      end();
      rmSync(dir, { recursive: true, force: true });
    },
  };
}

/**
 * Vitest's global set-up of the run on a server. Where it listens is told to this project alone: the environment would be
 * seen by the others too, whose tests are of the embedded database.
 */
export function setup(project: TestProject): () => void {
  const { socket, stop } = startPostgres();
  project.provide('postgres', socket);
  return stop;
}

declare module 'vitest' {
  interface ProvidedContext {
    /** The folder of the server's socket. */
    postgres?: string;
  }
}
