import { useMemo } from 'react';
import { labelDecimals, NUTRIENTS, nutritionOf, per100, type Nutrient } from '../../../core/bake';
import type { Sourced } from '../../../core/explain';
import type { Formula, Line } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import { costOf } from '../../../core/rebalance';
import { counted, fixed, grams, listed } from '../../words/format';
import { lineName } from '../../words/things';
import classes from './card.module.css';

const NUTRIENT_WORDS: Record<Nutrient, string> = {
  fat: 'Fat',
  carbohydrate: 'Carbohydrate',
  sugars: 'of which sugars',
  fibre: 'Fibre',
  protein: 'Protein',
  salt: 'Salt',
};
/** More names than these are counted. */
const MOST_NAMED = 4;

function namesOf(doc: Formula, ids: readonly string[]): string {
  const lines = doc.parts.flatMap((p) => p.lines).filter((l: Line) => ids.includes(l.id));
  const names = [...new Set(lines.map((l) => lineName(l).toLowerCase()))];
  return names.length > MOST_NAMED
    ? `${listed([...names.slice(0, MOST_NAMED - 1), `${names.length - MOST_NAMED + 1} more`])}`
    : listed(names);
}

const amountText = (n: Nutrient, x: Sourced): string => `${fixed(x.value, labelDecimals(n, x.value))} g`;
const energyText = (kj: Sourced, kcal: Sourced): string =>
  `${fixed(kj.value, 0)} kJ, ${fixed(kcal.value, 0)} kcal`;

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
    <section className={classes.nutrition} aria-label="Nutrition and cost">
      <h2>Nutrition</h2>
      <div className={classes.wide} tabIndex={0} role="region" aria-label="Nutrition, in figures">
        <table>
          <thead>
            <tr>
              <td />
              <th scope="col">Energy</th>
              {NUTRIENTS.map((k) => (
                <th key={k} scope="col">
                  {NUTRIENT_WORDS[k]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">100 g baked</th>
              <td className="num">{energyText(per100(whole.kj, whole), per100(whole.kcal, whole))}</td>
              {NUTRIENTS.map((k) => (
                <td key={k} className="num">
                  {amountText(k, per100(whole.of[k], whole))}
                </td>
              ))}
            </tr>
            {n !== null && (
              <tr>
                <th scope="row">
                  one of {n}, about {grams(bakedG.value / n)}
                </th>
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
        Worked out from tables and packets, not measured; baked it weighs {grams(bakedG.value)}
        {bakedG.sd ? `, give or take ${fixed(bakedG.sd, 0)} g` : ''}. Saturates are in none of our tables.
        {missing && ` Without what is not known: ${missing}.`} A label for sale needs more than this.
      </p>
      {cost.priced > 0 && cost.priced < cost.unpriced.length && (
        <p>
          <b>Cost</b> not told: {cost.priced} of {cost.priced + cost.unpriced.length} lines have a packet with
          a price.
        </p>
      )}
      {cost.priced > 0 && cost.priced >= cost.unpriced.length && (
        <p className="small">
          <b>Cost</b> {money(cost.known)} for the batch
          {n !== null && `, ${money(cost.known / n)} a piece`}
          {cost.unpriced.length > 0 &&
            `, without ${counted(cost.unpriced.length, 'line')} whose price is not known: ${namesOf(doc, cost.unpriced)}`}
          .
        </p>
      )}
    </section>
  );
}
