import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  ScatterChart,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { normalPlot, type Analysis, type Crossing, type Factor } from '../../../core/judge';
import { effectName } from '../../words/experimentWords';
import classes from './notebook.module.css';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.crossingChart;

const HEIGHT_PX = 210;

/** Two factors together: a line for the other one low and one for it high. Lines side by side: each does the same beside both. */
export function CrossingChart({ factors, crossing }: { factors: readonly Factor[]; crossing: Crossing }) {
  const [a, b] = crossing.of.map((f) => factors[f]!) as [Factor, Factor];
  const data = ([0, 1] as const).map((x) => ({
    name: x === 0 ? a.low : a.high,
    low: crossing.means[0][x],
    high: crossing.means[1][x],
  }));
  return (
    <figure className={classes.chart} aria-hidden="true">
      <figcaption className="small">
        {W.andWord({
          name: a.name,
          strong: <b className={classes.lowLine}>{`${b.name} ${b.low}`}</b>,
          strong2: <b className={classes.highLine}>{`${b.name} ${b.high}`}</b>,
        })}
      </figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT_PX}>
        <LineChart data={data} margin={{ top: 8, right: 16, bottom: 4, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid vertical={false} stroke="var(--line)" />
          <XAxis dataKey="name" stroke="var(--quiet)" padding={{ left: 40, right: 40 }} />
          <YAxis domain={['auto', 'auto']} stroke="var(--quiet)" width={44} />
          <Line
            dataKey="low"
            stroke="var(--p-water)"
            strokeWidth={2.4}
            strokeDasharray="6 4"
            isAnimationActive={false}
          />
          <Line dataKey="high" stroke="var(--crust)" strokeWidth={2.4} isAnimationActive={false} />
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}

/** All effects against the places chance alone would give them: what lies off the line through the middle stands out. */
export function NormalPlot({
  factors,
  analysis,
  margin,
}: {
  factors: readonly Factor[];
  analysis: Analysis;
  margin: number | null;
}) {
  const data = normalPlot(analysis.effects).map(({ effect, z }) => ({
    x: effect.value,
    z,
    name: effectName(factors, effect),
  }));
  return (
    <figure className={classes.chart} aria-hidden="true">
      <figcaption className="small">{W.effectsAgainstChance}</figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT_PX + 40}>
        <ScatterChart margin={{ top: 8, right: 16, bottom: 4, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--line)" />
          <XAxis type="number" dataKey="x" name={W.effect} stroke="var(--quiet)" />
          <YAxis type="number" dataKey="z" name={W.placeByChance} stroke="var(--quiet)" width={44} />
          <ReferenceLine x={0} stroke="var(--ink)" />
          {margin !== null && <ReferenceLine x={margin} stroke="var(--crust)" strokeDasharray="5 4" />}
          {margin !== null && <ReferenceLine x={-margin} stroke="var(--crust)" strokeDasharray="5 4" />}
          <Tooltip labelFormatter={() => ''} formatter={(v) => Math.round(10 * Number(v)) / 10} />
          <Scatter data={data} fill="var(--p-water)" isAnimationActive={false} />
        </ScatterChart>
      </ResponsiveContainer>
    </figure>
  );
}
