import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { rich } from '../../rich';

export const clockWords = catalogue('clock', {
  clockLanes: {
    theBakeOverTime: 'The bake over time',
    byHand: 'By hand',
    oven: 'Oven',
    byItself: 'Unattended',
    ready: 'Ready',
    readyByArrowKeysChange: (a: { time: string }) => `Ready by ${a.time}. Arrow keys change it.`,
  },
  clockStop: {
    readyBy: 'Ready by',
    startNow: 'Start now',
    saveForACalendar: 'Save for a calendar',
    upFrom: 'Awake from',
    until: 'until',
    letGoOfWhatWas: 'Unlock fixed times',
    thereIsNoMethodTo: 'There is no method to plan.',
    itWouldHaveToBe: 'It would have to start before now',
    orStartNowReadyAt: (a: { time: string }) => `, or start now: ready at ${a.time}`,
    theFirstThingToDo: (a: { time: string; inSentence: string; note: ReactNode }) =>
      rich`The first step would be at ${a.time}, ${a.inSentence}. Choose a later time${a.note}.`,
    itDoesNotFit: 'It does not fit',
    withWhatWasPutAt: ' with the times you fixed',
    betweenAndThereIsNo: (a: { hour: string; hour2: string; which: string }) =>
      `Working between ${a.hour} and ${a.hour2}, it cannot be ready by then${a.which}. Choose another time or longer hours.`,
    begunAtReadyAtHands: (a: {
      strong: ReactNode;
      inSentence: string;
      strong2: ReactNode;
      inSentence2: string;
      time: string;
      hour: string;
      hour2: string;
    }) =>
      rich`Starts at ${a.strong}, ${a.inSentence}; ready at ${a.strong2}, ${a.inSentence2}. About ${a.time} hands-on. No hands-on work before ${a.hour} or after ${a.hour2}.`,
  },
});
