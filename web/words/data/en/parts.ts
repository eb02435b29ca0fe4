import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { rich } from '../../rich';

export const partsWords = catalogue('parts', {
  usePageTitle: {
    newCrumb: (a: { title: string }) => `${a.title} · New Crumb`,
    newCrumb2: 'New Crumb',
  },
  dialog: {
    close: 'Close',
  },
  sayNot: {
    close: 'Close',
  },
  sayDone: {
    putBack: 'Put back',
    undo: 'Undo',
    close: 'Close',
  },
  undoButtons: {
    undo: 'Undo',
    redo: 'Redo',
  },
  wayForm: {
    usual: 'usual',
    chooseWhatItIs: 'Choose what it is.',
    giveTheMostYouWould: 'Give the most you would take.',
    fromAtLeastOverUsual: 'From at least over usual to at most: each no less than the one before.',
    ingredient: 'Ingredient',
    atLeast: 'at least',
    atMost: 'at most',
    gramsFor: 'grams for',
    madeUp: 'made up',
    asItIs: 'as it is',
    takeThisIngredientOut: 'Take this ingredient out',
    kept: (a: { way: string }) => `Kept: ${a.way}`,
    changed: (a: { way: string }) => `Changed: ${a.way}`,
    aWayOfYourOwn: 'A way of your own',
    couldNotSave: 'Could not save',
    toG: (a: { lo: number; hi: number; ingredient: string }) => `${a.lo} to ${a.hi} g ${a.ingredient}`,
    thereNowWithKeepThe: (a: { fromValue: string; list: string }) =>
      `There now: ${a.fromValue}, with ${a.list}. “Keep the change” puts yours in its place.`,
    name: 'Name',
    giveItANameTo: 'Give it a name to find it by.',
    standsInFor: 'Stands in for',
    sayWhatItCanStand: 'Say what it can stand in for.',
    suits: 'Suits',
    everything: 'everything',
    anotherIngredient: 'Another ingredient',
    whatToDo: 'What to do',
    standsInTheMethodAs: 'Stands in the method as a step; may be empty',
    itIsTriedLikeOne:
      'It is tried like one of ours: the amounts are worked out inside your window, and what it holds is checked against what must go. How well it does is yours to judge.',
    notNow: 'Not now',
    keepAndTryIt: 'Keep and try it',
    keepTheChange: 'Keep the change',
  },
  styleFields: {
    houseStyle: 'House style',
  },
  beside: {
    none: 'none',
    asNeeded: 'as needed',
  },
  handbookLink: {
    inTheHandbook: 'In the handbook',
  },
  whenField: {
    day: (a: { name: string }) => `${a.name}, day`,
  },
  dayField: {
    noDay: (a: { name: string }) => `${a.name}: no day`,
  },
  timeField: {
    hour: (a: { name: string }) => `${a.name}, hour`,
    minute: (a: { name: string }) => `${a.name}, minute`,
  },
  frame: {
    howToMove: 'Drag it to another time. Arrow keys move it too.',
    drawTheHoursNarrower: 'Draw the hours narrower',
    hours: (a: { note: ReactNode }) => rich`Hours${a.note}`,
    drawTheHoursWider: 'Draw the hours wider',
  },
  handBar: {
    arrowKeysPutItAt: (a: { words: string }) => `${a.words}. Arrow keys put it at another time.`,
  },
  newDay: {
    me: 'Me',
  },
});
