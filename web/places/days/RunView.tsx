import { Button } from '@mantine/core';
import { useEffect, useState } from 'react';
import { readySound } from '../../shared/sound';
import { useAlarms, type Alarm } from '../../shared/useAlarms';
import { useAwake } from '../../shared/useAwake';
import { timeOf } from '../../words/clockWords';
import { daysWords } from '../../words/data/en/days';
import { countdown } from '../../words/dayWords';
import { useDayContext, type DayContext } from './dayContext';
import classes from './days.module.css';
import { NextThing } from './NextThing';
import { RunList } from './RunList';
import { RunNotices } from './RunNotices';
import { MIN_MS, titleOf } from './runTitles';
import { Timers } from './Timers';
import { useRunning, type Running } from './useRunning';

const W = daysWords.runView;

const AGAIN_MIN = 30;
/** So many of what comes later are shown. */
const MOST_LATER = 8;

/** What rings: what is over or has to be begun, and timers. Nothing before the day has begun. */
function alarmsOf(context: DayContext, { next }: Running): Alarm[] {
  const { day } = context;
  if (Object.keys(day.begun).length === 0) return [];
  const due = next
    .filter((n) => n.running || n.lain.hands.length > 0)
    .map((n) => ({
      // A plan that moves a little does not ring again what was answered; half an hour later it does.
      key: `${n.key}@${Math.floor(n.due / AGAIN_MIN)}`,
      at: n.due * MIN_MS,
      title: n.running ? W.over({ title: titleOf(context, n) }) : titleOf(context, n),
    }));
  const timers = day.timers
    .filter((t) => !t.off)
    .map((t) => ({ key: `timer ${t.id}`, at: t.endsAt, title: t.name }));
  return [...due, ...timers];
}

/** Browsers let a page sound only after it was touched once. */
function useSoundAfterTouch(): void {
  useEffect(() => {
    const press = () => readySound();
    window.addEventListener('pointerdown', press, { once: true });
    window.addEventListener('keydown', press, { once: true });
    return () => {
      window.removeEventListener('pointerdown', press);
      window.removeEventListener('keydown', press);
    };
  }, []);
}

function AskForNotices() {
  const [asks, setAsks] = useState(() => 'Notification' in window && Notification.permission === 'default');
  if (!asks) return null;
  return (
    <section className={`sheet ${classes.panel}`}>
      <p className="small">{W.withYourLeaveTheBrowser}</p>
      <Button
        variant="default"
        onClick={() => void Notification.requestPermission().then(() => setAsks(false))}
      >
        {W.allowNotices}
      </Button>
    </section>
  );
}

/** Going through the day: the next thing large, what goes on by itself with its countdown, alarms, timers. */
export function RunView() {
  const context = useDayContext();
  const { day, change, now, nowMs } = context;
  const running = useRunning(context);
  const { next } = running;
  const began = Object.keys(day.begun).length > 0;
  useAwake(began);
  useSoundAfterTouch();
  const ringing = useAlarms(alarmsOf(context, running), day.answered, nowMs, day.title);
  const quiet = () => {
    const keys = ringing.map((r) => r.key);
    void change((d) => ({ ...d, answered: [...new Set([...d.answered, ...keys])].slice(-500) }));
  };
  if (!day.plan) return <p>{W.thereIsNoPlanTo}</p>;
  // What goes on by itself and is not over yet waits beside; what is to be done now leads.
  const first = next.find((n) => !n.running || n.due <= now) ?? next[0];
  const over = (n: { key: string }) => void running.tick(n.key, 'over');
  return (
    <div className={classes.run}>
      <div className={classes.stack}>
        <RunNotices running={running} began={began} ringing={ringing} onQuiet={quiet} />
        {first ? <NextThing of={first} running={running} began={began} /> : <p>{W.allOfItIsOver}</p>}
        <RunList
          title={W.then}
          of={next.filter((n) => n !== first && !n.running).slice(0, MOST_LATER)}
          beside={(n) => timeOf(n.due)}
          over={W.done}
          overOf={(n) => W.done2({ title: titleOf(context, n) })}
          onOver={over}
        />
      </div>
      <div className={classes.stack}>
        <RunList
          title={W.goingOnByItself}
          of={next.filter((n) => n.running && n !== first)}
          beside={(n) => countdown(n.due * MIN_MS - nowMs)}
          over={W.over2}
          overOf={(n) => W.over({ title: titleOf(context, n) })}
          onOver={over}
        />
        <Timers />
        <AskForNotices />
      </div>
    </div>
  );
}
