import { catalogue } from '../catalogue';

/** What stands behind a number, and where there is none. */
export const unitWords = catalogue('units', {
  notKnown: 'not known',
  tsp: 'tsp',
  eggs: 'eggs',
});
