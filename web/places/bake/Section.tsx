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

type Vessel = BakeSetup['vessel'];
/** Where a place of the section stands in the drawing, cm to px. */
type Scale = { x: (cm: number) => number; y: (cm: number) => number };

const path = (points: [number, number][]): string =>
  `M${points.map(([a, b]) => `${a.toFixed(1)} ${b.toFixed(1)}`).join('L')}Z`;

/** The outlines of a dough that stands so high, cm. */
function shapesOf(v: Vessel, height: number, { x, y }: Scale): string[] {
  const hole = v.holeCm ?? 0;
  /** One half of the outline from the bottom up; `side` is 1 or −1. */
  const edge = (side: 1 | -1): [number, number][] =>
    Array.from({ length: POINTS + 1 }, (_p, i) => {
      // A dome is drawn by its angle, so that its top is round.
      const share = v.kind === 'free' ? Math.sin((i / POINTS) * (Math.PI / 2)) : i / POINTS;
      const at = share * height;
      return [x(side * halfAt(v, height, at)), y(at)];
    });
  const ringEdge = (side: 1 | -1): [number, number][] => {
    const [mid, half] = [(v.halfCm + hole) / 2, (v.halfCm - hole) / 2];
    return Array.from({ length: POINTS + 1 }, (_p, i) => {
      const t = (i / POINTS) * Math.PI;
      return [x(side * (mid + half * Math.cos(t))), y(height * Math.sin(t))];
    });
  };
  if (v.kind === 'free' && v.form === 'ring') return [path(ringEdge(1)), path(ringEdge(-1))];
  if (hole > 0)
    return ([1, -1] as const).map((side) =>
      path([...edge(side), [x(side * hole), y(height)], [x(side * hole), y(0)]]),
    );
  return [path([...edge(1), ...edge(-1).reverse()])];
}

/** The drawing in words. */
function saidOf({ halfCm, wallCm, lengthCm, count }: Vessel, level: number, risen: number): string {
  const across = fixed(2 * halfCm, 0);
  const which = lengthCm > 0 ? W.cmLong({ number: fixed(lengthCm, 0) }) : '';
  return W.theDoughStandsCmHigh({
    where:
      wallCm > 0
        ? W.cmWideAtTheRim({ number: across, which, number2: fixed(wallCm, 1) })
        : W.setFreeCmAcross({ number: across, which }),
    number: fixed(level, 1),
    number2: fixed(risen, 1),
    which: count > 1 ? W.ofThem({ count }) : '',
  });
}

/** A ruler at the right, its ends in numbers. */
function Ruler({ high, y }: { high: number } & Pick<Scale, 'y'>) {
  const step = STEPS.find((s) => high / s <= 6) ?? 10;
  const last = Math.floor(high / step);
  return Array.from({ length: last + 1 }, (_t, i) => (
    <g key={i} className={classes.ruler}>
      <line x1={WIDTH - 16} x2={WIDTH - 8} y1={y(i * step)} y2={y(i * step)} />
      {(i === 0 || i === last) && (
        <text x={WIDTH - 20} y={y(i * step) + 4} textAnchor="end">
          {i === 0 ? '0' : W.cm({ i: i * step })}
        </text>
      )}
    </g>
  ));
}

/** The bake cut through, to scale: its walls, how high the dough stands, and about how high it will. */
export function Section({ setup }: { setup: BakeSetup }) {
  const { vessel: v, massG, density } = setup;
  const level = levelCm(setup);
  const risen = heightOf(v, (riseOf(density) * massG) / density);
  const { halfCm, wallCm } = v;
  const hole = v.holeCm ?? 0;
  const high = Math.max(wallCm, risen, 1);
  const k = Math.min((WIDTH - PAD - RULER) / (2 * halfCm), (HEIGHT - 2 * PAD) / high);
  const [cx, floor] = [(WIDTH + PAD - RULER) / 2, HEIGHT - PAD];
  const scale: Scale = { x: (cm) => cx + cm * k, y: (cm) => floor - cm * k };
  const { x, y } = scale;
  const said = saidOf(v, level, risen);
  const bottom = halfAt(v, level, 0);
  return (
    <figure className={classes.section}>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={said}>
        {shapesOf(v, risen, scale).map((d) => (
          <path key={d} d={d} className={classes.risen} />
        ))}
        {shapesOf(v, level, scale).map((d) => (
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
        <Ruler high={high} y={y} />
      </svg>
      <figcaption className="small quiet">{W.dashedBaked({ said })}</figcaption>
    </figure>
  );
}
