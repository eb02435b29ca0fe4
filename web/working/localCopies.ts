import { storeOf } from '../api/browserStore';
import type { DraftDoc } from '../../contract/dto';
import { keyHere } from '../api/home';

/** A working copy on its way to the server: the revision it grew from, and those that gave way to it. */
export type Copy = { rev: number; doc: DraftDoc; asides: DraftDoc[] };

/**
 * Working copies in the browser's own store, each under its formula and the tab it belongs to: two tabs never write over
 * each other, and what a tab that is gone has left is found by the next.
 */
export type LocalCopies = {
  /** False where there is no room: the copy is then only in the page. */
  put: (formulaId: string, copy: Copy) => boolean;
  drop: (formulaId: string) => void;
  /** This tab's own copy of a formula. */
  own: (formulaId: string) => Copy | null;
  /** Copies of tabs that are gone, latest first. */
  left: () => Promise<Left[]>;
  remove: (key: string) => void;
};
export type Left = { key: string; formulaId: string; copy: Copy };

const PREFIX = keyHere('copy:');
/** Before copies had a tab: one a formula, without those that gave way. */
const OLDER = keyHere('draft:');
const TAB = 'new-crumb:tab';
const lockOf = (tab: string): string => `new-crumb:tab:${tab}`;
const newTab = (): string => Math.random().toString(36).slice(2, 12);

type Stored = Copy & { at: number };

function read(text: string | null): Stored | null {
  try {
    const stored = JSON.parse(text ?? 'null') as Partial<Stored> | null;
    return stored?.doc
      ? { rev: stored.rev ?? 0, doc: stored.doc, asides: stored.asides ?? [], at: stored.at ?? 0 }
      : null;
  } catch {
    return null;
  }
}

export function localCopies(): LocalCopies {
  const store = storeOf('localStorage');
  const session = storeOf('sessionStorage');
  let tab = session?.getItem(TAB) ?? newTab();
  const settle = (name: string) => {
    tab = name;
    try {
      session?.setItem(TAB, name);
    } catch {
      // Then this tab is a new one after a reload, and finds its copies like those of one that is gone.
    }
  };
  settle(tab);
  // Held as long as the page is there, so that others know that its copies are not left behind. A tab that was made as a
  // copy of another has that one's name, finds it held, and takes a name of its own.
  const hold = (name: string): void => {
    void navigator.locks?.request(lockOf(name), { ifAvailable: true }, (lock) => {
      if (lock) return new Promise(() => undefined);
      settle(newTab());
      hold(tab);
      return undefined;
    });
  };
  hold(tab);

  const keyOf = (formulaId: string): string => `${PREFIX}${tab}:${formulaId}`;
  const living = async (): Promise<Set<string>> => {
    const { held = [] } = (await navigator.locks?.query()) ?? {};
    return new Set(held.flatMap((l) => l.name ?? []));
  };
  return {
    put(formulaId, copy) {
      try {
        if (!store) return false;
        store.setItem(keyOf(formulaId), JSON.stringify({ ...copy, at: Date.now() } satisfies Stored));
        return true;
      } catch {
        // An older text of it is worth less than none: it would be taken for the latest.
        store?.removeItem(keyOf(formulaId));
        return false;
      }
    },
    drop: (formulaId) => store?.removeItem(keyOf(formulaId)),
    own: (formulaId) => read(store?.getItem(keyOf(formulaId)) ?? null),
    async left() {
      if (!store) return [];
      const alive = await living();
      const found: (Left & { at: number })[] = [];
      for (let i = 0; i < store.length; i++) {
        const key = store.key(i)!;
        const older = key.startsWith(OLDER);
        if (!older && !key.startsWith(PREFIX)) continue;
        const [name = '', formulaId = ''] = older
          ? ['', key.slice(OLDER.length)]
          : key.slice(PREFIX.length).split(/:(.*)/s);
        if (name === tab || alive.has(lockOf(name))) continue;
        const copy = read(store.getItem(key));
        if (copy) found.push({ key, formulaId, copy, at: copy.at });
      }
      return found.sort((a, b) => b.at - a.at);
    },
    remove: (key) => store?.removeItem(key),
  };
}
