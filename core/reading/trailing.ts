import { saysOnlyHow } from './match';
import { NUMBER, readAmount, WORDS, type Reading } from './amount';

const AT_END = new RegExp(
  `[\\s:,–-]+(?:~|≈)?\\s*(${NUMBER}(?:\\s*(?:-|–|to)\\s*${NUMBER})?\\s*(?:(?:heaped|heaping|level|rounded|scant|generous|big|good)\\s+)?[\\p{L}.]*\\.?)(\\s*\\([^()]*\\)|\\s*,\\D*|\\s+(?:cooked|peeled|prepared|drained|raw|net)\\s+weight(?:\\s*,\\D*)?|\\s*,\\s*(?:soaked|drained|rinsed|cooked|toasted|ground)\\b.*)?$`,
  'iu',
);
const WITHIN = new RegExp(
  `^([^\\d(,;]*\\p{L}[^\\d(,;]*)\\s+(${NUMBER}\\s?(?:\\p{L}{0,2}|cups?|tbsps?|tsps?|sticks?)\\.?)\\s+(\\D+(?:\\s\\d{2,3}\\s?°?[CF]?)?)$`,
  'iu',
);
/** A bare number in the midst of a name is grams or nothing: "polenta 100 fine". */
const LEAST_WITHIN = 10;

/** An amount in words behind its thing, whole to the end: "salt half a teaspoon", "cinnamon a pinch". */
const WORDS_AT_END = new RegExp(`^(\\p{L}[\\p{L} '-]*?)[\\s:,–-]+(${WORDS}\\s[\\p{L} .]+)$`, 'iu');

/** "Bananas, 2 ripe": how it is may stand behind its number. */
const COUNTED_SO = /^(\p{L}[\p{L} '-]*),\s*(\d{1,2}|[½¼¾])\s+(\p{L}[\p{L} -]*)$/u;

/** Reads an amount that stands after its thing ("rice flour 200 g", "eggs: 2", "butter 200 (soft)", "yeast 7 g sachet"). */
export function readTrailingAmount(text: string): { reading: Reading; rest: string } | null {
  const at = AT_END.exec(text);
  const last = at?.[1] ? readAmount(at[1]) : null;
  if (at && last && last.rest === '')
    return { reading: last.reading, rest: `${text.slice(0, at.index)}${at[2] ?? ''}` };
  const so = COUNTED_SO.exec(text);
  if (so && saysOnlyHow(so[3]!)) {
    const counted = readAmount(so[2]!);
    if (counted) return { reading: counted.reading, rest: `${so[1]!}, ${so[3]!}` };
  }
  const worded = WORDS_AT_END.exec(text);
  const words = worded ? readAmount(worded[2]!) : null;
  if (worded && words && words.rest === '' && words.reading.unit !== 'piece')
    return { reading: words.reading, rest: worded[1]! };
  const within = WITHIN.exec(text);
  const mid = within ? readAmount(within[2]!.trim()) : null;
  if (!within || !mid || mid.rest !== '') return null;
  if (mid.reading.unit === 'piece' && mid.reading.qty[0] < LEAST_WITHIN && !saysOnlyHow(within[3]!))
    return null;
  return { reading: mid.reading, rest: `${within[1]!} ${within[3]!}` };
}
