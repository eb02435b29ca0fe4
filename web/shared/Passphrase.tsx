import { PasswordInput } from '@mantine/core';
import { LEAST_PASSPHRASE, MOST_PASSPHRASE } from '../../contract/people';
import { doorWords } from '../words/data/en/door';

const W = doorWords.form;

type Props = {
  label?: string;
  value: string;
  onChange: (value: string) => void;
  /** A new one is long enough, and the browser may make it. */
  fresh?: boolean;
};

/** A passphrase: it can be shown, pasted and filled in by the browser. */
export function Passphrase({ label = W.passphrase, value, onChange, fresh = false }: Props) {
  const short = fresh && value !== '' && value.length < LEAST_PASSPHRASE;
  return (
    <PasswordInput
      label={label}
      description={fresh ? W.atLeast({ n: LEAST_PASSPHRASE }) : undefined}
      value={value}
      onChange={(e) => onChange(e.currentTarget.value)}
      error={short ? W.tooShort({ n: LEAST_PASSPHRASE }) : null}
      autoComplete={fresh ? 'new-password' : 'current-password'}
      maxLength={MOST_PASSPHRASE}
      required
    />
  );
}
export const isLongEnough = (passphrase: string): boolean => passphrase.length >= LEAST_PASSPHRASE;
