import type { EggGrading } from '../ingredients';

/** Signs of a kitchen of cups and of one of scales, with how much each says. */
const US: [RegExp, number][] = [
  [/(?:\d|[¼½¾⅓⅔⅛])\s*(?:c|[cC]ups?)\b\.?/g, 1],
  [/\b(?:\d|[¼½¾])\s*sticks?\b/gi, 2],
  [/\b\d{3}\s*°?\s*F\b/g, 2],
  [
    /\b(?:all[- ]purpose|cornstarch|confectioners|heavy cream|quarts?|half[- ]and[- ]half|baking soda|scallions|zucchini)\b/gi,
    1,
  ],
  [/\b\d+\s*(?:oz|lbs?)\b/gi, 1],
];
const METRIC: [RegExp, number][] = [
  [/\d\s*(?:g|kg|ml|dl|cl)\b/gi, 1],
  [/\b\d{3}\s*°?\s*C\b/g, 2],
  [/\bgas\s*(?:mark\s*)?\d\b|\bfan\b/gi, 2],
  [
    /\b(?:caster|icing sugar|cornflour|bicarb|sultanas|courgettes?|plain flour|self[- ]raising|double cream)\b/gi,
    1,
  ],
];
/** So much more of one than of the other tells. */
const LEAD = 2;

const weightOf = (text: string, signs: typeof US): number =>
  signs.reduce((sum, [sign, weight]) => sum + weight * [...text.matchAll(sign)].length, 0);

/**
 * Whose sizes of eggs a formula goes by: US ones where it measures in cups and °F, European ones where it weighs; null where
 * it tells neither. Grams in brackets beside cups are a kindness to others, so cups count more.
 */
export function eggsOf(text: string): EggGrading | null {
  const seen = text.slice(0, 20_000);
  const [us, metric] = [weightOf(seen, US), weightOf(seen, METRIC)];
  if (us >= 3 && us * 1.5 > metric) return 'us';
  return metric >= us + LEAD && us < 2 ? 'eu' : null;
}

/** Words of a British kitchen, and those of one that is not. */
const BRITISH =
  /\b(?:caster|self[- ]raising|plain flour|gas\s*mark|bicarb(?:onate)?|sultanas|courgettes?|double cream|treacle|marg(?:arine)?|demerara|cornflour)\b/i;
const NOT_BRITISH =
  /(?:\d|[¼½¾⅓⅔⅛])\s*(?:[cC]|[cC]ups?)\b|\bsticks?\b|\b\d{3}\s*°?\s*F\b|\b(?:all[- ]purpose|cornstarch|confectioners|baking soda)\b/;
/** Whose pints and fluid ounces: imperial ones where the words are British and nothing speaks against it; null where nothing tells. */
export function pintsOf(text: string): 'imperial' | null {
  const seen = text.slice(0, 20_000);
  return BRITISH.test(seen) && !NOT_BRITISH.test(seen) ? 'imperial' : null;
}
