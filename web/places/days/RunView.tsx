import { handsOf } from '../../../contract/days';
import { Button, Menu } from '@mantine/core';
import { useEffect, useState } from 'react';
import { Notice } from '../../parts/Notice';
import { taskTitle, timeOf, dayTitle } from '../../words/clockWords';
import { countdown, lengthText, sayRescue } from '../../words/dayWords';
import { TASK_CAUTIONS } from '../../words/data/tasks';
import { textNow } from '../../words/stepWords';
import { goesOn, type Next } from '../../../core/schedule';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { colourOf, Letter } from './Letter';
import { readySound } from '../../shared/sound';
import { Timers } from './Timers';
import { useAlarms, type Alarm } from '../../shared/useAlarms';
import { useAwake } from '../../shared/useAwake';
import { useRunning } from './useRunning';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.runView;

const MIN_MS = 60_000;
const AGAIN_MIN = 30;
/** What is further away is told by its day and time alone. */
const SOON_MS = 12 * 3_600_000;

/** Going through the day: the next thing large, what goes on by itself with its countdown, alarms, timers. */
export function RunView() {
  const context = useDayContext();
  const { day, bakes, change, now, nowMs, ovens } = context;
  const running = useRunning(context);
  const { next, late, beyond, offer } = running;
  const began = Object.keys(day.begun).length > 0;
  const [asks, setAsks] = useState(() => 'Notification' in window && Notification.permission === 'default');
  useAwake(began);
  const bakeOf = (n: Next) => bakes.find((b) => b.id === n.bakeId)!;
  const titleOf = (n: Next): string => `${taskTitle(n.task)}, ${bakeOf(n).title}`;
  const alarms: Alarm[] = began
    ? [
        ...next
          .filter((n) => n.running || n.lain.hands.length > 0)
          .map((n) => ({
            // A plan that moves a little does not ring again what was answered; half an hour later it does.
            key: `${n.key}@${Math.floor(n.due / AGAIN_MIN)}`,
            at: n.due * MIN_MS,
            title: n.running ? W.over({ title: titleOf(n) }) : titleOf(n),
          })),
        ...day.timers
          .filter((t) => !t.off)
          .map((t) => ({ key: `timer ${t.id}`, at: t.endsAt, title: t.name })),
      ]
    : [];
  const ringing = useAlarms(alarms, day.answered, nowMs, day.title);
  const answer = (keys: string[]) =>
    void change((d) => ({ ...d, answered: [...new Set([...d.answered, ...keys])].slice(-500) }));
  useEffect(() => {
    const press = () => readySound();
    window.addEventListener('pointerdown', press, { once: true });
    window.addEventListener('keydown', press, { once: true });
    return () => {
      window.removeEventListener('pointerdown', press);
      window.removeEventListener('keydown', press);
    };
  }, []);
  if (!day.plan) return <p>{W.thereIsNoPlanTo}</p>;
  // What goes on by itself and is not over yet waits beside; what is to be done now leads.
  const now_ = next.find((n) => !n.running || n.due <= now) ?? next[0];
  const going = next.filter((n) => n.running && n !== now_);
  const then = next.filter((n) => n !== now_ && !n.running);
  const caution = now_ && TASK_CAUTIONS[now_.task.kind];
  const step = now_ && bakeOf(now_).formula.method.find((s) => s.id === now_.task.stepId);
  return (
    <div className={classes.run}>
      <div className={classes.stack}>
        {ringing.length > 0 && (
          <Notice
            kind="trouble"
            title={ringing.map((r) => r.title).join('; ')}
            action={{
              words: ringing.length > 1 ? W.quietAll : W.quiet,
              do: () => answer(ringing.map((r) => r.key)),
            }}
          >
            {ringing.length > 1
              ? W.alarmsOneAfterAnother({ ringingCount: ringing.length })
              : W.itsTimeHasCome}
          </Notice>
        )}
        {late.length > 0 && began && (
          <Notice
            kind="word"
            title={W.late({ title: titleOf(late[0]!), length: lengthText(now - late[0]!.due) })}
          >
            {W.whatIsLeftHasBeen}
          </Notice>
        )}
        {running.rescues.map((r) => (
          <Notice key={`${r.bakeId}/${r.taskId}`} kind="word" title={W.thisHasToBeRescued}>
            {sayRescue(r, bakes.find((b) => b.id === r.bakeId)?.title ?? '')}
          </Notice>
        ))}
        {beyond && (
          <Notice kind="word" title={beyond === 'hours' ? W.itDoesNotFitInto : W.itDoesNotFitWhat}>
            {beyond === 'hours' ? W.thePlanNowHasWork : W.thePlanNowTakesMore}
          </Notice>
        )}
        {offer && (
          <Notice
            kind="word"
            title={W.thereIsABetterOrder}
            action={{ words: W.takeIt, do: running.takeOffer }}
          >
            {W.itWaitsLessThanThe}
          </Notice>
        )}
        {now_ ? (
          <section
            className={`sheet ${classes.big}`}
            style={colourOf(bakeOf(now_).letter)}
            data-ringing={now_.due <= now ? '' : undefined}
            aria-label={W.theNextThing}
          >
            <div className="quiet">
              {now_.running ? W.goingOnUntil : began ? W.nextAt : W.theFirstThingAt} {timeOf(now_.due)},{' '}
              {dayTitle(now_.due, now)}
            </div>
            <div className={classes.what}>
              <Letter of={bakeOf(now_).letter} /> <b>{taskTitle(now_.task)}</b>{' '}
              <span className="quiet">{bakeOf(now_).title}</span>
            </div>
            {now_.due * MIN_MS - nowMs < SOON_MS && (
              <div className={classes.count} role="timer" aria-live="off">
                {countdown(now_.due * MIN_MS - nowMs)}
              </div>
            )}
            {step && <p>{step.own ?? textNow(step)}</p>}
            {caution && <p className="small">{caution}</p>}
            <p className="small quiet">
              {lengthText(now_.lain.to - now_.lain.from)}
              {now_.lain.hands.length > 0 && `, ${handsOf(now_.lain, day.people)}`}
              {now_.lain.ovenId && `, ${ovens.find((o) => o.id === now_.lain.ovenId)?.name ?? ''}`}
            </p>
            <div className={classes.fields}>
              {now_.running || !goesOn(now_.task) ? (
                <Button size="lg" onClick={() => void running.tick(now_.key, 'over')}>
                  {W.done}
                </Button>
              ) : (
                <Button size="lg" onClick={() => void running.tick(now_.key, 'begin')}>
                  {W.begin}
                </Button>
              )}
              {!now_.running && !goesOn(now_.task) && (
                <Button size="lg" variant="default" onClick={() => void running.tick(now_.key, 'begin')}>
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
                  {now_.running && (
                    <Menu.Item onClick={() => void running.tick(now_.key, 'undo')}>
                      {W.itWasNotBegun}
                    </Menu.Item>
                  )}
                  <Menu.Item onClick={() => void running.again(now_.bakeId)}>
                    {W.itFailedMakeAgain({ bakeTitle: bakeOf(now_).title })}
                  </Menu.Item>
                  {ovens
                    .filter((o) => o.id !== now_.lain.ovenId)
                    .map((o) => (
                      <Menu.Item key={o.id} onClick={() => void running.moveTo(now_.bakeId, o.id)}>
                        {W.bakeItIn({ name: o.name })}
                      </Menu.Item>
                    ))}
                </Menu.Dropdown>
              </Menu>
            </div>
          </section>
        ) : (
          <p>{W.allOfItIsOver}</p>
        )}
        {then.length > 0 && (
          <section className="sheet" aria-label={W.then}>
            <h2 className={classes.panel}>{W.then}</h2>
            {then.slice(0, 8).map((n) => (
              <div key={n.key} className={classes.going}>
                <Letter of={bakeOf(n).letter} />
                <span>
                  <b>{taskTitle(n.task)}</b> <span className="quiet">{bakeOf(n).title}</span>
                </span>
                <span className="num">{timeOf(n.due)}</span>
                <Button
                  size="compact-md"
                  variant="subtle"
                  aria-label={W.done2({ title: titleOf(n) })}
                  onClick={() => void running.tick(n.key, 'over')}
                >
                  {W.done}
                </Button>
              </div>
            ))}
          </section>
        )}
      </div>
      <div className={classes.stack}>
        {going.length > 0 && (
          <section className="sheet" aria-label={W.goingOnByItself}>
            <h2 className={classes.panel}>{W.goingOnByItself}</h2>
            {going.map((n) => (
              <div key={n.key} className={classes.going}>
                <Letter of={bakeOf(n).letter} />
                <span>
                  <b>{taskTitle(n.task)}</b> <span className="quiet">{bakeOf(n).title}</span>
                </span>
                <span className="num">{countdown(n.due * MIN_MS - nowMs)}</span>
                <Button
                  size="compact-md"
                  variant="subtle"
                  aria-label={W.over({ title: titleOf(n) })}
                  onClick={() => void running.tick(n.key, 'over')}
                >
                  {W.over2}
                </Button>
              </div>
            ))}
          </section>
        )}
        <Timers />
        {asks && (
          <section className={`sheet ${classes.panel}`}>
            <p className="small">{W.withYourLeaveTheBrowser}</p>
            <Button
              variant="default"
              onClick={() => void Notification.requestPermission().then(() => setAsks(false))}
            >
              {W.allowNotices}
            </Button>
          </section>
        )}
      </div>
    </div>
  );
}
