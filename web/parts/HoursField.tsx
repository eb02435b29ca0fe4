import { Group } from '@mantine/core';
import type { Hours } from '../../contract/dto';
import { TimeField } from './TimeField';

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
    <TimeField
      label={words}
      name={name ? `${name}: ${words}` : words}
      value={value[key]}
      onChange={(min) => onChange({ ...value, [key]: min })}
    />
  );
  return (
    <Group gap={10} align="end">
      {field('from', label[0])}
      {field('to', label[1])}
    </Group>
  );
}
