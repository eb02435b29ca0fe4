import { useMemo } from 'react';
import { labelDecimals, NUTRIENTS, nutritionOf, per100, type Nutrient } from '../../../core/bake';
import type { Sourced } from '../../../core/explain';
import type { Formula, Line } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import { costOf } from '../../../core/rebalance';
import { fixed, grams } from '../../words/format';
import { listed } from '../../words/plural';
import { lineName } from '../../words/things';
import classes from './card.module.css';
import { cardWords } from '../../words/data/en/card';

const W = cardWords.nutrition;

const NUTRIENT_WORDS: Record<Nutrient, string> = {
  fat: W.fat,
  carbohydrate: W.carbohydrate,
  sugars: W.ofWhichSugars,
  fibre: W.fibre,
  protein: W.protein,
  salt: W.salt,
};
/** More names than these are counted. */
const MOST_NAMED = 4;

function namesOf(doc: Formula, ids: readonly string[]): string {
  const lines = doc.parts.flatMap((p) => p.lines).filter((l: Line) => ids.includes(l.id));
  const names = [...new Set(lines.map((l) => lineName(l, true)))];
  return names.length > MOST_NAMED
    ? `${listed([...names.slice(0, MOST_NAMED - 1), W.more({ namesCount: names.length - MOST_NAMED + 1 })])}`
    : listed(names);
}

const amountText = (n: Nutrient, x: Sourced): string => `${fixed(x.value, labelDecimals(n, x.value))} g`;
const energyText = (kj: Sourced, kcal: Sourced): string =>
  W.kjKcal({ number: fixed(kj.value, 0), number2: fixed(kcal.value, 0) });

/** What is in 100 g and in a piece of what comes out of the oven, and what the batch costs as far as it is known. */
export function Nutrition({
  doc,
  lookup,
  pieces,
  currency,
}: {
  doc: Formula;
  lookup: Lookup;
  pieces: number | null;
  currency: string;
}) {
  const whole = useMemo(() => nutritionOf(doc, lookup), [doc, lookup]);
  const cost = useMemo(() => costOf(doc, lookup), [doc, lookup]);
  const n = pieces !== null && pieces >= 1 ? pieces : null;
  const of = (x: Sourced): Sourced => (n ? { ...x, value: x.value / n } : x);
  const { bakedG } = whole;
  if (!(bakedG.value > 0)) return null;
  const missing = namesOf(doc, whole.unknownLines);
  const money = (x: number) => `${currency}${fixed(x, 2)}`;
  return (
    <section className={classes.nutrition} aria-label={W.nutritionAndCost}>
      <h2>{W.nutrition}</h2>
      <div className={classes.wide} tabIndex={0} role="region" aria-label={W.nutritionInFigures}>
        <table>
          <thead>
            <tr>
              <td />
              <th scope="col">{W.energy}</th>
              {NUTRIENTS.map((k) => (
                <th key={k} scope="col">
                  {NUTRIENT_WORDS[k]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">{W.text100GBaked}</th>
              <td className="num">{energyText(per100(whole.kj, whole), per100(whole.kcal, whole))}</td>
              {NUTRIENTS.map((k) => (
                <td key={k} className="num">
                  {amountText(k, per100(whole.of[k], whole))}
                </td>
              ))}
            </tr>
            {n !== null && (
              <tr>
                <th scope="row">{W.oneOfAbout({ n, amount: grams(bakedG.value / n) })}</th>
                <td className="num">{energyText(of(whole.kj), of(whole.kcal))}</td>
                {NUTRIENTS.map((k) => (
                  <td key={k} className="num">
                    {amountText(k, of(whole.of[k]))}
                  </td>
                ))}
              </tr>
            )}
          </tbody>
        </table>
      </div>
      <p className="small">
        {W.workedOutFromTablesAnd({
          amount: grams(bakedG.value),
          which: bakedG.sd ? W.giveOrTakeG({ number: fixed(bakedG.sd, 0) }) : '',
          missing: missing && W.withoutWhatIsNotKnown({ missing }),
        })}
      </p>
      {cost.priced > 0 && cost.priced < cost.unpriced.length && (
        <p>
          {W.notToldOfLinesHave({
            strong: <b>{W.cost}</b>,
            priced: cost.priced,
            priced2: cost.priced + cost.unpriced.length,
          })}
        </p>
      )}
      {cost.priced > 0 && cost.priced >= cost.unpriced.length && (
        <p className="small">
          {W.forTheBatch({
            strong: <b>{W.cost}</b>,
            money: money(cost.known),
            n: n !== null && W.aPiece({ money: money(cost.known / n) }),
            unpricedCount:
              cost.unpriced.length > 0 &&
              W.withoutWhosePriceIsNot({
                count: W.lineCount({ n: cost.unpriced.length }),
                names: namesOf(doc, cost.unpriced),
              }),
          })}
        </p>
      )}
    </section>
  );
}
