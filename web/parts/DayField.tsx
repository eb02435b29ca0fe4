import { DateInput } from '@mantine/dates';
import '@mantine/dates/styles.css';
import { partsWords } from '../words/data/en/parts';
import { DAY_FORMAT, dayjsLocale, typedDay } from '../words/dates';

const W = partsWords.dayField;

type Shared = {
  label: string;
  /** What a screen reader calls it, where the label alone would not say of what it is. */
  name?: string;
  w?: number;
};
type Props = Shared &
  (
    | { value: string; clearable?: false; onChange: (day: string) => void }
    | { value: string | null; clearable: true; onChange: (day: string | null) => void }
  );

/** A day, as "2026-12-05": picked in a month or typed, the day before the month. */
export function DayField({ label, name, w, ...field }: Props) {
  return (
    <DateInput
      label={label}
      {...(name !== undefined && { 'aria-label': name })}
      value={field.value}
      valueFormat={DAY_FORMAT}
      locale={dayjsLocale()}
      dateParser={(typed) => typedDay(typed)}
      clearable={field.clearable ?? false}
      clearButtonProps={{ 'aria-label': W.noDay({ name: name ?? label }) }}
      onChange={(day) => {
        if (field.clearable) field.onChange(day);
        else if (day) field.onChange(day);
      }}
      {...(w !== undefined && { w })}
    />
  );
}
