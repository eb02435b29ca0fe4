import { Skeleton } from '@mantine/core';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import type { Outcome } from '../../../core/rebalance';
import { useSuits } from '../../pantry/useSuits';
import { Notice } from '../../parts/Notice';
import { Suits } from '../../parts/Suits';
import { messageText } from '../../words/say';
import { useDeskContext } from '../../shared/deskContext';
import { ComesIn } from './ComesIn';
import { ConflictRow } from './ConflictRow';
import { LeaveOut } from './LeaveOut';
import { OtherBread } from './OtherBread';
import { StyleBar } from './StyleBar';
import { CompleteOptions } from './CompleteOptions';
import { WhyAside } from './WhyAside';
import frame from '../../shared/frame.module.css';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.swapStop;

/** Nothing has to go: what can be said of the formula as it is. */
function Nothing({ avoids }: { avoids: Outcome['avoids'] }) {
  const { doc } = useDeskContext();
  const { exclude, words } = doc.request;
  const suits = useSuits(doc.source, avoids, words);
  return (
    <div className={`sheet ${classes.nothing}`}>
      <h2>{W.nothingHasToGo}</h2>
      <p>{exclude.length === 0 && !words ? W.sayAboveWhatHasTo : W.byWhatEachLineIs}</p>
      <Suits suits={suits} />
    </div>
  );
}

/** Swap: what leaves and what it did, the ways to cover it, whole solutions on top. */
export function SwapStop() {
  const { search } = useLocation();
  const { outcome, whole, solution, working } = useDeskContext();
  const [seen, setSeen] = useState<{ conflictId: string; kitId: string } | null>(null);
  const conflicts = outcome?.conflicts ?? [];
  const options = outcome?.options ?? [];
  const focus =
    seen ??
    (conflicts[0] && solution
      ? { conflictId: conflicts[0].id, kitId: solution.kits[conflicts[0].id] ?? '' }
      : null);
  const option = options.find((o) => o.conflictId === focus?.conflictId && o.kitId === focus.kitId) ?? null;

  return (
    <div className={frame.frame}>
      <div className={frame.content} aria-busy={working}>
        <LeaveOut />
        {!outcome && <Skeleton height={420} role="status" aria-label={W.workingOutTheSwaps} />}
        {outcome?.cannot.map((c) => (
          <Notice key={c.need.code + c.clash.join()} kind="trouble" title={W.noAnswer}>
            {messageText(c.need)}
          </Notice>
        ))}
        {outcome && <ComesIn heldOut={outcome.heldOut} />}
        {outcome && conflicts.length === 0 && <Nothing avoids={outcome.avoids} />}
        {conflicts.length > 0 && whole.length > 0 && outcome?.cannot.length === 0 && (
          <>
            <StyleBar />
            <CompleteOptions />
          </>
        )}
        {solution?.widened.map((w) => (
          <Notice key={w.code + JSON.stringify(w.args)} kind="word">
            {messageText(w)}
          </Notice>
        ))}
        {conflicts.length > 0 && solution && (
          <section aria-labelledby="leaves">
            <h2 id="leaves" className="visually-hidden">
              {W.whatLeavesAndWhatDoes}
            </h2>
            <ul className={`sheet ${classes.conflicts}`}>
              {conflicts.map((c) => (
                <ConflictRow
                  key={c.id}
                  conflict={c}
                  options={options.filter((o) => o.conflictId === c.id)}
                  chosen={solution.kits[c.id]}
                  seen={focus?.conflictId === c.id ? focus.kitId : null}
                  onSee={(kitId) => setSeen({ conflictId: c.id, kitId })}
                />
              ))}
            </ul>
          </section>
        )}
        {outcome?.other && <OtherBread other={outcome.other} />}
        {solution && conflicts.length > 0 && (
          <p className={classes.onward}>
            <Link to={{ pathname: '../balance', search }} relative="path">
              {W.seeItBalancedGramBy}
            </Link>
          </p>
        )}
      </div>
      <aside className={frame.aside} tabIndex={0} aria-label={W.why}>
        {solution && conflicts.length > 0 ? (
          <WhyAside option={option} solution={solution} />
        ) : (
          <p className="quiet">{W.chooseWhatHasToGo}</p>
        )}
      </aside>
    </div>
  );
}
