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
  const { data: eaters = [] } = useEatersQuery();
  const lines = useMemo(() => formula.parts.flatMap((p) => p.lines), [formula]);
  const rows = useMemo(
    () =>
      eaters.map((eater) => {
        const own = withOwnWords(lookup, eater.words);
        return {
          eater,
          verdict: verdictForEater(
            eater,
            lines.map((l) => own(l.item)),
          ),
        };
      }),
    [eaters, lines, lookup],
  );
  const nameOf = (index: number): string => {
    const id = idOf(lines[index]!.item);
    return id === null ? W.aLineNotUnderstood : ingredientName(id, true);
  };
  if (brief) {
    if (rows.length === 0) return null;
    return (
      <p>
        <b>{W.forWhomItSuits}</b>{' '}
        {rows
          .map(({ eater, verdict }) => {
            const telling = verdict.because.filter((b) => b.finding === verdict.finding);
            const names = [...new Set(telling.map((b) => nameOf(b.index)))];
            return `${eater.name}: ${VERDICTS[verdict.finding]}${names.length > 0 ? `: ${listed(names.slice(0, MOST_LINES))}` : ''}`;
          })
          .join('; ')}
        .
      </p>
    );
  }
  return (
    <section aria-label={W.forWhomItSuits2}>
      <h2>{W.forWhomItSuits2}</h2>
      {rows.length === 0 && (
        <p className="small quiet">
          {W.nobodyIsOnTheList} <Link to="/kitchen">{W.sayForWhomYouBake}</Link>
        </p>
      )}
      <ul className={classes.list}>
        {rows.map(({ eater, verdict }) => {
          const Icon = FINDING_ICONS[verdict.finding];
          const words = VERDICTS[verdict.finding];
          const because = verdict.because.filter((b) => b.finding === verdict.finding);
          const names = [...new Set(because.map((b) => nameOf(b.index)))];
          const hit = [...new Set(because.flatMap((b) => b.avoids))];
          return (
            <li key={eater.id} data-finding={verdict.finding}>
              <Icon size={17} stroke={1.9} aria-hidden="true" />
              <div>
                <b>{eater.name}</b>: {words}
                {because.length > 0 && (
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
