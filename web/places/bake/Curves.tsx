import type { ReactNode } from 'react';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { curveAt, type BakeResult } from '../../../core/bake';
import { fixed } from '../../words/format';
import { ticksTo } from '../lift/Chart';
import classes from './bake.module.css';

const MINUTES = [5, 10, 20, 30, 60];
const axis = { stroke: 'var(--quiet)', fontSize: 13 } as const;
/** The left edge of the plot and what is free at its right, px: the band below stands under the same axis. */
export const PLOT = { left: 62, right: 14 } as const;

type Row = {
  min: number;
  core: number | null;
  crust: number | null;
  coreWas: number | null;
  crustWas: number | null;
};
const NAMES: Record<Exclude<keyof Row, 'min'>, string> = {
  core: 'Middle',
  crust: 'Crust',
  coreWas: 'Middle, as written',
  crustWas: 'Crust, as written',
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
const degrees = (c: number | null): string => (c === null ? 'out' : `${fixed(c, 0)} °C`);

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
  const rows = rowsOf(source, adapted, clock, end, 1);
  const told = rowsOf(source, adapted, clock, end, MINUTES.find((m) => end / m <= 12) ?? 60);
  const most = Math.ceil(Math.max(...rows.flatMap((r) => [r.crust ?? 0, r.crustWas ?? 0]), 100) / 20) * 20;
  const line = (key: keyof typeof NAMES) => (
    <Line
      dataKey={key}
      name={NAMES[key]}
      stroke={key.startsWith('core') ? 'var(--p-water)' : 'var(--crust)'}
      strokeWidth={key.endsWith('Was') ? 1.3 : 2.5}
      {...(key.endsWith('Was') ? { strokeDasharray: '4 3' } : {})}
      dot={false}
      isAnimationActive={false}
    />
  );
  return (
    <figure className={classes.chart}>
      <div
        role="img"
        aria-label={`Modelled heat of the middle and the crust over ${Math.round(end)} minutes, as written and as it is now. The table below has the figures.`}
      >
        <ResponsiveContainer width="100%" height={230}>
          <LineChart
            data={rows}
            margin={{ top: 8, right: PLOT.right, bottom: 0, left: 0 }}
            accessibilityLayer={false}
          >
            <CartesianGrid stroke="var(--hair)" vertical={false} />
            {window && (
              <ReferenceArea
                x1={window[0]}
                x2={Math.max(window[1], window[0] + 0.5)}
                fill="var(--leaf)"
                fillOpacity={0.16}
                ifOverflow="hidden"
              />
            )}
            <XAxis
              dataKey="min"
              type="number"
              domain={[0, end]}
              ticks={ticksTo(end, MINUTES)}
              unit=" min"
              {...axis}
            />
            <YAxis
              domain={[0, most]}
              ticks={ticksTo(most, [20, 40, 50])}
              tickFormatter={(t: number) => `${t} °C`}
              width={PLOT.left}
              {...axis}
            />
            <ReferenceLine y={100} stroke="var(--line)" />
            <Tooltip
              isAnimationActive={false}
              formatter={(v) => (typeof v === 'number' ? `${fixed(v, 0)} °C` : '')}
              labelFormatter={(m) => `After ${Number(m)} min`}
              contentStyle={{
                background: 'var(--sheet)',
                border: '1px solid var(--line)',
                color: 'var(--ink)',
              }}
            />
            {line('crustWas')}
            {line('coreWas')}
            {line('crust')}
            {line('core')}
          </LineChart>
        </ResponsiveContainer>
      </div>
      {children}
      <figcaption className="small quiet">
        Blue the middle, ochre the crust; dashed as written; green when it is done. By the model, for
        comparing the two: what a probe should read stands with the signs.
        {Math.abs(clock - 1) > 0.02 &&
          ` Its clock is stretched ${fixed(clock, 2)} times, to meet the stated time.`}
      </figcaption>
      <details className={classes.figures}>
        <summary>The same as a table</summary>
        <table>
          <thead>
            <tr>
              <th scope="col">After</th>
              {(Object.keys(NAMES) as (keyof typeof NAMES)[]).map((key) => (
                <th scope="col" key={key}>
                  {NAMES[key]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {told.map((r) => (
              <tr key={r.min}>
                <th scope="row">{r.min} min</th>
                {(Object.keys(NAMES) as (keyof typeof NAMES)[]).map((key) => (
                  <td key={key}>{degrees(r[key])}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </figure>
  );
}
