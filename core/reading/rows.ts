import { BULLET, SAID_LINE } from './bullet';
import { factsOfRows } from './facts';
import { toldInSteps } from './inline';
import { isSilent, referenceMatcher } from './match';
import { nameIn } from './names';
import { namedRow } from './named-row';
import {
  ACT,
  AMOUNT,
  BYLINE,
  HEAT_FIRST,
  SIZE_FIRST,
  TIME_FIRST,
  HERE_IS,
  NUMBERED,
  AS_MUCH,
  TO_SERVE,
  markOf,
} from './row-signs';
import { hasAmountInside, NEVER, ROW_KINDS, scoresOf, type RowKind } from './row-scores';
import { rowsIn } from './row-text';
import { SHARE } from './percent';
import { isHeading } from './sections';
import { readTrailingAmount } from './trailing';

export { ROW_KINDS, type RowKind };
export type PasteRows = { title: string; list: string[]; method: string[]; notes: string[] };

/** What it costs that one kind follows another. */
const AFTER: Record<RowKind, Partial<Record<RowKind, number>>> = {
  title: { step: -2 },
  note: { step: -1, line: -0.5 },
  heading: { step: -2, note: -2, heading: -2 },
  line: { step: -0.5, note: -1.5 },
  step: { line: -3, note: -0.5, heading: -1 },
  mark: { note: -0.5 },
};

/** What a baker said of rows: the kind by the row's words. */
export type SaidRows = Readonly<Record<string, RowKind>>;
/** What is said counts for more than all that speaks against it. */
const SAID = 60;

/** What a row of figures of the whole is by that alone: more than an amount in a list, or a time among steps. */
const FACT = 16;

/** What a row gains that stands among steps with bullets. */
const AMONG_STEPS = 14;
const LEAST_STEPS = 3;
/** Rows with bullets, one after another, of which most are deeds, behind a list that has none: all of them are steps. */
function bulletedSteps(rows: readonly string[]): ReadonlySet<number> {
  const first = rows.findIndex((r) => BULLET.test(r));
  const block = rows.flatMap((r, i) =>
    BULLET.test(r) && rows.slice(first, i).every((x) => BULLET.test(x)) ? [i] : [],
  );
  const deeds = block.filter((i) =>
    [ACT, HEAT_FIRST, TIME_FIRST, SIZE_FIRST].some((is) => is.test(rows[i]!.replace(BULLET, ''))),
  ).length;
  const isBehindList = rows.slice(1, first).filter((r) => AMOUNT.test(r)).length >= LEAST_STEPS;
  return new Set(isBehindList && block.length >= LEAST_STEPS && deeds >= block.length / 2 ? block : []);
}

/**
 * The kind of each row of a text, in order; empty rows are passed over. Rows are scored by themselves and by what stands before them, and
 * the best path through the whole text is taken (Viterbi's algorithm), so that one odd row does not turn the rest. What was said of a row
 * is so, and tells its neighbours.
 */
export function kindsOf(rows: readonly string[], said: SaidRows = {}): RowKind[] {
  let section: 'none' | 'list' | 'steps' | 'notes' = 'none';
  // A title stands first, or behind who wrote it.
  const first = rows.findIndex((row) => !BYLINE.test(row));
  const facts = factsOfRows(rows.map((r) => r.replace(BULLET, '')));
  const dashed = bulletedSteps(rows);
  const scored = rows.map((row, i) => {
    const bare = row.replace(BULLET, '');
    const scores = scoresOf(row, i === first, section);
    // A row of figures of the whole is none of the list, and nothing that is done.
    if (facts[i]) scores.note += FACT;
    if (dashed.has(i)) scores.step += AMONG_STEPS;
    const told = Object.hasOwn(said, row) ? said[row] : undefined;
    if (told) for (const kind of ROW_KINDS) scores[kind] = kind === told ? SAID : NEVER;
    section = markOf(bare)?.opens ?? section;
    return scores;
  });
  let best = new Map<RowKind, { sum: number; path: RowKind[] }>([['mark', { sum: 0, path: [] }]]);
  for (const scores of scored) {
    const next: typeof best = new Map();
    for (const kind of ROW_KINDS) {
      if (scores[kind] <= NEVER) continue;
      for (const [from, { sum, path }] of best) {
        const total = sum + scores[kind] + (AFTER[from][kind] ?? 0);
        if (total > (next.get(kind)?.sum ?? Number.NEGATIVE_INFINITY))
          next.set(kind, { sum: total, path: [...path, kind] });
      }
    }
    best = next;
  }
  let winner: { sum: number; path: RowKind[] } | null = null;
  for (const end of best.values()) if (!winner || end.sum > winner.sum) winner = end;
  const kinds = winner?.path ?? [];
  // An oven that is heated between steps is one of them.
  const isAmidSteps = (i: number): boolean => {
    const before = kinds.slice(0, i).filter((k) => k !== 'note');
    const last = before.at(-1);
    return (
      (last === 'step' || (last === 'mark' && before.includes('line'))) && kinds.slice(i + 1).includes('step')
    );
  };
  /** A thing with no amount behind the others: "icing sugar", and then the method. */
  const isThingLast = (i: number): boolean =>
    kinds.slice(0, i).includes('line') &&
    !/:$/.test(rows[i]!) &&
    kinds.slice(i + 1).find((k) => k !== 'note') !== 'line' &&
    isSilent(referenceMatcher.match(rows[i]!.replace(BULLET, '')));
  return kinds.map((kind, i) => {
    const isOven = kind === 'note' && facts[i]?.oven !== undefined && !Object.hasOwn(said, rows[i]!);
    if (isOven && isAmidSteps(i)) return 'step';
    return kind === 'heading' && isThingLast(i) ? 'line' : kind;
  });
}

/** Each row of a text with its kind, in order. */
export function judgedRows(text: string, said: SaidRows = {}): { text: string; kind: RowKind }[] {
  const rows = rowsIn(text);
  return kindsOf(rows, said).map((kind, i) => ({ text: rows[i]!, kind }));
}

/** What stands behind a title, between strokes, and tells of the whole: "Orange cake | serves 10 | prep 20 | cook 1h". */
const BEHIND_TITLE =
  /^(?:(?:makes|serves|yields?|servings?|prep(?:aration)?|cook(?:ing)?|bake|baking|total|active|time|difficulty|rating|level)\b.{0,30}|\d+ (?:servings?|pieces|portions|min|mins|minutes)|\d{1,2})$/i;
/** A title that goes on with how many it makes: "Scones - makes 8", "Pudding (serves 6)". */
const TITLE_MAKES = /^(\S.*?)\s*[-–—,:;(]\s*((?:makes|serves|yields?)\b[^()]{1,30}|for \d{1,2})\)?$/i;
/** What says that a title follows. */
const CALLED = /^(?:recipe|rezept|title|name|video)\s*:\s*(?=\S)/i;
function titleOf(row: string): { title: string; notes: string[] } {
  const here = HERE_IS.exec(row)?.[1];
  if (here !== undefined) return { title: here[0]!.toUpperCase() + here.slice(1), notes: [] };
  const [, named = '', makes] = TITLE_MAKES.exec(row.replace(CALLED, '')) ?? [];
  if (makes !== undefined) return { title: named, notes: [makes] };
  const [title = '', ...behind] = row
    .replace(CALLED, '')
    .split(/\s*[|·•]\s*|\.\s+(?=(?:serves|makes|yields?|prep|cook|total)\b)/i);
  const notes = behind.filter(Boolean);
  return notes.length > 0 && notes.every((n) => BEHIND_TITLE.test(n))
    ? // So many, and nothing else: of that which the title names.
      { title, notes: notes.map((n) => (/^\d{1,2}$/.test(n) ? `makes ${n}` : n)) }
    : { title: row.replace(CALLED, ''), notes: [] };
}

/** A text in its pieces: numbering and marks of sections are gone, headings end with a colon. */
export function rowsOf(text: string, said: SaidRows = {}): PasteRows {
  const out: PasteRows = { title: '', list: [], method: [], notes: [] };
  // What it is eaten with comes last, wherever it was written.
  const served: string[] = [];
  judgedRows(text, said).forEach(({ kind, text: row }) => {
    const bare = row.replace(BULLET, '');
    if (kind === 'title') {
      const { title, notes } = titleOf(bare);
      out.notes.push(...notes);
      out.title = title
        .replace(/[★☆✦]/g, ' ')
        .replace(/^[#*\s]+|[*\s]+$/g, '')
        .replace(/\s+/g, ' ');
    } else if (kind === 'mark') out.notes.push(...[markOf(bare)?.beside ?? ''].filter(Boolean));
    else if (kind === 'note') out.notes.push(bare);
    else if (kind === 'heading') out.list.push(`${bare.replace(/:$/, '')}:`);
    else if (kind === 'line') out.list.push(said[row] === 'line' ? SAID_LINE + bare : bare);
    else if (kind === 'step') (TO_SERVE.test(row) ? served : out.method).push(bare.replace(NUMBERED, ''));
  });
  out.method.push(...served);
  // A heading of which nothing follows but another, or the end, is none of the list.
  out.list = out.list.filter(
    (r, i) => !r.endsWith(':') || (out.list[i + 1] !== undefined && !out.list[i + 1]!.endsWith(':')),
  );
  if (out.list.length === 0) out.list = toldInSteps(out.method, referenceMatcher);
  return out;
}
/** How many things with an amount a list has; what is as much as each other is several. */
const thingsIn = (list: readonly string[]): number =>
  list.reduce((sum, r) => {
    if (AS_MUCH.test(r)) return sum + 2;
    const isOne =
      AMOUNT.test(r) || hasAmountInside(r.replace(BULLET, '')) || namedRow(r, referenceMatcher) !== null;
    return sum + (isOne ? 1 : 0);
  }, 0);
const LEAST_THINGS = 2;

/** Whether what stands first is a thing of the list, or a part of the bake, and no title. */
function namesThing(first: string): boolean {
  const row = first.replace(SHARE, ' ');
  const { name } = nameIn(readTrailingAmount(row)?.rest ?? row);
  return isHeading(row) || isSilent(referenceMatcher.match(name));
}

/** Whether a text is more than a list: it has steps, or a title, and lines with amounts. */
export const isWholePaste = ({ list, method, title }: PasteRows): boolean =>
  (method.length > 0 || (title !== '' && !namesThing(title))) && thingsIn(list) >= LEAST_THINGS;
