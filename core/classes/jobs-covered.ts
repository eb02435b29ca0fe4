import { INGREDIENTS, lookupReference, type Ingredient } from '../ingredients';
import { CLASSES } from './data/classes';
import { jobStrength } from './strengths';
import type { ClassId, FamilyId, JobId, Kit } from './types';

/** How much of a job a kit does at its usual dose, as a share of what the thing that leaves did; 1 is all of it. */
export type JobShare = { job: JobId; share: number };

/** A job below this in a kind of bake is not worth telling. */
const MATTERS = 0.2;
/** What the leaving thing must do of a job, per gram in the job's own unit, for it to be one of its jobs. */
const LEAST: Partial<Record<JobId, number>> = { wet: 0.1, sweeten: 0.05, shorten: 0.03, sour: 0.02 };
/** What "an egg" means in a dose, g. */
const EGG_G = 50;

/** The thing a kit is most often taken for: the first of the reference table it can stand in for. */
export function standsFor(kit: Kit): Ingredient | null {
  const { groups, ids } = kit.for;
  return (
    INGREDIENTS.find((i) => (ids ? ids.includes(i.id) : groups !== 'any' && groups.includes(i.group))) ?? null
  );
}

/** The family a kit suits best, or null where it suits none. */
export function bestFamily(kit: Kit): FamilyId | null {
  const [best] = (Object.entries(kit.caps.fit) as [FamilyId, number][])
    .filter(([, fit]) => fit > 0)
    .sort((a, b) => b[1] - a[1]);
  return best?.[0] ?? null;
}

/**
 * Which jobs of the thing that leaves a kit does in a class at its usual doses, strongest need first. Only kits dosed
 * on what leaves can be told so; those dosed on flour or liquid, and those that bring nothing, give an empty list.
 */
export function jobCoverage(kit: Kit, of: Ingredient, classId: ClassId): JobShare[] {
  const items = kit.items.filter((i) => !i.families || i.families.includes(CLASSES[classId].family));
  if (items.length === 0 || items.some((i) => i.dose.per !== 'egg' && i.dose.per !== 'g')) return [];
  const jobs = Object.entries(CLASSES[classId].jobs) as [JobId, number][];
  return jobs
    .filter(([, weight]) => weight >= MATTERS)
    .sort((a, b) => b[1] - a[1])
    .flatMap(([job]): JobShare[] => {
      const before = jobStrength(of, undefined, classId, job).value;
      if (!(before > (LEAST[job] ?? 0))) return [];
      const after = items.reduce((sum, i) => {
        const thing = lookupReference(i.item);
        const perGram = i.dose.per === 'egg' ? i.dose.usual / EGG_G : i.dose.usual;
        return thing ? sum + perGram * jobStrength(thing, i.state, classId, job).value : sum;
      }, 0);
      return [{ job, share: after / before }];
    });
}
