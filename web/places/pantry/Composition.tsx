import { SOURCE_WORDS } from '../../words/data/handbook';
import { COMPONENTS, type Ingredient } from '../../../core/ingredients';
import { fixed } from '../../words/format';
import { COMPONENT_WORDS } from '../../words/things';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.composition;

/** Colours of the parts: those of the properties, everywhere. */
const COLOUR: Partial<Record<(typeof COMPONENTS)[number], string>> = {
  water: 'var(--p-water)',
  fat: 'var(--p-fat)',
  starch: 'var(--p-starch)',
  sugars: 'var(--p-sugars)',
  protein: 'var(--p-protein)',
  salt: 'var(--p-salt)',
  acids: 'var(--p-acid)',
  fibre: 'var(--p-bind)',
  leavening: 'var(--p-lift)',
};

/** What 100 g is made of, each part as a bar with its spread and where the figure is from. */
export function Composition({ of }: { of: Ingredient }) {
  const parts = COMPONENTS.map((c) => ({ c, x: of.per100g[c] })).filter(({ x }) => x === null || x.value > 0);
  parts.sort((a, b) => (b.x?.value ?? 0) - (a.x?.value ?? 0));
  return (
    <table className={classes.parts}>
      <caption>{W.in100G}</caption>
      <tbody>
        {parts.map(({ c, x }) => (
          <tr key={c}>
            <th scope="row">{COMPONENT_WORDS[c]}</th>
            <td className="num">
              {x === null ? (
                <b className={classes.unknown}>{W.notKnown}</b>
              ) : (
                <>
                  {fixed(x.value, x.value < 10 ? 1 : 0)} g
                  {x.sd && x.sd >= 0.05 ? <small> ± {fixed(x.sd, x.sd < 2 ? 1 : 0)}</small> : null}
                </>
              )}
            </td>
            <td className={classes.barCell}>
              {x && (
                <span
                  className={classes.bar}
                  style={{ width: `${Math.max(1, x.value)}%`, background: COLOUR[c] ?? 'var(--quiet)' }}
                />
              )}
            </td>
          </tr>
        ))}
        <tr>
          <th scope="row">{W.energy}</th>
          <td className="num">{W.kcal({ number: fixed(of.energyKcal.value, 0) })}</td>
          <td />
        </tr>
      </tbody>
    </table>
  );
}

/** The works that the figures of a thing are taken from, each once. */
export const sourcesOf = (i: Ingredient): string[] => [
  ...new Set(
    [...COMPONENTS.map((c) => i.per100g[c]), i.absorption, i.densityGMl, i.energyKcal].flatMap((x) =>
      x?.sourceId ? [SOURCE_WORDS[x.sourceId]] : [],
    ),
  ),
];
