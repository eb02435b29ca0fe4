import type { Basis, Sourced, SourceId } from '../explain';
import {
  AVOID_IDS,
  COMPONENTS,
  LABEL_ALLERGENS,
  type AvoidId,
  type Component,
  type Fact,
  type GroupId,
  type Ingredient,
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

/** Energy of a composition in kcal per 100 g, by the factors of EU 1169/2011, Annex XIV. Unknown parts count nothing. */
export function energyOf(per100g: Record<Component, Sourced | null>): number {
  return COMPONENTS.reduce((sum, c) => sum + KCAL_PER_G[c] * (per100g[c]?.value ?? 0), 0);
}

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
  for (const a of row.yes ?? []) facts[a] = 'yes';
  return facts;
}

const pair = (p: [number, number] | undefined, basis: Basis, sourceId: SourceId): Sourced =>
  p ? { value: p[0], sd: p[1], basis, sourceId } : { value: 0, basis, sourceId };

/** Turns a table row into an ingredient, with every figure carrying where it is from. */
export function define(row: Row): Ingredient {
  const per100g = compose(row);
  const density = row.gPerTsp ? row.gPerTsp / TSP_ML : row.gPerCup ? row.gPerCup / CUP_ML : null;
  return {
    id: row.id,
    group: row.group,
    names: row.names,
    per100g,
    energyKcal:
      row.kcal === undefined
        ? { value: energyOf(per100g), basis: 'derived', sourceId: 'annex14' }
        : { value: row.kcal, basis: row.basis ?? 'memory', sourceId: row.source ?? 'fdc' },
    flour: row.flour ?? false,
    dry: row.dry ?? false,
    absorption: pair(row.absorbs, 'practice', 'practice'),
    acidMmolG: pair(row.acid, 'memory', 'practice'),
    baseMmolG: pair(row.base, 'published', 'stoichiometry'),
    gasMmolG: pair(row.gas, 'published', 'stoichiometry'),
    densityGMl:
      density === null ? null : { value: density, sd: 0.07 * density, basis: 'memory', sourceId: 'fdc' },
    pieces: (row.pieces ?? []).map(([name, g]) => ({
      name,
      massG: { value: g, sd: 0.08 * g, basis: 'practice', sourceId: 'practice' },
    })),
    facts: factsOf(row),
    labelNeeded: row.labelNeeded ?? false,
  };
}
