import { Button, Progress } from '@mantine/core';
import { calendarEntries } from '../../../contract/days';
import { addressOf } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { saveCalendar } from '../../parts/saveCalendar';
import { dateOf, dayTitle, timeOf } from '../../words/clockWords';
import { lengthText, sayClash, sayProof, sayRemedy } from '../../words/dayWords';
import { wantedOf } from './asked';
import { ByTime } from './ByTime';
import { DayBakes } from './DayBakes';
import { DayMeans } from './DayMeans';
import { DayPeople } from './DayPeople';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { Lanes } from './Lanes';

/** The plan of a day: what is wanted at the left, who does what when at the right. */
export function PlanView() {
  const context = useDayContext();
  const { id, day, bakes, working, clash, now, change } = context;
  const { plan } = day;
  const title = (id: string): string => bakes.find((b) => b.id === id)?.title ?? 'A bake';
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
            <p className="small quiet">{plan ? 'Looking for a better plan' : 'Planning the day'}</p>
            <Progress value={100 * working} aria-label="Planning" size="sm" />
            {plan && (
              <Button
                size="compact-md"
                variant="subtle"
                onClick={() => void change((d) => ({ ...d, plannedFor: wantedOf(d) }))}
              >
                Stop looking
              </Button>
            )}
          </div>
        )}
        {clash && (
          <Notice kind="trouble" title="It does not all fit">
            <p>{sayClash(clash, title)}</p>
            {clash.remedies.length > 0 && <p>What would help:</p>}
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
        {day.bakes.length === 0 && (
          <p>Add bakes at the left. What they take is planned backwards from when they are wanted.</p>
        )}
        {day.people.length === 0 && day.bakes.length > 0 && (
          <p>Nobody is there to bake. Add at least one person.</p>
        )}
        {tooLate && begins !== null && (
          <Notice kind="word" title="It would have to be begun before now">
            The first thing was to be done at {timeOf(begins)}, {dayTitle(begins, now)}. Want things later, or
            go through it now: what is left is moved.
          </Notice>
        )}
        {plan && begins !== null && ends !== null && !clash && (
          <>
            <p>
              Begun at <b className="num">{timeOf(begins)}</b>,{' '}
              {dateOf(begins).toLocaleDateString('en-GB', { weekday: 'long' })}; all ready at{' '}
              <b className="num">{timeOf(ends)}</b>. About {lengthText(byHand)} by hand.{' '}
              {working === null && <span className="quiet">{sayProof(plan)}</span>}{' '}
              <Button
                size="compact-md"
                variant="subtle"
                onClick={() => void saveCalendar(day.title, calendarEntries(day))}
              >
                Save for a calendar
              </Button>
            </p>
            <section className={`sheet ${classes.onlyWide}`} aria-label="Who does what when">
              <Lanes />
            </section>
            <ByTime />
            <p className="small quiet">
              Calendars on this machine can follow the day at <code>{addressOf('dayCalendar', id)}</code>
            </p>
          </>
        )}
      </div>
    </div>
  );
}
