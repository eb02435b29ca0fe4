import { NativeSelect, Switch, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { BakePlan } from '../../../contract/dto';
import { FREE_FORMS, TIN_METALS, type BakeSetup, type FreeForm, type TinMetal } from '../../../core/bake';
import type { StatedTin } from '../../../core/formula';
import { readTin } from '../../../core/reading';
import { useKitchen } from '../../shared/useKitchen';
import { NumberField } from '../../parts/NumberField';
import { HeatField } from '../../parts/HeatField';
import { bareDegrees } from '../../words/heat';
import { FORM_WORDS, METAL_WORDS, TIN_WORDS } from '../../words/data/bake';
import classes from './bake.module.css';
import { bakeWords } from '../../words/data/en/bake';

const W = bakeWords.bakeFields;

const TYPED = '';

type Props = {
  setup: BakeSetup;
  tin: StatedTin | undefined;
  plan: BakePlan;
  onPlan: (more: BakePlan, field: string) => void;
};

/** The tin: one of the kitchen's, or in words. */
function TinFields({ setup, tin, plan, onPlan }: Props) {
  const { tins: own = [] } = useKitchen();
  // As it is being written; null while it is the one that stands.
  const [written, setWritten] = useState<string | null>(null);
  const chosen = own.find((t) => t.tin.written === tin?.written && t.metal === setup.metal);
  return (
    <>
      {own.length > 0 && (
        <NativeSelect
          label={W.aTinOfYours}
          value={chosen?.id ?? TYPED}
          data={[{ value: TYPED, label: W.another }, ...own.map((t) => ({ value: t.id, label: t.name }))]}
          onChange={(e) => {
            const found = own.find((t) => t.id === e.currentTarget.value);
            if (!found) return;
            setWritten(null);
            onPlan({ ...plan, tin: found.tin, metal: found.metal }, 'tin');
          }}
        />
      )}
      <TextInput
        label={W.tin}
        value={written ?? tin?.written ?? ''}
        placeholder={W.noneSetFree}
        maxLength={80}
        error={written !== null && written.trim() !== '' && !readTin(written) ? TIN_WORDS.saySize : null}
        onChange={(e) => {
          const text = e.currentTarget.value;
          setWritten(text);
          const read = readTin(text);
          if (read) onPlan({ ...plan, tin: { ...read, written: text.trim() } }, 'tin');
        }}
      />
    </>
  );
}

/** Pieces that are set free: how many, and how they are shaped. */
const FreeFields = ({ setup: { vessel }, tin, plan, onPlan }: Props) => (
  <>
    <NumberField
      label={W.pieces}
      unit=""
      value={vessel.count}
      onChange={(n) => n >= 1 && onPlan({ ...plan, pieces: Math.round(n) }, 'pieces')}
    />
    {!tin && (
      <NativeSelect
        label={W.shaped}
        value={vessel.form ?? 'flat'}
        data={FREE_FORMS.map((f) => ({ value: f, label: FORM_WORDS[f] }))}
        onChange={(e) => onPlan({ ...plan, form: e.currentTarget.value as FreeForm }, 'form')}
      />
    )}
  </>
);

/** What it is baked in, and how it goes in. */
export function BakeFields(props: Props) {
  const { setup, plan, onPlan } = props;
  const free = setup.vessel.kind === 'free';
  return (
    <div className={classes.fields}>
      <TinFields {...props} />
      {free && <FreeFields {...props} />}
      <NativeSelect
        label={free ? W.standsOn : W.madeOf}
        value={setup.metal}
        data={TIN_METALS.map((m) => ({ value: m, label: METAL_WORDS[m] }))}
        onChange={(e) => onPlan({ ...plan, metal: e.currentTarget.value as TinMetal }, 'metal')}
      />
      <NumberField
        label={W.doughInAll}
        unit="g"
        most={100_000}
        value={Math.round(setup.massG)}
        onChange={(massG) => massG > 0 && onPlan({ ...plan, massG }, 'mass')}
      />
      <HeatField
        label={W.doughGoesInAt}
        value={setup.startC}
        description={W.fromTheFridgeFrozen({ degrees: bareDegrees(4), degrees2: bareDegrees(-18) })}
        onChange={(startC) => onPlan({ ...plan, startC }, 'start')}
      />
      <NumberField
        label={W.doorOpened}
        unit={W.times}
        value={plan.doors ?? 0}
        description={W.toLookOrToTurn}
        onChange={(n) => n >= 0 && n <= 20 && onPlan({ ...plan, doors: Math.round(n) }, 'doors')}
      />
      <Switch
        label={W.heatedWithTheOven}
        description={W.potStoneOrSheet}
        checked={setup.hot}
        onChange={(e) => onPlan({ ...plan, hot: e.currentTarget.checked }, 'hot')}
      />
    </div>
  );
}
