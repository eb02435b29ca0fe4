import { atHead, withinSentence } from '../../words/case';
import { SOURCE_WORDS } from '../../words/data/handbook';
import { Button, NumberInput } from '@mantine/core';
import { useMemo } from 'react';
import type { PropKey } from '../../../core/classes';
import { argOf, type Explanation } from '../../../core/explain';
import { explainProperty, PROP_UNIT, type Part } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import type { FitKey, Solution } from '../../../core/rebalance';
import { useAppDispatch } from '../../store/store';
import { amountOf, fixed, grams, spreadOf, UNIT_TEXT } from '../../words/format';
import { messageText } from '../../words/say';
import { PROP_NOTES, PROP_WORDS } from '../../words/things';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import frame from '../../shared/frame.module.css';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.opened;

const MOST_TERMS = 6;

function Sum({ opened, title }: { opened: Explanation; title: string }) {
  const unit = PROP_UNIT[argOf(opened.equation, 'key') as keyof typeof PROP_UNIT];
  const shown = opened.inputs.slice(0, MOST_TERMS);
  const rest = opened.inputs.slice(MOST_TERMS).reduce((s, i) => s + i.value, 0);
  return (
    <div className={frame.equation}>
      <div className="quiet">{title}</div>
      {shown.map((i, k) => (
        <div key={k} className="num" style={{ whiteSpace: 'normal' }}>
          {k > 0 && '+ '}
          {grams(i.massG)} {withinSentence(messageText(i.label))} ×{' '}
          {fixed(i.factor.value, i.factor.value < 0.1 ? 3 : 2)}
        </div>
      ))}
      {rest > 0 && (
        <div className="num">
          {W.ofTheRest({ amount: amountOf({ value: rest, basis: 'derived' }, unit) })}
        </div>
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
  const hold = (value: number | null) => dispatch(workingCopy.propHeld({ partId, key: name, value }));
  if (held === undefined)
    return (
      <Button
        variant="default"
        size="compact-md"
        h="auto"
        mih={36}
        py={4}
        onClick={() => hold(Number(now.toPrecision(3)))}
      >
        {W.lockAt({ prop: PROP_WORDS[name], amount: amountOf({ value: now, basis: 'derived' }, unit) })}
      </Button>
    );
  return (
    <div className={classes.holding}>
      <NumberInput
        label={W.locked({ prop: PROP_WORDS[name] })}
        value={held}
        min={0}
        max={1_000_000}
        decimalScale={2}
        hideControls
        suffix={UNIT_TEXT[unit]}
        onChange={(v) => typeof v === 'number' && v >= 0 && hold(v)}
      />
      <Button variant="subtle" size="compact-md" onClick={() => hold(null)}>
        {W.unlock}
      </Button>
    </div>
  );
}

/** The margin: the number that was opened, line by line, with where its figures are from. */
export function PropertyDetail({
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
    (id) => (id ? [SOURCE_WORDS[id]] : []),
  );
  return (
    <section>
      <h2>{atHead(PROP_WORDS[seen])}</h2>
      {PROP_NOTES[seen] && <p>{PROP_NOTES[seen]}</p>}
      {fit?.state === 'open' && <p>{W.aLineIsNotKnown}</p>}
      {(fit?.state === 'low' || fit?.state === 'high') && (
        <p>
          {W.ofToTheChosenReplacements({
            strong: <b>{W.outsideTheTargetRange}</b>,
            amount: amountOf({ ...fit.source, value: fit.lo }, fit.unit),
            amount2: amountOf({ ...fit.source, value: fit.hi }, fit.unit),
            which: fit.state === 'low' ? W.raise : W.lower,
          })}
        </p>
      )}
      {sums.map((x) => (
        <Sum key={x.key} opened={x.now} title={seen === 'wetness' ? PROP_WORDS[x.key] : W.adapted} />
      ))}
      {seen === 'wetness' && fit && (
        <p className="num">
          {W.effectiveHydrationFreeWaterWater({
            amount: amountOf(fit.adapted, 'ratio'),
            spread: spreadOf(fit.adapted, 'ratio'),
          })}
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
          <summary>{W.asWritten({ amount: amountOf(sums[0].before.result, PROP_UNIT[seen]) })}</summary>
          <Sum opened={sums[0].before} title={W.asWritten2} />
        </details>
      )}
      {sources.length > 0 && <p className="small quiet">{W.figures({ sources: sources.join('; ') })}</p>}
    </section>
  );
}
