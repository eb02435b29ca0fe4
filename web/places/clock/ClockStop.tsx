import { Button, Group } from '@mantine/core';
import { useInterval } from '@mantine/hooks';
import { useMemo, useState } from 'react';
import { USUAL_HOURS, type Hours } from '../../../contract/dto';
import type { Formula } from '../../../core/formula';
import { tasksOf } from '../../../core/plan';
import { clockOf, readyFrom } from '../../../core/schedule';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { useKitchen } from '../../shared/useKitchen';
import { usePantry } from '../../pantry/usePantry';
import { HoursField } from '../../parts/HoursField';
import { Notice } from '../../parts/Notice';
import { WhenField } from '../../parts/WhenField';
import { saveCalendar } from '../../parts/saveCalendar';
import { timeText } from '../../words/actions';
import {
  dailyHours,
  dateOf,
  dayTitle,
  hourText,
  taskLength,
  taskTitle,
  timeOf,
} from '../../words/clockWords';
import { textNow } from '../../words/stepWords';
import { useDeskContext } from '../../shared/deskContext';
import { ClockLanes } from './ClockLanes';
import { entriesOf } from './entries';
import classes from './clock.module.css';
import { clockWords } from '../../words/data/en/clock';

const W = clockWords.clockStop;

/** Three days to either side are looked at. */
const REACH_MIN = 4320;
const nowMin = (): number => Math.floor(Date.now() / 60_000);

/** Tomorrow at one, when a bake is often wanted. */
function usualReady(): number {
  const d = new Date();
  d.setDate(d.getDate() + 1);
  d.setHours(13, 0, 0, 0);
  return d.getTime() / 60_000;
}
type Clock = NonNullable<ReturnType<typeof clockOf>>;

/** What is to be done on one day. */
function DayTasks({ title, placed, formula }: { title: string; placed: Clock['placed']; formula: Formula }) {
  const steps = useMemo(() => new Map(formula.method.map((s) => [s.id, s])), [formula]);
  return (
    <section className="sheet" aria-label={title}>
      <h2 className={classes.day}>{title}</h2>
      <ol className={classes.tasks}>
        {[...placed]
          .sort((a, b) => a.from - b.from)
          .map((p, i, all) => {
            // A step of several tasks is told with the first of them.
            const told = p.task.stepId !== null && all[i - 1]?.task.stepId === p.task.stepId;
            const step = p.task.stepId && !told ? steps.get(p.task.stepId) : undefined;
            return (
              <li key={p.task.id} data-hands={p.task.handsFirst > 2 ? '' : undefined}>
                <time className="num" dateTime={dateOf(p.from).toISOString()}>
                  {timeOf(p.from)}
                </time>
                <div>
                  <b>{taskTitle(p.task)}</b>
                  <span className="quiet small"> {taskLength(p)}</span>
                  {step && <p className="small">{step.own ?? textNow(step)}</p>}
                </div>
              </li>
            );
          })}
      </ol>
    </section>
  );
}

/** When it is begun and ready, and how long hands are needed. */
const Begun = ({ clock, now, up }: { clock: Clock; now: number; up: Hours }) => (
  <p>
    {W.begunAtReadyAtHands({
      strong: <b className="num">{timeOf(clock.from)}</b>,
      inSentence: dayTitle(clock.from, now, true),
      strong2: <b className="num">{timeOf(clock.to)}</b>,
      inSentence2: dayTitle(clock.to, now, true),
      time: timeText([Math.round(clock.handsOn), Math.round(clock.handsOn)]),
      hour: hourText(up.from),
      hour2: hourText(up.to),
    })}
  </p>
);

/** When it is wanted, whether it can be begun now, and the same for a calendar. */
function Wanted({
  ready,
  setReady,
  soonest,
  onCalendar,
}: {
  ready: number;
  setReady: (min: number) => void;
  soonest: number | null;
  onCalendar: (() => void) | null;
}) {
  return (
    <Group align="end" gap={14}>
      <WhenField label={W.readyBy} value={ready} onChange={setReady} />
      <Button
        variant="default"
        disabled={soonest === null}
        onClick={() => soonest !== null && setReady(soonest)}
      >
        {W.startNow}
      </Button>
      {onCalendar && (
        <Button variant="subtle" onClick={onCalendar}>
          {W.saveForACalendar}
        </Button>
      )}
    </Group>
  );
}

/** Whether it can be begun in time, and whether it fits at all. */
function Fits({
  clock,
  now,
  soonest,
  up,
  isPinned,
}: {
  clock: Clock | null;
  now: number;
  soonest: number | null;
  up: Hours;
  isPinned: boolean;
}) {
  if (!clock)
    return (
      <Notice kind="word" title={W.itDoesNotFit}>
        {W.betweenAndThereIsNo({
          hour: hourText(up.from),
          hour2: hourText(up.to),
          which: isPinned ? W.withWhatWasPutAt : '',
        })}
      </Notice>
    );
  if (clock.from >= now) return null;
  return (
    <Notice kind="word" title={W.itWouldHaveToBe}>
      {W.theFirstThingToDo({
        time: timeOf(clock.from),
        inSentence: dayTitle(clock.from, now, true),
        note: soonest !== null && <>{W.orStartNowReadyAt({ time: timeOf(soonest) })}</>,
      })}
    </Notice>
  );
}

/** Clock: from when it is wanted back to the first thing to do, with what is tonight and what is tomorrow. */
export function ClockStop() {
  const { doc, solution } = useDeskContext();
  const { pantry } = usePantry();
  const [now, setNow] = useState(nowMin);
  useInterval(() => setNow(nowMin()), 30_000, { autoInvoke: true });
  const [ready, setReady] = useState(usualReady);
  const [pins, setPins] = useState<Record<string, number>>({});
  const formula = solution?.formula ?? doc.source;
  const kitchen = useKitchen();
  const tasks = useMemo(() => tasksOf(formula, pantry.lookup, kitchen), [formula, pantry, kitchen]);
  const { up = USUAL_HOURS } = kitchen;
  const { change, trouble } = useChangeKitchen();
  const clock = useMemo(
    () => clockOf(tasks, ready, dailyHours(up, ready - REACH_MIN, ready), { pins }),
    [tasks, ready, up, pins],
  );
  const soonest = useMemo(
    () => readyFrom(tasks, now + 2, dailyHours(up, now, now + REACH_MIN)),
    [tasks, now, up],
  );
  const isPinned = Object.keys(pins).length > 0;
  const placed = clock?.placed ?? [];
  const days = [...new Set(placed.map((p) => dayTitle(p.from, now)))];

  return (
    <div className={classes.page}>
      <Wanted
        ready={ready}
        setReady={setReady}
        soonest={soonest}
        onCalendar={clock && (() => void saveCalendar(formula.title, entriesOf(formula.title, clock)))}
      />
      <HoursField label={[W.upFrom, W.until]} value={up} onChange={(to) => void change({ up: to })} />
      {trouble}
      {isPinned && (
        <div>
          <Button variant="default" onClick={() => setPins({})}>
            {W.letGoOfWhatWas}
          </Button>
        </div>
      )}
      {tasks.length === 0 && <p className="quiet">{W.thereIsNoMethodTo}</p>}
      <Fits clock={clock} now={now} soonest={soonest} up={up} isPinned={isPinned} />
      {clock && placed.length > 0 && (
        <>
          <Begun clock={clock} now={now} up={up} />
          <ClockLanes
            clock={clock}
            now={now}
            ready={ready}
            pins={pins}
            onReady={setReady}
            onPin={(id, min) => setPins((was) => ({ ...was, [id]: min }))}
          />
          {days.map((day) => (
            <DayTasks
              key={day}
              title={day}
              placed={placed.filter((p) => dayTitle(p.from, now) === day)}
              formula={formula}
            />
          ))}
        </>
      )}
    </div>
  );
}
