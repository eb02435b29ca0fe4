import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { rich } from '../../rich';

export const appWords = catalogue('app', {
  pageError: {
    noSuchPage: 'No such page',
    somethingFailed: 'Something failed',
    thereIsNoSuchPage: 'There is no such page',
    thisPageFailedToDraw: 'This page could not be shown',
    theAddressLeadsNowhereHere: 'No page has this address.',
    nothingYouEnteredIsLost:
      'Nothing you entered is lost. Load the page again; if it fails again, go back to the formulas.',
    toTheFormulas: 'Go to formulas',
  },
  places: {
    formulas: 'Formulas',
    bakeDays: 'Bake days',
    notebook: 'Notebook',
    pantry: 'Pantry',
    kitchen: 'Kitchen',
    handbook: 'Handbook',
  },
  shortcuts: {
    findOrGoToAnything: 'find or go to anything',
    thisList: 'this list',
    goToThisPagesSearch: 'go to this page’s search box',
    undoAtADeskAnd: 'undo, in a formula and in the kitchen',
    doItAgain: 'redo',
    saveAVersionOfThe: 'save a version of the open formula',
    goToStep1To: 'go to step 1 to 6 of this formula',
    tickWhatHasTheFocus: 'tick the item that has the focus',
    closeThisDialogOrMenu: 'close this dialog or menu',
  },
  palette: {
    stops: {
      read: 'Read',
      swap: 'Swap',
      balance: 'Balance',
      lift: 'Lift',
      bake: 'Bake',
      clock: 'Clock',
      versions: 'Versions',
      trials: 'Trials',
    },
    groups: { this: 'This formula', formulas: 'Formulas', go: 'Go to', do: 'Do' },
    untitledFormula: 'Untitled formula',
    handbook: 'Handbook',
    addAFormula: 'Add a formula',
    switchToTheLightTheme: 'Switch to the light theme',
    switchToTheDarkTheme: 'Switch to the dark theme',
    showTheKeys: 'Show keyboard shortcuts',
    findOrGoTo: 'Find or go to',
    aFormulaAPlaceSomething: 'a formula, a page or an action',
    lookUpInTheHandbook: (a: { query: string }) => `Look up “${a.query}” in the handbook`,
  },
  helpSheet: {
    keys: 'Keyboard shortcuts',
  },
  shell: {
    more: (a: { allCount: number }) => `${a.allCount} more`,
    eaters: (a: { whoCount: number }) => `${a.whoCount} people`,
    forWord: (a: { which: string }) => `for ${a.which},`,
    leaving: 'leaving',
    leaving2: 'Leaving',
    outGluten: (a: { note: ReactNode; which: string; wordsCount: ReactNode; strong: ReactNode }) =>
      rich`${a.note}${a.which} out: gluten${a.wordsCount}${a.strong}`,
    switchToTheLightTheme: 'Switch to the light theme',
    switchToTheDarkTheme: 'Switch to the dark theme',
    findOrGoTo: 'Find or go to',
    ctrl: 'Ctrl',
    skipToContent: 'Skip to content',
    newCrumb: 'New Crumb',
    places: 'Places',
    demoKitchen: 'Demo kitchen',
    demoKitchen2: 'Demo kitchen.',
    itsPeopleOvensAndPackets: 'Its people, ovens and packets are made up.',
    startMyOwnKitchen: 'Start my own kitchen',
  },
  useChangeKitchen: {
    notKept: 'Not saved',
    wasChangedInAnotherTab: (a: { name: string }) => `${a.name} was also changed in another tab`,
    thereHereWhatIsThere: (a: { theirs: string; mine: string }) =>
      `There: ${a.theirs}. Here: ${a.mine}. The other tab’s change stays until you choose.`,
    leaveWhatIsThere: 'Keep the other change',
    takeMine: 'Use mine',
  },
  bluetooth: {
    bluetoothInstrument: 'Bluetooth instrument',
  },
});
