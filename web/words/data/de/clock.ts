import type * as English from '../en/clock';
import { rich } from '../../rich';

export const clockWords: typeof English.clockWords = {
  clockLanes: {
    theBakeOverTime: 'Das Backen über die Zeit',
    byHand: 'Von Hand',
    oven: 'Ofen',
    byItself: 'Von selbst',
    ready: 'Fertig',
    readyByArrowKeysChange: (a) => `Fertig um ${a.time}. Pfeiltasten ändern es.`,
  },
  clockStop: {
    readyBy: 'Fertig um',
    startNow: 'Jetzt anfangen',
    saveForACalendar: 'Für einen Kalender speichern',
    upFrom: 'Auf von',
    until: 'bis',
    letGoOfWhatWas: 'Loslassen, was auf eine Zeit gelegt wurde',
    thereIsNoMethodTo: 'Es gibt keine Anleitung, aus der eine Uhr würde.',
    itWouldHaveToBe: 'Es hätte schon begonnen haben müssen',
    orStartNowReadyAt: (a) => `, oder fang jetzt an: fertig um ${a.time}`,
    theFirstThingToDo: (a) =>
      rich`Das Erste ist um ${a.time} zu tun, ${a.inSentence}. Gib eine spätere Zeit an${a.note}.`,
    itDoesNotFit: 'Es passt nicht',
    withWhatWasPutAt: ' mit dem, was auf eine Zeit gelegt wurde',
    betweenAndThereIsNo: (a) =>
      `Zwischen ${a.hour} und ${a.hour2} gibt es keinen Weg, bis dahin fertig zu sein${a.which}. Gib eine andere Zeit oder längere Stunden an.`,
    begunAtReadyAtHands: (a) =>
      rich`Beginn um ${a.strong}, ${a.inSentence}; fertig um ${a.strong2}, ${a.inSentence2}. Davon etwa ${a.time} Handarbeit. Vor ${a.hour} und nach ${a.hour2} ist nichts von Hand zu tun.`,
  },
};
