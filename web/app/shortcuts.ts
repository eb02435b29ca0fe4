/** Keys and what they do, as the help sheet tells them. */
export const SHORTCUTS = {
  find: { keys: ['Ctrl', 'K'], does: 'find or go to anything' },
  help: { keys: ['?'], does: 'this list' },
  field: { keys: ['/'], does: 'to the find field of the page' },
  undo: { keys: ['Ctrl', 'Z'], does: 'undo, at a desk and in the kitchen' },
  redo: { keys: ['Ctrl', 'Shift', 'Z'], does: 'do it again' },
  keep: { keys: ['Ctrl', 'S'], does: 'keep this version, at a desk' },
  stops: { keys: ['Alt', '1 … 6'], does: 'to a stop of the desk, by its number' },
  box: { keys: ['Space'], does: 'tick what has the focus' },
  close: { keys: ['Esc'], does: 'close what lies over the page' },
} as const;

/** On a Mac the command key stands for Ctrl. */
export const keyName = (key: string, mac: boolean): string => (mac && key === 'Ctrl' ? '⌘' : key);
