import { Button } from '@mantine/core';
import type { TimedRise } from '../../../core/leavening';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { useKitchen } from '../../shared/useKitchen';
import { span } from '../../shared/liftLines';
import { liftWords } from '../../words/data/en/lift';

const W = liftWords.countRise;

/** A rise that was timed is counted from then on: the clock of this kitchen's yeast or starter follows it. */
export function CountRise({
  of,
  formulaId,
  saidMin,
  tookMin,
}: {
  of: TimedRise['of'];
  formulaId: string;
  saidMin: number | null;
  tookMin: number | null;
}) {
  const { risen = [] } = useKitchen();
  const { change, trouble } = useChangeKitchen();
  if (!saidMin || !tookMin || tookMin < 1) return null;
  const took = Math.round(tookMin);
  const last = risen.at(-1);
  const counted = last?.of === of && last.formulaId === formulaId && last.tookMin === took;
  return (
    <div>
      {trouble}
      {counted ? (
        <p role="status">{W.countedWhatTheClockTells}</p>
      ) : (
        <p>
          {W.itTookWouldBeTold({ time: span(took), time2: span(saidMin) })}{' '}
          <Button
            size="compact-md"
            variant="default"
            onClick={() =>
              void change({
                risen: [...risen, { of, saidMin, tookMin: took, formulaId, on: new Date().toISOString() }],
              })
            }
          >
            {W.countThisRise}
          </Button>
        </p>
      )}
    </div>
  );
}
