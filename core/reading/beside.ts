import type { ReadLine } from './line';
import { sentencesOf } from './stages';

const BRUSHED = /\b(?:brush|glaze|paint|egg[- ]?wash)\b/i;
const STREWN = /\b(?:sprinkle|strew|scatter|dip|press|roll|top)\b/i;
/** More than this is in the dough as well, g: what is brushed on is a spoon or two. Common practice, no source. */
const MOST_BRUSHED_G = 40;

const stem = (word: string): string => word.toLowerCase().replace(/s$/, '');
/** The word a method calls a thing by: the last of its name. */
const calledBy = ({ name }: ReadLine): string => stem(name.split(' ').at(-1) ?? '');

/**
 * Marks what the method only brushes on or strews over. It has to be called by a word that no other line has, and in no
 * sentence that does something else with it: where the method is silent or speaks of it twice, it stays in the dough.
 */
export function markBeside(lines: readonly ReadLine[], method: string): void {
  const sentences = sentencesOf(method);
  const names = lines.map(calledBy);
  for (const [i, { line }] of lines.entries()) {
    const word = names[i]!;
    const isPieces = line.role === 'inclusion' || line.item.kind === 'unknown';
    if ((line.role !== undefined && !isPieces) || word.length < 4) continue;
    if (names.some((n, k) => k !== i && n === word)) continue;
    if (!isPieces && (line.amount.massG?.value ?? Infinity) > MOST_BRUSHED_G) continue;
    const said = sentences.filter((s) =>
      s
        .toLowerCase()
        .split(/[^\p{L}]+/u)
        .some((w) => stem(w) === word),
    );
    if (said.length === 0) continue;
    if (said.every((s) => BRUSHED.test(s)) && !isPieces) line.role = 'wash';
    else if (
      isPieces &&
      said.every((s) => STREWN.test(s) && /\b(?:over|on|into|in|top|with)\b/i.test(s)) &&
      said.every((s) => BRUSHED.test(s) || /\bdip\b/i.test(s))
    )
      line.role = 'dusting';
  }
}
