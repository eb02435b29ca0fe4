import type { JobId, Kit } from '../classes';
import { verdictFor } from '../exclusions';
import { doughLines, profileOf, type Formula, type Part, type Profile } from '../formula';
import type { AvoidId, Lookup } from '../ingredients';
import { assemblePart } from './assemble';
import { uncoveredJobs, cautionsIn } from './verdicts';
import { fitOf } from './bands';
import { lowerBound } from './bound';
import { fitIn, jobTotal } from './conflicts';
import { SCORE, scoreOf, widenedCost } from './score';
import { PartProgramme } from './solve';
import { missesOf, type Style } from './style';
import type { Conflict, Pins } from './types';
import type { Choice, PartSolution } from './variables';
import { newWarnings, warningsOf } from './warnings';
import { keyOf, MOST_COMBINATIONS, pick, type Slot, type Trial, WORST } from './trial';

const MAX_ROUNDS = 4;

function once<T>(work: () => T): () => T {
  let made: { value: T } | null = null;
  return () => (made ??= { value: work() }).value;
}

/** Tries choices for one part, each combination once. */
export class PartBench {
  /** Ways were too many to try every combination: the less usual ones were left aside, which is said. */
  narrowed = false;
  readonly #seen = new Map<string, Trial | null>();
  readonly watched: Set<AvoidId>;
  /** Ids of what the formula holds already. */
  readonly held: Set<string>;
  readonly #programme: PartProgramme;
  readonly #jobs = new Map<JobId, number>();
  readonly #warnedBefore = once(() => warningsOf(this.part, this.lookup));

  constructor(
    readonly part: Part,
    readonly slots: Slot[],
    readonly target: Profile,
    readonly source: Formula,
    readonly avoids: readonly AvoidId[],
    readonly lookup: Lookup,
    readonly pins: Pins | undefined,
    readonly style: Style = {},
  ) {
    this.held = new Set(source.parts.flatMap((p) => p.lines).flatMap((l) => lookup(l.item)?.id ?? []));
    this.watched = cautionsIn(source, lookup);
    this.#programme = new PartProgramme(
      part,
      slots.flatMap((s) => s.conflict.lineIds),
      target,
      lookup,
      pins,
      (i) => verdictFor(i, avoids).finding === 'no_conflict_found',
    );
  }

  choices(kits: readonly Kit[]): Choice[] {
    return this.slots.map((s, i) => ({ conflict: s.conflict, kit: kits[i]! }));
  }

  /**
   * The trial of one combination; null where no amounts meet even the widened bands. With `least`, what it costs
   * before it is solved, and `most`, it is given up as soon as it cannot cost less than that: null as well, and
   * not remembered.
   */
  try(kits: Kit[], least = 0, most = WORST): Trial | null {
    const key = keyOf(kits);
    const seen = this.#seen.get(key);
    if (seen !== undefined) return seen;
    const choices = this.choices(kits);
    const solved = this.#programme.solve(choices, most - least);
    if (!solved && most < WORST) return null;
    if (solved && most < WORST && least + this.#programme.closeness(solved) + widenedCost(solved) >= most)
      return null;
    const trial = solved && this.#assess(kits, choices, solved, most);
    this.#seen.set(key, trial);
    return trial;
  }

  #assess(kits: Kit[], choices: Choice[], solved: PartSolution, most: number): Trial {
    const part = assemblePart(
      this.part,
      choices,
      solved,
      this.#programme.besides(choices),
      this.lookup,
      this.pins?.lines,
    );
    const { target, lookup } = this;
    const own = this.part;
    const profile = once(() => profileOf(part.part, lookup));
    const fits = once(() => fitOf(own, profile(), target));
    const added = part.moves.filter((m) => m.op === 'add').map((m) => m.ingredientId!);
    const low = {
      lift: this.#programme.isLow('lift', solved),
      bind: this.#programme.isLow('bind', solved),
    };
    const uncovered = uncoveredJobs(own, part.part, choices, low, lookup, (job) => this.#before(job));
    const incoming = { kits, added: added.flatMap((id) => lookup({ kind: 'ref', id }) ?? []) };
    const score = scoreOf(this, {
      choices,
      solved,
      part: part.part,
      added,
      incoming,
      uncovered,
      closeness: this.#programme.closeness(solved),
    });
    // What is dearer than those picked already needs no warnings to stay behind.
    const warned =
      score.reduce((s, p) => s + p.value, 0) < most
        ? newWarnings(warningsOf(part.part, lookup), this.#warnedBefore())
        : [];
    score.push({ code: 'warned', value: SCORE.warned * warned.length });
    return {
      kits,
      part,
      solved,
      get profile() {
        return profile();
      },
      get fits() {
        return fits();
      },
      uncovered,
      misses: missesOf(this.style, incoming, this.held),
      warned,
      score,
      total: score.reduce((s, p) => s + p.value, 0),
    };
  }

  /** What the part does of a job as it was, worked out once. */
  #before(job: JobId): number {
    const known = this.#jobs.get(job);
    if (known !== undefined) return known;
    const total = jobTotal(doughLines(this.part), this.lookup, this.part, job);
    this.#jobs.set(job, total);
    return total;
  }

  /** What a line of the part, or of a way on offer for it, is of: its id; null where there is no such line. */
  thingOf(lineId: string): string | null {
    const there = this.part.lines.find((l) => l.id === lineId);
    if (there) return this.lookup(there.item)?.id ?? null;
    const offered = this.slots.flatMap(({ conflict, kits }) =>
      kits.flatMap((kit) => this.#programme.brings({ conflict, kit })),
    );
    return offered.find((v) => v.lineId === lineId)?.ingredient.id ?? null;
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

  /** The same bench with other things held. */
  withPins(pins: Pins): PartBench {
    return this.withSlots(this.slots, pins);
  }

  /** The same bench with other kits on offer. */
  withSlots(slots: Slot[], pins = this.pins): PartBench {
    return new PartBench(
      this.part,
      slots,
      this.target,
      this.source,
      this.avoids,
      this.lookup,
      pins,
      this.style,
    );
  }

  /** Whether any amounts meet what is held: with the most usual kits, or with one of them exchanged. */
  isFeasible(): boolean {
    const start = this.#start();
    if (this.try(start)) return true;
    return this.slots.some((s, i) => s.kits.some((k) => this.try(start.with(i, k)) !== null));
  }

  #start(): Kit[] {
    return this.slots.map((s) =>
      s.kits.reduce((a, b) => (b.usual * fitIn(b, s.conflict) > a.usual * fitIn(a, s.conflict) ? b : a)),
    );
  }

  /** What a combination costs at the least, known before it is solved. */
  bound(): (kits: readonly Kit[]) => number {
    return lowerBound(
      this.part,
      this.slots,
      this.avoids,
      this.lookup,
      this.watched,
      SCORE,
      this.style,
      this.held,
    );
  }

  /**
   * The best combinations, best first, each differing from all before it in at least two choices where there are
   * that many; fewer differ where not enough are found. Combinations are tried in the order of what they cost at
   * the least, until the next one could not come among the picked any more: so the answer is that of trying all.
   * Yields how far it is, in combinations, so that a caller can stop.
   */
  *search(limit: number): Generator<Progress, Trial[]> {
    const all = this.#combinations();
    const start = this.#start();
    this.try(start);
    this.descend(start);
    let picked = pick([...this.#seen.values()], this.slots, limit);
    let done = 0;
    for (const { kits, least } of all) {
      done += 1;
      // The last picked has to be beaten; while too few differ enough, all have to be looked at.
      if (picked.full && least >= picked.worst - 1e-9) break;
      if (this.#seen.has(keyOf(kits))) continue;
      const trial = this.try(kits, least, picked.full ? picked.worst - 1e-9 : WORST);
      yield { done, of: all.length };
      if (trial && (!picked.full || trial.total < picked.worst))
        picked = pick([...this.#seen.values()], this.slots, limit);
    }
    return picked.trials;
  }

  /** Every combination with what it costs at the least, cheapest first; ties by the ids of the kits. */
  #combinations(): { kits: Kit[]; least: number }[] {
    let made: Kit[][] = [[]];
    // With very many conflicts the rest of each list is left out, its most usual first.
    const most = Math.floor(MOST_COMBINATIONS ** (1 / Math.max(1, this.slots.length)));
    const whole = this.slots.reduce((n, s) => n * s.kits.length, 1) <= MOST_COMBINATIONS;
    this.narrowed = !whole;
    for (const s of this.slots) {
      const kits = whole
        ? s.kits
        : [...s.kits]
            .sort((a, b) => b.usual * fitIn(b, s.conflict) - a.usual * fitIn(a, s.conflict))
            .slice(0, most);
      made = made.flatMap((m) => kits.map((k) => [...m, k]));
    }
    const least = this.bound();
    return made
      .map((kits) => ({ kits, least: least(kits), key: keyOf(kits) }))
      .sort((a, b) => a.least - b.least || (a.key < b.key ? -1 : 1));
  }
}

/** Combinations tried so far, of all there are. */
export type Progress = { done: number; of: number };
