import type { ClassId } from '../classes';
import { msg } from '../explain';
import { massOf, type Formula, type Part, totalMassG } from '../formula';
import { idOf, ingredientById, type Ingredient, type Lookup } from '../ingredients';
import { readSteps } from '../method';
import { US_MEASURES, type Measures, type TextMeasures } from '../units';
import { readAmount } from './amount';
import { readBake, type BakeIssue } from './bake';
import { checkBatch, checkShares, likelier } from './checks';
import { eggsOf, pintsOf } from './country';
import { readLineWith, type ReadContext, type ReadLine } from './line';
import { linkMethod } from './actions';
import { stepsWithoutFacts, withoutFacts, type Facts } from './facts';
import { withUptake } from './uptake';
import { kindsOfParts } from './evidence';
import { referenceMatcher } from './match';
import { FINISH } from './kinds';
import { BATH, namedRow } from './named-row';
import { BULLET, SAID_LINE } from './bullet';
import { percentList } from './percent';
import { isNote } from './notes';
import { isWholePaste, rowsOf, type SaidRows } from './rows';
import { undecorated } from './row-text';
import { finishOf, markBeside, ON_TOP, strewByHand } from './beside';
import { sharedOut, type AsMuch } from './shared-out';
import { isHeading, MAX_LINES, sectionsOf } from './sections';
import { expandRow } from './things';
import { isShapeGuessed, readTin, tinOfTitle } from './tin';
import { readYield } from './yields';
import { unfolded } from './unfold';

export type ReadInput = {
  text: string;
  title?: string;
  method?: string;
  oven?: string;
  time?: string;
  classId?: ClassId;
  /** What the baker said of rows of one paste, by their words. */
  rows?: SaidRows;
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
export const readLine = (written: string, id: string, measures: TextMeasures = US_MEASURES): ReadLine =>
  readLineWith(written, id, { ...referenceContext, measures }, expandRow(written)[0]);

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

/** The kitchen's measures, but for what the text says of its own: whoever wrote it broke their own eggs. */
function measuresIn({ text, method, oven, measures }: ReadInput, given: ReadContext): TextMeasures {
  const said = [text, method ?? '', oven ?? ''].join('\n');
  const stated = eggsOf(said);
  const pints = pintsOf(said);
  return {
    ...(measures ?? given.measures),
    ...(stated ? { eggs: stated } : {}),
    ...(pints ? { pints } : {}),
  };
}

/** What was given, with title, list, method and notes told apart where one box holds it all. */
function parted(asked: ReadInput): { input: ReadInput; notes: string[]; isWhole: boolean } {
  const apart = (asked.method ?? '').trim() === '' ? rowsOf(asked.text, asked.rows) : null;
  if (!apart || !(asked.rows || isWholePaste(apart))) return { input: asked, notes: [], isWhole: false };
  const input = {
    ...asked,
    title: (asked.title ?? '').trim() || apart.title,
    text: apart.list.join('\n'),
    method: apart.method.join('\n'),
  };
  return { input, notes: apart.notes, isWhole: true };
}

/** The name of a part without what its heading says beside: "Levain (night before)". */
const bareName = (name: string): string =>
  name
    .replace(/\([^()]*\)/g, ' ')
    .trim()
    .toLowerCase();

/** Whether a row only names a part that was made before: "all the levain". What is in it stands there. */
function isOfPart(row: string, before: readonly Part[]): boolean {
  const named =
    /^(?:all\s+(?:of\s+)?(?:the\s+)?|the\s+)([\p{L}\d\s]{3,30}?)(?:\s+(?:from\s+)?above)?(?:\s*\([^()]*\))?$/iu.exec(
      row.replace(BULLET, '').trim(),
    )?.[1];
  return named !== undefined && before.some((p) => bareName(p.name) === bareName(named));
}

/** A thing and a number behind or before it, with no unit. */
const BARE_NUMBER =
  /^(?:\p{L}[\p{L} .'’-]*(?:\([^()\d]*\))?\s\d{1,4}(?:[.,]\d+)?|\d{1,4}(?:[.,]\d+)?\s\p{L}[\p{L} '’-]*)(?:\s*\([^()]*\))?$/u;
/** A row that says its grams. */
const GRAMS = /\d\s?g\b/;
/** So many such rows are a list that was weighed in grams throughout; fewer are, where others say so. */
const LEAST_BARE = 3;
/** Whether a row has a number and no unit. */
const isUnitless = (row: string): boolean =>
  BARE_NUMBER.test(row) && (readAmount(row)?.reading.unit ?? 'piece') === 'piece';
/** Two figures are none that one counts by. */
const isBareRow = (row: string): boolean => /\d{2}/.test(row) && isUnitless(row);
/** From so many on things are weighed in such a list: "olives 60". */
const MOST_COUNTED = 20;
/** From so many on a weight of more than this is odd, g: nobody puts ten lemons into a pastry. */
const ODD = { count: 6, massG: 400 } as const;
/** Of flavours those are counted that are told so: "vanilla pods 2", and not "vanilla bean paste 6". */
const COUNTED =
  /\b(?:pods?|cloves?|sticks?|lea(?:f|ves)|sprigs?|stalks?|star|chill?i\w*|beans?(?! paste))\b/i;
function isOddlyMany({ line }: ReadLine, count: number, row: string, { ingredient }: ReadContext): boolean {
  const group = ingredient(idOf(line.item) ?? '')?.group;
  if (count < ODD.count || group === undefined || group === 'egg') return false;
  return (line.amount.massG?.value ?? 0) > ODD.massG || (group === 'flavour' && !COUNTED.test(row));
}
/** A row read in grams where no piece of it is known, or nobody counts so many, its number has no unit, and the list around it has none either: "salt 8". */
function inGrams(read: ReadLine, row: string, id: string, context: ReadContext): ReadLine {
  const [first] = read.line.amount.reading;
  const isMany =
    first?.unit === 'piece' &&
    (first.qty[0] >= MOST_COUNTED || isOddlyMany(read, first.qty[0], row, context));
  if ((!isMany && read.issues.every((i) => i.code !== 'amount.noMeasure')) || !isUnitless(row)) return read;
  const again = readLineWith(
    /^\d/.test(row) ? row.replace(/^(\S+)/, '$1 g') : row.replace(/(\d)(?=\s*(?:\([^()]*\))?$)/, '$1 g'),
    id,
    context,
  );
  const g = again.line.amount.massG?.value;
  if (g === undefined) return read;
  const { written } = read.line.amount;
  const line = { ...again.line, amount: { ...again.line.amount, written } };
  return { ...again, line, issues: [...again.issues, { ...msg('amount.bareGrams', { g }), lineId: id }] };
}

/** How much there is of the line before, for one that is as much. */
const beforeIt = (read: ReadLine | undefined, { ingredient }: ReadContext): AsMuch => ({
  massG: read?.line.amount.massG?.value,
  densityGMl: ingredient(idOf(read?.line.item ?? { kind: 'unknown', text: '' }) ?? '')?.densityGMl?.value,
});
/** The lines of a list under their headings, each heading a part. */
function partsOf(rows: string[], context: ReadContext): { parts: Part[]; lines: ReadLine[] } {
  const lines: ReadLine[] = [];
  const parts: Part[] = [];
  const bare = rows.filter((r) => isBareRow(r.replace(BULLET, ''))).length;
  const isBare = bare >= LEAST_BARE || (bare > 0 && rows.some((r) => GRAMS.test(r)));
  for (const section of sectionsOf(rows, context.matcher)) {
    const own: ReadLine[] = [];
    for (const said of section.rows) {
      if (isOfPart(said, parts)) continue;
      const row = said.replace(SAID_LINE, '');
      for (const single of sharedOut(row, beforeIt(own.at(-1), context)).flatMap(expandRow)) {
        if (lines.length + own.length >= MAX_LINES) break;
        const id = `l${lines.length + own.length + 1}`;
        const read = readLineWith(row, id, context, single);
        own.push(isBare ? inGrams(read, row.replace(BULLET, ''), id, context) : read);
      }
    }
    if (own.length === 0) continue;
    if (FINISH.test(section.name))
      for (const { line } of own)
        if (!line.role || line.role === 'inclusion') line.role = finishOf(line, own, context.ingredient);
    if (ON_TOP.test(section.name)) strewByHand(own, context.ingredient);
    if (BATH.test(section.name)) for (const { line } of own) line.role = 'bath';
    lines.push(...own);
    parts.push({
      id: `p${parts.length + 1}`,
      name: section.name,
      classId: 'batter',
      lines: own.map((l) => l.line),
    });
  }
  if (parts.length === 0) parts.push({ id: 'p1', name: '', classId: 'batter', lines: [] });
  return { parts, lines };
}

/** Says what kind of bake each part is: the baker's word is for the first, others are guessed. */
function setKinds(
  parts: readonly Part[],
  { title, method, classId: said }: { title: string; method: string; classId: ClassId | undefined },
  lookup: Lookup,
): void {
  const kinds = kindsOfParts(parts, title, method, lookup);
  for (const [at, part] of parts.entries()) {
    const { classId, ...guess } = kinds[at]!;
    part.classId = (at === 0 ? said : undefined) ?? classId;
    if (at > 0 || !said) part.guess = guess;
  }
}

/**
 * Reads a formula as found anywhere. Every line is kept: what could not be read is marked, never dropped.
 * Headings make parts. Problems of the whole come as `issues`, those of a line with the line.
 */
export function readFormula(asked: ReadInput, given: ReadContext = referenceContext): ReadResult {
  const context = { ...given, measures: measuresIn(asked, given) };
  const lookup = lookupIn(context);
  const { input, notes: apart, isWhole } = parted(asked);
  const issues: BakeIssue[] = [];
  const rows = (isWhole ? input.text : unfolded(input.text)).split(/\r?\n/).map(narrowed).filter(Boolean);
  const notes = [...rows.filter(isNote), ...apart];
  const facts: Facts = {};
  withoutFacts(notes, facts);
  const wanted = withoutFacts(
    rows.filter((r) => !isNote(r)),
    facts,
  );
  const counted = wanted.filter((r) => !isHeading(r) || namedRow(r, context.matcher)).length;
  if (percentList(asked.text)?.isSaid === false) issues.push(msg('read.perHundred'));
  if (counted === 0) issues.push(msg('read.empty'));
  if (counted > MAX_LINES) issues.push(msg('read.tooManyLines', { max: MAX_LINES, given: counted }));

  const title = (input.title ?? '').trim().slice(0, 200);
  const { parts, lines } = partsOf(wanted, { ...context, method: input.method ?? '' });
  const steps = (input.method ?? '').split(/\r?\n/).map(narrowed);
  // What the baker called a step stays one.
  const isSaid = (row: string) => Object.hasOwn(asked.rows ?? {}, row);
  const method = stepsWithoutFacts(steps, facts, isSaid).join('\n');
  markBeside(lines, method);
  // Where nothing is called by a name, what it makes tells what it is.
  const called = title || (readYield([facts.yields ?? '', ...notes].join('\n'))?.name ?? '');
  setKinds(parts, { title: called, method, classId: input.classId }, lookup);
  checkLines(parts, lines, context);
  const { bake, issues: bakeIssues } = readBake(
    narrowed(input.oven ?? '') || (facts.oven ?? ''),
    narrowed(input.time ?? '') || (facts.time ?? ''),
    method,
  );
  issues.push(...bakeIssues);
  const all = ingredientsIn({ lines: lines.map((l) => l.line) }, context);
  if (counted > 0 && !all.some((i) => i.flour)) issues.push(msg('read.noFlour'));
  const yields = readYield([facts.yields ?? '', ...notes, method, title].join('\n')) ?? undefined;
  // What only a note tells of a tin counts where nothing else does.
  const tin =
    readTin([facts.tin ?? '', title, method].join('\n')) ??
    readTin(notes.join('\n')) ??
    tinOfTitle(title) ??
    undefined;
  if (tin && isShapeGuessed(tin)) issues.push(msg('read.tinShape', { square: tin.shape === 'square' }));
  issues.push(...checkBatch(parts, yields, tin, lookup));
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
  const linked = withUptake(linkMethod(formula, lookup), lookup);
  const now = new Map(linked.parts.flatMap((p) => p.lines.map((l) => [l.id, l])));
  return { formula: linked, lines: lines.map((l) => ({ ...l, line: now.get(l.line.id) ?? l.line })), issues };
}
