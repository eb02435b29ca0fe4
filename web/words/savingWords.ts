import type { Standing } from '../working/workingSlice';
import { sayProblem } from './problems';

const here = (browserFull: boolean): string =>
  browserFull
    ? 'This browser has no room to keep it either: leave the page open, or save it as a file.'
    : 'It is kept in this browser and tried again by itself.';

/** Where the saving of the working copy stands, in a line. */
export function sayStanding(standing: Standing, browserFull: boolean): string {
  switch (standing.is) {
    case 'clean':
      return '';
    case 'changed':
      return 'Saving soon';
    case 'saving':
      return 'Saving';
    case 'saved':
      return 'Draft saved';
    case 'conflict':
      return 'Changed in two places';
    case 'waiting':
      return standing.code === null
        ? `Not saved yet: the server does not answer. ${here(browserFull)}`
        : `Not saved yet. ${sayProblem(standing.code)} ${here(browserFull)}`;
    case 'refused':
      return `Not saved. ${sayProblem(standing.code, standing.args)}`;
  }
}
