import { Link } from 'react-router';
import { verdictFor } from '../../../core/exclusions';
import { AVOID_IDS, type AvoidId, type Ingredient } from '../../../core/ingredients';
import { listed } from '../../words/plural';
import { AVOID_WORDS } from '../../words/things';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.facts;

const ALL: readonly AvoidId[] = AVOID_IDS.filter((a) => a !== 'own_word');

/** What is said of a thing for every avoidance, the telling ones first. */
export function Facts({ of }: { of: Ingredient }) {
  const { contains, may, unknown } = verdictFor(of, ALL);
  const words = (avoids: readonly AvoidId[]) => listed(avoids.map((a) => AVOID_WORDS[a]));
  const rest = ALL.filter((a) => of.facts[a] === 'no');
  return (
    <dl className={classes.facts}>
      {contains.length > 0 && (
        <>
          <dt className={classes.holds}>{W.contains}</dt>
          <dd>{words(contains)}</dd>
        </>
      )}
      {may.length > 0 && (
        <>
          <dt>{W.mayContain}</dt>
          <dd>{words(may)}</dd>
        </>
      )}
      {unknown.length > 0 && (
        <>
          <dt>{W.notKnown}</dt>
          <dd>
            {words(unknown)}
            {of.labelNeeded && of.kind === 'ref' && (
              <>
                . <Link to={`/pantry/new/packet?like=${of.id}`}>{W.readItsPacket}</Link>
              </>
            )}
          </dd>
        </>
      )}
      {rest.length > 0 && (
        <>
          <dt>{W.nothingFoundOf}</dt>
          <dd className="quiet">{words(rest)}</dd>
        </>
      )}
    </dl>
  );
}
