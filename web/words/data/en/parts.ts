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
  toastError: {
    close: 'Close',
  },
  toastUndo: {
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
    giveTheMostYouWould: 'Enter the most you would use.',
    fromAtLeastOverUsual: 'Enter at least, usual and at most in rising order.',
    ingredient: 'Ingredient',
    atLeast: 'at least',
    atMost: 'at most',
    gramsFor: 'grams for',
    madeUp: 'made up',
    asItIs: 'as it is',
    takeThisIngredientOut: 'Remove this ingredient',
    kept: (a: { way: string }) => `Saved: ${a.way}`,
    changed: (a: { way: string }) => `Changed: ${a.way}`,
    aWayOfYourOwn: 'Your own replacement',
    couldNotSave: 'Could not save',
    toG: (a: { lo: number; hi: number; ingredient: string }) => `${a.lo} to ${a.hi} g ${a.ingredient}`,
    thereNowWithKeepThe: (a: { fromValue: string; list: string }) =>
      `Saved now: ${a.fromValue}, with ${a.list}. “Save changes” replaces it with yours.`,
    name: 'Name',
    giveItANameTo: 'Enter a name.',
    standsInFor: 'Replaces',
    sayWhatItCanStand: 'Choose what it can replace.',
    suits: 'Suits',
    everything: 'everything',
    anotherIngredient: 'Another ingredient',
    whatToDo: 'What to do',
    standsInTheMethodAs: 'Added to the method as a step; may be empty',
    itIsTriedLikeOne:
      'It is tried like one of ours: amounts are worked out within your range, and what it contains is checked against what you leave out. How well it works is for you to judge.',
    notNow: 'Cancel',
    keepAndTryIt: 'Save and try it',
    keepTheChange: 'Save changes',
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
    drawTheHoursNarrower: 'Zoom out',
    hours: (a: { note: ReactNode }) => rich`Hours${a.note}`,
    drawTheHoursWider: 'Zoom in',
  },
  handBar: {
    arrowKeysPutItAt: (a: { words: string }) => `${a.words}. Arrow keys move it to another time.`,
  },
  newDay: {
    me: 'Me',
  },
});
