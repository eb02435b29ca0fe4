import { catalogue } from '../../catalogue';

/** What stands behind a number, and where there is none. */
export const unitWords = catalogue('units', {
  nuts: 'nuts',
  dairy: 'dairy',
  /** Behind a number: closed up in English. */
  percent: '%',
  notKnown: 'not known',
  tsp: 'tsp',
  eggs: 'eggs’ worth',
});
