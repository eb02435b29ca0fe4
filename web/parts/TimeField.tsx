import { TimePicker } from '@mantine/dates';
import '@mantine/dates/styles.css';
import { hourOf, hourText } from '../words/clockWords';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.timeField;

/** A time of the day, in min since midnight: hours and minutes by the 24-hour clock, as all times of the app are. */
export function TimeField({
  label,
  name,
  value,
  onChange,
}: {
  label?: string;
  /** What it is of, to a screen reader. */
  name: string;
  value: number;
  onChange: (min: number) => void;
}) {
  return (
    <TimePicker
      {...(label !== undefined && { label })}
      value={hourText(value)}
      onChange={(text) => {
        const min = hourOf(text.slice(0, 5));
        if (min !== null && min !== value) onChange(min);
      }}
      hoursInputLabel={W.hour({ name })}
      minutesInputLabel={W.minute({ name })}
      w={100}
    />
  );
}
