import { numberOf, readAmount } from './amount';
import { BULLET } from './bullet';

/** So many rows by the hundred, and so large a share of those that name an amount, make a list in baker's per cent. */
const LEAST_ROWS = 4;
const LEAST_SHARE = 0.6;
/** A longer row tells what to do. */
const MOST_WORDS = 9;
/** Where nothing says how much flour there is: what is told is told for a hundred grams. */
const FOR_HUNDRED = 100;

const PERCENT = '(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*%';
const BEHIND = new RegExp(
  `^(\\p{L}[^%\\d]*?(?:[\\s:,=–—|-]\\d{1,5}(?:[.,]\\d+)?\\s*k?g)?)[\\s:,=–—|-]*\\s\\(?${PERCENT}\\)?(?=$|[\\s,;|()–—-])(.*)$`,
  'u',
);
const BEFORE = new RegExp(`^${PERCENT}\\s+(\\p{L}[^%]*)$`, 'u');
/** What such a list sums up, and is none of it. */
const SUMS = /^(?:total|sum|hydration|overall|yield|all|dough)\b/i;
/** A sum and nothing else: "Hydration: 85%", "Total 230%". */
const ONLY_SUMS = new RegExp(`${SUMS.source}[\\p{L} ]*[\\s:=–—-]*${PERCENT}\\s*$`, 'iu');
const MASS = /(?<![\d.,])(\d{1,5}(?:[.,]\d+)?)\s*(kg|g)\b/i;
const FLOUR_G =
  /\b(?:total\s+)?(?:flours?|dry mix)(?:\s+(?:weight|total|mass|base))?\s*(?:[:=(]|is|of)?\s*(\d{1,5}(?:[.,]\d+)?)\s*(kg|g)\b|(?<![\d.,])(\d{1,5}(?:[.,]\d+)?)\s*(kg|g)\s+(?:of\s+)?(?:total\s+)?(?:flour|dry mix)\b|100\s*%\s*(?:=|is)\s*(\d{2,5})\s*(kg|g)\b/i;
const DOUGH_G = /\b(?:total|dough|batter|batch)\b[^\d%]{0,24}?(?<![\d.,])(\d{1,5}(?:[.,]\d+)?)\s*(kg|g)\b/i;

type Share = { name: string; percent: number; massG: number | null; rest: string };
const grams = (n: string, unit: string): number => numberOf(n) * (unit.toLowerCase() === 'kg' ? 1000 : 1);
const massIn = (text: string): number | null => {
  const m = MASS.exec(text);
  return m ? grams(m[1]!, m[2]!) : null;
};

/** A row that names a thing and its share; null for every other. */
function shareOf(given: string): Share | null {
  const row = given.replace(BULLET, '').trim();
  if (row.split(/\s+/).length > MOST_WORDS) return null;
  const before = BEFORE.exec(row);
  const behind = before ? null : BEHIND.exec(row);
  const [name, percent, rest] = before
    ? [before[2]!, before[1]!, '']
    : [behind?.[1], behind?.[2], behind?.[3]];
  if (name === undefined || percent === undefined || SUMS.test(name)) return null;
  const massG = massIn(rest ?? '') ?? massIn(name);
  return {
    name: name
      .replace(MASS, ' ')
      .replace(/[\s:,=–—|-]+$/, '')
      .trim(),
    percent: Number(percent.replace(',', '.')),
    massG,
    rest: massG === null ? (rest ?? '').replace(/^[\s|]+|[\s|]+$/g, '') : '',
  };
}

/** Grams that one of a hundred stands for, and whether the text says so. */
function hundredthOf(rows: readonly string[], shares: readonly Share[]): { flourG: number; isSaid: boolean } {
  const weighed = shares.find((s) => s.massG !== null && s.percent > 0);
  if (weighed) return { flourG: (100 * weighed.massG!) / weighed.percent, isSaid: true };
  const others = rows.filter((r) => shareOf(r) === null);
  for (const row of others) {
    const m = FLOUR_G.exec(row);
    const [n, unit] = m ? m.slice(1).filter((x) => x !== undefined) : [];
    if (n && unit) return { flourG: grams(n, unit), isSaid: true };
  }
  const sum = shares.reduce((s, x) => s + x.percent, 0);
  for (const row of others) {
    const m = DOUGH_G.exec(row);
    if (m && sum > 0) return { flourG: (100 * grams(m[1]!, m[2]!)) / sum, isSaid: true };
  }
  return { flourG: FOR_HUNDRED, isSaid: false };
}

/** A tenth of a gram, as such lists are weighed. */
const tenth = (g: number): number => Math.round(10 * g) / 10;

/** A share that its grams stand behind. */
export const SHARE = /\s*\d{1,3}(?:[.,]\d{1,2})?\s*%\s*=\s*(?=\d)/;

/**
 * A list in baker's per cent with the grams each share stands for behind it: "Sorghum flour 30%" of 500 g of flour is "Sorghum flour
 * 30% = 150 g". By the weight of the flour where the text tells it, or of the dough, or of one thing; else for 100 g of flour,
 * and `isSaid` is false. Null where it is no such list: a share beside an amount ("100 g chocolate 70%") is a fact of that thing.
 */
export function percentList(text: string): { text: string; flourG: number; isSaid: boolean } | null {
  if (!text.includes('%')) return null;
  const rows = text.split(/\r?\n/);
  const shares = rows.map(shareOf);
  const found = shares.filter((s) => s !== null);
  const amounts = rows.filter(
    (r, i) => shares[i] === null && readAmount(r.replace(BULLET, '').trim()) !== null,
  );
  if (found.length < LEAST_ROWS || found.length < LEAST_SHARE * (found.length + amounts.length)) return null;
  const { flourG, isSaid } = hundredthOf(rows, found);
  const told = rows.map((row, i) => {
    const s = shares[i];
    if (!s) {
      if (ONLY_SUMS.test(row)) return '';
      return FLOUR_G.test(row) ? row.replace(FLOUR_G, ' ').replace(/^[\s.,;:()–—-]+/, '') : row;
    }
    const g = tenth(s.massG ?? (flourG * s.percent) / 100);
    return `${s.name} ${s.percent}% = ${g} g${s.rest ? `, ${s.rest}` : ''}`;
  });
  return { text: told.join('\n'), flourG: tenth(flourG), isSaid };
}
