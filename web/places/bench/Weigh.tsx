import { Button } from '@mantine/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { byFeelNow, repairsOf } from '../../../core/bench';
import { speak } from '../../instruments/speak';
import { spokenGrams } from '../../words/benchWords';
import { ingredientName, lineName } from '../../words/things';
import classes from './bench.module.css';
import { Bowls } from './Bowls';
import { FeelStep } from './FeelStep';
import { InstrumentPanel } from './InstrumentPanel';
import { Off } from './Off';
import { Oven } from './Oven';
import { SwapForm } from './SwapForm';
import type { BenchProps } from './props';
import { useWeighing } from './useWeighing';
import { WeighNow } from './WeighNow';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.weigh;

/** The last thing that was put in, where it is off and nothing was done about it: it comes before the next. */
function useOff({ formula, order, state, pantry }: BenchProps) {
  const { live } = state;
  const { exact: lookup } = pantry;
  const lastPut = live.findLast((e) => e.kind === 'weighed');
  const lastId = lastPut?.kind === 'weighed' ? lastPut.weighing : null;
  const settled =
    lastPut && live.slice(live.indexOf(lastPut) + 1).some((e) => e.kind === 'note' || e.kind === 'scaled');
  const last = order.weighings.find((w) => w.id === lastId) ?? null;
  const repairs = useMemo(
    () => (last && !settled ? repairsOf(formula, order, state, last, lookup) : []),
    [last, settled, formula, order, state, lookup],
  );
  return { off: repairs.length > 0 ? last : null, repairs };
}

/** One weighing after another: by scale or by a typed number; a slip with what can be done about it. */
export function Weigh(props: BenchProps) {
  const { formula, order, state, pantry, stepG, tell } = props;
  const { exact: lookup } = pantry;
  /** The line that is looked at for another thing in its place. */
  const [other, setOther] = useState<string | null>(null);
  const lines = useMemo(
    () => new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, l]))),
    [formula],
  );
  const nameOf = (lineId: string): string => {
    const line = lines.get(lineId);
    const stands = state.swapped.get(lineId);
    if (stands) return ingredientName(stands, true);
    return line ? lineName(line, true) : '';
  };
  const { off, repairs } = useOff(props);
  const feel = useMemo(() => byFeelNow(formula, order, state, lookup), [formula, order, state, lookup]);
  const next = off || feel || other ? null : state.next;
  const weighing = useWeighing(props, next);
  const name = next ? nameOf(next.lineId) : null;
  useSpoken(weighing.spoken, next?.id ?? null, name, weighing.wanted, weighing.restsAt);
  return (
    <>
      {other !== null ? (
        <SwapForm
          key={other}
          lineId={other}
          formula={formula}
          order={order}
          state={state}
          pantry={pantry}
          nameOf={nameOf}
          tell={tell}
          onDone={() => setOther(null)}
        />
      ) : off ? (
        <Off w={off} repairs={repairs} state={state} order={order} nameOf={nameOf} tell={tell} />
      ) : feel ? (
        <FeelStep feel={feel} nameOf={nameOf} tell={tell} />
      ) : next ? (
        <WeighNow
          {...props}
          w={next}
          weighing={weighing}
          nameOf={nameOf}
          onNone={() => setOther(next.lineId)}
        />
      ) : (
        <>
          {!state.live.some((e) => e.kind === 'oven') && (
            <section className={classes.now} aria-label={W.allIsIn}>
              <p className={classes.what}>{W.allIsIn}</p>
              <p>{W.mixAndShapeByThe}</p>
            </section>
          )}
          <Oven formula={formula} lookup={lookup} events={state.live} tell={tell} />
        </>
      )}
      <div className={classes.act}>
        <Button variant="default" size="lg" onClick={weighing.back} disabled={state.live.length === 0}>
          {W.backOne}
        </Button>
      </div>
      <InstrumentPanel stepG={stepG} />
      <Bowls formula={formula} order={order} state={state} nameOf={nameOf} onOther={setOther} tell={tell} />
    </>
  );
}

/** Names what is to be weighed and tells what lies there once it rests, where that was asked for. */
function useSpoken(
  on: boolean,
  id: string | null,
  name: string | null,
  wanted: number,
  restsAt: number | null,
) {
  const spoken = useRef<{ id: string | null; g: number | null }>({ id: null, g: null });
  const g = restsAt === null ? null : Math.round(restsAt);
  useEffect(() => {
    if (!on || id === null) return;
    if (spoken.current.id !== id) {
      spoken.current = { id, g: 0 };
      speak(`${name}, ${spokenGrams(wanted)}`);
    } else if (g !== null && g > 0 && g !== spoken.current.g) {
      spoken.current.g = g;
      speak(spokenGrams(g));
    }
  }, [on, id, name, wanted, g]);
}
