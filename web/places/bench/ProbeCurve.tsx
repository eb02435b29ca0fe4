import { middleAt, type Modelled, type Probed, type TimeLeft } from '../../../core/bench';
import { fixed } from '../../words/format';
import { degrees } from '../../words/heat';
import classes from './bench.module.css';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.probeCurve;

const [WIDTH, HEIGHT] = [640, 190];
const PAD = { left: 44, right: 12, top: 10, bottom: 24 };

/** The middle as it was forecast, as the probe read it, and when it gets there by now: 8 times of 10 within the band. */
export function ProbeCurve({
  model,
  read,
  left,
  nowMin,
}: {
  model: Modelled;
  read: readonly Probed[];
  left: TimeLeft | null;
  nowMin: number;
}) {
  const slower = left?.slower ?? 1;
  const lastMin = read.at(-1)?.min ?? 0;
  const done = model.curve.find((p) => p.c >= model.untilC)?.min ?? model.curve.at(-1)!.min;
  const end = 1.1 * Math.max(done, nowMin, left ? lastMin + left.to : 0, slower * done);
  const topC = Math.max(100, model.untilC + 4);
  const lowC = Math.min(0, ...read.map((r) => r.c));
  const x = (min: number): number => PAD.left + ((WIDTH - PAD.left - PAD.right) * min) / end;
  const y = (c: number): number =>
    HEIGHT - PAD.bottom - ((HEIGHT - PAD.top - PAD.bottom) * (c - lowC)) / (topC - lowC);
  const line = (by: number): string =>
    Array.from({ length: 61 }, (_, i) => (end * i) / 60)
      .filter((min) => min / by <= model.curve.at(-1)!.min)
      .map(
        (min, i) => `${i ? 'L' : 'M'}${x(min).toFixed(1)} ${y(middleAt(model.curve, min / by)).toFixed(1)}`,
      )
      .join('');
  const every = end > 90 ? 30 : end > 40 ? 10 : 5;
  const said = left
    ? W.thereInAboutMinTo({
        number: fixed(left.min, 0),
        number2: fixed(left.from, 0),
        number3: fixed(left.to, 0),
      })
    : W.forecastToBeThereAfter({ number: fixed(done, 0) });
  return (
    <svg
      className={classes.curve}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={W.theMiddle({
        count: W.readingCount({ n: read.length }),
        temperature: degrees(model.untilC),
        said,
      })}
    >
      {Array.from({ length: Math.floor(end / every) + 1 }, (_, i) => i * every).map((min) => (
        <text key={min} x={x(min)} y={HEIGHT - 8} textAnchor="middle">
          {min === 0 ? W.text0Min : min}
        </text>
      ))}
      {[20, model.untilC].map((c) => (
        <g key={c}>
          <path className={classes.rule} d={`M${PAD.left} ${y(c)}H${WIDTH - PAD.right}`} />
          <text x={PAD.left - 5} y={y(c) + 4} textAnchor="end">
            {degrees(c)}
          </text>
        </g>
      ))}
      {left && (
        <rect
          className={classes.band}
          x={x(lastMin + left.from)}
          width={Math.max(2, x(lastMin + left.to) - x(lastMin + left.from))}
          y={PAD.top}
          height={HEIGHT - PAD.top - PAD.bottom}
        />
      )}
      <path className={classes.forecast} d={line(1)} />
      {left && <path className={classes.expected} d={line(slower)} />}
      <path className={classes.nowLine} d={`M${x(nowMin)} ${PAD.top}V${HEIGHT - PAD.bottom}`} />
      {read.map((r) => (
        <circle key={r.min} cx={x(r.min)} cy={y(r.c)} r={3.4} />
      ))}
    </svg>
  );
}
