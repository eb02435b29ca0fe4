import { Button, Menu } from '@mantine/core';
import { handsOf } from '../../../contract/days';
import { goesOn, type Next } from '../../../core/schedule';
import { dayTitle, taskTitle, timeOf } from '../../words/clockWords';
import { daysWords } from '../../words/data/en/days';
import { TASK_CAUTIONS } from '../../words/data/tasks';
import { countdown, lengthText } from '../../words/dayWords';
import { textNow } from '../../words/stepWords';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { colourOf, Letter } from './Letter';
import { bakeOf, MIN_MS } from './runTitles';
import type { Running } from './useRunning';

const W = daysWords.runView;

/** What is further away is told by its day and time alone. */
const SOON_MS = 12 * 3_600_000;

/** What is pressed when it is begun or over, or when it went otherwise. */
function Deeds({ of: n, running }: { of: Next; running: Running }) {
  const context = useDayContext();
  const own = n.running || !goesOn(n.task);
  return (
    <div className={classes.fields}>
      {own && (
        <Button size="lg" onClick={() => void running.tick(n.key, 'over')}>
          {W.done}
        </Button>
      )}
      {!n.running && (
        <Button
          size="lg"
          {...(own ? { variant: 'default' } : {})}
          onClick={() => void running.tick(n.key, 'begin')}
        >
          {W.begin}
        </Button>
      )}
      <Menu position="bottom-start">
        <Menu.Target>
          <Button size="lg" variant="default">
            {W.somethingElse}
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          {n.running && (
            <Menu.Item onClick={() => void running.tick(n.key, 'undo')}>{W.itWasNotBegun}</Menu.Item>
          )}
          <Menu.Item onClick={() => void running.again(n.bakeId)}>
            {W.itFailedMakeAgain({ bakeTitle: bakeOf(context, n).title })}
          </Menu.Item>
          {context.ovens
            .filter((o) => o.id !== n.lain.ovenId)
            .map((o) => (
              <Menu.Item key={o.id} onClick={() => void running.moveTo(n.bakeId, o.id)}>
                {W.bakeItIn({ name: o.name })}
              </Menu.Item>
            ))}
        </Menu.Dropdown>
      </Menu>
    </div>
  );
}

/** The next thing to do, large, with what its step says, how long it takes and whose hands it wants. */
export function NextThing({ of: n, running, began }: { of: Next; running: Running; began: boolean }) {
  const context = useDayContext();
  const { day, now, nowMs, ovens } = context;
  const bake = bakeOf(context, n);
  const caution = TASK_CAUTIONS[n.task.kind];
  const step = bake.formula.method.find((s) => s.id === n.task.stepId);
  const leftMs = n.due * MIN_MS - nowMs;
  return (
    <section
      className={`sheet ${classes.big}`}
      style={colourOf(bake.letter)}
      data-ringing={n.due <= now ? '' : undefined}
      aria-label={W.theNextThing}
    >
      <div className="quiet">
        {n.running ? W.goingOnUntil : began ? W.nextAt : W.theFirstThingAt} {timeOf(n.due)},{' '}
        {dayTitle(n.due, now)}
      </div>
      <div className={classes.what}>
        <Letter of={bake.letter} /> <b>{taskTitle(n.task)}</b> <span className="quiet">{bake.title}</span>
      </div>
      {leftMs < SOON_MS && (
        <div className={classes.count} role="timer" aria-live="off">
          {countdown(leftMs)}
        </div>
      )}
      {step && <p>{step.own ?? textNow(step)}</p>}
      {caution && <p className="small">{caution}</p>}
      <p className="small quiet">
        {lengthText(n.lain.to - n.lain.from)}
        {n.lain.hands.length > 0 && `, ${handsOf(n.lain, day.people)}`}
        {n.lain.ovenId && `, ${ovens.find((o) => o.id === n.lain.ovenId)?.name ?? ''}`}
      </p>
      <Deeds of={n} running={running} />
    </section>
  );
}
