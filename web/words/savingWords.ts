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
      return 'changed, saving soon';
    case 'saving':
      return 'saving';
    case 'saved':
      return 'changed and saved, not kept as a version';
    case 'conflict':
      return 'changed in two places';
    case 'waiting':
      return standing.code === null
        ? `not saved yet: the server does not answer. ${here(browserFull)}`
        : `not saved yet. ${sayProblem(standing.code)} ${here(browserFull)}`;
    case 'refused':
      return `not saved. ${sayProblem(standing.code, standing.args)}`;
  }
}
