import { appWords } from '../words/data/en/app';

const W = appWords.shortcuts;
/** Keys and what they do, as the help sheet tells them. */
export const SHORTCUTS = {
  find: { keys: ['Ctrl', 'K'], does: W.findOrGoToAnything },
  help: { keys: ['?'], does: W.thisList },
  field: { keys: ['/'], does: W.goToThisPagesSearch },
  undo: { keys: ['Ctrl', 'Z'], does: W.undoAtADeskAnd },
  redo: { keys: ['Ctrl', 'Shift', 'Z'], does: W.doItAgain },
  keep: { keys: ['Ctrl', 'S'], does: W.saveAVersionOfThe },
  stops: { keys: ['Alt', '1 … 6'], does: W.goToStep1To },
  box: { keys: ['Space'], does: W.tickWhatHasTheFocus },
  close: { keys: ['Esc'], does: W.closeThisDialogOrMenu },
} as const;

/** On a Mac the command key stands for Ctrl. */
export const keyName = (key: string, mac: boolean): string => (mac && key === 'Ctrl' ? '⌘' : key);
