import { TagsInput, Textarea, TextInput } from '@mantine/core';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.nameFields;

type Text<T> = { value: T; onChange: (value: T) => void };

/** What the baker calls a thing. */
export function NameField({ value, onChange, description }: Text<string> & { description?: string }) {
  return (
    <TextInput
      label={W.whatYouCallIt}
      {...(description ? { description } : {})}
      value={value}
      maxLength={120}
      required
      onChange={(e) => onChange(e.currentTarget.value)}
    />
  );
}

/** Other names it is found by. */
export function OtherNamesField({ value, onChange }: Text<string[]>) {
  return <TagsInput label={W.alsoCalled} value={value} maxTags={20} onChange={onChange} />;
}

export function NoteField({ value, onChange }: Text<string>) {
  return (
    <Textarea
      label={W.note}
      value={value}
      maxLength={2000}
      autosize
      minRows={2}
      onChange={(e) => onChange(e.currentTarget.value)}
    />
  );
}
