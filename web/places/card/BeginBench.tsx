import { Button, Group, NumberInput, SegmentedControl } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { useState } from 'react';
import { keyHere } from '../../api/home';
import { Dialog } from '../../parts/Dialog';
import { Notice } from '../../parts/Notice';

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
    <Dialog title="At the bench" onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (many) onBegin({ batches: many, scaleStepG: Number(step) });
        }}
      >
        <NumberInput
          label="How much of it"
          description="1 as on the card, 2 twice as much"
          suffix={many === 1 ? ' batch' : ' batches'}
          min={0.1}
          max={100}
          step={0.5}
          decimalScale={2}
          value={batches}
          onChange={setBatches}
          error={many ? null : 'Write how many batches, such as 1 or 2.5.'}
          data-autofocus
        />
        <p id="scale-step">The scale shows steps of</p>
        <SegmentedControl
          aria-labelledby="scale-step"
          data={STEPS.map((s) => ({ value: s, label: `${s} g` }))}
          value={step}
          onChange={setStep}
        />
        {trouble && (
          <Notice kind="trouble" title="The bench cannot be begun">
            {trouble}
          </Notice>
        )}
        <Group mt="lg">
          <Button type="submit" loading={loading} disabled={!many}>
            Begin
          </Button>
        </Group>
      </form>
    </Dialog>
  );
}
