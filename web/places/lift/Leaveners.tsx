import { Button } from '@mantine/core';
import { doughLines, massOf, type Part } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import {
  asTeaspoons,
  exchangesFor,
  repairsOf,
  risksOf,
  type LiftBudget,
  type RiskInput,
} from '../../../core/leavening';
import { faultOfRisk } from '../../../core/judge';
import { useAppDispatch } from '../../store/store';
import { fixed, grams } from '../../words/format';
import { listed } from '../../words/plural';
import { HandbookLink } from '../../parts/HandbookLink';
import { EXCHANGE_WORDS, RISK_WORDS } from '../../words/data/lift';
import { messageText } from '../../words/say';
import { ingredientName } from '../../words/things';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import classes from './lift.module.css';
import { liftWords } from '../../words/data/en/lift';

const W = liftWords.leaveners;

const ref = (lookup: Lookup, id: string) => lookup({ kind: 'ref', id })!;
const sours = (lookup: Lookup) => ({
  lemon: ref(lookup, 'lemon_juice'),
  vinegar: ref(lookup, 'cider_vinegar'),
  powder: ref(lookup, 'baking_powder'),
});

/** What may go wrong with the rise, with the cheapest change for each. */
export function Risks(input: RiskInput) {
  const risks = risksOf(input);
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.whatMayGoWrong}>
      <h2>{W.whatMayGoWrong}</h2>
      {risks.length === 0 && <p>{W.noProblemsFound}</p>}
      {risks.map((r) => (
        <div key={r.id} className={classes.risk}>
          <h3>
            {RISK_WORDS[r.id]}: {r.level === 'likely' ? W.likely : W.itMay}
          </h3>
          <p className="quiet">{r.because.map(messageText).join(' ')}</p>
          <p>
            {messageText(r.repair)}{' '}
            <HandbookLink section="faults" id={faultOfRisk(r.id) ?? undefined}>
              {W.allCausesAndRepairs}
            </HandbookLink>
          </p>
        </div>
      ))}
    </section>
  );
}

/** Soda that is not met: what mends it, and at a press does. */
export function Repairs({ part, budget, lookup }: { part: Part; budget: LiftBudget; lookup: Lookup }) {
  const { solution } = useDeskContext();
  const dispatch = useAppDispatch();
  const repairs = repairsOf(budget, sours(lookup));
  if (repairs.length === 0) return null;
  const linesOf = (id: string) => doughLines(part).filter((l) => lookup(l.item)?.id === id);
  const hold = (lineId: string, massG: number) =>
    void dispatch(
      workingCopy.lineHeld({ lineId, massG: Number(massG.toFixed(1)), kits: solution?.kits ?? {} }),
    );
  const powder =
    linesOf('baking_powder')[0] ?? doughLines(part).find((l) => lookup(l.item)?.like === 'baking_powder');
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.toMendIt}>
      <h2>{W.toMendIt}</h2>
      <p className="quiet">
        {W.mmolOfSodaAreLeft({
          number: fixed(budget.residueMmol.value, 1),
          number2: fixed(asTeaspoons(budget.residueMmol.value), 2),
        })}
      </p>
      {repairs.map((r) => {
        if (r.id === 'more_acid') {
          const line = linesOf(r.with)[0];
          return (
            <div key={r.id} className={classes.repair}>
              <p>{W.moreMeetIt({ amount: grams(r.massG), ingredient: ingredientName(r.with, true) })}</p>
              {line && (
                <Button
                  variant="default"
                  size="compact-md"
                  onClick={() => hold(line.id, massOf(line) + r.massG)}
                >
                  {W.lockItAt({ amount: grams(massOf(line) + r.massG) })}
                </Button>
              )}
            </div>
          );
        }
        const soda = budget.bases.map((b) => linesOf(b.ingredientId)[0]).find((l) => l !== undefined);
        return (
          <div key={r.id} className={classes.repair}>
            <p>
              {W.orOfSodaForAnd({ amount: grams(r.toG), amount2: grams(r.sodaG), amount3: grams(r.powderG) })}
            </p>
            {soda && (
              <Button
                variant="default"
                size="compact-md"
                onClick={() => {
                  hold(soda.id, r.toG);
                  if (powder) hold(powder.id, massOf(powder) + r.powderG);
                }}
              >
                {W.lockSodaAt({ amount: grams(r.toG) })}
              </Button>
            )}
          </div>
        );
      })}
    </section>
  );
}

/** The same gas from other leaveners, for what is in the part. */
export function Exchanges({ part, lookup }: { part: Part; lookup: Lookup }) {
  const found = doughLines(part).flatMap((l) => {
    const ingredient = lookup(l.item);
    return ingredient?.group === 'leavener' && massOf(l) > 0
      ? [{ id: l.id, ingredient, massG: massOf(l), ways: exchangesFor(ingredient, massOf(l), sours(lookup)) }]
      : [];
  });
  if (found.length === 0) return null;
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.otherLeaveners}>
      <h2>{W.otherLeavenersTheSameGas}</h2>
      {found.map(({ id, ingredient, massG, ways }) => (
        <div key={id}>
          <h3>{W.forWord({ amount: grams(massG), ingredient: ingredientName(ingredient.id, true) })}</h3>
          <ul className={classes.ways}>
            {ways.map((w) => (
              <li key={w.id}>
                <b>{EXCHANGE_WORDS[w.id].name}</b>:{' '}
                {listed(w.items.map((i) => `${grams(i.massG)} ${ingredientName(i.id, true)}`))}.{' '}
                <span className="quiet">{EXCHANGE_WORDS[w.id].note}</span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
