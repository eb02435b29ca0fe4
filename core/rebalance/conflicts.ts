import { CLASSES, doneSo, JOB_IDS, jobStrength, KITS, type JobId, type JobNeed, type Kit } from '../classes';
import { isRefused, namedFor, verdictFor } from '../exclusions';
import { doughLines, isBeside, massOf, type Line, type Part, totalMassG } from '../formula';
import { EGG_GROUPS, type AvoidId, type Ingredient, type Lookup } from '../ingredients';
import { conflictId } from './conflict-id';
import type { Conflict } from './types';

/** Grams of one egg: doses "per egg" count the mass that leaves in these. */
export const EGG_G = 50;
/** A job weaker than this share is not named. */
const FAINT = 0.08;

/** What a set of lines does of one job, summed in the job's unit. */
export function jobTotal(lines: readonly Line[], lookup: Lookup, part: Part, job: JobId): number {
  return lines.reduce((sum, l) => {
    const i = lookup(l.item);
    return i ? sum + massOf(l) * jobStrength(i, l.state, part.classId, job, l.how).value : sum;
  }, 0);
}

/** The jobs of the leaving lines in this product: the class's weight of a job times their share of it here. */
function jobsOf(lines: readonly Line[], part: Part, lookup: Lookup): JobNeed[] {
  const all = doughLines(part);
  const weights = CLASSES[part.classId].jobs;
  const needs = JOB_IDS.map((job) => {
    const total = jobTotal(all, lookup, part, job);
    const strength = total > 0 ? ((weights[job] ?? 0) * jobTotal(lines, lookup, part, job)) / total : 0;
    return { job, strength };
  });
  return needs
    .filter((n) => n.strength >= FAINT)
    .sort((a, b) => b.strength - a.strength || a.job.localeCompare(b.job));
}

/** What a thing does that is not in the dough. */
const BESIDE_JOB: Record<string, JobId> = { wash: 'glaze', dusting: 'flavour', taste: 'flavour' };

/** How most of what leaves went in, and how much of the air it can hold it was beaten to. */
function treated(lines: readonly Line[]): Pick<Conflict, 'how' | 'air'> {
  const most = lines.reduce((a, b) => (massOf(b) > massOf(a) ? b : a));
  const massG = totalMassG(lines);
  const air = massG > 0 ? lines.reduce((s, l) => s + massOf(l) * doneSo('foam', l.how), 0) / massG : 1;
  return { ...(most.how ? { how: most.how } : {}), air };
}

/** What must leave a part, line by line of a kind; a warning of traces counts where traces matter. */
export function conflictsOf(
  part: Part,
  lookup: Lookup,
  avoids: readonly AvoidId[],
  strict: readonly AvoidId[] = [],
): Conflict[] {
  const found = new Map<string, { lines: Line[]; ingredients: Ingredient[]; avoids: Set<AvoidId> }>();
  for (const line of part.lines) {
    const ingredient = lookup(line.item);
    const verdict = verdictFor(ingredient, avoids);
    if (!ingredient) continue;
    const asked = namedFor(ingredient).filter((a) => avoids.includes(a));
    if (!isRefused(verdict, strict) && asked.length === 0) continue;
    const key = conflictId(part, ingredient.group, line);
    const entry = found.get(key) ?? { lines: [], ingredients: [], avoids: new Set<AvoidId>() };
    entry.lines.push(line);
    entry.ingredients.push(ingredient);
    for (const a of [...verdict.contains, ...verdict.may.filter((m) => strict.includes(m)), ...asked])
      entry.avoids.add(a);
    found.set(key, entry);
  }
  const bowlG = totalMassG(doughLines(part));
  const sugarsG = part.lines.reduce(
    (s, l) => s + (massOf(l) * (lookup(l.item)?.per100g.sugars?.value ?? 0)) / 100,
    0,
  );
  const sweet = sugarsG > SWEET * bowlG;
  return [...found].map(([id, { lines, ingredients, avoids: hit }]) => {
    // What is in a part that is a wash is brushed on, under whatever heading.
    const role = lines[0]!.role ?? (part.classId === 'wash' ? 'wash' : null);
    const inDough = !isBeside(role);
    return {
      id,
      partId: part.id,
      classId: part.classId,
      group: ingredients[0]!.group,
      role: role === 'inclusion' ? null : role,
      lineIds: lines.map((l) => l.id),
      ingredientIds: [...new Set(ingredients.map((i) => i.id))],
      avoids: [...hit],
      asks: ingredients.every((i) => !isRefused(verdictFor(i, avoids), strict)),
      massG: lines.every((l) => l.amount.massG) ? totalMassG(lines) : null,
      ...treated(lines),
      sweet,
      eggs: bowlG > 0 ? ((totalMassG(lines) / EGG_G) * USUAL_BATCH_G) / bowlG : 0,
      jobs: inDough
        ? jobsOf(lines, part, lookup)
        : [{ job: BESIDE_JOB[role ?? ''] ?? 'release', strength: 1 }],
    };
  });
}

/** Share of sugar above which a part is sweet; where a taste of pulses has nothing to hide in; what it then suits. */
const SWEET = 1 / 12;
const TASTED: readonly string[] = ['custard', 'set', 'finish', 'meringue'];
const SAVOURY_IN_SWEET = 0.5;

/** The items of a kit that are used in a class. */
export const itemsIn = (kit: Kit, part: Pick<Part, 'classId'>): Kit['items'] =>
  kit.items.filter((i) => !i.families || i.families.includes(CLASSES[part.classId].family));

/** A usual batch, of which "best to two or three eggs" is said: so much of a part weighs, g. Common practice, no source. */
const USUAL_BATCH_G = 700;
/** So many eggs more than a way is good for take its fit away to this share; it goes down in between. */
const EGGS_OVER = 4;
const LEAST_SHARE = 0.15;

/**
 * How well a kit suits the class, 0 to 1; 0 where it must not be used. Beyond the eggs that a way is good for it suits less
 * and less, but is not refused where nothing better is. Eggs are counted in a usual batch, so that a tenfold one is the same.
 */
export function fitIn(kit: Kit, conflict: Conflict): number {
  const so = conflict.how === undefined ? 1 : (kit.caps.how?.[conflict.how] ?? 1);
  const { maxEggs, fades = EGGS_OVER, classes, fit: fits } = kit.caps;
  const { family } = CLASSES[conflict.classId];
  const tastes = kit.caps.savoury && conflict.sweet && TASTED.includes(family) ? SAVOURY_IN_SWEET : 1;
  const fit = tastes * so * (classes?.[conflict.classId] ?? fits[family] ?? 0);
  if (maxEggs === undefined || !EGG_GROUPS.includes(conflict.group)) return fit;
  const over = conflict.eggs - maxEggs - 0.2;
  return over <= 0 ? fit : fit * Math.max(LEAST_SHARE, 1 - over / fades);
}

/**
 * The kits that can stand in for a conflict and hold nothing that is excluded, by id. `closed`: groups that the formula has
 * none of and that are not to come in; a way of the baker's own may bring what it likes.
 */
export function candidatesFor(
  conflict: Conflict,
  lookup: Lookup,
  avoids: readonly AvoidId[],
  kits: readonly Kit[] = KITS,
  strict: readonly AvoidId[] = [],
  closed: readonly AvoidId[] = [],
): Kit[] {
  return kits
    .filter((kit) => kit.for.groups === 'any' || kit.for.groups.includes(conflict.group))
    .filter(
      (kit) =>
        !kit.for.ids ||
        conflict.ingredientIds.every((id) => kit.for.ids!.includes(lookup({ kind: 'ref', id })?.like ?? id)),
    )
    .filter((kit) => !kit.for.avoids || conflict.avoids.every((a) => kit.for.avoids!.includes(a)))
    .filter((kit) => !kit.for.families || kit.for.families.includes(CLASSES[conflict.classId].family))
    .filter((kit) => (kit.for.role ?? null) === conflict.role)
    .filter((kit) => fitIn(kit, conflict) > 0)
    .filter((kit) =>
      itemsIn(kit, conflict).every((i) => {
        const ingredient = lookup(i.item);
        if (ingredient === null || isRefused(verdictFor(ingredient, avoids), strict)) return false;
        if (namedFor(ingredient).some((a) => avoids.includes(a))) return false;
        return kit.basis === 'user' || closed.every((a) => ingredient.facts[a] !== 'yes');
      }),
    )
    .sort((a, b) => a.id.localeCompare(b.id));
}
