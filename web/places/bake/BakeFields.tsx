import { NativeSelect, Switch, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { BakePlan } from '../../../contract/dto';
import { TIN_METALS, type BakeSetup, type TinMetal } from '../../../core/bake';
import type { StatedTin } from '../../../core/formula';
import { readTin } from '../../../core/reading';
import { NumberField } from '../../parts/NumberField';
import { METAL_WORDS } from '../../words/data/bake';
import classes from './bake.module.css';

/** What can be changed at the oven. */
export function BakeFields({
  setup,
  tin,
  plan,
  onPlan,
}: {
  setup: BakeSetup;
  tin: StatedTin | undefined;
  plan: BakePlan;
  onPlan: (more: BakePlan, field: string) => void;
}) {
  const [written, setWritten] = useState<string | null>(null);
  return (
    <div className={classes.fields}>
      <NumberField
        label="Oven"
        unit="°C"
        value={setup.ovenC}
        onChange={(ovenC) => onPlan({ ...plan, ovenC }, 'oven')}
      />
      <Switch
        label="Fan"
        checked={setup.fan}
        onChange={(e) => onPlan({ ...plan, fan: e.currentTarget.checked }, 'fan')}
      />
      <TextInput
        label="Tin"
        value={written ?? tin?.written ?? ''}
        placeholder="none: set free"
        maxLength={80}
        error={
          written !== null && written.trim() !== '' && !readTin(written)
            ? 'Say it with its size: 23 cm round tin, 9 x 5 in loaf tin.'
            : null
        }
        onChange={(e) => {
          const text = e.currentTarget.value;
          setWritten(text);
          const read = readTin(text);
          if (read) onPlan({ ...plan, tin: { ...read, written: text.trim() } }, 'tin');
        }}
      />
      {setup.vessel.kind === 'free' && (
        <NumberField
          label="Pieces"
          unit=""
          value={setup.vessel.count}
          onChange={(n) => n >= 1 && onPlan({ ...plan, pieces: Math.round(n) }, 'pieces')}
        />
      )}
      <NativeSelect
        label="Of"
        value={setup.metal}
        data={TIN_METALS.map((m) => ({ value: m, label: METAL_WORDS[m] }))}
        onChange={(e) => onPlan({ ...plan, metal: e.currentTarget.value as TinMetal }, 'metal')}
      />
      <NumberField
        label="Dough goes in at"
        unit="°C"
        value={setup.startC}
        description="4 from the fridge, −18 frozen"
        onChange={(startC) => onPlan({ ...plan, startC }, 'start')}
      />
      <NumberField
        label="Under a lid for"
        unit="min"
        value={setup.coveredMin}
        onChange={(coveredMin) => onPlan({ ...plan, coveredMin }, 'cover')}
      />
    </div>
  );
}
