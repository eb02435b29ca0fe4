import { BINDING, CLASSES, JOB_IDS, type CautionId, type JobId, type Kit } from '../classes';
import { msg } from '../explain';
import { verdictFor } from '../exclusions';
import {
  derivedAmount,
  doughLines,
  isBeside,
  massOf,
  profileOf,
  totalMassG,
  type Formula,
  type Line,
  type Part,
  type Profile,
} from '../formula';
import { idOf, LABEL_ALLERGENS, refTo, type AvoidId, type Ingredient, type Lookup } from '../ingredients';
import { spokenOf, type StepEdit, type StepKind } from '../method';
import { cameIn, conflictOf } from './conflict-id';
import { jobTotal } from './conflicts';
import type { LineVerdict, Move } from './types';
import { evensLineId, waterLineId, type Choice, type PartSolution, type Variable } from './variables';

/** Below this an added amount is rounding: no line is made of it. */
const NOTHING_G = 1e-6;
/** Water that only evens out is left away below this share of the part: no scale shows it. */
const NO_WATER = 2e-4;
/** An amount that may also be nothing, and would be a line of its own, is left away below this share: half a gram a kilogram. */
const NO_LINE = 5e-4;
/** A job done less than this share of before is left uncovered. */
const UNCOVERED_BELOW = 0.6;
/** A job of the class that weighs less than this is not spoken of. */
const JOB_MATTERS = 0.4;
/** So does one that the leaving things did to less than this share, weighed by how much it matters: its loss would not show. */
const LOSS_SHOWS = 0.25;

/** `edits` are worked out when asked for: only the solutions that are shown need them. */
export type AssembledPart = { part: Part; moves: Move[]; edits: () => StepEdit[] };

/** The adapted part: kit lines stand where the line they replace stood, joined amounts in the line they join. */
export function assemblePart(
  part: Part,
  choices: readonly Choice[],
  solved: PartSolution,
  offDough: readonly Variable[],
  lookup: Lookup,
  held: Record<string, number> = {},
): AssembledPart {
  const partG = totalMassG(part.lines);
  const leastG = (v: Variable): number =>
    !v.kitId ? NO_WATER * partG : v.lo === 0 && !v.joins ? NO_LINE * partG : NOTHING_G;
  const all = [
    ...solved.variables.map((v, j) => ({ v, massG: solved.amounts[j]! })),
    ...offDough.map((v) => ({ v, massG: v.usual > 0 ? v.usual : null })),
  ].filter(({ v, massG }) => massG === null || Math.abs(massG) > leastG(v));
  const choiceOf = new Map(choices.flatMap((c) => c.conflict.lineIds.map((id) => [id, c] as const)));
  const moves: Move[] = [];
  const lines: Line[] = [];
  const placed = new Set<string>();

  const place = (entry: (typeof all)[number], role: Line['role']) => {
    const { v, massG } = entry;
    lines.push({
      id: v.lineId,
      item: refTo(v.ingredient),
      amount:
        massG === null ? { massG: null, written: '', confidence: 1, reading: [] } : derivedAmount(massG),
      ...(role ? { role } : {}),
      ...(v.state ? { state: v.state } : {}),
    });
    moves.push({
      op: 'add',
      lineId: v.lineId,
      ingredientId: v.ingredient.id,
      ...(v.kitId && v.conflictId ? { kitId: v.kitId, conflictId: v.conflictId } : {}),
      fromG: 0,
      toG: massG,
      reason: v.kitId ? msg('move.kit', { kit: v.kitId }) : msg(`move.${v.evens ?? 'water'}`),
    });
  };

  const salt = saltOff(part, choices, all, held, lookup);
  for (const line of part.lines) {
    const choice = choiceOf.get(line.id);
    const ingredientId = idOf(line.item);
    const fromG = line.amount.massG?.value ?? null;
    if (choice) {
      moves.push({
        op: 'drop',
        lineId: line.id,
        ingredientId,
        conflictId: choice.conflict.id,
        fromG,
        toG: 0,
        reason: msg('move.drop', { avoids: choice.conflict.avoids.join(' ') }),
      });
      if (placed.has(choice.conflict.id)) continue;
      placed.add(choice.conflict.id);
      const role = line.role === 'inclusion' ? 'inclusion' : (choice.conflict.role ?? undefined);
      for (const entry of all)
        if (entry.v.conflictId === choice.conflict.id && !entry.v.joins) place(entry, role);
      continue;
    }
    const joining = all.filter(({ v }) => v.joins === line.id);
    const heldG = held[line.id];
    const added = joining.reduce((s, { massG }) => s + (massG ?? 0), 0);
    const less = salt?.lineId === line.id ? salt.massG : 0;
    if (joining.length === 0 && heldG === undefined && less === 0) {
      lines.push(line);
      moves.push({ op: 'keep', lineId: line.id, ingredientId, fromG, toG: fromG, reason: msg('move.keep') });
      continue;
    }
    const toG = (heldG ?? massOf(line)) + added - less;
    lines.push({
      ...line,
      amount: { ...line.amount, massG: { ...line.amount.massG, value: toG, basis: 'derived' } },
    });
    const kit = joining.find(({ v }) => v.kitId)?.v.kitId;
    moves.push({
      op: 'scale',
      lineId: line.id,
      ingredientId,
      fromG,
      toG,
      reason: kit
        ? msg('move.joined', { kit, addedG: added })
        : heldG !== undefined
          ? msg('move.held')
          : less > 0
            ? msg('move.lessSalt')
            : msg(toG < (fromG ?? 0) ? 'move.lessLiquid' : `move.${joining[0]?.v.evens ?? 'water'}`),
    });
  }
  for (const entry of all)
    if (entry.v.conflictId === null && !entry.v.joins && !pouredIn(entry, all, lines, moves, partG))
      place(entry, undefined);
  shareLines(lines, moves, held);

  return {
    part: { ...part, lines },
    moves,
    edits: () => [
      ...editsOf(choices, all, part, lookup),
      ...lines.flatMap((line) => eveningStep(line, part, lookup)),
    ],
  };
}
/**
 * The step of a line that came for no one thing: what is poured goes in before what else is poured, a binder with the dry
 * things. None for other lines.
 */
function eveningStep(line: Line, part: Part, lookup: Lookup): StepEdit[] {
  const pours = line.id === waterLineId(part) || line.id === evensLineId(part, 'acid');
  if (!pours && line.id !== evensLineId(part, 'bind')) return [];
  return [
    {
      op: 'insert',
      before: ['mix', 'whisk', 'knead', 'fold'],
      kind: 'mix',
      msg: msg(pours ? 'step.pour' : 'step.intoDry', { n1: idOf(line.item) ?? '', g1: massOf(line) }),
      lineIds: part.lines
        .filter((l) => (pours ? POURED.includes(lookup(l.item)?.group ?? '') : lookup(l.item)?.flour))
        .map((l) => l.id),
    },
  ];
}

/** More salt than this share of a part comes off the salt, as far as this share of that; less is not tasted. Common practice. */
const SALT_TOLD = 6e-4;
const MOST_SALT = 0.8;
const PURE_SALT = 90;
/** What a salted thing brings more than what left comes off the salt line, where there is one that is not held. */
function saltOff(
  part: Part,
  choices: readonly Choice[],
  all: readonly { v: Pick<Variable, 'ingredient'>; massG: number | null }[],
  held: Record<string, number>,
  lookup: Lookup,
): { lineId: string; massG: number } | null {
  const leaving = new Set(choices.filter((c) => c.conflict.role === null).flatMap((c) => c.conflict.lineIds));
  const share = (i: Ingredient | null): number => (i?.per100g.salt?.value ?? 0) / 100;
  const isSalt = (i: Ingredient | null): boolean => share(i) > PURE_SALT / 100;
  const brought = all.reduce(
    (s, { v, massG }) => (isSalt(v.ingredient) ? s : s + (massG ?? 0) * share(v.ingredient)),
    0,
  );
  const left = doughLines(part).reduce(
    (s, l) => (leaving.has(l.id) ? s + massOf(l) * share(lookup(l.item)) : s),
    0,
  );
  const line = doughLines(part).find(
    (l) => isSalt(lookup(l.item)) && !leaving.has(l.id) && held[l.id] === undefined,
  );
  const more = brought - left;
  return line && more > SALT_TOLD * totalMassG(part.lines)
    ? { lineId: line.id, massG: Math.min(more, MOST_SALT * massOf(line)) }
    : null;
}

/** Water that only evens out, and is less than this share of a part, goes in with water that comes in anyway. */
const LITTLE_WATER = 0.03;
/** Below this share it is left away where there is none: no crumb shows it. Common practice, no source. */
const NO_NEED = 4e-3;
/** Adds water that only evens out to water that came in; true where it needs no line of its own. */
function pouredIn(
  { v, massG }: { v: Pick<Variable, 'evens' | 'ingredient'>; massG: number | null },
  all: { v: { lineId: string }; massG: number | null }[],
  lines: Line[],
  moves: Move[],
  partG: number,
): boolean {
  if (v.evens || massG === null || v.ingredient.id !== 'water') return false;
  // The first by id, whatever order the lines stand in.
  const [first] = lines
    .filter((l) => cameIn(l.id) && idOf(l.item) === 'water' && !l.role)
    .sort((a, b) => (a.id < b.id ? -1 : 1));
  const at = first ? lines.indexOf(first) : -1;
  if (at < 0) return massG < NO_NEED * partG;
  if (massG > LITTLE_WATER * partG) return false;
  const line = lines[at]!;
  const now = massOf(line) + massG;
  // The step that speaks of it speaks of all of it.
  const entry = all.find((e) => e.v.lineId === line.id);
  if (entry) entry.massG = now;
  lines[at] = { ...line, amount: derivedAmount(now) };
  const move = moves.findIndex((m) => m.lineId === line.id);
  moves[move] = { ...moves[move]!, toG: now };
  return true;
}

/**
 * The same thing in the same state that came in for two things is one line to weigh; what is held stays apart, being held as it
 * is. Water stays with the gel that it makes.
 */
function shareLines(lines: Line[], moves: Move[], held: Record<string, number>): void {
  const isNew = (l: Line): boolean => cameIn(l.id) && held[l.id] === undefined && idOf(l.item) !== 'water';
  for (let i = 0; i < lines.length; i++) {
    const first = lines[i]!;
    if (!isNew(first)) continue;
    for (let k = lines.length - 1; k > i; k--) {
      const other = lines[k]!;
      if (!isNew(other) || idOf(other.item) !== idOf(first.item)) continue;
      if (other.state !== first.state || other.role !== first.role) continue;
      const [a, b] = [lines[i]!.amount.massG, other.amount.massG];
      if (!a || !b) continue;
      const massG = a.value + b.value;
      // Called by the first of their names, whatever order the lines stand in.
      const [kept, gone] = lines[i]!.id < other.id ? [lines[i]!, other] : [other, lines[i]!];
      lines[i] = {
        ...kept,
        amount: derivedAmount(massG),
        alsoFor: [...(kept.alsoFor ?? []), ...(gone.alsoFor ?? []), conflictOf(gone.id)].sort(),
      };
      lines.splice(k, 1);
      const [to, from] = [kept.id, gone.id].map((id) => moves.findIndex((m) => m.lineId === id));
      moves[to!] = { ...moves[to!]!, toG: massG };
      moves.splice(from!, 1);
    }
  }
}

/** Less than a scale of tenths shows, g. */
const LEAST_TOLD_G = 0.05;

/** Method edits of the chosen kits, with the amounts they speak of filled in. */
function editsOf(
  choices: readonly Choice[],
  all: {
    v: { kitId: string | null; conflictId: string | null; ingredient: { id: string }; joins: string | null };
    massG: number | null;
  }[],
  part: Part,
  lookup: Lookup,
): StepEdit[] {
  return choices.flatMap(({ conflict, kit }): StepEdit[] => {
    const own = all.filter(
      ({ v, massG }) =>
        v.kitId === kit.id &&
        v.conflictId === conflict.id &&
        v.ingredient.id !== 'baking_powder' &&
        // An amount of nothing is no amount: what has no grams is told in words.
        (massG ?? 0) > LEAST_TOLD_G,
    );
    const amounts = Object.fromEntries<string | number>(
      own.slice(0, 3).flatMap(({ v, massG }, i) => [
        [`n${i + 1}`, v.ingredient.id],
        [`g${i + 1}`, massG ?? 0],
      ]),
    );
    const names = part.lines
      .filter((l) => conflict.lineIds.includes(l.id))
      .map((l) => spokenOf(lookup(l.item)?.names ?? []));
    const washed = choices.some(
      (c) =>
        c.conflict.role === 'wash' &&
        c.conflict.ingredientIds.some((id) => conflict.ingredientIds.includes(id)),
    );
    const gels = kit.items.flatMap((i) => (i.state === 'gel' ? (lookup(i.item)?.id ?? []) : []));
    const more = own.some(({ v }) => v.joins !== null && gels.includes(v.ingredient.id));
    const joined = more || (own.length > 0 && own.every(({ v }) => v.joins !== null));
    // Water that came with more of what is there, and has no line to join.
    const poured = more ? own.find(({ v }) => v.joins === null && v.ingredient.id === 'water') : undefined;
    // What only makes lines larger that are there is no thing to name.
    const nothing = kit.items.length === 0 || joined;
    const water = !nothing && kit.items.every((i) => 'id' in i.item && i.item.id === 'water');
    const instead: StepEdit[] =
      names.length > 0
        ? [
            {
              op: 'instead',
              of: {
                exact: conflict.role === null ? [...new Set(names.flatMap((n) => n.exact))] : [],
                loose: conflict.role === null ? [...new Set(names.flatMap((n) => n.loose))] : [],
              },
              lineIds: conflict.lineIds,
              comes: nothing ? 'nothing' : water ? 'water' : 'thing',
              msg: msg(joined && kit.items.some((i) => i.state) ? 'step.joined' : 'step.instead', {
                was: conflict.ingredientIds[0]!,
                kit: kit.id,
              }),
              // A way that is water alone, or nothing, is no thing to name.
              inline: !nothing && !water,
              foams: kit.covers.includes('foam'),
              ...(washed ? { notAt: ['wash'] } : {}),
            },
          ]
        : [];
    return [
      ...instead,
      ...(poured
        ? [
            {
              op: 'insert' as const,
              before: ['gel', 'whisk', 'mix', 'knead'] satisfies StepKind[],
              kind: 'mix' as const,
              msg: msg('step.pour', { n1: 'water', g1: poured.massG ?? 0 }),
            },
          ]
        : []),
      ...kit.steps
        // No gel is made of what joins the dough; what the method whisks already is whisked once.
        .filter((s) => !(s.op === 'insert' && (joined || (s.kind === 'whisk' && conflict.how === 'whipped'))))
        .map((s) => ({
          ...s,
          ...(s.op === 'insert' && conflict.role === null ? { lineIds: conflict.lineIds } : {}),
          msg: { ...s.msg, args: { ...s.msg.args, ...amounts } },
        })),
    ];
  });
}

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
/** The groups that stay out of a formula. */
export function closedTo(source: Formula, lookup: Lookup, allow: readonly AvoidId[]): AvoidId[] {
  const there = watchedIn(source, lookup);
  return CLOSED.filter((a) => !there.has(a) && !allow.includes(a));
}

/** The watched avoidances that a formula holds already. */
export const watchedIn = (source: Formula, lookup: Lookup): Set<AvoidId> =>
  new Set(
    source.parts
      .flatMap((p) => p.lines)
      .flatMap((l) => WATCHED.filter((a) => lookup(l.item)?.facts[a] === 'yes')),
  );

/** The watched avoidances that an ingredient holds. */
export const watchedOf = (ingredient: Ingredient | null): AvoidId[] =>
  WATCHED.filter((a) => ingredient?.facts[a] === 'yes');

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
  before = watchedIn(source, lookup),
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

/**
 * Water worth keeping back: the spread of the added solids' thirst at this wetness, one standard deviation, g.
 * Spreads of lines that stay cancel against the source, which worked.
 */
export const holdBack = (part: Part, profile: Profile, moves: readonly Move[], lookup: Lookup): number =>
  holdBackFor(
    part,
    profile,
    new Map(
      moves.flatMap((m) => {
        const more = (m.toG ?? 0) - (m.fromG ?? 0);
        return (m.op === 'add' || (m.op === 'scale' && m.reason.code === 'move.joined')) && more > 0
          ? [[m.lineId, more] as const]
          : [];
      }),
    ),
    lookup,
  );

/** Liquids that may be kept back in part. */
const POURED: readonly string[] = ['water', 'milk', 'plant_drink', 'nut_drink', 'cultured', 'plant_cultured'];

/** More of a thing that was there than this came in beside it, as a share: less is rounding. */
const JOINED = 0.02;

/**
 * Water worth keeping back of a kept formula, g, by what came in against the one it was made from: lines of its own, and what
 * joined a line that was there (more psyllium); and the liquid it is kept back of, the heaviest of the bowls, null where there
 * is none.
 */
export function holdBackOf(
  formula: Formula,
  written: Formula,
  lookup: Lookup,
): { massG: number; lineId: string | null } {
  const before = new Map(
    written.parts.flatMap((p) => p.lines.map((l) => [l.id, l.amount.massG ? massOf(l) : 0] as const)),
  );
  const liquids = formula.parts
    .flatMap(doughLines)
    .filter((l) => POURED.includes(lookup(l.item)?.group ?? ''))
    .sort((a, b) => massOf(b) - massOf(a));
  const came = new Map(
    formula.parts.flatMap((p) =>
      p.lines.flatMap((l) => {
        const was = before.get(l.id);
        const more = (l.amount.massG ? massOf(l) : 0) - (was ?? 0);
        const drinks = DRINKERS.includes(lookup(l.item)?.group ?? '');
        const joined = was !== undefined && drinks && more > JOINED * was;
        return was === undefined || joined ? [[l.id, more] as const] : [];
      }),
    ),
  );
  const parts = formula.parts.map((p) => holdBackFor(p, profileOf(p, lookup), came, lookup));
  return { massG: Math.hypot(...parts), lineId: liquids[0]?.id ?? null };
}

/** What comes in wet and of unsure water: blended tofu, yogurt, purée; so much of it may be more or less, as a share. */
const UNSURE: readonly string[] = ['pulse', 'plant_cultured', 'fruit', 'binder'];
const UNSURE_SHARE = 0.08;
/** Least to keep back where a new binder or flour came into a shaped dough, as a share of its liquid; of a pastry's water. */
const SHAPED_SHARE = 0.05;
const PASTRY_SHARE = 0.5;
const PASTRY: readonly string[] = ['shortcrust', 'flaky'];
const SHAPED_FAMILIES: readonly string[] = ['yeast_loaf', 'cookie', 'flaky'];
const IS_SHAPED = 0.5;
/** Things that change how much a dough drinks. */
const DRINKERS: readonly string[] = [
  'binder',
  'flour',
  'starch',
  'blend',
  'seed_flour',
  'nut_flour',
  'pulse',
];

/**
 * The same of one part: one spread of what the new solids drink and the new wet things bring; in shaped doughs and pastry at
 * least what bakers keep back there. Never more than there is to pour. Common practice, no source.
 */
function holdBackFor(
  part: Part,
  profile: Profile,
  added: ReadonlyMap<string, number>,
  lookup: Lookup,
): number {
  const came = part.lines.flatMap((l) => {
    const massG = added.get(l.id);
    const ingredient = massG !== undefined && !isBeside(l.role) ? lookup(l.item) : null;
    return ingredient && massG ? [{ massG, ingredient, gel: l.state === 'gel' }] : [];
  });
  const wetness = profile.wetness?.value ?? 0;
  const spread = Math.hypot(
    ...came.map(
      ({ massG, ingredient, gel }) => (gel ? 2 : wetness) * massG * (ingredient.absorption.sd ?? 0),
    ),
    ...came
      .filter(({ ingredient }) => !ingredient.dry && UNSURE.includes(ingredient.group))
      .map(({ massG }) => UNSURE_SHARE * massG),
  );
  const poured = (of: (group: string) => boolean): number =>
    doughLines(part).reduce((s, l) => s + (of(lookup(l.item)?.group ?? '') ? massOf(l) : 0), 0);
  const { family, jobs } = CLASSES[part.classId];
  const drinks = came.some(({ ingredient }) => DRINKERS.includes(ingredient.group));
  const shaped = SHAPED_FAMILIES.includes(family) && (jobs.shape ?? 0) >= IS_SHAPED;
  const least = !drinks
    ? 0
    : PASTRY.includes(part.classId)
      ? PASTRY_SHARE * poured((g) => g === 'water')
      : shaped
        ? SHAPED_SHARE * poured((g) => POURED.includes(g))
        : 0;
  return Math.min(
    Math.max(spread, least),
    poured((g) => POURED.includes(g)),
  );
}

export const profilesOf = (formula: Formula, lookup: Lookup): Record<string, Profile> =>
  Object.fromEntries(formula.parts.map((p) => [p.id, profileOf(p, lookup)]));
