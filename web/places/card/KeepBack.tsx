import type { Line } from '../../../core/formula';
import { idOf } from '../../../core/ingredients';
import type { holdBackOf, Take } from '../../../core/rebalance';
import { fixed } from '../../words/format';
import { ingredientName } from '../../words/things';
import classes from './takes.module.css';
import { cardWords } from '../../words/data/en/card';

const W = cardWords.keepBack;

/** Less is lost in the bowl, g. */
const LEAST_KEPT_G = 3;

/** The step that takes the most of a line. */
export function stepOfMost(takes: ReadonlyMap<string, Take[]>, lineId: string | null): string | null {
  const own = [...takes].flatMap(([id, of]) =>
    of.filter((t) => t.lineId === lineId).map((t) => ({ id, massG: t.massG ?? 0 })),
  );
  return own.sort((a, b) => b.massG - a.massG)[0]?.id ?? null;
}

/** Water to be kept back, at the step that pours it. */
export function KeepBack({ held, line }: { held: ReturnType<typeof holdBackOf>; line: Line | undefined }) {
  if (!line || held.massG < LEAST_KEPT_G) return null;
  return (
    <span className={classes.stepNote}>
      {W.keepGOfTheBack({
        number: fixed(held.massG, 0),
        ingredient: ingredientName(idOf(line.item) ?? '', true),
      })}
    </span>
  );
}
