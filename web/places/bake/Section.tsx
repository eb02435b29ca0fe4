import { halfAt, heightOf, levelCm, type BakeSetup } from '../../../core/bake';
import { fixed } from '../../words/format';
import classes from './bake.module.css';
import { bakeWords } from '../../words/data/en/bake';

const W = bakeWords.section;

const [WIDTH, HEIGHT, PAD] = [270, 150, 16];
/** Room at the right for the ruler. */
const RULER = 58;
/** How much it gains in the oven, by how airy it goes in. Common practice, no source. */
const RISES = { loose: 1.15, batter: 1.45, dense: 1.1 } as const;
const riseOf = (density: number): number =>
  density < 0.8 ? RISES.loose : density < 1 ? RISES.batter : RISES.dense;
/** A ruler's step, cm, so that a few stand on the height. */
const STEPS = [1, 2, 5];
const POINTS = 24;

/** The bake cut through, to scale: its walls, how high the dough stands, and about how high it will. */
export function Section({ setup }: { setup: BakeSetup }) {
  const { vessel: v, massG, density } = setup;
  const level = levelCm(setup);
  const risen = heightOf(v, (riseOf(density) * massG) / density);
  const { halfCm, wallCm, count } = v;
  const hole = v.holeCm ?? 0;
  const high = Math.max(wallCm, risen, 1);
  const k = Math.min((WIDTH - PAD - RULER) / (2 * halfCm), (HEIGHT - 2 * PAD) / high);
  const [cx, floor] = [(WIDTH + PAD - RULER) / 2, HEIGHT - PAD];
  const x = (cm: number): number => cx + cm * k;
  const y = (cm: number): number => floor - cm * k;
  /** The outline of so high a dough, right half from the bottom up; `side` is 1 or −1. */
  const edge = (height: number, side: 1 | -1): [number, number][] =>
    Array.from({ length: POINTS + 1 }, (_p, i) => {
      // A dome is drawn by its angle, so that its top is round.
      const share = v.kind === 'free' ? Math.sin((i / POINTS) * (Math.PI / 2)) : i / POINTS;
      const at = share * height;
      return [x(side * halfAt(v, height, at)), y(at)];
    });
  const ringEdge = (height: number, side: 1 | -1): [number, number][] => {
    const [mid, half] = [(halfCm + hole) / 2, (halfCm - hole) / 2];
    return Array.from({ length: POINTS + 1 }, (_p, i) => {
      const t = (i / POINTS) * Math.PI;
      return [x(side * (mid + half * Math.cos(t))), y(height * Math.sin(t))];
    });
  };
  const path = (points: [number, number][]): string =>
    `M${points.map(([a, b]) => `${a.toFixed(1)} ${b.toFixed(1)}`).join('L')}Z`;
  const shapes = (height: number): string[] => {
    if (v.kind === 'free' && v.form === 'ring')
      return [path(ringEdge(height, 1)), path(ringEdge(height, -1))];
    if (hole > 0)
      return ([1, -1] as const).map((side) =>
        path([...edge(height, side), [x(side * hole), y(height)], [x(side * hole), y(0)]]),
      );
    return [path([...edge(height, 1), ...edge(height, -1).reverse()])];
  };
  const step = STEPS.find((s) => high / s <= 6) ?? 10;
  const where =
    wallCm > 0
      ? W.cmWideAtTheRim({
          number: fixed(2 * halfCm, 0),
          which: v.lengthCm > 0 ? W.cmLong({ number: fixed(v.lengthCm, 0) }) : '',
          number2: fixed(wallCm, 1),
        })
      : W.setFreeCmAcross({
          number: fixed(2 * halfCm, 0),
          which: v.lengthCm > 0 ? W.cmLong({ number: fixed(v.lengthCm, 0) }) : '',
        });
  const said = W.theDoughStandsCmHigh({
    where,
    number: fixed(level, 1),
    number2: fixed(risen, 1),
    which: count > 1 ? W.ofThem({ count }) : '',
  });
  const bottom = halfAt(v, level, 0);
  return (
    <figure className={classes.section}>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={said}>
        {shapes(risen).map((d) => (
          <path key={d} d={d} className={classes.risen} />
        ))}
        {shapes(level).map((d) => (
          <path key={d} d={d} className={classes.dough} />
        ))}
        {wallCm > 0 && (
          <path
            d={`M${x(-halfCm)} ${y(wallCm)} L${x(-bottom)} ${floor} H${x(bottom)} L${x(halfCm)} ${y(wallCm)}`}
            className={classes.tin}
          />
        )}
        {wallCm > 0 && hole > 0 && (
          <path d={`M${x(-hole)} ${floor} V${y(wallCm)} H${x(hole)} V${floor}`} className={classes.tin} />
        )}
        <line
          x1={PAD / 2}
          x2={WIDTH - RULER + PAD / 2}
          y1={floor + 5}
          y2={floor + 5}
          className={classes.rack}
        />
        {Array.from({ length: Math.floor(high / step) + 1 }, (_t, i) => (
          <g key={i} className={classes.ruler}>
            <line x1={WIDTH - 16} x2={WIDTH - 8} y1={y(i * step)} y2={y(i * step)} />
            {(i === 0 || i === Math.floor(high / step)) && (
              <text x={WIDTH - 20} y={y(i * step) + 4} textAnchor="end">
                {i === 0 ? '0' : W.cm({ i: i * step })}
              </text>
            )}
          </g>
        ))}
      </svg>
      <figcaption className="small quiet">{W.dashedBaked({ said })}</figcaption>
    </figure>
  );
}
