import type { ReactNode } from 'react';
import { sameGrams, type LineBeside, type PropBeside } from '../../core/rebalance';
import { amountOf, grams } from '../words/format';
import { FIT_WORDS, ingredientName, PROP_WORDS } from '../words/things';
import classes from './beside.module.css';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.beside;

/** A table with a column a formula, the first being what the others are held against. */
export function BesideTable({
  label,
  heads,
  children,
}: {
  label: string;
  heads: readonly ReactNode[];
  children: ReactNode;
}) {
  return (
    <div className={classes.beside} tabIndex={0} role="region" aria-label={label}>
      <table>
        <thead>
          <tr>
            <td />
            {heads.map((h, i) => (
              <th scope="col" key={i}>
                {h}
              </th>
            ))}
          </tr>
        </thead>
        {children}
      </table>
    </div>
  );
}

/** A heading over the rows that follow. */
export function RowsHead({ columns, children }: { columns: number; children: ReactNode }) {
  return (
    <tr className={classes.head}>
      <th scope="rowgroup" colSpan={1 + columns}>
        {children}
      </th>
    </tr>
  );
}

const amountText = (g: number | null | undefined): ReactNode =>
  g === undefined ? <span aria-label={W.none}>–</span> : g === null ? W.asNeeded : grams(g);

/** The lines that move, in grams. */
export function LineRows({ lines }: { lines: readonly LineBeside[] }) {
  return lines
    .filter((l) => l.moves)
    .map(({ id, grams: [first, ...rest] }) => (
      <tr key={id}>
        <th scope="row">{ingredientName(id)}</th>
        <td className="num quiet">{amountText(first)}</td>
        {rest.map((g, i) => (
          <td key={i} className="num" data-moved={sameGrams(g, first) ? undefined : ''}>
            {amountText(g)}
          </td>
        ))}
      </tr>
    ));
}

/** Less than this is nothing worth a row. */
const NEXT_TO_NOTHING = 0.05;

/** What is judged, with what has left its band. */
export function PropRows({ props }: { props: readonly PropBeside[] }) {
  return props
    .filter(({ fits }) => fits.some((f) => f && f.adapted.value >= NEXT_TO_NOTHING))
    .map(({ key, unit, fits: [first, ...rest] }) => (
      <tr key={key}>
        <th scope="row">{PROP_WORDS[key]}</th>
        <td className="num quiet">{first ? amountOf(first.adapted, unit) : ''}</td>
        {rest.map((f, i) => (
          <td key={i} className="num" data-state={f?.state}>
            {f ? amountOf(f.adapted, f.unit) : ''} {f && f.state !== 'inside' && <b>{FIT_WORDS[f.state]}</b>}
          </td>
        ))}
      </tr>
    ));
}
