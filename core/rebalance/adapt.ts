import { KITS, kitOfOwn, type ClassId, type Kit } from '../classes';
import { msg, type Msg } from '../explain';
import { avoidsOf } from '../exclusions';
import { isBeside, profileOf, type Part } from '../formula';
import { AVOID_IDS, type AvoidId, type Lookup } from '../ingredients';
import { withOwnWords } from '../pantry';
import { linkedOnce } from '../reading';
import { profilesOf } from './assemble';
import { closedTo } from './verdicts';
import { PartBench, type Progress } from './bench';
import type { Slot, Trial } from './trial';
import { candidatesFor, conflictsOf } from './conflicts';
import type { AdaptContext, AdaptInput, Conflict, Outcome, Pins } from './types';
import { smallestClash } from './clash';
import { withStillNamed } from './still-named';
import { otherBake } from './other';
import { hydrationOf } from './structure';
import { weighedOf, whyAfter } from './why';
import { optionsOf, solutionOf } from './solution';

const DEFAULT_LIMIT = 4;

/**
 * Adapts a formula to what has to go: finds the conflicts, tries the kits that can cover them, solves each
 * combination for the amounts nearest to the target, and ranks whole solutions. What the formula already
 * leaves out stays out. Where a conflict has no kit, no solution is given and the need is named. Yields after each combination, so that long work shows progress and can be stopped.
 */
export function* adaptSteps(input: AdaptInput, context: AdaptContext): Generator<Progress, Outcome> {
  const { limit = DEFAULT_LIMIT } = input;
  const formula = linkedOnce(input.formula, context.lookup);
  const offer = new Offer({ ...input, formula }, context);
  const { avoids, lookup } = offer;
  const benches = formula.parts.map((part) => offer.bench(part));
  const outcome: Outcome = {
    avoids,
    conflicts: offer.conflicts,
    solutions: [],
    options: [],
    sourceProfiles: profilesOf(input.target ?? formula, lookup),
    cannot: offer.cannot,
    other: null,
    heldOut: AVOID_IDS.filter((a) => offer.heldOut.has(a)),
  };
  if (outcome.cannot.length > 0 || formula.parts.length === 0) return outcome;
  const perPart: Trial[][] = [];
  for (const b of benches) perPart.push(yield* b.search(limit));
  const stuck = benches.filter((_b, i) => perPart[i]!.length === 0);
  if (stuck.length > 0) return { ...outcome, cannot: stuck.map(clashOf) };
  // The best of every part together, then one part at a time exchanged for its next.
  const best = perPart.map((t) => t[0]!);
  const wholes = [best, ...perPart.flatMap((trials, i) => trials.slice(1).map((t) => best.with(i, t)))];
  const solutions = wholes.map((trials) => solutionOf(formula, benches, trials, avoids, lookup));
  solutions.sort((a, b) => a.total - b.total || a.key.localeCompare(b.key));
  const told = solutions.slice(0, limit).map((s, i) => ({
    ...s,
    formula: { ...s.formula, method: withStillNamed(s.formula, lookup) },
    ...(i === 0 ? {} : { because: whyAfter(weighedOf(s), weighedOf(solutions[0]!)) }),
  }));
  if (input.options === false) return { ...outcome, solutions: told };
  const other = yield* otherBread(
    { ...input, formula },
    otherBake(formula, offer.conflicts, lookup),
    context,
  );
  const options = benches.flatMap((b, i) => optionsOf(offer.openBench(b), best[i]!));
  return { ...outcome, other, solutions: told, options };
}

/** The fewest of the things held that together leave no answer. */
function clashOf(bench: PartBench): Outcome['cannot'][number] {
  const feasible = (held: Pins): boolean => bench.withPins(held).isFeasible();
  const clash = smallestClash(bench.pins ?? {}, feasible, (id) => bench.thingOf(id));
  return { need: msg('cannot.locks', { held: clash.map((g) => g.is) }), clash: clash.map((g) => g.name) };
}

/** What is on offer for each conflict of a formula, and what cannot be met. */
class Offer {
  readonly avoids: AvoidId[];
  readonly lookup: Lookup;
  readonly conflicts: Conflict[] = [];
  readonly cannot: Outcome['cannot'] = [];
  /** Groups that the formula has none of and that would have to come in for a way that is held back. */
  readonly heldOut = new Set<AvoidId>();
  readonly #input: AdaptInput;
  readonly #kits: readonly Kit[];
  readonly #closed: readonly AvoidId[];
  readonly #pins: NonNullable<AdaptInput['pins']>;
  readonly #strict: readonly AvoidId[];

  constructor(input: AdaptInput, context: AdaptContext) {
    const { formula, words = [] } = input;
    this.#input = input;
    this.#pins = input.pins ?? {};
    this.#strict = input.strict ?? [];
    this.#kits = [...KITS, ...(input.own ?? []).map(kitOfOwn)];
    this.lookup = withOwnWords(context.lookup, words);
    const wanted = new Set([...avoidsOf(input.exclude, input.oil, words), ...formula.avoids]);
    this.avoids = AVOID_IDS.filter((a) => wanted.has(a));
    this.#closed = closedTo(formula, this.lookup, input.allow ?? []);
  }

  /** The bench of a part; its conflicts, and what cannot be met of them, are noted. */
  bench(part: Part): PartBench {
    const { formula, target, style } = this.#input;
    const found = conflictsOf(part, this.lookup, this.avoids, this.#strict);
    this.conflicts.push(...found);
    // Sorted, so that the order of the lines changes nothing in what is worked out.
    const sorted = [...found].sort((a, b) => (a.id < b.id ? -1 : 1));
    const slots = sorted.map((conflict) => this.#slot(conflict, part.classId));
    const root = profileOf(target?.parts.find((p) => p.id === part.id) ?? part, this.lookup);
    return new PartBench(part, slots, root, formula, this.avoids, this.lookup, this.#pins, style);
  }

  /** The same bench with every kit on offer again: a chosen kit fixes the solution, not what is shown beside it. */
  openBench(bench: PartBench): PartBench {
    if (!this.#pins.kits) return bench;
    const slots = bench.slots.map(({ conflict, kits }) => {
      const all = this.#candidates(conflict, this.#closed);
      const chosen = kits.filter((k) => !all.some((a) => a.id === k.id));
      return { conflict, kits: [...all, ...chosen].sort((a, b) => a.id.localeCompare(b.id)) };
    });
    return bench.withSlots(slots);
  }

  #candidates(conflict: Conflict, closed?: readonly AvoidId[]): Kit[] {
    return candidatesFor(conflict, this.lookup, this.avoids, this.#kits, this.#strict, closed);
  }

  #slot(conflict: Conflict, classId: ClassId): Slot {
    const open = this.#candidates(conflict);
    const chosen = this.#pins.kits?.[conflict.id];
    const stay = new Set(this.#candidates(conflict, this.#closed).map((k) => k.id));
    // What was chosen before stays chosen: a kept version means what it meant.
    const all = open.filter((k) => stay.has(k.id) || k.id === chosen);
    const gone = open.filter((k) => !all.includes(k)).flatMap((k) => k.items);
    const brought = new Set(
      gone.flatMap((i) => this.#closed.filter((a) => this.lookup(i.item)?.facts[a] === 'yes')),
    );
    for (const a of brought) this.heldOut.add(a);
    const kits = chosen ? all.filter((k) => k.id === chosen) : all;
    const ids = conflict.ingredientIds;
    const jobs = conflict.jobs.slice(0, 3).map((j) => j.job);
    if (conflict.massG === null && !isBeside(conflict.role))
      this.#lacks(msg('cannot.amount', { ids }), conflict.id);
    else if (all.length === 0 && open.length > 0)
      this.#lacks(msg('cannot.heldOut', { ids, avoids: [...brought] }), conflict.id);
    else if (all.length === 0)
      this.#lacks(msg('cannot.noKit', { ids, jobs, classId }), conflict.id, ...conflict.avoids);
    else if (kits.length === 0) {
      const known = this.#kits.some((k) => k.id === chosen);
      this.#lacks(msg('cannot.chosenKit', { kit: chosen ?? '', known }), conflict.id);
    }
    return { conflict, kits };
  }

  #lacks(need: Msg, ...clash: string[]): void {
    this.cannot.push({ need, clash });
  }
}

/** The other bread, without what else has to go; null where it is none, or has no answer of its own. */
function* otherBread(
  input: AdaptInput,
  bread: ReturnType<typeof otherBake>,
  context: AdaptContext,
): Generator<Progress, Outcome['other']> {
  if (!bread) return null;
  const { pins: _pins, target: _target, ...asked } = input;
  const { solutions } = yield* adaptSteps(
    { ...asked, formula: bread.formula, limit: 1, options: false },
    context,
  );
  const made = solutions[0]?.formula;
  const hydration = made && hydrationOf(made, context.lookup);
  return made && hydration ? { kind: bread.kind, formula: made, hydration } : null;
}

/** Does work that comes in steps to its end, without a pause. */
export function finish<R>(steps: Generator<unknown, R>): R {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** Adapts without a pause; see `adaptSteps`. */
export const adapt = (input: AdaptInput, context: AdaptContext): Outcome =>
  finish(adaptSteps(input, context));
