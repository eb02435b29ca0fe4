import { isCountUnit, isMassUnit, toMillilitres, US_MEASURES } from '../units';
import { readAmount } from './amount';

/**
 * "Butter the size of an egg": as much as so large a thing holds. Old kitchen tables give a quarter cup and two spoons; a hazelnut of
 * 15 mm holds half a teaspoon. From memory.
 */
const AS_LARGE: Record<string, string> = {
  egg: '1/4 cup',
  walnut: '2 tbsp',
  nut: '2 tbsp',
  hazelnut: '1/2 tsp',
  pea: '1/8 tsp',
  bean: '1/4 tsp',
};
const LARGE_AS =
  /^(?:an?\s+)?(?:(?:piece|lump|knob|bit)\s+of\s+)?(\p{L}[\p{L} ]{1,30}?),?\s+(?:about\s+)?(?:the\s+)?size of an?\s+(?:small |large )?(egg|walnut|hazelnut|nut|pea|bean)\b/iu;

/** The amount of what is told by the size of another thing; null where it is not. */
export function asLarge(row: string): string[] | null {
  const large = LARGE_AS.exec(row);
  return large ? [`${AS_LARGE[large[2]!.toLowerCase()]!} ${large[1]!}`] : null;
}

/** "1 egg made up to 300 ml with milk", "1 egg + milk to make 190 ml". */
const TO_MAKE =
  /^((?:\d|an?|one|two|three)\s+(?:(?:large|medium|small)\s+)?eggs?)\s*(?:\+|and|plus|with|&)\s*(?:enough\s+)?(\p{L}[\p{L} ]*?)\s+to make(?: up)?\s+(?:to\s+)?(\d.*)$/iu;
const MADE_UP =
  /^((?:\d|an?|one|two|three)\s+(?:(?:large|medium|small)\s+)?eggs?),?\s+(?:beaten,?\s+)?(?:and\s+)?made up to\s+(.+)$/i;
/** What an egg fills, ml: some 50 g of 1.03 g/ml. */
const EGG_ML = 49;
/** The egg, and as much of the other as is lacking. It is a phrase of British kitchens: so are its pints. */
export function madeUp(given: string): string[] | null {
  const row = given.replace(TO_MAKE, '$1 made up to $3 with $2');
  const m = MADE_UP.exec(row);
  const eggs = m && readAmount(m[1]!);
  const whole = m && readAmount(m[2]!);
  const thing = whole?.rest.replace(/^with\s+/i, '').trim() ?? '';
  if (
    !m ||
    !eggs ||
    !whole ||
    thing === '' ||
    isMassUnit(whole.reading.unit) ||
    isCountUnit(whole.reading.unit)
  )
    return null;
  const ml = toMillilitres(whole.reading.qty[0], whole.reading.unit, { ...US_MEASURES, pints: 'imperial' });
  const left = Math.round(ml - EGG_ML * eggs.reading.qty[0]);
  return left > 0 ? [m[1]!, `${left} ml ${thing}`] : null;
}
