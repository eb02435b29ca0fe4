import { CLASSES, type ClassId, type DoneSign } from '../classes';
import { doughLines, mainPart, type Part } from '../formula';
import { EGG_GROUPS, type Lookup } from '../ingredients';
import { boilingC, SEA_LEVEL_PA } from '../units';

/** How one knows that it is done. Common practice, no source, unless said. */
export type Doneness = {
  signs: DoneSign[];
  /** What a probe should read in the middle, °C, at this pressure, and how long it should stay above the first. */
  coreC: readonly [number, number] | null;
  holdMin: number;
  /** Share of its weight it loses in the oven, and what it then weighs of so much dough. */
  loss: readonly [number, number] | null;
  /** Cooling before it is cut, min, and what cutting early does. */
  coolMin: readonly [number, number];
  unmouldMin: number | null;
};

const LOSS: Partial<Record<ClassId, readonly [number, number]>> = {
  yeast_loaf: [0.1, 0.14],
  gel_loaf: [0.12, 0.18],
  bun: [0.1, 0.14],
  baguette: [0.16, 0.22],
  enriched: [0.09, 0.13],
  seed_loaf: [0.08, 0.13],
  soda_bread: [0.09, 0.14],
  batter: [0.08, 0.12],
  muffin: [0.1, 0.14],
  brownie: [0.06, 0.1],
  cookie: [0.09, 0.14],
  flatbread: [0.12, 0.2],
  meringue: [0.1, 0.25],
};
const COOL: Partial<Record<ClassId, readonly [number, number]>> = {
  yeast_loaf: [120, 180],
  gel_loaf: [120, 180],
  seed_loaf: [120, 240],
  bun: [20, 40],
  baguette: [20, 30],
  enriched: [45, 90],
  batter: [60, 120],
  muffin: [20, 40],
  brownie: [60, 120],
  cookie: [10, 20],
  // A meringue stays in the oven until both are cold.
  meringue: [60, 480],
  doughnut: [10, 20],
};
export const BAKE_NOTES = ['blind', 'frozen', 'boil', 'walls', 'pot', 'custard'] as const;
/** Things to do or to mind beside time and heat. */
export type BakeNote = (typeof BAKE_NOTES)[number];

/** What is to be minded in a bake of these parts, with this lid and start. Common practice, no source. */
export function notesOf(
  classes: readonly ClassId[],
  { covered, startC }: { covered: boolean; startC: number },
): BakeNote[] {
  const has = (...ids: ClassId[]) => classes.some((c) => ids.includes(c));
  const when = (note: BakeNote, is: boolean): BakeNote[] => (is ? [note] : []);
  return [
    ...when('boil', has('boiled_ring')),
    ...when(
      'blind',
      has('shortcrust', 'press_in', 'flaky') &&
        has('egg_custard', 'starch_set', 'fruit_filling', 'frangipane'),
    ),
    ...when('pot', covered),
    ...when('frozen', startC < 0),
    ...when('walls', has('seed_loaf')),
    ...when('custard', has('egg_custard', 'starch_set', 'uncooked_set')),
  ];
}

export const KEEP_IDS = ['crusty', 'soft', 'dense', 'dry', 'cake', 'filled'] as const;
export type KeepId = (typeof KEEP_IDS)[number];
/** How a bake keeps: by what it is filled with, else by its kind. Common practice, no source. */
export function keepsAs(classes: readonly ClassId[]): KeepId {
  const has = (...ids: ClassId[]) => classes.some((c) => ids.includes(c));
  if (has('egg_custard', 'starch_set', 'uncooked_set')) return 'filled';
  if (has('seed_loaf', 'gel_loaf')) return 'dense';
  if (has('baguette', 'boiled_ring', 'flatbread', 'doughnut')) return 'crusty';
  if (has('yeast_loaf', 'bun', 'enriched', 'soda_bread')) return 'soft';
  return has('cookie', 'cracker', 'meringue') ? 'dry' : 'cake';
}

const BREADS: readonly ClassId[] = [
  'yeast_loaf',
  'gel_loaf',
  'bun',
  'baguette',
  'enriched',
  'seed_loaf',
  'soda_bread',
];

const CRUSTS: readonly ClassId[] = ['shortcrust', 'flaky', 'press_in'];

/**
 * How one knows that a bake of several parts is done: what is set in its crust says so, an egg custard by its tremble, fruit by
 * its bubbles once the crust is golden; else the main part does. Never the last part for the whole. Common practice, no source.
 */
export function donenessOfBake(parts: readonly Part[], lookup: Lookup, pressurePa = SEA_LEVEL_PA): Doneness {
  const main = mainPart(parts);
  const holds = (id: ClassId): boolean => parts.some((p) => p.classId === id);
  if (holds('egg_custard')) {
    const done = donenessOf('egg_custard', pressurePa);
    const eggs = parts.some(
      (p) =>
        p.classId === 'egg_custard' &&
        doughLines(p).some((l) => EGG_GROUPS.includes(lookup(l.item)?.group ?? '')),
    );
    // What sets without egg sets at no such heat: its tremble says when.
    return eggs ? done : { ...done, coreC: null };
  }
  const crust = parts.some((p) => CRUSTS.includes(p.classId));
  // A fruit pie is cut when its juice has set: hours, not minutes.
  if (crust && holds('fruit_filling'))
    return { ...donenessOf('fruit_filling', pressurePa), signs: ['bubbles', 'golden'], coolMin: [180, 240] };
  if (crust && holds('frangipane')) return donenessOf('frangipane', pressurePa);
  // Cooked before and poured in: the crust alone is baked.
  if (crust && holds('starch_set'))
    return { ...donenessOf('starch_set', pressurePa), signs: ['golden'], coolMin: [120, 240] };
  return donenessOf(main?.classId ?? 'batter', pressurePa);
}

/** Signs, core, loss and cooling for a class, with the core lowered as water boils lower. */
export function donenessOf(classId: ClassId, pressurePa = SEA_LEVEL_PA): Doneness {
  const lower = boilingC(SEA_LEVEL_PA) - boilingC(pressurePa);
  const bread = BREADS.includes(classId);
  const core: readonly [number, number] | null =
    classId === 'egg_custard'
      ? [77, 82]
      : bread
        ? [96, 99]
        : CLASSES[classId].family === 'batter'
          ? [94, 98]
          : null;
  return {
    signs: CLASSES[classId].done.filter((s) => s !== 'none'),
    coreC: core && (classId === 'egg_custard' ? core : [core[0] - lower, core[1] - lower]),
    holdMin: bread ? 10 : 0,
    loss: LOSS[classId] ?? null,
    coolMin: COOL[classId] ?? [20, 60],
    unmouldMin: bread || CLASSES[classId].family === 'batter' ? 12 : null,
  };
}
