import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { BakeResult } from '../../../core/bake';
import { ticksTo } from '../lift/Chart';
import classes from './bake.module.css';

const MINUTES = [5, 10, 20, 30, 60];
const axis = { stroke: 'var(--quiet)', fontSize: 13 } as const;

/** Middle and crust over time, of the bake as written (thin) and as it is now (thick); both by the model. */
export function Curves({ source, adapted }: { source: BakeResult; adapted: BakeResult }) {
  const end = Math.max(source.curve.at(-1)?.min ?? 0, adapted.curve.at(-1)?.min ?? 0);
  const most =
    Math.ceil(Math.max(...[source, adapted].flatMap((r) => r.curve.map((p) => p.crustC)), 100) / 20) * 20;
  const line = (r: BakeResult, key: 'coreC' | 'crustC', thick: boolean) => (
    <Line
      data={r.curve}
      dataKey={key}
      stroke={key === 'coreC' ? 'var(--p-water)' : 'var(--crust)'}
      strokeWidth={thick ? 2.5 : 1.3}
      {...(thick ? {} : { strokeDasharray: '4 3' })}
      dot={false}
      isAnimationActive={false}
    />
  );
  return (
    <figure className={classes.chart}>
      <div
        role="img"
        aria-label={`Modelled heat of the middle and the crust over ${Math.round(end)} minutes, as written and as it is now.`}
      >
        <ResponsiveContainer width="100%" height={240}>
          <LineChart margin={{ top: 8, right: 12, bottom: 4, left: 0 }} accessibilityLayer={false}>
            <CartesianGrid stroke="var(--hair)" vertical={false} />
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
              width={62}
              {...axis}
            />
            <ReferenceLine y={100} stroke="var(--line)" />
            {line(source, 'crustC', false)}
            {line(source, 'coreC', false)}
            {line(adapted, 'crustC', true)}
            {line(adapted, 'coreC', true)}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <figcaption className="small quiet">
        Blue the middle, ochre the crust; dashed as written. By the model: for comparing the two, not for a
        probe.
      </figcaption>
    </figure>
  );
}
