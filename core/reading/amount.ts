import { numericQuantity } from 'numeric-quantity';
import type { CupStandard, UnitId } from '../units';

export type Size = 'xlarge' | 'large' | 'medium' | 'small';
/**
 * A quantity as read: a range (equal ends for a plain number), its unit, and the text it was read from. `heap` is
 * what a heaped or scant spoon holds against a level one; `each` is the size of one where it was given ("2 tins of
 * 400 g"); `cup` is the standard the line itself names.
 */
export type Reading = {
  qty: [number, number];
  unit: UnitId;
  size: Size | null;
  written: string;
  heap: number;
  each?: { qty: number; unit: UnitId };
  cup?: CupStandard;
};

/** English and German: most of what is pasted is one of them. */
const UNIT_WORDS: [UnitId, string][] = [
  ['kg', 'kg|kgs|kilos?|kilograms?|kilogrammes?|kilogramm'],
  ['mg', 'mg|milligrams?'],
  ['g', 'g|gr|gms?|grams?|grammes?|gramm'],
  ['ml', 'mls?|millilit(?:er|re)s?|cc'],
  ['cl', 'cl|centilit(?:er|re)s?'],
  ['dl', 'dl|decilit(?:er|re)s?'],
  ['floz', 'fl\\.?\\s?oz\\.?|fluid\\s+ounces?'],
  ['oz', 'oz\\.?|ounces?'],
  ['lb', 'lbs?\\.?|pounds?'],
  [
    'tbsp',
    'tbsps?\\.?|tblsps?\\.?|tbs\\.?|tbl\\.?|tablespoons?|tablespoonfuls?|spoonfuls?|tb\\.?(?=\\s)|msk\\.?|EL|Essl\\.|E(?:ss|ß)löffel|T\\.?(?=\\s|$)',
  ],
  ['tsp', 'tsps?\\.?|teaspoons?|teaspoonfuls?|tsk\\.?|TL|Teel\\.|Teelöffel|t\\.?(?=\\s|$)'],
  ['cup', 'cups?|cupfuls?|mugs?|Tassen?|Becher|c\\.?(?=\\s|$)|c\\.'],
  ['pint', 'pints?|pt\\.?'],
  ['quart', 'quarts?|qt\\.?'],
  ['l', 'l|lit(?:er|re)s?'],
  [
    'pinch',
    'pinch(?:es)?|gratings?|sprinkl(?:es?|ings?)(?=\\s+of)|dustings?(?=\\s+of)|Prisen?|Msp\\.?|Messerspitzen?',
  ],
  ['dash', 'dash(?:es)?'],
  ['drop', 'drops?|Tropfen'],
  ['dessertspoon', 'dessertspoon(?:ful)?s?|dsp\\.?|dstsp\\.?'],
  ['teacup', 'tea-?cup(?:ful)?s?'],
  ['splash', 'splash(?:es)?|Schuss|Spritzer'],
  ['drizzle', 'drizzles?|glugs?'],
  ['piece', 'Stücke?|Stk\\.?|pods?(?=\\s*(?:$|[,(])|\\s+of\\b)'],
  ['stick', 'sticks?'],
  ['sachet', 'sachets?|packets?|envelopes?|env\\.|packs?|Päckchen|Pckg?\\.?|Pkg\\.?|Packung(?:en)?|Beutel'],
  ['tin', 'tins?|cans?|cartons?|jars?|Dosen?|Gläser|Glas'],
  ['clove', 'cloves?(?=\\s+(?:of\\s+)?garlic)|Zehen?(?=\\s+Knoblauch)'],
  ['leaf', 'leaf|leaves|sheets?(?=\\s+(?:of\\s+)?gelatin)'],
  ['stalk', 'stalks?|sprigs?|Stängel'],
  ['knob', 'knobs?|thumbs?(?=\\s+(?:of\\s+)?(?:fresh\\s+)?(?:root\\s+)?ginger)'],
  ['handful', 'handfuls?|bunch(?:es)?|Handvoll'],
];
const tableOf = (flags: string) =>
  UNIT_WORDS.map(([unit, words]) => ({ unit, pattern: new RegExp(`^(?:${words})(?![\\p{L}])`, flags) }));
/** "T" and "t" differ, so the case is looked at first. */
const TABLES = [tableOf('u'), tableOf('iu')];

const WORD_NUMBERS: Record<string, number> = {
  'one and a half': 1.5,
  'two and a half': 2.5,
  'three and a half': 3.5,
  'one and a quarter': 1.25,
  'three quarters of a': 0.75,
  'two thirds of a': 2 / 3,
  'one third of a': 1 / 3,
  'a third of a': 1 / 3,
  'a quarter of a': 0.25,
  'three quarters': 0.75,
  'two thirds': 2 / 3,
  'half a dozen': 6,
  'a dozen': 12,
  'half of a': 0.5,
  'half an': 0.5,
  'half a': 0.5,
  'a quarter': 0.25,
  'a third': 1 / 3,
  'a half': 0.5,
  'a couple of': 2,
  'a few': 3,
  few: 3,
  dozen: 12,
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
  eleven: 11,
  twelve: 12,
  half: 0.5,
  'ein halber': 0.5,
  'ein halbes': 0.5,
  'eine halbe': 0.5,
  'einen halben': 0.5,
  anderthalb: 1.5,
  ein: 1,
  eine: 1,
  einen: 1,
  zwei: 2,
  drei: 3,
  vier: 4,
  fünf: 5,
  sechs: 6,
};

const FRACTION_CHARS = '¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞';
export const NUMBER = `[-−]?(?:\\d+(?:\\s+(?:and|&)\\s+|\\s+|-(?=\\d+\\s*[/⁄]))\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[/⁄]\\s*\\d+|\\d+(?:[.,]\\d+)?(?:e\\+?\\d+)?\\s?(?:and\\s|&\\s?)?[${FRACTION_CHARS}]|[${FRACTION_CHARS}]|\\d+(?:[.,]\\d+)*(?:e\\+?\\d+)?)`;
const ABOUT =
  '(?:about|approx(?:imately)?\\.?|around|circa|ca\\.?|c\\.|~|roughly|scant|generous|good|up to|etwa|ungefähr|knapp|gut)';
export const WORDS = `(?:${Object.keys(WORD_NUMBERS).join('|')})(?!\\p{L})`;
const QUANTITY = new RegExp(
  `^(${ABOUT}\\s*)?(${NUMBER}|${WORDS})(?:(?:\\s*[-–—]\\s*|\\s+(?:to|or|bis|oder)\\s+)(${NUMBER}|${WORDS}))?`,
  'iu',
);
const SIZE =
  /^(?:(extra[- ]large|xl|large|lge|lrg|lg|medium|med|small)\b\.?|(?:size\s+)?(xl|l|m|s)\b(?=\s+eggs?\b))[,\s]*/i;
const SIZE_OF: Record<string, Size> = {
  xl: 'xlarge',
  lg: 'large',
  lge: 'large',
  lrg: 'large',
  med: 'medium',
  'extra large': 'xlarge',
  'extra-large': 'xlarge',
  l: 'large',
  m: 'medium',
  s: 'small',
};

/** How a spoon or cup is filled, against level. Common practice, no source. */
const HEAPS: [RegExp, number][] = [
  [/^(?:very\s+)?(?:heaped|heaping)\s+/i, 1.5],
  [/^rounded\s+/i, 1.25],
  [/^generous\s+|^good\s+|^big\s+/i, 1.1],
  [/^scant\s+|^barely\s+/i, 0.9],
  [/^level\s+|^flat\s+/i, 1],
];
const CUP_NAMES: [RegExp, CupStandard][] = [
  [/^(?:us|american)\s+(?=cups?|pints?|fl)/i, 'us'],
  [/^(?:metric|australian)\s+(?=cups?)/i, 'metric'],
  [/^(?:imperial|uk|british)\s+(?=cups?|pints?|fl)/i, 'imperial'],
];

/** A number as bakers write it; decimal commas are read, thousands commas too. NaN when it is none. */
export function numberOf(text: string): number {
  const word = WORD_NUMBERS[text.trim().toLowerCase()];
  if (word !== undefined) return word;
  const t = text
    .trim()
    .replace('−', '-')
    .replace('⁄', '/')
    .replace(/\s*(?:and|&)\s*/i, ' ')
    .replace(/^(\d+)-(?=\d+\s*\/)/, '$1 ');
  if (/e/i.test(t)) return Number(t);
  const sign = t.startsWith('-') ? -1 : 1;
  const plain = t.replace(/^-/, '').replace(/^(\d+),(\d{1,2})$/, '$1.$2');
  return sign * Number(numericQuantity(plain, { round: false }));
}

function unitAt(text: string): { unit: UnitId; length: number } | null {
  for (const table of TABLES) {
    for (const { unit, pattern } of table) {
      const m = pattern.exec(text);
      if (m) return { unit, length: m[0].length };
    }
  }
  return null;
}

/** The size of one packet: "400 g", "(400 g)", "x 400 g", "400g" before or after the packet's word. */
const EACH = new RegExp(
  `^(?:x\\s*|of\\s+)?\\(?\\s*(${NUMBER})\\s*-?\\s*(g|kg|ml|l|oz|lb|ounces?|pounds?)\\b\\.?(?:\\s*(?:each|net))?(?:[;,/]\\s*(${NUMBER})\\s*(g|ml)\\s*drained)?\\s*\\)?[-\\s]*`,
  'i',
);
const OF_PACKETS: Record<string, UnitId> = { ounce: 'oz', ounces: 'oz', pound: 'lb', pounds: 'lb' };
const PACKET = /^(?:tins?|cans?|cartons?|jars?|sachets?|packets?|envelopes?|packs?|sticks?)\b/i;

/** How a thing of a known weight is sold, before its name; pot barley is a grain. */
const SOLD = /^(?:tubs?|pots?(?! barley)|bags?|bars?|bottles?|punnets?|box(?:es)?)(?:\s+of)?\s+(?=\p{L})/iu;
/** Units of which a packet may hold so much. */
const HELD: ReadonlySet<string> = new Set(['g', 'kg', 'ml', 'l', 'oz', 'lb']);

type Each = { qty: number; unit: UnitId; length: number };
function eachAt(text: string): Each | null {
  const m = EACH.exec(text);
  if (!m) return null;
  const [qty, unit] = m[3] ? [numberOf(m[3]), m[4]!] : [numberOf(m[1]!), m[2]!];
  return Number.isFinite(qty) && qty > 0
    ? { qty, unit: (OF_PACKETS[unit.toLowerCase()] ?? unit.toLowerCase()) as UnitId, length: m[0].length }
    : null;
}

/** Reads an amount at the start of a text; `rest` is what follows it. Null when there is none. */
export function readAmount(text: string): { reading: Reading; rest: string } | null {
  const m = QUANTITY.exec(text);
  if (!m?.[2]) {
    // "Juice of", "handful of", "knob of": one of it.
    const bare =
      /^(?:large |small |good )?(?:pinch|dash|knob|handful|bunch|splash|drizzle|glug|grating|sprinkl(?:e|ing) of)\b/i.test(
        text,
      );
    return bare ? readAmount(`1 ${text.replace(/^(?:large|small|good) /i, '')}`) : null;
  }
  const first = numberOf(m[2]);
  if (Number.isNaN(first)) return null;
  const second = m[3] === undefined ? first : numberOf(m[3]);
  let heap = /scant/i.test(m[1] ?? '') ? 0.9 : /generous|good/i.test(m[1] ?? '') ? 1.1 : 1;
  let rest = text.slice(m[0].length).trimStart();
  let dozen = 1;
  const dozens = /^dozen\b\s*/i.exec(rest);
  if (dozens) {
    dozen = 12;
    rest = rest.slice(dozens[0].length);
  }
  // "1 (400 g) tin", "2 x 400 g tins", "1 7 g sachet": how much one holds, before the packet's word.
  const before = eachAt(rest);
  let each: Each | null = null;
  if (before && PACKET.test(rest.slice(before.length))) {
    each = before;
    rest = rest.slice(before.length);
  }
  const size = SIZE.exec(rest);
  if (size) rest = rest.slice(size[0].length).trimStart();
  for (const [pattern, factor] of HEAPS) {
    const hit = pattern.exec(rest);
    if (hit) {
      heap *= factor;
      rest = rest.slice(hit[0].length);
    }
  }
  let cup: CupStandard | undefined;
  for (const [pattern, standard] of CUP_NAMES) {
    const hit = pattern.exec(rest);
    if (hit) {
      cup = standard;
      rest = rest.slice(hit[0].length);
    }
  }
  const unit = unitAt(rest);
  if (unit) rest = rest.slice(unit.length).trimStart();
  // "400 g tin coconut milk" is one tin of as much.
  if (unit && HELD.has(unit.unit) && !each && PACKET.test(rest)) {
    const packed = readAmount(`1 x ${text}`);
    if (packed?.reading.each) {
      const written = text.slice(0, text.length - packed.rest.length).trim();
      return { ...packed, reading: { ...packed.reading, written } };
    }
  }
  if (unit && HELD.has(unit.unit)) rest = rest.replace(SOLD, '');
  if (unit && !each && PACKET.test(text.slice(text.length - rest.length - unit.length - 1).trimStart())) {
    // "1 tin (400 g)", "2 sachets of 7 g".
    const after = eachAt(rest);
    if (after && /^[(\s]*(?:x\s*|of\s+)?\(?\s*\d/.test(rest)) {
      each = after;
      rest = rest.slice(after.length);
    }
  }
  const written = text.slice(0, text.length - rest.length).trim();
  const [lo, hi] = first <= second ? [first, second] : [second, first];
  const sizeWord = (size?.[1] ?? size?.[2])?.toLowerCase();
  return {
    reading: {
      qty: [lo * dozen, hi * dozen],
      unit: unit?.unit ?? 'piece',
      size: sizeWord ? (SIZE_OF[sizeWord] ?? (sizeWord as Size)) : null,
      written,
      heap,
      ...(each ? { each: { qty: each.qty, unit: each.unit } } : {}),
      ...(cup ? { cup } : {}),
    },
    rest,
  };
}
