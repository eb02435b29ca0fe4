import { ingredientById, type GroupId } from '../ingredients';
import { isByTheLetter, isSilent, saysOnlyHow, type Match, type Matcher } from './match';
import { MORE_FOR, USED_FOR } from './use-for';

/** The name of the thing: what is left without notes, brackets and "of". */
export function nameIn(rest: string): { name: string; preparation: string } {
  const bare = rest
    // What is done with it may follow an arrow.
    .replace(/\s*(?:[-=]+>|→|⇒)\s*.*$/, ' ')
    // What is in doubt is said behind.
    .replace(/\?+(?:\s+(?:maybe|or|about|~).*)?$/i, ' ')
    .replace(/[([][^()[\]]*[)\]]/g, ' ')
    .replace(MORE_FOR, ' ')
    .replace(
      /(?:(?:\bat|@)\s*(?:about\s+)?\d{1,3}\s*°?\s*[CF]?\b|(?<=\p{L}\s)\d{1,3}\s*°?\s*[CF]\b).*$/iu,
      ' ',
    )
    .replace(/\bin (?:slivers|cubes|pieces|chunks|slices|dice|strips|flakes|small pieces)\b.*$/i, ' ')
    .replace(/^\s*(?:the )?same weight of\s+/i, ' ')
    .replace(USED_FOR, ' ')
    .replace(/\bto (?:(?:make |form )?an? (?:\w+ )?(?:paste|dough)|bind|mix)\b.*$/i, ' ')
    .replace(/\b(?:to taste|as needed|if\b|optional)\b.*$/i, ' ')
    .replace(/\s*(?:\+|&|\bplus\b|\band\b)\s*(?:some\s+|a little\s+)?(?:more|extra)\s*$/i, ' ')
    .replace(/\bof (?:your |my )?choice\b|\b(?:cooked|peeled|prepared|drained|net|raw)\s+weight\b/gi, ' ')
    // How much of it is cocoa, or fat.
    .replace(
      /^\s*\d{1,3}\s*%\s+|(?<=\p{L})\s+\d{1,3}\s*%(?:\s*(?:cocoa|cacao|fat)(?: solids| content)?)?\s*(?=,|;|$)/gu,
      ' ',
    );
  const pieces = bare.split(/,|;|\s[-–—]\s/);
  // "Peeled, sliced apples": how it is may be said before what it is.
  const first = pieces.findIndex((p) => p.trim() !== '' && !saysOnlyHow(p));
  const [head = '', ...tail] =
    first > 0 ? [pieces.slice(0, first + 1).join(' '), ...pieces.slice(first + 1)] : pieces;
  return {
    name: head
      .replace(/^\s*(?:of|x)\s+/i, '')
      // How it is sold says nothing more than its grams did.
      .replace(/(?<=\p{L}\s)(?:sachets?|packets?|packs?|tins?|cans?|tubs?)\s*$/iu, '')
      .replace(/\s+/g, ' ')
      .trim(),
    preparation: tail.join(',').trim(),
  };
}

/** What a bracket or a tail says of a blend: that gum is in it. */
const SAYS_GUM =
  /\b(?:with|w\/|incl\.?|including|includes?|contain(?:s|ing)|has|already has)\s+[^,;]{0,30}?\b(?:xanthan|guar|gums?)\b/i;
const SAYS_NO_GUM =
  /\b(?:no|w\/o(?:ut)?|without|free of|not|minus)\s+[^,;]{0,20}?\b(?:xanthan|guar|gums?)\b|\b(?:xanthan|guar|gum)[- ]free\b/i;
/** Gum among the parts of a blend, listed in brackets: "(brown rice, potato starch, xanthan)". */
const LISTS_GUM = /\([^()]*,[^()]*\b(?:xanthan|guar|gum)\b[^()]*\)/i;
/** What a row says of the gum of its blend: that it is in it, that it is not, or nothing. */
export const gumSaid = (written: string): boolean | null =>
  SAYS_NO_GUM.test(written) ? false : SAYS_GUM.test(written) || LISTS_GUM.test(written) ? true : null;
/** A blend of which the row itself says that it holds gum is the one that does. */
export const withGum = (id: string, gum: boolean | null): string =>
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
function choicesIn(given: string): string[] {
  // "Tapioca flour/starch": two words in one place of the name.
  const name = given
    .replace(/\s+\/\s+/, ' or ')
    .replace(
      /^(.*?)(\p{L}{3,})\/(\p{L}{3,})(.*)$/u,
      (_all, before: string, one: string, other: string, behind: string) =>
        `${before}${one}${behind} or ${before}${other}${behind}`,
    );
  const parts = name.split(/\s+or\s+/i).map((x) => x.trim());
  if (parts.length < 2 || parts.length > 4 || parts.some((x) => x === '')) return [];
  const last = parts.at(-1)!.split(' ').at(-1)!;
  const shared =
    /^(?:seeds?|nuts?|flour|starch|sugar|milk|oil|butter|yogh?urt|powder|juice|zest|vinegar|syrup|drink)$/i.test(
      last,
    );
  return parts.map((x) => (shared && !x.includes(' ') && !x.endsWith(last) ? `${x} ${last}` : x));
}

/** "GF cornflour": what never has gluten, by its own name; of what may have some "gluten-free" says another thing. */
function withoutGlutenFree(
  name: string,
  preparation: string,
  matcher: Pick<Matcher, 'matchWritten'>,
): Match | null {
  const plain = name.replace(/\b(?:gf|gluten[- ]free|glutenfrei\p{L}*)\b/iu, ' ').trim();
  if (plain === '' || plain === name) return null;
  const match = matcher.matchWritten(plain, preparation);
  return isSilent(match) && ingredientById(match.best!.id)?.facts.gluten === 'no' ? match : null;
}

/** "Flour (gf pizza mix)": what a bracket says to be gluten-free is none that has gluten; it is asked about where nothing is called so. */
function glutenFreeBeside(
  name: string,
  written: string,
  whole: Match,
  matcher: Pick<Matcher, 'matchWritten'>,
): Match | null {
  const isSaid = /\([^()]*\b(?:gf|gluten[- ]free|glutenfrei\p{L}*)\b[^()]*\)/iu.test(written);
  if (!isSaid || !isSilent(whole) || ingredientById(whole.best!.id)?.facts.gluten !== 'yes') return null;
  // Its maker may stand before it: the longest of what is left that is one.
  const words = name.split(' ');
  const called = words.map((_, n) => matcher.matchWritten(`gluten-free ${words.slice(n).join(' ')}`, ''));
  return called.find(isSilent) ?? { best: null, others: whole.best ? [whole.best] : [] };
}

/** Butter of plants of which nobody says whether it is a block or a tub. */
const PLANT_BUTTER =
  /^(?:(?:soft|cold|melted|softened|very|chilled)\s+)*(?:vegan|plant(?:[- ]based)?|dairy[- ]free|non[- ]?dairy)\s+butter$/i;

/** What a bracket says that a thing is of: "milk (oat)", "chocolate (milk)", "yoghurt (I use coconut)". */
const OF_KIND =
  /\(\s*(?:(?:preferably|ideally|i(?:['’]ve)? used?|e\.?g\.?|such as)\s+)?(\p{L}[\p{L}' -]{1,23})\)/iu;
/** A bracket that speaks of another thing, of what it is for, or of how it was bought. */
const NO_KIND =
  /^(?:or|and|plus|not|no|see|if|as|my|we|to|for|at|from|about|same|any|optional)\b|\b(?:or|and)\b/i;
/** What a name means with the kind that its bracket tells, where that makes another thing of it. */
function ofKind(
  name: string,
  written: string,
  plain: Match,
  matcher: Pick<Matcher, 'matchWritten'>,
): Match | null {
  const kind = OF_KIND.exec(written)?.[1]?.trim();
  if (kind === undefined || NO_KIND.test(kind)) return null;
  const { match } = meantBy(`${kind} ${name}`, '', '', matcher);
  return isSilent(match) && match.best!.id !== plain.best?.id ? match : null;
}

/** "Parmesan-style hard cheese": the thing it is like, else what stands behind. */
const LIKE = /^(.*?)(\p{L}[\p{L}'’]+)[- ](?:style|type|like)\b\s*(.*)$/iu;
/**
 * What a name that nobody knows is near to: the thing it is said to be like, or what a bracket behind it calls it ("polvilho azedo
 * (sour tapioca starch)"). It is said that this was taken. Nothing where neither is known.
 */
function nearBy(
  name: string,
  fact: string | undefined,
  whole: Match,
  matcher: Pick<Matcher, 'matchWritten'>,
): { match?: Match; chosen: string | null } {
  const [, before = '', like = '', behind = ''] = LIKE.exec(name) ?? [];
  const called =
    fact === undefined || NO_KIND.test(fact) || (whole.best?.confidence ?? 0) > LITTLE ? '' : fact;
  for (const n of [like, `${before} ${behind}`, called].map((x) => x.trim()).filter((x) => x.length > 2)) {
    const match = matcher.matchWritten(n, '');
    if (isSilent(match)) return { match, chosen: n };
  }
  return { chosen: null };
}
/** Under this a name is like no other. */
const LITTLE = 0.5;

/** Of these any word before the name may be a sort: no other thing is called so. */
const OF_SORTS: readonly GroupId[] = ['fruit', 'honey', 'salt'];
/** Of these it has to be written as a name: the word before a flour may be its grain. */
const OF_MAKERS: readonly GroupId[] = [
  'flour',
  'starch',
  'blend',
  'nut_flour',
  'seed_flour',
  'sugar',
  'leavener',
  'yeast',
];
/** Words before a name may be so many: "Granny Smith apples". */
const MOST_SORT = 3;
/**
 * A thing by the words behind its sort or its maker, where they are its name by the letter: "Conference pears". Of what is made of
 * several things (chocolate, biscuits) nothing is taken so: a maker may have put in anything.
 */
function ofASort(
  name: string,
  matcher: Pick<Matcher, 'matchWritten'>,
): { match: Match; chosen: string } | null {
  const all = name.split(' ');
  const words = all.slice(all.findIndex((w) => !saysOnlyHow(w)));
  for (let n = 1; n <= Math.min(MOST_SORT, words.length - 1); n++) {
    const [before, thing] = [words.slice(0, n), words.slice(n).join(' ')];
    const match = matcher.matchWritten(thing, '');
    if (!isByTheLetter(match)) continue;
    const group = ingredientById(match.best!.id)?.group;
    const isNew = before.every((w) => (matcher.matchWritten(w, '').best?.confidence ?? 0) < KNOWN);
    const isNamed = before.every((w) => /^\p{Lu}/u.test(w));
    const may = group && (OF_SORTS.includes(group) || (isNamed && OF_MAKERS.includes(group)));
    return may && isNew ? { match, chosen: thing } : null;
  }
  return null;
}
/** From this on a word stands for a thing itself. */
const KNOWN = 0.7;

/** What a row means; of what its bracket says to be gluten-free nothing that has gluten is taken, whatever maker stands before it. */
export function meaning(
  name: string,
  preparation: string,
  written: string,
  matcher: Pick<Matcher, 'matchWritten'>,
): { match: Match; chosen: string | null } {
  const meant = meantBy(name, preparation, written, matcher);
  const free = glutenFreeBeside(name, written, meant.match, matcher);
  return free ? { match: free, chosen: isSilent(free) ? meant.chosen : null } : meant;
}

/**
 * What a name means: by itself, with what is said of gum left off, with a fact in brackets added ("corn flour (starch)"),
 * or, of a choice, the first member that is known, with the others beside it.
 */
function meantBy(
  name: string,
  preparation: string,
  written: string,
  matcher: Pick<Matcher, 'matchWritten'>,
): { match: Match; chosen: string | null } {
  const whole = matcher.matchWritten(gumless(name), preparation);
  const kind = ofKind(name, written, whole, matcher);
  if (kind) return { match: kind, chosen: null };
  if (isSilent(whole)) return { match: whole, chosen: null };
  const plainly = withoutGlutenFree(name, preparation, matcher);
  if (plainly) return { match: plainly, chosen: null };
  if (PLANT_BUTTER.test(name)) {
    // The block is what is baked with; that it was taken is said, with the other beside it.
    const other = whole.others.filter((m) => m.id === 'plant_spread');
    return { match: { best: { id: 'plant_block', confidence: 1 }, others: other }, chosen: 'a firm block' };
  }
  const members = choicesIn(name).map((n) => ({ n, match: matcher.matchWritten(n, '') }));
  const known = members.find(({ match }) => isSilent(match));
  if (known) {
    // Two names of one thing are no choice.
    if (members.every(({ match }) => isSilent(match) && match.best!.id === known.match.best!.id))
      return { match: known.match, chosen: null };
    const others = members.flatMap(({ n, match }) => (n !== known.n && match.best ? [match.best] : []));
    return { match: { best: known.match.best, others }, chosen: known.n };
  }
  const fact = /\(([\p{L} -]{3,24})\)/u.exec(written)?.[1];
  if (fact) {
    const more = matcher.matchWritten(`${name} ${fact}`, '');
    if (isSilent(more)) return { match: more, chosen: null };
  }
  return { match: whole, ...(ofASort(name, matcher) ?? nearBy(name, fact, whole, matcher)) };
}
