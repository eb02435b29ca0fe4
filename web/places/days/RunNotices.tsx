import { Notice } from '../../parts/Notice';
import { daysWords } from '../../words/data/en/days';
import { lengthText, sayRescue } from '../../words/dayWords';
import type { Alarm } from '../../shared/useAlarms';
import { useDayContext } from './dayContext';
import { titleOf } from './runTitles';
import type { Running } from './useRunning';

const W = daysWords.runView;

type Props = { running: Running; began: boolean; ringing: readonly Alarm[]; onQuiet: () => void };

/** What has to be known at once of a day under way: what rings, what is late, what no longer fits, what would be better. */
export function RunNotices({ running, began, ringing, onQuiet }: Props) {
  const context = useDayContext();
  const { late, rescues, beyond, offer } = running;
  const [first] = late;
  const many = ringing.length > 1;
  return (
    <>
      {ringing.length > 0 && (
        <Notice
          kind="trouble"
          title={ringing.map((r) => r.title).join('; ')}
          action={{ words: many ? W.quietAll : W.quiet, do: onQuiet }}
        >
          {many ? W.alarmsOneAfterAnother({ ringingCount: ringing.length }) : W.itsTimeHasCome}
        </Notice>
      )}
      {first && began && (
        <Notice
          kind="word"
          title={W.late({ title: titleOf(context, first), length: lengthText(context.now - first.due) })}
        >
          {W.whatIsLeftHasBeen}
        </Notice>
      )}
      {rescues.map((r) => (
        <Notice key={`${r.bakeId}/${r.taskId}`} kind="word" title={W.thisHasToBeRescued}>
          {sayRescue(r, context.bakes.find((b) => b.id === r.bakeId)?.title ?? '')}
        </Notice>
      ))}
      {beyond && (
        <Notice kind="word" title={beyond === 'hours' ? W.itDoesNotFitInto : W.itDoesNotFitWhat}>
          {beyond === 'hours' ? W.thePlanNowHasWork : W.thePlanNowTakesMore}
        </Notice>
      )}
      {offer && (
        <Notice kind="word" title={W.thereIsABetterOrder} action={{ words: W.takeIt, do: running.takeOffer }}>
          {W.itWaitsLessThanThe}
        </Notice>
      )}
    </>
  );
}
