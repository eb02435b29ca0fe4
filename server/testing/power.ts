import fs from 'node:fs';
import { cpSync, existsSync, mkdirSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { dirname, join, relative, resolve, sep } from 'node:path';

/**
 * Records what is written below a folder and when it is put on the disk, and rebuilds the folder as a power cut could leave
 * it: what was not yet synced is lost, kept or torn, and so is every new, renamed or removed entry of a folder that was
 * not. Only what a file system promises is relied on: POSIX fsync of a file for what it holds, of a folder for its entries.
 */
type Entry =
  | { op: 'write'; path: string; at: number; bytes: Uint8Array }
  | { op: 'size'; path: string; to: number }
  | { op: 'make'; path: string; folder: boolean }
  | { op: 'remove'; path: string }
  | { op: 'rename'; path: string; to: string }
  | { op: 'sync'; path: string }
  | { op: 'mark'; what: string };

export type Recorder = { entries: Entry[]; mark: (what: string) => void; stop: () => void };

const NAMES = [
  'openSync',
  'closeSync',
  'writeSync',
  'ftruncateSync',
  'truncateSync',
  'renameSync',
  'unlinkSync',
  'mkdirSync',
  'rmdirSync',
  'fsyncSync',
] as const;

/** Stands below whatever else stands in front of `fs`: start it first. */
export function record(folder: string): Recorder {
  const root = resolve(folder);
  const entries: Entry[] = [];
  const open = new Map<number, string>();
  const was = Object.fromEntries(NAMES.map((n) => [n, fs[n]])) as unknown as Pick<
    typeof fs,
    (typeof NAMES)[number]
  >;
  const inside = (p: unknown): string | null => {
    if (typeof p !== 'string') return null;
    const full = resolve(p);
    return full === root || full.startsWith(root + sep) ? relative(root, full) : null;
  };
  Object.assign(fs, {
    openSync: (p: string, flags: string | number, mode?: number) => {
      const path = inside(p);
      const fresh = path !== null && !existsSync(p);
      const size = path !== null && !fresh && statSync(p).isFile() ? statSync(p).size : 0;
      const fd = was.openSync(p, flags, mode);
      if (path !== null) {
        open.set(fd, path);
        if (fresh) entries.push({ op: 'make', path, folder: false });
        else if (size > 0 && fs.fstatSync(fd).size === 0) entries.push({ op: 'size', path, to: 0 });
      }
      return fd;
    },
    closeSync: (fd: number) => {
      open.delete(fd);
      was.closeSync(fd);
    },
    writeSync: (
      fd: number,
      data: Uint8Array,
      offset = 0,
      length = data.length - offset,
      position?: number | null,
    ) => {
      const path = open.get(fd);
      const done = was.writeSync(fd, data, offset, length, position);
      if (path !== undefined) {
        if (typeof position !== 'number') throw new Error('a write at no place cannot be recorded');
        const bytes = new Uint8Array(done);
        bytes.set(new Uint8Array(data.buffer, data.byteOffset + offset, done));
        entries.push({ op: 'write', path, at: position, bytes });
      }
      return done;
    },
    ftruncateSync: (fd: number, to = 0) => {
      const path = open.get(fd);
      was.ftruncateSync(fd, to);
      if (path !== undefined) entries.push({ op: 'size', path, to });
    },
    truncateSync: (p: string, to = 0) => {
      const path = inside(p);
      was.truncateSync(p, to);
      if (path !== null) entries.push({ op: 'size', path, to });
    },
    renameSync: (a: string, b: string) => {
      was.renameSync(a, b);
      const [path, to] = [inside(a), inside(b)];
      if (path !== null && to !== null) entries.push({ op: 'rename', path, to });
    },
    unlinkSync: (p: string) => {
      was.unlinkSync(p);
      const path = inside(p);
      if (path !== null) entries.push({ op: 'remove', path });
    },
    rmdirSync: (p: string) => {
      was.rmdirSync(p);
      const path = inside(p);
      if (path !== null) entries.push({ op: 'remove', path });
    },
    mkdirSync: (p: string, o?: never) => {
      const made = was.mkdirSync(p, o);
      const path = inside(p);
      if (path !== null) entries.push({ op: 'make', path, folder: true });
      return made;
    },
    fsyncSync: (fd: number) => {
      was.fsyncSync(fd);
      const path = open.get(fd);
      if (path !== undefined) entries.push({ op: 'sync', path });
    },
  });
  return {
    entries,
    mark: (what) => void entries.push({ op: 'mark', what }),
    stop: () => void Object.assign(fs, was),
  };
}

/** Chance with a seed, so that a cut that loses something can be made again (mulberry32). */
export function chance(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A sector is written whole or not at all; a write of several may be torn between them. */
const SECTOR = 512;

/**
 * The folder as a cut after so many entries may leave it. `base` is the folder as it was on the disk when recording began.
 * `mood`: what becomes of what was not synced: all of it lost, or each thing by chance.
 */
export function cut(
  base: string,
  entries: readonly Entry[],
  after: number,
  to: string,
  random: () => number,
  mood: 'lost' | 'chance',
): string[] {
  rmSync(to, { recursive: true, force: true });
  cpSync(base, to, { recursive: true });
  const done = entries.slice(0, after);
  /** The last entry at which each path was synced. */
  const synced = new Map<string, number>();
  done.forEach((e, i) => e.op === 'sync' && synced.set(e.path, i));
  const onDisk = (path: string, i: number): boolean => (synced.get(path) ?? -1) > i;
  const folderOf = (path: string): string => (dirname(path) === '.' ? '' : dirname(path));
  const stays = (): boolean => mood === 'chance' && random() < 0.5;
  const full = (path: string) => join(to, path);
  const marks: string[] = [];
  done.forEach((e, i) => {
    switch (e.op) {
      case 'mark':
        marks.push(e.what);
        return;
      case 'sync':
        return;
      case 'make':
        if (onDisk(folderOf(e.path), i) || stays()) {
          if (e.folder) mkdirSync(full(e.path), { recursive: true });
          else if (existsSync(dirname(full(e.path))) && !existsSync(full(e.path)))
            writeFileSync(full(e.path), '');
        }
        return;
      case 'remove':
        if (onDisk(folderOf(e.path), i) || stays()) rmSync(full(e.path), { recursive: true, force: true });
        return;
      case 'rename':
        if ((onDisk(folderOf(e.path), i) || onDisk(folderOf(e.to), i) || stays()) && existsSync(full(e.path)))
          fs.renameSync(full(e.path), full(e.to));
        return;
      case 'size':
        if (!existsSync(full(e.path))) return;
        if (onDisk(e.path, i) || stays()) truncateSync(full(e.path), e.to);
        return;
      case 'write': {
        if (!existsSync(full(e.path))) return;
        let bytes = e.bytes;
        if (!onDisk(e.path, i)) {
          if (!stays()) return;
          if (random() < 0.3) bytes = bytes.slice(0, SECTOR * Math.floor((random() * bytes.length) / SECTOR));
        }
        const fd = fs.openSync(full(e.path), 'r+');
        fs.writeSync(fd, bytes, 0, bytes.length, e.at);
        fs.closeSync(fd);
      }
    }
  });
  return marks;
}
