import { NumberInput } from '@mantine/core';
import { behind } from '../words/format';

/** A number with its unit. Nothing is clamped: what cannot be is said beside it, and stays as it was typed. */
export function NumberField({
  label,
  name,
  unit,
  value,
  description,
  most = 1000,
  onChange,
}: {
  label: string;
  /** What it is called to a screen reader, where the label alone does not say of what it is. */
  name?: string;
  unit: string;
  value: number;
  description?: string;
  most?: number;
  onChange: (value: number) => void;
}) {
  return (
    <NumberInput
      label={label}
      {...(name && name !== label ? { 'aria-label': name } : {})}
      {...(description ? { description } : {})}
      value={value}
      decimalScale={1}
      suffix={unit && behind(unit)}
      clampBehavior="none"
      onChange={(v) => typeof v === 'number' && Math.abs(v) < most && onChange(v)}
    />
  );
}
