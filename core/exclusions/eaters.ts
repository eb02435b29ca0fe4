import { AVOID_IDS, type AvoidId, type Ingredient } from '../ingredients';
import {
  avoidsOf,
  FINDINGS,
  verdictFor,
  type ExclusionId,
  type Finding,
  type OilReading,
} from './exclusions';

/** Somebody, or a table, one bakes for. Where traces matter, a "may contain" warning rules a thing out. */
export type Eater = {
  name: string;
  exclude: ExclusionId[];
  oil?: OilReading;
  /** Words of their own: whatever is named so goes. */
  words: string[];
  traces: boolean;
};

/** What several eaters avoid between them. `strict` are the avoidances for which traces matter to somebody. */
export type CombinedNeeds = {
  exclude: ExclusionId[];
  oil: OilReading;
  words: string[];
  strict: AvoidId[];
};

const once = <T>(xs: readonly T[]): T[] => [...new Set(xs)];

/** The avoidances of one eater; gluten always among them. */
export const avoidsOfEater = (e: Eater): AvoidId[] => avoidsOf(e.exclude, e.oil, e.words);

/** The union of what eaters avoid, and of where traces matter; empty for nobody. */
export function combinedNeeds(eaters: readonly Eater[]): CombinedNeeds {
  const strict = new Set(eaters.filter((e) => e.traces).flatMap(avoidsOfEater));
  return {
    exclude: once(eaters.flatMap((e) => e.exclude)),
    oil: eaters.some((e) => e.oil === 'all_fat') ? 'all_fat' : 'extracted',
    words: once(eaters.flatMap((e) => e.words)),
    strict: AVOID_IDS.filter((a) => strict.has(a)),
  };
}

/** What a line means for one eater; `refused` where it rules the whole out. */
export type EaterLine = { index: number; finding: Finding; avoids: AvoidId[] };
export type EaterVerdict = { finding: Finding; refused: boolean; because: EaterLine[] };

/**
 * What can be said of a list of ingredients for one eater: the worst of its lines, with every line that is not
 * without a conflict. A line that is not known counts as not known, never as free of anything.
 */
export function verdictForEater(eater: Eater, ingredients: readonly (Ingredient | null)[]): EaterVerdict {
  const avoids = avoidsOfEater(eater);
  const because = ingredients.flatMap((i, index): EaterLine[] => {
    const v = verdictFor(i, avoids);
    if (v.finding === 'no_conflict_found') return [];
    const hit = v.finding === 'contains' ? v.contains : v.finding === 'may_contain' ? v.may : v.unknown;
    return [{ index, finding: v.finding, avoids: hit }];
  });
  const finding = FINDINGS.find((f) => because.some((b) => b.finding === f)) ?? 'no_conflict_found';
  const refused = finding === 'contains' || (finding === 'may_contain' && eater.traces);
  return { finding, refused, because };
}
