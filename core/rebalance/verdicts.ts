import { type JobId, CLASSES, BINDING, JOB_IDS, type Kit, type CautionId } from '../classes';
import { verdictFor } from '../exclusions';
import { type Formula, type Part, doughLines } from '../formula';
import { type AvoidId, idOf, type Ingredient, LABEL_ALLERGENS, type Lookup } from '../ingredients';
import { jobTotal } from './conflicts';
import type { LineVerdict } from './types';
import type { Choice } from './variables';

/** A job done less than this share of before is left uncovered. */
const UNCOVERED_BELOW = 0.6;
/** A job of the class that weighs less than this is not spoken of. */
const JOB_MATTERS = 0.4;
/** So does one that the leaving things did to less than this share, weighed by how much it matters: its loss would not show. */
const LOSS_SHOWS = 0.25;

/**
 * Jobs that matter in the class, that the leaving lines did, and that nothing does now; told whether lift or binding as a
 * whole is too low, and how much of a job there was before.
 */
export function uncoveredJobs(
  part: Part,
  adapted: Part,
  choices: readonly Choice[],
  { lift: noLift, bind: noBind }: Record<'lift' | 'bind', boolean>,
  lookup: Lookup,
  before: (job: JobId) => number,
): JobId[] {
  const weights = CLASSES[part.classId].jobs;
  const left = new Set(
    choices
      .filter((c) => c.conflict.role === null)
      .flatMap((c) => c.conflict.jobs.filter((j) => j.strength >= LOSS_SHOWS).map((j) => j.job)),
  );
  // Lift made good by powder covers foam and creamed air; binding as a whole covers its five kinds.
  const coveredElsewhere = (job: JobId) =>
    ((job === 'foam' || job === 'cream') && !noLift) ||
    (BINDING.includes(job) && !noBind && job !== 'set_hot');
  const lines = doughLines(adapted);
  return JOB_IDS.filter(
    (job) => left.has(job) && (weights[job] ?? 0) >= JOB_MATTERS && !coveredElsewhere(job),
  ).filter((job) => jobTotal(lines, lookup, adapted, job) < UNCOVERED_BELOW * before(job));
}

/** What can be said of each line against what is left out. */
export function verdictsOf(formula: Formula, avoids: readonly AvoidId[], lookup: Lookup): LineVerdict[] {
  return formula.parts.flatMap((p) =>
    p.lines.map((l) => {
      const { contains, may, unknown } = verdictFor(lookup(l.item), avoids);
      return { lineId: l.id, ingredientId: idOf(l.item), contains, may, unknown };
    }),
  );
}

/** What a swap is asked to say when it comes in: the allergens by law, and what eaters of others watch for. */
const WATCHED: readonly AvoidId[] = [...LABEL_ALLERGENS, 'coconut', 'legume', 'oats'];
/**
 * Groups that a swap does not bring into a formula that has none of them, unless the baker allows it. Soy, sesame and
 * coconut are what most stand-ins are made of: they may come in, and are said.
 */
const CLOSED: readonly AvoidId[] = LABEL_ALLERGENS.filter((a) => a !== 'soy' && a !== 'sesame');
/**
 * What an allergen that comes in costs beside one tolerance overrun: by how often those who bake so avoid it too. Common
 * practice, no source.
 */
const ALLERGEN_COST: Partial<Record<AvoidId, number>> = {
  soy: 0.3,
  sesame: 0.3,
  coconut: 0.2,
  oats: 0.2,
  legume: 0.1,
};

const OTHER_ALLERGEN = 0.8;
/** Soy, peanut and lupin are pulses, which does not cost a second time. */
const PULSES: readonly AvoidId[] = ['soy', 'peanut', 'lupin'];

/** The watched avoidances that an ingredient holds. */
export const watchedOf = (ingredient: Ingredient | null): AvoidId[] =>
  WATCHED.filter((a) => ingredient?.facts[a] === 'yes');

/** The watched avoidances that a formula holds already. */
export const cautionsIn = (source: Formula, lookup: Lookup): Set<AvoidId> =>
  new Set(
    source.parts
      .flatMap((p) => p.lines)
      .flatMap((l) => WATCHED.filter((a) => lookup(l.item)?.facts[a] === 'yes')),
  );

/** The groups that stay out of a formula. */
export function closedTo(source: Formula, lookup: Lookup, allow: readonly AvoidId[]): AvoidId[] {
  const there = cautionsIn(source, lookup);
  return CLOSED.filter((a) => !there.has(a) && !allow.includes(a));
}

export function allergenCost(avoids: readonly AvoidId[]): number {
  const pulse = avoids.some((a) => PULSES.includes(a));
  return avoids.reduce(
    (cost, a) => cost + (a === 'legume' && pulse ? 0 : (ALLERGEN_COST[a] ?? OTHER_ALLERGEN)),
    0,
  );
}

/** Allergens that come in with new lines and were in no line of the source. */
export function newAllergens(
  added: readonly string[],
  source: Formula,
  lookup: Lookup,
  before = cautionsIn(source, lookup),
): { avoid: AvoidId; ingredientId: string }[] {
  const seen = new Set<AvoidId>();
  return added.flatMap((id) => {
    const now = watchedOf(lookup({ kind: 'ref', id })).filter((a) => !before.has(a) && !seen.has(a));
    for (const avoid of now) seen.add(avoid);
    return now.map((avoid) => ({ avoid, ingredientId: id }));
  });
}

/** Cautions of the chosen kits that hold here: green only where sunflower meets soda or powder. */
export function cautionsOf(kits: readonly Kit[], parts: readonly Part[], lookup: Lookup): CautionId[] {
  const alkali = parts.some((p) => p.lines.some((l) => lookup(l.item)?.group === 'leavener'));
  const ids = new Set(kits.flatMap((k) => k.cautions));
  if (!alkali) ids.delete('green_sunflower');
  return [...ids].sort();
}
