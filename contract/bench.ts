import type { BenchEvent } from '../core/bench';

/** A bench run: one version weighed and baked once. What happens is told by its events, which are only ever added to. */
export type BenchRun = {
  formulaId: string;
  versionId: string;
  title: string;
  /** So many times the version. */
  batches: number;
  /** What the scale shows at the least, g. */
  scaleStepG: number;
  /** When it was begun, ms since the epoch. */
  begunAt: number;
};
export type RunRow = BenchRun & { id: string };
/** A run with all that happened, in order. */
export type RunDetail = RunRow & { events: BenchEvent[] };
/** Events of a page, in its order: `agoMs` is how long ago each was by the page's own clock. */
export type AddEvents = { events: { id: string; agoMs: number; doc: BenchDeed }[] };
/** What happened, without when. */
export type BenchDeed = BenchEvent extends infer E
  ? E extends BenchEvent
    ? Omit<E, 'id' | 'at'>
    : never
  : never;
