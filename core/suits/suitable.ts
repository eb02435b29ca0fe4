import { FINDINGS, verdictFor, type Finding } from '../exclusions';
import { AVOID_IDS, idOf, type AvoidId, type Lookup } from '../ingredients';
import type { Formula } from '../formula';
import { besideTheList } from './beside';

/** A line with the avoidances that it is told for; words of the method, which are in no line, have a `stepId` in place of a line's. */
export type Cause = {
  lineId: string | null;
  stepId?: string;
  ingredientId: string | null;
  written: string;
  avoids: AvoidId[];
};
/**
 * What can be said of a formula against a set of avoidances, and why: the one voice of every page and export. It fails
 * closed: a line that is not known, or whose packet was not read, is in `check`. `finding` is the worst there is.
 */
export type Suitability = {
  finding: Finding;
  avoids: AvoidId[];
  contains: Cause[];
  may: Cause[];
  check: Cause[];
};

/**
 * Looks at every line, what is brushed on and what greases the tin too, and at what the method calls by name beside them. Gluten is
 * always looked for.
 */
export function suitabilityOf(
  formula: Formula | Pick<Formula, 'parts'>,
  avoids: readonly AvoidId[],
  lookup: Lookup,
): Suitability {
  const wanted = new Set<AvoidId>(['gluten', ...avoids]);
  const all = AVOID_IDS.filter((a) => wanted.has(a));
  const out: Suitability = { finding: 'no_conflict_found', avoids: all, contains: [], may: [], check: [] };
  for (const line of formula.parts.flatMap((p) => p.lines)) {
    const { contains, may, unknown } = verdictFor(lookup(line.item), all);
    const cause = (of: AvoidId[]): Cause => ({
      lineId: line.id,
      ingredientId: idOf(line.item),
      written: line.item.kind === 'unknown' ? line.item.text : line.amount.written,
      avoids: of,
    });
    if (contains.length > 0) out.contains.push(cause(contains));
    if (may.length > 0) out.may.push(cause(may));
    if (unknown.length > 0) out.check.push(cause(unknown));
  }
  const beside = 'method' in formula ? besideTheList(formula, all, lookup) : [];
  for (const { stepId, text, contains, unknown } of beside) {
    const cause = (of: AvoidId[]): Cause => ({
      lineId: null,
      stepId,
      ingredientId: null,
      written: text,
      avoids: of,
    });
    if (contains.length > 0) out.contains.push(cause(contains));
    if (unknown.length > 0) out.check.push(cause(unknown));
  }
  const has: Record<Finding, boolean> = {
    contains: out.contains.length > 0,
    may_contain: out.may.length > 0,
    check_packets: out.check.length > 0,
    no_conflict_found: true,
  };
  return { ...out, finding: FINDINGS.find((f) => has[f])! };
}

/** The avoidances of which it is not confirmed that nothing of them is in it. */
export const unconfirmedOf = ({ contains, may, check, avoids }: Suitability): AvoidId[] => {
  const open = new Set([...contains, ...may, ...check].flatMap((c) => c.avoids));
  return avoids.filter((a) => open.has(a));
};
