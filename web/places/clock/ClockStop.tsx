import { Button, Group, TextInput } from '@mantine/core';
import { useInterval } from '@mantine/hooks';
import { useMemo, useState } from 'react';
import { clockOf, readyFrom, tasksOf, type Placed } from '../../../core/plan';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { fileName, saveFile } from '../../parts/saveFile';
import { timeText } from '../../words/actions';
import { dateOf, dayTitle, taskLength, taskTitle, timeOf } from '../../words/clockWords';
import { say } from '../../words/say';
import { textNow } from '../../words/stepWords';
import { useDeskContext } from '../desk/context';
import { calendarOf } from './calendar';
import classes from './clock.module.css';

/** Nobody is up: half past ten to half past six. */
const NIGHT = { from: 22 * 60 + 30, to: 6 * 60 + 30 };
const dayAt = (min: number): number => {
  const d = dateOf(min);
  return d.getHours() * 60 + d.getMinutes();
};
const inSentence = (day: string): string => day.replace(/^To/, 'to');
const nowMin = (): number => Math.floor(Date.now() / 60_000);

/** Tomorrow at one, when a bake is often wanted. */
function usualReady(): number {
  const d = new Date();
  d.setDate(d.getDate() + 1);
  d.setHours(13, 0, 0, 0);
  return d.getTime() / 60_000;
}
const pad = (n: number): string => String(n).padStart(2, '0');
const asField = (min: number): string => {
  const d = dateOf(min);
  return `${d.getFullYear()}-${pad(d.getMonth() + 1)}-${pad(d.getDate())}T${pad(d.getHours())}:${pad(d.getMinutes())}`;
};

/** The band from the first hand put to it to the first slice: dark where somebody works. */
function Band({ placed, from, to }: { placed: readonly Placed[]; from: number; to: number }) {
  const at = (min: number): number => (100 * (min - from)) / Math.max(1, to - from);
  return (
    <svg className={classes.band} viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
      <rect x="0" y="3" width="100" height="2" className={classes.wait} />
      {placed.map((p) => (
        <g key={p.task.id}>
          {(p.task.kind === 'bake' || p.task.kind === 'blind_bake') && (
            <rect x={at(p.from)} y="1" width={at(p.to) - at(p.from)} height="6" className={classes.oven} />
          )}
          {p.task.handsFirst > 0 && (
            <rect
              x={at(p.from)}
              y="0"
              width={Math.max(0.6, at(p.from + p.task.handsFirst) - at(p.from))}
              height="8"
              className={classes.hands}
            />
          )}
        </g>
      ))}
    </svg>
  );
}

/** Clock: from when it is wanted back to the first thing to do, with what is tonight and what is tomorrow. */
export function ClockStop() {
  const { doc, solution } = useDeskContext();
  const { pantry } = usePantry();
  const [now, setNow] = useState(nowMin);
  useInterval(() => setNow(nowMin()), 30_000, { autoInvoke: true });
  const [wanted, setWanted] = useState<string>(() => asField(usualReady()));
  const formula = solution?.formula ?? doc.source;
  const tasks = useMemo(() => tasksOf(formula, pantry.lookup), [formula, pantry]);
  const ready = new Date(wanted).getTime() / 60_000;
  const known = Number.isFinite(ready);
  const clock = useMemo(() => (known ? clockOf(tasks, ready, NIGHT, dayAt) : null), [tasks, ready, known]);
  const steps = useMemo(() => new Map(formula.method.map((s) => [s.id, s])), [formula]);
  const late = clock !== null && clock.from < now;
  const days = [...new Set(clock?.placed.map((p) => dayTitle(p.from, now)) ?? [])];

  return (
    <div className={classes.page}>
      <Group align="end" gap={14}>
        <TextInput
          type="datetime-local"
          label="Ready by"
          value={wanted}
          onChange={(e) => setWanted(e.currentTarget.value)}
          error={known ? null : 'Give a day and a time.'}
        />
        <Button
          variant="default"
          onClick={() => setWanted(asField(Math.ceil(readyFrom(tasks, now + 2, NIGHT, dayAt) / 5) * 5))}
        >
          Start now
        </Button>
        {clock && (
          <Button
            variant="subtle"
            onClick={() =>
              void calendarOf(formula.title, clock).then((text) =>
                saveFile(fileName(formula.title, 'ics'), text, 'text/calendar'),
              )
            }
          >
            Save for a calendar
          </Button>
        )}
      </Group>
      {tasks.length === 0 && <p className="quiet">There is no method to make a clock of.</p>}
      {late && (
        <Notice kind="word" title="It would have to be begun before now">
          The first thing to do is at {timeOf(clock.from)}, {inSentence(dayTitle(clock.from, now))}. Give a
          later time, or start now: ready at {timeOf(readyFrom(tasks, now, NIGHT, dayAt))}.
        </Notice>
      )}
      {clock?.clashes.map((c) => (
        <Notice key={c.code + JSON.stringify(c.args)} kind="word">
          {say(c)}
        </Notice>
      ))}
      {clock && clock.placed.length > 0 && (
        <>
          <p>
            Begun at <b className="num">{timeOf(clock.from)}</b>, {inSentence(dayTitle(clock.from, now))};
            ready at <b className="num">{timeOf(clock.to)}</b>. Hands on for about{' '}
            {timeText([Math.round(clock.handsOn), Math.round(clock.handsOn)])} of it. Nobody gets up between{' '}
            22:30 and 06:30.
          </p>
          <Band placed={clock.placed} from={clock.from} to={clock.to} />
          {days.map((day) => (
            <section key={day} className="sheet" aria-label={day}>
              <h2 className={classes.day}>{day}</h2>
              <ol className={classes.tasks}>
                {clock.placed
                  .filter((p) => dayTitle(p.from, now) === day)
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
          ))}
        </>
      )}
    </div>
  );
}
