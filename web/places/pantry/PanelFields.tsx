import { NumberInput } from '@mantine/core';
import { PANEL_KEYS, type Panel } from '../../../core/pantry';
import { PANEL_WORDS } from '../../words/things';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.panelFields;

/** What a packet prints per 100 g. A field left empty is not known, not nothing. */
export function PanelFields({ panel, onChange }: { panel: Panel; onChange: (panel: Panel) => void }) {
  return (
    <fieldset className={classes.fieldset}>
      <legend>{W.per100GAsPrinted}</legend>
      <div className={classes.grid4}>
        {PANEL_KEYS.map((k) => (
          <NumberInput
            key={k}
            label={PANEL_WORDS[k]}
            value={panel[k] ?? ''}
            min={0}
            max={k === 'kcal' ? 1000 : 100}
            clampBehavior="strict"
            decimalScale={2}
            hideControls
            onChange={(v) => onChange({ ...panel, [k]: typeof v === 'number' ? v : null })}
          />
        ))}
      </div>
    </fieldset>
  );
}

/** A number that may be left empty. */
export function MaybeNumber({
  label,
  value,
  max,
  suffix,
  onChange,
}: {
  label: string;
  value: number | null;
  max: number;
  suffix?: string;
  onChange: (v: number | null) => void;
}) {
  return (
    <NumberInput
      label={label}
      value={value ?? ''}
      min={0}
      max={max}
      clampBehavior="strict"
      decimalScale={2}
      hideControls
      {...(suffix ? { suffix } : {})}
      onChange={(v) => onChange(typeof v === 'number' ? v : null)}
    />
  );
}
