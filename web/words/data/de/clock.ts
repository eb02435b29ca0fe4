import type * as English from '../en/clock';
import { rich } from '../../rich';

export const clockWords: typeof English.clockWords = {
  clockLanes: {
    theBakeOverTime: 'Das Backen über die Zeit',
    byHand: 'Von Hand',
    oven: 'Ofen',
    byItself: 'Ohne Aufsicht',
    ready: 'Fertig',
    readyByArrowKeysChange: (a) => `Fertig um ${a.time}. Pfeiltasten ändern es.`,
  },
  clockStop: {
    readyBy: 'Fertig um',
    startNow: 'Jetzt anfangen',
    saveForACalendar: 'Für einen Kalender speichern',
    upFrom: 'Wach von',
    until: 'bis',
    letGoOfWhatWas: 'Feste Zeiten freigeben',
    thereIsNoMethodTo: 'Es gibt keine Anleitung, die sich planen lässt.',
    itWouldHaveToBe: 'Es müsste vor jetzt begonnen haben',
    orStartNowReadyAt: (a) => `, oder fang jetzt an: fertig um ${a.time}`,
    theFirstThingToDo: (a) =>
      rich`Der erste Schritt wäre um ${a.time}, ${a.inSentence}. Wähl eine spätere Zeit${a.note}.`,
    itDoesNotFit: 'Es passt nicht',
    withWhatWasPutAt: ' mit den Zeiten, die du festgelegt hast',
    betweenAndThereIsNo: (a) =>
      `Bei Arbeit zwischen ${a.hour} und ${a.hour2} kann es bis dahin nicht fertig sein${a.which}. Wähl eine andere Zeit oder längere Stunden.`,
    begunAtReadyAtHands: (a) =>
      rich`Beginn um ${a.strong}, ${a.inSentence}; fertig um ${a.strong2}, ${a.inSentence2}. Davon etwa ${a.time} Handarbeit. Keine Handarbeit vor ${a.hour} oder nach ${a.hour2}.`,
  },
};
