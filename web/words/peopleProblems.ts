import type { Problem } from '../../contract/problem';
import { doorWords } from './data/en/door';
import { sayProblem } from './problems';

const W = doorWords.problems;

/** What went wrong with coming in or with who may, and what to do; fetched with the pages that ask for it. */
export function sayPeopleProblem(problem: Problem | null): string {
  const args = problem?.args ?? {};
  switch (problem?.code) {
    case 'session.wrong':
      return W.nameAndPassphraseDoNot;
    case 'session.locked':
      return W.tooOftenWrong({ minutes: Number(args.minutes ?? 1) });
    case 'session.tooMany':
      return W.tooManyTries;
    case 'session.notFound':
      return W.thatDeviceIsSignedOut;
    case 'code.wrong':
      return W.theCodeIsNotRight;
    case 'passphrase.weak':
      return W.thePassphraseIsEasy;
    case 'people.signInTaken':
      return W.thatNameIsTaken;
    case 'people.lastOwner':
      return W.aKitchenNeedsAnOwner;
    case 'people.alreadySetUp':
      return W.thisKitchenHasAnOwner;
    case 'people.off':
      return W.nobodySignsInHere;
    case 'person.notFound':
      return W.theyAreNotOnThe;
    default:
      return sayProblem(problem?.code ?? null, args);
  }
}
