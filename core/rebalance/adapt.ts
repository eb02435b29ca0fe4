import { CLASSES, KITS, kitOfOwn, type HonestId, type Kit } from '../classes';
import { msg, type Msg } from '../explain';
import { avoidsOf, verdictFor } from '../exclusions';
import { isBeside, profileOf, reachOf, type Formula, type Line } from '../formula';
import { AVOID_IDS, EGG_GROUPS, type AvoidId, type Lookup } from '../ingredients';
import { applyEdits, spokenOf, type LineChanges, type StepEdit } from '../method';
import { withOwnWords } from '../pantry';
import { linkedOnce } from '../reading';
import { cautionsOf, closedTo, holdBack, newAllergens, profilesOf, verdictsOf } from './assemble';
import { PartBench, WORST, type Progress, type Slot, type Trial } from './bench';
import { withOpen } from './bands';
import { candidatesFor, conflictsOf, fitIn, itemsIn } from './conflicts';
import type { AdaptContext, AdaptInput, Confidence, Conflict, Option, Outcome, Solution } from './types';
import { smallestClash } from './clash';
import { STYLE_RULES, type StyleMiss } from './style';
import { otherBake } from './other';
import { hydrationOf } from './structure';
import { between, weighedOf, whyAfter, type Weighed } from './why';
import type { Choice, Variable } from './variables';

const DEFAULT_LIMIT = 4;

const FATS: readonly string[] = ['butter', 'fat_firm'];

/** What cannot be had where the egg or the firm fat that leaves is what holds the bake. */
function honestOf(choices: readonly Choice[]): HonestId[] {
  const ids = choices.flatMap(({ conflict: c, kit }) => {
    const { honest } = CLASSES[c.classId];
    if (c.role === null && c.group === 'flour' && c.avoids.includes('gluten')) return ['no_gluten' as const];
    if (c.role !== null || !honest) return [];
    if (EGG_GROUPS.includes(c.group) && honest.egg) return [honest.egg];
    // Another firm fat goes on making layers.
    const firm = kit.items.some((x) => 'id' in x.item && FIRM.includes(x.item.id));
    return FATS.includes(c.group) && honest.fat && !firm ? [honest.fat] : [];
  });
  return [...new Set(ids)];
}
const FIRM: readonly string[] = [
  'plant_block',
  'shortening',
  'coconut_oil',
  'creamed_coconut',
  'butter',
  'palm_fat',
  'lard',
];

function confidenceOf(
  trials: readonly Trial[],
  benches: readonly PartBench[],
  uncovered: readonly string[],
  widened: readonly Msg[],
  outside: readonly string[],
  honest: readonly HonestId[],
  warned: readonly Msg[],
): Confidence {
  const because: Msg[] = [...honest.map((id) => msg('honest', { id })), ...warned];
  const weak = trials
    .flatMap((t, i) => benches[i]!.choices(t.kits))
    .filter((c) => fitIn(c.kit, c.conflict) < 0.5);
  for (const c of weak) because.push(msg('confidence.weakKit', { kit: c.kit.id }));
  if (widened.length > 0) because.push(msg('confidence.widened'));
  if (uncovered.length > 0) because.push(msg('confidence.uncovered', { jobs: uncovered.join(' ') }));
  if (outside.length > 0) because.push(msg('confidence.outside', { keys: outside.join(' ') }));
  if (benches.some((b) => b.narrowed)) because.push(msg('confidence.narrowed'));
  because.push(msg('confidence.practice'));
  const level =
    weak.length > 0 || widened.length > 0 || honest.length > 0 || warned.length > 0 || uncovered.length > 3
      ? 'low'
      : uncovered.length + outside.length > 2
        ? 'fair'
        : 'good';
  return { level, because };
}

/** The wishes not met by any part, each once. */
function missesIn(trials: readonly Trial[]): StyleMiss[] {
  return STYLE_RULES.flatMap((rule) => {
    const ids = trials.flatMap((t) => t.misses.filter((m) => m.rule === rule).flatMap((m) => m.ids));
    return ids.length > 0 ? [{ rule, ids: [...new Set(ids)] }] : [];
  });
}

/** What the choices do to the lines: which leave, and what those that stay and look like what leaves are called in full. */
function changesOf(
  source: Formula,
  choices: readonly Choice[],
  avoids: readonly AvoidId[],
  lookup: Lookup,
): LineChanges {
  const leaving = new Set(choices.flatMap((c) => c.conflict.lineIds));
  const stay = source.parts.flatMap((p) => p.lines).filter((l) => !leaving.has(l.id));
  const called = new Map(
    stay.map((l) => {
      const i = lookup(l.item);
      return [
        l.id,
        i ? msg('step.called', { id: i.id }) : msg('step.called', { text: unknownName(l) }),
      ] as const;
    }),
  );
  const lined = choices.some((c) => c.conflict.role === 'release' && c.kit.items.length === 0);
  return { leaving, called, avoids, lined };
}
const unknownName = ({ item }: Line): string => (item.kind === 'unknown' ? item.text : '');

/** In a formula of several parts a change to the method says which part it is for. */
const ofPart = (edit: StepEdit, part: string): StepEdit =>
  part ? { ...edit, msg: { ...edit.msg, args: { ...edit.msg.args, part } } } : edit;

function solutionOf(
  source: Formula,
  benches: readonly PartBench[],
  trials: readonly Trial[],
  avoids: readonly AvoidId[],
  lookup: Lookup,
): Solution {
  const choices = benches.flatMap((b, i) => b.choices(trials[i]!.kits));
  const parts = trials.map((t) => t.part.part);
  // A wash has no balance to keep: it is judged by how it shines.
  const fit = trials
    .filter((t) => t.part.part.classId !== 'wash')
    .flatMap((t) => withOpen(t.fits, t.profile, reachOf(t.part.part, lookup)));
  const moves = trials.flatMap((t) => t.part.moves);
  const steps = trials.flatMap(({ part }) =>
    part.edits().map((e) => (parts.length > 1 ? ofPart(e, part.part.name) : e)),
  );
  const formula: Formula = {
    ...source,
    parts,
    method: applyEdits(
      source.method,
      steps,
      source.parts.map((p) => ({
        name: p.name,
        words: p.lines.flatMap((l) => {
          const { exact, loose } = spokenOf(lookup(l.item)?.names ?? []);
          return [...exact, ...loose];
        }),
      })),
      changesOf(source, choices, avoids, lookup),
    ),
    avoids: [...avoids],
  };
  const uncovered = [...new Set(trials.flatMap((t) => t.uncovered))];
  const widened = trials.flatMap((t) => t.solved.widened);
  const bandsWidened = widened.filter((w) => w.code !== 'widened.line');
  const score = trials[0]
    ? trials[0].score.map((s, k) => ({
        code: s.code,
        value: trials.reduce((sum, t) => sum + t.score[k]!.value, 0),
      }))
    : [];
  const outside = fit.filter((f) => f.state === 'low' || f.state === 'high').map((f) => f.key);
  const open = fit.some((f) => f.state === 'open');
  const honest = honestOf(choices);
  const warned = trials.flatMap((t) => t.warned);
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
    warned,
    misses: missesIn(trials),
    because: [],
    honest,
    holdBackG: Math.hypot(...trials.map((t) => holdBack(t.part.part, t.profile, t.part.moves, lookup))),
    confidence: open
      ? { level: 'open', because: [msg('confidence.open')] }
      : confidenceOf(trials, benches, uncovered, bandsWidened, outside, honest, warned),
  };
}

/** A trial as its place in the ranking is explained by. */
const weighed = (bench: PartBench, { score, fits, uncovered, warned, part }: Trial): Weighed => ({
  score,
  fits,
  uncovered,
  warned,
  bringsIn: newAllergens(
    part.moves.flatMap((m) => (m.op === 'add' && m.ingredientId ? [m.ingredientId] : [])),
    bench.source,
    bench.lookup,
  ).map((b) => b.avoid),
});

/** Every way at each conflict of a part, the other choices staying as in the best. */
function optionsOf(bench: PartBench, best: Trial): Option[] {
  return bench.slots.flatMap((slot, i) => {
    const trials = slot.kits.map((kit) => ({ kit, trial: bench.try(best.kits.with(i, kit)) }));
    const least = Math.min(...trials.map(({ trial }) => trial?.total ?? WORST));
    const first = trials.find(({ trial }) => trial?.total === least)?.trial;
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
      const ids = itemsIn(kit, slot.conflict).flatMap((x) => bench.lookup(x.item)?.id ?? []);
      return {
        conflictId: slot.conflict.id,
        kitId: kit.id,
        amounts,
        behind: trial ? trial.total - least : 0,
        // Against the way that is on the desk, whichever that is.
        beside:
          trial && kit.id !== best.kits[i]!.id ? between(weighed(bench, trial), weighed(bench, best)) : null,
        because: trial && first ? whyAfter(weighed(bench, trial), weighed(bench, first)) : [],
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
