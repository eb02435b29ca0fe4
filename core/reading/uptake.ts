import type { Sourced } from '../explain';
import { massOf, mapLines, type Formula, type Line } from '../formula';
import type { Ingredient, Lookup } from '../ingredients';

/**
 * Water that a dry thing takes up, g for each g of it: drained after a night in cold water, and boiled until soft; each with
 * its spread. Boiled: from the water contents of the raw and the boiled food in USDA FoodData Central (SR Legacy; figures from
 * memory), what goes over into the water left out: (100 - raw) / (100 - boiled) - 1. Soaked: common practice, no source.
 */
type Uptake = { soaked?: [number, number]; boiled?: [number, number] };
export const boiledFrom = (raw: number, boiled: number): [number, number] => {
  const taken = (100 - raw) / (100 - boiled) - 1;
  return [taken, 0.12 * taken];
};
const UPTAKE: Record<string, Uptake> = {
  buckwheat_groats: { soaked: [0.8, 0.15], boiled: boiledFrom(8.4, 75.6) },
  quinoa: { soaked: [0.6, 0.15], boiled: boiledFrom(13.3, 71.6) },
  millet: { soaked: [0.4, 0.1], boiled: boiledFrom(8.7, 71.4) },
  amaranth: { soaked: [0.5, 0.15], boiled: boiledFrom(11.3, 75.2) },
  teff_grain: { soaked: [0.5, 0.15], boiled: boiledFrom(8.8, 74.9) },
  white_rice: { soaked: [0.3, 0.06], boiled: boiledFrom(11.6, 68.4) },
  brown_rice: { soaked: [0.3, 0.08], boiled: boiledFrom(12.4, 70.3) },
  red_lentils: { soaked: [0.9, 0.15], boiled: boiledFrom(8.3, 69.6) },
  split_peas: { soaked: [0.9, 0.15], boiled: boiledFrom(8.6, 69.5) },
  mung_beans: { soaked: [0.95, 0.15], boiled: boiledFrom(9.1, 72.7) },
  rolled_oats: { soaked: [1.2, 0.3] },
  raisins: { soaked: [0.25, 0.1] },
  currants: { soaked: [0.25, 0.1] },
  dates: { soaked: [0.25, 0.1] },
  prunes: { soaked: [0.25, 0.1] },
  dried_apricots: { soaked: [0.35, 0.12] },
  dried_figs: { soaked: [0.35, 0.12] },
  dried_cranberries: { soaked: [0.25, 0.1] },
};
/** Where a thing has no row of its own. */
const BY_GROUP: Partial<Record<Ingredient['group'], Uptake>> = {
  nut_pieces: { soaked: [0.35, 0.12] },
  seed_pieces: { soaked: [0.4, 0.15] },
};

const SOAKED = /\b(?:soak(?:ed|ing)?|steep(?:ed|ing)?|sprout(?:ed)?)\b/i;
const DRAINED = /(?<!\bnot )(?<!\bun)\b(?:drain(?:ed)?|strain(?:ed)?|rinsed|patted? dry)\b/i;
const BOILED = /\b(?:boiled|cooked|simmered)\b/i;
/** Weighed as it goes in: nothing has to be added to that. */
const WEIGHED_WET =
  /\b(?:drained|soaked|cooked|boiled) weight\b|\bweigh(?:ed|s)?(?: them| it)? (?:after|drained|cooked|soaked)\b|\bafter (?:soaking|draining|cooking)\b/i;

/** What is known of the water that a thing takes up when it is soaked or boiled; nothing where it is not known. */
export const uptakeOf = (i: Ingredient): Uptake | undefined => UPTAKE[i.like ?? i.id] ?? BY_GROUP[i.group];

/** Lines that the method soaks or boils, and drains after that. */
function drainedIn(formula: Formula): Record<'soak' | 'boil', Set<string>> {
  const out = { soak: new Set<string>(), boil: new Set<string>() };
  const acts = formula.method.flatMap((s) => s.actions ?? []);
  const last = acts.findLastIndex((a) => a.kind === 'drain');
  acts.slice(0, Math.max(0, last)).forEach(({ kind, uses }) => {
    if (kind !== 'soak' && kind !== 'boil') return;
    for (const { lineId, share } of uses ?? []) if (share === 1) out[kind].add(lineId);
  });
  return out;
}

function takenUp(
  line: Line,
  ingredient: Ingredient | null,
  by: ReturnType<typeof drainedIn>,
): Sourced | null {
  const row = line.amount.written;
  const uptake = ingredient && uptakeOf(ingredient);
  if (!uptake || !line.amount.massG || massOf(line) === 0 || WEIGHED_WET.test(row)) return null;
  const boiled = by.boil.has(line.id) || (BOILED.test(row) && DRAINED.test(row));
  const soaked = by.soak.has(line.id) || (SOAKED.test(row) && DRAINED.test(row));
  const per = boiled ? uptake.boiled : soaked ? uptake.soaked : undefined;
  return per ? { value: per[0], sd: per[1], basis: 'practice', sourceId: 'practice' } : null;
}

/**
 * The linked formula with what its dry things take up before they go in: what its rows or its method soak or boil, and drain.
 * That water is in the bowl, and nobody weighs it. Whoever weighs the thing before and after knows it better.
 */
export function withUptake(formula: Formula, lookup: Lookup): Formula {
  const by = drainedIn(formula);
  return mapLines(formula, (line) => {
    const uptake = takenUp(line, lookup(line.item), by);
    return uptake ? { ...line, uptake } : line;
  });
}
