import { useElementSize } from '@mantine/hooks';
import { useMemo, useState } from 'react';
import type { Clock, Placed } from '../../../core/schedule';
import {
  barAt,
  isWide,
  LABEL_PX,
  LEAST_TRACK_PX,
  packed,
  PIN_MIN,
  WANT_MIN,
  type Zoom,
} from '../../parts/timeline/bars';
import { Dragged } from '../../parts/timeline/Dragged';
import { Frame } from '../../parts/timeline/Frame';
import { HandBar } from '../../parts/timeline/HandBar';
import { minAt, scaleOf, xOf, type Piece } from '../../parts/timeline/scale';
import { Track } from '../../parts/timeline/Track';
import classes from '../../parts/timeline/timeline.module.css';
import { taskTitle, timeOf } from '../../words/clockWords';
import own from './clock.module.css';
import { clockWords } from '../../words/data/en/clock';

const W = clockWords.clockLanes;

const READY = 'ready';
const isOven = ({ task }: Placed): boolean => task.kind === 'bake' || task.kind === 'blind_bake';
const isHeat = ({ task }: Placed): boolean => task.kind === 'heat_oven' || task.kind === 'heat_pot';
const isHand = (p: Placed): boolean => p.task.handsFirst > 1 && !isOven(p) && !isHeat(p);

type Props = {
  clock: Clock;
  now: number;
  ready: number;
  pins: Readonly<Record<string, number>>;
  onReady: (min: number) => void;
  onPin: (taskId: string, min: number) => void;
};

const words = (p: Placed): string => `${timeOf(p.from)} ${taskTitle(p.task)}`;
/** Tasks on a scale. */
type Drawn = { pieces: Piece[]; now: number; placed: readonly Placed[] };

/** What is done by hand, to be put at another time. */
const HandLane = ({ pieces, now, placed, pins, onPin }: Drawn & Pick<Props, 'pins' | 'onPin'>) => (
  <div className={classes.lane}>
    <b>{W.byHand}</b>
    <Track pieces={pieces} now={now}>
      {placed.filter(isHand).map((p) => (
        <HandBar
          key={p.task.id}
          pieces={pieces}
          from={p.from}
          to={p.from + p.task.handsFirst}
          id={p.task.id}
          words={words(p)}
          title={taskTitle(p.task)}
          pinned={p.task.id in pins}
          onStep={(dir) => onPin(p.task.id, p.from + dir * PIN_MIN)}
        />
      ))}
    </Track>
  </div>
);

/** What is in the oven, and when it heats. */
const OvenLane = ({ pieces, now, placed }: Drawn) => (
  <div className={classes.lane}>
    <b>{W.oven}</b>
    <Track pieces={pieces} now={now}>
      {placed
        .filter((p) => isOven(p) || isHeat(p))
        .map((p) => (
          <span
            key={p.task.id}
            className={classes.inOven}
            style={barAt(pieces, p.from, p.to)}
            data-heats={isHeat(p) ? '' : undefined}
            title={words(p)}
          >
            {isHeat(p) ? '' : taskTitle(p.task)}
          </span>
        ))}
    </Track>
  </div>
);

/** What goes on by itself, in as few lanes as it fits. */
const StillLanes = ({ pieces, now, placed }: Drawn) =>
  packed(placed.filter((p) => !isHand(p) && !isOven(p) && !isHeat(p))).map((row, k) => (
    <div key={k} className={classes.lane}>
      <b className="quiet">{k === 0 ? W.byItself : ''}</b>
      <Track pieces={pieces} now={now}>
        {row.map((p) => (
          <span
            key={p.task.id}
            className={classes.bar}
            data-still=""
            style={barAt(pieces, p.from, p.to)}
            title={words(p)}
          >
            {isWide(pieces, p.from, p.to) ? taskTitle(p.task) : ''}
          </span>
        ))}
      </Track>
    </div>
  ));

/** One bake over time: by hand, in the oven, by itself; its end and its work can be dragged, or moved by the arrow keys. */
export function ClockLanes({ clock, now, ready, pins, onReady, onPin }: Props) {
  const { ref, width } = useElementSize();
  const [zoom, setZoom] = useState<Zoom>(1);
  const { placed } = clock;
  const pieces = useMemo(() => {
    const busy = placed
      .filter((p) => isHand(p) || isOven(p) || isHeat(p))
      .map((p) => [p.from, isHand(p) ? p.from + p.task.handsFirst : p.to] as const);
    return scaleOf(
      [...busy, [ready - WANT_MIN, ready]],
      Math.max(LEAST_TRACK_PX, width - LABEL_PX - 24),
      zoom,
    );
  }, [placed, ready, width, zoom]);
  const moved = (id: string, px: number) => {
    const task = placed.find((p) => p.task.id === id);
    if (id === READY) onReady(minAt(pieces, xOf(pieces, ready) + px));
    else if (task) onPin(id, minAt(pieces, xOf(pieces, task.from) + px, PIN_MIN));
  };
  const drawn = { pieces, now, placed };
  return (
    <div
      ref={ref}
      className={`sheet ${classes.lanes} ${own.hands}`}
      role="group"
      aria-label={W.theBakeOverTime}
    >
      <Frame pieces={pieces} now={now} onMoved={moved} zoom={zoom} onZoom={setZoom}>
        <HandLane {...drawn} pins={pins} onPin={onPin} />
        <OvenLane {...drawn} />
        <StillLanes {...drawn} />
        <div className={classes.lane}>
          <b>{W.ready}</b>
          <Track pieces={pieces} now={now}>
            <Dragged
              id={READY}
              aria-label={W.readyByArrowKeysChange({ time: timeOf(ready) })}
              onStep={(dir) => onReady(ready + dir * WANT_MIN)}
              className={classes.ready!}
              style={{ left: xOf(pieces, ready) }}
            >
              {timeOf(ready)}
            </Dragged>
          </Track>
        </div>
      </Frame>
    </div>
  );
}
