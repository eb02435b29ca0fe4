import { createContext, memo, useContext, useMemo, useState, type PointerEvent, type ReactNode } from 'react';
import {
  CartesianGrid,
  Curve,
  LineChart,
  ResponsiveContainer,
  usePlotArea,
  useXAxisScale,
  useYAxisScale,
  XAxis,
  YAxis,
} from 'recharts';
import { curveAt, type BakeResult } from '../../../core/bake';
import { fixed } from '../../words/format';
import { degrees, fromField, heatScale, toField } from '../../words/heat';
import { AXIS, HORIZONTAL, ticksTo } from '../../shared/Chart';
import classes from './bake.module.css';
import { bakeWords } from '../../words/data/en/bake';

const W = bakeWords.curves;

const MINUTES = [5, 10, 20, 30, 60];
/** The left edge of the plot and what is free at its right, px: the band below stands under the same axis. */
export const PLOT = { left: 62, right: 28 } as const;

type Row = {
  min: number;
  core: number | null;
  crust: number | null;
  coreWas: number | null;
  crustWas: number | null;
};
const NAMES: Record<Exclude<keyof Row, 'min'>, string> = {
  core: W.middle,
  crust: W.crust,
  coreWas: W.middleAsWritten,
  crustWas: W.crustAsWritten,
};

/** The curves at so many minutes apart, on the baker's clock. */
function rowsOf(source: BakeResult, adapted: BakeResult, clock: number, end: number, every: number): Row[] {
  return Array.from({ length: Math.floor(end / every) + 1 }, (_r, i) => {
    const min = i * every;
    const [was, now] = [curveAt(source, clock, min), curveAt(adapted, clock, min)];
    return {
      min,
      core: now?.coreC ?? null,
      crust: now?.crustC ?? null,
      coreWas: was?.coreC ?? null,
      crustWas: was?.crustC ?? null,
    };
  });
}

/** A temperature of the table; what is out of the oven by then has none. */
const told = (c: number | null): string => (c === null ? W.out : degrees(c));

const PLOTTED = Object.keys(NAMES) as (keyof typeof NAMES)[];
const LINES = (['crustWas', 'coreWas', 'crust', 'core'] as const).map((key) => ({
  key,
  stroke: key.startsWith('core') ? 'var(--p-water)' : 'var(--crust)',
  strokeWidth: key.endsWith('Was') ? 1.3 : 2.5,
  ...(key.endsWith('Was') ? { strokeDasharray: '4 3' } : {}),
}));
/** Round ticks on the kitchen's scale, in °C. */
const heatTicks = (mostC: number): number[] =>
  heatScale() === 'c'
    ? ticksTo(mostC, [20, 40, 50])
    : ticksTo(toField(mostC, false), [50, 100]).flatMap((f) => (f < 32 ? [] : [fromField(f, false)]));
const degreesTick = (tempC: number): string => degrees(tempC);
const MARGIN = { top: 8, right: PLOT.right, bottom: 0, left: 0 };

type Drawn = { rows: Row[]; from: number | null; to: number | null; pointed: number | null };
const DrawnNow = createContext<Drawn>({ rows: [], from: null, to: null, pointed: null });

/**
 * The curves within their axes. They are shapes, not a chart's own lines, because those are entered and measured
 * anew at every answer, which holds the page up; these are only drawn.
 */
function Traces() {
  const { rows, from, to, pointed } = useContext(DrawnNow);
  const [x, y, area] = [useXAxisScale(), useYAxisScale(), usePlotArea()];
  if (!x || !y || !area) return null;
  const across = (min: number) => Math.min(x(min) ?? 0, area.x + area.width);
  const shown = pointed === null ? undefined : rows[pointed];
  return (
    <g>
      {from !== null && to !== null && (
        <rect
          x={across(from)}
          width={Math.max(2, across(to) - across(from))}
          y={area.y}
          height={area.height}
          fill="var(--leaf)"
          fillOpacity={0.16}
        />
      )}
      <line x1={area.x} x2={area.x + area.width} y1={y(100)} y2={y(100)} stroke="var(--line)" />
      {LINES.map(({ key, ...stroke }) => (
        <Curve
          key={key}
          {...stroke}
          fill="none"
          points={rows.map((r) => ({ x: across(r.min), y: r[key] === null ? null : (y(r[key]) ?? null) }))}
        />
      ))}
      {shown && (
        <line
          x1={across(shown.min)}
          x2={across(shown.min)}
          y1={area.y}
          y2={area.y + area.height}
          stroke="var(--quiet)"
        />
      )}
    </g>
  );
}

/** The axes, entered again only when an end of them moves: what is drawn within comes past them. */
const Axes = memo(function Axes({ end, most }: { end: number; most: number }) {
  const minutes = ticksTo(end, MINUTES);
  return (
    <ResponsiveContainer width="100%" height={230}>
      <LineChart data={[{ min: 0 }, { min: end }]} margin={MARGIN} accessibilityLayer={false}>
        <CartesianGrid stroke="var(--hair)" {...HORIZONTAL} />
        <XAxis
          dataKey="min"
          type="number"
          domain={[0, end]}
          allowDataOverflow
          ticks={minutes}
          // The unit once: with each of them they touch on a phone.
          tickFormatter={(t: number) => (t === minutes.at(-1) ? W.min({ t }) : String(t))}
          {...AXIS}
        />
        <YAxis
          type="number"
          domain={[0, most]}
          allowDataOverflow
          ticks={heatTicks(most)}
          tickFormatter={degreesTick}
          width={PLOT.left}
          {...AXIS}
        />
        <Traces />
      </LineChart>
    </ResponsiveContainer>
  );
});

/** The same as figures, for who cannot see the curves. */
const Figures = ({ rows }: { rows: ReturnType<typeof rowsOf> }) => (
  <details className={classes.figures}>
    <summary>{W.theSameAsATable}</summary>
    <table>
      <thead>
        <tr>
          <th scope="col">{W.after}</th>
          {PLOTTED.map((key) => (
            <th scope="col" key={key}>
              {NAMES[key]}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => (
          <tr key={r.min}>
            <th scope="row">{W.min2({ min: r.min })}</th>
            {PLOTTED.map((key) => (
              <td key={key}>{told(r[key])}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </details>
);

/** Middle and crust over time, of the bake as written (thin) and as it is now (thick); both by the model. */
export function Curves({
  source,
  adapted,
  clock,
  end,
  window,
  children,
}: {
  source: BakeResult;
  adapted: BakeResult;
  /** Minutes of the baker for one of the model. */
  clock: number;
  end: number;
  /** When it is done, min. */
  window: readonly [number, number] | null;
  /** What stands below the axis and shares it. */
  children: ReactNode;
}) {
  const rows = useMemo(() => rowsOf(source, adapted, clock, end, 1), [source, adapted, clock, end]);
  const figures = rowsOf(source, adapted, clock, end, MINUTES.find((m) => end / m <= 12) ?? 60);
  const most = Math.ceil(Math.max(...rows.flatMap((r) => [r.crust ?? 0, r.crustWas ?? 0]), 100) / 20) * 20;
  const [pointed, setPointed] = useState<number | null>(null);
  const [from, to] = window ?? [null, null];
  const drawn = useMemo(() => ({ rows, from, to, pointed }), [rows, from, to, pointed]);
  const point = (e: PointerEvent<HTMLDivElement>) => {
    const box = e.currentTarget.getBoundingClientRect();
    const along = (e.clientX - box.left - PLOT.left) / (box.width - PLOT.left - PLOT.right);
    setPointed(along < 0 || along > 1 ? null : Math.round(along * (rows.length - 1)));
  };
  const at = pointed === null ? undefined : rows[pointed];
  return (
    <figure className={classes.chart}>
      <p className={classes.pointed} aria-hidden>
        {at
          ? W.afterMinMiddleCrustAs({
              min: at.min,
              told: told(at.core),
              told2: told(at.crust),
              told3: told(at.coreWas),
              told4: told(at.crustWas),
            })
          : W.pointAtTheCurvesTo}
      </p>
      <div
        role="img"
        aria-label={W.modelledHeatOfTheMiddle({ end: Math.round(end) })}
        onPointerMove={point}
        onPointerDown={point}
        onPointerLeave={() => setPointed(null)}
      >
        <DrawnNow value={drawn}>
          <Axes end={end} most={most} />
        </DrawnNow>
      </div>
      {children}
      <figcaption className="small quiet">
        {W.blueTheMiddleOchreThe({
          clock: Math.abs(clock - 1) > 0.02 && W.itsClockIsStretchedTimes({ number: fixed(clock, 2) }),
        })}
      </figcaption>
      <Figures rows={figures} />
    </figure>
  );
}
