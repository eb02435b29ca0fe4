import { isBeside, massOf, type Formula, type Line } from '../formula';
import type { Ingredient, Lookup } from '../ingredients';
import type { Action } from '../method';
import type { Take } from '../rebalance';

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
/** What a step does with bowls: begins one, or brings others into it. */
export type Bowl = { id: string; partId: string; from: string[] };
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

/** Where a step goes on in the bowl it had, whatever its verb. */
const INTO = /\b(?:into|in the|to the|together|combine|add|with the|over the|everything|all)\b/i;
/** Acts that are done in a bowl of their own, unless they go into another. */
const OWN_BOWL: readonly Action['kind'][] = ['gel', 'soak', 'whisk', 'cream', 'melt', 'cook', 'boil'];
const SMALL_G = 15;

type Asked = {
  formula: Formula;
  /** What each step takes, by its id: of the version that is baked. */
  takes: ReadonlyMap<string, readonly Take[]>;
  lookup: Lookup;
  /** What the scale shows at the least, g. */
  scaleStepG: number;
  keepBack?: { lineId: string; massG: number } | null;
};

/** How much of each line each step takes, g; a share that is only a word is what no figure takes, once. */
function sharesOf(formula: Formula, takes: Asked['takes']): { line: Line; stepId: string; massG: number }[] {
  const lines = new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, l])));
  const left = new Map([...lines].map(([id, l]) => [id, l.amount.massG ? massOf(l) : 0]));
  const out: { line: Line; stepId: string; massG: number; open: boolean }[] = [];
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
 * The order in which a version is weighed: by its method, not by its list; in one bowl small things first, where a slip can still
 * be taken out. What no step takes comes first, so that nothing is left on the table; what is only strewn, brushed or for the tin is
 * not weighed unless a step takes it.
 */
export function benchOrder({ formula, takes, lookup, scaleStepG, keepBack }: Asked): BenchOrder {
  const bowls: Bowl[] = [];
  const open = new Map<string, Bowl>();
  const begin = (partId: string, from: string[] = []): Bowl => {
    const bowl = { id: `b${bowls.length + 1}`, partId, from };
    bowls.push(bowl);
    open.set(partId, bowl);
    return bowl;
  };
  const partOf = new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, p.id])));
  const weighings: Weighing[] = [];
  const put = (line: Line, stepId: string | null, bowl: string, massG: number): void => {
    const ingredient = lookup(line.item);
    const toleranceG = toleranceOf(massG, ingredient);
    const n = weighings.filter((w) => w.lineId === line.id).length;
    weighings.push({
      id: n === 0 ? line.id : `${line.id}#${n + 1}`,
      lineId: line.id,
      stepId,
      bowl,
      targetG: massG,
      toleranceG,
      bySpoon: scaleStepG > 2 * toleranceG,
      keepBackG: keepBack?.lineId === line.id ? Math.min(massG, keepBack.massG) : 0,
    });
  };
  const shares = sharesOf(formula, takes);
  const taken = new Set(shares.map((s) => s.line.id));
  const rest = formula.parts.flatMap((p) =>
    p.lines.filter((l) => !taken.has(l.id) && !isBeside(l.role) && l.amount.massG && massOf(l) > 0),
  );
  for (const line of rest)
    put(line, null, (open.get(partOf.get(line.id)!) ?? begin(partOf.get(line.id)!)).id, massOf(line));
  for (const step of formula.method) {
    const own = shares.filter((s) => s.stepId === step.id);
    const acts = step.actions ?? [];
    for (const partId of new Set(own.map((s) => partOf.get(s.line.id)!))) {
      const now = open.get(partId);
      const alone = step.added !== undefined || acts.some((a) => OWN_BOWL.includes(a.kind));
      const goesOn = INTO.test(step.text) && step.added === undefined;
      const before = bowls.filter((b) => b.partId === partId && !bowls.some((x) => x.from.includes(b.id)));
      const bowl =
        !now || (alone && !goesOn)
          ? begin(partId)
          : // What goes on brings all bowls of its part together.
            before.length > 1
            ? begin(
                partId,
                before.map((b) => b.id),
              )
            : now;
      const sorted = [...own]
        .filter((s) => partOf.get(s.line.id) === partId)
        .sort((a, b) => Number(b.massG < SMALL_G) - Number(a.massG < SMALL_G));
      for (const s of sorted) put(s.line, step.id, bowl.id, s.massG);
    }
  }
  return { weighings, bowls };
}
