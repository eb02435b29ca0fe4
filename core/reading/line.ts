import { msg, type Msg } from '../explain';
import type { Amount, Line, LineRole } from '../formula';
import { refTo, type GroupId, type Ingredient } from '../ingredients';
import type { Measures } from '../units';
import { NUMBER, numberOf, readAmount, readTrailingAmount, type Reading } from './amount';
import type { Fix } from './checks';
import { isSilent, type Match, type Matcher, type NameMatch } from './match';
import { gramsOf, PACKED, SIFTED } from './weigh';

const MAX_LINE_CHARS = 300;
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
  measures: Measures;
  matcher: Pick<Matcher, 'matchWritten'>;
  /** The ingredient of an id, the baker's own among them; what stands for a reference ingredient stands here. */
  ingredient: (id: string) => Ingredient | null;
};

/** A bullet or a box to tick before a thing. */
const BULLET = /^\s*(?:[-*•·▢□☐✓–—]|\[[ x]?\])\s+/i;
const INCLUSIONS: readonly GroupId[] = ['nut_pieces', 'seed_pieces'];

/** More of a thing for something else, which the amount before it is not for: "340 g flour, plus more for dusting". */
const MORE_FOR =
  /[,(+&]?\s*(?:\b(?:plus|and|with)\s+)?\b(?:some|more|extra|a (?:few|little|handful|bit)|(?<=\b(?:plus|and)\s)(?!\d)[a-z]+(?: [a-z]+)?)\s+(?:(?:more|extra)\s+)?(?:for|to)\s+(?:the\s+)?(?:dust|greas|fry|brush|sprinkl|roll|flour|serv|decorat|garnish|finish|scatter|top|pan|peel|tin|board)[^,;()]*\)?/i;
/** What the row as a whole is for: what is said of more of it is not of the amount it gives. */
const useOf = (text: string): string => (readAmount(clean(text)) ? text.replace(MORE_FOR, ' ') : text);

function roleOf(text: string, ingredient: Ingredient | null): LineRole | undefined {
  const use = useOf(text);
  if (
    /\b(for|to)\s+(the\s+)?(greas|lin|oil(?:ing)? the|fry)|\bfor the (?:tin|pan|skillet|mould|dish)\b|\bgreasing\b|\bfor frying\b/i.test(
      use,
    )
  )
    return 'release';
  if (/\b(for|to)\s+(brush|glaz)|\bbrushing\b|\begg wash\b|\bfor the wash\b/i.test(use)) return 'wash';
  if (
    /\b(for|to)\s+(?:the\s+)?(dust|sprinkl|roll|flour|serv|decorat|garnish|finish|scatter|tops?\b|topping\b|peel\b|board\b|basket\b|worktop\b)|\bdusting\b/i.test(
      use,
    )
  )
    return 'dusting';
  if (/\bto taste\b|\bas needed\b|\bif (?:needed|desired)\b/i.test(text)) return 'taste';
  return ingredient && INCLUSIONS.includes(ingredient.group) ? 'inclusion' : undefined;
}

function amountFault(r: Reading): string | null {
  if (!r.qty.every(Number.isFinite)) return 'amount.notFinite';
  if (r.qty[0] < 0) return 'amount.negative';
  if (r.qty[1] === 0) return 'amount.zero';
  return null;
}

/** Amounts in brackets, after a slash or after a comma: "1 cup (120 g)", "225 g/8 oz", "500 g sugar, about a quarter cup". */
function splitSecond(text: string): { main: string; second: Reading | null } {
  for (const bracket of text.matchAll(/[([]([^()[\]]{1,40})[)\]]/g)) {
    const inner = readAmount(bracket[1]!.trim());
    const before = text.slice(0, bracket.index);
    // "1 (400 g) tin" and "1 tin (400 g)" say how much one holds: the amount itself reads that.
    const holds = /^\s*(?:tin|can|carton|jar|sachet|packet|envelope|pack)s?\b/i.test(
      text.slice(bracket.index + bracket[0].length),
    );
    const held = /\b(?:tin|can|carton|jar|sachet|packet|envelope|pack)s?\s*$/i.test(before);
    if (
      inner &&
      /^(?:|each|in total|total)$/.test(inner.rest) &&
      inner.reading.unit !== 'piece' &&
      !holds &&
      !held
    )
      return { main: `${before} ${text.slice(bracket.index + bracket[0].length)}`, second: inner.reading };
  }
  const slash =
    /(\d[\d.,¼½¾⅓⅔]*\s?\p{L}{1,11})\s*(?:\/|\||=)\s*(\d[\d.,\s¼½¾⅓⅔/]*\s*(?:fl\.?\s?)?\p{L}{1,11})/u.exec(
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

/** The name of the thing: what is left without notes, brackets and "of". */
export function nameIn(rest: string): { name: string; preparation: string } {
  const bare = rest
    .replace(/[([][^()[\]]*[)\]]/g, ' ')
    .replace(MORE_FOR, ' ')
    .replace(/\bat\s+(?:about\s+)?\d{1,3}\s*°?\s*[CF]?\b.*$/i, ' ')
    .replace(/\bin (?:slivers|cubes|pieces|chunks|slices|dice|strips|flakes|small pieces)\b.*$/i, ' ')
    .replace(/^\s*(?:the )?same weight of\s+/i, ' ')
    .replace(
      /\b(?:for|to)\s+(?:the\s+)?(?:greas|brush|glaz|lin|tin|pan|peel|fry|wash|dust|sprinkl|roll|flour|serv|decorat|garnish|finish|scatter|top)\w*.*$/i,
      ' ',
    )
    .replace(/\b(?:to taste|as needed|if needed|if desired|optional)\b.*$/i, ' ');
  const [head = '', ...tail] = bare.split(/,|;|\s[-–—]\s/);
  return {
    name: head
      .replace(/^\s*(?:of|x)\s+/i, '')
      .replace(/\s+/g, ' ')
      .trim(),
    preparation: tail.join(',').trim(),
  };
}

const JUICED = new RegExp(
  `^(?:the\\s+)?(?:finely\\s+|freshly\\s+)?(?:grated\\s+|squeezed\\s+)?(juice|zest|rind|peel)(?:\\s+(?:and|&)\\s+(?:finely\\s+)?(?:grated\\s+)?(juice|zest|rind|peel))?\\s+(?:(?:of|from)\\s+)?(${NUMBER}|a|an|one|two|three|half an?|half)?\\s*(?:large|medium|small|unwaxed|organic)?\\s*(lemon|lime|orange)s?\\b(.*)$`,
  'i',
);
const CITRUS = new RegExp(
  `^(${NUMBER}|a|an|one|two|three|half an?|half)\\s+(?:large|medium|small|unwaxed|organic)?\\s*(lemon|lime|orange)s?\\s*[,(:]\\s*(?:finely\\s+)?(?:grated\\s+)?(juice|juiced|zest|zested|rind|peel)(?:d)?(?:\\s*(?:and|&)\\s*(?:finely\\s+)?(?:grated\\s+)?(juice|juiced|zest|zested))?\\b(.*)$`,
  'i',
);
const partOf = (word: string): string => (/^juice/i.test(word) ? 'juice' : 'zest');

/** What a bracket or a tail says of a blend: that gum is in it. */
const SAYS_GUM =
  /\b(?:with|w\/|incl\.?|including|includes?|contain(?:s|ing)|has|already has)\s+[^,;]{0,30}?\b(?:xanthan|guar|gums?)\b/i;
const SAYS_NO_GUM =
  /\b(?:no|w\/o(?:ut)?|without|free of|not|minus)\s+[^,;]{0,20}?\b(?:xanthan|guar|gums?)\b|\b(?:xanthan|guar|gum)[- ]free\b/i;
/** Gum among the parts of a blend, listed in brackets: "(brown rice, potato starch, xanthan)". */
const LISTS_GUM = /\([^()]*,[^()]*\b(?:xanthan|guar|gum)\b[^()]*\)/i;
/** What a row says of the gum of its blend: that it is in it, that it is not, or nothing. */
const gumSaid = (written: string): boolean | null =>
  SAYS_NO_GUM.test(written) ? false : SAYS_GUM.test(written) || LISTS_GUM.test(written) ? true : null;
/** A blend of which the row itself says that it holds gum is the one that does. */
const withGum = (id: string, gum: boolean | null): string =>
  id === 'gf_blend' && gum === true ? 'gf_blend_gum' : id;
/** The name of a blend without what is said of its gum. */
const gumless = (name: string): string =>
  name
    .replace(
      /\b(?:w\/(?:o(?:ut)?)?|with(?:out)?|no)\s+(?:xanthan|guar)?(?:\s*gums?)?\b\s*(?:in it|added)?/i,
      ' ',
    )
    .replace(/\b\p{L}+-based\s+(?=.*\b(?:blend|mix)\b)/iu, '')
    .trim();

/** Parts of a choice, each a whole name: "walnuts or pecans", "sunflower or pumpkin seeds" share their last word. */
function choicesIn(name: string): string[] {
  const parts = name.split(/\s+or\s+/i).map((x) => x.trim());
  if (parts.length < 2 || parts.length > 4 || parts.some((x) => x === '')) return [];
  const last = parts.at(-1)!.split(' ').at(-1)!;
  const shared =
    /^(?:seeds?|nuts?|flour|starch|sugar|milk|oil|butter|yogh?urt|powder|juice|zest|vinegar|syrup|drink)$/i.test(
      last,
    );
  return parts.map((x) => (shared && !x.includes(' ') && !x.endsWith(last) ? `${x} ${last}` : x));
}

/** Butter of plants of which nobody says whether it is a block or a tub. */
const PLANT_BUTTER =
  /^(?:(?:soft|cold|melted|softened|very|chilled)\s+)*(?:vegan|plant(?:[- ]based)?|dairy[- ]free|non[- ]?dairy)\s+butter$/i;

/**
 * What a name means: by itself, with what is said of gum left off, with a fact in brackets added ("corn flour (starch)"),
 * or, of a choice, the first member that is known, with the others beside it.
 */
function meaning(
  name: string,
  preparation: string,
  written: string,
  matcher: ReadContext['matcher'],
): { match: Match; chosen: string | null } {
  const whole = matcher.matchWritten(gumless(name), preparation);
  if (isSilent(whole)) return { match: whole, chosen: null };
  if (PLANT_BUTTER.test(name)) {
    // The block is what is baked with; that it was taken is said, with the other beside it.
    const other = whole.others.filter((m) => m.id === 'plant_spread');
    return { match: { best: { id: 'plant_block', confidence: 1 }, others: other }, chosen: 'a firm block' };
  }
  const members = choicesIn(name).map((n) => ({ n, match: matcher.matchWritten(n, '') }));
  const known = members.find(({ match }) => isSilent(match));
  if (known) {
    const others = members.flatMap(({ n, match }) => (n !== known.n && match.best ? [match.best] : []));
    return { match: { best: known.match.best, others }, chosen: known.n };
  }
  const fact = /\(([\p{L} -]{3,24})\)/u.exec(written)?.[1];
  if (fact) {
    const more = matcher.matchWritten(`${name} ${fact}`, '');
    if (isSilent(more)) return { match: more, chosen: null };
  }
  return { match: whole, chosen: null };
}

/** Words that join two things in one row, where the second has an amount of its own. */
const JOIN = /\s*(?:\+|\bplus\b|\band\b|&|,|;)\s+(?=[\d½¼¾⅓⅔⅛]|(?:a|an|one|two|three|half)\s)/i;
/** What a thing was put into, with its own amount: "raisins, soaked in 3 tbsp rum". */
const BATH =
  /^(.*?\S),?\s+(?:soaked|steeped|mixed|beaten|whisked|softened|dissolved|stirred|cooked|bloomed|hydrated)\s+(?:in|with|w\/|into)\s+(?=[\d½¼¾⅓⅔⅛]|(?:a|an|one|two|three|half)\s)(.+)$/i;
const EACH = new RegExp(
  `^((?:${NUMBER}|a|an|one|two|half a)\\s*(?:\\p{L}+\\.?)?)\\s+each\\s*(?:of\\s+)?:?\\s*(.+)$`,
  'iu',
);
/** An egg goes on in the words of what was before it: "2 eggs + 1 yolk". */
const eggPart = (piece: string): string =>
  piece.replace(/^(\S+\s+(?:\S+\s+)?)(yolks?|whites?)\b/i, '$1egg $2');

/** A piece that stands for a thing of its own: an amount, and a name that is not merely what it is for. */
function isThing(piece: string): boolean {
  const read = readAmount(piece);
  if (!read) return false;
  const { name } = nameIn(read.rest);
  return /\p{L}{2}/u.test(name) && !/^(?:more|extra|for|to|if|of)\b/i.test(name);
}

/** A longer row is no list of things. */
const MOST_JOINED = 240;

/** Things that one row joins, each with its amount; null where it is of one thing. */
function joined(row: string): string[] | null {
  if (row.length > MOST_JOINED) return null;
  const each = EACH.exec(row);
  if (each) {
    const things = each[2]!
      .replace(/\([^()]*\)/g, ' ')
      .split(/\s*(?:,|&|\+|\band\b)\s*/i)
      .filter(Boolean);
    const last = things.at(-1)!.split(' ').at(-1)!;
    // "sunflower, pumpkin, sesame seeds": the last word is of them all.
    const shared = /^(?:seeds?|nuts?|flour|powder|zest)$/i.test(last) ? last : '';
    if (things.length > 1)
      return things.map((t) => `${each[1]!} ${t}${shared && !t.endsWith(shared) ? ` ${shared}` : ''}`);
  }
  const bath = BATH.exec(row);
  if (bath && isThing(bath[1]!) && isThing(bath[2]!)) return [bath[1]!, bath[2]!];
  const pieces = row
    .replace(/\([^()]*\)/g, (m) => m.replace(/[+,;&]|\band\b|\bplus\b/g, ' '))
    .split(JOIN)
    .filter(Boolean);
  if (pieces.length < 2 || pieces.length > 4) return null;
  const own = pieces.map((x, i) => (i === 0 ? x : eggPart(x)));
  return own.every(isThing) ? own : null;
}

/** An egg of ground flax or chia, tbsp of each: one to three. Common practice, no source. */
const EGG_TBSP = { seed: 1, water: 3 } as const;
const COMPOUND_EGG = new RegExp(
  `^(${NUMBER}|a|an|one|two|three|four)\\s+(flax|chia)(?:seed)?\\s+eggs?\\b`,
  'i',
);

/** "Juice and zest of 2 lemons", "2 eggs + 1 yolk", "1/4 tsp each salt and soda" are several things to weigh; a line of one comes back as it is. */
export function expandRow(given: string): string[] {
  const row = given.replace(BULLET, '');
  const compound = COMPOUND_EGG.exec(row);
  const inside = /\(([^()]{6,120})\)/.exec(row)?.[1];
  // "2 flax eggs (2 T ground flax + 6 T water)": the bracket says what is weighed.
  const told = inside && /\begg|\bslurry|\bgel\b|\bblend\b/i.test(row) ? joined(inside) : null;
  if (told) return told;
  if (compound) {
    const n = numberOf(compound[1]!);
    if (n > 0)
      return [`${n * EGG_TBSP.seed} tbsp ground ${compound[2]!}`, `${n * EGG_TBSP.water} tbsp water`];
  }
  const a = JUICED.exec(row);
  const second = a && /^\s*(?:\+|and|&)\s*(\d+|an?|one|half an?)\s+(lemon|lime|orange)s?\b/i.exec(a[5] ?? '');
  if (a && second)
    return [
      `${a[3] ?? '1'} ${a[4]!.toLowerCase()} ${partOf(a[1]!)}`,
      `${second[1]!} ${second[2]!.toLowerCase()} ${partOf(a[1]!)}`,
    ];
  if (a)
    return [a[1]!, a[2]].flatMap((p) => (p ? [`${a[3] ?? '1'} ${a[4]!.toLowerCase()} ${partOf(p)}`] : []));
  const b = CITRUS.exec(row);
  if (b) return [b[3]!, b[4]].flatMap((p) => (p ? [`${b[1]!} ${b[2]!.toLowerCase()} ${partOf(p)}`] : []));
  return joined(row) ?? [row];
}

const clean = (written: string): string =>
  written
    .slice(0, MAX_LINE_CHARS)
    .replace(BULLET, '')
    .replace(/\u00a0/g, ' ')
    // "3 eggs (L)" has its size behind it.
    .replace(
      /\beggs?\s*\((XL|L|M|S|extra large|large|medium|small)\)/i,
      (all, size: string) => `${size} ${all.split(/\s*\(/)[0]!}`,
    )
    .trim();

/** Reads one line of an ingredient list; `written` is kept as it stood, `row` is the part of it that is read. */
export function readLineWith(written: string, id: string, context: ReadContext, row = written): ReadLine {
  const { measures, matcher } = context;
  const text = clean(row);
  const issues: LineIssue[] = [];
  const say = (code: string, args: Msg['args'] = {}, fixes?: Fix[]) =>
    issues.push({ ...msg(code, args), lineId: id, ...(fixes && fixes.length > 0 ? { fixes } : {}) });
  if (written.length > MAX_LINE_CHARS) say('line.long', { max: MAX_LINE_CHARS });

  const { main, second } = splitSecond(text);
  const amount = readAmount(main) ?? readTrailingAmount(main);
  const plus = amount && splitPlus(amount.rest);
  const { name, preparation } = nameIn(plus ? plus.rest : amount ? amount.rest : main);
  const { match, chosen: taken } = meaning(name, preparation, main, matcher);
  const sure = taken !== null || isSilent(match);
  if (taken !== null) say('name.choice', { name: name.slice(0, 80), taken });
  const said = gumSaid(written);
  const ingredient = sure ? context.ingredient(withGum(match.best!.id, said)) : null;
  if (!sure) say(match.best ? 'name.unsure' : 'name.unknown', { name: name.slice(0, 80) });
  const role = roleOf(written, ingredient);
  const gum = ingredient?.group === 'blend' ? said : null;
  const filled = ingredient?.flour
    ? /\bpacked\b/i.test(text)
      ? PACKED
      : /\bsifted\b/i.test(text)
        ? SIFTED
        : 1
    : 1;

  const readings = [amount?.reading, second].filter((r): r is Reading => Boolean(r));
  const all = plus ? [...readings, plus.added] : readings;
  const fault = all.map(amountFault).find(Boolean) ?? null;
  if (fault) say(fault, { written: all[0]!.written });
  if (!amount && (role === undefined || role === 'inclusion')) say('amount.missing');

  const weighed = fault ? [] : readings.map((r) => ({ r, g: gramsOf(r, ingredient, measures, filled) }));
  const chosen = weighed.find((w) => w.g?.step === 'mass') ?? weighed.find((w) => w.g) ?? null;
  const rival = weighed.find((w) => w !== chosen && w.g);
  const added = plus && !fault ? gramsOf(plus.added, ingredient, measures, filled) : null;
  let rivalG: number | undefined;
  if (chosen?.g && rival?.g) {
    const [a, b] = [chosen.g.mass.value, rival.g.mass.value];
    if (Math.abs(a - b) / Math.max(a, b) > 0.25) {
      rivalG = b;
      say('amount.disagree', { a: Math.round(a), b: Math.round(b), written: rival.r.written }, [
        { massG: b },
      ]);
    }
  }
  if (amount && !fault && !chosen && ingredient) say('amount.noMeasure', { unit: amount.reading.unit });
  let massG = chosen?.g?.mass ?? null;
  if (massG && added)
    massG = {
      ...massG,
      value: massG.value + added.mass.value,
      ...(massG.sd !== undefined || added.mass.sd !== undefined
        ? { sd: Math.hypot(massG.sd ?? 0, added.mass.sd ?? 0) }
        : {}),
    };
  if (massG && massG.value > MAX_LINE_G) {
    say('amount.tooMuch', { kg: Math.round(massG.value / 1000) });
    massG = null;
  }
  if (massG && filled !== 1 && chosen?.g?.step === 'volume')
    say(filled > 1 ? 'amount.packed' : 'amount.sifted', { percent: Math.round(100 * Math.abs(filled - 1)) });

  const nameConfidence = sure ? match.best!.confidence : 0;
  const step = chosen?.g?.step;
  const amountConfidence = massG ? (step === 'mass' ? 1 : step === 'volume' ? 0.85 : 0.9) : 0;
  const shown = [...weighed, ...(plus ? [{ r: plus.added, g: added }] : [])];
  const read: Amount = {
    massG,
    written: written.slice(0, MAX_LINE_CHARS),
    confidence: Math.min(nameConfidence, amountConfidence),
    reading: shown.slice(0, 4).map(({ r, g }) => ({
      qty: r.qty,
      unit: r.unit,
      step: g ? (plus && r === plus.added ? 'plus' : g.step) : 'unread',
    })),
  };
  return {
    line: {
      id,
      item: ingredient ? refTo(ingredient) : { kind: 'unknown', text: name.slice(0, 80) },
      amount: read,
      ...(role ? { role } : {}),
      ...(gum === null ? {} : { gum }),
      ...(preparation ? { preparation: preparation.slice(0, 120) } : {}),
    },
    name,
    confidence: read.confidence,
    suggestions: [match.best, ...match.others].filter((m): m is NameMatch => m !== null).slice(0, 5),
    issues,
    ...(rivalG === undefined ? {} : { rivalG }),
  };
}

/** The amount of a written line when what it is has been said: cups and pieces are those of that ingredient. */
export function reweigh(written: string, ingredient: Ingredient, measures: Measures): Amount {
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
