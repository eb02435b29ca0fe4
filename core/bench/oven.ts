import { bakeOf, displayedVariant, donenessOfBake, setupOf, type Doneness } from '../bake';
import type { BakePhase, Formula } from '../formula';
import type { Lookup } from '../ingredients';
import type { Modelled, Probed } from './forecast';
import { counted, type BenchEvent } from './run';

const MIN_MS = 60_000;

/** How a bake went so far: when it went in and came out, ms; what was read, opened, weighed and seen meanwhile. */
export type OvenSoFar = {
  inAt: number | null;
  outAt: number | null;
  /** Min into the bake at which the door was opened. */
  doors: number[];
  probe: Probed[];
  signs: ReadonlySet<string>;
  beforeG: number | null;
  afterG: number | null;
  /** What it lost, as a share of what went in; null where it was not weighed twice. */
  loss: number | null;
  cutAt: number | null;
};

export function ovenSoFar(events: readonly BenchEvent[]): OvenSoFar {
  const live = counted(events);
  const last = <K extends BenchEvent['kind']>(
    kind: K,
    is: (e: Extract<BenchEvent, { kind: K }>) => boolean = () => true,
  ) =>
    live.findLast(
      (e): e is Extract<BenchEvent, { kind: K }> =>
        e.kind === kind && is(e as Extract<BenchEvent, { kind: K }>),
    );
  const inAt = last('oven', (e) => e.what === 'in')?.at ?? null;
  const out = last('oven', (e) => e.what === 'out')?.at ?? null;
  // What was taken out before it went in again is of another bake.
  const outAt = out !== null && inAt !== null && out >= inAt ? out : null;
  const since = (at: number): number => (at - (inAt ?? at)) / MIN_MS;
  const during = live.filter((e) => inAt !== null && e.at >= inAt);
  const signs = new Set<string>();
  for (const e of during) {
    if (e.kind !== 'sign') continue;
    if (e.on) signs.add(e.sign);
    else signs.delete(e.sign);
  }
  const beforeG = last('bakeMass', (e) => e.when === 'before')?.g ?? null;
  const afterG = last('bakeMass', (e) => e.when === 'after')?.g ?? null;
  return {
    inAt,
    outAt,
    doors: during.flatMap((e) => (e.kind === 'oven' && e.what === 'door' ? [since(e.at)] : [])),
    probe: during.flatMap((e) =>
      e.kind === 'probe' && (outAt === null || e.at <= outAt) ? [{ min: since(e.at), c: e.c }] : [],
    ),
    signs,
    beforeG,
    afterG,
    loss: beforeG && afterG !== null ? 1 - afterG / beforeG : null,
    cutAt: last('cut')?.at ?? null,
  };
}

/** What is to be done while it bakes, min after it went in. */
export type Prompt =
  | { min: number; kind: 'heat'; ovenC: number; fan: boolean }
  | { min: number; kind: 'cover'; cover: BakePhase['cover'] }
  | { min: number; kind: 'turn' }
  | { min: number; kind: 'look' };

/** Heats and covers that change on the way, a tent after so long, turning at half, and when to look first: by the method and the bake. */
export function promptsOf(formula: Formula): Prompt[] {
  const { bake } = formula;
  const out: Prompt[] = [];
  const phases = bake?.phases ?? [];
  let min = 0;
  for (const [i, p] of phases.entries()) {
    const before = phases[i - 1];
    if (before && before.ovenC !== p.ovenC) out.push({ min, kind: 'heat', ovenC: p.ovenC, fan: p.fan });
    if (before && before.cover !== p.cover) out.push({ min, kind: 'cover', cover: p.cover });
    min += p.min;
  }
  const acts = formula.method.flatMap((s) => (s.struck ? [] : (s.actions ?? [])));
  for (const a of acts)
    if (a.afterMin !== undefined && a.cover === 'tent')
      out.push({ min: a.afterMin, kind: 'cover', cover: 'tent' });
  const whole = bake?.minutes;
  if (whole && acts.some((a) => a.kind === 'turn' && a.place !== 'hob'))
    out.push({ min: (whole[0] + whole[1]) / 4, kind: 'turn' });
  if (whole) out.push({ min: whole[0], kind: 'look' });
  return out.sort((a, b) => a.min - b.min);
}

/** The curve of the middle as the model has it for a version, and the temperature it is done at; null where nothing can be said. */
export function modelOf(formula: Formula, lookup: Lookup): Modelled | null {
  const setup = setupOf(formula, lookup);
  if (!setup) return null;
  const { curve } = bakeOf(setup, displayedVariant(setup.classId), 8);
  const { coreC } = donenessOfBake(formula.parts, lookup, setup.pressurePa);
  const last = curve.at(-1);
  // The model stops when it has it done: what it never reaches would tell nothing.
  return coreC && last && curve.length >= 3
    ? { curve: curve.map((p) => ({ min: p.min, c: p.coreC })), untilC: Math.min(coreC[0], last.coreC - 0.1) }
    : null;
}

/** What of the signs was not seen yet, with the core where it has one and it is not there: nothing is done by its time alone. */
export function stillToSee(
  { signs, coreC }: Doneness,
  so: OvenSoFar,
): { signs: Doneness['signs']; coreShortC: number | null } {
  const c = so.probe.at(-1)?.c;
  return {
    signs: signs.filter((s) => s !== 'none' && s !== 'core' && !so.signs.has(s)),
    coreShortC: coreC && c !== undefined ? Math.max(0, coreC[0] - c) : null,
  };
}
