import type { OvenStretch } from '../../../core/schedule';
import classes from '../../parts/timeline/timeline.module.css';
import { xOf, type Piece } from '../../parts/timeline/scale';
import { LANE_PX } from '../../parts/timeline/Track';

const ROOM_C = 20;
const MOST_C = 260;

/** How warm an oven is, as a line over its lane. */
export function Warmth({
  pieces,
  stretches,
}: {
  pieces: readonly Piece[];
  stretches: readonly OvenStretch[];
}) {
  const end = pieces.at(-1);
  if (!end || stretches.length === 0) return null;
  const y = (c: number): number => 36 - (34 * (c - ROOM_C)) / (MOST_C - ROOM_C);
  const sorted = [...stretches].sort((a, b) => a.from - b.from || Number(b.heats) - Number(a.heats));
  let c = ROOM_C;
  const points = sorted.flatMap((s) => {
    const from = s.heats ? c : s.heatC;
    c = s.heatC;
    return [[xOf(pieces, s.from), y(from)], [xOf(pieces, s.to), y(s.heatC)]]; // prettier-ignore
  });
  const width = end.x + end.width;
  return (
    <svg
      viewBox={`0 0 ${width} ${LANE_PX}`}
      width={width}
      height={LANE_PX}
      className={classes.warmth}
      aria-hidden="true"
    >
      <path d={points.map(([x, py], i) => `${i === 0 ? 'M' : 'L'}${x} ${py}`).join(' ')} />
    </svg>
  );
}
