import { ingredientById, type GroupId } from '../ingredients';
import { readAmount } from './amount';
import { BULLET } from './bullet';
import { isSilent, referenceMatcher } from './match';
import { TO_DO } from './kinds';
import { BOWL_OF, namedRow, PART_NAME, STAGE } from './named-row';
import {
  ACT,
  ACT_INSIDE,
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
  OVEN_INSIDE,
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
import { saysWhatItMakes } from './yields';
import { readTrailingAmount } from './trailing';

/** What a row of a pasted text may be: the title, a note, the heading of a part, an ingredient, a step, the mark of a section. */
export const ROW_KINDS = ['title', 'note', 'heading', 'line', 'step', 'mark'] as const;
export type RowKind = (typeof ROW_KINDS)[number];

/** So many words a title has at most: it may say what it makes as well. */
const MOST_TITLE = 15;
const words = (row: string): number => row.split(/\s+/).length;

/** Whether a row has an amount that does not stand first: "butter 200", "Egg — 1". */
export const hasAmountInside = (row: string): boolean =>
  AMOUNT_INSIDE.test(row) ||
  (/^\p{L}/u.test(row) &&
    words(row) <= MOST_WITH_AMOUNT &&
    (readTrailingAmount(row) !== null || readAmount(expandRow(row)[0] ?? '') !== null));
/** In so many words a row is a thing and its amount, and no sentence that ends in a figure. */
const MOST_WITH_AMOUNT = 9;

/** Things that name no part of a bake, and stand without an amount as often as not. */
const SEASONINGS: readonly GroupId[] = ['salt', 'flavour', 'leavener', 'yeast'];
function isSeasoning(row: string): boolean {
  const match = referenceMatcher.match(row);
  const group = isSilent(match) ? ingredientById(match.best!.id)?.group : undefined;
  return group !== undefined && SEASONINGS.includes(group);
}

export type Scores = Record<RowKind, number>;
export const NEVER = -50;

/** So many words are more than a thing and how it is made ready: "2 eggs. Beat lightly." */
const LEAST_TOLD = 7;
/** What is seen of a row, by itself; `section`: the mark that came last. */
type Section = 'none' | 'list' | 'steps' | 'notes';
function seenIn(raw: string, section: Section) {
  const row = raw.replace(BULLET, '');
  const numbered = NUMBERED.test(row);
  const bare = row.replace(NUMBERED, '');
  const timed =
    [TIME_FIRST, SIZE_FIRST, HEAT_FIRST, OVEN_INSIDE].some((is) => is.test(row)) ||
    (words(row) >= LEAST_TOLD && ACT_INSIDE.test(row));
  // A list behind a name is as good as an amount.
  const amount =
    !numbered &&
    !timed &&
    !TO_ONLOOKERS.test(row) &&
    (AMOUNT.test(row) || AS_MUCH.test(row) || namedRow(row, referenceMatcher) !== null);
  // "Butter for greasing" is a thing, not what one does.
  const act =
    ACT.test(bare) && !NO_DEED.test(bare) && !/^\S+ for (?:the )?\S+$/i.test(bare) && !THING_FIRST.test(bare);
  return {
    row,
    section,
    numbered,
    timed,
    amount,
    act,
    bulleted: row !== raw,
    n: words(row),
    sentence: /[.!?]$/.test(row) || /[.!?]\s+[A-Z]/.test(row) || /[a-z)]\. [a-z].*[a-z)]\. [a-z]/.test(row),
    colon: /:$/.test(row),
    shouted: row.length > 3 && row === row.toUpperCase() && /[A-Z]/.test(row),
    inside:
      !amount && !act && !numbered && !BAKES.test(row.replace(/\([^()]*\)/g, ' ')) && hasAmountInside(row),
  };
}
type Seen = ReturnType<typeof seenIn>;

/** What a thing is for, or that it may be left out: no amount is missed there. */
const FOR_USE =
  /\bto taste\b|\bfür die (?:Form|Backform|Arbeitsfläche)\b|\bfor (?:dusting|greasing|brushing|rolling|frying|the (?:tins?|pans?|rings?|tray|griddle|board))\b|\boptional\b|\bon (?:the )?tops?$/i;

const asLine = ({ row, section, amount, inside, bulleted, act, n, sentence, colon }: Seen): number =>
  (amount ? 5 : inside ? 4 : -1) +
  (bulleted && !act ? 1 : 0) +
  (n <= 8 ? 1 : n > 16 ? -2 : 0) +
  (sentence ? -1.5 : 0.5) +
  (FOR_USE.test(row) ? 4 : 0) +
  (act && !amount ? -4 : 0) +
  (n <= 3 && !amount && !colon && isSeasoning(row) ? 3 : 0) +
  (section === 'list' ? 3 : section === 'none' ? 0 : -3);

const asStep = ({ row, section, numbered, act, timed, n, sentence, amount }: Seen): number =>
  (numbered ? 4 : 0) +
  (act || timed ? 4 : 0) +
  (n >= 8 ? 1.5 : 0) +
  (sentence ? 1.5 : 0) +
  (BAKES.test(row) ? 1.5 : 0) +
  (amount ? -4 : 0) +
  (TO_SERVE.test(row) ? 14 : 0) +
  (section === 'steps' ? 4 : section === 'list' ? -1.5 : section === 'notes' && !numbered ? -4 : 0);

/** Said aside, in brackets alone, with nothing to weigh: "(last time too dense!)". */
const ASIDE = /^\([^()\d]+\)[.!]*$/;

const asNote = ({ row, section, sentence, amount, act }: Seen): number =>
  (NOTE_START.test(row) || saysWhatItMakes(row) ? 6 : 0) +
  (ASIDE.test(row) ? 5 : 0) +
  // A note below the list, marked by its star: "*I use one with gum in it".
  (/^\*(?=[\p{L}"“])/u.test(row) && FIRST_PERSON.test(row) ? 8 : 0) +
  (TIMES_ROW.test(row) ? 9 : 0) +
  (!act && /[.!]\s+(?:serves|makes)\s+(?:about\s+)?\d/i.test(row) ? 4 : 0) +
  (CLOSING.test(row) || TO_ONLOOKERS.test(row) ? 14 : 0) +
  (NOTE_MARK.test(row) ? (/^[^:]{1,20}:/.test(row) ? 10 : 5) : 0) +
  // "(my mix: ...)" behind a thing speaks of that thing.
  (FIRST_PERSON.test(row.replace(/\([^()]*\)/g, ' ')) ? 2.5 : 0) +
  (sentence ? 1.5 : 0) +
  (/^https?:|@\p{L}|#\w/u.test(row) ? 4 : 0) +
  (amount ? -2 : 0) +
  (act ? -2 : 0) +
  (section === 'notes' ? 6 : section === 'steps' ? -2 : 0);

const asHeading = ({ row, section, colon, n, amount, inside, sentence, shouted, act, timed }: Seen): number =>
  (colon && n <= 7 && !amount ? 6 : 0) +
  (/^for (?:the|your) /i.test(row) && n <= 8 && !sentence ? 6 : 0) +
  (shouted && n <= 5 && !amount ? 4 : 0) +
  (n <= 3 && !amount && !sentence && !act && !timed ? 1.5 : 0) +
  (BOWL_OF.test(row) ? 4 : 0) +
  (STAGE.test(row) || TO_DO.test(row) ? 12 : 0) +
  (PART_NAME.test(row) && !act ? 3 : 0) +
  (amount || inside || n > 8 ? -6 : 0) +
  (section === 'steps' || section === 'notes' ? -2 : 0);

/** What it makes, and no name of it. */
const ONLY_MAKES = /^(?:makes|serves|yields?)\b.*\d|^(?:makes|serves|yields?) (?:an?|one|two)\b/i;
/** `first`: nothing stands before it. */
function asTitle({ row, n, amount }: Seen, first: boolean): number {
  if (!first) return NEVER;
  if (HERE_IS.test(row)) return 14;
  if (BYLINE.test(row) || ONLY_MAKES.test(row)) return NEVER;
  if (n > MOST_TITLE || amount) return -4;
  return /[.:]$/.test(row) ? 3 : 8;
}

/** How well a row fits each kind, by itself. */
export function scoresOf(raw: string, first: boolean, section: Section): Scores {
  const seen = seenIn(raw, section);
  if (markOf(seen.row)) return { title: NEVER, note: 0, heading: NEVER, line: NEVER, step: NEVER, mark: 20 };
  return {
    title: asTitle(seen, first),
    note: asNote(seen),
    heading: asHeading(seen),
    line: asLine(seen),
    step: asStep(seen),
    mark: NEVER,
  };
}
