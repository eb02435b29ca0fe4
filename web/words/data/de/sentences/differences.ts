import type * as English from '../../en/sentences/differences';

export const differencesSentences: typeof English.differencesSentences = {
  none: 'keine',
  out: 'Entfernt',
  inWord: 'Hinzugefügt',
  more: 'Mehr',
  less: 'Weniger',
  outOfItsBand: (a) => `Außerhalb des Zielbereichs: ${a.list}.`,
  everyBalanceIsWithinIts: 'Jede Bilanz liegt im Zielbereich.',
  sameFormula: 'Dieselbe Formel.',
  mainPart: 'Hauptteil',
  notStated: 'nicht angegeben',
  bake: (a) => `Backen: ${a.wasText} → ${a.nowText}.`,
  tin: (a) => `Form: ${a.tins} → ${a.tins2}.`,
  methodNewOrRewordedGone: (a) => `Anleitung: ${a.more} neu oder anders gesagt, ${a.gone} weg.`,
};
