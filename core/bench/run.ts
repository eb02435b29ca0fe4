import type { BenchOrder, Weighing } from './order';

/**
 * What happens at the bench, in the order in which it happens. Nothing of it is changed afterwards: a slip that is taken back is
 * an event as well. `at` is ms since the epoch by the server's clock.
 */
export type BenchEvent = { id: string; at: number } & (
  | { kind: 'weighed'; weighing: string; g: number }
  /** Taken out of the bowl again, where it can be. */
  | { kind: 'tookOut'; weighing: string; g: number }
  | { kind: 'leftOut'; weighing: string }
  /** All that is still to come of a part, so many times as much. */
  | { kind: 'scaled'; partId: string; by: number }
  /** Another packet or thing stands in for a line. */
  | { kind: 'swapped'; lineId: string; ingredientId: string }
  /** So much more of a line is asked for, or less: what a thing that stands in drinks otherwise. */
  | { kind: 'changed'; lineId: string; g: number }
  /** Water put to the dough by feel, within what was kept back or beyond it; `feel` as it was then, `enough` where it stays so. */
  | { kind: 'byFeel'; lineId: string; g: number; feel: number; enough?: boolean }
  | { kind: 'stepDone'; stepId: string }
  | { kind: 'undone'; event: string }
  | { kind: 'oven'; what: 'in' | 'door' | 'out'; ovenId?: string }
  | { kind: 'sign'; sign: string; on: boolean }
  | { kind: 'probe'; c: number }
  | { kind: 'bakeMass'; when: 'before' | 'after'; g: number }
  | { kind: 'cut' }
  | { kind: 'note'; text: string }
);

/** A bowl with what is in it, g by line. */
export type Filled = { id: string; contents: ReadonlyMap<string, number>; massG: number };
export type BenchState = {
  /** What went in for each weighing, g; absent where it is still to come. */
  put: ReadonlyMap<string, number>;
  leftOut: ReadonlySet<string>;
  /** So many times as much of each part is still weighed. */
  factor: ReadonlyMap<string, number>;
  swapped: ReadonlyMap<string, string>;
  /** How much more or less of a line is asked for, g. */
  changed: ReadonlyMap<string, number>;
  /** Water by feel, g by line, with the feel it was told. */
  byFeel: { lineId: string; g: number; feel: number; enough: boolean }[];
  doneSteps: ReadonlySet<string>;
  /** The one that is weighed now; null when all is in. */
  next: Weighing | null;
  /** What happened and was not taken back. */
  live: readonly BenchEvent[];
};

/** The events that count: one that was taken back, and its taking back, do not; a taking back can be taken back. */
export function counted(events: readonly BenchEvent[]): BenchEvent[] {
  const gone = new Set<string>();
  for (const e of [...events].reverse()) if (e.kind === 'undone' && !gone.has(e.id)) gone.add(e.event);
  return events.filter((e) => e.kind !== 'undone' && !gone.has(e.id));
}

/** How a run stands after its events: the same events give the same, however often they are gone through. */
export function replay(order: BenchOrder, events: readonly BenchEvent[]): BenchState {
  const put = new Map<string, number>();
  const leftOut = new Set<string>();
  const factor = new Map<string, number>();
  const swapped = new Map<string, string>();
  const changed = new Map<string, number>();
  const byFeel: BenchState['byFeel'] = [];
  const doneSteps = new Set<string>();
  const live = counted(events);
  for (const e of live)
    switch (e.kind) {
      case 'weighed':
        put.set(e.weighing, (put.get(e.weighing) ?? 0) + e.g);
        leftOut.delete(e.weighing);
        break;
      case 'tookOut':
        put.set(e.weighing, Math.max(0, (put.get(e.weighing) ?? 0) - e.g));
        break;
      case 'leftOut':
        leftOut.add(e.weighing);
        break;
      case 'scaled':
        factor.set(e.partId, (factor.get(e.partId) ?? 1) * e.by);
        break;
      case 'swapped':
        swapped.set(e.lineId, e.ingredientId);
        break;
      case 'byFeel':
        byFeel.push({ lineId: e.lineId, g: e.g, feel: e.feel, enough: e.enough ?? false });
        break;
      case 'changed':
        changed.set(e.lineId, (changed.get(e.lineId) ?? 0) + e.g);
        break;
      case 'stepDone':
        doneSteps.add(e.stepId);
        break;
      case 'oven':
      case 'sign':
      case 'probe':
      case 'bakeMass':
      case 'cut':
      case 'note':
      case 'undone':
        break;
      default:
        e satisfies never;
    }
  const next = order.weighings.find((w) => !put.has(w.id) && !leftOut.has(w.id)) ?? null;
  return { put, leftOut, factor, swapped, changed, byFeel, doneSteps, next, live };
}

/** The part of the bake that a weighing is for. */
export const partIdOf = (order: BenchOrder, w: Weighing): string =>
  order.bowls.find((b) => b.id === w.bowl)!.partId;

/**
 * What a weighing asks for as things stand: a part that was scaled asks for more, a part of the water is kept back, and what was
 * changed of a line is asked for at its first weighing.
 */
export function wantedG(order: BenchOrder, state: BenchState, w: Weighing): number {
  const by = state.factor.get(partIdOf(order, w)) ?? 1;
  const first = order.weighings.find((x) => x.lineId === w.lineId)!;
  const more = first.id === w.id ? (state.changed.get(w.lineId) ?? 0) : 0;
  return Math.max(0, by * (w.targetG - w.keepBackG) + more);
}

/** The bowls as they are filled, those that came together as one: what is in all of them is what went in. */
export function bowlsOf(order: BenchOrder, state: BenchState): Filled[] {
  const into = new Map<string, string>();
  for (const b of order.bowls) for (const f of b.from) into.set(f, b.id);
  const begun = new Set(order.weighings.filter((w) => state.put.has(w.id)).map((w) => w.bowl));
  // Two bowls are one from when something is put into the one they go to.
  const isIn = (id: string): string => {
    const to = into.get(id);
    return to !== undefined && begun.has(to) ? isIn(to) : id;
  };
  const contents = new Map<string, Map<string, number>>();
  const add = (bowl: string, lineId: string, g: number): void => {
    const all = contents.get(bowl) ?? new Map<string, number>();
    all.set(lineId, (all.get(lineId) ?? 0) + g);
    contents.set(bowl, all);
  };
  for (const w of order.weighings) {
    const g = state.put.get(w.id);
    if (g !== undefined && g > 0) add(isIn(w.bowl), w.lineId, g);
  }
  for (const f of state.byFeel) {
    const w = order.weighings.find((x) => x.lineId === f.lineId);
    if (w) add(isIn(w.bowl), f.lineId, f.g);
  }
  return [...contents].map(([id, all]) => ({
    id,
    contents: all,
    massG: [...all.values()].reduce((s, g) => s + g, 0),
  }));
}
