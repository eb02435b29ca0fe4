import { type Formula } from '../formula';
import { unconfirmedOf, suitabilityOf } from '../suits';
import { idOf, type AvoidId, type GroupId, type Ingredient, type Lookup } from '../ingredients';

/** A version of the size it is baked in, with its name for the day and what its eaters must not have. */
export type Listed = { id: string; formula: Formula; avoids: readonly AvoidId[] };
/**
 * One thing to have in the house: how much in all, g; null where a line gives none, with `atLeastG` the sum of those that do.
 * `cost` by its packet, null where none has a price; `check`: what its packet has to be looked at for. `shortG` is what has to
 * be bought, null where how much is left or how much it takes is not known; `packets` that come to it, where one is known.
 */
export type ToHave = {
  key: string;
  item: Ingredient | null;
  written: string;
  massG: number | null;
  atLeastG: number;
  bakeIds: string[];
  cost: number | null;
  check: AvoidId[];
  leftG: number | null;
  shortG: number | null;
  packets: number | null;
};

/** All that a day takes, each thing once, by what there is most of. Water is not bought. `left`: what the cupboard holds, g. */
export function shoppingOf(
  bakes: readonly Listed[],
  lookup: Lookup,
  left: ReadonlyMap<string, number> = new Map(),
): ToHave[] {
  const found = new Map<string, Omit<ToHave, 'leftG' | 'shortG' | 'packets'>>();
  for (const { id, formula, avoids } of bakes)
    for (const part of formula.parts)
      for (const line of part.lines) {
        const item = lookup(line.item) ?? null;
        if (item?.group === 'water') continue;
        const key =
          idOf(line.item) ?? `?${line.item.kind === 'unknown' ? line.item.text.toLowerCase() : line.id}`;
        const grams = line.amount.massG?.value ?? null;
        const open = unconfirmedOf(suitabilityOf({ parts: [{ ...part, lines: [line] }] }, avoids, lookup));
        const was = found.get(key);
        const atLeastG = (was?.atLeastG ?? 0) + (grams ?? 0);
        found.set(key, {
          key,
          item,
          written: was?.written ?? line.amount.written,
          massG: grams === null || was?.massG === null ? null : atLeastG,
          atLeastG,
          bakeIds: [...new Set([...(was?.bakeIds ?? []), id])],
          cost: item?.pricePerKg === undefined ? null : (item.pricePerKg * atLeastG) / 1000,
          check: [...new Set([...(was?.check ?? []), ...open])],
        });
      }
  return [...found.values()]
    .map((t): ToHave => {
      const leftG = left.get(t.key) ?? null;
      const shortG = leftG === null || t.massG === null ? null : Math.max(0, t.massG - leftG);
      const packG = t.item?.packG;
      return { ...t, leftG, shortG, packets: shortG === null || !packG ? null : Math.ceil(shortG / packG) };
    })
    .sort((a, b) => b.atLeastG - a.atLeastG || a.key.localeCompare(b.key));
}

/** What is dry and keeps: it can be weighed the day before. */
const DRY: ReadonlySet<GroupId> = new Set<GroupId>([
  'flour',
  'starch',
  'blend',
  'grain',
  'binder',
  'milk_powder',
  'nut_flour',
  'nut_pieces',
  'seed_flour',
  'seed_pieces',
  'sugar',
  'leavener',
  'salt',
]);
/** The dry things of one bake, and what of what others must not have it holds or may hold. */
export type WeighAhead = {
  id: string;
  lines: { lineId: string; item: Ingredient; massG: number }[];
  holds: AvoidId[];
};

/**
 * What can be weighed ahead, bake by bake, in the order that is kindest to those who must not have something: what holds least
 * of what any other bake has to be free of comes first.
 */
export function weighAhead(bakes: readonly Listed[], lookup: Lookup): WeighAhead[] {
  const wanted = [...new Set(bakes.flatMap((b) => b.avoids))];
  return bakes
    .map(({ id, formula }) => ({
      id,
      holds: unconfirmedOf(suitabilityOf(formula, wanted, lookup)),
      lines: formula.parts.flatMap((p) =>
        p.lines.flatMap((l) => {
          const item = lookup(l.item);
          return item && DRY.has(item.group) && l.amount.massG
            ? [{ lineId: l.id, item, massG: l.amount.massG.value }]
            : [];
        }),
      ),
    }))
    .sort((a, b) => a.holds.length - b.holds.length || a.id.localeCompare(b.id));
}
