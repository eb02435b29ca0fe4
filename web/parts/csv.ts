/** What a spreadsheet takes for a formula when a cell begins with it, and runs. */
const RUNS = /^'(?=[=+\-@\t\r])/;

/** Rows as CSV. A cell that a spreadsheet would run is led by an apostrophe, which it shows as text. */
export async function toCsv(rows: readonly object[], columns: readonly string[]): Promise<string> {
  const { default: Papa } = await import('papaparse');
  return Papa.unparse([...rows], { columns: [...columns], escapeFormulae: true });
}

/** CSV as rows by their columns' names; the apostrophe that made a cell text is taken off again. */
export async function fromCsv<Row>(text: string): Promise<{ data: Row[]; fields: string[] }> {
  const { default: Papa } = await import('papaparse');
  const { data, meta } = Papa.parse<Row>(text, {
    header: true,
    skipEmptyLines: true,
    transform: (cell) => cell.replace(RUNS, ''),
  });
  return { data, fields: meta.fields ?? [] };
}
