import { CLASSES, PROP_KEYS, type PropKey } from '../classes';
import { INGREDIENTS, type Lookup } from '../ingredients';
import { coefficients, profileOf } from './profile';
import { doughLines, type Formula, type Line, type Part } from './types';

/** How far open lines may move each property of a part, upwards, in its unit; without them nothing moves. */
export type Reach = Record<PropKey, number>;

/** A line that has no grams may weigh anything: so much counts as anything, g. */
const ANY_G = 1_000_000;

/** The most that a gram of anything in the pantry brings of each property, in a usual batter. */
let most: Reach | null = null;
function mostPerGram(): Reach {
  most ??= Object.fromEntries(
    PROP_KEYS.map((key) => [
      key,
      INGREDIENTS.reduce(
        (m, i) => Math.max(m, Math.abs(coefficients(i, undefined, 'batter')[key]?.value ?? 0)),
        0,
      ),
    ]),
  ) as Reach;
  return most;
}

/** Lines of the bowl of which the thing or the grams are not known: what rests on them is not said. */
export const openLines = (part: Part, lookup: Lookup): Line[] =>
  doughLines(part).filter((l) => !l.amount.massG || !lookup(l.item));

/**
 * How far the open lines of a part may move its properties: a thing that is not known may be anything that there is, of its
 * grams; a thing without grams may be any amount of itself. Null without open lines.
 */
export function reachOf(part: Part, lookup: Lookup): Reach | null {
  const open = openLines(part, lookup);
  if (open.length === 0) return null;
  const of = (line: Line, key: PropKey): number => {
    const ingredient = lookup(line.item);
    const per = ingredient
      ? Math.abs(coefficients(ingredient, line.state, part.classId, line.how)[key]?.value ?? 0)
      : mostPerGram()[key];
    return per * (line.amount.massG?.value ?? ANY_G);
  };
  return Object.fromEntries(PROP_KEYS.map((key) => [key, open.reduce((s, l) => s + of(l, key), 0)])) as Reach;
}

/** Water that may be more or less than this share of a part's mass changes what its bake takes. Common practice, no source. */
const BAKE_WATER = 0.03;
const FINISH = 'finish';

/** The lines whose settling a bake's time waits for: they may change its mass or its water by more than is nothing. */
export function openForBake(formula: Formula, lookup: Lookup): Line[] {
  const parts = formula.parts.filter((p) => CLASSES[p.classId].family !== FINISH);
  const massG = parts.reduce((s, p) => s + profileOf(p, lookup).props.mass.value, 0);
  const reach = parts.reduce((s, p) => s + (reachOf(p, lookup)?.mass ?? 0), 0);
  return reach > BAKE_WATER * massG ? parts.flatMap((p) => openLines(p, lookup)) : [];
}
