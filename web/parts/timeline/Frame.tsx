import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { LABEL_PX } from './bars';
import type { Piece } from './scale';
import classes from './timeline.module.css';
import { Track } from './Track';

type Props = {
  pieces: readonly Piece[];
  now: number;
  /** Something was let go, so many px from where it was. */
  onMoved: (id: string, px: number) => void;
  children: ReactNode;
};

/** Lanes over one clock, its hours on top; what is on them can be dragged along it. */
export function Frame({ pieces, now, onMoved, children }: Props) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const last = pieces.at(-1);
  return (
    <DndContext
      sensors={sensors}
      onDragEnd={({ active, delta }: DragEndEvent) => onMoved(String(active.id), delta.x)}
    >
      <div style={{ width: LABEL_PX + (last ? last.x + last.width : 0) + 16 }}>
        <div className={classes.lane}>
          <b className="quiet">Hours</b>
          <Track pieces={pieces} now={now} hours>
            {null}
          </Track>
        </div>
        {children}
      </div>
    </DndContext>
  );
}
