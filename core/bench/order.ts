import { isBeside, massOf, type Formula, type Line } from '../formula';
import type { Ingredient, Lookup } from '../ingredients';
import type { Action, Step } from '../method';
import { madeOf, type Take } from '../rebalance';

/** Something to put on the scale: so much of a line, into a bowl, at a step. A line that is divided is weighed at each of its steps. */
export type Weighing = {
  id: string;
  lineId: string;
  stepId: string | null;
  bowl: string;
  targetG: number;
  /** As far off as nobody notices, g. */
  toleranceG: number;
  /** The scale's step is too coarse for it: a spoon is surer. */
  bySpoon: boolean;
  /** Water of a dough of which some is kept back: poured to the mark, then by feel. */
  keepBackG: number;
};
/** What a step does with bowls: begins one, or brings others into it. `onto`: goes onto what is made, at the tin or the board. */
export type Bowl = { id: string; partId: string; from: string[]; onto?: true };
/** A version as it is weighed: everything in the order of the method, with the bowls it goes into. */
export type BenchOrder = { weighings: Weighing[]; bowls: Bowl[] };

/** Doses that a bake is sensitive to, by their group: a fortieth off is felt. Common practice, no source. */
const TIGHT: readonly string[] = ['salt', 'yeast', 'binder', 'leavener', 'acid', 'flavour'];
const TIGHT_SHARE = 0.025;
const LOOSE_SHARE = 0.015;
const LEAST_TIGHT_G = 0.1;
const LEAST_LOOSE_G = 1;
/** What one may be off by, g. */
export function toleranceOf(targetG: number, ingredient: Ingredient | null): number {
  return TIGHT.includes(ingredient?.group ?? '')
    ? Math.max(LEAST_TIGHT_G, TIGHT_SHARE * targetG)
    : Math.max(LEAST_LOOSE_G, LOOSE_SHARE * targetG);
}

/** Acts that are done in a bowl of their own, unless their step goes on in one. */
const OWN_BOWL: readonly Action['kind'][] = ['gel', 'soak', 'whisk', 'cream', 'melt', 'cook', 'boil'];
/** A step that begins by putting something in: "fold in the nuts", "add the milk". */
const PUTS_IN =
  /^(?:then |now |gently |lightly |slowly )*(?:add|(?:fold|stir|beat|mix|whisk|rub|work|knead|pour|sift|tip|drizzle|sprinkle) (?:\w+ )?in\b(?!to)|top up)/i;
/** Where it says what something goes to. */
const GOES_TO = /\b(?:in)?to (?:the|this|that) /gi;
/** Acts at the tin or the board: what they take goes onto what is made, and into no bowl of it. */
const ONTO: readonly Action['kind'][] = ['prepare', 'fill', 'wash', 'shape', 'proof', 'bake', 'cool'];
/** Acts that bring bowls together, where they take nothing themselves. */
const JOINS: readonly Action['kind'][] = ['mix', 'fold', 'whisk', 'knead'];
/** Words for all that stands there. */
const ALL_OF_IT =
  /\b(?:add and|wet|dry|everything|all (?:the|of)|both|batter|dough|mixtures?|(?<!\b(?:an?|another|separate|second|other|clean|large|big|small|mixing|mixer|own) )bowls?)\b/i;
const SMALL_G = 15;

type Asked = {
  formula: Formula;
  /** What each step takes, by its id: of the version that is baked. */
  takes: ReadonlyMap<string, readonly Take[]>;
  /** The lines that each step speaks of, by its id, whether it takes them or they went in before. */
  spoken: ReadonlyMap<string, ReadonlySet<string>>;
  lookup: Lookup;
  /** What the scale shows at the least, g. */
  scaleStepG: number;
  keepBack?: { lineId: string; massG: number } | null;
};

/** What a step takes of a line, g. */
type Share = { line: Line; stepId: string; massG: number };
/** How much of each line each step takes, g; a share that is only a word is what no figure takes, once. */
function sharesOf(formula: Formula, takes: Asked['takes']): Share[] {
  const lines = new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, l])));
  const left = new Map([...lines].map(([id, l]) => [id, l.amount.massG ? massOf(l) : 0]));
  const out: (Share & { open: boolean })[] = [];
  for (const step of formula.method)
    for (const t of step.struck ? [] : (takes.get(step.id) ?? [])) {
      const line = lines.get(t.lineId);
      if (!line) continue;
      const massG = t.massG === null ? 0 : Math.min(t.massG, left.get(t.lineId) ?? 0);
      left.set(t.lineId, (left.get(t.lineId) ?? 0) - massG);
      out.push({ line, stepId: step.id, massG, open: t.massG === null });
    }
  // "Some of the sugar": the last that says so takes what is left, the others nothing that could be weighed.
  for (const [id, massG] of left) {
    const open = out.filter((o) => o.line.id === id && o.open);
    if (open.length > 0) open.at(-1)!.massG = massG;
  }
  return out.filter((o) => o.massG > 0);
}

/**
 * Where a step goes on besides in the bowls it speaks of: in the one that was worked at last, in all that stand there, or in
 * all once its own things are together: "whisk the eggs with the milk, stir into the dry".
 */
type GoesOn = { last: boolean; all: 'first' | 'then' | null; onto: boolean };
function goesOn(step: Step, own: number): GoesOn {
  const acts = step.actions ?? [];
  const names = acts.flatMap((a) => a.names ?? []);
  const goesTo = [...step.text.matchAll(GOES_TO)].map((m) => m.index + m[0].length);
  const toThing = goesTo.some((at) => names.some((n) => n.from <= at + 1 && at < n.to));
  const putsIn = PUTS_IN.test(step.text);
  const alone = !putsIn && (acts.some((a) => OWN_BOWL.includes(a.kind)) || (step.kind === 'mix' && own > 1));
  const all = ALL_OF_IT.exec(step.text);
  const first = Math.min(...names.map((n) => n.from));
  const then = alone && own > 0 && all !== null && first < all.index;
  const taking = acts.find((a) => (a.names ?? []).length > 0);
  return {
    last: !then && !toThing && (goesTo.length > 0 || !alone),
    all: all === null ? null : then ? 'then' : 'first',
    onto: taking !== undefined && ONTO.includes(taking.kind),
  };
}

/** The table: the bowls on it, what is in each, and what is put on the scale for them. */
class Table {
  readonly bowls: Bowl[] = [];
  readonly weighings: Weighing[] = [];
  /** Bowls that stand there, the one worked at last at the end. */
  private standing: Bowl[] = [];
  /** Those that only hold something made ready. */
  private readonly aside = new Set<Bowl>();
  private readonly holds = new Map<Bowl, Set<string>>();
  constructor(private readonly asked: Pick<Asked, 'lookup' | 'scaleStepG' | 'keepBack'>) {}

  /** Begins a bowl, with what is in others. */
  begin(partId: string, from: Bowl[] = []): Bowl {
    const bowl: Bowl = { id: `b${this.bowls.length + 1}`, partId, from: from.map((b) => b.id) };
    this.bowls.push(bowl);
    this.holds.set(bowl, new Set(from.flatMap((b) => [...this.holds.get(b)!])));
    this.standing = this.standing.filter((b) => !from.includes(b));
    return bowl;
  }
  /** The bowl in which the work goes on: one that stands there, several brought together, or a new one. */
  worked(partId: string, on: Bowl[]): Bowl {
    const bowl = on.length === 1 ? on[0]! : this.begin(partId, on);
    this.standing = [...this.standing.filter((b) => b !== bowl), bowl];
    this.aside.delete(bowl);
    return bowl;
  }
  /** A bowl for something made ready, which waits until it is spoken of. */
  putAside(partId: string): Bowl {
    const bowl = this.worked(partId, []);
    this.aside.add(bowl);
    return bowl;
  }
  put(line: Line, stepId: string | null, bowl: Bowl, massG: number): void {
    const { lookup, scaleStepG, keepBack } = this.asked;
    const toleranceG = toleranceOf(massG, lookup(line.item));
    const n = this.weighings.filter((w) => w.lineId === line.id).length;
    this.holds.get(bowl)!.add(line.id);
    this.weighings.push({
      id: n === 0 ? line.id : `${line.id}#${n + 1}`,
      lineId: line.id,
      stepId,
      bowl: bowl.id,
      targetG: massG,
      toleranceG,
      bySpoon: scaleStepG > 2 * toleranceG,
      keepBackG: keepBack?.lineId === line.id ? Math.min(massG, keepBack.massG) : 0,
    });
  }
  get last(): Bowl | undefined {
    return this.standing.at(-1);
  }
  /** The bowls of a part that stand there. */
  of(partId: string): Bowl[] {
    return this.standing.filter((b) => b.partId === partId);
  }
  /** Of bowls, those that hold one of what is spoken of. */
  holding(bowls: readonly Bowl[], ids: readonly string[]): Bowl[] {
    return bowls.filter((b) => ids.some((id) => this.holds.get(b)!.has(id)));
  }
  /** The last of them that was worked at; what was only made ready was not. */
  lastWorked(bowls: readonly Bowl[], besides: readonly Bowl[]): Bowl | undefined {
    return bowls.findLast((b) => !besides.includes(b) && !this.aside.has(b));
  }
}

/** Puts what a step takes of one part where it goes, and brings together what it speaks of. */
function doStep(
  table: Table,
  step: Step,
  partId: string,
  mine: readonly Share[],
  said: ReadonlySet<string>,
  putRest: (partId: string, bowl: Bowl) => void,
): void {
  const goes = goesOn(step, mine.length);
  if (goes.onto) {
    const bowl = table.begin(partId);
    bowl.onto = true;
    for (const s of mine) table.put(s.line, step.id, bowl, s.massG);
    return;
  }
  const there = table.of(partId);
  const mineIds = new Set(mine.map((s) => s.line.id));
  const spokenOf = table.holding(
    there,
    [...said].filter((id) => !mineIds.has(id)),
  );
  const last = goes.last ? table.lastWorked(there, spokenOf) : undefined;
  const on = goes.all === 'first' ? there : [...spokenOf, ...(last ? [last] : [])];
  if (mine.length === 0 && on.length < 2) return;
  const bowl = table.worked(partId, on);
  putRest(partId, bowl);
  for (const s of mine) table.put(s.line, step.id, bowl, s.massG);
  const others = table.of(partId).filter((b) => there.includes(b) && b !== bowl);
  if (goes.all === 'then' && others.length > 0) table.worked(partId, [...others, bowl]);
}

/**
 * The order in which a version is weighed: by its method, not by its list; in one bowl small things first, where a slip can still
 * be taken out. What no step takes comes with the first bowl of its part, so that nothing is left on the table; what is only
 * sprinkled, brushed or for the tin is not weighed unless a step takes it. A step goes on in the bowl of what it speaks of, in the last where it puts something in,
 * and brings all of its part together where it says so; else it begins a bowl.
 */
export function benchOrder({ formula, takes, spoken, ...asked }: Asked): BenchOrder {
  const table = new Table(asked);
  const partOf = new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, p.id])));
  const byPart = (lines: readonly Line[]): Map<string, Line[]> => {
    const out = new Map<string, Line[]>();
    for (const l of lines) out.set(partOf.get(l.id)!, [...(out.get(partOf.get(l.id)!) ?? []), l]);
    return out;
  };
  const made = madeOf(formula);
  const isMade = new Set([...made.values()].flat());
  const shares = sharesOf(formula, takes);
  const taken = new Set(shares.map((s) => s.line.id));
  const rest = byPart(
    formula.parts.flatMap((p) =>
      p.lines.filter(
        (l) => !taken.has(l.id) && !isMade.has(l) && !isBeside(l.role) && l.amount.massG && massOf(l) > 0,
      ),
    ),
  );
  const putRest = (partId: string, bowl: Bowl): void => {
    for (const line of rest.get(partId) ?? []) table.put(line, null, bowl, massOf(line));
    rest.delete(partId);
  };
  for (const step of formula.method) {
    if (step.struck) continue;
    for (const [partId, lines] of byPart(made.get(step.id) ?? [])) {
      const bowl = table.putAside(partId);
      for (const line of lines) table.put(line, step.id, bowl, massOf(line));
    }
    const own = shares.filter((s) => s.stepId === step.id);
    const parts = new Set(own.map((s) => partOf.get(s.line.id)!));
    // "Stir the wet into the dry" takes nothing, and brings bowls together all the same.
    if (parts.size === 0 && table.last && step.actions?.some((a) => JOINS.includes(a.kind)))
      parts.add(step.actions.find((a) => a.partId !== undefined)?.partId ?? table.last.partId);
    for (const partId of parts) {
      const mine = own
        .filter((s) => partOf.get(s.line.id) === partId)
        .sort((a, b) => Number(b.massG < SMALL_G) - Number(a.massG < SMALL_G));
      doStep(table, step, partId, mine, spoken.get(step.id) ?? new Set(), putRest);
    }
  }
  for (const partId of [...rest.keys()]) putRest(partId, table.worked(partId, []));
  return { weighings: table.weighings, bowls: table.bowls };
}
