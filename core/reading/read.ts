import type { ClassId } from '../classes';
import { msg, type Msg, type Sourced } from '../explain';
import type { Amount, Formula, Line, LineRole } from '../formula';
import { ingredientById, type GroupId, type Ingredient } from '../ingredients';
import { readSteps } from '../method';
import { isCountUnit, isMassUnit, toGrams, toMillilitres, US_MEASURES, type Measures } from '../units';
import { readAmount, readTrailingAmount, type Reading } from './amount';
import { readBake } from './bake';
import { isSilent, referenceMatcher, type NameMatch } from './match';

/** Text that is taken at most; beyond it the rest is left and said. */
export const MAX_LINES = 500;
const MAX_LINE_CHARS = 300;
/** More than this in one line is a slip of the pen in any kitchen. */
const MAX_LINE_G = 100_000;

export type LineIssue = Msg & { lineId: string };
export type ReadLine = {
  line: Line;
  name: string;
  confidence: number;
  suggestions: NameMatch[];
  issues: LineIssue[];
};
export type ReadInput = {
  text: string;
  title?: string;
  method?: string;
  oven?: string;
  time?: string;
  classId?: ClassId;
  measures?: Measures;
};
export type ReadResult = { formula: Formula; lines: ReadLine[]; issues: Msg[] };

const INCLUSIONS: readonly GroupId[] = ['nut_pieces', 'seed_pieces'];

function roleOf(text: string, ingredient: Ingredient | null): LineRole | undefined {
  if (/\b(for|to)\s+(greas|lin)|\bfor the tin\b|\bgreasing\b/i.test(text)) return 'release';
  if (/\b(for|to)\s+(brush|glaz)|\bbrushing\b|\begg wash\b|\bfor the wash\b/i.test(text)) return 'wash';
  return ingredient && INCLUSIONS.includes(ingredient.group) ? 'inclusion' : undefined;
}

/** Grams of one reading, or null where the ingredient is not known or has no such measure. */
function gramsOf(
  r: Reading,
  ingredient: Ingredient | null,
  measures: Measures,
): { mass: Sourced; step: string } | null {
  const mid = (r.qty[0] + r.qty[1]) / 2;
  const rangeSd = (r.qty[1] - r.qty[0]) / Math.sqrt(12);
  const { unit } = r;
  if (isMassUnit(unit)) {
    const per = toGrams(1, unit);
    const sd = rangeSd * per;
    return { mass: { value: mid * per, ...(sd > 0 ? { sd } : {}), basis: 'user' }, step: 'mass' };
  }
  if (!ingredient) return null;
  let each: Sourced | null = null;
  if (isCountUnit(unit)) {
    const name = unit === 'piece' ? (r.size ?? 'piece') : unit;
    each =
      (
        ingredient.pieces.find((p) => p.name === name) ??
        ingredient.pieces.find((p) => unit === 'piece' && p.name === 'piece')
      )?.massG ?? null;
  } else if (ingredient.densityGMl) {
    const ml = toMillilitres(1, unit, measures);
    const d = ingredient.densityGMl;
    each = { ...d, value: d.value * ml, sd: (d.sd ?? 0) * ml };
  }
  if (!each) return null;
  const sd = Math.hypot(mid * (each.sd ?? 0), rangeSd * each.value);
  return {
    mass: {
      value: mid * each.value,
      ...(sd > 0 ? { sd } : {}),
      basis: 'derived',
      ...(each.sourceId ? { sourceId: each.sourceId } : {}),
    },
    step: isCountUnit(unit) ? 'piece' : 'volume',
  };
}

function amountFault(r: Reading): string | null {
  if (!r.qty.every(Number.isFinite)) return 'amount.notFinite';
  if (r.qty[0] < 0) return 'amount.negative';
  if (r.qty[1] === 0) return 'amount.zero';
  return null;
}

/** Amounts in brackets or after a slash: "1 cup (120 g)", "225 g / 8 oz". */
function splitSecond(text: string): { main: string; second: Reading | null } {
  const bracket = /\(([^()]{1,40})\)/.exec(text);
  const inner = bracket && readAmount(bracket[1]!.trim());
  if (bracket && inner && inner.rest === '' && inner.reading.unit !== 'piece') {
    return {
      main: `${text.slice(0, bracket.index)} ${text.slice(bracket.index + bracket[0].length)}`,
      second: inner.reading,
    };
  }
  const slash = /(\d\s?[\p{L}]{1,6})\s*\/\s*(\d[\d.,]*\s*[\p{L}]{1,6})/u.exec(text);
  const other = slash && readAmount(slash[2]!);
  if (slash && other && other.rest === '') {
    return { main: text.replace(slash[0], slash[1]!), second: other.reading };
  }
  return { main: text, second: null };
}

/** The name of the thing: what is left without notes, brackets and "of". */
export function nameIn(rest: string): { name: string; preparation: string } {
  const bare = rest
    .replace(/\([^()]*\)/g, ' ')
    .replace(/\b(for|to)\s+(the\s+)?(greas|brush|glaz|lin|tin|wash)\w*.*$/i, ' ');
  const [head = '', ...tail] = bare.split(',');
  const notes = tail.join(',').trim();
  return {
    name: head
      .replace(/^\s*of\s+/i, '')
      .replace(/\s+/g, ' ')
      .trim(),
    preparation: notes,
  };
}

/** Reads one line of an ingredient list. */
export function readLine(written: string, id: string, measures: Measures = US_MEASURES): ReadLine {
  const text = written
    .slice(0, MAX_LINE_CHARS)
    .replace(/^\s*[-*•·▢□]\s+/, '')
    .trim();
  const issues: LineIssue[] = [];
  const say = (code: string, args: Msg['args'] = {}) => issues.push({ ...msg(code, args), lineId: id });
  if (written.length > MAX_LINE_CHARS) say('line.long', { max: MAX_LINE_CHARS });

  const { main, second } = splitSecond(text);
  const amount = readAmount(main) ?? readTrailingAmount(main);
  const { name, preparation } = nameIn(amount ? amount.rest : main);
  const match = referenceMatcher.matchWritten(name, preparation);
  const sure = isSilent(match);
  const ingredient = sure ? ingredientById(match.best!.id) : null;
  if (!sure) say(match.best ? 'name.unsure' : 'name.unknown', { name: name.slice(0, 80) });
  const role = roleOf(written, ingredient);

  const readings = [amount?.reading, second].filter((r): r is Reading => Boolean(r));
  const fault = readings.map(amountFault).find(Boolean) ?? null;
  if (fault) say(fault, { written: readings[0]!.written });
  if (!amount && role !== 'release') say('amount.missing');

  const weighed = fault ? [] : readings.map((r) => ({ r, g: gramsOf(r, ingredient, measures) }));
  const chosen = weighed.find((w) => w.g?.step === 'mass') ?? weighed.find((w) => w.g) ?? null;
  const rival = weighed.find((w) => w !== chosen && w.g);
  if (chosen?.g && rival?.g) {
    const apart =
      Math.abs(chosen.g.mass.value - rival.g.mass.value) / Math.max(chosen.g.mass.value, rival.g.mass.value);
    if (apart > 0.25)
      say('amount.disagree', {
        a: Math.round(chosen.g.mass.value),
        b: Math.round(rival.g.mass.value),
        written: rival.r.written,
      });
  }
  if (amount && !fault && !chosen && ingredient) say('amount.noMeasure', { unit: amount.reading.unit });
  let massG = chosen?.g?.mass ?? null;
  if (massG && massG.value > MAX_LINE_G) {
    say('amount.tooMuch', { kg: Math.round(massG.value / 1000) });
    massG = null;
  }

  const nameConfidence = sure ? match.best!.confidence : 0;
  const amountConfidence = massG
    ? chosen?.g?.step === 'mass'
      ? 1
      : chosen?.g?.step === 'volume'
        ? 0.85
        : 0.9
    : 0;
  const read: Amount = {
    massG,
    written: written.slice(0, MAX_LINE_CHARS),
    confidence: Math.min(nameConfidence, amountConfidence),
    reading: weighed.map(({ r, g }) => ({ qty: r.qty, unit: r.unit, step: g?.step ?? 'unread' })),
  };
  return {
    line: {
      id,
      item: ingredient ? { kind: 'ref', id: ingredient.id } : { kind: 'unknown', text: name.slice(0, 80) },
      amount: read,
      ...(role ? { role } : {}),
      ...(preparation ? { preparation: preparation.slice(0, 120) } : {}),
    },
    name,
    confidence: read.confidence,
    suggestions: [match.best, ...match.others].filter((m): m is NameMatch => m !== null).slice(0, 5),
    issues,
  };
}

/** The class a formula most likely belongs to: by its leavening and its name. The baker can say otherwise. */
export function guessClass(title: string, ingredientIds: readonly string[]): ClassId {
  if (/\b(cookies?|biscuits?|shortbread|pastry|tart|pie|crust|bars?)\b/i.test(title)) return 'cookie';
  if (ingredientIds.some((id) => ingredientById(id)?.group === 'yeast')) return 'yeast_loaf';
  if (
    /\b(loaf|bread)\b/i.test(title) &&
    !ingredientIds.includes('soda') &&
    !ingredientIds.includes('baking_powder')
  )
    return 'yeast_loaf';
  return 'batter';
}

const isHeading = (text: string): boolean =>
  /^(for the|for)\b[^\d]*:?$/i.test(text) || /^[^\d]{2,60}:$/.test(text) || /^ingredients?$/i.test(text);

/**
 * Reads a formula as found anywhere. Every line is kept: what could not be read is marked, never dropped.
 * Problems of the whole come as `issues`, those of a line with the line.
 */
export function readFormula(input: ReadInput): ReadResult {
  const measures = input.measures ?? US_MEASURES;
  const issues: Msg[] = [];
  const rows = input.text
    .split(/\r?\n/)
    .map((r) => r.trim())
    .filter(Boolean);
  const headings = rows.filter(isHeading);
  const wanted = rows.filter((r) => !isHeading(r));
  if (headings.length > 0) issues.push(msg('read.headings', { names: headings.slice(0, 3).join(' ') }));
  if (wanted.length === 0) issues.push(msg('read.empty'));
  if (wanted.length > MAX_LINES)
    issues.push(msg('read.tooManyLines', { max: MAX_LINES, given: wanted.length }));
  const lines = wanted.slice(0, MAX_LINES).map((r, i) => readLine(r, `l${i + 1}`, measures));

  const ids = lines.flatMap((l) => (l.line.item.kind === 'ref' ? [l.line.item.id] : []));
  const title = (input.title ?? '').trim().slice(0, 200);
  const { bake, issues: bakeIssues } = readBake(input.oven ?? '', input.time ?? '', input.method ?? '');
  issues.push(...bakeIssues);
  if (wanted.length > 0 && !ids.some((id) => ingredientById(id)?.flour)) issues.push(msg('read.noFlour'));
  const formula: Formula = {
    schema: 1,
    title,
    parts: [
      {
        id: 'p1',
        name: '',
        classId: input.classId ?? guessClass(title, ids),
        lines: lines.map((l) => l.line),
      },
    ],
    method: readSteps(input.method ?? ''),
    ...(bake ? { bake } : {}),
    avoids: [],
    originalText: input.text.slice(0, 50_000),
  };
  return { formula, lines, issues };
}
