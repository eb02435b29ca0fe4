import { isBeside } from '../formula';
import type { GroupId } from '../ingredients';
import { type Lines, nearest } from './mentions';
import type { Called } from './phrases';
import { COLLECTIVE } from './spoken';
import { isForElse } from './use-for';

/** What is kept back: "all but the chips", "everything except the water". */
export const KEPT_BACK =
  /\b(?:except|all but|everything(?: else)? but|everything else except|apart from|(?<=\()not)\s+(?:for\s+)?(?:the\s+)?([^,.;]+?)(?=\s+(?:in|until|till|to|for|and)\b|[,.;)]|$)/i;
/** The lines that words for many mean: "the dry things", "everything else", "the rest". */
export function groupIn(clause: string, lines: Lines, partId: string | undefined): Called[] {
  const out = new Set<Called>();
  for (const [pattern, which] of GROUPS) {
    if (!pattern.test(clause)) continue;
    // "Pour over the dry things": those that are in the bowl.
    if (which === 'dry' && POURED_ON.test(clause) && isInBowl(lines, partId)) continue;
    const left = lines.called.filter((c) => !isBeside(c.line.role) && !lines.isGone(c));
    // Where nothing of the part at work is left, the next is meant: one that was not begun, where dry or wet things are called for.
    const begun = new Set(
      which === 'dry' || which === 'wet' ? lines.called.filter(lines.isGone).map((c) => c.part) : [],
    );
    const here = nearest(left, partId).filter((c) => c.part === partId || !begun.has(c.part));
    for (const c of here.filter((x) => x.part === here[0]!.part))
      if (
        which === 'dry'
          ? lines.isWhole(c) &&
            isDry(c) &&
            !isPieces(c) &&
            !(c.ingredient?.group === 'sugar' && SUGAR_LATER.test(lines.ahead().split(IN_THE_TIN)[0]!))
          : which === 'wet'
            ? lines.isWhole(c) && !isDry(c) && c.line.role !== 'inclusion' && !isPieces(c)
            : !isForElse(c.line.amount.written)
      )
        out.add(c);
  }
  return [...out];
}

/** Whether the flour of a part is in its bowl already, or what else is dry in it where it has none. */
function isInBowl(lines: Lines, partId: string | undefined): boolean {
  const dry = lines.called.filter((c) => c.part === partId && isDry(c));
  const flours = dry.filter((c) => c.ingredient?.flour);
  return (flours.length > 0 ? flours : dry).some(lines.isGone);
}

/** What is only poured on: it is there already. */
const POURED_ON = /\b(?:over|onto|into|to|well in)\s+(?:the\s+)?(?:dry|dries)\b/i;

/** Sugar is dry, and goes in with the wet as often: where it is named later, "the dry" are all the others. */
const SUGAR_LATER =
  /\b(?:(?:add|stir in|whisk in|beat in|mix in|fold in|cream|beat|whisk|dissolve)\s+(?:in\s+)?(?:the\s+)?(?:\p{L}+\s+){0,2}|(?:melt|heat|warm)\s+[^.;]{0,60})sugars?\b/iu;

/** A batter is made by then: sugar that is named after it is of the icing. */
const IN_THE_TIN = /\b(?:bake|oven|pour|spoon|scoop|scrape|tins?|pans?|trays?)\b/i;

/** Folded in at the end, in pieces: neither dry nor wet. */
const PIECES: readonly (GroupId | undefined)[] = ['fruit', 'nut_pieces', 'seed_pieces', 'chocolate'];
/** Of these what is cut small is in pieces. */
const OFTEN_CUT: readonly (GroupId | undefined)[] = ['cheese', 'plant_cheese', 'flavour'];
const CUT = /\b(?:chopped|diced|minced|grated|shredded|sliced|crumbled|cubed|torn)\b/i;
/** Cocoa is of chocolate, and sifted with the dry things. */
const isPowder = ({ ingredient }: Called): boolean =>
  ingredient?.group === 'chocolate' && !COLLECTIVE.chocolate!.is(ingredient);
const isPieces = (c: Called): boolean =>
  ((PIECES.includes(c.ingredient?.group) && !isPowder(c)) ||
    (OFTEN_CUT.includes(c.ingredient?.group) && CUT.test(c.line.amount.written))) &&
  !/\b(?:pur[eé]e|mashed|sauce|melted|juice)\b/i.test(c.line.amount.written);

const WET_GROUPS: readonly GroupId[] = [
  'egg',
  'egg_white',
  'egg_yolk',
  'butter',
  'fat_firm',
  'oil',
  'syrup',
  'honey',
  'nut_butter',
  'seed_butter',
];

const isDry = ({ ingredient, line }: Called): boolean =>
  ingredient !== null &&
  (ingredient.dry || ingredient.group === 'salt' || ingredient.group === 'sugar') &&
  !WET_GROUPS.includes(ingredient.group) &&
  line.role !== 'inclusion';
/** What the next words mean where they are of no line alone: all dry things, all of it. */
const GROUPS: [RegExp, 'dry' | 'wet' | 'all' | 'rest'][] = [
  [
    /(?<!\b(?:pat|till|until|is|run|them|it) )\b(?:the |all (?:of )?(?:the )?|remaining )?(?:dry|dries)(?: (?:things|ingred(?:ient)?s|stuff|goods|mix))?(?=\s*(?:[,.;]|$|in\b|into\b|together\b|and\b|first\b|then\b|to\b|ingred(?:ient)?s\b|things\b|with\b|well\b|[&+]))/i,
    'dry',
  ],
  [
    /\b(?:the |all (?:of )?(?:the )?|remaining )?(?:wet|liquid)s?(?: (?:things|ingredients))?(?=\s*(?:[,.;]|$|in\b|into\b|together\b|all at once\b|and\b|to\b|ingredients\b|things\b|with\b|[&+]))/i,
    'wet',
  ],
  [
    /\b(?:everything else|all the rest|the (?:rest|remaining ingredients)(?! of\b)|remaining ingredients|the others|(?:the )?(?:add|mix|fold)[- ]?ins|(?:the )?extras(?=\s*(?:[.,;]|$|in\b|and\b|last\b)))\b(?! of\b)/i,
    'rest',
  ],
  [
    /\b(?:everything|all(?= (?:but|except|apart)|\s*(?:[.,;]|$))|it all|all (?:of )?(?:the )?ingredients|all together|the lot|(?:the )?(?!dry|wet|liquid|remaining)\p{L}+ (?:ingredients|things|bits))\b/iu,
    'all',
  ],
];
