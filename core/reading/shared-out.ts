/** How much there is of the line before, g, and how heavy it is, g/mL; undefined where that is not known. */
export type AsMuch = { massG: number | undefined; densityGMl: number | undefined };
const SAME_WEIGHT =
  /^(?:-\s*)?(?:the )?same (weight|amount|volume)(?: again)?(?:\s*:)?\s*(?:each )?(?:of |in )?\s*:?\s*(.+)$/i;
const EQUAL =
  /^equal (?:volumes?|weights?|amounts?|quantities|parts|measures)(?: each)?(?: of)?\s*:?\s*(.+?)\s*[,(]?\s*(?:about |around |approx\.? |~)?(\d+(?:[.,]\d+)?\s*(?:g|ml|oz|cups?|kg|l))(?: (?:of )?each)?\)?$/i;
const AMONG = /\s*(?:,|;|\+|&|\band\b)\s*/i;
/**
 * "Same weight of soft butter, sugar, flour": as heavy as the row before, each, where that has grams; "same volume of milk" fills as much.
 * "Equal volumes of eggs, milk and flour (200 ml each)": so much of each. Any other row as it is.
 */
export function sharedOut(row: string, { massG, densityGMl }: AsMuch): string[] {
  const [, of = '', same = ''] = SAME_WEIGHT.exec(row) ?? [];
  const as = /^volume$/i.test(of) ? massG && densityGMl && massG / densityGMl : massG;
  const equal = EQUAL.exec(row);
  const [names, amount] =
    same !== '' && as
      ? [same, `${Math.round(10 * as) / 10} ${/^volume$/i.test(of) ? 'ml' : 'g'}`]
      : equal
        ? [equal[1]!, equal[2]!]
        : [null, ''];
  return names === null
    ? [row]
    : names
        .split(AMONG)
        .filter(Boolean)
        .map((name) => `${amount} ${name}`);
}
