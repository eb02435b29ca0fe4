import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { turnsOf } from '../../../core/bake';
import type { BakePhase } from '../../../core/formula';
import { useStaysPut } from '../../parts/useStaysPut';
import { COVER_WORDS } from '../../words/data/bake';
import { degrees } from '../../words/heat';
import { PLOT } from './Curves';
import classes from './bake.module.css';
import { bakeWords } from '../../words/data/en/bake';

const W = bakeWords.band;

const KEYS: Record<string, number> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -5,
  PageUp: 5,
};
const shortOf = (p: BakePhase): string =>
  [
    degrees(p.ovenC),
    p.heat === 'grill' ? W.grill : '',
    p.cover === 'none' ? '' : COVER_WORDS[p.cover].name,
    p.steam ? W.steam : '',
  ]
    .filter(Boolean)
    .join(', ');

type Props = {
  phases: BakePhase[];
  /** The end of the axis, min. */
  end: number;
  onPhases: (next: BakePhase[], field: string) => void;
};

/** When each stretch begins and ends, and how the end of one is moved. */
function useTurns({ phases, end, onPhases }: Props) {
  const turns = turnsOf(phases);
  const starts = [0, ...turns];
  /** The next one takes what a stretch gives, and none is shorter than a minute. */
  const move = (i: number, to: number): void => {
    const next = phases[i + 1]!;
    const lastOne = i + 1 === phases.length - 1;
    const most = lastOne ? end - 1 : starts[i]! + phases[i]!.min + next.min - 1;
    const at = Math.min(most, Math.max(starts[i]! + 1, Math.round(to)));
    const by = at - turns[i]!;
    if (by === 0) return;
    onPhases(
      phases.map((p, k) =>
        k === i ? { ...p, min: p.min + by } : k === i + 1 && !lastOne ? { ...p, min: p.min - by } : p,
      ),
      `turn-${i}`,
    );
  };
  return { turns, starts, ends: [...turns, end], move };
}

/** The stretches of a bake under the axis of its curves; where one gives way to the next can be dragged. */
export function Band(props: Props) {
  const { phases, end } = props;
  const { turns, starts, ends, move } = useTurns(props);
  const track = useRef<HTMLDivElement>(null);
  useStaysPut(track);
  const held = useRef({ i: 0, x: 0, min: 0, minPerPx: 0 });
  // The nearest end is taken, wherever on the band it is pressed; it moves with the pointer from where it was. An answer that
  // arrives meanwhile may make the axis longer: what a pixel is worth stays what it was when the end was taken.
  const take = (e: PointerEvent<HTMLDivElement>) => {
    if (turns.length === 0) return;
    const box = e.currentTarget.getBoundingClientRect();
    const minPerPx = end / box.width;
    const at = (e.clientX - box.left) * minPerPx;
    const i = turns.reduce((best, t, k) => (Math.abs(t - at) < Math.abs(turns[best]! - at) ? k : best), 0);
    held.current = { i, x: e.clientX, min: turns[i]!, minPerPx };
    e.currentTarget.setPointerCapture(e.pointerId);
  };
  const drag = (e: PointerEvent<HTMLDivElement>) => {
    if (!e.currentTarget.hasPointerCapture(e.pointerId)) return;
    const { i, x, min, minPerPx } = held.current;
    move(i, min + (e.clientX - x) * minPerPx);
  };
  const key = (i: number) => (e: KeyboardEvent) => {
    const by = KEYS[e.key];
    if (by === undefined) return;
    e.preventDefault();
    move(i, turns[i]! + by);
  };
  return (
    <div className={classes.band} style={{ paddingLeft: PLOT.left, paddingRight: PLOT.right }}>
      <div ref={track} className={classes.track} onPointerDown={take} onPointerMove={drag}>
        {phases.map((p, i) => {
          const [from, to] = [Math.min(starts[i]!, end), Math.min(ends[i]!, end)];
          return (
            <div
              key={i}
              className={classes.stretch}
              data-cover={p.cover}
              title={shortOf(p)}
              style={{ left: `${(100 * from) / end}%`, width: `${(100 * Math.max(0, to - from)) / end}%` }}
            >
              {shortOf(p)}
            </div>
          );
        })}
        {turns.map((at, i) => (
          <div
            key={i}
            role="slider"
            tabIndex={0}
            aria-label={W.endOfStage({ i: i + 1, short: shortOf(phases[i]!) })}
            aria-valuemin={Math.round(starts[i]! + 1)}
            aria-valuemax={Math.round(end - 1)}
            aria-valuenow={Math.round(at)}
            aria-valuetext={W.min({ at: Math.round(at) })}
            className={classes.turn}
            style={{ left: `${(100 * Math.min(at, end)) / end}%` }}
            onKeyDown={key(i)}
          >
            <span>{Math.round(at)}</span>
          </div>
        ))}
      </div>
    </div>
  );
}
