import { catalogue } from '../../catalogue';

/** What stands behind a number, and where there is none. */
export const unitWords = catalogue('units', {
  nuts: 'nuts',
  dairy: 'dairy',
  notKnown: 'not known',
  tsp: 'tsp',
  eggs: 'eggs’ worth',
});
