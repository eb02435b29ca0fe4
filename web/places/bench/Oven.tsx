import { Probe } from './Probe';
import { Button, Checkbox, NumberInput } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { coolingOf, donenessOfBake, setupOf } from '../../../core/bake';
import {
  modelOf,
  ovenSoFar,
  promptsOf,
  stillToSee,
  timeLeft,
  type BenchEvent,
  type Modelled,
  type Prompt,
} from '../../../core/bench';
import type { Formula } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import { SIGN_WORDS } from '../../words/data/bake';
import { countdown } from '../../words/dayWords';
import { fixed, grams } from '../../words/format';
import { listed } from '../../words/plural';
import { degrees, degreesApart, toKitchenScale, ovenDegrees } from '../../words/heat';
import { readySound } from '../../shared/sound';
import { useAlarms } from '../../shared/useAlarms';
import { useServerNow } from '../../shared/useServerNow';
import classes from './bench.module.css';
import { ProbeCurve } from './ProbeCurve';
import type { useRun } from '../../shared/useRun';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.oven;

const MIN_MS = 60_000;
const COVERED = { none: W.takeTheCoverOff, lid: W.putTheLidOn, tent: W.layFoilOverIt } as const;

function promptWords(p: Prompt): string {
  switch (p.kind) {
    case 'heat':
      return W.turnTheOvenTo({ oven: ovenDegrees(p.ovenC, p.fan) });
    case 'cover':
      return COVERED[p.cover];
    case 'turn':
      return W.turnItRound;
    case 'look':
      return W.lookAtIt;
  }
}

type Props = {
  formula: Formula;
  lookup: Lookup;
  events: readonly BenchEvent[];
  tell: ReturnType<typeof useRun>['tell'];
};

type SoFar = ReturnType<typeof ovenSoFar>;
type InOven = SoFar & { inAt: number };

/** In the oven: how long, what is to be done meanwhile, what a probe says, and what has to be seen before it comes out. */
export function Oven({ formula, lookup, events, tell }: Props) {
  const so = useMemo(() => ovenSoFar(events), [events]);
  const { inAt, outAt } = so;
  return (
    <section className={classes.now} aria-label={W.theOven}>
      <p className={classes.what}>
        {outAt !== null ? W.outOfTheOven : inAt !== null ? W.inTheOven : W.intoTheOven}
      </p>
      {inAt === null ? (
        <Before formula={formula} so={so} tell={tell} />
      ) : outAt === null ? (
        <Baking formula={formula} lookup={lookup} so={{ ...so, inAt }} tell={tell} />
      ) : (
        <After formula={formula} lookup={lookup} so={{ ...so, inAt }} outAt={outAt} tell={tell} />
      )}
    </section>
  );
}

/** What is weighed before it goes in. */
function Before({ formula: { bake }, so, tell }: Pick<Props, 'formula' | 'tell'> & { so: SoFar }) {
  return (
    <>
      {typeof bake?.ovenC === 'number' && <p>{ovenDegrees(bake.ovenC, bake.fan)}</p>}
      <Mass
        label={W.whatItWeighsBefore}
        value={so.beforeG}
        onKeep={(g) => tell({ kind: 'bakeMass', when: 'before', g })}
      />
      <Button
        size="lg"
        className={classes.go}
        onClick={() => {
          readySound();
          tell({ kind: 'oven', what: 'in' });
        }}
      >
        {W.itIsIn}
      </Button>
    </>
  );
}

/** The bake as the model has it; null until it is worked out, which takes longer than a frame. */
function useModel(formula: Formula, lookup: Lookup): Modelled | null {
  const [model, setModel] = useState<Modelled | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setModel(modelOf(formula, lookup)), 50);
    return () => clearTimeout(timer);
  }, [formula, lookup]);
  return model;
}

/** What is to be done meanwhile: what rings now, and what comes next. */
function Prompts({ formula, inAt, nowMs }: { formula: Formula; inAt: number; nowMs: number }) {
  const prompts = useMemo(() => promptsOf(formula), [formula]);
  const [answered, setAnswered] = useState<string[]>([]);
  const alarms = useMemo(
    () =>
      prompts.map((p) => ({
        key: `${p.kind}:${p.min}`,
        at: inAt + p.min * MIN_MS,
        title: promptWords(p),
      })),
    [prompts, inAt],
  );
  // What was missed by more than a quarter of an hour while the page was away is seen, not rung.
  const ringing = useAlarms(
    alarms.filter((a) => nowMs - a.at < 15 * MIN_MS),
    answered,
    nowMs,
    'bench',
  );
  const min = (nowMs - inAt) / MIN_MS;
  const next = prompts.find((p) => p.min > min);
  return (
    <>
      {ringing.map((a) => (
        <p key={a.key} className={classes.prompt} role="alert">
          {a.title}{' '}
          <Button size="compact-md" onClick={() => setAnswered((x) => [...x, a.key])}>
            {W.done}
          </Button>
        </p>
      ))}
      {next && (
        <p className={classes.step}>
          {W.inWord({ prompt: promptWords(next), time: countdown((next.min - min) * MIN_MS) })}
        </p>
      )}
    </>
  );
}

/** How long it has still to go by what the probe reads. */
const ByTheProbe = ({ left }: { left: NonNullable<ReturnType<typeof timeLeft>> }) => (
  <p role="status">
    {W.byTheProbeAboutMin({
      number: fixed(left.min, 0),
      number2: fixed(left.from, 0),
      number3: fixed(left.to, 0),
      slower:
        Math.abs(left.slower - 1) > 0.08 &&
        W.thisBakeGoesThanForecast({
          number: fixed(100 * Math.abs(left.slower - 1), 0),
          which: left.slower > 1 ? W.slower : W.quicker,
        }),
    })}
  </p>
);

/** The signs that it is done, ticked as they are seen, and what is still missing. */
function Signs({ formula, lookup, so, tell }: Omit<Props, 'events'> & { so: SoFar }) {
  const done = useMemo(() => donenessOfBake(formula.parts, lookup), [formula, lookup]);
  const { signs, coreShortC } = stillToSee(done, so);
  const missing = [
    ...signs.map((s) => toKitchenScale(SIGN_WORDS[s])),
    ...(coreShortC ? [W.moreInTheMiddle({ degrees: degreesApart(coreShortC) })] : []),
  ];
  return (
    <>
      <div className={classes.signs} role="group" aria-label={W.whatIsSeen}>
        {done.signs
          .filter((s) => s !== 'none' && s !== 'core')
          .map((s) => (
            <Checkbox
              key={s}
              label={toKitchenScale(SIGN_WORDS[s])}
              checked={so.signs.has(s)}
              onChange={(e) => tell({ kind: 'sign', sign: s, on: e.currentTarget.checked })}
            />
          ))}
      </div>
      {missing.length > 0 && <p className="quiet">{W.beforeItComesOut({ list: listed(missing) })}</p>}
    </>
  );
}

/** While it bakes. */
function Baking({ formula, lookup, so, tell }: Omit<Props, 'events'> & { so: InOven }) {
  const nowMs = useServerNow();
  const model = useModel(formula, lookup);
  const left = model ? timeLeft(model, so.probe) : null;
  const whole = formula.bake?.minutes ?? null;
  const inMs = nowMs - so.inAt;
  return (
    <>
      <p className={`${classes.number} num`} role="timer">
        <b>{countdown(whole ? whole[1] * MIN_MS - inMs : inMs)}</b>
      </p>
      <Prompts formula={formula} inAt={so.inAt} nowMs={nowMs} />
      {model && <ProbeCurve model={model} read={so.probe} left={left} nowMin={inMs / MIN_MS} />}
      {left && <ByTheProbe left={left} />}
      <Probe model={model} inAt={so.inAt} nowMs={nowMs} last={so.probe.at(-1)?.c ?? null} tell={tell} />
      <Signs formula={formula} lookup={lookup} so={so} tell={tell} />
      <div className={classes.act}>
        <Button size="lg" className={classes.go} onClick={() => tell({ kind: 'oven', what: 'out' })}>
          {W.itIsOut}
        </Button>
        <Button size="lg" variant="default" onClick={() => tell({ kind: 'oven', what: 'door' })}>
          {W.doorOpened}
        </Button>
        {so.doors.length > 0 && (
          <span className="quiet">{W.soFar({ count: W.timeCount({ n: so.doors.length }) })}</span>
        )}
      </div>
    </>
  );
}

/** Out of the oven: how long it baked, what it lost, and when it can be cut. */
function After({ formula, lookup, so, outAt, tell }: Omit<Props, 'events'> & { so: InOven; outAt: number }) {
  const nowMs = useServerNow();
  const coolMin = useMemo(() => {
    const setup = setupOf(formula, lookup);
    return (setup && coolingOf(setup)) ?? donenessOfBake(formula.parts, lookup).coolMin[0];
  }, [formula, lookup]);
  const last = so.probe.at(-1);
  return (
    <>
      <p>
        {W.itBakedMin({
          number: fixed((outAt - so.inAt) / MIN_MS, 0),
          probeCount: last !== undefined && W.inTheMiddleAtLast({ temperature: degrees(last.c) }),
        })}
      </p>
      <Mass
        label={W.whatItWeighsNow}
        value={so.afterG}
        onKeep={(g) => tell({ kind: 'bakeMass', when: 'after', g })}
      />
      {so.loss !== null && <p>{W.itLostOfItsWeight({ number: fixed(100 * so.loss, 1) })}</p>}
      {so.cutAt === null ? (
        <>
          <p>{W.cutItInBeforeThat({ time: countdown(Math.max(0, outAt + coolMin * MIN_MS - nowMs)) })}</p>
          <Button variant="default" onClick={() => tell({ kind: 'cut' })}>
            {W.itIsCut}
          </Button>
        </>
      ) : (
        <p>{W.cutMinAfterItCame({ number: fixed((so.cutAt - outAt) / MIN_MS, 0) })}</p>
      )}
    </>
  );
}

/** A weight of the whole, kept when the field is left. */
function Mass({
  label,
  value,
  onKeep,
}: {
  label: string;
  value: number | null;
  onKeep: (g: number) => void;
}) {
  const [typed, setTyped] = useState<number | null>(null);
  return (
    <NumberInput
      label={label}
      suffix=" g"
      w={200}
      min={0}
      max={100_000}
      hideControls
      value={typed ?? value ?? ''}
      onChange={(v) => setTyped(typeof v === 'number' ? v : null)}
      onBlur={() => typed !== null && typed !== value && onKeep(typed)}
      description={value === null ? W.beforeAndAfterTellWhat : grams(value)}
    />
  );
}
