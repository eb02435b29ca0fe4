import { ActionIcon } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { IconArrowBackUp, IconArrowForwardUp } from '@tabler/icons-react';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.undoButtons;

/** Undo and redo, with their keys. */
export function UndoButtons({
  canUndo,
  canRedo,
  onUndo,
  onRedo,
}: {
  canUndo: boolean;
  canRedo: boolean;
  onUndo: () => void;
  onRedo: () => void;
}) {
  useHotkeys([
    ['mod+Z', () => canUndo && onUndo()],
    ['mod+shift+Z', () => canRedo && onRedo()],
    ['mod+Y', () => canRedo && onRedo()],
  ]);
  const button = (name: string, Icon: typeof IconArrowBackUp, can: boolean, act: () => void) => (
    <ActionIcon
      variant="transparent"
      color="gray"
      size={44}
      bg="transparent"
      aria-label={name}
      title={name}
      disabled={!can}
      onClick={act}
    >
      <Icon size={20} />
    </ActionIcon>
  );
  return (
    <>
      {button(W.undo, IconArrowBackUp, canUndo, onUndo)}
      {button(W.redo, IconArrowForwardUp, canRedo, onRedo)}
    </>
  );
}
