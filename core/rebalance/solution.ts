import { applyEdits, spokenOf, type LineChanges, type StepEdit } from '../method';
import type { AvoidId, Lookup } from '../ingredients';
import { reachOf, type Formula, type Line, type Part } from '../formula';
import { filledIn, msg } from '../explain';
import type { PartBench } from './bench';
import { WORST, type Trial } from './trial';
import { type StyleMiss, STYLE_RULES } from './style';
import type { Choice, Variable } from './variables';
import { withOpen } from './bands';
import { limitsOf, confidenceOf } from './confidence';
import { holdBack } from './hold-back';
import type { Option, Solution } from './types';
import { verdictsOf, newAllergens, cautionsOf } from './verdicts';
import { between, whyAfter, type Weighed } from './why';
import { verdictFor } from '../exclusions';
import { itemsIn } from './conflicts';

/** The wishes not met by any part, each once. */
function missesIn(trials: readonly Trial[]): StyleMiss[] {
  return STYLE_RULES.flatMap((rule) => {
    const ids = trials.flatMap((t) => t.misses.filter((m) => m.rule === rule).flatMap((m) => m.ids));
    return ids.length > 0 ? [{ rule, ids: [...new Set(ids)] }] : [];
  });
}

/** What the choices do to the lines: which leave, and what those that stay and look like what leaves are called in full. */
export function changesOf(
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

export const unknownName = ({ item }: Line): string => (item.kind === 'unknown' ? item.text : '');
/** In a formula of several parts a change to the method says which part it is for. */
const ofPart = (edit: StepEdit, part: string): StepEdit =>
  part ? { ...edit, msg: filledIn(edit.msg, { part }) } : edit;
/** The source with its parts adapted, and its method with what the choices do to it. */
function adaptedOf(
  source: Formula,
  parts: Part[],
  steps: readonly StepEdit[],
  changes: LineChanges,
  lookup: Lookup,
): Formula {
  const words = source.parts.map((p) => ({
    name: p.name,
    words: p.lines.flatMap((l) => {
      const { exact, loose } = spokenOf(lookup(l.item)?.names ?? []);
      return [...exact, ...loose];
    }),
  }));
  const method = applyEdits(source.method, steps, words, changes);
  return { ...source, parts, method, avoids: [...changes.avoids] };
}

export function solutionOf(
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
  const changes = changesOf(source, choices, avoids, lookup);
  const formula = adaptedOf(source, parts, steps, changes, lookup);
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
  const limits = limitsOf(choices);
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
    limits,
    holdBackG: Math.hypot(...trials.map((t) => holdBack(t.part.part, t.profile, t.part.moves, lookup))),
    confidence: open
      ? { level: 'open', because: [msg('confidence.open')] }
      : confidenceOf(trials, benches, uncovered, bandsWidened, outside, limits, warned),
  };
}

/** A trial as its place in the ranking is explained by. */
export const weighed = (bench: PartBench, { score, fits, uncovered, warned, part }: Trial): Weighed => ({
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
export function optionsOf(bench: PartBench, best: Trial): Option[] {
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
        .filter(({ v }) => v.came?.kit === kit.id && v.came.for === slot.conflict.id)
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
