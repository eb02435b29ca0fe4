import { CLASSES, type JobId, type Kit } from '../classes';
import { verdictFor } from '../exclusions';
import { profileOf, type Formula, type Part, type Profile } from '../formula';
import type { AvoidId, Lookup } from '../ingredients';
import {
  assemblePart,
  cautionsOf,
  closenessOf,
  fitOf,
  newAllergens,
  uncoveredJobs,
  type AssembledPart,
} from './assemble';
import { fitIn } from './conflicts';
import { PartProgramme } from './solve';
import type { AdaptInput, Conflict, Fit, ScorePart } from './types';
import type { Choice, PartSolution } from './variables';

/** How much each side of a solution weighs against one tolerance overrun of a property of weight 1. */
const SCORE = {
  allergen: 0.5,
  unknown: 0.12,
  uncovered: 0.8,
  usual: 0.8,
  scarce: 0.15,
  widened: 2,
  lessLiquid: 1,
  suits: 1.5,
  watch: 0.1,
  green: 0.35,
};
const MAX_ROUNDS = 4;
/** Slots whose best kits (three, or two where there are many slots) are tried in all combinations. */
const MAX_CROSSED = 6;

export type Slot = { conflict: Conflict; kits: Kit[] };
export type Trial = {
  kits: Kit[];
  part: AssembledPart;
  solved: PartSolution;
  profile: Profile;
  fits: Fit[];
  uncovered: JobId[];
  score: ScorePart[];
  total: number;
};
export const WORST = Number.POSITIVE_INFINITY;

/** Tries choices for one part, each combination once. */
export class PartBench {
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
    const weights = CLASSES[this.part.classId].jobs;
    const sum = (f: (c: Choice) => number) => choices.reduce((s, c) => s + f(c), 0);
    const score: ScorePart[] = [
      { code: 'closeness', value: closenessOf(fits) },
      { code: 'suits', value: SCORE.suits * sum((c) => 1 - fitIn(c.kit, c.conflict)) },
      { code: 'uncovered', value: SCORE.uncovered * uncovered.reduce((s, j) => s + (weights[j] ?? 0), 0) },
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
    return {
      kits,
      part,
      solved,
      profile,
      fits,
      uncovered,
      score,
      total: score.reduce((s, p) => s + p.value, 0),
    };
  }

  besides(conflict: Conflict, kit: Kit) {
    return this.#programme.besides([{ conflict, kit }]);
  }

  total(kits: Kit[]): number {
    return this.try(kits)?.total ?? WORST;
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
