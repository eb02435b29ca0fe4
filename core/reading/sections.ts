import { readAmount } from './amount';
import { namesClass, type Section } from './kinds';
import { isSilent, type Matcher } from './match';
import { BULLET, SAID_LINE } from './rows';

/** Text that is taken at most; beyond it the rest is left and said. */
export const MAX_LINES = 500;
const MAX_PARTS = 12;

/** What parts of a bake are called: such a word alone on a line, with two before it at most, is a heading. */
const PART_NAME =
  /^(?:[\p{L}-]+\s){0,2}(?:crust|base|dough|batter|pastry|filling|topping|crumble|streusel|frangipane|glaze|icing|frosting|custard|wash|shell|case|curd|ganache|meringue)$/iu;
export const isHeading = (text: string): boolean =>
  PART_NAME.test(text) ||
  /^(for the|for)\b[^\d]*:?$/i.test(text) ||
  /^[^\d]{2,60}:$/.test(text) ||
  /^ingredients?$/i.test(text);
/** A heading that names nothing: what follows belongs to the main list. */
const isBareHeading = (text: string): boolean => /^(?:the\s+)?ingredients?:?$/i.test(text);
/** Two bowls of one batter are no two parts of a bake. */
const BOWL_OF =
  /^(?:the\s+|for the\s+)?(?:dry|wet|liquid)s?(?:\s+(?:bits|things?|ingredients?|stuff|mix|goods|bowl))?:?$/i;
/** "Syrup: juice of 1 lemon + 100 g icing sugar": a part in one row; what follows is of the part before it. */
const IN_ONE_ROW =
  /^((?:\p{L}+\s){0,2}(?:syrup|glaze|icing|frosting|topping|filling|sauce|drizzle|swirl|wash|streusel|crumble|crust|base))\s*[:–-]\s+(?=.*\d)(.+)$/iu;
const headingName = (text: string): string =>
  text
    .replace(/^for\s+(?:the\s+)?/i, '')
    .replace(/:$/, '')
    .trim()
    .slice(0, 60);
/** Words that parts of a bake are called by, last in their name. */
const NAMES_PART =
  /\b(?:dough|batter|base|cream|sauce|syrup|swirl|sponge|levain|poolish|starter|soaker|top|topping|gel|finish|garnish|dry|wet|mix|layer)$/i;
/** So many words a heading without its colon has at most. */
const MOST_HEADING = 4;

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
  if (next === undefined || readAmount(bare) || !readAmount(next)) return false;
  const words = bare.split(' ').filter((w) => w !== '+' && w !== '&');
  if (words.length > MOST_HEADING || /[,;.!?\d]|\b(?:to|for|of|or|optional)\b/i.test(bare)) return false;
  if (bare === row && mostBulleted) return true;
  if (at === 0) return true;
  const match = matcher.matchWritten(bare, '');
  if (!isSilent(match)) return NAMES_PART.test(bare) || namesClass(words.at(-1)!);
  const stem = bare.toLowerCase().replace(/s$/, '');
  return next.toLowerCase().includes(stem);
}

export function sectionsOf(rows: readonly string[], matcher: Pick<Matcher, 'matchWritten'>): Section[] {
  const sections: Section[] = [];
  const mostBulleted = rows.filter((r) => BULLET.test(r)).length > rows.length / 2;
  const beside: Section[] = [];
  // What there is so far is of the bowls of one batter.
  let inBowls = false;
  let taken = 0;
  for (const [at, row] of rows.entries()) {
    // No more lines are read, so that what follows makes no part.
    if (taken >= MAX_LINES) break;
    // A name with nothing after it names no part: it is a row like others.
    const apart = row.startsWith(SAID_LINE) ? null : IN_ONE_ROW.exec(row.replace(BULLET, ''));
    if (apart && sections.length < MAX_PARTS) {
      beside.push({ name: headingName(apart[1]!), rows: [apart[2]!] });
      taken += 1;
      continue;
    }
    const heading =
      (isHeading(row) && !row.startsWith(SAID_LINE) && (at + 1 < rows.length || /:$/.test(row))) ||
      isBareName(rows, at, mostBulleted, matcher);
    const bare = isBareHeading(row) || (BOWL_OF.test(row) && (sections.length === 0 || inBowls));
    if (heading && bare) inBowls ||= BOWL_OF.test(row);
    if (heading && !bare && sections.length < MAX_PARTS)
      sections.push({ name: headingName(row.replace(BULLET, '')), rows: [] });
    else if (!heading) {
      if (sections.length === 0) sections.push({ name: '', rows: [] });
      sections.at(-1)!.rows.push(row);
      taken += 1;
    }
  }
  return [...sections, ...beside].filter((s) => s.rows.length > 0);
}
