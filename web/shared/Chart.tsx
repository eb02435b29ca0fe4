import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  XAxis,
  YAxis,
  ComposedChart,
} from 'recharts';
import classes from './chart.module.css';
import { inPercent } from '../words/format';
import { degrees } from '../words/heat';

const hours = (min: number): string =>
  `${Math.floor(min / 60)}:${String(Math.round(min % 60)).padStart(2, '0')}`;
const percent = (gain: number): string => inPercent(gain);
/** Round steps so that at most `most` ticks stand between 0 and an end. */
export function ticksTo(end: number, steps: readonly number[], most = 7): number[] {
  const step = steps.find((s) => end / s <= most) ?? steps.at(-1)!;
  return Array.from({ length: Math.floor(end / step) + 1 }, (_, k) => k * step);
}
const MINUTES = [5, 10, 15, 30, 60, 120, 240, 480, 1440];
const GAINS = [0.1, 0.25, 0.5, 1];

/** Axes whose ends and ticks are given: nothing is measured on the page, and no rounder ticks are looked for. */
export const AXIS = { stroke: 'var(--quiet)', fontSize: 13, interval: 0, niceTicks: 'none' } as const;
const none = () => [];
/** Lines across at the ticks of the upright axis. */
export const HORIZONTAL = { vertical: false, verticalCoordinatesGenerator: none } as const;

/** Growth over time, with the target as a line; `dots` are what was measured. */
export function GrowthChart({
  label,
  curve,
  dots = [],
  target,
  doughC = false,
}: {
  label: string;
  curve: { min: number; gain: number; doughC?: number }[];
  dots?: { min: number; gain: number }[];
  target: number;
  /** Draws the dough's own temperature too. */
  doughC?: boolean;
}) {
  const most = Math.max(...curve.map((p) => p.gain), ...dots.map((d) => d.gain), target) * 1.1;
  const Frame = dots.length > 0 ? ComposedChart : LineChart;
  return (
    <figure className={classes.chart} role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={220}>
        <Frame data={curve} margin={{ top: 8, right: 12, bottom: 4, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--hair)" {...HORIZONTAL} />
          <XAxis
            dataKey="min"
            type="number"
            domain={['dataMin', 'dataMax']}
            tickFormatter={hours}
            ticks={ticksTo(curve.at(-1)?.min ?? 0, MINUTES)}
            {...AXIS}
          />
          <YAxis
            yAxisId="gain"
            domain={[0, most]}
            tickFormatter={percent}
            width={56}
            ticks={ticksTo(most, GAINS, 5)}
            {...AXIS}
          />
          {doughC && (
            <YAxis
              yAxisId="temp"
              orientation="right"
              domain={[0, 40]}
              tickFormatter={(t: number) => degrees(t)}
              width={52}
              tickCount={5}
              {...AXIS}
            />
          )}
          <ReferenceLine yAxisId="gain" y={target} stroke="var(--crust)" strokeDasharray="5 4" />
          {doughC && (
            <Line
              yAxisId="temp"
              dataKey="doughC"
              stroke="var(--p-water)"
              strokeDasharray="2 3"
              dot={false}
              isAnimationActive={false}
            />
          )}
          <Line
            yAxisId="gain"
            dataKey="gain"
            stroke="var(--p-lift)"
            strokeWidth={2.5}
            dot={false}
            isAnimationActive={false}
          />
          {dots.length > 0 && (
            <Scatter yAxisId="gain" data={dots} dataKey="gain" fill="var(--ink)" isAnimationActive={false} />
          )}
        </Frame>
      </ResponsiveContainer>
    </figure>
  );
}
