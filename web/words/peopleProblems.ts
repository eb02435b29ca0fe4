import type { Problem } from '../../contract/problem';
import { doorWords } from './data/en/door';
import { sayProblem, type DoorCode, type Says } from './problems';

const W = doorWords.problems;

const SAYS: Record<DoorCode, Says> = {
  'session.wrong': () => W.nameAndPassphraseDoNot,
  'session.locked': ({ minutes }) => W.tooOftenWrong({ minutes: Number(minutes ?? 1) }),
  'session.tooMany': () => W.tooManyTries,
  'session.notFound': () => W.thatDeviceIsSignedOut,
  'code.wrong': () => W.theCodeIsNotRight,
  'passphrase.weak': () => W.thePassphraseIsEasy,
  'people.signInTaken': () => W.thatNameIsTaken,
  'people.lastOwner': () => W.aKitchenNeedsAnOwner,
  'people.alreadySetUp': () => W.thisKitchenHasAnOwner,
  'people.off': () => W.nobodySignsInHere,
  'person.notFound': () => W.theyAreNotOnThe,
};

/** What went wrong with coming in or with who may, and what to do; fetched with the pages that ask for it. */
export function sayPeopleProblem(problem: Problem | null): string {
  if (!problem) return sayProblem(null);
  const { code, args } = problem;
  return (SAYS as Partial<Record<string, Says>>)[code]?.(args) ?? sayProblem(code, args);
}
