import { NumberInput } from '@mantine/core';

/** A number with its unit. Nothing is clamped: what cannot be is said beside it, and stays as it was typed. */
export function NumberField({
  label,
  unit,
  value,
  description,
  onChange,
}: {
  label: string;
  unit: string;
  value: number;
  description?: string;
  onChange: (value: number) => void;
}) {
  return (
    <NumberInput
      label={label}
      {...(description ? { description } : {})}
      value={value}
      decimalScale={1}
      suffix={unit && ` ${unit}`}
      clampBehavior="none"
      onChange={(v) => typeof v === 'number' && Math.abs(v) < 1000 && onChange(v)}
    />
  );
}
