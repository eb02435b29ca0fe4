import type * as English from '../en/parts';
import { rich } from '../../rich';

export const partsWords: typeof English.partsWords = {
  usePageTitle: {
    newCrumb: (a) => `${a.title} · New Crumb`,
    newCrumb2: 'New Crumb',
  },
  dialog: {
    close: 'Schließen',
  },
  toastError: {
    close: 'Schließen',
  },
  toastUndo: {
    putBack: 'Zurückholen',
    undo: 'Zurücknehmen',
    close: 'Schließen',
  },
  undoButtons: {
    undo: 'Zurücknehmen',
    redo: 'Wiederholen',
  },
  wayForm: {
    usual: 'üblich',
    chooseWhatItIs: 'Wähl, was es ist.',
    giveTheMostYouWould: 'Gib an, wie viel du höchstens nehmen würdest.',
    fromAtLeastOverUsual: 'Gib mindestens, üblich und höchstens in steigender Reihenfolge an.',
    ingredient: 'Zutat',
    atLeast: 'mindestens',
    atMost: 'höchstens',
    gramsFor: 'Gramm für',
    madeUp: 'zubereitet',
    asItIs: 'wie es ist',
    takeThisIngredientOut: 'Diese Zutat entfernen',
    kept: (a) => `Gespeichert: ${a.way}`,
    changed: (a) => `Geändert: ${a.way}`,
    aWayOfYourOwn: 'Dein eigener Ersatz',
    couldNotSave: 'Konnte nicht gespeichert werden',
    toG: (a) => `${a.lo} bis ${a.hi} g ${a.ingredient}`,
    thereNowWithKeepThe: (a) =>
      `Jetzt gespeichert: ${a.fromValue}, mit ${a.list}. „Änderungen speichern“ ersetzt es durch deine.`,
    name: 'Name',
    giveItANameTo: 'Gib einen Namen ein.',
    standsInFor: 'Ersetzt',
    sayWhatItCanStand: 'Wähl, was es ersetzen kann.',
    suits: 'Passt zu',
    everything: 'alles',
    anotherIngredient: 'Eine weitere Zutat',
    whatToDo: 'Was zu tun ist',
    standsInTheMethodAs: 'Kommt als Schritt in die Anleitung; darf leer bleiben',
    itIsTriedLikeOne:
      'Er wird wie einer von unseren probiert: Mengen werden in deinem Bereich berechnet, und was er enthält, wird mit dem verglichen, was du weglässt. Wie gut er ist, beurteilst du.',
    notNow: 'Abbrechen',
    keepAndTryIt: 'Speichern und probieren',
    keepTheChange: 'Änderungen speichern',
  },
  styleFields: {
    houseStyle: 'Hausstil',
  },
  beside: {
    none: 'keine',
    asNeeded: 'nach Bedarf',
  },
  handbookLink: {
    inTheHandbook: 'Im Handbuch',
  },
  whenField: {
    day: (a) => `${a.name}, Tag`,
  },
  dayField: {
    noDay: (a) => `${a.name}: kein Tag`,
  },
  timeField: {
    hour: (a) => `${a.name}, Stunde`,
    minute: (a) => `${a.name}, Minute`,
  },
  frame: {
    howToMove: 'Zieh es auf eine andere Zeit. Pfeiltasten bewegen es auch.',
    drawTheHoursNarrower: 'Verkleinern',
    hours: (a) => rich`Stunden${a.note}`,
    drawTheHoursWider: 'Vergrößern',
  },
  handBar: {
    arrowKeysPutItAt: (a) => `${a.words}. Pfeiltasten verschieben es auf eine andere Zeit.`,
  },
  newDay: {
    me: 'Ich',
  },
};
