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

/** What has to be put on the disk, and in which order. */
class Unsettled {
  private readonly root: string;
  private readonly log = new Set<string>();
  private readonly files = new Set<string>();
  private readonly folders = new Set<string>();
  constructor(
    folder: string,
    private readonly was: Fs,
  ) {
    this.root = resolve(folder);
  }

  /** A path below the folder, whole; null for another. */
  inside(path: unknown): string | null {
    if (typeof path !== 'string') return null;
    const full = resolve(path);
    return full === this.root || full.startsWith(this.root + sep) ? full : null;
  }
  settle(): void {
    this.syncAll(this.log);
    this.syncAll(this.files);
    this.syncAll(this.folders);
  }
  /** A name that came or went. */
  noteEntry(path: string): void {
    this.folders.add(dirname(path));
  }
  /** A change of what a file holds, before it is made. */
  before(path: string): void {
    if (path.includes(LOG)) this.log.add(path);
    else {
      if (path.endsWith(CONTROL)) this.settle();
      else this.syncAll(this.log);
      this.files.add(path);
    }
  }

  private sync(path: string): void {
    let fd: number;
    try {
      fd = this.was.openSync(path, 'r');
    } catch (error) {
      // It was taken away since, which its folder tells.
      if ((error as NodeJS.ErrnoException).code === 'ENOENT') return;
      throw error;
    }
    try {
      fs.fsyncSync(fd);
    } finally {
      this.was.closeSync(fd);
    }
  }
  private syncAll(paths: Set<string>): void {
    for (const path of paths) {
      this.sync(path);
      paths.delete(path);
    }
  }
}

/** How what a file holds is changed. */
function writesOf(was: Fs, disk: Unsettled) {
  /** Open files below the folder. */
  const open = new Map<number, string>();
  return {
    openSync: (path: string, flags?: string | number, mode?: number) => {
      const full = disk.inside(path);
      const fresh = full !== null && !fs.existsSync(full);
      const fd = was.openSync(path, flags as never, mode);
      if (full !== null) {
        open.set(fd, full);
        if (fresh) disk.noteEntry(full);
      }
      return fd;
    },
    closeSync: (fd: number) => {
      open.delete(fd);
      was.closeSync(fd);
    },
    writeSync: (fd: number, ...rest: never[]) => {
      const path = open.get(fd);
      if (path !== undefined) disk.before(path);
      return (was.writeSync as (...a: unknown[]) => number)(fd, ...rest);
    },
    ftruncateSync: (fd: number, length?: number) => {
      const path = open.get(fd);
      if (path !== undefined) {
        disk.settle();
        disk.before(path);
      }
      was.ftruncateSync(fd, length);
    },
    truncateSync: (path: string, length?: number) => {
      const full = disk.inside(path);
      if (full !== null) {
        disk.settle();
        disk.before(full);
      }
      was.truncateSync(path, length);
    },
    writeFileSync: (path: string, ...rest: never[]) => {
      const full = disk.inside(path);
      if (full !== null) {
        disk.before(full);
        disk.noteEntry(full);
      }
      (was.writeFileSync as (...a: unknown[]) => void)(path, ...rest);
    },
  };
}

/** How names come and go; what was written stays before one is taken away. */
function namesOf(was: Fs, disk: Unsettled) {
  const taken = (path: string, take: () => void): void => {
    const full = disk.inside(path);
    if (full !== null) disk.settle();
    take();
    if (full !== null) disk.noteEntry(full);
  };
  return {
    renameSync: (from: string, to: string) => {
      const [a, b] = [disk.inside(from), disk.inside(to)];
      if (a !== null || b !== null) disk.settle();
      was.renameSync(from, to);
      if (a !== null) disk.noteEntry(a);
      if (b !== null) disk.noteEntry(b);
    },
    unlinkSync: (path: string) => taken(path, () => was.unlinkSync(path)),
    rmdirSync: (path: string) => taken(path, () => was.rmdirSync(path)),
    mkdirSync: (path: string, options?: never) => {
      const made = was.mkdirSync(path, options);
      const full = disk.inside(path);
      if (full !== null) disk.noteEntry(full);
      return made;
    },
    symlinkSync: (target: string, path: string, type?: never) => {
      was.symlinkSync(target, path, type);
      const full = disk.inside(path);
      if (full !== null) disk.noteEntry(full);
    },
  };
}

export function makeDurable(folder: string): Durable {
  const was = Object.fromEntries(PATCHED.map((name) => [name, fs[name]])) as unknown as Fs;
  const disk = new Unsettled(folder, was);
  Object.assign(fs, { ...writesOf(was, disk), ...namesOf(was, disk) } satisfies Record<
    (typeof PATCHED)[number],
    unknown
  >);
  return { settle: () => disk.settle(), stop: () => void Object.assign(fs, was) };
}
