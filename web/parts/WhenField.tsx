import { Group } from '@mantine/core';
import { dateOf, isoDay } from '../words/clockWords';
import { partsWords } from '../words/data/en/parts';
import { DayField } from './DayField';
import { TimeField } from './TimeField';

const W = partsWords.whenField;

/** A day and a time on it, as min since the epoch by the clock of this place. */
export function WhenField({
  label,
  name = label,
  value,
  onChange,
}: {
  label: string;
  /** What it is of, to a screen reader. */
  name?: string;
  value: number;
  onChange: (min: number) => void;
}) {
  const at = dateOf(value);
  const set = (day: string, min: number): void => {
    const [y, m, d] = day.split('-').map(Number) as [number, number, number];
    const then = new Date(y, m - 1, d, 0, min).getTime() / 60_000;
    if (Number.isFinite(then)) onChange(then);
  };
  const minutes = 60 * at.getHours() + at.getMinutes();
  return (
    <Group gap={8} align="end" wrap="nowrap">
      <DayField
        label={label}
        name={W.day({ name })}
        value={isoDay(at)}
        onChange={(day) => set(day, minutes)}
        w={140}
      />
      <TimeField name={name} value={minutes} onChange={(min) => set(isoDay(at), min)} />
    </Group>
  );
}
