import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { rich } from '../../rich';

export const clockWords = catalogue('clock', {
  clockLanes: {
    theBakeOverTime: 'The bake over time',
    byHand: 'By hand',
    oven: 'Oven',
    byItself: 'By itself',
    ready: 'Ready',
    readyByArrowKeysChange: (a: { time: string }) => `Ready by ${a.time}. Arrow keys change it.`,
  },
  clockStop: {
    readyBy: 'Ready by',
    startNow: 'Start now',
    saveForACalendar: 'Save for a calendar',
    upFrom: 'Up from',
    until: 'until',
    letGoOfWhatWas: 'Let go of what was put at a time',
    thereIsNoMethodTo: 'There is no method to make a clock of.',
    itWouldHaveToBe: 'It would have to be begun before now',
    orStartNowReadyAt: (a: { time: string }) => `, or start now: ready at ${a.time}`,
    theFirstThingToDo: (a: { time: string; inSentence: string; note: ReactNode }) =>
      rich`The first thing to do is at ${a.time}, ${a.inSentence}. Give a later time${a.note}.`,
    itDoesNotFit: 'It does not fit',
    withWhatWasPutAt: ' with what was put at a time',
    betweenAndThereIsNo: (a: { hour: string; hour2: string; which: string }) =>
      `Between ${a.hour} and ${a.hour2} there is no way to be ready by then${a.which}. Give another time, or longer hours.`,
    begunAtReadyAtHands: (a: {
      strong: ReactNode;
      inSentence: string;
      strong2: ReactNode;
      inSentence2: string;
      time: string;
      hour: string;
      hour2: string;
    }) =>
      rich`Begun at ${a.strong}, ${a.inSentence}; ready at ${a.strong2}, ${a.inSentence2}. Hands on for about ${a.time} of it. Nothing is done by hand before ${a.hour} or after ${a.hour2}.`,
  },
});
