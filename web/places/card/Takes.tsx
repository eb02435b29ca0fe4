import type { Line } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import type { Take } from '../../../core/rebalance';
import { eighthsOfTsp, type SpoonStandard } from '../../../core/units';
import { grams, spoons } from '../../words/format';
import { lineName } from '../../words/things';
import classes from './takes.module.css';
import { cardWords } from '../../words/data/en/card';

const W = cardWords.takes;

/** What a step takes, weighed where it is used; small things by the spoon as well. */
export function Takes({
  takes,
  lines,
  lookup,
  spoon,
}: {
  takes: readonly Take[];
  lines: ReadonlyMap<string, Line>;
  lookup: Lookup;
  spoon: SpoonStandard;
}) {
  const said = takes.flatMap(({ lineId, massG, word }) => {
    const line = lines.get(lineId);
    if (!line) return [];
    const name = lineName(line, true);
    if (word !== null)
      return [`${word === 'rest' ? W.theRestOfThe : word === 'most' ? W.mostOfThe : W.some} ${name}`];
    if (massG === null) return [name];
    const eighths = eighthsOfTsp(massG, lookup(line.item)?.densityGMl?.value ?? null, spoon);
    return [`${grams(massG)} ${name}${eighths === null ? '' : ` (${spoons(eighths)})`}`];
  });
  return said.length > 0 ? <span className={classes.takes}>{said.join(' · ')}</span> : null;
}
