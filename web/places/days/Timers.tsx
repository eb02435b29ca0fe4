import { Button, NumberInput, TextInput } from '@mantine/core';
import { useState } from 'react';
import { countdown } from '../../words/dayWords';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { MIN_MS } from './runTitles';
import { readySound } from '../../shared/sound';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.timers;

const MOST_MIN = 1440;

/** Timers set by hand, on the server's clock: they are there after a reload and on a second device. */
export function Timers() {
  const { day, change, nowMs } = useDayContext();
  const [name, setName] = useState('');
  const [minutes, setMinutes] = useState<number | string>(10);
  const known = typeof minutes === 'number' && minutes > 0 && minutes <= MOST_MIN;
  const begin = () => {
    if (!known) return;
    readySound();
    const timer = {
      id: crypto.randomUUID(),
      name: name.trim() || W.min({ minutes }),
      begunAt: Math.round(nowMs),
      endsAt: Math.round(nowMs + minutes * MIN_MS),
      off: false,
    };
    void change((d) => ({ ...d, timers: [...d.timers.filter((t) => !t.off), timer] }));
    setName('');
  };
  const live = day.timers.filter((t) => !t.off);
  return (
    <section className="sheet" aria-label={W.timers}>
      <h2 className={classes.panel}>{W.timers}</h2>
      {live.map((t) => (
        <div key={t.id} className={classes.going}>
          <span />
          <span>{t.name}</span>
          <span className="num" role="timer">
            {countdown(t.endsAt - nowMs)}
          </span>
          <Button
            size="compact-md"
            variant="subtle"
            aria-label={W.turnOff({ name: t.name })}
            onClick={() =>
              void change((d) => ({
                ...d,
                timers: d.timers.map((x) => (x.id === t.id ? { ...x, off: true } : x)),
              }))
            }
          >
            {W.turnOff2}
          </Button>
        </div>
      ))}
      <form
        className={`${classes.panel} ${classes.fields}`}
        onSubmit={(e) => {
          e.preventDefault();
          begin();
        }}
      >
        <TextInput
          label={W.whatFor}
          value={name}
          maxLength={120}
          w={150}
          onChange={(e) => setName(e.currentTarget.value)}
        />
        <NumberInput
          label={W.minutes}
          value={minutes}
          min={1}
          max={MOST_MIN}
          w={100}
          error={known ? null : W.text1To1440}
          onChange={setMinutes}
        />
        <Button type="submit" mt={24} disabled={!known}>
          {W.startATimer}
        </Button>
      </form>
    </section>
  );
}
