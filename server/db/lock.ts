import {
  closeSync,
  fsyncSync,
  linkSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';

type Owner = { pid: number; started: string };
/** What a lock file says: whose it is, or that it cannot be read. */
type Found = Owner | 'unreadable' | null;

export class FolderLockedError extends Error {
  constructor(
    readonly dir: string,
    readonly pid: number | null,
  ) {
    super(
      pid === null
        ? `The lock file in ${dir} cannot be read, and was touched a moment ago. If nothing else uses the folder, wait a minute and start again, or delete ${join(dir, 'lock.json')}. Or start with --data and another folder.`
        : `The data folder ${dir} is in use by process ${pid}. Stop it, or start with --data and another folder.`,
    );
  }
}

/** The owner touches its lock so often, ms; one that was not touched for so long has no owner. */
const TOUCH_MS = 10_000;
const FRESH_MS = 45_000;

/** When a process started, as the system counts it: two processes can share an id one after the other, not this too. */
function startOf(pid: number): string {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? '';
  } catch {
    return '';
  }
}

/**
 * Whether the owner of a lock lives. Where the system says when a process started, that decides. Where it does not, or the
 * lock cannot be read, the file itself does: a living owner touches it.
 */
function isAlive(found: Owner | 'unreadable', file: string): boolean {
  const touched = (): boolean => {
    try {
      return Date.now() - statSync(file).mtimeMs < FRESH_MS;
    } catch {
      return false;
    }
  };
  if (found === 'unreadable') return touched();
  try {
    process.kill(found.pid, 0);
  } catch (error) {
    // One that may not be signalled is there all the same.
    if ((error as NodeJS.ErrnoException).code !== 'EPERM') return false;
  }
  const now = startOf(found.pid);
  return now === '' || found.started === '' ? touched() : now === found.started;
}

function ownerIn(file: string): Found {
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'ENOENT' ? null : 'unreadable';
  }
  try {
    const { pid, started } = JSON.parse(text) as Partial<Record<keyof Owner, unknown>>;
    // 0 and less are groups of processes to the system, not one.
    return Number.isInteger(pid) && (pid as number) > 0
      ? { pid: pid as number, started: typeof started === 'string' ? started : '' }
      : 'unreadable';
  } catch {
    return 'unreadable';
  }
}

const same = (a: Found, b: Owner): boolean =>
  a !== null && a !== 'unreadable' && a.pid === b.pid && a.started === b.started;

/** Writes a file whole and on to the disk, so that a power cut leaves no half of it. */
function writeWhole(path: string, text: string): void {
  writeFileSync(path, text);
  const fd = openSync(path, 'r');
  fsyncSync(fd);
  closeSync(fd);
}

export type LockOptions = {
  /** Called once where another process has taken the folder meanwhile: nothing may be written from then on. */
  onLost?: () => void;
  touchMs?: number;
};

/**
 * Takes the folder for this process. The lock file is made whole under another name and then linked, which the
 * file system does for one process only. A lock whose process is gone is moved aside and tried for again. While it is
 * held it is touched; where it was deleted it is made again, and where another process has it by then, that is said.
 * Returns the release.
 */
export function lockFolder(dir: string, { onLost, touchMs = TOUCH_MS }: LockOptions = {}): () => void {
  mkdirSync(dir, { recursive: true });
  const file = join(dir, 'lock.json');
  const mine: Owner = { pid: process.pid, started: startOf(process.pid) };
  const text = JSON.stringify(mine);

  /** Links the lock into place; false where there is one. */
  const link = (): boolean => {
    const own = join(dir, `lock.${process.pid}.tmp`);
    writeWhole(own, text);
    try {
      linkSync(own, file);
      return true;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code === 'EEXIST') return false;
      throw error;
    } finally {
      rmSync(own, { force: true });
    }
  };

  for (let attempt = 0; !link(); attempt++) {
    const owner = ownerIn(file);
    const living = owner !== null && isAlive(owner, file);
    if (living || attempt >= 4)
      throw new FolderLockedError(dir, owner === null || owner === 'unreadable' ? null : owner.pid);
    setAside(file, owner);
  }

  /** True while the lock is ours. */
  const hold = (): boolean => {
    const owner = ownerIn(file);
    if (!same(owner, mine)) return owner === null && link();
    const now = new Date();
    utimesSync(file, now, now);
    return true;
  };
  const beat = setInterval(() => {
    try {
      if (hold()) return;
    } catch {
      // The disk is full or the folder not to be reached just now: the next beat tries again.
      return;
    }
    clearInterval(beat);
    onLost?.();
  }, touchMs);
  beat.unref();
  return () => {
    clearInterval(beat);
    if (same(ownerIn(file), mine)) rmSync(file, { force: true });
  };
}

/** Moves a dead lock away; if another start was faster and the file is a live one by now, it is put back. */
function setAside(file: string, dead: Found): void {
  const aside = `${file}.${process.pid}.stale`;
  try {
    renameSync(file, aside);
  } catch {
    return;
  }
  const moved = ownerIn(aside);
  const changed = JSON.stringify(moved) !== JSON.stringify(dead);
  if (moved !== null && changed && isAlive(moved, aside)) {
    try {
      linkSync(aside, file);
    } catch {
      // A third start holds the lock by now; it will be found there on the next try.
    }
  }
  rmSync(aside, { force: true });
}
