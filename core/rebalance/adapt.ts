import { kitById, type Kit } from '../classes';
import { msg, type Msg } from '../explain';
import { avoidsOf, verdictFor } from '../exclusions';
import { profileOf, type Formula, type Part, type Profile } from '../formula';
import { AVOID_IDS, type AvoidId, type Lookup } from '../ingredients';
import { applyEdits } from '../method';
import {
  assemblePart,
  cautionsOf,
  closenessOf,
  fitOf,
  holdBack,
  newAllergens,
  profilesOf,
  uncoveredJobs,
  verdictsOf,
  type AssembledPart,
} from './assemble';
import { candidatesFor, conflictsOf, fitIn, itemsIn } from './conflicts';
import { PartProgramme, type Choice, type PartSolution, type Variable } from './solve';
import type {
  AdaptContext,
  AdaptInput,
  Confidence,
  Conflict,
  Option,
  Outcome,
  ScorePart,
  Solution,
} from './types';

/** How much each side of a solution weighs against one tolerance overrun of a property of weight 1. */
const SCORE = {
  allergen: 0.5,
  unknown: 0.12,
  uncovered: 0.8,
  usual: 0.8,
  scarce: 0.15,
  widened: 2,
  lessLiquid: 0.5,
  suits: 1.5,
  watch: 0.1,
  green: 0.35,
};
const DEFAULT_LIMIT = 4;
const MAX_ROUNDS = 4;
/** Slots whose best kits (three, or two where there are many slots) are tried in all combinations. */
const MAX_CROSSED = 6;

type Slot = { conflict: Conflict; kits: Kit[] };
type Trial = {
  kits: Kit[];
  part: AssembledPart;
  solved: PartSolution;
  profile: Profile;
  score: ScorePart[];
  total: number;
};
const worse = Number.POSITIVE_INFINITY;

/** Tries choices for one part, each combination once. */
class PartBench {
  readonly #seen = new Map<string, Trial | null>();
  readonly #programme: PartProgramme;

  constructor(
    readonly part: Part,
    readonly slots: Slot[],
    readonly target: Profile,
    readonly source: Formula,
    readonly avoids: readonly AvoidId[],
    readonly lookup: Lookup,
    readonly pins: AdaptInput['pins'],
  ) {
    this.#programme = new PartProgramme(
      part,
      slots.flatMap((s) => s.conflict.lineIds),
      target,
      lookup,
      pins,
    );
  }

  choices(kits: readonly Kit[]): Choice[] {
    return this.slots.map((s, i) => ({ conflict: s.conflict, kit: kits[i]! }));
  }

  /** The trial of one combination; null where no amounts meet even the widened bands. */
  try(kits: Kit[]): Trial | null {
    const key = kits.map((k) => k.id).join('|');
    const seen = this.#seen.get(key);
    if (seen !== undefined) return seen;
    const trial = this.#run(kits);
    this.#seen.set(key, trial);
    return trial;
  }

  #run(kits: Kit[]): Trial | null {
    const choices = this.choices(kits);
    const solved = this.#programme.solve(choices);
    if (!solved) return null;
    const part = assemblePart(
      this.part,
      choices,
      solved,
      this.#programme.besides(choices),
      this.lookup,
      this.pins?.lines,
    );
    const profile = profileOf(part.part, this.lookup);
    const fits = fitOf(this.part, profile, this.target);
    const added = part.moves.filter((m) => m.op === 'add').map((m) => m.ingredientId!);
    const unknown = added.filter(
      (id) => verdictFor(this.lookup({ kind: 'ref', id }), this.avoids).finding !== 'nothing_found',
    );
    const uncovered = uncoveredJobs(this.part, part.part, choices, fits, this.lookup);
    const sum = (f: (c: Choice) => number) => choices.reduce((s, c) => s + f(c), 0);
    const score: ScorePart[] = [
      { code: 'closeness', value: closenessOf(fits) },
      { code: 'suits', value: SCORE.suits * sum((c) => 1 - fitIn(c.kit, c.conflict)) },
      { code: 'uncovered', value: SCORE.uncovered * uncovered.length },
      { code: 'allergens', value: SCORE.allergen * newAllergens(added, this.source, this.lookup).length },
      { code: 'unknown', value: SCORE.unknown * new Set(unknown).size },
      { code: 'usual', value: SCORE.usual * sum((c) => 1 - c.kit.usual) },
      { code: 'scarce', value: SCORE.scarce * sum((c) => c.kit.scarcity) },
      {
        code: 'watch',
        value: cautionsOf(kits, [part.part], this.lookup).reduce(
          (s, c) => s + (c === 'green_sunflower' ? SCORE.green : SCORE.watch),
          0,
        ),
      },
      {
        code: 'widened',
        value: solved.widened.reduce(
          (s, w) => s + (w.code === 'widened.line' ? SCORE.lessLiquid : SCORE.widened),
          0,
        ),
      },
    ];
    return { kits, part, solved, profile, score, total: score.reduce((s, p) => s + p.value, 0) };
  }

  besides(conflict: Conflict, kit: Kit) {
    return this.#programme.besides([{ conflict, kit }]);
  }

  total(kits: Kit[]): number {
    return this.try(kits)?.total ?? worse;
  }

  /** Improves one choice at a time until none gets better. Ties go to the kit first by id, so the end is the same every time. */
  descend(start: Kit[]): Kit[] {
    let at = start;
    for (let round = 0; round < MAX_ROUNDS; round++) {
      const before = at;
      this.slots.forEach((slot, i) => {
        for (const kit of slot.kits) {
          const next = at.with(i, kit);
          if (this.total(next) < this.total(at) - 1e-9) at = next;
        }
      });
      if (at === before) break;
    }
    return at;
  }

  /** The best combination, then ones that differ from all before it in what is chosen, best first. */
  best(limit: number): Trial[] {
    const start = this.slots.map((s) =>
      s.kits.reduce((a, b) => (b.usual * fitIn(b, s.conflict) > a.usual * fitIn(a, s.conflict) ? b : a)),
    );
    this.try(start);
    const first = this.descend(start);
    // Every other kit beside the best of the rest, then the few best of each slot in all combinations.
    const shortlists = this.slots.map((slot, i) =>
      [...slot.kits]
        .sort(
          (a, b) => this.total(first.with(i, a)) - this.total(first.with(i, b)) || a.id.localeCompare(b.id),
        )
        .slice(0, this.slots.filter((x) => x.kits.length > 1).length > 3 ? 2 : 3),
    );
    const widest = shortlists
      .slice(0, MAX_CROSSED)
      .reduce<Kit[][]>((made, list) => made.flatMap((m) => list.map((k) => [...m, k])), [[]]);
    for (const head of widest) this.try([...head, ...first.slice(head.length)]);
    const ranked = [...this.#seen.values()].filter((t): t is Trial => t !== null);
    ranked.sort((a, b) => a.total - b.total || keyOf(a.kits).localeCompare(keyOf(b.kits)));
    const picked: Trial[] = [];
    const apart = Math.min(2, this.slots.filter((s) => s.kits.length > 1).length);
    for (const need of [apart, 1]) {
      for (const t of ranked) {
        if (picked.length >= limit) break;
        const distance = (o: Trial) => t.kits.filter((k, i) => k !== o.kits[i]).length;
        if (picked.every((p) => distance(p) >= Math.max(1, need))) picked.push(t);
      }
    }
    return picked.sort((a, b) => a.total - b.total);
  }
}

const keyOf = (kits: readonly Kit[]): string => kits.map((k) => k.id).join('|');

function confidenceOf(
  trials: readonly Trial[],
  benches: readonly PartBench[],
  uncovered: readonly string[],
  widened: readonly Msg[],
  outside: readonly string[],
): Confidence {
  const because: Msg[] = [];
  const weak = trials
    .flatMap((t, i) => benches[i]!.choices(t.kits))
    .filter((c) => fitIn(c.kit, c.conflict) < 0.5);
  for (const c of weak) because.push(msg('confidence.weakKit', { kit: c.kit.id }));
  if (widened.length > 0) because.push(msg('confidence.widened'));
  if (uncovered.length > 0) because.push(msg('confidence.uncovered', { jobs: uncovered.join(' ') }));
  if (outside.length > 0) because.push(msg('confidence.outside', { keys: outside.join(' ') }));
  because.push(msg('confidence.practice'));
  const level =
    weak.length > 0 || widened.length > 0 || uncovered.length > 2
      ? 'low'
      : uncovered.length + outside.length > 2
        ? 'fair'
        : 'good';
  return { level, because };
}

function solutionOf(
  source: Formula,
  benches: readonly PartBench[],
  trials: readonly Trial[],
  avoids: readonly AvoidId[],
  lookup: Lookup,
): Solution {
  const choices = benches.flatMap((b, i) => b.choices(trials[i]!.kits));
  const parts = trials.map((t) => t.part.part);
  const fit = trials.flatMap((t, i) => fitOf(benches[i]!.part, t.profile, benches[i]!.target));
  const moves = trials.flatMap((t) => t.part.moves);
  const steps = trials.flatMap((t) => t.part.edits());
  const formula: Formula = {
    ...source,
    parts,
    method: applyEdits(source.method, steps),
    avoids: [...avoids],
  };
  const uncovered = [
    ...new Set(
      trials.flatMap((t, i) =>
        uncoveredJobs(
          benches[i]!.part,
          t.part.part,
          benches[i]!.choices(t.kits),
          fit.filter((f) => f.partId === t.part.part.id),
          lookup,
        ),
      ),
    ),
  ];
  const widened = trials.flatMap((t) => t.solved.widened);
  const bandsWidened = widened.filter((w) => w.code !== 'widened.line');
  const score = trials[0]
    ? trials[0].score.map((s, k) => ({
        code: s.code,
        value: trials.reduce((sum, t) => sum + t.score[k]!.value, 0),
      }))
    : [];
  const outside = fit.filter((f) => f.state !== 'inside').map((f) => f.key);
  return {
    key: choices.map((c) => `${c.conflict.id}=${c.kit.id}`).join('|') || 'as-written',
    formula,
    kits: Object.fromEntries(choices.map((c) => [c.conflict.id, c.kit.id])),
    moves,
    fit,
    profiles: Object.fromEntries(trials.map((t) => [t.part.part.id, t.profile])),
    score,
    total: trials.reduce((s, t) => s + t.total, 0),
    uncovered,
    steps,
    verdicts: verdictsOf(formula, avoids, lookup),
    bringsIn: newAllergens(
      moves.filter((m) => m.op === 'add').map((m) => m.ingredientId!),
      source,
      lookup,
    ),
    cautions: cautionsOf(
      choices.map((c) => c.kit),
      parts,
      lookup,
    ),
    widened,
    holdBackG: Math.hypot(...trials.map((t) => holdBack(t.part.part, t.profile, t.part.moves, lookup))),
    confidence: confidenceOf(trials, benches, uncovered, bandsWidened, outside),
  };
}

/** Every way at each conflict of a part, the other choices staying as in the best. */
function optionsOf(bench: PartBench, best: Trial): Option[] {
  return bench.slots.flatMap((slot, i) => {
    const trials = slot.kits.map((kit) => ({ kit, trial: bench.try(best.kits.with(i, kit)) }));
    const least = Math.min(...trials.map(({ trial }) => trial?.total ?? worse));
    const options = trials.map(({ kit, trial }): Option => {
      type Given = { v: Variable; massG: number | null };
      const inDough = (trial?.solved.variables ?? []).map((v, j): Given => ({
        v,
        massG: trial!.solved.amounts[j]!,
      }));
      const besides = bench
        .besides(slot.conflict, kit)
        .map((v): Given => ({ v, massG: v.usual > 0 ? v.usual : null }));
      const amounts = [...inDough, ...besides]
        .filter(({ v }) => v.kitId === kit.id && v.conflictId === slot.conflict.id)
        .map(({ v, massG }) => ({ lineId: v.lineId, ingredientId: v.ingredient.id, massG }));
      const ids = itemsIn(kit, slot.conflict).flatMap((x) => (x.item.kind === 'ref' ? [x.item.id] : []));
      return {
        conflictId: slot.conflict.id,
        kitId: kit.id,
        amounts,
        behind: trial ? trial.total - least : 0,
        bringsIn: newAllergens(ids, bench.source, bench.lookup).map((b) => b.avoid),
        unknown: [
          ...new Set(
            ids.flatMap((id) => verdictFor(bench.lookup({ kind: 'ref', id }), bench.avoids).unknown),
          ),
        ],
        cautions: cautionsOf([kit], [bench.part], bench.lookup),
        feasible: trial !== null,
      };
    });
    return options.sort(
      (a, b) =>
        Number(b.feasible) - Number(a.feasible) || a.behind - b.behind || a.kitId.localeCompare(b.kitId),
    );
  });
}

/**
 * Adapts a formula to what has to go: finds the conflicts, tries the kits that can cover them, solves each
 * combination for the amounts nearest to the target, and ranks whole solutions. What the formula already
 * leaves out stays out. Where a conflict has no kit, no solution is given and the need is named.
 */
export function adapt(input: AdaptInput, { lookup }: AdaptContext): Outcome {
  const { formula, pins = {}, limit = DEFAULT_LIMIT } = input;
  const wanted = new Set([...avoidsOf(input.exclude, input.oil), ...formula.avoids]);
  const avoids = AVOID_IDS.filter((a) => wanted.has(a));
  const cannot: Outcome['cannot'] = [];
  const conflicts: Conflict[] = [];
  const benches: PartBench[] = [];

  for (const part of formula.parts) {
    const found = conflictsOf(part, lookup, avoids);
    conflicts.push(...found);
    const slots = found.map((conflict): Slot => {
      const all = candidatesFor(conflict, lookup, avoids);
      const chosen = pins.kits?.[conflict.id];
      const kept = chosen ? all.filter((k) => k.id === chosen) : all;
      if (conflict.massG === null && conflict.role === null)
        cannot.push({
          need: msg('cannot.amount', { ids: conflict.ingredientIds.join(' ') }),
          clash: [conflict.id],
        });
      else if (all.length === 0)
        cannot.push({
          need: msg('cannot.noKit', {
            ids: conflict.ingredientIds.join(' '),
            jobs: conflict.jobs
              .slice(0, 3)
              .map((j) => j.job)
              .join(' '),
            classId: part.classId,
          }),
          clash: [conflict.id, ...conflict.avoids],
        });
      else if (kept.length === 0)
        cannot.push({
          need: msg('cannot.chosenKit', { kit: chosen ?? '', known: kitById(chosen ?? '') ? 1 : 0 }),
          clash: [conflict.id],
        });
      return { conflict, kits: kept };
    });
    const root = input.target?.parts.find((p) => p.id === part.id) ?? part;
    benches.push(new PartBench(part, slots, profileOf(root, lookup), formula, avoids, lookup, pins));
  }

  const outcome: Outcome = {
    avoids,
    conflicts,
    solutions: [],
    options: [],
    sourceProfiles: profilesOf(input.target ?? formula, lookup),
    cannot,
  };
  if (cannot.length > 0 || formula.parts.length === 0) return outcome;
  const perPart = benches.map((b) => b.best(limit));
  if (perPart.some((t) => t.length === 0)) {
    return { ...outcome, cannot: [{ need: msg('cannot.locks'), clash: ['wetness', 'mass', 'held'] }] };
  }
  // The best of every part together, then one part at a time exchanged for its next.
  const best = perPart.map((t) => t[0]!);
  const wholes = [best, ...perPart.flatMap((trials, i) => trials.slice(1).map((t) => best.with(i, t)))];
  const solutions = wholes.map((trials) => solutionOf(formula, benches, trials, avoids, lookup));
  solutions.sort((a, b) => a.total - b.total || a.key.localeCompare(b.key));
  return {
    ...outcome,
    solutions: solutions.slice(0, limit),
    options: benches.flatMap((b, i) => optionsOf(openBench(b, pins, avoids, lookup), best[i]!)),
  };
}

/** The same bench with every kit on offer again: a chosen kit fixes the solution, not what is shown beside it. */
function openBench(
  bench: PartBench,
  pins: NonNullable<AdaptInput['pins']>,
  avoids: readonly AvoidId[],
  lookup: Lookup,
): PartBench {
  if (!pins.kits) return bench;
  const slots = bench.slots.map((s) => ({
    conflict: s.conflict,
    kits: candidatesFor(s.conflict, lookup, avoids),
  }));
  return new PartBench(bench.part, slots, bench.target, bench.source, avoids, lookup, bench.pins);
}
