import { isSilent, type Match, type Matcher } from './match';

/** Grains that are baked with as flour, as often as whole, and called by one word. */
const GRAIN = /^(?:teff|millet|buckwheat|quinoa|amaranth)$/i;
/** So much of a grain is no sprinkling for the bite, g; teff is as fine as semolina, and is none at all. */
const LEAST_G = 80;
/** What is done to a grain and not to a flour. */
const OF_GRAINS = '(?:soak|rins|drain|cook|boil|simmer|sprout|steep|grind|steam)';

/**
 * The flour that a grain's name alone stands for in a list for the scale ("Teff 420"), where the method does nothing to it that is done
 * to grains; null for any other name. What was taken is said.
 */
export function flourOf(
  name: string,
  preparation: string,
  /** Of so much, by the number in its row. */
  qty: number,
  method: string,
  matcher: Pick<Matcher, 'matchWritten'>,
): { match: Match; chosen: string } | null {
  if (method === '' || !GRAIN.test(name) || preparation !== '') return null;
  if (qty < LEAST_G && !/^teff$/i.test(name)) return null;
  const isWhole = new RegExp(
    `\\b${OF_GRAINS}\\p{L}*\\b[^.\\n]*\\b(?:${name}|grains?)\\b|\\b(?:${name}|grains?)\\b[^.\\n]*\\b${OF_GRAINS}`,
    'iu',
  ).test(method);
  const match = isWhole ? null : matcher.matchWritten(`${name} flour`, '');
  return match && isSilent(match) ? { match, chosen: `${name.toLowerCase()} flour` } : null;
}
