import { BULLET } from './bullet';
import { ACT, AMOUNT } from './row-signs';
import { tidied } from './tidy';
import { unfolded } from './unfold';

/** Words set bold or slanted, without the signs for it. */
const unstyled = (row: string): string =>
  tidied(row)
    .replace(/(\*\*|__)(?=\S)(.*?\S)\1/g, '$2')
    .replace(/(?<![\w*])\*(?=[^\s*])([^*]*[^\s*])\*(?![\w*])/g, '$1');
/** A row without the stars, rules and hashes it is set in; nothing where it is a rule. */
export function undecorated(given: string): string {
  const row = unstyled(given);
  // A longer row is set in nothing.
  if (row.length > MOST_DECORATED) return row;
  return (
    row
      // A row of dots leads the eye from a thing to its amount.
      .replace(/\s*(?:\.{3,}|…+|_{3,})\s*(?=[\d½¼¾⅓⅔⅛])/g, AMOUNT.test(row.replace(BULLET, '')) ? ', ' : ' ')
      .replace(/\s*\|\s*$/, '')
      .replace(/^[~=_#*-]{2,}\s*|^[_~]+|(?<=\S)\s*[~=_#*-]{2,}$|[_~]+$/g, '')
      .replace(/^\*(?=\S)(.*\S)\*$/, '$1')
      // "(makes 6)" is said of the whole, in brackets or not.
      .replace(/^\(((?:makes|serves|yields?)\b[^()]*)\)$/i, '$1')
      .trim()
  );
}
const MOST_DECORATED = 200;
/** Beyond so many rows a text is no formula; beyond so many characters a row is looked at by its beginning. */
const MOST_ROWS = 800;
const MOST_ROW = 2000;

/** A number before a row, with nothing behind it: "1 Mix flour and salt". */
const BARE_NUMBER =
  /^(\d{1,2})\s+(?=\p{L}|\d{2,3}\s*(?:[-–]\s*\d{2,3}\s*)?(?:mins?\b|minutes\b|°|[CF]\b|h\b|hrs?\b))/u;
const LEAST_NUMBERED = 3;
/** Deeds that are things where a number stands before them. */
const A_THING =
  /^(?:(?:eggs?|flour|oil|ice)\b(?!\s+(?:the|a|your)\b)|butter\b(?!\s+(?:the|a|your|and line|& line)\b)|cream\b(?!\s+(?:the|your|butter|fat|marg\w*|spread|sugar|together|everything)\b))/i;
/** The oven before all: "1 Oven 180C". */
const OVEN_FIRST = /^(?:fan )?oven\b.*\d/i;
/** Rows that count up, a deed behind the number in most, are steps: they are numbered as steps are. "1 egg" is none of them. */
function numberedSteps(rows: string[]): string[] {
  const numberOf = (row: string): number => Number(BARE_NUMBER.exec(row)?.[1] ?? 0);
  const isDeed = (row: string): boolean => {
    const bare = row.replace(BARE_NUMBER, '');
    return numberOf(row) > 0 && (ACT.test(bare) || OVEN_FIRST.test(bare)) && !A_THING.test(bare);
  };
  const runFrom = (first: number): number[] => {
    let last = numberOf(rows[first]!) - 1;
    return rows.flatMap((row, i) => {
      if (i < first || numberOf(row) !== last + 1) return [];
      last += 1;
      return [i];
    });
  };
  const places = rows
    .flatMap((row, i) => (isDeed(row) && numberOf(row) <= 2 ? [runFrom(i)] : []))
    // Of two that count as far the later one: what stands in the list before is counted by chance.
    .reduce<number[]>((best, run) => (run.length >= best.length ? run : best), []);
  const deeds = places.filter((i) => isDeed(rows[i]!)).length;
  if (places.length < LEAST_NUMBERED || deeds < (2 * places.length) / 3) return rows;
  return rows.map((row, i) => (places.includes(i) ? row.replace(BARE_NUMBER, '$1. ') : row));
}

/** A step that begins with a figure, among others by its number: "3. 2lb tin, moderate oven". A list by numbers has no deeds. */
function numberedOn(rows: readonly string[]): string[] {
  let last = 0;
  return rows.map((row) => {
    const [, n = '0', rest = ''] = /^(\d{1,2})[.)]\s+(.*)$/.exec(row) ?? [];
    const goesOn = last > 0 && Number(n) === last + 1;
    if (goesOn || (n !== '0' && ACT.test(rest))) last = Number(n);
    return goesOn && /^\d/.test(rest) ? `Step ${row}` : row;
  });
}

/** The rows of a text as they are judged. */
export const rowsIn = (text: string): string[] => numberedOn(numberedSteps(plainRows(text)));
const plainRows = (text: string): string[] =>
  unfolded(text)
    .split(/\r?\n/)
    .map((r) => r.replace(/\s+/g, ' ').trim())
    .map((r, i) => (i === 0 ? unstyled(r) : undecorated(r)))
    .filter(Boolean)
    .slice(0, MOST_ROWS)
    .map((r) => r.slice(0, MOST_ROW));
