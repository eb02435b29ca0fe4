import { levelCm, type BakeSetup } from '../../../core/bake';
import { fixed } from '../../words/format';
import classes from './bake.module.css';

const [W, H, PAD] = [360, 170, 34];
/** How much higher it stands when baked, by how airy it goes in. Common practice, no source. */
const RISES = { loose: 1.15, batter: 1.45, dense: 1.1 } as const;
const riseOf = (density: number): number =>
  density < 0.8 ? RISES.loose : density < 1 ? RISES.batter : RISES.dense;

/** The tin cut through: its walls, how high the dough stands, and about how high it will. */
export function Section({ setup }: { setup: BakeSetup }) {
  const level = levelCm(setup);
  const risen = level * riseOf(setup.density);
  const { halfCm, wallCm, count, kind } = setup.vessel;
  const high = Math.max(wallCm, risen, 1);
  const k = Math.min((W - 2 * PAD) / (2 * halfCm), (H - 2 * PAD) / high);
  const [cx, floor] = [W / 2, H - PAD];
  const box = (h: number) => ({
    x: cx - halfCm * k,
    y: floor - h * k,
    width: 2 * halfCm * k,
    height: h * k,
  });
  const said = `${kind === 'free' ? 'Set free' : `${fixed(2 * halfCm, 0)} cm wide, ${fixed(wallCm, 1)} cm high`}; the dough stands ${fixed(level, 1)} cm high, about ${fixed(risen, 1)} cm when baked${count > 1 ? `, ${count} of them` : ''}.`;
  return (
    <figure className={classes.section}>
      <svg viewBox={`0 0 ${W} ${H}`} role="img" aria-label={said}>
        <rect {...box(risen)} rx={kind === 'free' ? 18 : 4} className={classes.risen} />
        <rect {...box(level)} rx={kind === 'free' ? 14 : 2} className={classes.dough} />
        {wallCm > 0 && (
          <path
            d={`M${cx - halfCm * k} ${floor - wallCm * k} V${floor} H${cx + halfCm * k} V${floor - wallCm * k}`}
            className={classes.tin}
          />
        )}
        <line x1={PAD / 2} x2={W - PAD / 2} y1={floor + 5} y2={floor + 5} className={classes.rack} />
      </svg>
      <figcaption className="small quiet">{said}</figcaption>
    </figure>
  );
}
