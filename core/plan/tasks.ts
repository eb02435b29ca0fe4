import { donenessOfBake } from '../bake';
import { doughLines, piecesOf, type Formula } from '../formula';
import type { Lookup } from '../ingredients';
import { isYeasted } from '../leavening';
import type { Action, ActionKind, ActionPlace, Step } from '../method';
import { linkedOnce } from '../reading';

/** What is done in a task: an act of the method, or what has to be hot by then. */
export type TaskKind = ActionKind | 'heat_oven' | 'heat_pot';
/** Where a length comes from: the baker wrote it; a way brings it; usual for such a thing; nothing is known of it. */
export const DURATION_BASES = ['written', 'way', 'usual', 'guess'] as const;
export type DurationBasis = (typeof DURATION_BASES)[number];

/**
 * One stretch of the work, in min: how long it takes, from least to most; how much of it is hands-on at its beginning and at
 * its end. `stretches`: it may last anywhere between, as a soak; else it takes what it takes. `waitMost`: how long what comes
 * out of it may wait; null for as long as one likes.
 */
export type Task = {
  id: string;
  stepId: string | null;
  kind: TaskKind;
  minutes: [least: number, most: number];
  basis: DurationBasis;
  stretches: boolean;
  handsFirst: number;
  handsLast: number;
  waitMost: number | null;
  ovenC?: number;
  place?: ActionPlace;
};

/** Hands-on minutes of what is done by hand. Common practice, no source. */
const BY_HAND: Partial<Record<ActionKind, number>> = {
  prepare: 4,
  drain: 2,
  cream: 7,
  rub: 7,
  whisk: 5,
  melt: 5,
  mix: 5,
  knead: 7,
  fold: 4,
  cook: 12,
  boil: 6,
  shape: 8,
  divide: 4,
  score: 2,
  fill: 4,
  wash: 3,
  glaze: 4,
  turn: 2,
  uncover: 1,
};
/** A piece more takes so much longer to divide and shape, min. */
const PER_PIECE = 0.6;
/** What goes on by itself: its usual length, whether it may be drawn out, and how long what it gives may wait. Common practice. */
const BY_ITSELF: Partial<
  Record<ActionKind, { minutes: [number, number]; stretches: boolean; waitMost: number | null }>
> = {
  soak: { minutes: [480, 720], stretches: true, waitMost: 240 },
  gel: { minutes: [10, 20], stretches: true, waitMost: 1440 },
  rest: { minutes: [20, 40], stretches: true, waitMost: 120 },
  proof: { minutes: [45, 75], stretches: false, waitMost: 10 },
  chill: { minutes: [30, 720], stretches: true, waitMost: 720 },
  blind_bake: { minutes: [15, 20], stretches: false, waitMost: 720 },
  bake: { minutes: [30, 45], stretches: false, waitMost: null },
  cool: { minutes: [30, 60], stretches: true, waitMost: null },
};
/** A night, where "overnight" is all that is said. */
const OVERNIGHT: [number, number] = [480, 840];
/** What the list says of a soak, where the method does not. */
const IN_ROW = /\bsoaked\b[^.]*\b(?:overnight|\d+\s*(?:h|hours?))\b/i;
const HOURS = /\bsoaked\D{0,12}(\d{1,2})\s*(?:h|hours?)\b/i;
/** A batter with soda or powder loses its gas while it waits; a foam its air. Common practice, no source. */
const GAS_WAITS = 15;
const ROOM_C = 20;
/** An oven gains so many °C a minute; a pot is heated with it for so long. Common practice, no source. */
const OVEN_GAINS = 8;
const POT_MIN = 30;
/** A hot oven may stand ready so long. */
const HOT_WAITS = 20;

const isAlone = (kind: TaskKind): kind is ActionKind => kind in BY_ITSELF;

function lengthOf(a: Action): { minutes: [number, number]; basis: DurationBasis } {
  const usual = BY_ITSELF[a.kind]?.minutes ?? [0, 0];
  if (a.minutes) return { minutes: a.minutes, basis: 'written' };
  if (a.overnight) return { minutes: OVERNIGHT, basis: 'written' };
  return { minutes: usual, basis: 'usual' };
}

/** How long a way's own step waits, min: a gel is told so. */
const waitOf = ({ added }: Step): number | null =>
  typeof added?.args.wait === 'number' ? added.args.wait : null;

/**
 * A version as a row of tasks, in the order of its method: acts done by hand are one task a step, what goes on by itself stands
 * alone. The oven is heated before the first bake, a lidded pot with it. What the method does not say is usual, and said to be.
 */
export function tasksOf(version: Formula, lookup: Lookup): Task[] {
  const formula = linkedOnce(version, lookup);
  const lifted = formula.parts.some((p) => doughLines(p).some((l) => lookup(l.item)?.group === 'leavener'));
  const yeasted = formula.parts.some((p) => isYeasted(p, lookup));
  const pieces = piecesOf(formula) ?? 1;
  const tasks: Task[] = [];
  const put = (t: Omit<Task, 'id'>) => tasks.push({ id: `t${tasks.length + 1}`, ...t });
  const byHand = (step: Step, kind: ActionKind, minutes: number, basis: DurationBasis) => {
    const last = tasks.at(-1);
    if (last && last.stepId === step.id && !isAlone(last.kind)) {
      last.minutes = [last.minutes[0] + minutes, last.minutes[1] + minutes];
      last.handsFirst += minutes;
      last.kind = kind;
      return;
    }
    put({
      stepId: step.id,
      kind,
      minutes: [minutes, minutes],
      basis,
      stretches: false,
      handsFirst: minutes,
      handsLast: 0,
      waitMost: null,
    });
  };

  const soaked = formula.parts.flatMap((p) => p.lines).find((l) => l.uptake ?? IN_ROW.test(l.amount.written));
  const inMethod = formula.method.some((s) => s.actions?.some((a) => a.kind === 'soak'));
  if (soaked && !inMethod && formula.method.length > 0) {
    const hours = HOURS.exec(soaked.amount.written)?.[1];
    const minutes: [number, number] = hours ? [60 * Number(hours), 60 * Number(hours) + 240] : OVERNIGHT;
    put({
      stepId: null,
      kind: 'soak',
      minutes,
      basis: 'written',
      stretches: true,
      handsFirst: 2,
      handsLast: 0,
      waitMost: 240,
    });
  }
  for (const step of formula.method) {
    if (step.struck) continue;
    if (step.added) {
      const wait = waitOf(step);
      byHand(step, step.kind === 'gel' ? 'gel' : 'mix', 4, 'way');
      if (wait)
        put({
          stepId: step.id,
          kind: 'rest',
          minutes: [wait, Math.max(wait, 60)],
          basis: 'way',
          stretches: true,
          handsFirst: 0,
          handsLast: 0,
          waitMost: 1440,
        });
      continue;
    }
    for (const a of step.actions ?? []) {
      if (a.kind === 'preheat' || a.kind === 'other') continue;
      const alone = BY_ITSELF[a.kind];
      if (!alone) {
        const shaped = a.kind === 'shape' || a.kind === 'divide' ? PER_PIECE * (pieces - 1) : 0;
        byHand(
          step,
          a.kind,
          a.minutes ? a.minutes[1] : (BY_HAND[a.kind] ?? 3) + shaped,
          a.minutes ? 'written' : 'usual',
        );
        continue;
      }
      const { minutes, basis } = lengthOf(a);
      const isBake = a.kind === 'bake' || a.kind === 'blind_bake';
      put({
        stepId: step.id,
        kind: a.kind,
        minutes: [...minutes],
        basis,
        // A written soak is at least that; a written proof or bake is that.
        stretches:
          alone.stretches && (a.kind === 'soak' || a.kind === 'chill' || a.overnight === true || !a.minutes),
        handsFirst: isBake ? 2 : 1,
        handsLast: isBake ? 3 : 0,
        waitMost: alone.waitMost,
        ...(a.tempC !== undefined && a.tempOf === 'oven' ? { ovenC: a.tempC } : {}),
        ...(a.place ? { place: a.place } : {}),
      });
    }
  }
  mendBakes(tasks, formula, lookup);
  if (lifted && !yeasted) waitLess(tasks);
  return withHeat(tasks, formula);
}

/** Bakes of which no time was written take that of the formula; after the last one it cools as its kind has to. */
function mendBakes(tasks: Task[], formula: Formula, lookup: Lookup): void {
  const bakes = tasks.filter((t) => t.kind === 'bake');
  const said = formula.bake?.minutes;
  if (bakes.length === 1 && said) {
    bakes[0]!.minutes = [...said];
    bakes[0]!.basis = 'written';
  }
  for (const b of bakes) if (b.basis === 'usual') b.basis = 'guess';
  const last = bakes.at(-1);
  if (!last) return;
  const [least, most] = donenessOfBake(formula.parts, lookup).coolMin;
  const after = tasks.slice(tasks.indexOf(last) + 1).find((t) => t.kind === 'cool');
  if (after) {
    if (after.basis === 'usual') after.minutes = [least, most];
    return;
  }
  tasks.push({
    id: `t${tasks.length + 1}`, stepId: null, kind: 'cool', minutes: [least, most], basis: 'usual', stretches: true,
    handsFirst: 1, handsLast: 0, waitMost: null,
  }); // prettier-ignore
}

/** Between the last mixing and the oven nothing waits where powder or soda lift it. */
function waitLess(tasks: readonly Task[]): void {
  const at = tasks.findIndex((t) => t.kind === 'bake');
  const mixed = tasks
    .slice(0, Math.max(0, at))
    .filter((t) => t.handsFirst > 2)
    .at(-1);
  if (mixed) mixed.waitMost = GAS_WAITS;
}

/** The oven in time for what goes in first, and a lidded pot with it: no later than half an hour before. */
function withHeat(tasks: readonly Task[], formula: Formula): Task[] {
  const first = tasks.findIndex((t) => t.kind === 'bake' || t.kind === 'blind_bake');
  if (first < 0) return [...tasks];
  const ovenC = tasks[first]!.ovenC ?? formula.bake?.ovenC ?? null;
  const pot = formula.tin?.shape === 'pot' || formula.bake?.phases?.[0]?.cover === 'lid';
  const least = ovenC === null ? 25 : Math.ceil((ovenC - ROOM_C) / OVEN_GAINS / 5) * 5;
  const minutes = pot ? Math.max(POT_MIN, least) : least;
  const heat: Task = {
    id: 'heat', stepId: null, kind: pot ? 'heat_pot' : 'heat_oven', minutes: [minutes, minutes], basis: 'usual', stretches: false,
    handsFirst: 1, handsLast: 0, waitMost: HOT_WAITS, ...(ovenC === null ? {} : { ovenC }),
  }; // prettier-ignore
  return [...tasks.slice(0, first), heat, ...tasks.slice(first)];
}
