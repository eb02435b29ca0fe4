import { readAmount } from './amount';
import { namesClass, TO_DO, type Section } from './kinds';
import { ingredientById } from '../ingredients';
import { isSilent, type Matcher } from './match';
import { BOWL_OF, headingName, namedRow, NAMES_PART, PART_NAME, STAGE } from './named-row';
import { BULLET, SAID_LINE } from './bullet';
import { expandRow } from './things';

/** Text that is taken at most; beyond it the rest is left and said. */
export const MAX_LINES = 500;
const MAX_PARTS = 12;

/** "Für eine Kastenform (25 cm):" says what the list is for, and names no part. */
const FOR_A_TIN_DE = /^für\s+(?:eine?n?\s+)?\p{L}*(?:form|blech)\b.*:$/iu;
export const isHeading = (text: string): boolean =>
  PART_NAME.test(text) ||
  /^(for the|for)\b[^\d]*:?$/i.test(text) ||
  // What is said beside the name may have figures: "Levain (8-12 h at 24C):".
  /^[^\d()]{2,60}(?:\([^()]{1,40}\))?\s*:$/.test(text) ||
  /^[^\d]{2,60}:$/.test(text) ||
  /^ingredients?$/i.test(text) ||
  (STAGE.test(text) && text.endsWith(':')) ||
  TO_DO.test(text) ||
  FOR_A_TIN_DE.test(text);
/** A heading that names nothing: what follows belongs to the main list. */
const isBareHeading = (text: string): boolean =>
  /^(?:the\s+)?ingredients?:?$/i.test(text) || FOR_A_TIN_DE.test(text);
/** So many words a heading without its colon has at most. */
const MOST_HEADING = 4;

/** A part that goes in whole, and as much as something is large, are rows of the list. */
const NO_NAME = /^all\b|\bsize of\b/i;

/**
 * A heading without a colon: a few words without an amount before a row that has one. What names an ingredient is one only
 * where it stands first, has no bullet among rows that do, or names what follows ("Apples", then "3 lb tart apples").
 */
function isBareName(
  rows: readonly string[],
  at: number,
  mostBulleted: boolean,
  matcher: Pick<Matcher, 'matchWritten'>,
): boolean {
  const row = rows[at]!;
  if (row.startsWith(SAID_LINE)) return false;
  const next = rows[at + 1]?.replace(BULLET, '');
  const bare = row.replace(BULLET, '');
  if (next === undefined || readAmount(expandRow(bare)[0] ?? bare) || !readAmount(next) || NO_NAME.test(bare))
    return false;
  const words = bare.split(' ').filter((w) => w !== '+' && w !== '&');
  if (words.length > MOST_HEADING || /[,;.!?\d]|\b(?:to|for|of|or|optional)\b/i.test(bare)) return false;
  if ((bare === row && mostBulleted) || BOWL_OF.test(bare)) return true;
  if (at === 0) return true;
  const match = matcher.matchWritten(bare, '');
  if (!isSilent(match)) return NAMES_PART.test(bare) || namesClass(words.at(-1)!);
  // "Toffee sauce" is bought, or made of what follows; soy sauce is never made of eggs.
  const after = rows[at + 2]?.replace(BULLET, '');
  if (NAMES_PART.test(bare) && words.length > 1 && after !== undefined && readAmount(after))
    return ingredientById(match.best!.id)?.group === 'syrup';
  const stem = bare.toLowerCase().replace(/s$/, '');
  return next.toLowerCase().includes(stem);
}

export function sectionsOf(rows: readonly string[], matcher: Pick<Matcher, 'matchWritten'>): Section[] {
  const sections: Section[] = [];
  const mostBulleted = rows.filter((r) => BULLET.test(r)).length > rows.length / 2;
  /** Parts that stand in one row each: what follows is of the part before them, or of none that has a name. */
  const inRow = new Set<Section>();
  const open = (): Section => {
    const last = sections.findLast((s) => !inRow.has(s));
    if (last) return last;
    const unnamed = { name: '', rows: [] };
    sections.push(unnamed);
    return unnamed;
  };
  // What there is so far is of the bowls of one batter.
  let inBowls = false;
  let taken = 0;
  for (const [at, row] of rows.entries()) {
    // No more lines are read, so that what follows makes no part.
    if (taken >= MAX_LINES) break;
    // "Syrup: juice of 1 lemon + 100 g icing sugar" is a part in one row.
    const named = row.startsWith(SAID_LINE) ? null : namedRow(row.replace(BULLET, ''), matcher);
    if (named) {
      if (named.isPart && sections.length < MAX_PARTS) {
        const part = { name: named.name, rows: named.things };
        sections.push(part);
        inRow.add(part);
      } else open().rows.push(...named.things);
      taken += named.things.length;
      continue;
    }
    // A name with nothing after it names no part: it is a row like others.
    const heading =
      (isHeading(row) && !row.startsWith(SAID_LINE) && (at + 1 < rows.length || /:$/.test(row))) ||
      isBareName(rows, at, mostBulleted, matcher);
    const bare = isBareHeading(row) || (BOWL_OF.test(row) && (sections.length === 0 || inBowls));
    if (heading && bare) inBowls ||= BOWL_OF.test(row);
    if (heading && !bare && sections.length < MAX_PARTS)
      sections.push({ name: headingName(row.replace(BULLET, '')), rows: [] });
    else if (!heading) {
      open().rows.push(row);
      taken += 1;
    }
  }
  return sections.filter((s) => s.rows.length > 0);
}
