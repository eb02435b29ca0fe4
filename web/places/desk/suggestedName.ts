import type { DraftDoc, Version } from '../../../contract/dto';
import { massOf } from '../../../core/formula';
import type { DeskContext } from '../../shared/deskContext';
import { leavesOut } from '../../words/avoidWords';
import { withinSentence } from '../../words/case';
import { grams } from '../../words/format';
import { listed } from '../../words/plural';
import { lineName } from '../../words/things';
import { changeWords } from '../../words/trialWords';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.deskLayout;

/** The name, or the first of its kind that no version has yet: "leaves out egg, 2". */
function unlike(name: string, taken: readonly { name: string }[]): string {
  const isTaken = (x: string): boolean => taken.some((t) => t.name === x);
  let apart = name;
  for (let n = 2; isTaken(apart); n++) apart = `${name}, ${n}`;
  return apart;
}

/** More amounts than this make no name. */
const MOST_NAMED = 3;
/** Amounts that the baker holds here and did not hold in the version it grew from: "water 456 g". */
function amountsHeld(
  { request }: DraftDoc,
  base: Version | undefined,
  solution: DeskContext['solution'],
): string {
  const [now, was] = [request.pins?.lines ?? {}, base?.request.pins?.lines ?? {}];
  const lines = (solution?.formula.parts ?? [])
    .flatMap((p) => p.lines)
    .filter((l) => now[l.id] !== undefined && now[l.id] !== was[l.id]);
  if (!base?.targetId || lines.length > MOST_NAMED) return '';
  return listed(lines.map((l) => `${withinSentence(lineName(l))} ${grams(massOf(l))}`));
}

/** What a version of it would be called: what it is to find out, what was changed by hand, or what it leaves out. */
function nameFor(
  doc: DraftDoc,
  { outcome, solution }: Pick<DeskContext, 'outcome' | 'solution'>,
  base?: Version,
): string {
  if (doc.request.tests) return W.tries({ change: changeWords(doc.request.tests.repair) });
  const held = amountsHeld(doc, base, solution);
  if (held) return held;
  const out = leavesOut(outcome?.avoids ?? []);
  if (out) return W.leavesOut({ out });
  // A bake that nothing has to leave can be kept, made larger, costed and printed like any other.
  return (outcome?.conflicts.length ?? 0) > 0 ? W.leavesOutGluten : W.asItIs;
}

/** What a version is called where the baker gives no name; like no other of the formula. */
export const suggestedName = (
  doc: DraftDoc,
  answer: Pick<DeskContext, 'outcome' | 'solution'>,
  base: Version | undefined,
  versions: readonly { name: string }[],
): string => unlike(nameFor(doc, answer, base), versions);
