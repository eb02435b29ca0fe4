import { kitById } from '../classes';
import { avoidsOf, type ExclusionId } from '../exclusions';
import { profileOf, type Formula } from '../formula';
import { lookupReference } from '../ingredients';
import { adapt } from '../rebalance';
import { conflictsOf } from '../rebalance/conflicts';
import { PartProgramme } from '../rebalance/solve';
import { withRelaxedBounds, variablesOf, type Choice } from '../rebalance/variables';

/** A dose solved for without its window, beside the usual one. */
export type FreeDose = {
  title: string;
  part: string;
  classId: string;
  kit: string;
  ingredient: string;
  usualG: number;
  freeG: number;
};

/**
 * The doses of the best answer solved again with every window removed and the pull to the usual dose a tenth. What
 * then stays near the usual dose is so by what it does in the bake; what leaves it is held by its window.
 */
export function freeDoses(formula: Formula, exclude: readonly ExclusionId[]): FreeDose[] {
  const best = adapt({ formula, exclude, limit: 1, options: false }, { lookup: lookupReference })
    .solutions[0];
  if (!best) return [];
  const avoids = avoidsOf(exclude);
  return formula.parts.flatMap((part) => {
    const conflicts = conflictsOf(part, lookupReference, avoids);
    const choices = conflicts.flatMap((conflict): Choice[] => {
      const kit = kitById(best.kits[conflict.id] ?? '');
      return kit ? [{ conflict, kit }] : [];
    });
    const target = profileOf(part, lookupReference);
    const programme = new PartProgramme(
      part,
      conflicts.flatMap((c) => c.lineIds),
      target,
      lookupReference,
    );
    const solved = programme.solve(choices, Number.POSITIVE_INFINITY, withRelaxedBounds);
    const usual = new Map(
      variablesOf(
        part,
        choices,
        lookupReference,
        true,
        { flourG: target.flourG, liquidG: target.props.freeWater.value },
        new Set(conflicts.flatMap((c) => c.lineIds)),
      ).map((v) => [v.lineId, v.usual]),
    );
    return (solved?.variables ?? []).flatMap((v, j): FreeDose[] => {
      const usualG = usual.get(v.lineId) ?? 0;
      return v.came && usualG > 0.05
        ? [
            {
              title: formula.title,
              part: part.name,
              classId: part.classId,
              kit: v.came.kit,
              ingredient: v.ingredient.id,
              usualG,
              freeG: Math.max(0, solved!.amounts[j]!),
            },
          ]
        : [];
    });
  });
}

/** Doses that without a window leave half to twice the usual one. */
export const leavesWindow = (d: FreeDose): boolean => d.freeG < d.usualG / 2 || d.freeG > 2 * d.usualG;
