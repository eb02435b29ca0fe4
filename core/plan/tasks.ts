import { argOf } from '../explain';
import { doughLines, piecesOf, type Formula } from '../formula';
import type { Lookup } from '../ingredients';
import { isYeasted } from '../leavening';
import type { Action, ActionKind, Step } from '../method';
import { linkedOnce } from '../reading';
import { mendBakes, mendProof } from './mend';
import { Row, type DurationBasis, type Task, type TaskKind, type OwnTimes } from './row';

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
/** What is baked comes out when it is done. */
const OUT_WAITS = 5;
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
  bake: { minutes: [30, 45], stretches: false, waitMost: OUT_WAITS },
  cool: { minutes: [30, 60], stretches: true, waitMost: null },
};
/** A night, where "overnight" is all that is said. */
const OVERNIGHT: [number, number] = [480, 840];
/** What the list says of a soak, where the method does not. */
const IN_ROW = /\bsoaked\b[^.]*\b(?:overnight|\d+\s*(?:h|hours?))\b/i;
const HOURS = /\bsoaked\D{0,12}(\d{1,2})\s*(?:h|hours?)\b/i;
/** A batter with soda or powder loses its gas while it waits; a foam its air. Common practice, no source. */
const GAS_WAITS = 15;
/** A method that feeds its starter itself. */
const FEEDS = /\b(?:feed|refresh)\b|\bbuild the (?:levain|starter)\b/i;
const ROOM_C = 20;
/** A tin is greased or lined in so many min. Common practice, no source. */
const LINING_MIN = 4;
/** Butter that is to be creamed is out so long before; a starter is fed so long before it is used. Common practice, no source. */
const SOFTENS: [number, number] = [60, 240];
const FED: [number, number] = [480, 720];
/** What has to be frozen or well chilled when it goes in is put there so long before. Common practice, no source. */
const FREEZES: [number, number] = [90, 2880];
const CHILLS: [number, number] = [45, 2880];
const COLD_GROUPS: readonly string[] = [
  'butter',
  'fat_firm',
  'water',
  'milk',
  'cream',
  'plant_cream',
  'plant_drink',
];
const FROZEN_IN_ROW = /\bfrozen\b/i;
const CHILLED_IN_ROW = /\b(?:iced?|ice[- ]cold|(?:very|well|really) (?:cold|chilled)|chilled)\b/i;
/** An oven gains so many °C a minute; a pot is heated with it for so long. Common practice, no source. */
const OVEN_GAINS = 8;
const POT_MIN = 30;
/** A hot oven may stand ready so long. */
const HOT_WAITS = 20;

const isAlone = (kind: TaskKind): boolean => kind in BY_ITSELF;

function lengthOf(a: Action): { minutes: [number, number]; basis: DurationBasis } {
  const usual = BY_ITSELF[a.kind]?.minutes ?? [0, 0];
  if (a.minutes) return { minutes: a.minutes, basis: 'written' };
  if (a.overnight) return { minutes: OVERNIGHT, basis: 'written' };
  return { minutes: usual, basis: 'usual' };
}

/** How long a way's own step waits, min: a gel is told so. */
const waitOf = ({ added }: Step): number | null => (added && argOf(added, 'wait')) ?? null;

/**
 * A version as tasks, in the order of its method: acts done by hand are one task a step, what goes on by itself stands alone.
 * The oven is heated before the first bake, a lidded pot with it; a starter is fed and butter is out in time. What the method
 * does not say is usual, and said to be. Bakes and rises take as long as they were timed to in this kitchen.
 */
export function tasksOf(version: Formula, lookup: Lookup, own: OwnTimes = {}): Task[] {
  const formula = linkedOnce(version, lookup);
  const row = new Row();
  const pieces = piecesOf(formula) ?? 1;
  beforeAll(row, formula, lookup);
  for (const step of formula.method) {
    if (step.struck) continue;
    if (step.added) putAdded(row, step);
    else
      for (const a of step.actions ?? [])
        putAct(row, step, a, { pieces, partId: partOf(a, formula), bakeC: formula.bake?.ovenC ?? undefined });
  }
  mendProof(row, formula, lookup, own);
  mendBakes(row, formula, lookup, own);
  const lifted = formula.parts.some((p) => doughLines(p).some((l) => lookup(l.item)?.group === 'leavener'));
  if (lifted && !formula.parts.some((p) => isYeasted(p, lookup))) waitLess(row.tasks);
  return withHeat(withLining(row.tasks, formula), formula);
}

/** What is begun long before the first step: a soak that the list tells of, the starter, butter for creaming, what is to be
 * ice-cold. */
function beforeAll(row: Row, formula: Formula, lookup: Lookup): void {
  if (formula.method.length === 0) return;
  const lines = formula.parts.flatMap((p) => p.lines);
  const does = (kind: ActionKind): boolean =>
    formula.method.some((s) => !s.struck && s.actions?.some((a) => a.kind === kind));
  const soaked = lines.find((l) => l.uptake ?? IN_ROW.test(l.amount.written));
  if (soaked && !does('soak')) {
    const hours = HOURS.exec(soaked.amount.written)?.[1];
    const minutes: [number, number] = hours ? [60 * Number(hours), 60 * Number(hours) + 240] : OVERNIGHT;
    row.put({ kind: 'soak', minutes, basis: 'written', stretches: true, handsFirst: 2, waitMost: 240 });
  }
  const group = (l: (typeof lines)[number]) => lookup(l.item)?.group;
  if (lines.some((l) => group(l) === 'starter') && !formula.method.some((s) => FEEDS.test(s.text)))
    row.put({ kind: 'feed', minutes: FED, basis: 'usual', stretches: true, handsFirst: 5, waitMost: 120 });
  const isCold = (said: RegExp) =>
    lines.some((l) => COLD_GROUPS.includes(group(l) ?? '') && said.test(l.amount.written));
  const frozen = isCold(FROZEN_IN_ROW);
  if (frozen || isCold(CHILLED_IN_ROW))
    row.put({
      kind: 'cold',
      minutes: frozen ? FREEZES : CHILLS,
      basis: 'usual',
      stretches: true,
      handsFirst: 1,
      waitMost: null,
      place: frozen ? 'freezer' : 'fridge',
    });
  if (does('cream') && lines.some((l) => group(l) === 'butter'))
    row.put({
      kind: 'soften',
      minutes: SOFTENS,
      basis: 'usual',
      stretches: true,
      handsFirst: 1,
      waitMost: 60,
    });
}

/** A step that a swap brings in: a few minutes by hand, and the rest it asks for. */
function putAdded(row: Row, step: Step): void {
  const wait = waitOf(step);
  byHand(row, step, step.kind === 'gel' ? 'gel' : 'mix', 4, 'way');
  if (wait)
    row.put({
      stepId: step.id,
      kind: 'rest',
      minutes: [wait, Math.max(wait, 60)],
      basis: 'way',
      stretches: true,
      waitMost: 1440,
    });
}

/** Work by hand: what one step tells of is done in one go. */
function byHand(
  row: Row,
  step: Step,
  kind: ActionKind,
  minutes: number,
  basis: DurationBasis,
  partId?: string,
): void {
  const last = row.tasks.at(-1);
  if (last && last.stepId === step.id && !isAlone(last.kind)) {
    last.minutes = [last.minutes[0] + minutes, last.minutes[1] + minutes];
    last.handsFirst += minutes;
    // What goes into the tin and has something on top is called by the tin.
    if (last.kind !== 'fill' || kind !== 'wash') last.kind = kind;
    return;
  }
  row.put({ stepId: step.id, kind, minutes: [minutes, minutes], basis, handsFirst: minutes }, partId);
}

/** The one part an act is of; undefined where it takes of several, or of what was made of another. */
function partOf(a: Action, formula: Formula): string | undefined {
  const lines = new Set(a.names?.flatMap((n) => n.lineIds));
  const parts = new Set(formula.parts.filter((p) => p.lines.some((l) => lines.has(l.id))).map((p) => p.id));
  return [...parts].some((id) => id !== a.partId) ? undefined : a.partId;
}

function putAct(
  row: Row,
  step: Step,
  a: Action,
  { pieces, partId, bakeC }: { pieces: number; partId: string | undefined; bakeC: number | undefined },
): void {
  if (a.kind === 'preheat' || a.kind === 'other') return;
  const alone = BY_ITSELF[a.kind];
  if (!alone) {
    const shaped = a.kind === 'shape' || a.kind === 'divide' ? PER_PIECE * (pieces - 1) : 0;
    const minutes = a.minutes?.[1] ?? (BY_HAND[a.kind] ?? 3) + shaped;
    byHand(row, step, a.kind, minutes, a.minutes ? 'written' : 'usual', partId);
    return;
  }
  const isBake = a.kind === 'bake' || a.kind === 'blind_bake';
  // Where its step does not say how hot, it bakes as hot as the formula does.
  const ovenC = (a.tempOf === 'oven' ? a.tempC : undefined) ?? (isBake ? bakeC : undefined);
  row.put(
    {
      stepId: step.id,
      kind: a.kind,
      ...lengthOf(a),
      // A written soak is at least that; a written proof or bake is that.
      stretches:
        alone.stretches && (a.kind === 'soak' || a.kind === 'chill' || a.overnight === true || !a.minutes),
      handsFirst: isBake ? 2 : 1,
      handsLast: isBake ? 3 : 0,
      waitMost: alone.waitMost,
      ...(ovenC === undefined ? {} : { ovenC }),
      ...(a.place ? { place: a.place } : {}),
    },
    partId,
  );
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

/** A tin is lined before it is filled, where the method does not say so; a pot is not. */
function withLining(tasks: readonly Task[], { tin, method }: Formula): Task[] {
  const said = method.some((s) => !s.struck && s.actions?.some((a) => a.kind === 'prepare'));
  // Work by hand is called by its last act: the step tells whether it fills the tin.
  const fills = new Set(method.filter((s) => s.actions?.some((a) => a.kind === 'fill')).map((s) => s.id));
  const into = tasks.findIndex(
    (t) => t.kind === 'bake' || (t.stepId !== null && fills.has(t.stepId) && !isAlone(t.kind)),
  );
  if (!tin || tin.shape === 'pot' || said || into < 0) return [...tasks];
  const line = new Row().put({
    kind: 'line',
    minutes: [LINING_MIN, LINING_MIN],
    basis: 'usual',
    handsFirst: LINING_MIN,
  });
  line.id = 'line';
  const filled = tasks[into]!;
  return [
    ...tasks.slice(0, into),
    line,
    { ...filled, after: [...filled.after, line.id] },
    ...tasks.slice(into + 1),
  ];
}

/** The oven in time for what goes in first, and a lidded pot with it: no later than half an hour before. */
function withHeat(tasks: readonly Task[], formula: Formula): Task[] {
  const first = tasks.findIndex((t) => t.kind === 'bake' || t.kind === 'blind_bake');
  const bake = tasks[first];
  if (!bake) return [...tasks];
  const ovenC = bake.ovenC ?? null;
  const pot = formula.tin?.shape === 'pot' || formula.bake?.phases?.[0]?.cover === 'lid';
  const least = ovenC === null ? 25 : Math.ceil((ovenC - ROOM_C) / OVEN_GAINS / 5) * 5;
  const minutes = pot ? Math.max(POT_MIN, least) : least;
  const heat = new Row().put({
    kind: pot ? 'heat_pot' : 'heat_oven',
    minutes: [minutes, minutes],
    basis: 'usual',
    handsFirst: 1,
    waitMost: HOT_WAITS,
    ...(ovenC === null ? {} : { ovenC }),
  });
  heat.id = 'heat';
  bake.after = [...bake.after, heat.id];
  return [...tasks.slice(0, first), heat, ...tasks.slice(first)];
}
