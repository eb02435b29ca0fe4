import { CLASSES, type JobId } from '../classes';
import { verdictFor } from '../exclusions';
import type { Formula, Part, Profile } from '../formula';
import type { AvoidId, Lookup } from '../ingredients';
import { cautionCost } from './bound';
import { fitIn } from './conflicts';
import { LESS_LIQUID_COST, WIDENED_COST } from './solve';
import { priceCost, styleCost, type Incoming, type Style } from './style';
import type { ScorePart } from './types';
import type { Choice, PartSolution } from './variables';
import { allergenCost, cautionsOf, newAllergens } from './verdicts';

/** How much each side of a solution weighs against one tolerance overrun of a property of weight 1. */
export const SCORE = {
  unknown: 0.12,
  uncovered: 0.8,
  usual: 0.8,
  scarce: 0.15,
  widened: WIDENED_COST,
  lessLiquid: LESS_LIQUID_COST,
  suits: 1.5,
  watch: 0.1,
  warned: 1.5,
  green: 0.35,
  fresh: 0.03,
};

/** What has to give way. */
export const widenedCost = (solved: PartSolution): number =>
  solved.widened.reduce((s, w) => s + (w.code === 'widened.line' ? SCORE.lessLiquid : SCORE.widened), 0);

/** What is asked of every combination of a part. */
type Asked = {
  part: Part;
  target: Profile;
  source: Formula;
  avoids: readonly AvoidId[];
  lookup: Lookup;
  style: Style;
  /** What the source holds that is to be watched. */
  watched: Set<AvoidId>;
  /** Ids of what the formula holds already. */
  held: Set<string>;
};
/** One combination, solved and put together. */
type Made = {
  choices: readonly Choice[];
  solved: PartSolution;
  part: Part;
  /** Ids of what comes in. */
  added: readonly string[];
  incoming: Incoming;
  uncovered: readonly JobId[];
  closeness: number;
};

/** What a combination costs, side by side; warnings apart, which take long to find. */
export function scoreOf(asked: Asked, made: Made): ScorePart[] {
  const { avoids, held, lookup, source, style, target, watched } = asked;
  const { added, choices, incoming, solved } = made;
  const sum = (f: (c: Choice) => number) => choices.reduce((s, c) => s + f(c), 0);
  const weights = CLASSES[asked.part.classId].jobs;
  const unknown = added.filter(
    (id) => verdictFor(lookup({ kind: 'ref', id }), avoids).finding !== 'no_conflict_found',
  );
  // Of near-equals the one with fewest new things to buy and weigh; water is none.
  const fresh = new Set(added.filter((id) => id !== 'water' && !held.has(id)));
  const weighed = solved.variables.map(({ ingredient }, j) => ({
    ingredient,
    massG: Math.max(0, solved.amounts[j]!),
  }));
  return [
    { code: 'closeness', value: made.closeness },
    { code: 'suits', value: SCORE.suits * sum((c) => 1 - fitIn(c.kit, c.conflict)) },
    { code: 'uncovered', value: SCORE.uncovered * made.uncovered.reduce((s, j) => s + (weights[j] ?? 0), 0) },
    {
      code: 'allergens',
      value: allergenCost(newAllergens(added, source, lookup, watched).map((b) => b.avoid)),
    },
    { code: 'unknown', value: SCORE.unknown * new Set(unknown).size },
    { code: 'usual', value: SCORE.usual * sum((c) => 1 - c.kit.usual) },
    { code: 'scarce', value: SCORE.scarce * sum((c) => c.kit.scarcity) },
    { code: 'fresh', value: SCORE.fresh * fresh.size },
    { code: 'watch', value: cautionCost(cautionsOf(incoming.kits, [made.part], lookup), SCORE) },
    { code: 'widened', value: widenedCost(solved) },
    {
      code: 'style',
      value: styleCost(style, incoming, held) + priceCost(style, weighed, target.props.mass.value),
    },
  ];
}
