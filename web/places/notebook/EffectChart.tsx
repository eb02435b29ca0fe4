import {
  Bar,
  BarChart,
  CartesianGrid,
  ErrorBar,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import type { Analysis, Factor } from '../../../core/judge';
import { effectName } from '../../words/experimentWords';
import classes from './notebook.module.css';

const ROW_PX = 42;

/** Each effect as a bar from nothing, with the range it lies in 95 of 100 times. What it says stands in the list beside it. */
export function EffectChart({ factors, analysis }: { factors: readonly Factor[]; analysis: Analysis }) {
  const data = analysis.effects.map((e) => ({
    name: effectName(factors, e),
    value: e.value,
    ...(e.from === null || e.to === null ? {} : { off: [e.value - e.from, e.to - e.value] }),
  }));
  return (
    <figure className={classes.chart} aria-hidden="true">
      <ResponsiveContainer width="100%" height={40 + ROW_PX * data.length}>
        <BarChart
          data={data}
          layout="vertical"
          margin={{ top: 4, right: 24, bottom: 4, left: 8 }}
          accessibilityLayer={false}
        >
          <CartesianGrid horizontal={false} stroke="var(--line)" />
          <XAxis type="number" stroke="var(--quiet)" />
          <YAxis type="category" dataKey="name" width={150} stroke="var(--quiet)" />
          <ReferenceLine x={0} stroke="var(--ink)" />
          <Bar dataKey="value" fill="var(--p-water)" barSize={16} isAnimationActive={false}>
            {analysis.spread && (
              <ErrorBar dataKey="off" direction="x" stroke="var(--ink)" strokeWidth={1.6} />
            )}
          </Bar>
        </BarChart>
      </ResponsiveContainer>
    </figure>
  );
}
