import type { ClassId } from '../classes';
import { msg } from '../explain';
import { massOf, type Formula, type Part, totalMassG } from '../formula';
import { idOf, ingredientById, type Ingredient, type Lookup } from '../ingredients';
import { readSteps } from '../method';
import { US_MEASURES, type Measures } from '../units';
import { readBake, type BakeIssue } from './bake';
import { checkBatch, checkShares, likelier } from './checks';
import { eggsOf } from './country';
import { expandRow, readLineWith, type ReadContext, type ReadLine } from './line';
import { readAmount } from './amount';
import { isSilent, referenceMatcher } from './match';
import { isWholePaste, rowsOf, undecorated } from './rows';
import { markBeside } from './beside';
import { readTin, readYield } from './tin';

/** Text that is taken at most; beyond it the rest is left and said. */
export const MAX_LINES = 500;
const MAX_PARTS = 12;

export type ReadInput = {
  text: string;
  title?: string;
  method?: string;
  oven?: string;
  time?: string;
  classId?: ClassId;
  measures?: Measures;
};
export type ReadResult = { formula: Formula; lines: ReadLine[]; issues: BakeIssue[] };

/** Reading by the reference ingredients alone. */
export const referenceContext: ReadContext = {
  measures: US_MEASURES,
  matcher: referenceMatcher,
  ingredient: ingredientById,
};

/** Reads one line by the reference ingredients. */
export const readLine = (written: string, id: string, measures: Measures = US_MEASURES): ReadLine =>
  readLineWith(written, id, { ...referenceContext, measures }, expandRow(written)[0]);

/** Words of titles and headings that tell the kind of bake, the more telling first. */
const CLASS_NAMES: [RegExp, ClassId][] = [
  [/\b(wash|for brushing)\b/i, 'wash'],
  [/\b(glaze|icing|frosting|drizzle|caramel|syrup)\b/i, 'glaze'],
  [/\b(crumble|crumb|streusel|topping|top)\b/i, 'crumb'],
  [/\bfrangipane\b/i, 'frangipane'],
  [
    /\b(pastry cream|starch[- ]set|pudding|vanilla cream|blancmange|(?:chocolate|vanilla|lemon|coffee) pots?)\b/i,
    'starch_set',
  ],
  [/\b(custards?|quiche filling|royale|curd|flan|crème caramel|baked cheesecake)\b/i, 'egg_custard'],
  [/\b(cheesecake|mousse|ganache)\b/i, 'uncooked_set'],
  [
    /\b(filling|set fruit|compote|fruits?|(?:apples?|pears?|plums?|cherries|berries|rhubarb|peaches|apricots|quinces?)$)/i,
    'fruit_filling',
  ],
  [/\b(puff|flaky|laminated|croissant|rough puff|galette)\b/i, 'flaky'],
  [/\b(press[- ]in|cheesecake base)\b/i, 'press_in'],
  [/\b(shortcrust|pie crust|tart shell|shell|case|crust|pastry|tart|tartlets?|pie)\b/i, 'shortcrust'],
  [/\b(choux|profiteroles?|popovers?|[eé]clairs?|(?:cream|cheese) puffs?|goug[eè]res?)\b/i, 'choux'],
  [/\b(meringue|sponge|chiffon|angel|genoise|swiss roll)\b/i, 'foam_cake'],
  [/\b(brownies?|blondies?)\b/i, 'brownie'],
  [/\b(pancakes?|crêpes?|crepes?|waffles?|griddle cakes?|blini)\b/i, 'pancake'],
  [/\b(muffins?|cupcakes?)\b/i, 'muffin'],
  [
    /\b(crackers?|crispbreads?|oatcakes?|(?:cheese|cheddar|parmesan|seed|rye) (?:snaps|thins|biscuits))\b/i,
    'cracker',
  ],
  [/\b(cookies?|biscuits?|shortbread|bars?|gingerbread|snaps|thins|macaroons?|amaretti)\b/i, 'cookie'],
  [/\b(soda bread|quick loaf|banana bread|scones?)\b/i, 'soda_bread'],
  [/\b(bagels?|boiled rings?|pretzels?)\b/i, 'boiled_ring'],
  [/\b(baguettes?|ficelles?)\b/i, 'baguette'],
  [/\b(flatbreads?|wraps?|tortillas?|pitas?|naan|pizza)\b/i, 'flatbread'],
  [/\b(crown|brioche|braid|plait|cinnamon rolls?|stollen|babka|enriched)\b/i, 'enriched'],
  [/\b(buns?|rolls?)\b/i, 'bun'],
  [/\b(seed(?:ed)? (?:loaf|slab|bread|brick)|life loaf)\b/i, 'seed_loaf'],
  [/\b(levain|boule|free-?form|round loaf|gel loaf|round)\b/i, 'gel_loaf'],
];
const NEEDS_YEAST: readonly ClassId[] = ['enriched', 'bun', 'gel_loaf', 'baguette', 'boiled_ring'];

/** What a title is of: what follows "with" or a comma speaks of something else. */
const headOf = (title: string): string =>
  title.split(/\s+(?:with|w\/|without|for|in|on)\s|,|\(/i)[0] ?? title;

/** The class that a name tells of: English puts what a thing is last, so the word nearest to the end counts. */
function classNamed(name: string, fits: (id: ClassId) => boolean): ClassId | undefined {
  let best: { at: number; id: ClassId } | undefined;
  for (const [is, id] of CLASS_NAMES) {
    if (!fits(id)) continue;
    for (const m of name.matchAll(new RegExp(is.source, `g${is.flags}`))) {
      const at = m.index + m[0].length;
      // Of two that end at one place the more telling, which stands first, is kept.
      if (!best || at > best.at) best = { at, id };
    }
  }
  return best?.id;
}

/** The class a formula most likely belongs to: by what it is called and what lifts it. The baker can say otherwise. */
export function guessClass(title: string, ingredients: readonly Ingredient[]): ClassId {
  if (/\bwash\b/i.test(title)) return 'wash';
  const yeasted = ingredients.some((i) => i.group === 'yeast' || i.group === 'starter');
  const lifted = ingredients.some((i) => i.group === 'leavener');
  const fits = (id: ClassId): boolean => yeasted || !lifted || !NEEDS_YEAST.includes(id);
  const head = headOf(title);
  // A loaf or a cake is one, whatever lies on it.
  const told = /\b(?:loaf|bread|cake)\b/i.test(head);
  const named = classNamed(head, fits) ?? (told ? undefined : classNamed(title, fits));
  const eggs = ingredients.some((i) => i.group === 'egg');
  // What is set with eggs is a custard, whatever it is called.
  if (
    eggs &&
    ((named === 'uncooked_set' && /cheesecake/i.test(title)) || named === 'fruit_filling') &&
    !yeasted
  )
    return 'egg_custard';
  // A topping of fruit is no crumb: that has flour in it.
  if (named === 'crumb' && ingredients.some((i) => i.group === 'fruit') && !ingredients.some((i) => i.flour))
    return 'fruit_filling';
  // "Fruit bread": the fruit is in the bread.
  if (named && !(told && named === 'fruit_filling')) return named;
  if (
    yeasted &&
    eggs &&
    !/\bloaf\b/i.test(head) &&
    ingredients.some((i) => i.group === 'fat_firm' || i.id === 'butter')
  )
    return 'enriched';
  if (yeasted) return 'yeast_loaf';
  if (/\b(loaf|bread)\b/i.test(title)) return lifted ? 'soda_bread' : 'yeast_loaf';
  return 'batter';
}

/** What parts of a bake are called: such a word alone on a line, with two before it at most, is a heading. */
const PART_NAME =
  /^(?:[\p{L}-]+\s){0,2}(?:crust|base|dough|batter|pastry|filling|topping|crumble|streusel|frangipane|glaze|icing|frosting|custard|wash|shell|case|curd|ganache|meringue)$/iu;
const isHeading = (text: string): boolean =>
  PART_NAME.test(text) ||
  /^(for the|for)\b[^\d]*:?$/i.test(text) ||
  /^[^\d]{2,60}:$/.test(text) ||
  /^ingredients?$/i.test(text);
/** Water that is boiled in and poured away: no dough, whatever is in it. */
const BATH = /\b(?:bath|boiling|for boiling|poaching)\b/i;
/** A heading that names nothing: what follows belongs to the main list. */
const isBareHeading = (text: string): boolean => /^(?:the\s+)?ingredients?:?$/i.test(text);
const headingName = (text: string): string =>
  text
    .replace(/^for\s+(?:the\s+)?/i, '')
    .replace(/:$/, '')
    .trim()
    .slice(0, 60);
/** "Makes 12" and the like stand in many lists and are no ingredient. */
const isNote = (text: string): boolean => /^(?:makes|serves|yields?|servings?)\b/i.test(text);

type Section = { name: string; rows: string[] };

/** A crust of what was baked before: crushed biscuits, crumbs. */
const isOfCrumbs = ({ name, rows }: Section): boolean =>
  /\b(?:crust|shell|case|base)\b/i.test(name) &&
  rows.some(
    (r) =>
      /\b(?:biscuits?|cookies?|crackers?|crumbs)\b/i.test(r) &&
      /\b(?:crush(?:ed)?|crumbs|ground|blitzed)\b/i.test(r),
  );

const BULLETED = /^(?:[-*•·–—▢☐✓]|\[[ x]?\])\s+/;
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
  matcher: ReadContext['matcher'],
): boolean {
  const row = rows[at]!;
  const next = rows[at + 1]?.replace(BULLETED, '');
  const bare = row.replace(BULLETED, '');
  if (next === undefined || readAmount(bare) || !readAmount(next)) return false;
  const words = bare.split(' ').filter((w) => w !== '+' && w !== '&');
  if (words.length > MOST_HEADING || /[,;.!?\d]|\b(?:to|for|of|or|optional)\b/i.test(bare)) return false;
  if (bare === row && mostBulleted) return true;
  if (at === 0) return true;
  const match = matcher.matchWritten(bare, '');
  if (!isSilent(match)) return NAMES_PART.test(bare) || CLASS_NAMES.some(([is]) => is.test(words.at(-1)!));
  const stem = bare.toLowerCase().replace(/s$/, '');
  return next.toLowerCase().includes(stem);
}

function sectionsOf(rows: readonly string[], matcher: ReadContext['matcher']): Section[] {
  const sections: Section[] = [];
  const mostBulleted = rows.filter((r) => BULLETED.test(r)).length > rows.length / 2;
  let taken = 0;
  for (const [at, row] of rows.entries()) {
    // No more lines are read, so that what follows makes no part.
    if (taken >= MAX_LINES) break;
    // A name with nothing after it names no part: it is a row like others.
    const heading =
      (isHeading(row) && (at + 1 < rows.length || /:$/.test(row))) ||
      isBareName(rows, at, mostBulleted, matcher);
    if (heading && !isBareHeading(row) && sections.length < MAX_PARTS)
      sections.push({ name: headingName(row.replace(BULLETED, '')), rows: [] });
    else if (!heading) {
      if (sections.length === 0) sections.push({ name: '', rows: [] });
      sections.at(-1)!.rows.push(row);
      taken += 1;
    }
  }
  return sections.filter((s) => s.rows.length > 0);
}

const lookupIn =
  (context: ReadContext): Lookup =>
  (item) => {
    const id = idOf(item);
    return id === null ? null : context.ingredient(id);
  };

function ingredientsIn(part: Pick<Part, 'lines'>, context: ReadContext): Ingredient[] {
  const lookup = lookupIn(context);
  return part.lines.map((l) => lookup(l.item)).filter((i) => i !== null);
}

/** Adds to each line what only the whole formula can tell: which of two amounts is likelier, shares far from the usual. */
function checkLines(parts: readonly Part[], lines: readonly ReadLine[], context: ReadContext): void {
  const byId = new Map(lines.map((l) => [l.line.id, l]));
  const lookup = lookupIn(context);
  for (const part of parts) {
    const totalG = totalMassG(part.lines);
    for (const line of part.lines) {
      const read = byId.get(line.id)!;
      const slip = read.issues.find((i) => i.code === 'amount.disagree');
      if (!slip || read.rivalG === undefined) continue;
      const { better, why } = likelier(massOf(line), read.rivalG, totalG - massOf(line));
      slip.args = { ...slip.args, ...(better && why ? { better, why } : {}) };
    }
    for (const { lineId, issue, fixes } of checkShares(part, lookup)) {
      const read = byId.get(lineId)!;
      if (read.issues.some((i) => i.code === 'amount.disagree')) continue;
      read.issues.push({ ...issue, lineId, ...(fixes.length > 0 ? { fixes } : {}) });
    }
  }
}

/** A row without long stretches of white, which say nothing and which every pattern would look through again. */
const narrowed = (row: string): string => undecorated(row.replace(/\s+/g, ' ').trim());

/**
 * Reads a formula as found anywhere. Every line is kept: what could not be read is marked, never dropped.
 * Headings make parts. Problems of the whole come as `issues`, those of a line with the line.
 */
export function readFormula(asked: ReadInput, given: ReadContext = referenceContext): ReadResult {
  const stated = eggsOf([asked.text, asked.method ?? '', asked.oven ?? ''].join('\n'));
  const measures = asked.measures ?? given.measures;
  // The text's own country goes before the kitchen's: whoever wrote it broke their own eggs.
  const context = { ...given, measures: stated ? { ...measures, eggs: stated } : measures };
  // One box may hold it all: title, list, method and notes are told apart where no method is given beside.
  const apart = (asked.method ?? '').trim() === '' ? rowsOf(asked.text) : null;
  const whole = apart && isWholePaste(apart) ? apart : null;
  const input: ReadInput = whole
    ? {
        ...asked,
        title: (asked.title ?? '').trim() || whole.title,
        text: whole.list.join('\n'),
        method: whole.method.join('\n'),
      }
    : asked;
  const issues: BakeIssue[] = [];
  const rows = input.text.split(/\r?\n/).map(narrowed).filter(Boolean);
  const notes = [...rows.filter(isNote), ...(whole?.notes ?? [])];
  const wanted = rows.filter((r) => !isNote(r));
  const counted = wanted.filter((r) => !isHeading(r)).length;
  if (counted === 0) issues.push(msg('read.empty'));
  if (counted > MAX_LINES) issues.push(msg('read.tooManyLines', { max: MAX_LINES, given: counted }));

  const title = (input.title ?? '').trim().slice(0, 200);
  const lines: ReadLine[] = [];
  const parts: Part[] = [];
  for (const section of sectionsOf(wanted, context.matcher)) {
    const own: ReadLine[] = [];
    for (const row of section.rows) {
      for (const single of expandRow(row)) {
        if (lines.length + own.length >= MAX_LINES) break;
        own.push(readLineWith(row, `l${lines.length + own.length + 1}`, context, single));
      }
    }
    if (own.length === 0) continue;
    if (BATH.test(section.name)) for (const { line } of own) line.role = 'bath';
    lines.push(...own);
    const part: Part = {
      id: `p${parts.length + 1}`,
      name: section.name,
      classId: 'batter',
      lines: own.map((l) => l.line),
    };
    const within = ingredientsIn(part, context);
    const byName = guessClass(section.name, within);
    // A named part goes by its name where that tells something, else by the title; the baker's word is for the first.
    part.classId =
      parts.length === 0 && input.classId
        ? input.classId
        : (/\bbase$/i.test(section.name) || isOfCrumbs(section)) && !within.some((i) => i.group === 'yeast')
          ? 'press_in'
          : section.name !== '' && CLASS_NAMES.some(([is]) => is.test(section.name))
            ? byName
            : guessClass(title, within);
    parts.push(part);
  }
  if (parts.length === 0)
    parts.push({ id: 'p1', name: '', classId: input.classId ?? guessClass(title, []), lines: [] });
  const method = (input.method ?? '').split(/\r?\n/).map(narrowed).join('\n');
  markBeside(lines, method);
  checkLines(parts, lines, context);
  const { bake, issues: bakeIssues } = readBake(
    narrowed(input.oven ?? ''),
    narrowed(input.time ?? ''),
    method,
  );
  issues.push(...bakeIssues);
  const all = ingredientsIn({ lines: lines.map((l) => l.line) }, context);
  if (counted > 0 && !all.some((i) => i.flour)) issues.push(msg('read.noFlour'));
  const yields = readYield([...notes, method, title].join('\n')) ?? undefined;
  const tin = readTin([title, method].join('\n')) ?? undefined;
  issues.push(...checkBatch(parts, yields, tin, lookupIn(context)));
  const formula: Formula = {
    schema: 1,
    title,
    parts,
    method: readSteps(method),
    ...(yields ? { yield: yields } : {}),
    ...(bake ? { bake } : {}),
    ...(tin ? { tin } : {}),
    avoids: [],
    originalText: asked.text.slice(0, 50_000),
  };
  return { formula, lines, issues };
}
