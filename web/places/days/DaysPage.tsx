import { Button, Group, Skeleton, TextInput } from '@mantine/core';
import { DateInput } from '@mantine/dates';
import '@mantine/dates/styles.css';
import { IconTrash } from '@tabler/icons-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { DayRow } from '../../../contract/days';
import {
  problemIn,
  useCreateDayMutation,
  useDaysQuery,
  useRemoveDayMutation,
  useRestoreDayMutation,
} from '../../api/api';
import { useKitchen } from '../../api/useKitchen';
import { newDay, nextSaturday } from '../../parts/newDay';
import { Notice } from '../../parts/Notice';
import { sayDone } from '../../parts/sayDone';
import { usePageTitle } from '../../parts/usePageTitle';
import { dayState } from '../../words/dayState';
import { day as dayWords } from '../../words/format';
import { sayProblem } from '../../words/problems';
import classes from './days.module.css';

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
        aria-label={`Delete ${row.title}`}
        onClick={() =>
          void remove(row.id)
            .unwrap()
            .then(
              () => sayDone(`${row.title} is off the list.`, () => restore(row.id)),
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
    const made = await create(newDay({ title: title.trim() || 'Bake day', date }, kitchen, last));
    if ('data' in made && made.data) void navigate(`/days/${made.data.id}`);
  };
  return (
    <form
      className={`sheet ${classes.form}`}
      aria-label="A new bake day"
      onSubmit={(e) => {
        e.preventDefault();
        void begin();
      }}
    >
      <Group align="end" gap={12}>
        <TextInput
          label="What it is for"
          placeholder="Saturday stall"
          value={title}
          maxLength={120}
          onChange={(e) => setTitle(e.currentTarget.value)}
        />
        <DateInput
          label="The day itself"
          value={date}
          valueFormat="D MMM YYYY"
          onChange={(d) => d && setDate(d)}
        />
        <Button type="submit" loading={isLoading}>
          Add the day
        </Button>
      </Group>
      {error && <Notice kind="trouble">{sayProblem(problemIn(error)?.code ?? null)}</Notice>}
    </form>
  );
}

/** Bake days, the latest first. */
export function DaysPage() {
  usePageTitle('Bake days');
  const { data: rows, error, isLoading, refetch } = useDaysQuery();
  const sorted = [...(rows ?? [])].sort((a, b) => b.date.localeCompare(a.date));
  return (
    <main id="main" className={classes.page}>
      <div>
        <h1>Bake days</h1>
        <p className="quiet">Several bakes on one day: who does what when, and in which oven.</p>
      </div>
      {error && (
        <Notice
          kind="trouble"
          title="The days cannot be read"
          action={{ words: 'Try again', do: () => void refetch() }}
        >
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      )}
      {isLoading && <Skeleton height={72} />}
      {rows && sorted.length === 0 && (
        <p>
          A day is a row of bakes with the times they are wanted. Give it a name and its date; then add kept
          versions to it.
        </p>
      )}
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
