import { Button, Progress } from '@mantine/core';
import { calendarEntries, type BakeDay } from '../../../contract/days';
import type { Clash, Remedy } from '../../../core/schedule';
import { addressOf } from '../../api/ask';
import { Notice } from '../../parts/Notice';
import { saveCalendar } from '../../parts/saveCalendar';
import { dayTitle, timeOf, weekdayOf } from '../../words/clockWords';
import { lengthText, sayClash, sayProof, sayRemedy } from '../../words/dayWords';
import { wantedOf } from './asked';
import { ByTime } from './ByTime';
import { DayBakes } from './DayBakes';
import { DayMeans } from './DayMeans';
import { DayPeople } from './DayPeople';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { Lanes } from './Lanes';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.planView;

/** The day with what would help put in place of what does not fit. */
function helped(d: BakeDay, r: Remedy): BakeDay {
  if (r.kind === 'more') return { ...d, counts: { ...d.counts, [r.thing]: (d.counts[r.thing] ?? 0) + 1 } };
  if (r.kind === 'drop') return { ...d, bakes: d.bakes.filter((b) => b.id !== r.bakeId) };
  return {
    ...d,
    bakes: d.bakes.map((b) => {
      if (b.id !== r.bakeId) return b;
      return r.kind === 'later' ? { ...b, readyBy: r.readyBy } : { ...b, keepsMin: b.readyBy - r.readyAt };
    }),
  };
}

/** Why it does not fit, and what would help. */
function DoesNotFit({ clash }: { clash: Clash }) {
  const { bakes, now, change } = useDayContext();
  const title = (id: string): string => bakes.find((b) => b.id === id)?.title ?? W.aBake;
  return (
    <Notice kind="trouble" title={W.itDoesNotAllFit}>
      <p>{sayClash(clash, title)}</p>
      {clash.remedies.length > 0 && <p>{W.whatWouldHelp}</p>}
      {clash.remedies.map((r) => (
        <Button
          key={JSON.stringify(r)}
          size="compact-md"
          variant="light"
          mt={8}
          mr={8}
          onClick={() => void change((d) => helped(d, r))}
        >
          {sayRemedy(r, title, now)}
        </Button>
      ))}
    </Notice>
  );
}

/** A plan is being worked out: how far that is, and a way to leave it at what there is. */
function Working({ share }: { share: number }) {
  const { day, change } = useDayContext();
  return (
    <div role="status">
      <p className="small quiet">{day.plan ? W.lookingForABetterPlan : W.planningTheDay}</p>
      <Progress value={100 * share} aria-label={W.planning} size="sm" />
      {day.plan && (
        <Button
          size="compact-md"
          variant="subtle"
          onClick={() => void change((d) => ({ ...d, plannedFor: wantedOf(d) }))}
        >
          {W.stopLooking}
        </Button>
      )}
    </div>
  );
}

/** The plan itself: from when to when, who does what, and the same in the order of time. */
function Planned({ plan }: { plan: NonNullable<BakeDay['plan']> }) {
  const { id, day, working } = useDayContext();
  const begins = Math.min(...plan.lain.map((l) => l.from));
  const ends = Math.max(...plan.lain.map((l) => l.to));
  const byHand = plan.lain.flatMap((l) => l.hands).reduce((s, h) => s + h.to - h.from, 0);
  return (
    <>
      <p>
        {W.begunAtAllReadyAt({
          strong: <b className="num">{timeOf(begins)}</b>,
          weekday: weekdayOf(begins),
          strong2: <b className="num">{timeOf(ends)}</b>,
          length: lengthText(byHand),
        })}{' '}
        {working === null && <span className="quiet">{sayProof(plan)}</span>}{' '}
        <Button
          size="compact-md"
          variant="subtle"
          onClick={() => void saveCalendar(day.title, calendarEntries(day))}
        >
          {W.saveForACalendar}
        </Button>
      </p>
      <section className={`sheet ${classes.onlyWide}`} aria-label={W.whoDoesWhatWhen}>
        <Lanes />
      </section>
      <ByTime />
      <p className="small quiet">
        {W.calendarsOnThisMachineCan({ note: <code>{addressOf('dayCalendar', id)}</code> })}
      </p>
    </>
  );
}

/** The plan of a day: what is wanted at the left, who does what when at the right. */
export function PlanView() {
  const { day, working, clash, now } = useDayContext();
  const plan = day.plan && day.plan.lain.length > 0 ? day.plan : null;
  const begins = plan && Math.min(...plan.lain.map((l) => l.from));
  return (
    <div className={classes.plan}>
      <div className={classes.aside}>
        <DayBakes />
        <DayPeople />
        <DayMeans />
      </div>
      <div className={classes.stack}>
        {working !== null && <Working share={working} />}
        {clash && <DoesNotFit clash={clash} />}
        {day.bakes.length === 0 && <p>{W.addBakesAtTheLeft}</p>}
        {day.people.length === 0 && day.bakes.length > 0 && <p>{W.nobodyIsThereToBake}</p>}
        {begins !== null && begins < now && Object.keys(day.begun).length === 0 && (
          <Notice kind="word" title={W.itWouldHaveToBe}>
            {W.theFirstThingWasTo({ time: timeOf(begins), day: dayTitle(begins, now) })}
          </Notice>
        )}
        {plan && !clash && <Planned plan={plan} />}
      </div>
    </div>
  );
}
