import type { Line } from '../formula';
import type { ActionShare } from '../method';
import { isCountUnit, isMassUnit, toMillilitres, US_MEASURES, type UnitId } from '../units';
import { NUMBER, numberOf, readAmount } from './amount';
import type { Called } from './phrases';

const FRACTION =
  /\b(half|(?:a |one )?third|two[- ]thirds|(?:a |one )?quarter|three[- ]quarters)\s+(?:of\s+)?(?:the\s+|it\s+)?(?:\p{L}+\s+)?$/iu;
/** Parts of a whole, by their words. */
export const FRACTIONS: Record<string, number> = {
  half: 1 / 2,
  third: 1 / 3,
  'two thirds': 2 / 3,
  quarter: 1 / 4,
  'three quarters': 3 / 4,
};
const SOME =
  /\b(?:some(?: of)?|a (?:little|few|bit|spoonful|spoon|pinch|handful|smear|knob|splash|tablespoon|teaspoon|dusting)(?: of)?|a (?:few )?spoons? of|\d+ (?:tbsp|tsp|spoons?) of)\s+(?:the\s+)?(?:\p{L}+\s+)?$/iu;
const MOST = /\b(?:most|nearly all) of (?:the )?(?:\p{L}+\s+)?$/iu;
const REST =
  /\b(?:(?:the )?(?:rest|remainder) of(?: the)?|remaining|the other half(?: of)?(?: the)?|the last of(?: the)?)\s+(?:\p{L}+\s+)?$/iu;
const GRAMS_OF = new RegExp(`\\b(${NUMBER})\\s?(?:g (?:of )?(?:the )?|of (?:the )?)(?:\\p{L}+\\s+)?$`, 'iu');
const OTHER_GRAMS = new RegExp(`\\bother (${NUMBER})\\s?g (?:of )?(?:the )?(?:\\p{L}+\\s+)?$`, 'iu');

const SPOONS_OF = new RegExp(
  `\\b(${NUMBER})\\s?(T|t|tbsp|Tbsp|tsp|tablespoons?|teaspoons?|cups?)\\.? (?:of )?(?:the )?(?:\\p{L}+\\s+)?$`,
  'u',
);
/** What so much of a thing fills, mL; null where it is weighed or counted. Only the ratio of two is used: whose cup it is does not matter. */
const fills = (qty: number, unit: UnitId): number | null =>
  isMassUnit(unit) || isCountUnit(unit) ? null : toMillilitres(qty, unit, US_MEASURES);
/** What a line fills, mL: as it was measured, else by its weight. */
function volumeMl({ amount }: Line, densityGMl: number | undefined): number | null {
  const first = amount.reading[0];
  const ml = first ? fills(first.qty[0], first.unit) : null;
  if (ml !== null) return ml;
  return amount.massG && densityGMl ? amount.massG.value / densityGMl : null;
}

/** What is said of how much stands within so many letters before a name. */
const MOST_BEFORE = 40;
/** Whether what is left of a thing is meant. */
export const saysRest = (before: string): boolean => REST.test(before.slice(-MOST_BEFORE));

/** How much of a line the words before its name say; null where they say nothing. */
export function shareBefore(before: string, { line, ingredient }: Called): ActionShare | null {
  const near = before.slice(-MOST_BEFORE);
  if (saysRest(before)) return 'rest';
  if (MOST.test(near)) return 'most';
  const fraction = FRACTION.exec(near)?.[1]
    ?.toLowerCase()
    .replace(/^(?:a|one) /, '')
    .replace('-', ' ');
  if (fraction !== undefined) return FRACTIONS[fraction] ?? null;
  if (SOME.test(near)) return 'some';
  if (OTHER_GRAMS.test(near)) return 'rest';
  const spoons = SPOONS_OF.exec(near);
  const ofMl = volumeMl(line, ingredient?.densityGMl?.value);
  const said = spoons && readAmount(`${spoons[1]!} ${spoons[2]!}`)?.reading;
  const ml = said ? fills(said.qty[0], said.unit) : null;
  if (ml !== null && ofMl !== null && ml < 0.97 * ofMl) return ml / ofMl;
  const grams = GRAMS_OF.exec(near);
  const whole = line.amount.massG?.value;
  if (grams && whole && numberOf(grams[1]!) < 0.97 * whole) return numberOf(grams[1]!) / whole;
  return null;
}

/** `sure`: in one part alone is something that the word may mean. */
