/** A row of a table by its headings. */
export type TableRow = Record<string, string>;

/** Headings that are understood, in lower case, and what each means. */
const MEANS: Record<string, 'name' | 'grams' | 'amount' | 'unit' | 'part' | 'more'> = {
  ingredient: 'name',
  name: 'name',
  item: 'name',
  grams: 'grams',
  gram: 'grams',
  g: 'grams',
  'weight (g)': 'grams',
  mass_g: 'grams',
  amount: 'amount',
  quantity: 'amount',
  qty: 'amount',
  unit: 'unit',
  part: 'part',
  preparation: 'more',
  note: 'more',
};
/** Columns of the table that goes out. */
export const TABLE_COLUMNS = [
  'part',
  'grams',
  'ingredient',
  'preparation',
  'percent_on_flour',
  'suits',
] as const;

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
