import { ActionIcon, Button, Checkbox, TextInput } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import type { DayPerson } from '../../../contract/days';
import { USUAL_HOURS } from '../../../contract/dto';
import { HoursField } from '../../parts/HoursField';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.dayPeople;

/** Who is there, on the day and on the evening before. */
export function DayPeople() {
  const { day, change } = useDayContext();
  const set = (id: string, more: Partial<DayPerson>) =>
    void change((d) => ({ ...d, people: d.people.map((p) => (p.id === id ? { ...p, ...more } : p)) }));
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.whoIsThere}>
      <h2>{W.whoIsThere}</h2>
      {day.people.map((p) => (
        <div key={p.id} className={classes.bake}>
          <span />
          <TextInput
            aria-label={W.name}
            value={p.name}
            maxLength={120}
            onChange={(e) => e.currentTarget.value && set(p.id, { name: e.currentTarget.value })}
          />
          <ActionIcon
            variant="subtle"
            color="gray"
            size={38}
            aria-label={W.takeOff({ name: p.name })}
            onClick={() => void change((d) => ({ ...d, people: d.people.filter((x) => x.id !== p.id) }))}
          >
            <IconX size={18} aria-hidden="true" />
          </ActionIcon>
          <div className={classes.fields}>
            {p.hours && (
              <HoursField
                label={[W.onTheDay, W.until]}
                name={p.name}
                value={p.hours}
                onChange={(hours) => set(p.id, { hours })}
              />
            )}
            <Checkbox
              label={W.isThereTheDayBefore({ name: p.name })}
              checked={p.before !== null}
              onChange={(e) =>
                set(p.id, { before: e.currentTarget.checked ? (p.hours ?? USUAL_HOURS) : null })
              }
            />
            {p.before && (
              <HoursField
                label={[W.theDayBefore, W.until]}
                name={W.theDayBefore2({ name: p.name })}
                value={p.before}
                onChange={(before) => set(p.id, { before })}
              />
            )}
          </div>
        </div>
      ))}
      <Button
        variant="default"
        onClick={() =>
          void change((d) => ({
            ...d,
            people: [
              ...d.people,
              {
                id: crypto.randomUUID(),
                name: W.helper({ peopleCount: d.people.length }),
                hours: USUAL_HOURS,
                before: null,
              },
            ],
          }))
        }
      >
        {W.addSomebody}
      </Button>
    </section>
  );
}
