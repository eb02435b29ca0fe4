import { useDraggable } from '@dnd-kit/core';
import type { CSSProperties, ReactNode } from 'react';

type Props = {
  id: string;
  className: string;
  style: CSSProperties;
  children: ReactNode;
  /** One step back or forward by the arrow keys. */
  onStep: (dir: -1 | 1) => void;
  'aria-label': string;
  'data-pinned'?: '' | undefined;
  'data-over'?: '' | undefined;
};

/** Something that can be dragged along the clock, or moved by the arrow keys. */
export function Dragged({ id, style, children, onStep, ...more }: Props) {
  const { listeners, setNodeRef, transform } = useDraggable({ id });
  return (
    <button
      type="button"
      ref={setNodeRef}
      style={{ ...style, ...(transform ? { marginLeft: transform.x, zIndex: 5 } : {}) }}
      {...listeners}
      {...more}
      onKeyDown={(e) => {
        if (e.key !== 'ArrowLeft' && e.key !== 'ArrowRight') return;
        e.preventDefault();
        onStep(e.key === 'ArrowLeft' ? -1 : 1);
      }}
    >
      {children}
    </button>
  );
}
