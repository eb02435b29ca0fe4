import { numberOf, readAmount } from './amount';
import { isByTheLetter, isSilent, referenceMatcher } from './match';
import { LEAST_RUN, namedRow, NEXT, withoutBrackets } from './named-row';
import { nameIn } from './names';
import { HEAD, withHead } from './head';
import { ACT } from './row-signs';
import { NOT_TWO_FRUITS } from './citrus';
import { percentList } from './percent';
import { untabled } from './table';

/** A shorter row is one of a list; a longer one is looked at by its beginning. */
const LEAST_ROW = 50;
const MOST_ROW = 2000;
/** So many things in one row are a list of their own: with a name before them, and without. */
const LEAST_THINGS = { named: 3, bare: 5 } as const;
const SENTENCE = /(?<=[.!?])\s+(?=\p{Lu})/u;
/** Whoever writes no capitals ends a sentence all the same. */
const SENTENCE_SMALL = /(?<=\p{L}{3}[.!?])\s+(?=\p{Ll})/u;
const sentencesIn = (row: string): string[] => row.split(/\p{Lu}/u.test(row) ? SENTENCE : SENTENCE_SMALL);

const SPOONS = '(?:cups?|teaspoons?|tablespoons?|tsps?|tbsps?|pounds?|ounces?|sticks?)';
const SHARE: Record<string, string> = { half: '1/2', quarter: '1/4', third: '1/3' };
const oneOf = (word: string | undefined): number => (word ? numberOf(word) : 1);
/** Amounts as one says them, and how they are written: "a cup and a half of", "two and a quarter teaspoons", "quarter cup", "tablespoon sugar". */
const SAID: readonly (readonly [RegExp, (...found: string[]) => string])[] = [
  [
    new RegExp(`\\b(?:(an?|one|two|three|four) )?(${SPOONS}) and a (half|quarter)\\b(?: of\\b)?`, 'gi'),
    (_all, n, unit, share) => `${oneOf(n)} ${SHARE[share.toLowerCase()]!} ${unit} of`,
  ],
  [
    new RegExp(`\\b(one|two|three|four|five) and a (half|quarter|third) (?=${SPOONS}\\b)`, 'gi'),
    (_all, n, share) => `${oneOf(n)} ${SHARE[share.toLowerCase()]!} `,
  ],
  [
    new RegExp(`(?<=^|[,:] |\\band )(half|quarter|third) (?=${SPOONS}\\b)`, 'gi'),
    (_all, share) => `${SHARE[share.toLowerCase()]!} `,
  ],
  [/(?<=[,:] |\band )(?=(?:teaspoon|tablespoon|cup) \p{L})/giu, () => '1 '],
  // "1 c milk + 2 T": more of the same, before its name.
  [
    /(?<=\d\s?(?:cups?|c) )(\p{L}+)\s*\+\s*(\d[\d/]*\s?(?:tbsps?|tsps?|T|t)\b)(?=\s*(?:[(,;]|$))/gu,
    (_all, name, more) => `+ ${more} ${name}`,
  ],
];
const figured = (row: string): string => SAID.reduce((t, [said, figures]) => t.replace(said, figures), row);
const NAMED = /^([^:\d]{2,80}(?:\([^()]*\))?)\s*[:–—]\s+(?=\S)(.+)$/;
const BETWEEN = new RegExp(
  NOT_TWO_FRUITS +
    String.raw`\s*(?:[,;|+•·]|\band\b|&)\s+(?=[\d½¼¾⅓⅔⅛]|(?:a|an|one|two|three|half|pinch|dash|splash|handful|knob)\b|(?:the\s+)?(?:grated\s+)?(?:juice|zest|rind|peel)\s+(?:(?:of|from)\b|\d))`,
  'gi',
);

/** An amount with the name of a thing behind it. */
function isThing(piece: string): boolean {
  const read = readAmount(piece.trim());
  const { name } = nameIn(read?.rest ?? '');
  return read !== null && (/\p{L}{3}/u.test(name) || isSilent(referenceMatcher.match(name)));
}

/** How one who tells a list begins it. */
const TAKES =
  /^(?:you(?:['’]ll| will)? (?:also )?need|(?:i|we) (?:use|used|take|took)|it takes|take)\s*:?\s+(?=[\d½¼¾⅓⅔⅛]|an?\b|one\b|two\b|three\b|half\b)/i;
/** "A teaspoon of soda, one of cinnamon": of the same spoon. */
const SAME_UNIT = /^(one|two|three|half|another)(?=\s+of\b)/i;
const SPOON = /\b(teaspoons?|tablespoons?|dessertspoons?|cups?|tsps?|tbsps?)\b/i;
function withUnits(pieces: readonly string[]): string[] {
  let unit: string | undefined;
  return pieces.map((p) => {
    const said =
      unit === undefined ? p : p.replace(SAME_UNIT, (n) => `${/another/i.test(n) ? 'one' : n} ${unit}`);
    unit = SPOON.exec(said)?.[1] ?? unit;
    return said;
  });
}

/** "1 tbsp + 1 tsp baking powder": an amount with no name goes with what follows it. */
const withoutBare = (pieces: readonly string[]): string[] =>
  pieces.reduceRight<string[]>(
    (out, p) =>
      out.length > 0 && readAmount(p.trim())?.rest === ''
        ? [`${p} + ${out[0]!}`, ...out.slice(1)]
        : [p, ...out],
    [],
  );

/** A thing with its amount in brackets behind it: "rice flour (1 1/2 cups)". */
const IN_BRACKETS = /^(\p{L}[^()\d]{1,60}?)\s*\(([^()]{1,30})\)$/u;
function unbracketed(piece: string): string | null {
  const m = IN_BRACKETS.exec(piece.trim());
  const read = m && readAmount(m[2]!);
  return m && read?.rest === '' ? `${m[2]!} ${m[1]!}` : null;
}
/** How one begins in a chat: "hey so for the sandwich bread i do: 2 cups …". */
const CHATTED = /^(?:(?:hey|hi|ok(?:ay)?|so|well|right)[, ]+)+(?:for (?:the|my|our) )?/i;

/** The pieces of a list, where nothing in brackets parts them. */
function splitOutside(text: string): string[] {
  const out: string[] = [];
  let from = 0;
  for (const m of withoutBrackets(text).matchAll(BETWEEN)) {
    out.push(text.slice(from, m.index));
    from = m.index + m[0].length;
  }
  return [...out, text.slice(from)];
}

/** What is known by its name alone may end a list: "1/2 tsp salt, cumin". */
function withLast(pieces: readonly string[]): string[] {
  const [last = '', ...names] = (pieces.at(-1) ?? '').split(/\s*,\s*/);
  const isName = (n: string): boolean => isByTheLetter(referenceMatcher.match(n));
  return names.length > 0 && pieces.length > 1 && names.every(isName)
    ? [...pieces.slice(0, -1), last, ...names]
    : [...pieces];
}
/** So many pieces between semicolons are parted by nothing else. */
const LEAST_PARTED = 4;
/** The things of a sentence that is a list, and what stands before them; null where it is none. */
function listIn(sentence: string, goesOn: boolean): { name: string; things: string[] } | null {
  const named = NAMED.exec(sentence);
  const told = (named?.[2] ?? sentence).replace(/[.!]$/, '').replace(TAKES, '');
  const least = named || goesOn ? LEAST_THINGS.named : LEAST_THINGS.bare;
  const listed = (pieces: readonly string[]): { name: string; things: string[] } | null => {
    // One of many that nobody can read does not make a list of them none.
    const odd = pieces.filter((p) => !isThing(p) && !isSilent(referenceMatcher.match(p))).length;
    const name = (named?.[1] ?? '')
      .replace(CHATTED, '')
      .replace(/\s+i\s+(?:do|use|take|make)$/i, '')
      .trim();
    return pieces.length >= least && odd <= (pieces.length > LEAST_THINGS.bare ? 1 : 0)
      ? {
          name,
          things: withHead(
            name,
            pieces.map((p) => p.trim()),
          ),
        }
      : null;
  };
  const parted = told.split(/\s*;\s*/);
  const bracketed = told.split(/\s*[,;]\s*(?![^(]*\))/).map(unbracketed);
  const run = named ? runTogether(told) : null;
  return (
    (parted.length >= LEAST_PARTED ? listed(parted) : null) ??
    listed(withLast(withUnits(withoutBare(splitOutside(told))))) ??
    (run ? listed(run) : null) ??
    (bracketed.every((p) => p !== null) ? listed(bracketed) : null)
  );
}

/** Things with a stroke or a dot between: "1 3/4 cups almond flour | 1 egg white | 1/2 tsp salt". */
function barred(row: string): string[] | null {
  const pieces = row.split(/\s+[|•·]\s+/);
  const isKnown = (p: string): boolean => isThing(p) || isSilent(referenceMatcher.match(p));
  return pieces.length >= LEAST_RUN && isThing(pieces[0]!) && pieces.every(isKnown) ? pieces : null;
}

/** Things that follow each other with nothing between, or only commas here and there; null where it is no list. */
function runTogether(row: string): string[] | null {
  const pieces = row.split(NEXT).map((p) => p.replace(/[,;]\s*$/, ''));
  return pieces.length >= LEAST_RUN && pieces.every(isThing) ? pieces : null;
}

/** A British way: "Weigh 4 eggs in their shells (about 240 g), then use the same weight of butter, sugar and flour". */
const AS_THE_EGGS =
  /^weigh\s+(?:the\s+|your\s+)?(\d)\s+(?:large\s+|medium\s+)?eggs?\b(?:\s*,?\s*(?:still\s+)?in (?:their |the )?shells?)?\s*,?\s*(?:\((?:about|approx\.?|around|~)?\s*(\d{2,3})\s*g[^()]*\))?[,;.]?\s*(?:and\s+)?(?:then\s+)?(?:use|take|weigh(?: out)?|measure(?: out)?)\s+the\s+same\s+(?:weight|amount)\s+(?:each\s+)?(?:of|in)\s+(.+)$/i;
/** An egg in its shell, g. From memory. */
const SHELL_EGG_G = 60;
function asTheEggs(row: string): string[] | null {
  const [, eggs, massG, names = ''] = AS_THE_EGGS.exec(row) ?? [];
  if (eggs === undefined) return null;
  const each = massG ?? String(SHELL_EGG_G * Number(eggs));
  const things = names.replace(/\.\s*$/, '').split(/\s*(?:,|&|\band\b)\s*/i);
  return [`${eggs} eggs`, ...things.filter(Boolean).map((n) => `${each} g ${n}`)];
}

/** A section and what is in it, in one row: "INGREDIENTS: rice flour (1 cup), …". */
const MARKED =
  /^(ingredients|zutaten|you(?:['’]ll| will)? need|method|process|directions|instructions|zubereitung)\s*:\s+(?=\S.{20})/i;

/** A longer row is no part. */
const MOST_PART = 400;
/** A part in one row, and behind a dash what is done with it: "Poolish: 100 g flour, 100 g water - mix, 12 h". */
const DEED_BEHIND =
  /^(\p{L}[\p{L} ]{2,30}:\s+\S.*?)\s+[–—-]\s+(?=(?:mix|stir|whisk|leave|rest|rub|cook|boil|melt|beat|blend|soak|combine|simmer|heat)\b)(.+)$/iu;

/**
 * A text with its tables, and with what was written on in one row, as one tells it, laid out in rows: "Flatbreads: 200 g yogurt, 200 g flour, a pinch
 * of salt. Mix, rest, roll." is a name, three things and a step. Other rows stay as they are.
 */
export const unfolded = (given: string): string => {
  const text = untabled(given);
  return (percentList(text)?.text ?? text)
    .split(/\r?\n/)
    .filter((row) => /\S/.test(row))
    .flatMap((row) => {
      const mark = MARKED.exec(row);
      const done = row.length <= MOST_PART ? DEED_BEHIND.exec(row) : null;
      return mark ? [mark[1]!, row.slice(mark[0].length)] : done ? [done[1]!, done[2]!] : [row];
    })
    .flatMap((row, i) => {
      const run = row.length <= MOST_ROW ? (asTheEggs(row) ?? barred(row) ?? runTogether(row)) : null;
      if (run) return run;
      if (row.length < LEAST_ROW) return [row];
      const [first = '', ...steps] = sentencesIn(figured(row.slice(0, MOST_ROW)));
      // A part in one row is known by itself: laid out in rows, what follows it would be of it too.
      if (i > 0 && namedRow(row, referenceMatcher)?.isPart) return [row];
      const list = listIn(first.trim(), ACT.test(steps[0] ?? ''));
      if (!list) return [row];
      const rest = row.length > MOST_ROW ? [row.slice(MOST_ROW)] : [];
      // What names no part is a kind of things in the part they stand in.
      const name = list.name === '' || HEAD.test(list.name) ? [] : [i === 0 ? list.name : `${list.name}:`];
      return [...name, ...list.things, ...steps, ...rest];
    })
    .join('\n');
};
