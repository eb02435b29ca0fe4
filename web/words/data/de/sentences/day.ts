import type * as English from '../../en/sentences/day';
import { counted } from '../../../plural';

export const daySentences: typeof English.daySentences = {
  mixer: 'Knetmaschine',
  does: 'passt',
  doWord: 'passen',
  together: ' zusammen',
  noBetterPlanThanThis: 'Keinen besseren Plan als diesen: bewiesen.',
  theBestPlanFoundA: 'Der beste gefundene Plan; ein besserer ist nicht ausgeschlossen.',
  noPlanIsBetterBy: (a) => `Kein Plan ist um mehr als ${a.percent} % besser: bewiesen.`,
  ringsOnTheHob: 'Platten auf dem Herd',
  shelvesInTheFridge: 'Fächer im Kühlschrank',
  shelvesInTheFreezer: 'Fächer im Gefrierschrank',
  warmPlaces: 'warme Orte',
  liddedPots: 'Töpfe mit Deckel',
  mixingBowls: 'Rührschüsseln',
  thereAreNotEnoughHands: 'in den angegebenen Stunden sind nicht genug Hände da',
  theOvensDoNotSuffice: 'die Öfen reichen nicht',
  thereAreNotEnough: (a) => `es gibt nicht genug: ${a.thing}`,
  thereIsNotEnoughTime: 'bis es gewünscht ist, reicht die Zeit nicht',
  itGoesIntoNoOven:
    'es geht in keinen Ofen dieses Tages, oder nicht auf einmal und kann nicht auf ein zweites Mal warten',
  thisIsSuspectedNotProved: ' Das ist vermutet, nicht bewiesen.',
  notFit: (a) => `${a.who} ${a.which} nicht hinein${a.which2}: ${a.why}.${a.which3}`,
  readyAt: (a) => `${a.title} fertig um ${a.time}`,
  madeAheadReady: (a) => `${a.title} vorher gemacht, fertig ${a.day}, ${a.time}`,
  oneMoreOf: (a) => `noch eins mehr von: ${a.thing}`,
  leaveOut: (a) => `${a.title} weglassen`,
  dayCount: (a) => counted(a.n, 'Tag', 'Tage'),
  wouldProveTooLongPut: (a) =>
    `${a.title} würde ${a.by} zu lange gehen. Stell es jetzt abgedeckt in den Kühlschrank; hol es heraus, wenn sein Ofen fast heiß ist.`,
  theStarterForWouldBe: (a) =>
    `Der Ansatz für ${a.title} wäre um ${a.by} über die Höhe hinaus. Füttere ihn rechtzeitig noch einmal.`,
  isMixedAndWouldStand: (a) =>
    `${a.title} ist gemischt und stünde ${a.by} zu lange: sein Natron oder Backpulver verliert Gas. Back, was jetzt hineingeht, oder misch es später noch einmal.`,
  thePotForIsHot: (a) =>
    `Der Topf für ${a.title} ist ${a.by} zu früh heiß. Dreh den Ofen herunter, bis der Teig so weit ist.`,
  wouldWaitLongerThanIt: (a) =>
    `${a.title} würde ${a.by} länger warten, als es verträgt. Deck es ab, halt es kühl und sieh es an, bevor du weitermachst.`,
};
