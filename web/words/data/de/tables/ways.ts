import type * as English from '../../ways';

export const DOSED_WORDS: typeof English.DOSED_WORDS = {
  psyllium: 'Flohsamen',
  gum: 'Gummi',
  soda: 'Natron',
  powder: 'Backpulver',
  salt: 'Salz',
  yeast: 'Hefe',
};

export const SURE: typeof English.SURE = {
  good: 'Ziemlich sicher',
  fair: 'Erst ein kleiner Versuch',
  low: 'Unsicher: back erst eins',
  open: 'Noch nicht zu sagen',
};

export const DOSE_WORDS: typeof English.DOSE_WORDS = {
  g: 'ein Gramm, das weggeht',
  egg: 'ein Ei (50 g)',
  'flour%': '100 g Mehl',
  'liquid%': '100 g Flüssigkeit',
};

export const FAMILY_WORDS: typeof English.FAMILY_WORDS = {
  yeast_loaf: 'Brote',
  batter: 'Kuchen und Rührmassen',
  cookie: 'Kekse und Mürbeteige',
  flaky: 'Blätterteige',
  foam: 'Biskuits',
  meringue: 'Baisers',
  choux: 'Brandteig',
  custard: 'Eiercremes',
  set: 'feste Füllungen',
  finish: 'Bestreichen und Glasuren',
};

export const STATE_WORDS: typeof English.STATE_WORDS = {
  gel: 'als Gel',
  slurry: 'als Brei',
  whisked: 'aufgeschlagen',
};
