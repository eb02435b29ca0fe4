import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Point, SliceDrawing } from '../../../core/slice';
import classes from './slice.module.css';
import type { Size } from './useSlice';
import { sliceWords } from '../../words/data/en/slice';

const W = sliceWords.slicePhoto;

const KEYS: Record<string, Point> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** An arrow moves a mark by this share of the width; with Shift ten times as far. */
const STEP = 1 / 1000;

export type Handle = { name: string; at: Point };

const path = (points: readonly Point[], closed: boolean): string =>
  `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}${closed ? 'Z' : ''}`;

/** What was measured, drawn where it was. */
const Drawn = ({ of, thin }: { of: SliceDrawing; thin: number }) => (
  <g fill="none" strokeWidth={thin} data-drawing="">
    <path d={path(of.outline, true)} className={classes.outline} />
    <path d={path(of.crumb, true)} className={classes.inner} />
    <path d={path(of.base, false)} className={classes.rule} />
    <path d={path(of.height, false)} className={classes.rule} />
    {of.dip && <path d={path(of.dip, false)} className={classes.rule} />}
    {of.gummy && <path d={path(of.gummy, true)} className={classes.gummy} />}
    {of.holes.map((o, i) => (
      <circle key={i} cx={o.at[0]} cy={o.at[1]} r={o.r} className={classes.hole} />
    ))}
    {of.tunnels.map((o, i) => (
      <circle key={i} cx={o.at[0]} cy={o.at[1]} r={1.4 * o.r} className={classes.tunnel} />
    ))}
  </g>
);

/** A mark that is dragged or moved by arrow keys, `r` px large. */
function Mark({
  of: { name, at },
  size: { width: w, height: h },
  r,
  thin,
  onMove,
  onHold,
}: {
  of: Handle;
  size: Size;
  r: number;
  thin: number;
  onMove: (to: Point) => void;
  onHold: (e: PointerEvent) => void;
}) {
  const key = (e: KeyboardEvent) => {
    const by = KEYS[e.key];
    if (!by) return;
    e.preventDefault();
    const far = e.shiftKey ? 10 * STEP : STEP;
    onMove([at[0] + by[0] * far, at[1] + (by[1] * far * w) / h]);
  };
  return (
    <g
      data-handle=""
      role="button"
      tabIndex={0}
      aria-label={W.arrowKeysMoveItWith({ handle: name })}
      className={classes.handle}
      transform={`translate(${at[0] * w} ${at[1] * h})`}
      onKeyDown={key}
      onPointerDown={(e) => {
        e.preventDefault();
        e.currentTarget.focus();
        onHold(e);
      }}
    >
      <circle r={1.9 * r} className={classes.grip} />
      <circle r={r} strokeWidth={1.6 * thin} className={classes.ring} />
      <path d={`M${-r} 0h${2 * r}M0 ${-r}v${2 * r}`} strokeWidth={0.8 * thin} className={classes.cross} />
    </g>
  );
}

/**
 * The photo with what was measured drawn over it, and handles that are dragged or moved by arrow keys. Places of handles are
 * shares of the photo; `onPress` hears of a press beside them.
 */
export function SlicePhoto({
  src,
  alt,
  size,
  drawing,
  handles,
  joined,
  spared,
  onMove,
  onPress,
}: {
  src: string;
  alt: string;
  size: Size;
  drawing: SliceDrawing | null;
  handles: readonly Handle[];
  /** Whether the handles are joined to a closed line. */
  joined: boolean;
  spared: readonly Point[];
  onMove: (i: number, to: Point) => void;
  onPress?: ((at: Point) => void) | undefined;
}) {
  const svg = useRef<SVGSVGElement>(null);
  const held = useRef<number | null>(null);
  const { width: w, height: h } = size;
  const at = (e: { clientX: number; clientY: number }): Point => {
    const box = svg.current!.getBoundingClientRect();
    return [(e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height];
  };
  const r = w / 70;
  const thin = w / 500;
  const ring = handles.map((p): Point => [p.at[0] * w, p.at[1] * h]);
  return (
    <svg
      ref={svg}
      className={classes.photo}
      viewBox={`0 0 ${w} ${h}`}
      role="group"
      aria-label={alt}
      data-press={onPress ? 'on' : undefined}
      onPointerMove={(e) => held.current !== null && onMove(held.current, at(e))}
      onPointerUp={() => (held.current = null)}
      onClick={(e) => {
        if (onPress && !(e.target as Element).closest('[data-handle]')) onPress(at(e));
      }}
    >
      <image href={src} width={w} height={h} preserveAspectRatio="none" />
      {drawing && <Drawn of={drawing} thin={thin} />}
      {joined && handles.length > 2 && (
        <path d={path(ring, true)} fill="none" strokeWidth={thin} className={classes.rule} />
      )}
      {spared.map(([x, y], i) => (
        <path
          key={i}
          d={`M${x * w - r} ${y * h - r}l${2 * r} ${2 * r}m0 ${-2 * r}l${-2 * r} ${2 * r}`}
          strokeWidth={2 * thin}
          className={classes.spared}
        />
      ))}
      {handles.map((handle, i) => (
        <Mark
          key={i}
          of={handle}
          size={size}
          r={r}
          thin={thin}
          onMove={(to) => onMove(i, to)}
          onHold={(e) => {
            held.current = i;
            svg.current!.setPointerCapture(e.pointerId);
          }}
        />
      ))}
    </svg>
  );
}
