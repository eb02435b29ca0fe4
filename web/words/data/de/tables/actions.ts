import type * as English from '../../actions';

export const ACTION_WORDS: typeof English.ACTION_WORDS = {
  prepare: 'vorbereiten',
  preheat: 'aufheizen',
  gel: 'ein Gel machen',
  soak: 'einweichen',
  drain: 'abgießen',
  cream: 'schaumig rühren',
  rub: 'einreiben',
  whisk: 'schlagen',
  melt: 'schmelzen',
  mix: 'mischen',
  knead: 'kneten',
  fold: 'unterheben',
  cook: 'kochen',
  boil: 'aufkochen',
  rest: 'ruhen',
  proof: 'gehen lassen',
  chill: 'kühlen',
  shape: 'formen',
  divide: 'teilen',
  score: 'einschneiden',
  fill: 'füllen',
  wash: 'bestreichen oder bestreuen',
  blind_bake: 'blindbacken',
  bake: 'backen',
  uncover: 'abdecken aufheben',
  turn: 'drehen',
  cool: 'abkühlen',
  glaze: 'glasieren',
  other: 'anderes',
};

export const ACTION_COVER_WORDS: typeof English.ACTION_COVER_WORDS = {
  none: 'offen',
  lid: 'unter einem Deckel',
  tent: 'unter Folie',
  cloth: 'abgedeckt',
};

export const ACTION_PLACE_WORDS: typeof English.ACTION_PLACE_WORDS = {
  room: 'bei Raumtemperatur',
  warm: 'an einem warmen Ort',
  fridge: 'im Kühlschrank',
  freezer: 'im Gefrierschrank',
  hob: 'auf dem Herd',
  oven: 'im Ofen',
};
