import { readAmount } from './amount';

/** A row of a table by its headings. */
export type TableRow = Record<string, string>;

/** Headings that are understood, in lower case, and what each means. */
const MEANS: Record<string, 'name' | 'grams' | 'amount' | 'unit' | 'part' | 'more'> = {
  ingredient: 'name',
  name: 'name',
  item: 'name',
  ingredients: 'name',
  what: 'name',
  zutat: 'name',
  zutaten: 'name',
  grams: 'grams',
  gram: 'grams',
  g: 'grams',
  'weight (g)': 'grams',
  'amount (g)': 'grams',
  'grams (g)': 'grams',
  mass_g: 'grams',
  amount: 'amount',
  weight: 'amount',
  mass: 'amount',
  menge: 'amount',
  quantity: 'amount',
  qty: 'amount',
  unit: 'unit',
  part: 'part',
  preparation: 'more',
  note: 'more',
  notes: 'more',
};
export type TableRead =
  | { text: string; left: string[] }
  /** Without a column of names, or of amounts, no line can be made of it. */
  | { fault: 'noNames' | 'noAmounts' | 'empty' };

/**
 * Lines of a formula out of a table, part by part, as they would be typed. `left` names the columns that are not taken
 * in; rows without a name are passed over.
 */
export function linesOfTable(rows: readonly TableRow[]): TableRead {
  const heads = Object.keys(rows[0] ?? {});
  const meaning = (head: string) => MEANS[head.trim().toLowerCase()];
  const has = (m: string): boolean => heads.some((h) => meaning(h) === m);
  if (rows.length === 0) return { fault: 'empty' };
  if (!has('name')) return { fault: 'noNames' };
  if (!has('grams') && !has('amount')) return { fault: 'noAmounts' };
  const of = (row: TableRow, m: string): string =>
    heads
      .filter((h) => meaning(h) === m)
      .map((h) => (row[h] ?? '').trim())
      .filter(Boolean)
      .join(', ');
  let part = '';
  const lines: string[] = [];
  for (const row of rows) {
    const name = of(row, 'name');
    if (name === '') continue;
    const own = of(row, 'part');
    if (own !== part && own !== '') lines.push(`For the ${own.toLowerCase()}:`);
    part = own;
    const grams = of(row, 'grams');
    const much = grams === '' ? [of(row, 'amount'), of(row, 'unit')].filter(Boolean).join(' ') : `${grams} g`;
    const more = of(row, 'more');
    lines.push(`${much} ${name}${more && `, ${more}`}`.trim());
  }
  return lines.length === 0
    ? { fault: 'empty' }
    : { text: lines.join('\n'), left: heads.filter((h) => h.trim() !== '' && !meaning(h)) };
}

/** A row set between upright strokes, as tables are written in plain text. */
const PIPED = /^\s*\|.+\|\s*$/;
/** A row with a stroke between its cells alone. */
const BARRED = /\s\|(?:\s|$)/;
/** The cells of a row, without the strokes around it. */
const cellsOf = (row: string, between = '|'): string[] =>
  (PIPED.test(row) ? row.trim().slice(1, -1) : row).split(between).map((c) => c.replace(/[*_`]/g, '').trim());
const isRule = (cells: readonly string[]): boolean => cells.every((c) => /^:?-{1,}:?$/.test(c));
const isNumber = (cell: string): boolean => /^[\d½¼¾⅓⅔⅛~]/.test(cell);
/** A share of the flour beside the grams says nothing that they do not say. */
const isShare = (cell: string, head: string): boolean => /%/.test(cell) || /%|percent/i.test(head);

/** One row of a table whose headings say nothing: how much, of what, and what else there is to it. */
function lineOfCells(cells: readonly string[], heads: readonly string[]): string {
  const said = cells.filter((c, i) => c !== '' && !isShare(c, heads[i] ?? ''));
  const much = said.find(isNumber);
  const [name = '', ...more] = said.filter((c) => c !== much);
  return [[much, name].filter(Boolean).join(' '), ...more].join(', ');
}

/** The rows of a table in plain text as they would be typed. */
function linesOfCells(all: readonly (readonly string[])[]): string[] {
  const body = all.filter((cells) => !isRule(cells));
  const [first = [], ...others] = body;
  const headed = body.length < all.length || !first.some(isNumber);
  if (!headed) return body.map((cells) => lineOfCells(cells, []));
  const read = linesOfTable(
    others.map((cells) => Object.fromEntries(first.map((h, i) => [h, cells[i] ?? '']))),
  );
  return 'text' in read ? read.text.split('\n') : others.map((cells) => lineOfCells(cells, first));
}

/** Whether rows with strokes between their cells alone are a table: under headings that are known, or each an amount and a name. */
function isBarredTable(all: readonly (readonly string[])[]): boolean {
  const [heads = [], ...others] = all;
  if (others.length < 2) return false;
  const known = heads.filter((h) => MEANS[h.toLowerCase()]).length;
  const isThing = (cells: readonly string[]): boolean =>
    cells.some((c) => readAmount(c)?.rest === '') && cells.some((c) => /^\p{L}{2}/u.test(c));
  return known > 1 || all.every(isThing);
}

/** What stands between the cells of a table whose headings are known: as a sheet is copied, or kept in a file. */
function betweenCells(head: string): string | null {
  const isHead = (cell: string): boolean =>
    cell === '' || cell === '%' || MEANS[cell.toLowerCase()] !== undefined;
  return (
    ['\t', ';', ','].find((between) => {
      const cells = cellsOf(head, between);
      return (
        cells.length > 1 && cells.every(isHead) && cells.filter((c) => MEANS[c.toLowerCase()]).length > 1
      );
    }) ?? null
  );
}
/** A text with its table out of a sheet laid out in rows: from its headings to the first row with other cells. */
function unsheeted(text: string): string {
  const rows = text.split(/\r?\n/);
  const at = rows.findIndex((row) => betweenCells(row) !== null);
  if (at < 0) return text;
  const between = betweenCells(rows[at]!)!;
  const many = cellsOf(rows[at]!, between).length;
  const body = rows.slice(at).map((row) => cellsOf(row, between));
  const other = body.findIndex((cells) => cells.length < 2 || cells.length > many);
  const end = other < 0 ? rows.length : at + other;
  return [...rows.slice(0, at), ...linesOfCells(body.slice(0, end - at)), ...rows.slice(end)].join('\n');
}

/**
 * A text with its tables ("| rice flour | 200 g |", with or without headings and a rule below them, or strokes around the rows) laid
 * out in rows as they would be typed; all else stays.
 */
export function untabled(given: string): string {
  const text = unsheeted(given);
  const out: string[] = [];
  let table: string[] = [];
  const close = (): void => {
    const cells = table.map((row) => cellsOf(row));
    const is = PIPED.test(table[0] ?? '') ? table.length > 1 : isBarredTable(cells);
    out.push(...(is ? linesOfCells(cells) : table));
    table = [];
  };
  for (const row of text.split(/\r?\n/)) {
    const isRow = PIPED.test(row) || BARRED.test(row);
    if (!isRow || (table.length > 0 && PIPED.test(table[0]!) !== PIPED.test(row))) close();
    if (isRow) table.push(row);
    else out.push(row);
  }
  close();
  return out.join('\n');
}
