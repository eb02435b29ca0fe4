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
    giveTheMostYouWould: 'Gib das Meiste an, das du nehmen würdest.',
    fromAtLeastOverUsual: 'Von mindestens über üblich bis höchstens: keins kleiner als das davor.',
    ingredient: 'Zutat',
    atLeast: 'mindestens',
    atMost: 'höchstens',
    gramsFor: 'Gramm für',
    madeUp: 'zubereitet',
    asItIs: 'wie es ist',
    takeThisIngredientOut: 'Diese Zutat entfernen',
    kept: (a) => `Behalten: ${a.way}`,
    changed: (a) => `Geändert: ${a.way}`,
    aWayOfYourOwn: 'Ein eigener Ersatz',
    couldNotSave: 'Konnte nicht gespeichert werden',
    toG: (a) => `${a.lo} bis ${a.hi} g ${a.ingredient}`,
    thereNowWithKeepThe: (a) =>
      `Dort steht jetzt: ${a.fromValue}, mit ${a.list}. „Änderung behalten“ setzt deine an ihre Stelle.`,
    name: 'Name',
    giveItANameTo: 'Gib ihm einen Namen, unter dem er zu finden ist.',
    standsInFor: 'Steht für',
    sayWhatItCanStand: 'Sag, wofür er stehen kann.',
    suits: 'Passt zu',
    everything: 'alles',
    anotherIngredient: 'Eine weitere Zutat',
    whatToDo: 'Was zu tun ist',
    standsInTheMethodAs: 'Steht als Schritt in der Anleitung; darf leer bleiben',
    itIsTriedLikeOne:
      'Er wird wie einer von unseren probiert: die Mengen werden in deinem Bereich berechnet, und was er enthält, wird mit dem verglichen, was weg muss. Wie gut er ist, beurteilst du.',
    notNow: 'Jetzt nicht',
    keepAndTryIt: 'Behalten und probieren',
    keepTheChange: 'Änderung behalten',
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
    drawTheHoursNarrower: 'Die Stunden schmaler zeichnen',
    hours: (a) => rich`Stunden${a.note}`,
    drawTheHoursWider: 'Die Stunden breiter zeichnen',
  },
  handBar: {
    arrowKeysPutItAt: (a) => `${a.words}. Pfeiltasten legen es auf eine andere Zeit.`,
  },
  newDay: {
    me: 'Ich',
  },
};
