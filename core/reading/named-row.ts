import { NUMBER, readAmount } from './amount';
import { readTrailingAmount } from './trailing';
import { FINISH, namesClass } from './kinds';
import { HEAD, withHead } from './head';
import { isSilent, type Matcher } from './match';
import { nameIn } from './names';
import { NOT_TWO_FRUITS } from './citrus';
import { expandRow } from './things';

/** What parts of a bake are called: such a word alone on a line, with two before it at most, is a heading. */
export const PART_NAME =
  /^(?:[\p{L}-]+\s){0,2}(?:crust|base|dough|batter|pastry|filling|topping|crumble|streusel|frangipane|glaze|icing|frosting|custard|wash|shell|case|curd|ganache|meringue)(?:\s+(?:ea\.?|each))?$/iu;
/** Words that parts of a bake are called by, last in their name. */
export const NAMES_PART =
  /\b(?:dough|batter|base|(?:butter)?cream|frosting|ganache|sauce|syrup|drizzle|swirl|sponge|cross(?:es)?|lattice|paste|levain|poolish|pre-?ferment|biga|scald|slurry|starter|soaker|top|topping|coating|appareil|gel|finish|garnish|dry|wet|mix|layer)$/i;
/** The same in German. */
const NAMES_PART_DE =
  /^für\s+(?:den|die|das)\b|(?:teig|boden|füllung|belag|guss|glasur|streusel|creme|überzug|sirup)$/iu;
/** Two bowls of one batter are no two parts of a bake. */
export const BOWL_OF =
  /^(?:the\s+|for the\s+)?(?:(?:dry|wet|liquid)s?(?:\s+(?:bits|things?|ingredients?|stuff|mix|goods|bowl|first|last|next|on top))?|(?:group|bowl|mix(?:ture)?|set|list)\s+[a-d1-4]|(?:to )?(?:fold|stir|mix)(?:ed)?[- ]ins?|(?:mix|add)[- ]ins|bits|extras):?$/i;
/** A stage of a dough, by its number, with when and how warm in brackets: "Stage 1 (evening, 10 h at 22 °C)". */
export const STAGE =
  /^(?:stage|build|phase|dough|mix|day)\s+(?:\d|one|two|three|[ab])\s*(?:\([^()]{1,50}\)|[–—-]\s*[^.\d]{3,30})?\s*:?$/i;
/** Water that is boiled in and poured away: no dough, whatever is in it. */
export const BATH = /\b(?:bath|boil|boiling|for boiling|poaching)\b/i;

/** The name of a part without its "for the" and its colon. */
export const headingName = (text: string): string =>
  text
    .replace(/^for\s+(?:the\s+)?/i, '')
    .replace(/\s*(?:\([^()]*\d[^()]*\)\s*)?:?$/, '')
    .trim()
    .slice(0, 60);

/** Things that one row lists behind a name: of a part of the bake, or of some that belong to the part they stand in. */
export type NamedRow = { name: string; isPart: boolean; things: string[] };

const NAME = /^([\p{L}'’&/-]+(?:\s+[\p{L}'’&/-]+){0,6})(?:\s*\([^()]*\))?\s*:\s*(\S.*)$/iu;
/** A dash joins a name and its things only where the name is one of a part. */
const DASHED = /^((?:\p{L}+\s){0,2}\p{L}+)\s+[–—-]\s+(?=.*\d)(.+)$/u;
/** Names behind which a row speaks of the whole, whatever things it names: what it makes, what it holds, how it keeps. */
const OF_THE_WHOLE =
  /^(?:to serve|makes|serves|yields?|serv(?:ings?|e with)|per|each|contains|may contain|allergens?|free from|nutrition|variations?|substitut\w*|swaps?|notes?|tips?|storage|storing|source|equipment)\b/i;
const BETWEEN = new RegExp(
  String.raw`(${NOT_TWO_FRUITS}\s*(?:[,;+•·]|(?<=\s)\/(?=\s)|&|\b(?:and|plus)\b)\s*)`,
  'i',
);
/** Two things of one fruit share its amount. */
const OF_ONE_FRUIT =
  /\b(juice|zest|rind|peel)(\s*(?:and|&|\+)\s*)(?=(?:\p{L}+\s+)?(?:juice|zest|rind|peel)\b)/iu;
/** How many of it there are, behind its name: "Rosemary crackers — 2 trays". */
const MADE_OF_IT =
  /^\d+\s+(?:trays?|sheets?|loaf|loaves|pieces?|servings?|portions?|buns?|rolls?|cookies|biscuits|slices|people|batch(?:es)?|ingredients?)\b/i;
const SAYS_MANY = /^(?:makes|serves|yields?|gives|servings?)\b|^for\s+(?:about\s+)?\d{1,2}\s*$/i;
/** So long a row is no list. */
const MOST = 400;

/** Whether a heading is of a part, rather than of some things of the part it stands in. */
const isPartName = (name: string): boolean => {
  const bare = headingName(name);
  if (BOWL_OF.test(name) || BOWL_OF.test(bare)) return false;
  return (
    /^for\s+the\b/i.test(name) ||
    NAMES_PART_DE.test(name) ||
    PART_NAME.test(bare) ||
    NAMES_PART.test(bare) ||
    FINISH.test(name) ||
    BATH.test(bare) ||
    namesClass(bare.split(' ').at(-1)!)
  );
};

/** So many things with nothing between are a list. */
export const LEAST_RUN = 3;
/** Where the next thing begins in a row that puts nothing between them: "250g butter 3 eggs 1 tsp soda". */
export const NEXT = new RegExp(
  `(?<=[\\p{L}).])\\s+(?=${NUMBER}\\s?(?:g|kg|ml|dl|oz|lb|[cCtT]|cups?|tsps?|tbsps?|eggs?|egg whites?|yolks?)\\b\\.?\\s*(?:[\\p{L}\\d½¼¾]|$|,))`,
  'gu',
);

type Piece = { text: string; measured: boolean; known: boolean };
function pieceOf(text: string, matcher: Pick<Matcher, 'matchWritten'>): Piece {
  // "Juice of 2 lemons" is an amount of juice.
  const row = expandRow(text)[0] ?? text;
  const read = readAmount(row) ?? readTrailingAmount(row);
  const { name, preparation } = nameIn(read?.rest ?? row);
  const known = name !== '' && isSilent(matcher.matchWritten(name, preparation));
  const named = known || /\p{L}{3}/u.test(name);
  return { text, measured: read !== null && named, known };
}

/** A text as long as it was, with its brackets filled in, so that nothing in them parts it. */
export const withoutBrackets = (text: string): string =>
  text.replace(/\([^()]*\)/g, (m) => '_'.repeat(m.length));

/** The things of a row: what is neither measured nor known belongs to the one before it, or to the next. */
function thingsIn(text: string, matcher: Pick<Matcher, 'matchWritten'>): Piece[] | null {
  const guarded = withoutBrackets(text).replace(
    OF_ONE_FRUIT,
    (_m, a: string, b: string) => a + '_'.repeat(b.length),
  );
  let at = 0;
  const cut = guarded.split(BETWEEN).map((piece) => {
    const own = text.slice(at, at + piece.length);
    at += piece.length;
    return own;
  });
  const out: Piece[] = [];
  let open = '';
  for (let i = 0; i < cut.length; i += 2) {
    const piece = pieceOf(`${open}${cut[i]!}`.trim(), matcher);
    const last = out.at(-1);
    if (piece.measured || piece.known) {
      out.push(piece);
      open = '';
    } else if (last && open === '')
      out[out.length - 1] = { ...last, text: `${last.text}${cut[i - 1]!}${cut[i]!}` };
    else open += `${cut[i]!}${cut[i + 1] ?? ''}`;
  }
  return open === '' && out.length > 0 ? out : null;
}

/**
 * A row that lists things behind a name ("Topping: a handful of flaked almonds, 1 tbsp demerara"); null where it is anything
 * else. Each thing is measured or known by its name, and at least one is known, unless the name is one of a part and all are
 * measured. Where the name is none of a part at least one is measured: "Allergens: milk, egg" lists nothing to weigh.
 */
export function namedRow(row: string, matcher: Pick<Matcher, 'matchWritten'>): NamedRow | null {
  if (row.length > MOST) return null;
  const colon = NAME.exec(row);
  const found = colon ?? DASHED.exec(row);
  if (!found) return null;
  const [, name = '', rest = ''] = found;
  // "Scones - makes 8" is a title.
  if (SAYS_MANY.test(rest)) return null;
  const isPart = isPartName(name.trim());
  if (OF_THE_WHOLE.test(name.trim()) || (!colon && (!isPart || MADE_OF_IT.test(rest)))) return null;
  // "Flour: 300 g, of which half rice" is a thing and its amount.
  if (!isPart && pieceOf(name, matcher).known) return null;
  // A sentence more is what one does with them.
  if (/[.!?]\s+\p{Lu}/u.test(rest)) return null;
  const bare = rest.replace(/[.!]$/, '');
  const listed = thingsIn(bare, matcher);
  // "100 g rice flour 100 g water 1 g yeast": with nothing between.
  const run = bare.split(NEXT).map((p) => pieceOf(p, matcher));
  const isRun = listed?.length === 1 && run.length >= LEAST_RUN && run.every((p) => p.measured);
  const things = isRun ? run : listed;
  if (!things) return null;
  // "Golden syrup: 3 big spoons" is a thing and its amount, whatever parts are called by the word.
  if (things.every((t) => !t.known) && pieceOf(name, matcher).known) return null;
  const measured = things.some((t) => t.measured);
  const all = things.every((t) => t.measured);
  if (!(things.some((t) => t.known) || (isPart && all)) || !(isPart || measured)) return null;
  const texts = things.map((t) => t.text);
  return HEAD.test(name.trim())
    ? { name: headingName(name), isPart: false, things: withHead(name.trim(), texts) }
    : { name: headingName(name), isPart, things: texts };
}
