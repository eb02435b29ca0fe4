import { KITS, kitOfOwn, type Kit } from '../classes';
import { msg } from '../explain';
import { avoidsOf } from '../exclusions';
import { isBeside, profileOf } from '../formula';
import { AVOID_IDS, type AvoidId } from '../ingredients';
import { withOwnWords } from '../pantry';
import { linkedOnce } from '../reading';
import { profilesOf } from './assemble';
import { closedTo } from './verdicts';
import { PartBench, type Progress } from './bench';
import type { Slot, Trial } from './trial';
import { candidatesFor, conflictsOf } from './conflicts';
import type { AdaptContext, AdaptInput, Conflict, Outcome } from './types';
import { smallestClash } from './clash';
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
  const { pins = {}, limit = DEFAULT_LIMIT, words = [], strict = [] } = input;
  const formula = linkedOnce(input.formula, context.lookup);
  const kits = [...KITS, ...(input.own ?? []).map(kitOfOwn)];
  const lookup = withOwnWords(context.lookup, words);
  const wanted = new Set([...avoidsOf(input.exclude, input.oil, words), ...formula.avoids]);
  const avoids = AVOID_IDS.filter((a) => wanted.has(a));
  const cannot: Outcome['cannot'] = [];
  const conflicts: Conflict[] = [];
  const benches: PartBench[] = [];
  const closed = closedTo(formula, lookup, input.allow ?? []);
  const heldOut = new Set<AvoidId>();

  for (const part of formula.parts) {
    const found = conflictsOf(part, lookup, avoids, strict);
    conflicts.push(...found);
    // Sorted, so that the order of the lines changes nothing in what is worked out.
    const sorted = [...found].sort((a, b) => (a.id < b.id ? -1 : 1));
    const slots = sorted.map((conflict): Slot => {
      const open = candidatesFor(conflict, lookup, avoids, kits, strict);
      const chosen = pins.kits?.[conflict.id];
      const stay = new Set(candidatesFor(conflict, lookup, avoids, kits, strict, closed).map((k) => k.id));
      // What was chosen before stays chosen: a kept version means what it meant.
      const all = open.filter((k) => stay.has(k.id) || k.id === chosen);
      const brought = new Set(
        open
          .filter((k) => !all.includes(k))
          .flatMap((k) => k.items.flatMap((i) => closed.filter((a) => lookup(i.item)?.facts[a] === 'yes'))),
      );
      for (const a of brought) heldOut.add(a);
      const kept = chosen ? all.filter((k) => k.id === chosen) : all;
      if (conflict.massG === null && !isBeside(conflict.role))
        cannot.push({
          need: msg('cannot.amount', { ids: conflict.ingredientIds.join(' ') }),
          clash: [conflict.id],
        });
      else if (all.length === 0 && open.length > 0)
        cannot.push({
          need: msg('cannot.heldOut', {
            ids: conflict.ingredientIds.join(' '),
            avoids: [...brought].join(' '),
          }),
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
          need: msg('cannot.chosenKit', {
            kit: chosen ?? '',
            known: kits.some((k) => k.id === chosen) ? 1 : 0,
          }),
          clash: [conflict.id],
        });
      return { conflict, kits: kept };
    });
    const root = input.target?.parts.find((p) => p.id === part.id) ?? part;
    benches.push(
      new PartBench(part, slots, profileOf(root, lookup), formula, avoids, lookup, pins, input.style),
    );
  }

  const outcome: Outcome = {
    avoids,
    conflicts,
    solutions: [],
    options: [],
    sourceProfiles: profilesOf(input.target ?? formula, lookup),
    cannot,
    other: null,
    heldOut: AVOID_IDS.filter((a) => heldOut.has(a)),
  };
  if (cannot.length > 0 || formula.parts.length === 0) return outcome;
  const perPart: Trial[][] = [];
  for (const b of benches) perPart.push(yield* b.search(limit));
  const stuck = benches.filter((_b, i) => perPart[i]!.length === 0);
  if (stuck.length > 0) {
    return {
      ...outcome,
      cannot: stuck.map((b) => {
        const clash = smallestClash(b.pins ?? {}, (held) => b.withPins(held).isFeasible());
        return { need: msg('cannot.locks', { clash: clash.join(' ') }), clash };
      }),
    };
  }
  // The best of every part together, then one part at a time exchanged for its next.
  const best = perPart.map((t) => t[0]!);
  const wholes = [best, ...perPart.flatMap((trials, i) => trials.slice(1).map((t) => best.with(i, t)))];
  const solutions = wholes.map((trials) => solutionOf(formula, benches, trials, avoids, lookup));
  solutions.sort((a, b) => a.total - b.total || a.key.localeCompare(b.key));
  const told = solutions
    .slice(0, limit)
    .map((s, i) => (i === 0 ? s : { ...s, because: whyAfter(weighedOf(s), weighedOf(solutions[0]!)) }));
  const other =
    input.options === false
      ? null
      : yield* otherBread({ ...input, formula }, otherBake(formula, conflicts, lookup), context);
  return {
    ...outcome,
    other,
    solutions: told,
    options:
      input.options === false
        ? []
        : benches.flatMap((b, i) => optionsOf(openBench(b, pins, kits, strict, closed), best[i]!)),
  };
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

/** The same bench with every kit on offer again: a chosen kit fixes the solution, not what is shown beside it. */
function openBench(
  bench: PartBench,
  pins: NonNullable<AdaptInput['pins']>,
  kits: readonly Kit[],
  strict: readonly AvoidId[],
  closed: readonly AvoidId[],
): PartBench {
  if (!pins.kits) return bench;
  const slots = bench.slots.map((s) => {
    const all = candidatesFor(s.conflict, bench.lookup, bench.avoids, kits, strict, closed);
    const chosen = s.kits.filter((k) => !all.some((a) => a.id === k.id));
    return { conflict: s.conflict, kits: [...all, ...chosen].sort((a, b) => a.id.localeCompare(b.id)) };
  });
  return bench.withSlots(slots);
}
