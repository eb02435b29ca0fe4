import { Modal } from '@mantine/core';
import type { ReactNode } from 'react';
import classes from './parts.module.css';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.dialog;

/** A dialog over the page. Its title is no page header, which a second banner would be. */
export function Dialog({
  title,
  size = 'md',
  onClose,
  children,
}: {
  title: string;
  size?: string;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Modal.Root opened onClose={onClose} centered size={size}>
      <Modal.Overlay />
      <Modal.Content>
        <Modal.Body>
          <div className={classes.dialogHead}>
            <Modal.Title>{title}</Modal.Title>
            <Modal.CloseButton aria-label={W.close} />
          </div>
          {children}
        </Modal.Body>
      </Modal.Content>
    </Modal.Root>
  );
}
