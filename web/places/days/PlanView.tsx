import { Button, Progress } from '@mantine/core';
import { calendarEntries } from '../../../contract/days';
import { addressOf } from '../../api/api';
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

/** The plan of a day: what is wanted at the left, who does what when at the right. */
export function PlanView() {
  const context = useDayContext();
  const { id, day, bakes, working, clash, now, change } = context;
  const { plan } = day;
  const title = (id: string): string => bakes.find((b) => b.id === id)?.title ?? W.aBake;
  const tooLate =
    plan !== null && Object.keys(day.begun).length === 0 && Math.min(...plan.lain.map((l) => l.from)) < now;
  const begins = plan && plan.lain.length > 0 ? Math.min(...plan.lain.map((l) => l.from)) : null;
  const ends = plan && plan.lain.length > 0 ? Math.max(...plan.lain.map((l) => l.to)) : null;
  const byHand = plan?.lain.flatMap((l) => l.hands).reduce((s, h) => s + h.to - h.from, 0) ?? 0;
  return (
    <div className={classes.plan}>
      <div className={classes.aside}>
        <DayBakes />
        <DayPeople />
        <DayMeans />
      </div>
      <div className={classes.stack}>
        {working !== null && (
          <div role="status">
            <p className="small quiet">{plan ? W.lookingForABetterPlan : W.planningTheDay}</p>
            <Progress value={100 * working} aria-label={W.planning} size="sm" />
            {plan && (
              <Button
                size="compact-md"
                variant="subtle"
                onClick={() => void change((d) => ({ ...d, plannedFor: wantedOf(d) }))}
              >
                {W.stopLooking}
              </Button>
            )}
          </div>
        )}
        {clash && (
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
                onClick={() =>
                  void change((d) => {
                    if (r.kind === 'more')
                      return { ...d, counts: { ...d.counts, [r.thing]: (d.counts[r.thing] ?? 0) + 1 } };
                    if (r.kind === 'drop') return { ...d, bakes: d.bakes.filter((b) => b.id !== r.bakeId) };
                    return {
                      ...d,
                      bakes: d.bakes.map((b) => {
                        if (b.id !== r.bakeId) return b;
                        return r.kind === 'later'
                          ? { ...b, readyBy: r.readyBy }
                          : { ...b, keepsMin: b.readyBy - r.readyAt };
                      }),
                    };
                  })
                }
              >
                {sayRemedy(r, title, now)}
              </Button>
            ))}
          </Notice>
        )}
        {day.bakes.length === 0 && <p>{W.addBakesAtTheLeft}</p>}
        {day.people.length === 0 && day.bakes.length > 0 && <p>{W.nobodyIsThereToBake}</p>}
        {tooLate && begins !== null && (
          <Notice kind="word" title={W.itWouldHaveToBe}>
            {W.theFirstThingWasTo({ time: timeOf(begins), day: dayTitle(begins, now) })}
          </Notice>
        )}
        {plan && begins !== null && ends !== null && !clash && (
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
        )}
      </div>
    </div>
  );
}
