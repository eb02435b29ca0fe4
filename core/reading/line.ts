import { msg, type Msg, type Sourced } from '../explain';
import type { Amount, Line, LineRole } from '../formula';
import { refTo, type GroupId, type Ingredient } from '../ingredients';
import { isMassUnit, type TextMeasures, type UnitId } from '../units';
import { NUMBER, readAmount, type Reading } from './amount';
import { clean, MAX_LINE_CHARS } from './clean';
import { readTrailingAmount } from './trailing';
import type { Fix } from './checks';
import { flourOf } from './grain-flour';
import { isSilent, type Matcher, type NameMatch } from './match';
import { moreIn } from './more';
import { gumSaid, meaning, nameIn, withGum } from './names';
import { MORE_FOR, toldOf, useIn } from './use-for';
import { expandRow } from './things';
import { gramsOf, isBareGrams, PACKED, SIFTED } from './weigh';

/** More than this in one line is a slip of the pen in any kitchen. */
const MAX_LINE_G = 100_000;

export type LineIssue = Msg & { lineId: string; fixes?: Fix[] };
export type ReadLine = {
  line: Line;
  name: string;
  confidence: number;
  suggestions: NameMatch[];
  issues: LineIssue[];
  /** Grams by the other of two amounts that were given, where they disagree. */
  rivalG?: number;
};
/** What reading is done with: the measures of the kitchen, and what names may mean. */
export type ReadContext = {
  measures: TextMeasures;
  matcher: Pick<Matcher, 'matchWritten'>;
  /** The ingredient of an id, the baker's own among them; what stands for a reference ingredient stands here. */
  ingredient: (id: string) => Ingredient | null;
  /** The method around the list, which tells what a word means; none where a line is read alone. */
  method?: string;
};

const INCLUSIONS: readonly GroupId[] = ['nut_pieces', 'seed_pieces'];
const LIES: readonly GroupId[] = ['syrup', 'fruit', 'sugar'];

/** The amount of a row, before its thing or behind it, where more of it may follow: "Blueberries, 1/2 cup + a handful for the tops". */
const amountIn = (row: string): ReturnType<typeof readAmount> =>
  readAmount(row) ?? readTrailingAmount(row.replace(MORE_FOR, ' ').trim());

/** What the row is for: what is said of more of it is not of the amount it gives. */
const useOf = (text: string): LineRole | undefined =>
  useIn(amountIn(clean(text)) ? text.replace(MORE_FOR, ' ') : text);

/** "100 g sugar (or less to taste)": the amount stands. */
const LESS_OR_MORE = /[,(]?\s*\bor (?:less|more|a bit (?:less|more))\b[^,;()]*\)?/gi;

/** "Raisins (soak if dry)": it goes in, whatever is done to it. */
const SOAKED_IF = /\((?:soak|plump|rinse|warm)\b[^()]*\)/gi;
/** As much as the dough asks for. */
const BY_FEEL =
  /\bto taste\b|\bas needed\b|\bto (?:make |form )?an? (?:\w+ )?(?:paste|dough)\b|\bto (?:bind|mix)\b|\bif (?:needed|desired|necessary|(?:too )?(?:dry|thick|stiff|crumbly))\b/i;

function roleOf(text: string, ingredient: Ingredient | null): LineRole | undefined {
  const use = useOf(text);
  // Nobody greases with syrup: it lies in the basin, and goes into the bake from there.
  if (use) return use === 'release' && ingredient && LIES.includes(ingredient.group) ? 'dusting' : use;
  // Of what is grated over, with no amount, nobody weighs any.
  if (/\b(?:for grating|to grate)\b/i.test(text) && !readAmount(clean(text))) return 'taste';
  if (BY_FEEL.test(text.replace(LESS_OR_MORE, ' ').replace(SOAKED_IF, ' '))) return 'taste';
  return ingredient && INCLUSIONS.includes(ingredient.group) ? 'inclusion' : undefined;
}

type AmountFault = 'amount.notFinite' | 'amount.negative' | 'amount.zero';
function amountFault(r: Reading): AmountFault | null {
  if (!r.qty.every(Number.isFinite)) return 'amount.notFinite';
  if (r.qty[0] < 0) return 'amount.negative';
  if (r.qty[1] === 0) return 'amount.zero';
  return null;
}

/** What so many of them weigh in all: "2 balls mozzarella (125 g each)". */
const timesOver = (each: Reading, of: Reading | undefined): Reading =>
  of === undefined || isMassUnit(of.unit)
    ? each
    : { ...each, qty: [each.qty[0] * of.qty[0], each.qty[1] * of.qty[1]] };

/** How a thing was when it weighed what its bracket says: "3 bananas (about 300 g peeled)". */
const WEIGHED_SO =
  /^(?:|each|in total|total|(?:when |once |after )?(?:peel|ston|pitt|prepar|shell|trimm|mash|grat)(?:ed|ing|ation)(?: weight| wt)?|(?:net |peeled |prepared )?(?:weight|wt)|flesh|net|(?:weighed )?(?:without|out of)(?: the| their)? shells?)$/i;

/** Amounts in brackets, after a slash or after a comma: "1 cup (120 g)", "225 g/8 oz", "500 g sugar, about a quarter cup". */
function splitSecond(text: string): { main: string; second: Reading | null; asUsed?: boolean } {
  for (const bracket of text.matchAll(/[([]([^()[\]]{1,40})[)\]]/g)) {
    const inner = readAmount(bracket[1]!.trim());
    const before = text.slice(0, bracket.index);
    // "1 (400 g) tin" and "1 tin (400 g)" say how much one holds: the amount itself reads that.
    const holds = /^\s*(?:tin|can|carton|jar|sachet|packet|envelope|pack)s?\b/i.test(
      text.slice(bracket.index + bracket[0].length),
    );
    const held = /\b(?:tin|can|carton|jar|sachet|packet|envelope|pack)s?\s*$/i.test(before);
    if (inner && WEIGHED_SO.test(inner.rest) && inner.reading.unit !== 'piece' && !holds && !held)
      return {
        main: `${before} ${text.slice(bracket.index + bracket[0].length)}`,
        asUsed: /[a-z]ed\b|flesh|net|shell/i.test(inner.rest),
        second: inner.rest === 'each' ? timesOver(inner.reading, readAmount(before)?.reading) : inner.reading,
      };
  }
  const slash =
    /(\d[\d.,¼½¾⅓⅔]*(?:\s?[-–]\s?\d[\d.,]*)?\s?\p{L}{1,11})\s*(?:\/|\||=)\s*([\d¼½¾⅓⅔][\d.,\s¼½¾⅓⅔/]*(?:[-–]\s?\d[\d.,\s¼½¾⅓⅔/]*)?\s*(?:fl\.?\s?)?\p{L}{1,11})/u.exec(
      text,
    );
  const other = slash && readAmount(slash[2]!.trim());
  if (slash && other && other.rest === '')
    return { main: text.replace(slash[0], slash[1]!), second: other.reading };
  const tail =
    /^(.*?\S)\s*[,;]?\s+(?:which is |that is |that's |or )?(?:about|around|approximately|roughly|or)\s+(.+)$/i.exec(
      text,
    );
  const loose = tail && readAmount(tail[2]!.trim());
  if (tail && loose && loose.rest === '' && loose.reading.unit !== 'piece')
    return { main: tail[1]!, second: loose.reading };
  return { main: text, second: null };
}

/** "1 cup plus 2 tbsp flour": the amount that is added to the first. */
function splitPlus(rest: string): { added: Reading; rest: string } | null {
  const m = new RegExp(`^(?:plus|and|\\+|&)\\s+(?=(?:a |an |one |${NUMBER}))`, 'i').exec(rest);
  const more = m && readAmount(rest.slice(m[0].length));
  return more && more.reading.unit !== 'piece' ? { added: more.reading, rest: more.rest } : null;
}

type Say = (m: Msg, fixes?: Fix[]) => void;
/** What a row says of how much: its amounts as read, one that is added, how full the cup was. */
type Told = { readings: Reading[]; plus: Reading | null; isThere: boolean; filled: number };
type Weighed = { r: Reading; g: ReturnType<typeof gramsOf> };

/** How much heavier or lighter a cup of flour is by the way it was filled. */
function fillingOf(text: string, ingredient: Ingredient | null): number {
  if (!ingredient?.flour) return 1;
  if (/\bpacked\b/i.test(text)) return PACKED;
  return /\bsifted\b/i.test(text) ? SIFTED : 1;
}

/** Two masses together; their spreads are of different slips, and add as such. */
const together = (a: Sourced, b: Sourced): Sourced => ({
  ...a,
  value: a.value + b.value,
  ...(a.sd !== undefined || b.sd !== undefined ? { sd: Math.hypot(a.sd ?? 0, b.sd ?? 0) } : {}),
});

/** Of two amounts the one that is weighed, else the first that grams are known of; the other where they are far apart. */
function chosenOf(weighed: readonly Weighed[], say: Say): { chosen: Weighed | null; rivalG?: number } {
  const chosen = weighed.find((w) => w.g?.step === 'mass') ?? weighed.find((w) => w.g) ?? null;
  const rival = weighed.find((w) => w !== chosen && w.g);
  if (!chosen?.g || !rival?.g) return { chosen };
  const [a, b] = [chosen.g.mass.value, rival.g.mass.value];
  if (Math.abs(a - b) / Math.max(a, b) <= 0.25) return { chosen };
  say(msg('amount.disagree', { a: Math.round(a), b: Math.round(b), written: rival.r.written }), [
    { massG: b },
  ]);
  return { chosen, rivalG: b };
}

/** The amount of a row in grams, how sure it is, and what there is to say of it. */
function amountOf(
  { readings, plus, isThere, filled }: Told,
  ingredient: Ingredient | null,
  measures: TextMeasures,
  say: Say,
): Pick<Amount, 'massG' | 'confidence' | 'reading'> & { rivalG?: number } {
  const all = plus ? [...readings, plus] : readings;
  const fault = all.map(amountFault).find(Boolean) ?? null;
  if (fault) say(msg(fault, { written: all[0]!.written }));
  const weighed = fault ? [] : readings.map((r) => ({ r, g: gramsOf(r, ingredient, measures, filled) }));
  const { chosen, ...rival } = chosenOf(weighed, say);
  const added = plus && !fault ? gramsOf(plus, ingredient, measures, filled) : null;
  if (chosen && isBareGrams(chosen.r, ingredient)) say(msg('amount.bareGrams', { g: chosen.r.qty[0] }));
  if (isThere && !fault && !chosen && ingredient) say(msg('amount.noMeasure', { unit: readings[0]!.unit }));
  let massG = chosen?.g?.mass ?? null;
  if (massG && added) massG = together(massG, added.mass);
  if (massG && massG.value > MAX_LINE_G) {
    say(msg('amount.tooMuch', { kg: Math.round(massG.value / 1000) }));
    massG = null;
  }
  const step = chosen?.g?.step;
  if (massG && filled !== 1 && step === 'volume')
    say(
      msg(filled > 1 ? 'amount.packed' : 'amount.sifted', {
        percent: Math.round(100 * Math.abs(filled - 1)),
      }),
    );
  const shown: Weighed[] = [...weighed, ...(plus ? [{ r: plus, g: added }] : [])];
  return {
    massG,
    confidence: massG ? (step === 'mass' ? 1 : step === 'volume' ? 0.85 : 0.9) : 0,
    reading: shown.slice(0, 4).map(({ r, g }) => ({
      qty: r.qty,
      unit: r.unit,
      step: g ? (r === plus ? 'plus' : g.step) : 'unread',
    })),
    ...rival,
  };
}

/** Soda by the spoon or the gram is for the rise; by the cup it is a drink. */
const SPOONED: readonly UnitId[] = ['tsp', 'tbsp', 'g', 'piece'];

/** Reads one line of an ingredient list; `written` is kept as it stood, `row` is the part of it that is read. */
export function readLineWith(written: string, id: string, context: ReadContext, row = written): ReadLine {
  const { measures, matcher } = context;
  const text = clean(row);
  const issues: LineIssue[] = [];
  const say: Say = (m, fixes) =>
    void issues.push({ ...m, lineId: id, ...(fixes && fixes.length > 0 ? { fixes } : {}) });
  if (written.length > MAX_LINE_CHARS) say(msg('line.long', { max: MAX_LINE_CHARS }));

  const { main, second, asUsed } = splitSecond(text);
  const amount = amountIn(main);
  const plus = amount && splitPlus(amount.rest);
  const { name: called, preparation } = nameIn(plus ? plus.rest : amount ? amount.rest : main);
  const name =
    /^soda$/i.test(called) && amount && SPOONED.includes(amount.reading.unit) ? 'baking soda' : called;
  const { match, chosen } =
    flourOf(name, preparation, amount?.reading.qty[0] ?? 0, context.method ?? '', matcher) ??
    meaning(name, preparation, main, matcher);
  const sure = chosen !== null || isSilent(match);
  if (chosen !== null) say(msg('name.choice', { name: name.slice(0, 80), taken: chosen }));
  const left = moreIn(preparation, sure ? match.best!.id : null, matcher);
  if (left !== null) say(msg('line.more', { name: left.slice(0, 80) }));
  const said = gumSaid(written);
  const ingredient = sure ? context.ingredient(withGum(match.best!.id, said)) : null;
  if (!sure) say(msg(match.best ? 'name.unsure' : 'name.unknown', { name: name.slice(0, 80) }));
  const role = roleOf(toldOf(written, row), ingredient);
  const gum = ingredient?.group === 'blend' ? said : null;

  if (!amount && !second && (role === undefined || role === 'inclusion')) say(msg('amount.missing'));
  const told: Told = {
    // Peeled and cored it weighs less than so many pieces: that is no disagreement.
    readings: (asUsed ? [second] : [amount?.reading, second]).filter((r): r is Reading => Boolean(r)),
    plus: plus ? plus.added : null,
    isThere: amount !== null || second !== null,
    filled: fillingOf(text, ingredient),
  };
  const { massG, reading, rivalG, ...weight } = amountOf(told, ingredient, measures, say);
  const confidence = Math.min(sure ? match.best!.confidence : 0, weight.confidence);
  return {
    line: {
      id,
      item: ingredient ? refTo(ingredient) : { kind: 'unknown', text: name.slice(0, 80) },
      amount: { massG, written: written.slice(0, MAX_LINE_CHARS), confidence, reading },
      ...(role ? { role } : {}),
      ...(gum === null ? {} : { gum }),
      ...(preparation ? { preparation: preparation.slice(0, 120) } : {}),
    },
    name,
    confidence,
    suggestions: [match.best, ...match.others].filter((m): m is NameMatch => m !== null).slice(0, 5),
    issues,
    ...(rivalG === undefined ? {} : { rivalG }),
  };
}

/** The amount of a written line when what it is has been said: cups and pieces are those of that ingredient. */
export function reweigh(written: string, ingredient: Ingredient, measures: TextMeasures): Amount {
  const best = { id: ingredient.id, confidence: 1 };
  const rows = expandRow(written);
  // Of "juice and zest of 2 lemons" the half that the ingredient is.
  const row = rows.find((r) => ingredient.names.some((n) => r.endsWith(n))) ?? rows[0];
  return readLineWith(
    written,
    '',
    { measures, matcher: { matchWritten: () => ({ best, others: [] }) }, ingredient: () => ingredient },
    row,
  ).line.amount;
}
