import { readAmount } from './amount';
import { BULLET, SAID_LINE } from './bullet';
import { factsOfRows } from './facts';
import { toldInSteps } from './inline';
import { referenceMatcher } from './match';
import { BOWL_OF, namedRow } from './named-row';
import {
  ACT,
  AMOUNT,
  AMOUNT_INSIDE,
  BAKES,
  BYLINE,
  CLOSING,
  FIRST_PERSON,
  HEAT_FIRST,
  HERE_IS,
  NOTE_MARK,
  NO_DEED,
  NOTE_START,
  NUMBERED,
  SIZE_FIRST,
  AS_MUCH,
  THING_FIRST,
  TIMES_ROW,
  TIME_FIRST,
  TO_ONLOOKERS,
  TO_SERVE,
  markOf,
} from './row-signs';
import { expandRow } from './things';
import { saysWhatItMakes } from './tin';
import { rowsIn } from './row-text';
import { readTrailingAmount } from './trailing';

/**
 * What each row of a pasted text is: title, note, heading of a part, ingredient, step, mark of a section. Rows are scored by
 * themselves and by what stands before them, and the best path through the whole text is taken (Viterbi's algorithm), so
 * that one odd row does not turn the rest.
 */
export const ROW_KINDS = ['title', 'note', 'heading', 'line', 'step', 'mark'] as const;
export type RowKind = (typeof ROW_KINDS)[number];
export type PasteRows = { title: string; list: string[]; method: string[]; notes: string[] };

/** So many words a title has at most: it may say what it makes as well. */
const MOST_TITLE = 15;
const words = (row: string): number => row.split(/\s+/).length;

/** Whether a row has an amount that does not stand first: "butter 200", "Egg — 1". */
const hasAmountInside = (row: string): boolean =>
  AMOUNT_INSIDE.test(row) ||
  (words(row) <= MOST_WITH_AMOUNT &&
    (readTrailingAmount(row) !== null || readAmount(expandRow(row)[0] ?? '') !== null));
/** In so many words a row is a thing and its amount, and no sentence that ends in a figure. */
const MOST_WITH_AMOUNT = 9;

type Scores = Record<RowKind, number>;
const NEVER = -50;

/** How well a row fits each kind, by itself. `first`: nothing stands before it; `section`: the mark that came last. */
function scoresOf(raw: string, first: boolean, section: 'none' | 'list' | 'steps' | 'notes'): Scores {
  const row = raw.replace(BULLET, '');
  const bulleted = row !== raw;
  const numbered = NUMBERED.test(row);
  const bare = row.replace(NUMBERED, '');
  const n = words(row);
  const timed = TIME_FIRST.test(row) || SIZE_FIRST.test(row);
  // A list behind a name is as good as an amount.
  const amount =
    !numbered &&
    !timed &&
    !HEAT_FIRST.test(row) &&
    !TO_ONLOOKERS.test(row) &&
    (AMOUNT.test(row) || AS_MUCH.test(row) || namedRow(row, referenceMatcher) !== null);
  const sentence =
    /[.!?]$/.test(row) || /[.!?]\s+[A-Z]/.test(row) || /[a-z)]\. [a-z].*[a-z)]\. [a-z]/.test(row);
  // "Butter for greasing" is a thing, not what one does.
  const act =
    ACT.test(bare) && !NO_DEED.test(bare) && !/^\S+ for (?:the )?\S+$/i.test(bare) && !THING_FIRST.test(bare);
  const colon = /:$/.test(row);
  const shouted = row.length > 3 && row === row.toUpperCase() && /[A-Z]/.test(row);
  if (markOf(row)) return { title: NEVER, note: 0, heading: NEVER, line: NEVER, step: NEVER, mark: 20 };
  const inside =
    !amount && !act && !numbered && !BAKES.test(row.replace(/\([^()]*\)/g, ' ')) && hasAmountInside(row);
  const line =
    (amount ? 5 : inside ? 4 : -1) +
    (bulleted && !act ? 1 : 0) +
    (n <= 8 ? 1 : n > 16 ? -2 : 0) +
    (sentence ? -1.5 : 0.5) +
    (/\bto taste\b|\bfor (?:dusting|greasing|brushing|rolling|frying|the (?:tins?|pans?|rings?|tray|griddle|board))\b|\boptional\b/i.test(
      row,
    )
      ? 4
      : 0) +
    (act && !amount ? -4 : 0) +
    (section === 'list' ? 3 : section === 'none' ? 0 : -3);
  const step =
    (numbered ? 4 : 0) +
    (act || timed ? 4 : 0) +
    (n >= 8 ? 1.5 : 0) +
    (sentence ? 1.5 : 0) +
    (BAKES.test(row) ? 1.5 : 0) +
    (amount ? -4 : 0) +
    (TO_SERVE.test(row) ? 14 : 0) +
    (section === 'steps' ? 4 : section === 'list' ? -1.5 : section === 'notes' && !numbered ? -4 : 0);
  const note =
    (NOTE_START.test(row) || saysWhatItMakes(row) ? 6 : 0) +
    (TIMES_ROW.test(row) ? 9 : 0) +
    (!act && /[.!]\s+(?:serves|makes)\s+(?:about\s+)?\d/i.test(row) ? 4 : 0) +
    (CLOSING.test(row) || TO_ONLOOKERS.test(row) ? 14 : 0) +
    (NOTE_MARK.test(row) ? (/^[^:]{1,20}:/.test(row) ? 10 : 5) : 0) +
    (FIRST_PERSON.test(row) ? 2.5 : 0) +
    (sentence ? 1.5 : 0) +
    (/^https?:|@\p{L}|#\w/u.test(row) ? 4 : 0) +
    (amount ? -2 : 0) +
    (act ? -2 : 0) +
    (section === 'notes' ? 6 : section === 'steps' ? -2 : 0);
  const heading =
    (colon && n <= 7 && !amount ? 6 : 0) +
    (/^for (?:the|your) /i.test(row) && n <= 8 && !sentence ? 6 : 0) +
    (shouted && n <= 5 && !amount ? 4 : 0) +
    (n <= 3 && !amount && !sentence && !act ? 1.5 : 0) +
    (BOWL_OF.test(row) ? 4 : 0) +
    (amount || inside || n > 8 ? -6 : 0) +
    (section === 'steps' || section === 'notes' ? -2 : 0);
  const title =
    first && HERE_IS.test(row)
      ? 14
      : first &&
          !BYLINE.test(row) &&
          !/^(?:makes|serves|yields?)\b.*\d|^(?:makes|serves|yields?) (?:an?|one|two)\b/i.test(row)
        ? n <= MOST_TITLE && !amount && !/[.:]$/.test(row)
          ? 8
          : n <= MOST_TITLE && !amount
            ? 3
            : -4
        : NEVER;
  return { title, note, heading, line, step, mark: NEVER };
}

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

/** The kind of each row of a text, in order; empty rows are passed over. What was said of a row is so, and tells its neighbours. */
export function kindsOf(rows: readonly string[], said: SaidRows = {}): RowKind[] {
  let section: 'none' | 'list' | 'steps' | 'notes' = 'none';
  // A title stands first, or behind who wrote it.
  const first = rows.findIndex((row) => !BYLINE.test(row));
  const facts = factsOfRows(rows.map((r) => r.replace(BULLET, '')));
  const scored = rows.map((row, i) => {
    const bare = row.replace(BULLET, '');
    const scores = scoresOf(row, i === first, section);
    // A row of figures of the whole is none of the list, and nothing that is done.
    if (facts[i]) scores.note += FACT;
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
  return kinds.map((kind, i) => {
    const isOven = kind === 'note' && facts[i]?.oven !== undefined && !Object.hasOwn(said, rows[i]!);
    return isOven && isAmidSteps(i) ? 'step' : kind;
  });
}

/** Each row of a text with its kind, in order. */
export function judgedRows(text: string, said: SaidRows = {}): { text: string; kind: RowKind }[] {
  const rows = rowsIn(text);
  return kindsOf(rows, said).map((kind, i) => ({ text: rows[i]!, kind }));
}

/** What stands behind a title, between strokes, and tells of the whole: "Orange cake | serves 10 | prep 20 | cook 1h". */
const BEHIND_TITLE =
  /^(?:(?:makes|serves|yields?|servings?|prep(?:aration)?|cook(?:ing)?|bake|baking|total|active|time|difficulty|rating|level)\b.{0,30}|\d+ (?:servings?|pieces|portions|min|mins|minutes))$/i;
/** What says that a title follows. */
const CALLED = /^(?:recipe|title|name|video)\s*:\s*(?=\S)/i;
function titleOf(row: string): { title: string; notes: string[] } {
  const here = HERE_IS.exec(row)?.[1];
  if (here !== undefined) return { title: here[0]!.toUpperCase() + here.slice(1), notes: [] };
  const [title = '', ...notes] = row.replace(CALLED, '').split(/\s*[|·•]\s*/);
  return notes.length > 0 && notes.every((n) => BEHIND_TITLE.test(n))
    ? { title, notes }
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
/** Whether a text is more than a list: it has steps, and lines with amounts before them. */
export function isWholePaste({ list, method }: PasteRows): boolean {
  // What is as much as each other is several things.
  const thingsIn = (r: string): number =>
    AS_MUCH.test(r)
      ? 2
      : AMOUNT.test(r) || hasAmountInside(r.replace(BULLET, '')) || namedRow(r, referenceMatcher) !== null
        ? 1
        : 0;
  return method.length > 0 && list.reduce((sum, r) => sum + thingsIn(r), 0) >= 2;
}
