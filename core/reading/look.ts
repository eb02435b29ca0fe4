import type { Part } from '../formula';
import { AT_WORK, withoutVerb, type Clause } from './clauses';
import { mentionsIn, type Lines, type Named } from './mentions';
import { partNamed } from './spoken';

/** A clause as it is looked at: its words, those without the verb, the part it names, the lines its words point at. */
export type Looked = {
  t: string;
  said: string;
  named: Part | undefined;
  names: Named[];
  first: ReturnType<typeof mentionsIn>;
  /** Whether it works on a part, which is at work from then on. */
  mixes: boolean;
  partId: string | undefined;
  /** The part all of its things are in, where it only lays them on: "brush with butter, strew the sugar over" is of the filling. */
  laid: string | undefined;
};

/** What a clause is about, and which part is at work: `at` is the one before it. */
export function look(
  { text: t, verb, head }: Clause,
  lines: Lines,
  parts: readonly Part[],
  at: string | undefined,
): Looked {
  // The verb itself names nothing: "cream the butter".
  const said = withoutVerb(t, verb);
  const named = partNamed(lines.withoutNames(t), parts);
  // The part at work: the one named, where it is begun here; else the one most of the named lines are in.
  const mixes = AT_WORK.includes(head);
  const names: Named[] = [];
  const before = named?.id ?? at;
  const first = mentionsIn(said, lines, before, 'any', names);
  const votes = new Map<string, number>();
  const vote = (part: string, n: number): void => void votes.set(part, (votes.get(part) ?? 0) + n);
  for (const m of first) {
    // "Cream butter and sugar": of the part that has both, though another has butter too.
    for (const part of m.parts) vote(part, 1);
    vote(m.called.part, m.parts.size === 1 ? 1 : 0.1);
  }
  const most = [...votes].sort((a, b) => b[1] - a[1])[0]?.[0];
  const partId = (mixes && named ? named.id : undefined) ?? (mixes ? most : undefined) ?? at;
  const laid = !mixes && most !== undefined && first.every((m) => m.parts.has(most)) ? most : undefined;
  if (partId === before) return { t, said, named, names, first, mixes, partId, laid };
  // At another part the same words mean its lines.
  const meant: Named[] = [];
  return {
    t,
    said,
    named,
    names: meant,
    first: mentionsIn(said, lines, partId, 'any', meant),
    mixes,
    partId,
    laid,
  };
}
