import { Button, NumberInput } from '@mantine/core';
import { ouncesIn, type BenchOrder, type Weighing } from '../../../core/bench';
import type { Formula } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import { eighthsOfTsp } from '../../../core/units';
import { useKitchen } from '../../shared/useKitchen';
import { fixed, grams, spoons } from '../../words/format';
import { textNow } from '../../words/stepWords';
import classes from './bench.module.css';
import type { BenchProps } from './props';
import type { useWeighing } from './useWeighing';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.weigh;

/** What is weighed now. */
export function WeighNow({
  formula,
  order,
  state,
  pantry,
  stepG,
  w,
  weighing,
  nameOf,
  onNone,
}: BenchProps & {
  w: Weighing;
  weighing: ReturnType<typeof useWeighing>;
  nameOf: (lineId: string) => string;
  onNone: () => void;
}) {
  const { wanted, typed, setTyped, since, lifted, g, take, zero } = weighing;
  const line = formula.parts.flatMap((p) => p.lines).find((l) => l.id === w.lineId);
  const step = w.stepId ? formula.method.find((s) => s.id === w.stepId) : undefined;
  const after = order.weighings.slice(order.weighings.indexOf(w) + 1).find((x) => !state.put.has(x.id));
  return (
    <section className={classes.now} aria-label={W.weighNow} data-tap>
      <p className={classes.what}>
        {nameOf(w.lineId)}
        <WhereTo w={w} order={order} />
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
      <Spoon w={w} wanted={wanted} lookup={pantry.exact} line={line} />
      {w.keepBackG > 0 && <p>{W.ofItIsKeptBack({ amount: grams(w.keepBackG) })}</p>}
      {lifted && <p role="status">{W.theBowlIsOffThe}</p>}
      {weighing.silent && <p role="status">{W.theScaleSendsNothingType}</p>}
      <Ounces typed={typed} wanted={wanted} onGrams={setTyped} />
      <div className={classes.act}>
        <Button size="lg" className={classes.go} onClick={take}>
          {W.inWord({ amount: grams(g ?? wanted) })}
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
        <Button size="lg" variant="default" onClick={onNone}>
          {W.thereIsNone}
        </Button>
        {zero && (
          <Button size="lg" variant="default" onClick={zero}>
            {W.zeroHere}
          </Button>
        )}
      </div>
      {step && <p className={classes.step}>{textNow(step)}</p>}
      {after && <p className="quiet">{W.then({ name: nameOf(after.lineId) })}</p>}
    </section>
  );
}

/** A number that was typed looks like ounces: the grams that it would be. */
function Ounces({
  typed,
  wanted,
  onGrams,
}: {
  typed: number | null;
  wanted: number;
  onGrams: (g: number) => void;
}) {
  const ounces = typed === null ? null : ouncesIn(typed, wanted);
  if (typed === null || ounces === null) return null;
  return (
    <p role="status">
      {W.looksLikeOunces({ number: fixed(typed, 1) })}{' '}
      <Button size="compact-md" variant="default" onClick={() => onGrams(Math.round(10 * ounces) / 10)}>
        {W.makeIt({ amount: grams(ounces) })}
      </Button>
    </p>
  );
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
