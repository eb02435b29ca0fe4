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

type Whole = ReturnType<typeof nutritionOf>;

/** A row of figures: `of` makes the share of the whole that the row is of. */
const Figures = ({ name, whole, of }: { name: string; whole: Whole; of: (x: Sourced) => Sourced }) => (
  <tr>
    <th scope="row">{name}</th>
    <td className="num">{energyText(of(whole.kj), of(whole.kcal))}</td>
    {NUTRIENTS.map((k) => (
      <td key={k} className="num">
        {amountText(k, of(whole.of[k]))}
      </td>
    ))}
  </tr>
);

/** What the batch costs, where at least half of its lines have a price. */
function Cost({
  doc,
  cost,
  n,
  currency,
}: {
  doc: Formula;
  cost: ReturnType<typeof costOf>;
  n: number | null;
  currency: string;
}) {
  const money = (x: number) => `${currency}${fixed(x, 2)}`;
  const { priced, unpriced, known } = cost;
  if (priced === 0) return null;
  const strong = <b>{W.cost}</b>;
  if (priced < unpriced.length)
    return <p>{W.notToldOfLinesHave({ strong, priced, priced2: priced + unpriced.length })}</p>;
  return (
    <p className="small">
      {W.forTheBatch({
        strong,
        money: money(known),
        n: n !== null && W.aPiece({ money: money(known / n) }),
        unpricedCount:
          unpriced.length > 0 &&
          W.withoutWhosePriceIsNot({
            count: W.lineCount({ n: unpriced.length }),
            names: namesOf(doc, unpriced),
          }),
      })}
    </p>
  );
}

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
  const { bakedG } = whole;
  if (!(bakedG.value > 0)) return null;
  const missing = namesOf(doc, whole.unknownLines);
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
            <Figures name={W.text100GBaked} whole={whole} of={(x) => per100(x, whole)} />
            {n !== null && (
              <Figures
                name={W.oneOfAbout({ n, amount: grams(bakedG.value / n) })}
                whole={whole}
                of={(x) => ({ ...x, value: x.value / n })}
              />
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
      <Cost doc={doc} cost={cost} n={n} currency={currency} />
    </section>
  );
}
