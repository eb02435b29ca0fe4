import type { Formula } from '../formula';
import type { GroupId, Ingredient, Lookup } from '../ingredients';

/**
 * Rough price of a kind of thing, in euro for a kilogram, from memory and good to a factor of two: enough to rank by,
 * never shown as money. A packet's own price takes its place.
 */
const ROUGH_PER_KG: Record<GroupId, number> = {
  flour: 4,
  starch: 5,
  blend: 5,
  grain: 4,
  binder: 20,
  egg: 6,
  egg_white: 8,
  egg_yolk: 10,
  milk: 1.2,
  milk_powder: 12,
  cultured: 3,
  cream: 6,
  cheese: 12,
  butter: 10,
  fat_firm: 8,
  oil: 4,
  nut_flour: 14,
  nut_pieces: 14,
  nut_butter: 14,
  nut_drink: 2,
  plant_drink: 1.8,
  plant_cultured: 4,
  plant_cream: 6,
  plant_cheese: 14,
  seed_flour: 10,
  seed_pieces: 8,
  seed_butter: 14,
  sugar: 2,
  syrup: 12,
  honey: 12,
  leavener: 10,
  yeast: 20,
  starter: 3,
  alcohol: 12,
  acid: 4,
  salt: 1,
  water: 0,
  fruit: 4,
  pulse: 3,
  chocolate: 14,
  flavour: 40,
};

/** Price for a kilogram; `known` where a packet says it. Rough prices rank, they are not shown. */
export function priceOf(i: Ingredient): { perKg: number; known: boolean } {
  return i.pricePerKg === undefined
    ? { perKg: ROUGH_PER_KG[i.group], known: false }
    : { perKg: i.pricePerKg, known: true };
}

/** What a batch costs by the packets that have a price, in the kitchen's currency; `priced` lines have one, `unpriced` are those without. */
export type Cost = { known: number; priced: number; unpriced: string[] };

/** Adds up what packets say of their price. Water costs nothing; what has no price, or no grams, is named and not guessed. */
export function costOf(formula: Formula, lookup: Lookup): Cost {
  let [known, priced] = [0, 0];
  const unpriced: string[] = [];
  for (const l of formula.parts.flatMap((p) => p.lines)) {
    const i = lookup(l.item);
    if (i?.group === 'water' && i.pricePerKg === undefined) continue;
    if (i?.pricePerKg === undefined || !l.amount.massG) unpriced.push(l.id);
    else {
      priced++;
      known += (i.pricePerKg * l.amount.massG.value) / 1000;
    }
  }
  return { known, priced, unpriced };
}
