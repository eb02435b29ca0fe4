import { Button, NumberInput, Skeleton, Switch } from '@mantine/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import {
  benchOrder,
  bowlsOf,
  isLifted,
  kept,
  lateUntil,
  partIdOf,
  repairsOf,
  replay,
  shownBy,
  wantedG,
  type BenchOrder,
  type BenchState,
  type Reading,
  type Repair,
  type Weighing,
} from '../../../core/bench';
import type { Formula } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import { cameIn, holdBackOf, sized, linesSpokenOf, takesOf } from '../../../core/rebalance';
import { eighthsOfTsp } from '../../../core/units';
import { problemIn, useVersionQuery } from '../../api/api';
import { useKitchen } from '../../api/useKitchen';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { fixed, grams, spoons } from '../../words/format';
import { sayProblem } from '../../words/problems';
import { say } from '../../words/say';
import { textNow } from '../../words/stepWords';
import { ingredientName, lineName } from '../../words/things';
import { useAwake } from '../days/useAwake';
import classes from './bench.module.css';
import { Oven } from './Oven';
import { StandIn } from './StandIn';
import { useRun } from './useRun';

/** A version and the one it was made from, each of the size that is baked. */
function sizedBoth(
  doc: Formula,
  source: Formula | undefined,
  batches: number,
  lookup: Lookup,
): [Formula, Formula] {
  const of = (f: Formula): Formula => sized(f, { by: 'batch', times: batches }, lookup)?.formula ?? f;
  return [of(doc), of(source ?? doc)];
}

/** Where the work is large: one thing, how much of it, what is on the scale; and the next. */
export function BenchPage() {
  const { runId = '' } = useParams();
  const { run, events, tell, waiting, late, boxed, refused, error } = useRun(runId);
  const { data: version } = useVersionQuery(run?.versionId ?? '', { skip: !run });
  const { data: source } = useVersionQuery(version?.targetId ?? '', { skip: !version?.targetId });
  const { pantry, ready } = usePantry();
  usePageTitle(run ? `${run.title}, at the bench` : 'At the bench');
  useAwake(true);
  const lookup = pantry.exact;
  const made = useMemo(() => {
    if (!run || !version || !ready || (version.targetId && !source)) return null;
    const [formula, written] = sizedBoth(version.doc, source?.doc, run.batches, lookup);
    const came = new Set(formula.parts.flatMap((p) => p.lines.filter((l) => cameIn(l.id)).map((l) => l.id)));
    const back = holdBackOf(formula, came, lookup);
    const order = benchOrder({
      formula,
      takes: takesOf(written, formula, lookup),
      spoken: linesSpokenOf(written, formula, lookup),
      lookup,
      scaleStepG: run.scaleStepG,
      keepBack: back.lineId ? { lineId: back.lineId, massG: back.massG } : null,
    });
    return { formula, order };
  }, [run, version, source, ready, lookup]);
  const state = useMemo(() => made && replay(made.order, events), [made, events]);
  if (error)
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title="This run cannot be shown">
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      </main>
    );
  if (!made || !state || !run) return <Skeleton height={500} role="status" aria-label="Fetching the run" />;
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{run.title}</h1>
        <Link to={`/formula/${run.formulaId}/card/${run.versionId}`}>The card</Link>
        <p className="small quiet" role="status">
          {refused
            ? sayProblem(refused)
            : waiting > 0
              ? late
                ? boxed
                  ? `The server does not answer: ${waiting} kept on this device and sent when it is there.`
                  : 'The server does not answer, and this device keeps nothing more: do not close the page.'
                : 'Saving'
              : 'All saved'}
        </p>
      </header>
      <Weigh
        key={run.id}
        formula={made.formula}
        order={made.order}
        state={state}
        lookup={lookup}
        stepG={run.scaleStepG}
        tell={tell}
      />
    </main>
  );
}

type WeighProps = {
  formula: Formula;
  order: BenchOrder;
  state: BenchState;
  lookup: Lookup;
  stepG: number;
  tell: ReturnType<typeof useRun>['tell'];
};

/** One weighing after another: by scale or by a typed number; a slip with what can be done about it. */
function Weigh({ formula, order, state, lookup, stepG, tell }: WeighProps) {
  const { spoon = 'us' } = useKitchen();
  const [readings, setReadings] = useState<readonly Reading[]>([]);
  const [tare, setTare] = useState<number | null>(null);
  const [typed, setTyped] = useState<number | null>(null);
  const [trying, setTrying] = useState(false);
  const lines = useMemo(
    () => new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, l]))),
    [formula],
  );
  const nameOf = (lineId: string): string => {
    const line = lines.get(lineId);
    const other = state.swapped.get(lineId);
    if (other) return ingredientName(other, true);
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
  const now = off ?? state.next;
  const shown = shownBy(readings, readings.at(-1)?.at ?? 0, stepG);
  const onScale = 'g' in shown ? shown.g : null;
  const since = onScale === null ? null : onScale - (tare ?? 0);
  const lifted = since !== null && isLifted(since, 200);
  const onReading = useCallback((r: Reading) => setReadings((all) => kept(all, r)), []);
  const wanted = state.next ? wantedG(order, state, state.next) : 0;
  const g = typed ?? (since !== null && shown.state === 'steady' && !lifted ? Math.max(0, since) : null);
  const take = useCallback(() => {
    if (!state.next || off) return;
    tell({ kind: 'weighed', weighing: state.next.id, g: g ?? wanted });
    setTyped(null);
    setTare(onScale);
  }, [state.next, off, g, wanted, onScale, tell]);
  const back = useCallback(() => {
    const done = live.at(-1);
    if (done) tell({ kind: 'undone', event: done.id });
    setTyped(null);
  }, [live, tell]);
  // Both hands are busy: space, the arrows or a pedal that sends them go on and back.
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const at = e.target as HTMLElement;
      const arrow = e.key === 'ArrowLeft' || e.key === 'ArrowRight';
      if (at.closest(arrow ? 'input, [role=slider]' : 'input, [role=slider], button, a, select, textarea'))
        return;
      if (e.key === ' ' || e.key === 'ArrowRight' || e.key === 'Enter') {
        e.preventDefault();
        take();
      } else if (e.key === 'ArrowLeft') {
        e.preventDefault();
        back();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [take, back]);
  const step = now?.stepId ? formula.method.find((s) => s.id === now.stepId) : undefined;
  const after = state.next
    ? order.weighings.slice(order.weighings.indexOf(state.next) + 1).find((w) => !state.put.has(w.id))
    : undefined;
  const bowls = bowlsOf(order, state);
  const baking = live.some((e) => e.kind === 'oven');
  return (
    <>
      {off ? (
        <Off w={off} repairs={repairs} state={state} order={order} nameOf={nameOf} tell={tell} />
      ) : state.next ? (
        <section className={classes.now} aria-label="Weigh now">
          <p className={classes.what}>
            {nameOf(state.next.lineId)}
            <WhereTo w={state.next} order={order} />
          </p>
          <p className={`${classes.number} num`} aria-live="polite">
            {since !== null && typed === null && !lifted ? (
              <>
                <b>{fixed(since, stepG < 1 ? 1 : 0)}</b>
                <span> of {grams(wanted)}</span>
              </>
            ) : (
              <b>{grams(wanted)}</b>
            )}
          </p>
          <Spoon
            w={state.next}
            wanted={wanted}
            lookup={lookup}
            line={lines.get(state.next.lineId)}
            spoon={spoon}
          />
          {state.next.keepBackG > 0 && (
            <p>
              {grams(state.next.keepBackG)} of it is kept back: put it to the dough by feel, a little at a
              time.
            </p>
          )}
          {lifted && <p role="status">The bowl is off the scale. Put it back, or press “Zero here”.</p>}
          {shown.state === 'silent' && (
            <p role="status">The scale sends nothing. Type the number, or wake it.</p>
          )}
          <div className={classes.act}>
            <Button size="lg" className={classes.go} onClick={take}>
              {g === null ? `In: ${grams(wanted)}` : `In: ${grams(g)}`}
            </Button>
            <NumberInput
              aria-label="Grams that went in"
              placeholder="other grams"
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
            <Button
              size="lg"
              variant="default"
              onClick={() => tell({ kind: 'leftOut', weighing: state.next!.id })}
            >
              There is none
            </Button>
            {onScale !== null && (
              <Button size="lg" variant="default" onClick={() => setTare(onScale)}>
                Zero here
              </Button>
            )}
          </div>
          {step && <p className={classes.step}>{textNow(step)}</p>}
          {after && <p className="quiet">Then {nameOf(after.lineId)}</p>}
        </section>
      ) : (
        <>
          {!baking && (
            <section className={classes.now} aria-label="All is in">
              <p className={classes.what}>All is in</p>
              <p>Mix and shape by the card, then say below when it goes into the oven.</p>
            </section>
          )}
          <Oven formula={formula} lookup={lookup} events={live} tell={tell} />
        </>
      )}
      <div className={classes.act}>
        <Button variant="default" size="lg" onClick={back} disabled={live.length === 0}>
          Back one
        </Button>
        <Switch
          label="Try it with a scale that is none"
          checked={trying}
          onChange={(e) => setTrying(e.currentTarget.checked)}
        />
      </div>
      {trying && <StandIn stepG={stepG} onReading={onReading} />}
      <section className={classes.bowls} aria-label="What is in the bowls">
        {bowls.map((b, i) => (
          <div key={b.id} className="sheet">
            <h2>
              {bowls.length > 1 ? `Bowl ${i + 1}` : 'The bowl'}, {grams(b.massG)}
            </h2>
            <p>{[...b.contents].map(([id, x]) => `${nameOf(id)} ${grams(x)}`).join(', ')}</p>
          </div>
        ))}
      </section>
      {state.leftOut.size > 0 && <LeftOut state={state} order={order} formula={formula} nameOf={nameOf} />}
    </>
  );
}

/** Which bowl it goes into, where there are several. */
function WhereTo({ w, order }: { w: Weighing; order: BenchOrder }) {
  const own = order.bowls.filter((b) => b.from.length === 0);
  const at = order.bowls.find((b) => b.id === w.bowl);
  if (own.length < 2 || !at) return null;
  const n = own.findIndex((b) => b.id === at.id);
  return <small> {n >= 0 ? `into bowl ${n + 1}` : 'into all together'}</small>;
}

/** A spoon where the scale is too coarse. */
function Spoon({
  w,
  wanted,
  lookup,
  line,
  spoon,
}: {
  w: Weighing;
  wanted: number;
  lookup: Lookup;
  line: Formula['parts'][number]['lines'][number] | undefined;
  spoon: Parameters<typeof eighthsOfTsp>[2];
}) {
  const eighths =
    w.bySpoon && line ? eighthsOfTsp(wanted, lookup(line.item)?.densityGMl?.value ?? null, spoon) : null;
  return eighths === null ? null : (
    <p className={classes.spoon}>{spoons(eighths)}: surer by the spoon on this scale</p>
  );
}

/** Something is off: what can be done, the smallest change first. */
function Off({
  w,
  repairs,
  state,
  order,
  nameOf,
  tell,
}: {
  w: Weighing;
  repairs: readonly Repair[];
  state: BenchState;
  order: BenchOrder;
  nameOf: (lineId: string) => string;
  tell: WeighProps['tell'];
}) {
  const inIt = state.put.get(w.id) ?? 0;
  const wanted = wantedG(order, state, w);
  const part = partIdOf(order, w);
  const by = grams(Math.abs(inIt - wanted));
  const much = inIt > wanted ? 'too much' : 'too little';
  const choose = (r: Repair) => {
    if (r.kind === 'takeOut') tell({ kind: 'tookOut', weighing: w.id, g: r.g });
    else if (r.kind === 'add') tell({ kind: 'weighed', weighing: w.id, g: r.g });
    else if (r.kind === 'scale') {
      for (const m of r.more) tell({ kind: 'weighed', weighing: m.weighing, g: m.g });
      tell({ kind: 'scaled', partId: part, by: r.by });
    } else tell({ kind: 'note', text: `${nameOf(w.lineId)}: ${by} ${much}, left as it is` });
  };
  return (
    <section className={classes.now} aria-label="Something is off">
      <p className={classes.what}>{nameOf(w.lineId)}</p>
      <p className={`${classes.number} num`}>
        <b>{by}</b>
        <span> {much}</span>
      </p>
      <div className={classes.repairs}>
        {repairs.map((r) => (
          <div key={r.kind} className="sheet">
            <Button size="lg" variant={r === repairs[0] ? 'filled' : 'default'} onClick={() => choose(r)}>
              {r.kind === 'takeOut' && `Take ${grams(r.g)} out`}
              {r.kind === 'add' && `Put ${grams(r.g)} to it`}
              {r.kind === 'scale' && `Make all of it ${fixed(100 * (r.by - 1), 0)} % more`}
              {r.kind === 'leave' && 'Leave it'}
            </Button>
            {r.kind === 'scale' && r.more.length > 0 && (
              <p>
                First put to what is in:{' '}
                {r.more
                  .map(
                    (m) =>
                      `${grams(m.g)} ${nameOf(order.weighings.find((x) => x.id === m.weighing)!.lineId)}`,
                  )
                  .join(', ')}
                .
              </p>
            )}
            {'effect' in r && <EffectWords r={r} />}
          </div>
        ))}
      </div>
    </section>
  );
}

/** What a repair comes to, in words. */
function EffectWords({ r }: { r: Extract<Repair, { effect: unknown }> }) {
  const { massG, wetness, timeBy, warnings } = r.effect;
  const wetter = wetness.was && wetness.now ? wetness.now / wetness.was - 1 : null;
  const said = [
    `${grams(massG)} in all.`,
    wetter === null || Math.abs(wetter) < 0.01
      ? ''
      : `${fixed(100 * Math.abs(wetter), 0)} % ${wetter > 0 ? 'wetter' : 'stiffer'}.`,
    timeBy === null || Math.abs(timeBy - 1) < 0.02
      ? ''
      : `About ${fixed(100 * Math.abs(timeBy - 1), 0)} % ${timeBy > 1 ? 'longer' : 'shorter'} in the oven, in the same tin.`,
    ...warnings.map(say),
  ].filter(Boolean);
  return <p className="small quiet">{said.join(' ')}</p>;
}

/** What was not there, and until when it can still go in. */
function LeftOut({
  state,
  order,
  formula,
  nameOf,
}: Pick<WeighProps, 'state' | 'order' | 'formula'> & { nameOf: (id: string) => string }) {
  const out = order.weighings.filter((w) => state.leftOut.has(w.id));
  return (
    <section aria-label="Left out">
      {out.map((w) => {
        const until = lateUntil(formula, w.lineId);
        const step = formula.method.findIndex((s) => s.id === until);
        return (
          <p key={w.id}>
            {nameOf(w.lineId)} was left out{step >= 0 ? `; it can still go in until step ${step + 1}` : ''}.
          </p>
        );
      })}
    </section>
  );
}
