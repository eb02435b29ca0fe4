import type { CautionId, Kit } from '../classes';
import { isBeside, type Part } from '../formula';
import type { AvoidId, Ingredient, Lookup } from '../ingredients';
import { verdictFor } from '../exclusions';
import { allergenCost, watchedOf } from './verdicts';
import { fitIn, itemsIn } from './conflicts';
import { styleCost, type Style } from './style';
import type { Conflict } from './types';

type Weights = {
  unknown: number;
  usual: number;
  scarce: number;
  suits: number;
  watch: number;
  green: number;
};
type Known = {
  base: number;
  allergens: AvoidId[];
  unknown: string[];
  cautions: CautionId[];
  sure: Ingredient[];
};

/** What the things to watch cost beside closeness. */
export function cautionCost(
  cautions: Iterable<CautionId>,
  weights: Pick<Weights, 'watch' | 'green'>,
): number {
  let cost = 0;
  for (const c of cautions) cost += c === 'green_sunflower' ? weights.green : weights.watch;
  return cost;
}

/**
 * What a combination of kits costs at the least, before it is solved: how usual, scarce and fitting its kits are,
 * what allergens and unknowns surely come in, what has to be watched. Closeness, uncovered jobs and widenings only
 * add to it. Items that may come to nothing, or join a line that stays, are not counted.
 */
export function lowerBound(
  part: Part,
  slots: readonly { conflict: Conflict; kits: readonly Kit[] }[],
  avoids: readonly AvoidId[],
  lookup: Lookup,
  before: ReadonlySet<AvoidId>,
  weights: Weights,
  style: Style,
  held: ReadonlySet<string>,
): (kits: readonly Kit[]) => number {
  const leaving = new Set(slots.flatMap((s) => s.conflict.lineIds));
  const alkali = part.lines.some((l) => !leaving.has(l.id) && lookup(l.item)?.group === 'leavener');
  const known = slots.map(
    ({ conflict, kits }) =>
      new Map(
        kits.map((kit): [Kit, Known] => {
          const sure = itemsIn(kit, conflict)
            .filter((i) => !i.joins && (isBeside(conflict.role) ? i.dose.usual > 0 : i.dose.lo > 0))
            .flatMap((i) => lookup(i.item) ?? []);
          return [
            kit,
            {
              base:
                weights.suits * (1 - fitIn(kit, conflict)) +
                weights.usual * (1 - kit.usual) +
                weights.scarce * kit.scarcity,
              allergens: sure.flatMap(watchedOf).filter((a) => !before.has(a)),
              unknown: sure
                .filter((i) => verdictFor(i, avoids).finding !== 'no_conflict_found')
                .map((i) => i.id),
              cautions: kit.cautions.filter((c) => c !== 'green_sunflower' || alkali),
              sure,
            },
          ];
        }),
      ),
  );
  return (kits) => {
    let cost = 0;
    const allergens = new Set<AvoidId>();
    const unknown = new Set<string>();
    const cautions = new Set<CautionId>();
    kits.forEach((kit, i) => {
      const k = known[i]!.get(kit)!;
      cost += k.base;
      for (const a of k.allergens) allergens.add(a);
      for (const u of k.unknown) unknown.add(u);
      for (const c of k.cautions) cautions.add(c);
    });
    cost += styleCost(style, { kits, added: kits.flatMap((kit, i) => known[i]!.get(kit)!.sure) }, held);
    return (
      cost + cautionCost(cautions, weights) + allergenCost([...allergens]) + weights.unknown * unknown.size
    );
  };
}
