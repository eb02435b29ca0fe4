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
import { degrees, degreesApart, inDegrees, ovenDegrees } from '../../words/heat';
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

/** In the oven: how long, what is to be done meanwhile, what a probe says, and what has to be seen before it comes out. */
export function Oven({ formula, lookup, events, tell }: Props) {
  const nowMs = useServerNow();
  const so = useMemo(() => ovenSoFar(events), [events]);
  const prompts = useMemo(() => promptsOf(formula), [formula]);
  const done = useMemo(() => donenessOfBake(formula.parts, lookup), [formula, lookup]);
  const [model, setModel] = useState<Modelled | null>(null);
  const isIn = so.inAt !== null && so.outAt === null;
  // Worked out once it is in: it takes longer than a frame.
  useEffect(() => {
    if (so.inAt === null) return;
    const timer = setTimeout(() => setModel(modelOf(formula, lookup)), 50);
    return () => clearTimeout(timer);
  }, [so.inAt, formula, lookup]);
  const coolMin = useMemo(() => {
    const setup = so.outAt === null ? null : setupOf(formula, lookup);
    return setup ? (coolingOf(setup) ?? done.coolMin[0]) : done.coolMin[0];
  }, [so.outAt, formula, lookup, done]);
  const min = so.inAt === null ? 0 : (nowMs - so.inAt) / MIN_MS;
  const whole = formula.bake?.minutes ?? null;
  const left = model && isIn ? timeLeft(model, so.probe) : null;
  const [answered, setAnswered] = useState<string[]>([]);
  const alarms = useMemo(
    () =>
      isIn
        ? prompts.map((p) => ({
            key: `${p.kind}:${p.min}`,
            at: so.inAt! + p.min * MIN_MS,
            title: promptWords(p),
          }))
        : [],
    [isIn, prompts, so.inAt],
  );
  // What was missed by more than a quarter of an hour while the page was away is seen, not rung.
  const ringing = useAlarms(
    alarms.filter((a) => nowMs - a.at < 15 * MIN_MS),
    answered,
    nowMs,
    'bench',
  );
  const next = prompts.find((p) => p.min > min);
  const open = stillToSee(done, so);
  return (
    <section className={classes.now} aria-label={W.theOven}>
      <p className={classes.what}>
        {so.outAt !== null ? W.outOfTheOven : isIn ? W.inTheOven : W.intoTheOven}
      </p>
      {!isIn && so.outAt === null && (
        <>
          {typeof formula.bake?.ovenC === 'number' && (
            <p>{ovenDegrees(formula.bake.ovenC, formula.bake.fan)}</p>
          )}
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
      )}
      {isIn && (
        <>
          <p className={`${classes.number} num`} role="timer">
            <b>{whole ? countdown(whole[1] * MIN_MS - (nowMs - so.inAt!)) : countdown(nowMs - so.inAt!)}</b>
          </p>
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
          {model && <ProbeCurve model={model} read={so.probe} left={left} nowMin={min} />}
          {left && (
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
          )}
          <Probe model={model} inAt={so.inAt!} nowMs={nowMs} last={so.probe.at(-1)?.c ?? null} tell={tell} />
          <div className={classes.signs} role="group" aria-label={W.whatIsSeen}>
            {done.signs
              .filter((s) => s !== 'none' && s !== 'core')
              .map((s) => (
                <Checkbox
                  key={s}
                  label={inDegrees(SIGN_WORDS[s])}
                  checked={so.signs.has(s)}
                  onChange={(e) => tell({ kind: 'sign', sign: s, on: e.currentTarget.checked })}
                />
              ))}
          </div>
          {(open.signs.length > 0 || (open.coreShortC ?? 0) > 0) && (
            <p className="quiet">
              {W.beforeItComesOut({
                list: listed([
                  ...open.signs.map((s) => inDegrees(SIGN_WORDS[s])),
                  ...(open.coreShortC ? [W.moreInTheMiddle({ degrees: degreesApart(open.coreShortC) })] : []),
                ]),
              })}
            </p>
          )}
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
      )}
      {so.outAt !== null && (
        <>
          <p>
            {W.itBakedMin({
              number: fixed((so.outAt - so.inAt!) / MIN_MS, 0),
              probeCount:
                so.probe.length > 0 && W.inTheMiddleAtLast({ temperature: degrees(so.probe.at(-1)!.c) }),
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
              <p>
                {W.cutItInBeforeThat({ time: countdown(Math.max(0, so.outAt + coolMin * MIN_MS - nowMs)) })}
              </p>
              <Button variant="default" onClick={() => tell({ kind: 'cut' })}>
                {W.itIsCut}
              </Button>
            </>
          ) : (
            <p>{W.cutMinAfterItCame({ number: fixed((so.cutAt - so.outAt) / MIN_MS, 0) })}</p>
          )}
        </>
      )}
    </section>
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
