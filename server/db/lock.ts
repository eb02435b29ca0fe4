import { linkSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

type Owner = { pid: number; started: string };

export class FolderLockedError extends Error {
  constructor(
    readonly dir: string,
    readonly pid: number,
  ) {
    super(
      `The data folder ${dir} is in use by process ${pid}. Stop it, or start with --data and another folder.`,
    );
  }
}

/** When a process started, as the system counts it: two processes can share an id one after the other, not this too. */
function startOf(pid: number): string {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? '';
  } catch {
    return '';
  }
}

function isAlive({ pid, started }: Owner): boolean {
  try {
    process.kill(pid, 0);
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
  const now = startOf(pid);
  return now === '' || started === '' || now === started;
}

function readOwner(file: string): Owner | null {
  try {
    const owner = JSON.parse(readFileSync(file, 'utf8')) as Owner;
    return Number.isInteger(owner.pid) ? owner : null;
  } catch {
    return null;
  }
}

/**
 * Takes the folder for this process. The lock file is made whole under another name and then linked, which the
 * file system does for one process only. A lock whose process is gone is moved aside and tried for again.
 * Returns the release.
 */
export function lockFolder(dir: string): () => void {
  mkdirSync(dir, { recursive: true });
  const file = join(dir, 'lock.json');
  const mine: Owner = { pid: process.pid, started: startOf(process.pid) };
  const own = join(dir, `lock.${process.pid}.tmp`);
  writeFileSync(own, JSON.stringify(mine));
  try {
    for (let attempt = 0; attempt < 5; attempt++) {
      try {
        linkSync(own, file);
        return () => {
          if (readOwner(file)?.pid === process.pid) rmSync(file, { force: true });
        };
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
      }
      const owner = readOwner(file);
      if (owner && isAlive(owner)) throw new FolderLockedError(dir, owner.pid);
      setAside(file, owner);
    }
    throw new FolderLockedError(dir, readOwner(file)?.pid ?? 0);
  } finally {
    rmSync(own, { force: true });
  }
}

/** Moves a dead lock away; if another start was faster and the file is a live one by now, it is put back. */
function setAside(file: string, dead: Owner | null): void {
  const aside = `${file}.${process.pid}.stale`;
  try {
    renameSync(file, aside);
  } catch {
    return;
  }
  const moved = readOwner(aside);
  if (moved && (moved.pid !== dead?.pid || moved.started !== dead.started) && isAlive(moved)) {
    try {
      linkSync(aside, file);
    } catch {
      // A third start holds the lock by now; it will be found there on the next try.
    }
  }
  rmSync(aside, { force: true });
}
