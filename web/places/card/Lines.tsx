import { atHead } from '../../words/case';
import {
  bakersPercent,
  doughLines,
  isBeside,
  profileOf,
  totalMassG,
  type Line,
  type Part,
} from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import { cameOf } from '../../../core/rebalance';
import { grams, ounces, percent } from '../../words/format';
import { STATE_WORDS } from '../../words/data/ways';
import { GROUP_WORDS, lineName, ROLE_WORDS } from '../../words/things';
import classes from './card.module.css';
import { cardWords } from '../../words/data/en/card';

const W = cardWords.lines;

const wasOf = (l: Line | undefined): string =>
  l === undefined ? '' : l.amount.massG ? grams(l.amount.massG.value) : W.asNeeded;

/** The same line as the source has it: by its id, and for what came in nothing. */
const sourceLine = (source: Part | undefined, id: string): Line | undefined =>
  source?.lines.find((l) => l.id === id);

/** What is weighed for a part: grams first, with its share on flour, and the amounts as written beside where asked for. */
export function Lines({
  part,
  source,
  lookup,
  inOunces,
}: {
  part: Part;
  source: Part | undefined;
  lookup: Lookup;
  /** With ounces beside the grams. */
  inOunces: boolean;
}) {
  const gone = source?.lines.filter((l) => !part.lines.some((x) => x.id === l.id)) ?? [];
  const profile = profileOf(part, lookup);
  const row = (l: Line) => {
    const came = cameOf(l);
    const pct = l.amount.massG && !isBeside(l.role) ? bakersPercent(l.amount.massG.value, profile) : null;
    return (
      <tr key={l.id} data-new={came ? '' : undefined}>
        <td className="num">{l.amount.massG ? grams(l.amount.massG.value) : W.asNeeded}</td>
        {inOunces && (
          <td className={`num ${classes.ounces}`}>{l.amount.massG ? ounces(l.amount.massG.value) : ''}</td>
        )}
        <th scope="row">
          {lineName(l)}
          {l.preparation && <span className="quiet">, {l.preparation}</span>}
          {l.role && ROLE_WORDS[l.role] && <span className="quiet">, {ROLE_WORDS[l.role]}</span>}
          {came && <em> {GROUP_WORDS[came.group] ?? ''}</em>}
          {l.state && <em>, {STATE_WORDS[l.state]}</em>}
        </th>
        <td className="num">{pct === null ? '' : percent(pct)}</td>
        {source && <td className="num">{wasOf(sourceLine(source, l.id))}</td>}
      </tr>
    );
  };
  return (
    <table className={classes.table}>
      <caption>{atHead(part.name) || W.weigh}</caption>
      <thead>
        <tr>
          <th scope="col">{W.grams}</th>
          {inOunces && (
            <th scope="col" className={classes.ounces}>
              {W.ounces}
            </th>
          )}
          <th scope="col">{W.ingredient}</th>
          {bakersPercent(1, profile) === null ? <td /> : <th scope="col">{W.bakers}</th>}
          {source && <th scope="col">{W.asWritten}</th>}
        </tr>
      </thead>
      <tbody>
        {part.lines.map(row)}
        {gone.map((l) => (
          <tr key={l.id}>
            <td className="num">
              <span aria-label={W.none}>–</span>
            </td>
            {inOunces && <td />}
            <th scope="row">
              <s>{lineName(l)}</s>
            </th>
            <td />
            <td className="num">{wasOf(l)}</td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <td className="num">{grams(profile.props.mass.value)}</td>
          {inOunces && <td className={`num ${classes.ounces}`}>{ounces(profile.props.mass.value)}</td>}
          <th scope="row">{W.inTheBowl}</th>
          <td />
          {source && <td className="num">{grams(totalMassG(doughLines(source)))}</td>}
        </tr>
      </tfoot>
    </table>
  );
}
