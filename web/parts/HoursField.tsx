import { Group } from '@mantine/core';
import { TimeInput } from '@mantine/dates';
import '@mantine/dates/styles.css';
import type { Hours } from '../../contract/dto';
import { hourOf, hourText } from '../words/clockWords';

/** From when to when, each day. */
export function HoursField({
  label,
  name,
  value,
  onChange,
}: {
  label: [string, string];
  /** Whose they are, to a screen reader. */
  name?: string;
  value: Hours;
  onChange: (to: Hours) => void;
}) {
  const field = (key: keyof Hours, words: string) => (
    <TimeInput
      label={words}
      {...(name ? { 'aria-label': `${name}: ${words}` } : {})}
      value={hourText(value[key])}
      onChange={(e) => {
        const min = hourOf(e.currentTarget.value);
        if (min !== null) onChange({ ...value, [key]: min });
      }}
      w={120}
    />
  );
  return (
    <Group gap={10} align="end">
      {field('from', label[0])}
      {field('to', label[1])}
    </Group>
  );
}
