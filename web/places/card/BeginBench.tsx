import { Button, Group, NumberInput, SegmentedControl } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { useState } from 'react';
import { keyHere } from '../../api/home';
import { Dialog } from '../../parts/Dialog';
import { Notice } from '../../parts/Notice';
import { cardWords } from '../../words/data/en/card';

const W = cardWords.beginBench;

/** What kitchen scales show at the least, g. */
const STEPS = ['0.1', '1', '2', '5'];

/** Before the bench: how much is made, and how fine the scale is, which is remembered on this device. */
export function BeginBench({
  loading,
  trouble,
  onBegin,
  onClose,
}: {
  loading: boolean;
  trouble: string | null;
  onBegin: (asked: { batches: number; scaleStepG: number }) => void;
  onClose: () => void;
}) {
  const [batches, setBatches] = useState<number | string>(1);
  const [step, setStep] = useLocalStorage({ key: keyHere('scale-step'), defaultValue: '1' });
  const many = typeof batches === 'number' && batches > 0 ? batches : null;
  return (
    <Dialog title={W.atTheBench} onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (many) onBegin({ batches: many, scaleStepG: Number(step) });
        }}
      >
        <NumberInput
          label={W.howMuchOfIt}
          description={W.text1AsOnTheCard}
          suffix={many === 1 ? W.batch : W.batches}
          min={0.1}
          max={100}
          step={0.5}
          decimalScale={2}
          value={batches}
          onChange={setBatches}
          error={many ? null : W.writeHowManyBatchesSuch}
          data-autofocus
        />
        <p id="scale-step">{W.theScaleShowsStepsOf}</p>
        <SegmentedControl
          aria-labelledby="scale-step"
          data={STEPS.map((s) => ({ value: s, label: `${s} g` }))}
          value={step}
          onChange={setStep}
        />
        {trouble && (
          <Notice kind="trouble" title={W.theBenchCannotBeBegun}>
            {trouble}
          </Notice>
        )}
        <Group mt="lg">
          <Button type="submit" loading={loading} disabled={!many}>
            {W.begin}
          </Button>
        </Group>
      </form>
    </Dialog>
  );
}
