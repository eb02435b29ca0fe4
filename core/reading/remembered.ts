import { wordsOf, type Matcher } from './match';

/** A name that the baker once said: its words, told apart by them, and the thing that is meant. */
export type Remembered = { id: string; means: string };

const keyOf = (name: string): string => wordsOf(name).join(' ');

/** A name to be remembered for a thing; null where there are no words in it. */
export const remembered = (name: string, means: string): Remembered | null => {
  const id = keyOf(name).slice(0, 120);
  return id === '' ? null : { id, means };
};

/** The names known, with one more; what was said of the same name before gives way. */
export const withRemembered = (names: readonly Remembered[], one: Remembered): Remembered[] => [
  ...names.filter((n) => n.id !== one.id),
  one,
];

/** A matcher that goes by what the baker said of a name, where they said it, and else by the pantry. */
export function remembering(
  matcher: Pick<Matcher, 'matchWritten'>,
  names: readonly Remembered[],
): Pick<Matcher, 'matchWritten'> {
  if (names.length === 0) return matcher;
  const known = new Map(names.map((n) => [n.id, n.means]));
  return {
    matchWritten: (name, note) => {
      const means = known.get(keyOf(name)) ?? (note ? known.get(keyOf(`${name} ${note}`)) : undefined);
      return means === undefined
        ? matcher.matchWritten(name, note)
        : { best: { id: means, confidence: 1 }, others: [] };
    },
  };
}
