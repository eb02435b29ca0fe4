import { fold, foldedWords } from '../../core/explain';

/** The groups, in the order they are shown; their words stand in the catalogue. */
export const CHOICE_GROUPS = ['this', 'formulas', 'go', 'do'] as const;
/** Something to go to or to do. */
export type Choice = {
  group: (typeof CHOICE_GROUPS)[number];
  name: string;
  about?: string;
  to?: string;
  act?: () => void;
};

/** So many of a group are offered at once. */
const MOST_OF_GROUP = 8;

/**
 * What fits the words, group by group, names that begin with them first. Every word must be in the name or what is said
 * of it.
 */
export function choicesFor(
  all: readonly Choice[],
  query: string,
): { group: Choice['group']; choices: Choice[] }[] {
  const words = foldedWords(query);
  const begins = (c: Choice): number => Number(words.length > 0 && fold(c.name).startsWith(words[0]!));
  const fits = all.filter((c) => {
    const said = fold(`${c.name} ${c.about ?? ''}`);
    return words.every((w) => said.includes(w));
  });
  return CHOICE_GROUPS.map((group) => ({
    group,
    choices: fits
      .filter((c) => c.group === group)
      .sort((a, b) => begins(b) - begins(a))
      .slice(0, MOST_OF_GROUP),
  })).filter(({ choices }) => choices.length > 0);
}
