import fs from 'node:fs';
import { dirname, resolve, sep } from 'node:path';

/**
 * Makes a folder that PGlite writes into as safe from a power cut as PostgreSQL itself would: PGlite never calls fsync and
 * cannot be told to, but all it writes goes through Node's `fs`, where this stands in between. The order is PostgreSQL's
 * own ("Write-Ahead Logging" in its manual): the log is on the disk before a page that it tells of is written, everything
 * is on the disk before the control file points past it, and nothing is taken away before what was written stays.
 *
 * `settle` puts on the disk what has changed since it was last called; what is confirmed after it outlives the power.
 */
export type Durable = { settle: () => void; stop: () => void };

/** What of `fs` PGlite writes with. */
type Fs = Pick<
  typeof fs,
  | 'openSync'
  | 'closeSync'
  | 'writeSync'
  | 'ftruncateSync'
  | 'truncateSync'
  | 'renameSync'
  | 'unlinkSync'
  | 'mkdirSync'
  | 'rmdirSync'
  | 'writeFileSync'
  | 'symlinkSync'
>;
const PATCHED = [
  'openSync',
  'closeSync',
  'writeSync',
  'ftruncateSync',
  'truncateSync',
  'renameSync',
  'unlinkSync',
  'mkdirSync',
  'rmdirSync',
  'writeFileSync',
  'symlinkSync',
] as const satisfies (keyof Fs)[];

const LOG = `${sep}pg_wal${sep}`;
const CONTROL = `${sep}pg_control`;

export function makeDurable(folder: string): Durable {
  const root = resolve(folder);
  const was = Object.fromEntries(PATCHED.map((name) => [name, fs[name]])) as unknown as Fs;
  /** Open files below the folder. */
  const open = new Map<number, string>();
  const log = new Set<string>();
  const files = new Set<string>();
  const folders = new Set<string>();

  const inside = (path: unknown): string | null => {
    if (typeof path !== 'string') return null;
    const full = resolve(path);
    return full === root || full.startsWith(root + sep) ? full : null;
  };
  function sync(path: string): void {
    let fd: number;
    try {
      fd = was.openSync(path, 'r');
    } catch (error) {
      // It was taken away since, which its folder tells.
      if ((error as NodeJS.ErrnoException).code === 'ENOENT') return;
      throw error;
    }
    try {
      fs.fsyncSync(fd);
    } finally {
      was.closeSync(fd);
    }
  }
  const syncAll = (paths: Set<string>) => {
    for (const path of paths) {
      sync(path);
      paths.delete(path);
    }
  };
  const settle = () => {
    syncAll(log);
    syncAll(files);
    syncAll(folders);
  };
  const noteEntry = (path: string) => void folders.add(dirname(path));
  /** A change of what a file holds, before it is made. */
  function before(path: string): void {
    if (path.includes(LOG)) log.add(path);
    else {
      if (path.endsWith(CONTROL)) settle();
      else syncAll(log);
      files.add(path);
    }
  }

  Object.assign(fs, {
    openSync: (path: string, flags?: string | number, mode?: number) => {
      const full = inside(path);
      const fresh = full !== null && !fs.existsSync(full);
      const fd = was.openSync(path, flags as never, mode);
      if (full !== null) {
        open.set(fd, full);
        if (fresh) noteEntry(full);
      }
      return fd;
    },
    closeSync: (fd: number) => {
      open.delete(fd);
      was.closeSync(fd);
    },
    writeSync: (fd: number, ...rest: never[]) => {
      const path = open.get(fd);
      if (path !== undefined) before(path);
      return (was.writeSync as (...a: unknown[]) => number)(fd, ...rest);
    },
    ftruncateSync: (fd: number, length?: number) => {
      const path = open.get(fd);
      if (path !== undefined) {
        settle();
        before(path);
      }
      was.ftruncateSync(fd, length);
    },
    truncateSync: (path: string, length?: number) => {
      const full = inside(path);
      if (full !== null) {
        settle();
        before(full);
      }
      was.truncateSync(path, length);
    },
    writeFileSync: (path: string, ...rest: never[]) => {
      const full = inside(path);
      if (full !== null) {
        before(full);
        noteEntry(full);
      }
      (was.writeFileSync as (...a: unknown[]) => void)(path, ...rest);
    },
    renameSync: (from: string, to: string) => {
      const [a, b] = [inside(from), inside(to)];
      if (a !== null || b !== null) settle();
      was.renameSync(from, to);
      if (a !== null) noteEntry(a);
      if (b !== null) noteEntry(b);
    },
    unlinkSync: (path: string) => {
      const full = inside(path);
      if (full !== null) settle();
      was.unlinkSync(path);
      if (full !== null) noteEntry(full);
    },
    rmdirSync: (path: string) => {
      const full = inside(path);
      if (full !== null) settle();
      was.rmdirSync(path);
      if (full !== null) noteEntry(full);
    },
    mkdirSync: (path: string, options?: never) => {
      const made = was.mkdirSync(path, options);
      const full = inside(path);
      if (full !== null) noteEntry(full);
      return made;
    },
    symlinkSync: (target: string, path: string, type?: never) => {
      was.symlinkSync(target, path, type);
      const full = inside(path);
      if (full !== null) noteEntry(full);
    },
  } satisfies Record<(typeof PATCHED)[number], unknown>);

  return { settle, stop: () => void Object.assign(fs, was) };
}
