import type { Standing } from '../working/workingState';
import { sayProblem } from './problems';
import { savingSentences } from './data/en/sentences/saving';

const W = savingSentences;

const here = (browserFull: boolean): string => (browserFull ? W.thisBrowserHasNoRoom : W.itIsKeptInThis);

/** Where the saving of the working copy stands, in a line. */
export function sayStanding(standing: Standing, browserFull: boolean): string {
  switch (standing.is) {
    case 'clean':
      return '';
    case 'changed':
      return W.savingSoon;
    case 'saving':
      return W.saving;
    case 'saved':
      return W.draftSaved;
    case 'conflict':
      return W.changedInTwoPlaces;
    case 'waiting':
      return standing.code === null
        ? W.notSavedYetTheServer({ here: here(browserFull) })
        : W.notSavedYet({ sayProblem: sayProblem(standing.code), here: here(browserFull) });
    case 'refused':
      return W.notSaved({ sayProblem: sayProblem(standing.code, standing.args) });
  }
}
