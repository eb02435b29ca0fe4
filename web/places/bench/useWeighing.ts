import { useCallback, useEffect, useState } from 'react';
import { hasArrived, isLifted, shownBy, wantedG, type Weighing } from '../../../core/bench';
import { useCounting } from '../../instruments/useInstruments';
import { useChoices } from './InstrumentPanel';
import type { BenchProps } from './props';
import { useBenchKeys } from './useBenchKeys';
import { useTick } from './useTick';

/** A bowl is at least so heavy: lifted off, it shows so much less. */
const BOWL_G = 200;

/** What is on the scale and what was typed, for the weighing that is next; and how it is told. */
export function useWeighing({ order, state, stepG, tell }: BenchProps, next: Weighing | null) {
  const { live } = state;
  const [tare, setTare] = useState<number | null>(null);
  const [typed, setTyped] = useState<number | null>(null);
  const [choices] = useChoices();
  const scale = useCounting('mass');
  useTick();
  const readings = scale?.readings ?? [];
  const shown = shownBy(readings, performance.now(), stepG);
  const onScale = 'g' in shown ? shown.g : null;
  const since = onScale === null ? null : onScale - (tare ?? 0);
  const lifted = since !== null && isLifted(since, BOWL_G);
  const wanted = next ? wantedG(order, state, next) : 0;
  // With nothing on it yet a press says that the wanted amount went in, as without a scale. Something that still moves is nearer to
  // what went in than the plan is.
  const lies = since !== null && !lifted && since > Math.min(wanted / 2, 2 * stepG);
  const g = typed ?? (lies ? since : null);
  const take = useCallback(() => {
    if (!next) return;
    tell({ kind: 'weighed', weighing: next.id, g: g ?? wanted });
    setTyped(null);
    setTare(onScale);
  }, [next, g, wanted, onScale, tell]);
  const back = useCallback(() => {
    const done = live.at(-1);
    if (done) tell({ kind: 'undone', event: done.id });
    setTyped(null);
  }, [live, tell]);
  useBenchKeys(take, back);
  const arrived =
    choices.goesOn &&
    next !== null &&
    typed === null &&
    hasArrived(readings, { tareG: tare ?? 0, wantedG: wanted, toleranceG: next.toleranceG, stepG });
  useEffect(() => {
    if (arrived) take();
    // Once for each time it arrives: what is taken changes what is wanted.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [arrived]);
  return {
    wanted,
    typed,
    setTyped,
    /** On the scale since the last thing was taken, g; null where there is none. */
    since,
    lifted,
    /** What is taken when it is said to be in; null where it is what is wanted. */
    g,
    take,
    back,
    zero: onScale === null ? null : () => setTare(onScale),
    silent: shown.state === 'silent' || scale?.gone === true,
    restsAt: shown.state === 'steady' ? since : null,
    spoken: choices.spoken,
  };
}
