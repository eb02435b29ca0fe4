import { Button, NumberInput } from '@mantine/core';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  byFeelNow,
  hasArrived,
  isLifted,
  ouncesIn,
  repairsOf,
  shownBy,
  wantedG,
  type BenchOrder,
  type Weighing,
} from '../../../core/bench';
import type { Formula } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import { eighthsOfTsp } from '../../../core/units';
import { useKitchen } from '../../shared/useKitchen';
import { speak } from '../../instruments/speak';
import { useCounting } from '../../instruments/useInstruments';
import { spokenGrams } from '../../words/benchWords';
import { fixed, grams, spoons } from '../../words/format';
import { textNow } from '../../words/stepWords';
import { ingredientName, lineName } from '../../words/things';
import classes from './bench.module.css';
import { Bowls } from './Bowls';
import { FeelStep } from './FeelStep';
import { InstrumentPanel, useChoices } from './InstrumentPanel';
import { Off } from './Off';
import { Oven } from './Oven';
import { SwapForm } from './SwapForm';
import type { BenchProps } from './props';
import { useBenchKeys } from './useBenchKeys';
import { useTick } from './useTick';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.weigh;

/** A bowl is at least so heavy: lifted off, it shows so much less. */
const BOWL_G = 200;

/** One weighing after another: by scale or by a typed number; a slip with what can be done about it. */
export function Weigh({ formula, order, state, pantry, stepG, tell }: BenchProps) {
  const { exact: lookup } = pantry;
  const [tare, setTare] = useState<number | null>(null);
  const [typed, setTyped] = useState<number | null>(null);
  /** The line that is looked at for another thing in its place. */
  const [other, setOther] = useState<string | null>(null);
  const [choices] = useChoices();
  const scale = useCounting('mass');
  useTick();
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
  // The last thing that was put in and is off comes before the next.
  const { live } = state;
  const lastPut = live.findLast((e) => e.kind === 'weighed');
  const lastId = lastPut?.kind === 'weighed' ? lastPut.weighing : null;
  const settled =
    lastPut && live.slice(live.indexOf(lastPut) + 1).some((e) => e.kind === 'note' || e.kind === 'scaled');
  const last = order.weighings.find((w) => w.id === lastId) ?? null;
  const repairs = useMemo(
    () => (last && !settled ? repairsOf(formula, order, state, last, lookup) : []),
    [last, settled, formula, order, state, lookup],
  );
  const off = repairs.length > 0 ? last : null;
  const feel = useMemo(() => byFeelNow(formula, order, state, lookup), [formula, order, state, lookup]);
  const readings = scale?.readings ?? [];
  const shown = shownBy(readings, performance.now(), stepG);
  const onScale = 'g' in shown ? shown.g : null;
  const since = onScale === null ? null : onScale - (tare ?? 0);
  const lifted = since !== null && isLifted(since, BOWL_G);
  const next = off || feel || other ? null : state.next;
  const wanted = next ? wantedG(order, state, next) : 0;
  // With nothing on it yet a press says that the wanted amount went in, as without a scale.
  const lies =
    since !== null && shown.state === 'steady' && !lifted && since > Math.min(wanted / 2, 2 * stepG);
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
  const name = next ? nameOf(next.lineId) : null;
  useSpoken(choices.spoken, next?.id ?? null, name, wanted, shown.state === 'steady' ? since : null);
  const step = next?.stepId ? formula.method.find((s) => s.id === next.stepId) : undefined;
  const after = next
    ? order.weighings.slice(order.weighings.indexOf(next) + 1).find((w) => !state.put.has(w.id))
    : undefined;
  const ounces = typed !== null && next ? ouncesIn(typed, wanted) : null;
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
        <section className={classes.now} aria-label={W.weighNow} data-tap>
          <p className={classes.what}>
            {name}
            <WhereTo w={next} order={order} />
          </p>
          <p className={`${classes.number} num`} aria-live="polite">
            {since !== null && typed === null && !lifted ? (
              <>
                <b>{fixed(since, stepG < 1 ? 1 : 0)}</b>
                <span> {W.ofWord({ amount: grams(wanted) })}</span>
              </>
            ) : (
              <b>{grams(wanted)}</b>
            )}
          </p>
          <Spoon w={next} wanted={wanted} lookup={lookup} line={lines.get(next.lineId)} />
          {next.keepBackG > 0 && <p>{W.ofItIsKeptBack({ amount: grams(next.keepBackG) })}</p>}
          {lifted && <p role="status">{W.theBowlIsOffThe}</p>}
          {(shown.state === 'silent' || scale?.gone) && <p role="status">{W.theScaleSendsNothingType}</p>}
          {ounces !== null && (
            <p role="status">
              {W.looksLikeOunces({ number: fixed(typed!, 1) })}{' '}
              <Button
                size="compact-md"
                variant="default"
                onClick={() => setTyped(Math.round(10 * ounces) / 10)}
              >
                {W.makeIt({ amount: grams(ounces) })}
              </Button>
            </p>
          )}
          <div className={classes.act}>
            <Button size="lg" className={classes.go} onClick={take}>
              {g === null ? W.inWord({ amount: grams(wanted) }) : W.inWord({ amount: grams(g) })}
            </Button>
            <NumberInput
              aria-label={W.gramsThatWentIn}
              placeholder={W.otherGrams}
              suffix=" g"
              size="lg"
              min={0}
              max={100_000}
              decimalScale={1}
              hideControls
              value={typed ?? ''}
              onChange={(v) => setTyped(typeof v === 'number' ? v : null)}
              onKeyDown={(e) => e.key === 'Enter' && take()}
            />
            <Button size="lg" variant="default" onClick={() => setOther(next.lineId)}>
              {W.thereIsNone}
            </Button>
            {onScale !== null && (
              <Button size="lg" variant="default" onClick={() => setTare(onScale)}>
                {W.zeroHere}
              </Button>
            )}
          </div>
          {step && <p className={classes.step}>{textNow(step)}</p>}
          {after && <p className="quiet">{W.then({ name: nameOf(after.lineId) })}</p>}
        </section>
      ) : (
        <>
          {!live.some((e) => e.kind === 'oven') && (
            <section className={classes.now} aria-label={W.allIsIn}>
              <p className={classes.what}>{W.allIsIn}</p>
              <p>{W.mixAndShapeByThe}</p>
            </section>
          )}
          <Oven formula={formula} lookup={lookup} events={live} tell={tell} />
        </>
      )}
      <div className={classes.act}>
        <Button variant="default" size="lg" onClick={back} disabled={live.length === 0}>
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

/** Which bowl it goes into, where there are several. */
function WhereTo({ w, order }: { w: Weighing; order: BenchOrder }) {
  const own = order.bowls.filter((b) => b.from.length === 0);
  const at = order.bowls.find((b) => b.id === w.bowl);
  if (own.length < 2 || !at) return null;
  const n = own.findIndex((b) => b.id === at.id);
  return <small> {n >= 0 ? W.intoBowl({ n: n + 1 }) : W.intoAllTogether}</small>;
}

/** A spoon where the scale is too coarse. */
function Spoon({
  w,
  wanted,
  lookup,
  line,
}: {
  w: Weighing;
  wanted: number;
  lookup: Lookup;
  line: Formula['parts'][number]['lines'][number] | undefined;
}) {
  const { spoon } = useKitchen();
  const eighths =
    w.bySpoon && line ? eighthsOfTsp(wanted, lookup(line.item)?.densityGMl?.value ?? null, spoon) : null;
  return eighths === null ? null : (
    <p className={classes.spoon}>{W.surerByTheSpoonOn({ spoons: spoons(eighths) })}</p>
  );
}
