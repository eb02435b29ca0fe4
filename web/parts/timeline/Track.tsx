import type { ReactNode } from 'react';
import { timeOf } from '../../words/clockWords';
import classes from './timeline.module.css';
import { hoursOf, isShort, xOf, type Piece } from './scale';

export const LANE_PX = 38;

/** One lane of the clock, with its hours and where it is now. */
export function Track({
  pieces,
  now,
  children,
  hours = false,
  height = LANE_PX,
}: {
  pieces: readonly Piece[];
  now: number;
  children: ReactNode;
  hours?: boolean;
  height?: number;
}) {
  const inside = pieces.length > 0 && now >= pieces[0]!.from && now <= pieces.at(-1)!.to;
  return (
    <div className={classes.track} style={{ minHeight: height }}>
      {pieces.filter(isShort).map((p) => (
        <span key={p.from} className={classes.gap} style={{ left: p.x, width: p.width }} />
      ))}
      {hoursOf(pieces).map((m) => (
        <span key={m} className={classes.hour} style={{ left: xOf(pieces, m) }}>
          {hours && <span>{timeOf(m)}</span>}
        </span>
      ))}
      {inside && <span className={classes.nowLine} style={{ left: xOf(pieces, now) }} />}
      {children}
    </div>
  );
}
