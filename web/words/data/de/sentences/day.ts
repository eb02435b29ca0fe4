import type * as English from '../../en/sentences/day';
import { counted } from '../../../plural';

export const daySentences: typeof English.daySentences = {
  mixer: 'Knetmaschine',
  does: 'passt',
  doWord: 'passen',
  together: ' zusammen',
  noBetterPlanThanThis: 'Das ist der bestmögliche Plan.',
  theBestPlanFoundA: 'Der beste gefundene Plan; vielleicht gibt es einen besseren.',
  noPlanIsBetterBy: (a) => `Kein Plan ist um mehr als ${a.percent} % besser.`,
  ringsOnTheHob: 'Platten auf dem Herd',
  shelvesInTheFridge: 'Fächer im Kühlschrank',
  shelvesInTheFreezer: 'Fächer im Gefrierschrank',
  warmPlaces: 'warme Orte',
  liddedPots: 'Töpfe mit Deckel',
  mixingBowls: 'Rührschüsseln',
  thereAreNotEnoughHands: 'in den Arbeitszeiten sind nicht genug Leute da',
  theOvensDoNotSuffice: 'es gibt nicht genug Platz in den Öfen',
  thereAreNotEnough: (a) => `es gibt nicht genug: ${a.thing}`,
  thereIsNotEnoughTime: 'bis es fertig sein soll, reicht die Zeit nicht',
  itGoesIntoNoOven:
    'es passt in keinen Ofen dieses Tages, oder braucht zwei Durchgänge und kann auf den zweiten nicht warten',
  thisIsSuspectedNotProved: ' Das ist wahrscheinlich, nicht sicher.',
  notFit: (a) => `${a.who} ${a.which} nicht hinein${a.which2}: ${a.why}.${a.which3}`,
  readyAt: (a) => `${a.title} fertig um ${a.time}`,
  madeAheadReady: (a) => `${a.title} vorher gemacht, fertig ${a.day}, ${a.time}`,
  oneMoreOf: (a) => `noch eins mehr von: ${a.thing}`,
  leaveOut: (a) => `${a.title} weglassen`,
  dayCount: (a) => counted(a.n, 'Tag', 'Tage'),
  wouldProveTooLongPut: (a) =>
    `${a.title} würde ${a.by} zu lange gehen. Stell es jetzt abgedeckt in den Kühlschrank; hol es heraus, wenn sein Ofen fast heiß ist.`,
  theStarterForWouldBe: (a) =>
    `Der Ansatz für ${a.title} wäre um ${a.by} über seinen Höhepunkt hinaus. Füttere ihn rechtzeitig noch einmal.`,
  isMixedAndWouldStand: (a) =>
    `${a.title} ist gemischt und müsste ${a.by} zu lange warten: Natron oder Backpulver verlieren Gas. Back es jetzt, oder misch es später neu.`,
  thePotForIsHot: (a) =>
    `Der Topf für ${a.title} ist ${a.by} zu früh heiß. Dreh den Ofen herunter, bis der Teig so weit ist.`,
  wouldWaitLongerThanIt: (a) =>
    `${a.title} müsste ${a.by} länger warten, als gut ist. Deck es ab, halt es kühl und prüf es, bevor du weitermachst.`,
};
