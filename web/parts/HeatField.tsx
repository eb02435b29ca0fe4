import { fromField, heatUnit, toField } from '../words/heat';
import { NumberField } from './NumberField';

/** A temperature, or with `apart` a difference of two, in °C to the rest and on the kitchen's scale to the baker. */
export function HeatField({
  value,
  onChange,
  apart = false,
  ...rest
}: Omit<Parameters<typeof NumberField>[0], 'unit' | 'most'> & { apart?: boolean }) {
  return (
    <NumberField
      {...rest}
      unit={heatUnit()}
      value={toField(value, apart)}
      onChange={(typed) => onChange(fromField(typed, apart))}
    />
  );
}
