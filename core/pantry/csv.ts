import { msg, type Msg } from '../explain';
import { GROUP_IDS, ingredientById, type GroupId } from '../ingredients';
import { EMPTY_PANEL, PANEL_KEYS, type PantryDoc, type Panel } from './types';

/** Columns of the CSV of the pantry, in order. Masses per 100 g; `parts` of a blend as "id 40; id 60". */
export const CSV_COLUMNS = [
  'kind',
  'name',
  'other_names',
  'like',
  'group',
  ...PANEL_KEYS.map((k) => `${k}_per_100g` as const),
  'g_per_cup',
  'g_per_piece',
  'label',
  'pack_g',
  'price',
  'opened_on',
  'everywhere',
  'parts',
  'note',
] as const;
type Column = (typeof CSV_COLUMNS)[number];
export type CsvRow = Record<string, string>;

const cell = (x: number | null): string => (x === null ? '' : String(x));
const list = (xs: readonly string[]): string => xs.join('; ');

/** One thing of the baker's own as a row. */
export function rowOf(doc: PantryDoc): Record<Column, string> {
  const row = Object.fromEntries(CSV_COLUMNS.map((c) => [c, ''])) as Record<Column, string>;
  row.kind = doc.kind;
  row.name = doc.name;
  if (doc.kind !== 'blend') {
    row.like = doc.like ?? '';
    for (const k of PANEL_KEYS) row[`${k}_per_100g`] = cell(doc.panel[k]);
  }
  if (doc.kind === 'own') {
    row.other_names = list(doc.otherNames);
    row.group = doc.group;
    row.g_per_cup = cell(doc.gPerCup);
    row.g_per_piece = cell(doc.gPerPiece);
    row.note = doc.note;
  } else if (doc.kind === 'packet') {
    row.label = doc.labelText;
    row.pack_g = cell(doc.packG);
    row.price = cell(doc.price);
    row.opened_on = doc.openedOn ?? '';
    row.everywhere = doc.everywhere ? 'yes' : '';
  } else {
    row.other_names = list(doc.otherNames);
    row.parts = list(doc.parts.map((p) => `${p.id} ${p.percent}`));
    row.everywhere = list(doc.standsFor);
    row.note = doc.note;
  }
  return row;
}

export type RowProblem = { row: number; column: string; issue: Msg };
export type Imported = { docs: PantryDoc[]; problems: RowProblem[] };

const MAX_ROWS = 10_000;
const MAX_CELL = 20_000;
const split = (s: string): string[] =>
  s
    .split(';')
    .map((x) => x.trim())
    .filter(Boolean);

/** The cells of one row as they are asked for; what is wrong with them is gathered. */
class Cells {
  readonly problems: RowProblem[] = [];
  constructor(
    private readonly row: CsvRow,
    private readonly at: number,
  ) {}
  fault(column: Column, issue: Msg): void {
    this.problems.push({ row: this.at, column, issue });
  }
  text(c: Column, most = MAX_CELL): string {
    return (this.row[c] ?? '').trim().slice(0, most);
  }
  number(c: Column, most: number): number | null {
    const t = this.text(c).replace(',', '.');
    if (t === '') return null;
    const v = Number(t);
    if (Number.isFinite(v) && v >= 0 && v <= most) return v;
    this.fault(c, msg('csv.number', { text: t.slice(0, 40), most }));
    return null;
  }
  list(c: Column): string[] {
    return split(this.text(c));
  }
  panel(): Panel {
    const panel: Panel = { ...EMPTY_PANEL };
    for (const p of PANEL_KEYS) panel[p] = this.number(`${p}_per_100g`, p === 'kcal' ? 1000 : 100);
    const summed = PANEL_KEYS.filter((p) => p !== 'kcal' && p !== 'sugars' && p !== 'polyols');
    if (summed.reduce((s, p) => s + (panel[p] ?? 0), 0) > 105)
      this.fault('fat_per_100g', msg('csv.panelSum'));
    return panel;
  }
  /** What it is like; empty where nothing is said. */
  like(): string {
    const like = this.text('like');
    if (like !== '' && !ingredientById(like))
      this.fault('like', msg('csv.like', { text: like.slice(0, 60) }));
    return like;
  }
}

/** What each kind of thing has in its cells. */
const READERS: Record<PantryDoc['kind'], (cells: Cells, name: string) => PantryDoc> = {
  own: (cells, name) => {
    const [like, panel] = [cells.like(), cells.panel()];
    const group = (cells.text('group') || ingredientById(like)?.group || 'flavour') as GroupId;
    if (!GROUP_IDS.includes(group)) cells.fault('group', msg('csv.group', { text: group.slice(0, 40) }));
    return {
      kind: 'own',
      name,
      otherNames: cells.list('other_names').slice(0, 20),
      like: like || null,
      group,
      panel,
      gPerCup: cells.number('g_per_cup', 2000),
      gPerPiece: cells.number('g_per_piece', 20_000),
      facts: {},
      note: cells.text('note', 2000),
    };
  },
  packet: (cells, name) => {
    const [like, panel] = [cells.like(), cells.panel()];
    const opened = cells.text('opened_on');
    if (opened !== '' && !/^\d{4}-\d{2}-\d{2}$/.test(opened))
      cells.fault('opened_on', msg('csv.date', { text: opened.slice(0, 40) }));
    if (like === '') cells.fault('like', msg('csv.packetLike'));
    return {
      kind: 'packet',
      name,
      like,
      labelText: cells.text('label'),
      seenWords: [],
      panel,
      packG: cells.number('pack_g', 100_000),
      price: cells.number('price', 100_000),
      openedOn: opened || null,
      everywhere: /^(?:yes|true|1)$/i.test(cells.text('everywhere')),
    };
  },
  blend: (cells, name) => {
    const parts = cells.list('parts').map((p) => {
      const m = /^(\S+)\s+(\d+(?:[.,]\d+)?)\s*%?$/.exec(p);
      if (!m || !ingredientById(m[1]!)) cells.fault('parts', msg('csv.part', { text: p.slice(0, 60) }));
      return { id: m?.[1] ?? '', percent: Number((m?.[2] ?? '0').replace(',', '.')) };
    });
    if (parts.length === 0) cells.fault('parts', msg('csv.part', { text: '' }));
    return {
      kind: 'blend',
      name,
      otherNames: cells.list('other_names').slice(0, 20),
      parts,
      standsFor: cells.list('everywhere').filter((id) => ingredientById(id)),
      note: cells.text('note', 2000),
    };
  },
};
const isKind = (kind: string): kind is PantryDoc['kind'] => Object.hasOwn(READERS, kind);

/** Reads rows into things of the baker's own. A row with a fault is left out and said; the others come in. */
export function fromRows(rows: readonly CsvRow[]): Imported {
  const out: Imported = { docs: [], problems: [] };
  if (rows.length > MAX_ROWS)
    out.problems.push({ row: MAX_ROWS + 1, column: '', issue: msg('csv.tooMany', { max: MAX_ROWS }) });
  rows.slice(0, MAX_ROWS).forEach((row, k) => {
    // The first row of a file has the names of its columns.
    const cells = new Cells(row, k + 2);
    const name = cells.text('name', 120);
    if (name === '') cells.fault('name', msg('csv.name'));
    const kind = cells.text('kind') || 'own';
    const doc = isKind(kind) ? READERS[kind](cells, name) : null;
    if (!doc) cells.fault('kind', msg('csv.kind', { text: kind.slice(0, 40) }));
    out.problems.push(...cells.problems);
    if (doc && cells.problems.length === 0) out.docs.push(doc);
  });
  return out;
}
