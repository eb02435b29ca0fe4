import type { LineRole } from '../formula';

/** What a thing may be for, by how the word behind "for" or "to" begins: the tin, to brush with, to strew; else it is counted. */
const FOR: readonly (readonly [LineRole | null, string])[] = [
  [
    'release',
    'greas|lin(?:e|ing)\\b|oil(?:ing)? the|(?:deep[- ]?|shallow[- ]?)?fr(?:y|ies|ying)|tins?\\b|pans?\\b|skillet|griddle|moulds?\\b|dish\\b|(?:crumpet |metal )?rings?\\b|ramekins?\\b|basin|bowl\\b|(?:back)?form\\b|(?:ein)?fetten|frittieren',
  ],
  ['wash', 'brush|glaz|wash|bestreichen'],
  [
    'dusting',
    'dust|sprinkl|roll|flour|serv|decorat|garnish|finish|scatter|tops?\\b|topping\\b|coat|peel\\b|board\\b|basket\\b|worktop\\b|dredg|bestäuben|bestreuen|ausrollen|arbeitsfläche',
  ],
  // What is said of it is no part of its name, and it is counted with the rest.
  [null, 'fill|sandwich|drizzl|swirl|spread|loosen|thin|grat(?:e|ing)\\b'],
];
const ANY = FOR.map(([, words]) => words).join('|');
const BEFORE = '(?<!\\p{L})(?:for|to|für|zum|zur)\\s+(?:the\\s+|your\\s+|die\\s+|das\\s+|den\\s+)?';

/** What a thing is for, said behind its name, to the end of the row. */
export const USED_FOR = new RegExp(`${BEFORE}(?:${ANY}).*$|(?<=\\p{L}\\s)on (?:the |your )?tops?\\s*$`, 'iu');

/** More of a thing for something else, which the amount before it is not for: "340 g flour, plus more for dusting". */
export const MORE_FOR = new RegExp(
  '[,(+&]?\\s*(?:\\b(?:plus|and|with|keep|save|reserve|hold|set)\\s+)?(?:back\\s+|aside\\s+)?' +
    '\\b(?:some|more|extra|half|a third|the rest|(?<=(?:\\bplus|[+&])\\s)(?:(?:an?\\s|one\\s|two\\s|\\d[\\d/]*\\s*)(?:tbsps?|tablespoons?|tsps?|teaspoons?|spoons?|knob|pat|t)\\b\\.?|\\d{1,3}\\s?(?:g|ml|oz)\\b)|a (?:few|little|handful|bit)|(?<=(?:\\b(?:plus|and)|[+&])\\s)(?!\\d)[a-z]+(?: [a-z]+)?)' +
    `\\s+(?:(?:more|extra)\\s+)?(?:back\\s+|aside\\s+)?(?:for|to)\\s+(?:the\\s+|your\\s+)?(?:${ANY})[^,;()]*\\)?` +
    // "125 g flour + dusting".
    '|[,(]?\\s*(?:\\bplus|[+&])\\s*(?:some\\s+|more\\s+|extra\\s+)?(?:dusting|greasing|rolling|brushing)\\b[^,;()]*\\)?',
  'i',
);

/** Another thing for a use of its own, behind one with an amount: "3/4 tsp salt + flaky salt for topping". */
export const BESIDES = new RegExp(
  `^(.*\\S)\\s*(?:,?\\s*(?:[+&]|\\bplus\\b|\\band\\b)|,)\\s+(?!(?:plus|and|with|more|extra|some|handful|pinch|drizzle|splash|knob|spoonful|sprinkling)\\b)(\\p{L}+(?: \\p{L}+){0,2})\\s+((?:${BEFORE}(?:${ANY})|to (?:a|make a|form a|bind|mix)\\b).*)$`,
  'iu',
);

/** "Oats, whizzed to flour": what it is made, not what it is for. */
const MADE_FLOUR =
  /\b(?:whizzed|ground|blitzed|blended|processed|milled|pulsed)\s+(?:in)?to\s+(?:an?\s+)?(?:fine\s+)?flour\b/i;
/** A use that is told by its own name, with no "for" before it. */
const BY_NAME: Partial<Record<LineRole, string>> = {
  release: 'greasing',
  wash: 'brushing|egg wash',
  dusting: 'dusting|on (?:the |your )?tops?$',
};
const ROLES = FOR.flatMap(([role, words]): [LineRole, RegExp][] =>
  role ? [[role, new RegExp(`${BEFORE}(?:${words})|\\b(?:${BY_NAME[role]})(?!\\p{L})`, 'iu')]] : [],
);

/** What a row is for, of which more that is for something else has been taken out. */
export function useIn(row: string): LineRole | undefined {
  const use = row.replace(MADE_FLOUR, ' ');
  return ROLES.find(([, words]) => words.test(use))?.[0];
}

/** Whether all that a row has of a thing is for some use of its own, counted or not: "100 g chocolate to drizzle". */
export const isForElse = (row: string): boolean =>
  USED_FOR.test(row.replace(MADE_FLOUR, ' ').replace(MORE_FOR, ' '));

/** What is added to a thing for a use of its own: "1 egg, plus 1 yolk to glaze", "2 eggs and 1 yolk for brushing". */
const ADDED = /\bplus\s+(?=[\d½¼¾⅓⅔⅛]|an?\s|one\s)/i;
const MORE_OF_EGG =
  /\beggs?\b[^,;]*(?:,\s*|\s)(?:\+|and|&)\s+(?:\d|an?\b|one\b)[^,;]*\b(?:yolks?|whites?|eggs?)\b/i;
/** Of so many some are for another use: "2 eggs (1 in the dough, 1 to glaze)". */
export const SHARED_OUT =
  /^(\d)\s+([^()]*?)\s*\((\d)\s+(?:in|for)\s+(?:the\s+)?(?:dough|cake|mix(?:ture)?|batter|bowl|pastry|bread),?\s*(?:and\s+|&\s+)?(\d)\s+((?:to|for)\s+[^()]+)\)\s*$/i;
/** The text that tells what one of the things of a row is for: its own where the rest of the row is for something else. */
export const toldOf = (written: string, row: string): string =>
  row !== written && [ADDED, MORE_OF_EGG, BESIDES, SHARED_OUT].some((is) => is.test(written)) ? row : written;
