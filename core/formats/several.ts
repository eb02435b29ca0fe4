import type { PageRecipe } from './recipe';

/** A formula out of a pasted text, in the pieces it is read by. */
export type PastedFormula = PageRecipe & { oven: string };

/** A line that parts two formulas: a rule of its own, or a title marked as one. */
const RULE = /^\s*([-=*_~])(\s*\1){2,}\s*$/;
const MARKS = /^\s*(#{1,6})\s+(?=\S)/;
/** What a row marked with "#" says, and by how many; marks may stand after it too. Null where it is not marked. */
function markedIn(row: string): { depth: number; said: string } | null {
  const m = MARKS.exec(row);
  if (!m) return null;
  let end = row.length;
  while (end > m[0].length && /[\s#]/.test(row[end - 1]!)) end -= 1;
  return end > m[0].length ? { depth: m[1]!.length, said: row.slice(m[0].length, end) } : null;
}
const titleIn = (row: string): string | null => {
  const marked = markedIn(row);
  return marked?.depth === 1 ? marked.said : null;
};
const headingIn = (row: string): string | null => {
  const marked = markedIn(row);
  return marked && marked.depth > 1 ? marked.said : null;
};
/** Words over the ingredients, and over the steps; with a colon, a heading's marks, or alone on a line. */
const INGREDIENTS_HEAD = /^(?:ingredients?|weigh|you need|what you need)$/i;
const METHOD_HEAD =
  /^(?:method|directions?|instructions?|preparation|steps|procedure|how to make it|to make)$/i;
/** Heat, or a time and nothing after it: a sentence of the method goes on. */
const SAYS_OVEN = /\d\s*°?\s*[CF]\b|\bgas\b|\bmin$/i;
const BAKE_LINE = /^\s*(?:[-*•]\s*)?(?:bake|oven)\s*:\s*(.+)$/i;
/** What a list is marked by; a number counts as a mark only in the method. */
const BULLET = /^\s*(?:[-*•]|\[[ x]?\])\s+/i;
/** Fewer amounts than this are no formula. */
const LEAST_AMOUNTS = 2;
const MOST_FORMULAS = 60;
const MOST_TITLE = 200;

const headOf = (row: string): string =>
  (headingIn(row) ?? row)
    .trim()
    .replace(/^\*\*|\*\*$/g, '')
    .replace(/:$/, '')
    .trim();

/** Where each formula begins: at a marked title, or after a rule. */
function blocksOf(rows: readonly string[]): string[][] {
  const blocks: string[][] = [[]];
  for (const row of rows) {
    if (RULE.test(row)) blocks.push([]);
    else if (titleIn(row) !== null && blocks.at(-1)!.some((r) => r.trim() !== '')) blocks.push([row]);
    else blocks.at(-1)!.push(row);
  }
  return blocks.filter((b) => b.some((r) => r.trim() !== ''));
}

/** A first line is a title where it names no amount and something follows it. */
const looksTitled = (row: string, next: string | undefined): boolean =>
  next !== undefined &&
  !/\d|½|¼|¾|⅓|⅔|:$/.test(row) &&
  !INGREDIENTS_HEAD.test(headOf(row)) &&
  !BULLET.test(row);

function formulaOf(block: readonly string[]): PastedFormula {
  const rows = block.map((r) => r.trimEnd()).filter((r) => r.trim() !== '');
  const marked = titleIn(rows[0] ?? '');
  const title = marked ?? (rows[0] !== undefined && looksTitled(rows[0], rows[1]) ? rows[0].trim() : '');
  const rest = title === '' ? rows : rows.slice(1);
  const text: string[] = [];
  const method: string[] = [];
  let oven = '';
  let inMethod = false;
  // Where the ingredients are marked as a list, what stands between them is prose and no ingredient.
  const listed = rest.filter((r) => BULLET.test(r)).length >= LEAST_AMOUNTS;
  for (const row of rest) {
    const head = headOf(row);
    const bake = BAKE_LINE.exec(row);
    if (METHOD_HEAD.test(head)) inMethod = true;
    else if (INGREDIENTS_HEAD.test(head)) inMethod = false;
    else if (bake && SAYS_OVEN.test(bake[1]!)) oven = bake[1]!.trim();
    else if (headingIn(row) !== null) {
      inMethod = false;
      text.push(/^for /i.test(head) ? `${head}:` : `For the ${head.toLowerCase()}:`);
    } else if (inMethod) method.push(row.replace(BULLET, '').trim());
    else if (!listed || BULLET.test(row)) text.push(row.replace(BULLET, '').trim());
  }
  return {
    title: title.slice(0, MOST_TITLE),
    text: text.join('\n'),
    method: method.join('\n'),
    oven,
    time: oven,
    yield: '',
  };
}

/** A row that begins with an amount, and is no numbered step. */
const AMOUNT = /^\s*(?:\d|½|¼|¾|⅓|⅔|⅛)/;
const STEP = /^\s*\d{1,2}[.)]\s/;
const isFormula = (f: PastedFormula): boolean =>
  f.text.split('\n').filter((r) => AMOUNT.test(r) && !STEP.test(r)).length >= LEAST_AMOUNTS;

/**
 * The formulas of a text: parted by a line of dashes or the like, or by titles marked with "#". A text without either is
 * one formula, and so is read as it stands: null. At most 60. What has no two amounts is no formula of its own: it goes
 * to the method of the one before, for a rule may also part a method from its ingredients.
 */
export function formulasIn(text: string): PastedFormula[] | null {
  // Long stretches of white say nothing, and every pattern would look through them again and again.
  const rows = text.split(/\r?\n/).map((r) => r.replace(/\s+/g, ' '));
  if (!rows.some((r) => RULE.test(r) || titleIn(r) !== null)) return null;
  const found: PastedFormula[] = [];
  for (const block of blocksOf(rows)) {
    const one = formulaOf(block);
    const before = found.at(-1);
    if (isFormula(one)) found.push(one);
    else if (before) {
      before.method = [before.method, one.title, one.text, one.method].filter(Boolean).join('\n');
      before.oven ||= one.oven;
      before.time ||= one.time;
    }
  }
  return found.length > 0 ? found.slice(0, MOST_FORMULAS) : null;
}
