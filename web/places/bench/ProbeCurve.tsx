import { useElementSize } from '@mantine/hooks';
import { middleAt, type Modelled, type Probed, type TimeLeft } from '../../../core/bench';
import { fixed } from '../../words/format';
import { degrees } from '../../words/heat';
import classes from './bench.module.css';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.probeCurve;

/** px; as wide as there is room, so that its numbers stay as large as they are. */
const [USUAL_WIDTH, HEIGHT] = [640, 190];
const PAD = { left: 44, right: 12, top: 10, bottom: 24 };

type Scale = { width: number; x: (min: number) => number; y: (c: number) => number };

/** Minutes below, and two temperatures: that of a room, and that at which it is done. */
function Axes({ scale: { width, x, y }, end, untilC }: { scale: Scale; end: number; untilC: number }) {
  const most = width < 400 ? 4 : 7;
  const every = [5, 10, 15, 30, 60].find((step) => end / step <= most) ?? 120;
  return (
    <>
      {Array.from({ length: Math.floor(end / every) + 1 }, (_, i) => i * every).map((min) => (
        <text key={min} x={x(min)} y={HEIGHT - 8} textAnchor="middle">
          {min === 0 ? W.text0Min : min}
        </text>
      ))}
      {[20, untilC].map((c) => (
        <g key={c}>
          <path className={classes.rule} d={`M${PAD.left} ${y(c)}H${width - PAD.right}`} />
          <text x={PAD.left - 5} y={y(c) + 4} textAnchor="end">
            {degrees(c)}
          </text>
        </g>
      ))}
    </>
  );
}

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
  const { ref, width: seen } = useElementSize<HTMLDivElement>();
  const width = seen || USUAL_WIDTH;
  const slower = left?.slower ?? 1;
  const lastMin = read.at(-1)?.min ?? 0;
  const done = model.curve.find((p) => p.c >= model.untilC)?.min ?? model.curve.at(-1)!.min;
  const end = 1.1 * Math.max(done, nowMin, left ? lastMin + left.to : 0, slower * done);
  const topC = Math.max(100, model.untilC + 4);
  const lowC = Math.min(0, ...read.map((r) => r.c));
  const x = (min: number): number => PAD.left + ((width - PAD.left - PAD.right) * min) / end;
  const y = (c: number): number =>
    HEIGHT - PAD.bottom - ((HEIGHT - PAD.top - PAD.bottom) * (c - lowC)) / (topC - lowC);
  const line = (by: number): string =>
    Array.from({ length: 61 }, (_, i) => (end * i) / 60)
      .filter((min) => min / by <= model.curve.at(-1)!.min)
      .map(
        (min, i) => `${i ? 'L' : 'M'}${x(min).toFixed(1)} ${y(middleAt(model.curve, min / by)).toFixed(1)}`,
      )
      .join('');
  const said = left
    ? W.thereInAboutMinTo({
        number: fixed(left.min, 0),
        number2: fixed(left.from, 0),
        number3: fixed(left.to, 0),
      })
    : W.forecastToBeThereAfter({ number: fixed(done, 0) });
  return (
    <div ref={ref} className={classes.curve}>
      <svg
        width={width}
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={W.theMiddle({
          count: W.readingCount({ n: read.length }),
          temperature: degrees(model.untilC),
          said,
        })}
      >
        <Axes scale={{ width, x, y }} end={end} untilC={model.untilC} />
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
    </div>
  );
}
