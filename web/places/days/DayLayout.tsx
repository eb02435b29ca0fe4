import { Skeleton } from '@mantine/core';
import { useMemo } from 'react';
import { Link, NavLink, Outlet, useParams } from 'react-router';
import type { BakeDay } from '../../../contract/days';
import { useVersionsQuery } from '../../api/api';
import { problemIn } from '../../api/ask';
import { useKitchen } from '../../shared/useKitchen';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { day as dayWords } from '../../words/format';
import { sayProblem } from '../../words/problems';
import { bakesOf, dayAsked, ovensOf, wantedOf } from './asked';
import type { DayContext } from './dayContext';
import classes from './days.module.css';
import { MIN_MS } from './runTitles';
import { useDay } from './useDay';
import { usePlan } from './usePlan';
import { useServerNow } from '../../shared/useServerNow';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.dayLayout;

const NONE: never[] = [];
const VIEWS = [
  { to: '.', name: W.plan },
  { to: 'now', name: W.goThroughIt },
  { to: 'lists', name: W.lists },
  { to: 'sheet', name: W.wallSheet },
];

/** The bakes of a day as they were read, with its ovens, and what is asked of a plan; made anew only where that changes. */
function useAsked(day: BakeDay | null) {
  const kitchen = useKitchen();
  const { pantry } = usePantry();
  const ids = useMemo(() => [...new Set(day?.bakes.map((b) => b.versionId))].sort(), [day?.bakes]);
  const { data: versions = NONE, error: lost } = useVersionsQuery(ids, { skip: ids.length === 0 });
  const wanted = day && wantedOf(day);
  const read = useMemo(() => {
    if (!day) return { bakes: [], ovens: [], asked: null };
    const ovens = ovensOf(day, kitchen);
    const bakes = bakesOf(day, versions, { ovens, tins: kitchen.tins ?? [], times: kitchen }, pantry.lookup);
    const whole = bakes.length > 0 && bakes.length === day.bakes.length;
    return { bakes, ovens, asked: whole ? dayAsked(day, bakes, ovens, pantry.lookup) : null };
    // What is begun and planned does not change what is asked.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [wanted, versions, kitchen, pantry]);
  return { ...read, lost };
}

/** One bake day: its plan, its running, its lists, its sheet for the wall. */
export function DayLayout() {
  const { id = '' } = useParams();
  const { day, error, refetch, change, trouble } = useDay(id);
  usePageTitle(day?.title ?? W.bakeDay);
  const { bakes, ovens, asked, lost } = useAsked(day);
  const nowMs = useServerNow();
  const { working, clash } = usePlan({ day, asked, bakes, change, now: Math.floor(nowMs / MIN_MS) });
  if (error)
    return (
      <main id="main" className={classes.page}>
        <Notice
          kind="trouble"
          title={W.theDayCannotBeRead}
          action={{ words: W.tryAgain, do: () => void refetch() }}
        >
          {sayProblem(problemIn(error)?.code ?? null)} <Link to="/days">{W.toTheBakeDays}</Link>
        </Notice>
      </main>
    );
  if (!day)
    return (
      <main id="main" className={classes.page} aria-busy="true">
        <Skeleton height={40} width={300} />
        <Skeleton height={320} />
      </main>
    );
  const context: DayContext = {
    id,
    day,
    change,
    bakes,
    ovens,
    asked,
    working,
    clash,
    nowMs,
    now: Math.floor(nowMs / MIN_MS),
  };
  return (
    <main id="main" className={classes.page}>
      <div className={`${classes.head} no-print`}>
        <div>
          <h1>{day.title}</h1>
          <p className="quiet">{dayWords(`${day.date}T12:00`)}</p>
        </div>
        <nav aria-label={W.pagesOfTheDay} className={classes.views}>
          {VIEWS.map(({ to, name }) => (
            <NavLink key={to} to={to} end className={({ isActive }) => (isActive ? classes.here! : '')}>
              {name}
            </NavLink>
          ))}
        </nav>
      </div>
      {trouble && (
        <Notice kind="trouble" title={W.notKept}>
          {trouble}
        </Notice>
      )}
      {lost && (
        <Notice kind="trouble" title={W.versionsOfThisDayCannot}>
          {sayProblem(problemIn(lost)?.code ?? null)}
        </Notice>
      )}
      <Outlet context={context} />
    </main>
  );
}
