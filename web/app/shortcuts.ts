/** Keys and what they do, as the help sheet tells them. */
export const SHORTCUTS = {
  find: { keys: ['Ctrl', 'K'], does: 'find or go to anything' },
  help: { keys: ['?'], does: 'this list' },
  field: { keys: ['/'], does: 'go to this page’s search box' },
  undo: { keys: ['Ctrl', 'Z'], does: 'undo, at a desk and in the kitchen' },
  redo: { keys: ['Ctrl', 'Shift', 'Z'], does: 'do it again' },
  keep: { keys: ['Ctrl', 'S'], does: 'save a version of the open formula' },
  stops: { keys: ['Alt', '1 … 6'], does: 'go to step 1 to 6 of this formula' },
  box: { keys: ['Space'], does: 'tick what has the focus' },
  close: { keys: ['Esc'], does: 'close this dialog or menu' },
} as const;

/** On a Mac the command key stands for Ctrl. */
export const keyName = (key: string, mac: boolean): string => (mac && key === 'Ctrl' ? '⌘' : key);
