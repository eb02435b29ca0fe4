import { useMemo } from 'react';
import { Link } from 'react-router';
import { verdictForEater, type EaterVerdict } from '../../core/exclusions';
import type { Formula } from '../../core/formula';
import { idOf, type Lookup } from '../../core/ingredients';
import { withOwnWords } from '../../core/pantry';
import { useEatersQuery } from '../api/api';
import { FINDING_ICONS } from '../parts/Suits';
import { listed } from '../words/plural';
import { AVOID_WORDS, ingredientName } from '../words/things';
import classes from './whoeats.module.css';
import { deskWords } from '../words/data/en/desk';

const W = deskWords.whoEats;

/** Told of the bake, never of the person. */
const VERDICTS: Record<EaterVerdict['finding'], string> = {
  contains: W.notSuitable,
  may_contain: W.mayContain,
  check_packets: W.checkPackets,
  no_conflict_found: W.noConflictFound,
};
const MOST_LINES = 4;

/** What can be said for each eater, with the lines that cause it by their names. */
function useVerdicts(formula: Formula, lookup: Lookup) {
  const { data: eaters = [] } = useEatersQuery();
  return useMemo(() => {
    const lines = formula.parts.flatMap((p) => p.lines);
    const nameOf = (index: number): string => {
      const id = idOf(lines[index]!.item);
      return id === null ? W.aLineNotUnderstood : ingredientName(id, true);
    };
    return eaters.map((eater) => {
      const own = withOwnWords(lookup, eater.words);
      const { finding, because } = verdictForEater(
        eater,
        lines.map((l) => own(l.item)),
      );
      const telling = because.filter((b) => b.finding === finding);
      return {
        eater,
        finding,
        names: [...new Set(telling.map((b) => nameOf(b.index)))],
        hit: [...new Set(telling.flatMap((b) => b.avoids))],
      };
    });
  }, [eaters, formula, lookup]);
}
type Verdict = ReturnType<typeof useVerdicts>[number];

/** All of it in one paragraph. */
const InBrief = ({ of }: { of: readonly Verdict[] }) =>
  of.length > 0 && (
    <p>
      <b>{W.forWhomItSuits}</b>{' '}
      {of
        .map(
          ({ eater, finding, names }) =>
            `${eater.name}: ${VERDICTS[finding]}${names.length > 0 ? `: ${listed(names.slice(0, MOST_LINES))}` : ''}`,
        )
        .join('; ')}
      .
    </p>
  );

/** What can be said of a formula for everybody one bakes for, with the lines that cause it. */
export function WhoEats({
  formula,
  lookup,
  brief = false,
}: {
  formula: Formula;
  lookup: Lookup;
  /** One paragraph, for a page to print. */
  brief?: boolean;
}) {
  const verdicts = useVerdicts(formula, lookup);
  if (brief) return <InBrief of={verdicts} />;
  return (
    <section aria-label={W.forWhomItSuits2}>
      <h2>{W.forWhomItSuits2}</h2>
      {verdicts.length === 0 && (
        <p className="small quiet">
          {W.nobodyIsOnTheList} <Link to="/kitchen">{W.sayForWhomYouBake}</Link>
        </p>
      )}
      <ul className={classes.list}>
        {verdicts.map(({ eater, finding, names, hit }) => {
          const Icon = FINDING_ICONS[finding];
          return (
            <li key={eater.id} data-finding={finding}>
              <Icon size={17} stroke={1.9} aria-hidden="true" />
              <div>
                <b>{eater.name}</b>: {VERDICTS[finding]}
                {names.length > 0 && (
                  <div className="small quiet">
                    {listed(names.slice(0, MOST_LINES))}
                    {names.length > MOST_LINES && W.andMore({ namesCount: names.length - MOST_LINES })}
                    {hit.length <= 4 && ` (${listed(hit.map((a) => AVOID_WORDS[a]))})`}
                  </div>
                )}
              </div>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
