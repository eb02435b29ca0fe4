/**
 * What a row carries for the eye alone, or came by on its way through a scanner, is put into plain letters: signs of mood, digits in
 * boxes, raised fractions, a letter that was a figure.
 */
export function tidied(row: string): string {
  if (!/\S/.test(row)) return '';
  const sent = row
    .normalize('NFC')
    .replace(SENT_BY, '')
    .replace(QUOTED, '$1$2')
    .replace(OPTIONAL, '$1 (optional)');
  // Most rows have no sign that a plain keyboard has not: in them there is nothing to look for.
  return figuresOf(/[^ -~]/.test(sent) ? unpictured(sent) : sent)
    .replace(/\s+/g, ' ')
    .trim();
}
const unpictured = (row: string): string =>
  row
    .replace(RAISED, (c) => c.normalize('NFKC'))
    .replace(/(\d)️?⃣/gu, '$1. ')
    .replaceAll('🔟', '10. ')
    // Stars are the marks of a reader, and ticks stand before rows: both are told from other pictures.
    .replaceAll('⭐', '★')
    .replace(/[✅☑]️?/gu, '✔')
    .replace(FIRST_PICTURES, (all, rest: string) => (/\p{L}|\d/u.test(rest) ? '- ' : all))
    .replace(PICTURES, ' ');
/** When and by whom a line of a chat was sent: "[12:04] Lisa: ", "3/11/26, 12:04 - Lisa: ". */
const SENT_BY =
  /^\s*(?:\[[^\]]{0,20}\d{1,2}[:.]\d{2}[^\]]{0,12}\]|\d{1,2}[./]\d{1,2}[./]\d{2,4},?\s+\d{1,2}:\d{2}(?:\s?[ap]m)?\s*[-–])\s*[^:\d]{1,30}:\s*/i;
/** A name in quotes, as of what it is not quite: 2 "flax eggs". Inches have a figure before them. */
const QUOTED = /(^|\s)["“]([\p{L}][^"“”]{1,30})["”](?=\s|$|[,.)])/gu;
/** A row in brackets that may be left out: "(opt. 1/2 tsp vanilla)". */
const OPTIONAL = /^\s*\(opt(?:ional)?[.:]?\s+([^()]+)\)\s*$/i;
/** Figures above and below the line, which fractions are set in. */
const RAISED = /[⁰¹²³⁴-⁹₀-₉]/gu;
const PICTURE =
  '(?![©®™✔✓★▪▶])\\p{Extended_Pictographic}(?:\\uFE0F|[\\u{1F3FB}-\\u{1F3FF}]|\\u200D\\p{Extended_Pictographic})*';
const PICTURES = new RegExp(`(?:${PICTURE}|\\p{Regional_Indicator}|\\uFE0F)`, 'gu');
const FIRST_PICTURES = new RegExp(`^\\s*(?:${PICTURE}\\s*)+(?=(.*))`, 'u');

/** Units and sizes that a figure stands before. */
const COUNTED =
  '(?:cups?|tsps?|tbsps?|teaspoons?|tablespoons?|lbs?|pounds?|oz|ounces?|sticks?|eggs?|large|medium|small|pinch|tin|can)\\b';
const ONE = new RegExp(`^([-*•]\\s*)?[lI|]\\s?(?=${COUNTED})`, 'u');
/** A small L or a capital I was a one, and a capital O a nought: "l tsp", "1l/2 cups", "O.5 tsp". */
const figuresOf = (row: string): string =>
  row
    .replace(ONE, '$11 ')
    .replace(/(?<![\p{L}\d])(\d)[lI](?=\/\d)/gu, '$1 1')
    .replace(/(?<![\p{L}\d])[lI](?=\/\d)/gu, '1')
    .replace(/(?<![\p{L}\d])O(?=[.,]\d)/gu, '0');
