import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { ActionIcon } from '@mantine/core';
import { IconZoomIn, IconZoomOut } from '@tabler/icons-react';
import { LABEL_PX, ZOOMS, type Zoom } from './bars';
import type { Piece } from './scale';
import classes from './timeline.module.css';
import { Track } from './Track';
import { partsWords } from '../../words/data/en/parts';

const W = partsWords.frame;

type Props = {
  pieces: readonly Piece[];
  now: number;
  /** Something was let go, so many px from where it was. */
  onMoved: (id: string, px: number) => void;
  zoom: Zoom;
  onZoom: (zoom: Zoom) => void;
  children: ReactNode;
};

/** Lanes over one clock, its hours on top; what is on them can be dragged along it. */
export function Frame({ pieces, now, onMoved, zoom, onZoom, children }: Props) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const last = pieces.at(-1);
  const at = ZOOMS.indexOf(zoom);
  const drawn = (by: -1 | 1, words: string, icon: ReactNode) => {
    const next = ZOOMS[at + by];
    return (
      <ActionIcon
        variant="subtle"
        size={28}
        aria-label={words}
        title={words}
        disabled={next === undefined}
        onClick={() => next && onZoom(next)}
      >
        {icon}
      </ActionIcon>
    );
  };
  return (
    <DndContext
      accessibility={{ screenReaderInstructions: { draggable: W.howToMove } }}
      sensors={sensors}
      onDragEnd={({ active, delta }: DragEndEvent) => onMoved(String(active.id), delta.x)}
    >
      <div style={{ width: LABEL_PX + (last ? last.x + last.width : 0) + 16 }}>
        <div className={classes.lane}>
          <b className={`quiet ${classes.hours}`}>
            {W.hours({ note: drawn(-1, W.drawTheHoursNarrower, <IconZoomOut size={16} stroke={1.6} />) })}
            {drawn(1, W.drawTheHoursWider, <IconZoomIn size={16} stroke={1.6} />)}
          </b>
          <Track pieces={pieces} now={now} hours>
            {null}
          </Track>
        </div>
        {children}
      </div>
    </DndContext>
  );
}
