import { Button, Group, Skeleton, TextInput } from '@mantine/core';
import { IconTrash } from '@tabler/icons-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { DayRow } from '../../../contract/days';
import { problemIn } from '../../api/ask';
import {
  useCreateDayMutation,
  useDaysQuery,
  useRemoveDayMutation,
  useRestoreDayMutation,
} from '../../api/days';
import { useKitchen } from '../../shared/useKitchen';
import { newDay, nextSaturday } from '../../parts/newDay';
import { DayField } from '../../parts/DayField';
import { Notice } from '../../parts/Notice';
import { toastUndo } from '../../parts/toastUndo';
import { usePageTitle } from '../../parts/usePageTitle';
import { dayState } from '../../words/dayState';
import { day as dayWords } from '../../words/format';
import { sayProblem } from '../../words/problems';
import classes from './days.module.css';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.daysPage;

function DayItem({ row }: { row: DayRow }) {
  const [remove] = useRemoveDayMutation();
  const [restore] = useRestoreDayMutation();
  return (
    <li className={classes.day}>
      <Link to={`/days/${row.id}`}>
        <b>{row.title}</b>
        <span className="quiet">{dayWords(`${row.date}T12:00`)}</span>
        <span className="quiet small">{dayState(row)}</span>
      </Link>
      <Button
        variant="subtle"
        color="gray"
        aria-label={W.deleteWord({ rowTitle: row.title })}
        onClick={() =>
          void remove(row.id)
            .unwrap()
            .then(
              () => toastUndo(W.isOffTheList({ rowTitle: row.title }), () => restore(row.id)),
              () => undefined,
            )
        }
      >
        <IconTrash size={18} aria-hidden="true" />
      </Button>
    </li>
  );
}

/** A day of one's own: the people and things of the last one, every oven of the kitchen. */
function NewDay({ last }: { last: DayRow | undefined }) {
  const kitchen = useKitchen();
  const [create, { error, isLoading }] = useCreateDayMutation();
  const navigate = useNavigate();
  const [title, setTitle] = useState('');
  const [date, setDate] = useState(nextSaturday);
  const begin = async () => {
    const made = await create(newDay({ title: title.trim() || W.bakeDay, date }, kitchen, last));
    if ('data' in made && made.data) void navigate(`/days/${made.data.id}`);
  };
  return (
    <form
      className={`sheet ${classes.form}`}
      aria-label={W.aNewBakeDay}
      onSubmit={(e) => {
        e.preventDefault();
        void begin();
      }}
    >
      <Group align="end" gap={12}>
        <TextInput
          label={W.whatItIsFor}
          placeholder={W.saturdayStall}
          value={title}
          maxLength={120}
          onChange={(e) => setTitle(e.currentTarget.value)}
        />
        <DayField label={W.theDayItself} value={date} onChange={setDate} />
        <Button type="submit" loading={isLoading}>
          {W.addTheDay}
        </Button>
      </Group>
      {error && <Notice kind="trouble">{sayProblem(problemIn(error)?.code ?? null)}</Notice>}
    </form>
  );
}

/** Bake days, the latest first. */
export function DaysPage() {
  usePageTitle(W.bakeDays);
  const { data: rows, error, isLoading, refetch } = useDaysQuery();
  const sorted = [...(rows ?? [])].sort((a, b) => b.date.localeCompare(a.date));
  return (
    <main id="main" className={classes.page}>
      <div>
        <h1>{W.bakeDays}</h1>
        <p className="quiet">{W.severalBakesOnOneDay}</p>
      </div>
      {error && (
        <Notice
          kind="trouble"
          title={W.theDaysCannotBeRead}
          action={{ words: W.tryAgain, do: () => void refetch() }}
        >
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      )}
      {isLoading && <Skeleton height={72} />}
      {rows && sorted.length === 0 && <p>{W.aDayIsARow}</p>}
      {sorted.length > 0 && (
        <ul className={`sheet ${classes.list}`}>
          {sorted.map((row) => (
            <DayItem key={row.id} row={row} />
          ))}
        </ul>
      )}
      <NewDay last={sorted[0]} />
    </main>
  );
}
