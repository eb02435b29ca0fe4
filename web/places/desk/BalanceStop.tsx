import { Button, NumberInput, SegmentedControl, Skeleton, Switch } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { PropKey } from '../../../core/classes';
import { explainProperty, type Part } from '../../../core/formula';
import { SOURCES, type Explanation } from '../../../core/explain';
import type { Lookup } from '../../../core/ingredients';
import { MASS_BAND, type FitKey, type Solution } from '../../../core/rebalance';
import { PROP_UNIT } from '../../../core/formula';
import { useAppDispatch } from '../../app/store';
import { usePantry } from '../../pantry/usePantry';
import { HandbookLink } from '../../parts/HandbookLink';
import { Notice } from '../../parts/Notice';
import { amountOf, fixed, grams, spreadOf, UNIT_TEXT } from '../../words/format';
import { say } from '../../words/say';
import { linesIn, tracesIn, unknownIn } from '../../words/verdicts';
import { CAUTION_WORDS, PROP_NOTES, PROP_WORDS } from '../../words/things';
import { useDeskContext } from './context';
import { desk } from './deskSlice';
import { FeelStrip } from './FeelStrip';
import { Ledger } from './Ledger';
import { MethodPanel } from './MethodPanel';
import { MirrorBars } from './MirrorBars';
import { WhoEats } from './WhoEats';
import classes from './desk.module.css';

const MOST_TERMS = 6;

function Sum({ opened, title }: { opened: Explanation; title: string }) {
  const unit = PROP_UNIT[opened.equation.args.key as keyof typeof PROP_UNIT];
  const shown = opened.inputs.slice(0, MOST_TERMS);
  const rest = opened.inputs.slice(MOST_TERMS).reduce((s, i) => s + i.value, 0);
  return (
    <div className={classes.equation}>
      <div className="quiet">{title}</div>
      {shown.map((i, k) => (
        <div key={k} className="num" style={{ whiteSpace: 'normal' }}>
          {k > 0 && '+ '}
          {grams(i.massG)} {say(i.label).toLowerCase()} ×{' '}
          {fixed(i.factor.value, i.factor.value < 0.1 ? 3 : 2)}
        </div>
      ))}
      {rest > 0 && (
        <div className="num">+ {amountOf({ value: rest, basis: 'derived' }, unit)} of the rest</div>
      )}
      <b className="num">
        = {amountOf(opened.result, unit)} {spreadOf(opened.result, unit)}
      </b>
    </div>
  );
}

/** A property held at a value of the baker's own: the amounts follow. */
function HoldProperty({ partId, name, now }: { partId: string; name: PropKey; now: number }) {
  const { doc } = useDeskContext();
  const dispatch = useAppDispatch();
  const held = doc.request.pins?.props?.[partId]?.[name];
  const unit = PROP_UNIT[name];
  const hold = (value: number | null) => dispatch(desk.propHeld({ partId, key: name, value }));
  if (held === undefined)
    return (
      <Button variant="default" size="compact-md" onClick={() => hold(Number(now.toPrecision(3)))}>
        Hold {PROP_WORDS[name]} at {amountOf({ value: now, basis: 'derived' }, unit)}
      </Button>
    );
  return (
    <div className={classes.holding}>
      <NumberInput
        label={`${PROP_WORDS[name]}, held`}
        value={held}
        min={0}
        max={1_000_000}
        decimalScale={2}
        hideControls
        suffix={UNIT_TEXT[unit]}
        onChange={(v) => typeof v === 'number' && v >= 0 && hold(v)}
      />
      <Button variant="subtle" size="compact-md" onClick={() => hold(null)}>
        Let go
      </Button>
    </div>
  );
}

/** The margin: the number that was opened, line by line, with where its figures are from. */
function Opened({
  seen,
  solution,
  source,
  part,
  lookup,
}: {
  seen: FitKey;
  solution: Solution;
  source: Part;
  part: Part;
  lookup: Lookup;
}) {
  const sums = useMemo(() => {
    const keys = seen === 'wetness' ? (['freeWater', 'demand'] as const) : [seen];
    return keys.map((k) => ({
      key: k,
      before: explainProperty(source, k, lookup),
      now: explainProperty(part, k, lookup),
    }));
  }, [seen, source, part, lookup]);
  const fit = solution.fit.find((f) => f.key === seen && f.partId === part.id);
  const sources = [...new Set(sums.flatMap((x) => x.now.inputs.map((i) => i.factor.sourceId)))].flatMap(
    (id) => (id ? [SOURCES[id]] : []),
  );
  return (
    <section>
      <h2>{PROP_WORDS[seen].charAt(0).toUpperCase() + PROP_WORDS[seen].slice(1)}</h2>
      {PROP_NOTES[seen] && <p>{PROP_NOTES[seen]}</p>}
      {fit && fit.state !== 'inside' && (
        <p>
          <b>Outside its band</b> of {amountOf({ ...fit.source, value: fit.lo }, fit.unit)} to{' '}
          {amountOf({ ...fit.source, value: fit.hi }, fit.unit)}: nothing chosen brings{' '}
          {fit.state === 'low' ? 'enough' : 'less'} without moving what should stay.
        </p>
      )}
      {sums.map((x) => (
        <Sum key={x.key} opened={x.now} title={seen === 'wetness' ? PROP_WORDS[x.key] : 'adapted'} />
      ))}
      {seen === 'wetness' && fit && (
        <p className="num">
          wetness = free water ÷ thirst = {amountOf(fit.adapted, 'ratio')} {spreadOf(fit.adapted, 'ratio')}
        </p>
      )}
      {seen !== 'wetness' && seen !== 'mass' && sums[0] && (
        <HoldProperty
          key={`${part.id}:${seen}`}
          partId={part.id}
          name={seen}
          now={sums[0].now.result.value}
        />
      )}
      {seen !== 'wetness' && sums[0] && (
        <details className={classes.details}>
          <summary>as written: {amountOf(sums[0].before.result, PROP_UNIT[seen])}</summary>
          <Sum opened={sums[0].before} title="as written" />
        </details>
      )}
      {sources.length > 0 && <p className="small quiet">Figures: {sources.join('; ')}.</p>}
    </section>
  );
}

function Care({ solution }: { solution: Solution }) {
  const unknown = solution.verdicts.filter((v) => v.unknown.length > 0);
  const traces = solution.verdicts.filter((v) => v.may.length > 0);
  if (unknown.length + traces.length === 0 && solution.cautions.length === 0) return null;
  return (
    <section>
      <h2>Take care</h2>
      {traces.length > 0 && (
        <p>
          May contain: {linesIn(traces)}, {tracesIn(traces)}.
        </p>
      )}
      {unknown.length > 0 && (
        <p>
          Not known: {linesIn(unknown)}, for {unknownIn(unknown)}. Check the packet.
        </p>
      )}
      {solution.cautions.map((c) => (
        <p key={c}>{CAUTION_WORDS[c]}</p>
      ))}
      <p className="small quiet">
        Check the label and your local food law. <HandbookLink section="cautions">All cautions</HandbookLink>
      </p>
    </section>
  );
}

/** Balance: source beside adapted, the feel, every line with its reason, and what is locked. */
export function BalanceStop() {
  const { doc, outcome, solution, working } = useDeskContext();
  const dispatch = useAppDispatch();
  const { pantry } = usePantry();
  const [opened, setOpened] = useState<{ key: FitKey; partId: string | null }>({ key: 'bind', partId: null });
  const pins = doc.request.pins;

  if (!outcome) return <Skeleton height={520} role="status" aria-label="Working out the balance" />;
  if (!solution) {
    return (
      <>
        {outcome.cannot.map((c) => (
          <Notice
            key={c.need.code}
            kind="trouble"
            title="No balance yet"
            {...(c.need.code === 'cannot.locks'
              ? { action: { words: 'Let go of all locks', do: () => void dispatch(desk.letGo()) } }
              : {})}
          >
            {say(c.need)}
          </Notice>
        ))}
      </>
    );
  }
  const openPart = solution.formula.parts.find((p) => p.id === opened.partId) ?? solution.formula.parts[0];
  const openSource = doc.source.parts.find((p) => p.id === openPart?.id);
  return (
    <div className={classes.frame}>
      <div className={classes.content} aria-busy={working}>
        {solution.widened.map((w) => (
          <Notice key={w.code + JSON.stringify(w.args)} kind="word">
            {say(w)}
          </Notice>
        ))}
        <div className={classes.locks}>
          <Switch
            label="Hold wetness as written"
            checked={pins?.lockWetness ?? false}
            onChange={(e) => dispatch(desk.lockSet({ lockWetness: e.currentTarget.checked }))}
          />
          <div className={classes.massLock}>
            <span id="mass-lock">Total mass</span>
            <SegmentedControl
              size="sm"
              aria-labelledby="mass-lock"
              value={pins?.lockMass ? 'held' : pins?.freeMass ? 'free' : 'band'}
              data={[
                { value: 'band', label: `within ${100 * MASS_BAND} %` },
                { value: 'held', label: 'held' },
                { value: 'free', label: 'free' },
              ]}
              onChange={(v) => dispatch(desk.lockSet({ lockMass: v === 'held', freeMass: v === 'free' }))}
            />
          </div>
        </div>
        {solution.formula.parts.length > 1 && (
          <nav className={classes.parts} aria-label="Parts">
            {solution.formula.parts.map((p) => {
              const out = solution.fit.filter((f) => f.partId === p.id && f.state !== 'inside').length;
              return (
                <a key={p.id} href={`#part-${p.id}`}>
                  {p.name || 'main part'} <small>{out === 0 ? 'inside' : `${out} outside`}</small>
                </a>
              );
            })}
            <a href="#method">method</a>
          </nav>
        )}
        {solution.formula.parts.map((part) => {
          const source = outcome.sourceProfiles[part.id];
          const adapted = solution.profiles[part.id];
          if (!source || !adapted) return null;
          const fit = solution.fit.filter((f) => f.partId === part.id);
          const ids = new Set(
            [...part.lines, ...(doc.source.parts.find((p) => p.id === part.id)?.lines ?? [])].map(
              (l) => l.id,
            ),
          );
          const of = solution.formula.parts.length > 1 ? `, ${part.name || 'main part'}` : '';
          const see = (key: FitKey) => setOpened({ key, partId: part.id });
          return (
            <div key={part.id} id={`part-${part.id}`}>
              {part.name && <h2 className={classes.partName}>{part.name}</h2>}
              <MirrorBars
                of={of}
                source={source}
                adapted={adapted}
                fit={fit}
                seen={openPart?.id === part.id ? opened.key : null}
                onSee={see}
              />
              <FeelStrip
                of={of}
                source={source}
                adapted={adapted}
                wetness={fit.find((f) => f.key === 'wetness')}
                holdBackG={solution.holdBackG}
                onExplain={() => see('wetness')}
              />
              <Ledger
                of={of}
                part={part}
                moves={solution.moves.filter((m) => ids.has(m.lineId))}
                source={source}
                profile={adapted}
                held={pins?.lines ?? {}}
                kits={solution.kits}
              />
            </div>
          );
        })}
        <MethodPanel method={solution.formula.method} />
      </div>
      <aside className={classes.aside} tabIndex={0} aria-label="The number opened">
        {openPart && openSource && (
          <Opened
            seen={opened.key}
            solution={solution}
            source={openSource}
            part={openPart}
            lookup={pantry.lookup}
          />
        )}
        <Care solution={solution} />
        <WhoEats formula={solution.formula} lookup={pantry.lookup} />
      </aside>
    </div>
  );
}
