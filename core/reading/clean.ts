import { SHARE } from './percent';
import { unmarked } from './things';
import { tidied } from './tidy';

/** A longer row is read by its beginning. */
export const MAX_LINE_CHARS = 300;

/** A row of a list as it is read: without its bullet and its share, in plain words where bakers have their own. */
export const clean = (written: string): string =>
  unmarked(tidied(written.slice(0, MAX_LINE_CHARS)))
    .replace(/\u00a0/g, ' ')
    .replace(SHARE, ' ')
    .replace(/\byogs?\b/gi, 'yogurt')
    .replace(/\bg\.\s?f\.?(?![\w.])/gi, 'gf')
    // "Flour (SR, gf)": what it is, said behind.
    .replace(/\bflour\s*\(\s*(SR|self[- ]?rais\w+)\s*,?\s*/i, '$1 flour (')
    // A spring onion is no bulb.
    .replace(
      /^(\d+|an?|one|two|three|four|six)\s+(?:(?:large|small|medium)\s+)?(?=(?:spring|green|salad)\s+onions?\b|scallions?\b)/i,
      '$1 stalks ',
    )
    .replace(/\bw\/(?!o)\s*/gi, 'with ')
    // "Grieß (GF: Maisgrieß)": what is taken, so that there is no gluten in it.
    .replace(/\((?:gf|glutenfrei|gluten[- ]free)\s*:\s*/i, '(')
    // How warm it is, and not how much: "milk 1 1/2 c warm 110".
    .replace(/(\b(?:warm|warmed|hot|lukewarm|tepid|cold))\s+\d{2,3}\s*°?\s*[CF]?$/i, '$1')
    // Leaflets of clinics say spoons by what they hold.
    .replace(
      /^(\d+)\s*x\s*(5|15)\s*ml\s+spoons?\b/i,
      (_all, n: string, ml: string) => `${n} ${ml === '5' ? 'tsp' : 'tbsp'}`,
    )
    // A blend that is measured like wheat flour is a blend.
    .replace(/\b(?:1|one)\s?(?:-?to-?|:)\s?(?:1|one)\b(?=[\w\s-]*flour)/gi, ' ')
    // What is large in one country is medium in another: the first is taken.
    .replace(
      /\b(?:(?:US|UK|EU)\s+)?(extra large|large|medium|small)\s*\/\s*(?:(?:US|UK|EU)\s+)?(?:extra large|large|medium|small)\s+(?=eggs?\b)/i,
      '$1 ',
    )
    // "3 eggs (L)" has its size behind it.
    .replace(
      /\beggs?\s*\((XL|L|M|S|extra large|large|medium|small)\)/i,
      (all, size: string) => `${size} ${all.split(/\s*\(/)[0]!}`,
    )
    // "1 x 400 g tin chickpeas (240 g drained)": what goes in is what is left of the can.
    .replace(
      /^\d\s*(?:x\s*)?\d+\s*g\s*(?:tins?|cans?|jars?)\s+(?:of\s+)?([^()]{3,60})\(\s*(\d+)\s*g\s*(?:drained|net)?[^()]*\)\s*$/i,
      (all, thing: string, left: string) => (/drain/i.test(all) ? `${left} g ${thing.trim()}` : all),
    )
    .replace(
      /^[^()]{0,40}\(\s*\d+\s*g\s*\)([^()]*\bdrained\b[^()]*)\(\s*(\d+)\s*g\s*\)\s*$/i,
      (_all, thing: string, left: string) => `${left} g ${thing.trim()}`,
    )
    .trim();
