import { numericQuantity } from 'numeric-quantity';
import type { UnitId } from '../units';

/** A quantity as read: a range (equal ends for a plain number), its unit, and the text it was read from. */
export type Reading = { qty: [number, number]; unit: UnitId; size: Size | null; written: string };
export type Size = 'large' | 'medium' | 'small';

const UNIT_WORDS: [UnitId, string][] = [
  ['kg', 'kg|kilos?|kilograms?|kilogrammes?'],
  ['mg', 'mg|milligrams?'],
  ['g', 'g|gr|grams?|grammes?'],
  ['ml', 'ml|millilit(?:er|re)s?|cc'],
  ['cl', 'cl|centilit(?:er|re)s?'],
  ['dl', 'dl|decilit(?:er|re)s?'],
  ['floz', 'fl\\.?\\s?oz\\.?|fluid\\s+ounces?'],
  ['oz', 'oz\\.?|ounces?'],
  ['lb', 'lbs?\\.?|pounds?'],
  ['tbsp', 'tbsps?\\.?|tbs\\.?|tablespoons?|tablespoonfuls?|T(?=\\s)'],
  ['tsp', 'tsps?\\.?|teaspoons?|teaspoonfuls?|t(?=\\s)'],
  ['cup', 'cups?|c\\.'],
  ['pint', 'pints?'],
  ['quart', 'quarts?|qt'],
  ['l', 'l|lit(?:er|re)s?'],
  ['pinch', 'pinch(?:es)?'],
  ['dash', 'dash(?:es)?'],
  ['stick', 'sticks?'],
  ['sachet', 'sachets?|packets?'],
];
const UNITS = UNIT_WORDS.map(([unit, words]) => ({
  unit,
  pattern: new RegExp(`^(?:${words})(?![\\p{L}])`, 'u'),
}));
const UNITS_ANY_CASE = UNIT_WORDS.map(([unit, words]) => ({
  unit,
  pattern: new RegExp(`^(?:${words})(?![\\p{L}])`, 'iu'),
}));

const WORD_NUMBERS: Record<string, number> = {
  'one and a half': 1.5,
  'half a': 0.5,
  'a quarter': 0.25,
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  half: 0.5,
};

const FRACTION_CHARS = '¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞';
const NUMBER = `[-−]?(?:\\d+\\s+\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[/⁄]\\s*\\d+|\\d+(?:[.,]\\d+)?(?:e\\+?\\d+)?\\s?[${FRACTION_CHARS}]|[${FRACTION_CHARS}]|\\d+(?:[.,]\\d+)*(?:e\\+?\\d+)?)`;
const QUANTITY = new RegExp(
  `^(?:about|approx(?:imately)?\\.?|around|circa|ca\\.?|~)?\\s*(${NUMBER}|${Object.keys(WORD_NUMBERS).join('|')})(?![\\p{L}]{4,})(?:\\s*(?:-|–|—|to|or)\\s*(${NUMBER}))?`,
  'iu',
);
const SIZE = /^(?:extra[- ])?(large|medium|small)\b/i;

/** A number as bakers write it; decimal commas are read, thousands commas too. NaN when it is none. */
function numberOf(text: string): number {
  const word = WORD_NUMBERS[text.trim().toLowerCase()];
  if (word !== undefined) return word;
  const t = text.trim().replace('−', '-').replace('⁄', '/');
  if (/e/i.test(t)) return Number(t);
  const sign = t.startsWith('-') ? -1 : 1;
  const plain = t.replace(/^-/, '').replace(/^(\d+),(\d{1,2})$/, '$1.$2');
  return sign * Number(numericQuantity(plain, { round: false }));
}

function unitAt(text: string): { unit: UnitId; length: number } | null {
  // "T" and "t" differ, so the case is kept first.
  for (const table of [UNITS, UNITS_ANY_CASE]) {
    for (const { unit, pattern } of table) {
      const m = pattern.exec(text);
      if (m) return { unit, length: m[0].length };
    }
  }
  return null;
}

/** Reads an amount at the start of a text; `rest` is what follows it. Null when there is none. */
export function readAmount(text: string): { reading: Reading; rest: string } | null {
  const m = QUANTITY.exec(text);
  if (!m?.[1]) return null;
  const first = numberOf(m[1]);
  if (Number.isNaN(first)) return null;
  const second = m[2] === undefined ? first : numberOf(m[2]);
  let rest = text.slice(m[0].length).trimStart();
  const size = SIZE.exec(rest);
  if (size) rest = rest.slice(size[0].length).trimStart();
  const heaped = /^(?:heaped|heaping|scant|level|rounded|generous|good)\s+/i.exec(rest);
  if (heaped) rest = rest.slice(heaped[0].length);
  const unit = unitAt(rest);
  if (unit) rest = rest.slice(unit.length).trimStart();
  const written = text.slice(0, text.length - rest.length).trim();
  return {
    reading: {
      qty: first <= second ? [first, second] : [second, first],
      unit: unit?.unit ?? 'piece',
      size: (size?.[1]?.toLowerCase() as Size | undefined) ?? null,
      written,
    },
    rest,
  };
}

/** Reads an amount at the end of a text ("rice flour 200 g", "eggs: 2"). */
export function readTrailingAmount(text: string): { reading: Reading; rest: string } | null {
  const at = new RegExp(
    `[\\s:,–-]+(${NUMBER}(?:\\s*(?:-|–|to)\\s*${NUMBER})?\\s*[\\p{L}.]*\\.?)$`,
    'iu',
  ).exec(text);
  if (!at?.[1]) return null;
  const amount = readAmount(at[1]);
  if (!amount || amount.rest !== '') return null;
  return { reading: amount.reading, rest: text.slice(0, at.index) };
}
