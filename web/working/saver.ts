import type { AsideMeta, Draft, DraftDoc } from '../../contract/dto';
import type { Problem } from '../../contract/problem';
import { sameDoc } from './sameDoc';
import { localCopies, type Copy, type LocalCopies } from './localCopies';

/** What came of a call: an answer, a refusal in the server's words, or nothing at all. */
export type Sent<T> = { ok: T } | { problem: Problem | null };
/** What the saver says while it works, of one formula. */
export type SaverWord =
  | { is: 'saving' }
  | { is: 'saved'; rev: number; doc: DraftDoc }
  | { is: 'asideSaved'; doc: DraftDoc }
  | { is: 'waiting'; code: string | null; inMs: number }
  | { is: 'conflict'; theirs: Draft | null }
  | { is: 'refused'; code: string; args: Problem['args'] }
  | { is: 'browser'; full: boolean };

export type SaverDeps = {
  putDraft: (formulaId: string, rev: number, doc: DraftDoc) => Promise<Sent<Draft>>;
  createAside: (formulaId: string, doc: DraftDoc) => Promise<Sent<AsideMeta>>;
  tell: (formulaId: string, word: SaverWord) => void;
  local?: LocalCopies;
};

/** So long after a change it is sent, ms: what is typed goes as one. */
const PAUSE_MS = 500;
/** Waits between tries while the server does not take it, ms; the last is kept to. */
const AGAIN_MS = [1000, 2000, 4000, 8000, 16_000, 30_000];
/** Statuses below 500 after which the same may well be taken later. */
const LATER = new Set([401, 408, 425, 429, 499]);

type Entry = {
  copy: Copy;
  timer: ReturnType<typeof setTimeout> | undefined;
  tries: number;
  running: Promise<void> | null;
  /** A clash or a refusal: nothing more is sent until the copy is changed by the baker's answer to it. */
  stopped: boolean;
};

/**
 * Saves working copies: at once in the browser, after a short pause on the server. What the browser holds goes when the
 * server has confirmed the same text, so a reload at any moment loses nothing. While the server does not take it, it is
 * tried again by itself, ever more rarely, and at once when the network or the page comes back. A copy goes on being saved
 * after its desk was left.
 */
export class Saver {
  readonly #entries = new Map<string, Entry>();
  readonly #local: LocalCopies;

  constructor(readonly deps: SaverDeps) {
    this.#local = deps.local ?? localCopies();
  }

  /** A copy was changed. `soon`: it is sent without the pause, being the answer to a clash. */
  changed(formulaId: string, copy: Copy, soon = false): void {
    const entry = this.#entries.get(formulaId) ?? {
      copy,
      timer: undefined,
      tries: 0,
      running: null,
      stopped: false,
    };
    entry.copy = copy;
    entry.stopped = false;
    entry.tries = 0;
    this.#entries.set(formulaId, entry);
    this.#keep(formulaId, entry);
    this.#plan(formulaId, entry, soon ? 0 : PAUSE_MS);
  }

  /** A copy in a clash was changed: it is kept in the browser, and not sent until the clash is settled. */
  held(formulaId: string, copy: Copy): void {
    const entry = this.#entries.get(formulaId);
    if (entry) {
      entry.copy = copy;
      this.#keep(formulaId, entry);
    } else this.#local.put(formulaId, copy);
  }

  /** The copy is done with: it was kept as a version, or is as on the server. */
  drop(formulaId: string): void {
    const entry = this.#entries.get(formulaId);
    clearTimeout(entry?.timer);
    this.#entries.delete(formulaId);
    this.#local.drop(formulaId);
  }

  /** Sends what waits for one formula now; resolves when it has been tried. */
  async flush(formulaId: string): Promise<void> {
    const entry = this.#entries.get(formulaId);
    if (!entry || entry.stopped) return;
    clearTimeout(entry.timer);
    await this.#send(formulaId, entry);
  }

  /** Nothing of this formula is on its way. */
  isSaved(formulaId: string): boolean {
    return !this.#entries.has(formulaId);
  }

  /** The baker asks for it: also what was refused is tried once more. */
  async retry(formulaId: string): Promise<void> {
    const entry = this.#entries.get(formulaId);
    if (entry) entry.stopped = false;
    await this.flush(formulaId);
  }

  /** The network or the page is back: what waits is tried at once. */
  wake(): void {
    for (const [formulaId, entry] of this.#entries)
      if (!entry.stopped && entry.running === null) void this.flush(formulaId);
  }

  /**
   * Copies that a page which is gone left in this browser go to the server: as the working copy where that has not moved on,
   * else aside. The formula that is open is left to its desk.
   */
  async sendLeft(open: string | null): Promise<void> {
    for (const { formulaId, copy, key } of await this.#local.left()) {
      if (formulaId === open || this.#entries.has(formulaId)) continue;
      const put = await this.deps.putDraft(formulaId, copy.rev, copy.doc);
      const beside = 'ok' in put ? copy.asides : [...copy.asides, copy.doc];
      if (!('ok' in put) && put.problem?.code !== 'draft.conflict') continue;
      const sent = await Promise.all(beside.map((doc) => this.deps.createAside(formulaId, doc)));
      if (sent.every((s) => 'ok' in s)) this.#local.remove(key);
    }
  }

  #keep(formulaId: string, entry: Entry): void {
    const full = !this.#local.put(formulaId, entry.copy);
    this.deps.tell(formulaId, { is: 'browser', full });
  }

  #plan(formulaId: string, entry: Entry, ms: number): void {
    clearTimeout(entry.timer);
    entry.timer = setTimeout(() => void this.#send(formulaId, entry), ms);
  }

  #send(formulaId: string, entry: Entry): Promise<void> {
    // It may have been kept as a version while it waited.
    if (this.#entries.get(formulaId) !== entry) return Promise.resolve();
    entry.running ??= this.#sendAll(formulaId, entry).finally(() => {
      entry.running = null;
    });
    return entry.running;
  }

  async #sendAll(formulaId: string, entry: Entry): Promise<void> {
    const tell = (word: SaverWord) => this.deps.tell(formulaId, word);
    tell({ is: 'saving' });
    // What gave way first: it must be on the server before anything takes its place there.
    while (entry.copy.asides.length > 0) {
      const [doc] = entry.copy.asides as [DraftDoc];
      const sent = await this.deps.createAside(formulaId, doc);
      if (!('ok' in sent)) return this.#failed(formulaId, entry, sent.problem);
      entry.copy = { ...entry.copy, asides: entry.copy.asides.filter((a) => !sameDoc(a, doc)) };
      this.#keep(formulaId, entry);
      tell({ is: 'asideSaved', doc });
    }
    for (;;) {
      const { rev, doc } = entry.copy;
      const sent = await this.deps.putDraft(formulaId, rev, doc);
      if (!('ok' in sent)) return this.#failed(formulaId, entry, sent.problem);
      entry.tries = 0;
      const next = sent.ok.rev;
      const done = sameDoc(entry.copy.doc, doc) && entry.copy.asides.length === 0;
      entry.copy = { ...entry.copy, rev: next };
      // Only the entry that is still there: it may have been kept as a version meanwhile.
      const current = this.#entries.get(formulaId) === entry;
      if (current) {
        if (done) this.drop(formulaId);
        else this.#keep(formulaId, entry);
      }
      tell({ is: 'saved', rev: next, doc });
      if (done || !current) return;
      if (entry.copy.asides.length > 0) return this.#sendAll(formulaId, entry);
    }
  }

  #failed(formulaId: string, entry: Entry, problem: Problem | null): void {
    if (problem?.code === 'draft.conflict') {
      const theirs = (problem.current as Draft | null | undefined) ?? null;
      // Nobody else's: an answer of ours was lost on its way.
      if (theirs && sameDoc(theirs.doc, entry.copy.doc) && entry.copy.asides.length === 0) {
        this.drop(formulaId);
        this.deps.tell(formulaId, { is: 'saved', rev: theirs.rev, doc: theirs.doc });
        return;
      }
      entry.stopped = true;
      this.deps.tell(formulaId, { is: 'conflict', theirs });
    } else if (problem && problem.status < 500 && !LATER.has(problem.status)) {
      entry.stopped = true;
      this.deps.tell(formulaId, { is: 'refused', code: problem.code, args: problem.args });
    } else {
      const inMs = AGAIN_MS[Math.min(entry.tries, AGAIN_MS.length - 1)]!;
      entry.tries += 1;
      this.#plan(formulaId, entry, inMs);
      this.deps.tell(formulaId, { is: 'waiting', code: problem?.code ?? null, inMs });
    }
  }
}
