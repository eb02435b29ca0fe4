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

/** Reads rows into things of the baker's own. A row with a fault is left out and said; the others come in. */
export function fromRows(rows: readonly CsvRow[]): Imported {
  const out: Imported = { docs: [], problems: [] };
  if (rows.length > MAX_ROWS)
    out.problems.push({ row: MAX_ROWS + 1, column: '', issue: msg('csv.tooMany', { max: MAX_ROWS }) });
  rows.slice(0, MAX_ROWS).forEach((row, k) => {
    const problems: RowProblem[] = [];
    const fault = (column: Column, issue: Msg) => problems.push({ row: k + 2, column, issue });
    const text = (c: Column): string => (row[c] ?? '').trim().slice(0, MAX_CELL);
    const number = (c: Column, most: number): number | null => {
      const t = text(c).replace(',', '.');
      if (t === '') return null;
      const v = Number(t);
      if (Number.isFinite(v) && v >= 0 && v <= most) return v;
      fault(c, msg('csv.number', { text: t.slice(0, 40), most }));
      return null;
    };
    const panel: Panel = { ...EMPTY_PANEL };
    const kind = text('kind') || 'own';
    const name = text('name').slice(0, 120);
    if (name === '') fault('name', msg('csv.name'));
    const like = text('like');
    if (like !== '' && !ingredientById(like)) fault('like', msg('csv.like', { text: like.slice(0, 60) }));
    for (const p of PANEL_KEYS) panel[p] = number(`${p}_per_100g`, p === 'kcal' ? 1000 : 100);
    if (
      PANEL_KEYS.reduce(
        (s, p) => s + (p === 'kcal' || p === 'sugars' || p === 'polyols' ? 0 : (panel[p] ?? 0)),
        0,
      ) > 105
    )
      fault('fat_per_100g', msg('csv.panelSum'));
    const opened = text('opened_on');
    if (opened !== '' && !/^\d{4}-\d{2}-\d{2}$/.test(opened))
      fault('opened_on', msg('csv.date', { text: opened.slice(0, 40) }));
    let doc: PantryDoc | null = null;
    if (kind === 'own') {
      const group = (text('group') || ingredientById(like)?.group || 'flavour') as GroupId;
      if (!GROUP_IDS.includes(group)) fault('group', msg('csv.group', { text: group.slice(0, 40) }));
      doc = {
        kind,
        name,
        otherNames: split(text('other_names')).slice(0, 20),
        like: like || null,
        group,
        panel,
        gPerCup: number('g_per_cup', 2000),
        gPerPiece: number('g_per_piece', 20_000),
        facts: {},
        note: text('note').slice(0, 2000),
      };
    } else if (kind === 'packet') {
      if (like === '') fault('like', msg('csv.packetLike'));
      doc = {
        kind,
        name,
        like,
        labelText: text('label'),
        seenWords: [],
        panel,
        packG: number('pack_g', 100_000),
        price: number('price', 100_000),
        openedOn: opened || null,
        everywhere: /^(?:yes|true|1)$/i.test(text('everywhere')),
      };
    } else if (kind === 'blend') {
      const parts = split(text('parts')).map((p) => {
        const m = /^(\S+)\s+(\d+(?:[.,]\d+)?)\s*%?$/.exec(p);
        if (!m || !ingredientById(m[1]!)) fault('parts', msg('csv.part', { text: p.slice(0, 60) }));
        return { id: m?.[1] ?? '', percent: Number((m?.[2] ?? '0').replace(',', '.')) };
      });
      if (parts.length === 0) fault('parts', msg('csv.part', { text: '' }));
      doc = {
        kind,
        name,
        otherNames: split(text('other_names')).slice(0, 20),
        parts,
        standsFor: split(text('everywhere')).filter((id) => ingredientById(id)),
        note: text('note').slice(0, 2000),
      };
    } else fault('kind', msg('csv.kind', { text: kind.slice(0, 40) }));
    out.problems.push(...problems);
    if (doc && problems.length === 0) out.docs.push(doc);
  });
  return out;
}
