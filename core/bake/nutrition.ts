import { linearSum, ratio, type Sourced } from '../explain';
import { doughMassG, inBowlG, massOf, type Formula, type Line, type LineRole } from '../formula';
import type { Component, Ingredient, Lookup } from '../ingredients';
import { donenessOfBake } from './signs';

/** What a label tells beside energy, in the order of Regulation (EU) 1169/2011, Annex XV, with fibre. */
export const NUTRIENTS = ['fat', 'carbohydrate', 'sugars', 'fibre', 'protein', 'salt'] as const;
export type Nutrient = (typeof NUTRIENTS)[number];

/**
 * What a whole batch holds, with what it weighs baked, g. `unknownLines` brought nothing, because their grams or their
 * make-up are not known: every sum is then a least. Saturates are in no table of ours and are not told.
 */
export type Nutrition = {
  bakedG: Sourced;
  kcal: Sourced;
  kj: Sourced;
  of: Record<Nutrient, Sourced>;
  unknownLines: string[];
};

/** Carbohydrate by Annex I of Regulation (EU) 1169/2011: what is metabolised, polyols too; fibre apart. */
const PARTS: Record<Nutrient, readonly Component[]> = {
  fat: ['fat'],
  carbohydrate: ['starch', 'sugars', 'polyols'],
  sugars: ['sugars'],
  fibre: ['fibre'],
  protein: ['protein'],
  salt: ['salt'],
};
/** kJ for a gram: Regulation (EU) 1169/2011, Annex XIV. */
const KJ_PER_G: Partial<Record<Component, number>> = {
  fat: 37,
  starch: 17,
  sugars: 17,
  polyols: 10,
  protein: 17,
  fibre: 8,
  alcohol: 29,
  acids: 13,
};
/** kJ in a kcal (thermochemical), for what is known in kcal alone. */
const KJ_PER_KCAL = 4.184;

/** Salt is sodium times 2.5 (Annex I); a mmol of sodium is 22.990 mg. */
const SALT_G_PER_MMOL_SODIUM = (2.5 * 22.99) / 1000;
/** Leaveners whose gas is not from sodium. */
const NO_SODIUM: readonly string[] = ['potassium_bicarbonate', 'bakers_ammonia'];
/**
 * Salt that the soda of a leavener counts as, g per g: a mmol of gas is a mmol of sodium. What the acid of a powder
 * brings of its own is not counted.
 */
function sodaSalt(i: Ingredient): Sourced | null {
  if (i.group !== 'leavener' || NO_SODIUM.includes(i.like ?? '')) return null;
  return {
    ...i.gasMmolG,
    value: i.gasMmolG.value * SALT_G_PER_MMOL_SODIUM,
    sd: (i.gasMmolG.sd ?? 0) * SALT_G_PER_MMOL_SODIUM,
  };
}

const scaledBy = (x: Sourced, k: number): Sourced => ({
  ...x,
  value: x.value * k,
  ...(x.sd === undefined ? {} : { sd: x.sd * k }),
});

function kjOf(i: Ingredient): Sourced {
  if (i.energyKcal.sourceId !== 'annex14') return scaledBy(i.energyKcal, KJ_PER_KCAL);
  const terms = (Object.entries(KJ_PER_G) as [Component, number][]).flatMap(([c, k]) => {
    const x = i.per100g[c];
    const perG = c === 'polyols' && i.polyolKcalG === 0 ? 0 : k;
    return x ? [{ k: perG, x }] : [];
  });
  return linearSum(terms);
}

/** What the oven takes, as a share of the dough with its spread; nothing where it is not known for such a bake. */
function lossOf(formula: Formula, lookup: Lookup): Sourced {
  const loss = formula.bake ? donenessOfBake(formula.parts, lookup).loss : null;
  return loss
    ? { value: (loss[0] + loss[1]) / 2, sd: (loss[1] - loss[0]) / Math.sqrt(12), basis: 'practice' }
    : { value: 0, basis: 'derived' };
}

/**
 * How much of what is beside the dough is eaten with it: half of what is brushed on runs off or stays in the bowl, a third of
 * what dusts the board sticks, a boiling bath is poured away; what greases a tin goes along. Common practice, no source.
 */
const CLINGS: Partial<Record<LineRole, number>> = { wash: 0.5, dusting: 0.33, bath: 0 };
/** Fat that dough takes up when it is fried, as a share of the dough; the pot never gives more than is in it. From memory. */
const FRIED_SHARE = 0.1;
const FATS: readonly string[] = ['oil', 'fat_firm', 'butter'];

/** Share of a line that is eaten, 0 to 1. What is sprinkled on top is said to be: it has no board to stay on. */
function clingsOf(line: Line, formula: Formula, lookup: Lookup): number {
  if (!line.role) return 1;
  if (line.role === 'bath' && FATS.includes(lookup(line.item)?.group ?? '')) {
    const massG = massOf(line);
    return massG > 0 ? Math.min(1, (FRIED_SHARE * doughMassG(formula)) / massG) : 0;
  }
  if (line.role === 'dusting' && !FOR_BOARD.test(line.amount.written)) return 1;
  return CLINGS[line.role] ?? 1;
}
const FOR_BOARD = /\b(?:dust(?:ing)?|board|worktop|rolling|to roll)\b/i;

/** Energy and nutrients of a whole batch, all parts and whatever else is weighed into it, as far as it is eaten. */
export function nutritionOf(formula: Formula, lookup: Lookup): Nutrition {
  const lines = formula.parts.flatMap((p) => p.lines);
  const eaten = (l: Line): number => clingsOf(l, formula, lookup) * inBowlG(l);
  const known = lines.flatMap((l) => {
    const i = lookup(l.item);
    return i && l.amount.massG ? [{ k: (clingsOf(l, formula, lookup) * massOf(l)) / 100, i }] : [];
  });
  const component = (c: Component) =>
    known.flatMap(({ k, i }) => {
      const x = i.per100g[c];
      return x ? [{ k, x }] : [];
    });
  const of = Object.fromEntries(
    NUTRIENTS.map((n) => [
      n,
      linearSum([
        ...PARTS[n].flatMap(component),
        ...(n === 'salt'
          ? known.flatMap(({ k, i }) => {
              const x = sodaSalt(i);
              return x ? [{ k: 100 * k, x }] : [];
            })
          : []),
      ]),
    ]),
  ) as Record<Nutrient, Sourced>;
  const rawG = lines.reduce((s, l) => s + eaten(l), 0);
  const loss = lossOf(formula, lookup);
  return {
    bakedG: { value: rawG * (1 - loss.value), ...(loss.sd ? { sd: rawG * loss.sd } : {}), basis: 'derived' },
    kcal: linearSum(known.map(({ k, i }) => ({ k, x: i.energyKcal }))),
    kj: linearSum(known.map(({ k, i }) => ({ k, x: kjOf(i) }))),
    of,
    unknownLines: lines
      .filter((l) => {
        const i = lookup(l.item);
        const told = i && [...new Set(Object.values(PARTS).flat())].every((c) => i.per100g[c] !== null);
        return !l.amount.massG || !told;
      })
      .map((l) => l.id),
  };
}

/** An amount of a whole batch, in 100 g of what comes out of the oven. */
export const per100 = (whole: Sourced, { bakedG }: Nutrition): Sourced =>
  bakedG.value > 0 ? scaledBy(ratio(whole, bakedG), 100) : whole;

/**
 * Decimals a label shows, by the Commission's guidance on tolerances of December 2012, section 6: energy whole; fat,
 * carbohydrate, sugars, fibre and protein whole from 10 g, else tenths; salt tenths from 1 g, else hundredths.
 */
export function labelDecimals(what: Nutrient | 'energy', g: number): number {
  if (what === 'energy') return 0;
  if (what === 'salt') return g >= 1 ? 1 : 2;
  return g >= 10 ? 0 : 1;
}
