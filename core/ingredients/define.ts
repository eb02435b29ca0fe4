import type { Basis, Sourced, SourceId } from '../explain';
import {
  AVOID_IDS,
  COMPONENTS,
  EGG_GRADINGS,
  LABEL_ALLERGENS,
  type AvoidId,
  type Component,
  type EggGrading,
  type Fact,
  type GroupId,
  type Ingredient,
  type KeepingId,
  type Melting,
  type Piece,
} from './types';

/** One row of a data table, as short as it can be written. Numbers are per 100 g unless said otherwise. */
export type Row = {
  id: string;
  group: GroupId;
  names: string[];
  /** g per 100 g; a part not named is 0. */
  parts: Partial<Record<Component, number>>;
  /** The part that was not measured but is what is missing to 100 g. */
  rest?: Component;
  /** kcal per 100 g; without it, worked out from the parts by EU 1169/2011 Annex XIV. */
  kcal?: number;
  /** Relative spread between makes and harvests. Default 0.05. */
  vary?: number;
  basis?: Basis;
  source?: SourceId;
  flour?: true;
  dry?: true;
  /** [g water per g, sd]. Default none. */
  absorbs?: [number, number];
  acid?: [number, number];
  base?: [number, number];
  gas?: [number, number];
  /** g in a US cup (236.6 mL), or in a US teaspoon for what is used by the spoon. */
  gPerCup?: number;
  gPerTsp?: number;
  pieces?: [Piece['name'], number][];
  /** Share of a shelled egg that the thing is: its sizes are worked out from the grades. */
  ofEgg?: number;
  /** [share solid at 20 °C, melted at °C]. */
  fat20?: [number, number];
  /** kcal per g of its polyols where that is not 2.4: erythritol has none. */
  polyolKcal?: number;
  keeps?: KeepingId;
  yes?: AvoidId[];
  unknown?: AvoidId[];
  labelNeeded?: true;
};

const CUP_ML = 236.5882365;
const TSP_ML = CUP_ML / 48;

/** Energy factors in kcal per g: EU 1169/2011, Annex XIV. */
const KCAL_PER_G: Record<Component, number> = {
  water: 0,
  protein: 4,
  fat: 9,
  starch: 4,
  sugars: 4,
  polyols: 2.4,
  fibre: 2,
  acids: 3,
  alcohol: 7,
  salt: 0,
  ash: 0,
  leavening: 0,
};

/**
 * Energy of a composition in kcal per 100 g, by the factors of EU 1169/2011, Annex XIV. Unknown parts count
 * nothing. Erythritol is the one polyol with no energy: `polyolKcal` 0.
 */
export function energyOf(
  per100g: Record<Component, Sourced | null>,
  polyolKcal = KCAL_PER_G.polyols,
): number {
  return COMPONENTS.reduce(
    (sum, c) => sum + (c === 'polyols' ? polyolKcal : KCAL_PER_G[c]) * (per100g[c]?.value ?? 0),
    0,
  );
}

/** What follows from being one thing: soy is a pulse, wheat is a grain (its washed starch may be gluten-free). */
const IMPLIES: Partial<Record<AvoidId, AvoidId[]>> = {
  wheat: ['grain'],
  gluten: ['grain'],
  oats: ['grain'],
  rice: ['grain'],
  corn: ['grain'],
  soy: ['legume'],
  peanut: ['legume'],
  lupin: ['legume'],
  milk: ['animal'],
  egg: ['animal'],
  honey: ['animal'],
  fish: ['animal'],
  crustacean: ['animal'],
  mollusc: ['animal'],
};

/** The avoidances a thing meets, with all that follow from them. */
export function withImplied(yes: readonly AvoidId[]): Set<AvoidId> {
  const all = new Set<AvoidId>(yes);
  for (const a of all) for (const b of IMPLIES[a] ?? []) all.add(b);
  return all;
}

/**
 * Share of the protein that sets firm on heating, by kind. Egg all of it, yolk less; of milk the whey proteins,
 * about a fifth; pulses most; cereals little. Common practice, no source.
 */
const SETTING: Partial<Record<GroupId, number>> = {
  egg: 1,
  egg_white: 1,
  egg_yolk: 0.6,
  milk: 0.2,
  milk_powder: 0.2,
  cultured: 0.2,
  cream: 0.2,
  cheese: 0.1,
  pulse: 0.6,
  plant_drink: 0.4,
  plant_cultured: 0.4,
  flour: 0.15,
  seed_flour: 0.2,
  nut_flour: 0.2,
};

const KEEPING: Partial<Record<GroupId, KeepingId>> = {
  nut_flour: 'dry_dark_months',
  nut_pieces: 'dry_dark_months',
  seed_flour: 'dry_dark_months',
  seed_pieces: 'dry_dark_months',
  nut_butter: 'opened_cold',
  seed_butter: 'opened_cold',
  egg: 'fridge_week',
  egg_white: 'fridge_days',
  egg_yolk: 'fridge_days',
  milk: 'fridge_days',
  cultured: 'fridge_week',
  cream: 'fridge_days',
  cheese: 'fridge_week',
  butter: 'fridge_week',
  plant_drink: 'opened_cold',
  nut_drink: 'opened_cold',
  plant_cultured: 'opened_cold',
  plant_cream: 'opened_cold',
  plant_cheese: 'opened_cold',
  pulse: 'opened_cold',
  fruit: 'rots',
  starter: 'fridge_week',
};

const keepingOf = (row: Row): KeepingId => row.keeps ?? KEEPING[row.group] ?? 'dry';

const meltingOf = (row: Row): Melting | null =>
  row.fat20
    ? {
        solid20: { value: row.fat20[0], sd: 0.08, basis: 'memory', sourceId: 'practice' },
        meltsC: { value: row.fat20[1], sd: 2, basis: 'memory', sourceId: 'practice' },
      }
    : null;

function compose(row: Row): Record<Component, Sourced | null> {
  const basis = row.basis ?? 'memory';
  const sourceId = row.source ?? 'fdc';
  const named = Object.values(row.parts).reduce((sum, v) => sum + v, 0);
  const per100g = {} as Record<Component, Sourced | null>;
  for (const c of COMPONENTS) {
    const value = row.parts[c] ?? 0;
    const sd = (row.vary ?? 0.05) * Math.min(value, 100 - value);
    per100g[c] = { value, ...(sd > 0 ? { sd } : {}), basis, sourceId };
  }
  if (row.rest) {
    per100g[row.rest] = {
      value: Math.max(0, 100 - named),
      sd: 1.5,
      basis: 'derived',
      sourceId: 'byDifference',
    };
  }
  return per100g;
}

function factsOf(row: Row): Record<AvoidId, Fact> {
  const facts = Object.fromEntries(AVOID_IDS.map((a) => [a, 'no'])) as Record<AvoidId, Fact>;
  if (row.labelNeeded) for (const a of LABEL_ALLERGENS) facts[a] = 'unknown';
  for (const a of row.unknown ?? []) facts[a] = 'unknown';
  for (const a of withImplied(row.yes ?? [])) facts[a] = 'yes';
  return facts;
}

/** Share of an egg that is not shell. Common practice, no source. */
const SHELLED = 0.88;
/**
 * Eggs in the shell, g. US: least weight of a dozen of each class in ounces (USDA AMS 56), by twelve. EU: the
 * middle of each weight class, the open ones half a class (5 g) beyond their edge (Regulation (EU) 2023/2465, Article 4).
 */
const EGG_IN_SHELL: Record<EggGrading, [Piece['name'], number][]> = {
  us: (
    [
      ['small', 18],
      ['medium', 21],
      ['large', 24],
      ['xlarge', 27],
    ] as const
  ).map(([name, oz]) => [name, (oz * 28.349523125) / 12]),
  eu: [
    ['small', 48],
    ['medium', 58],
    ['large', 68],
    ['xlarge', 78],
  ],
};
const eggSizes = (share: number): Piece[] =>
  EGG_GRADINGS.flatMap((grading) =>
    EGG_IN_SHELL[grading].map(([name, g]): Piece => {
      const value = Math.round(g * SHELLED * share);
      return { name, grading, massG: { value, sd: 0.08 * value, basis: 'published', sourceId: 'eggGrades' } };
    }),
  );

const pair = (p: [number, number] | undefined, basis: Basis, sourceId: SourceId): Sourced =>
  p ? { value: p[0], sd: p[1], basis, sourceId } : { value: 0, basis, sourceId };

/** Turns a table row into an ingredient, with every figure carrying where it is from. */
export function define(row: Row): Ingredient {
  const per100g = compose(row);
  const density = row.gPerTsp ? row.gPerTsp / TSP_ML : row.gPerCup ? row.gPerCup / CUP_ML : null;
  return {
    id: row.id,
    kind: 'ref',
    like: row.id,
    group: row.group,
    names: row.names,
    per100g,
    energyKcal:
      row.kcal === undefined
        ? { value: energyOf(per100g, row.polyolKcal), basis: 'derived', sourceId: 'annex14' }
        : { value: row.kcal, basis: row.basis ?? 'memory', sourceId: row.source ?? 'fdc' },
    flour: row.flour ?? false,
    dry: row.dry ?? false,
    absorption: pair(row.absorbs, 'practice', 'practice'),
    acidMmolG: pair(row.acid, 'memory', 'practice'),
    baseMmolG: pair(row.base, 'published', 'stoichiometry'),
    gasMmolG: pair(row.gas, 'published', 'stoichiometry'),
    densityGMl:
      density === null ? null : { value: density, sd: 0.07 * density, basis: 'memory', sourceId: 'fdc' },
    pieces: [
      ...(row.pieces ?? []).map(([name, g]): Piece => ({
        name,
        massG: { value: g, sd: 0.08 * g, basis: 'practice', sourceId: 'practice' },
      })),
      ...(row.ofEgg ? eggSizes(row.ofEgg) : []),
    ],
    polyolKcalG: row.polyolKcal ?? KCAL_PER_G.polyols,
    settingProtein: {
      value: SETTING[row.group] ?? 0,
      basis: 'practice',
      sourceId: 'practice',
    },
    melting: meltingOf(row),
    keeping: keepingOf(row),
    facts: factsOf(row),
    labelNeeded: row.labelNeeded ?? false,
  };
}
