import type * as English from '../en/units';

export const unitWords: typeof English.unitWords = {
  nuts: 'Nüsse',
  dairy: 'Milch',
  percent: ' %',
  notKnown: 'nicht bekannt',
  tsp: 'TL',
  eggs: 'Ei-Äquivalente',
};
