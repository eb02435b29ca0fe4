import type { LiftBudget } from '../../../core/leavening';
import { amountOf, fixed } from '../../words/format';
import { listed } from '../../words/plural';
import { EFFECT_WORDS } from '../../words/data/lift';
import { ingredientName } from '../../words/things';
import classes from './lift.module.css';
import { liftWords } from '../../words/data/en/lift';

const W = liftWords.beam;

const TILT_DEG = 11;
const ARM = 150;
const [WIDTH, HEIGHT, CX, CY] = [440, 150, 220, 62];

/** A range of pH; one figure where both ends round to it. */
const phText = ([lo, hi]: readonly [number, number]): string =>
  fixed(lo, 1) === fixed(hi, 1) ? fixed(lo, 1) : W.to({ number: fixed(lo, 1), number2: fixed(hi, 1) });

/** How far a beam tips, degrees: to the right where alkali is left over, to the left where acid is. */
function tiltOf(b: LiftBudget): number {
  const [a, s] = [b.acidMmol.value, b.baseMmol.value];
  const most = Math.max(a, s);
  return most === 0 ? 0 : (TILT_DEG * (s - a)) / most;
}

function Arm({ tilt, faint }: { tilt: number; faint: boolean }) {
  const rad = (tilt * Math.PI) / 180;
  const end = (side: 1 | -1) => [CX + side * ARM * Math.cos(rad), CY + side * ARM * Math.sin(rad)] as const;
  const [l, r] = [end(-1), end(1)];
  const pan = ([x, y]: readonly [number, number], colour: string) => (
    <g>
      <line x1={x} y1={y} x2={x - 24} y2={y + 30} />
      <line x1={x} y1={y} x2={x + 24} y2={y + 30} />
      <path d={`M${x - 30} ${y + 30} h60 a30 16 0 0 1 -60 0`} style={{ fill: faint ? 'none' : colour }} />
    </g>
  );
  return (
    <g className={faint ? classes.faint : classes.arm}>
      <line x1={l[0]} y1={l[1]} x2={r[0]} y2={r[1]} />
      {pan(l, 'var(--p-acid)')}
      {pan(r, 'var(--quiet)')}
    </g>
  );
}

const names = (of: LiftBudget['acids']): string =>
  of.length === 0 ? W.none : listed(of.slice(0, 4).map((x) => ingredientName(x.ingredientId, true)));

/** Acid against soda as a beam that tips; the source's stands faint behind. */
export function AcidBalance({ source, adapted }: { source: LiftBudget; adapted: LiftBudget }) {
  const share = adapted.metShare;
  // Without soda on either side there is nothing to weigh.
  const weighed = share !== null || source.metShare !== null;
  const said =
    share === null
      ? W.noSodaWhatIsSour
      : W.ofTheSodaIsNeutralised({
          number: fixed(100 * share, 0),
          which: source.metShare === null ? '' : W.asWritten({ number: fixed(100 * source.metShare, 0) }),
        });
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.acidAgainstSoda}>
      <h2>{W.acidAgainstSoda}</h2>
      <div className={classes.beam}>
        {weighed && (
          <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            role="img"
            aria-label={`${said} ${EFFECT_WORDS[adapted.effect]}`}
          >
            <path d={`M${CX} ${CY} l-16 74 h32 z`} className={classes.post} />
            <Arm tilt={tiltOf(source)} faint />
            <Arm tilt={tiltOf(adapted)} faint={false} />
          </svg>
        )}
        <dl className={classes.pans}>
          <div>
            <dt>{W.acid}</dt>
            <dd className="num">{amountOf(adapted.acidMmol, 'mmol')}</dd>
            <dd className="quiet">
              {W.asWritten2({ amount: amountOf(source.acidMmol, 'mmol'), names: names(adapted.acids) })}
            </dd>
          </div>
          <div>
            <dt>{W.soda}</dt>
            <dd className="num">{amountOf(adapted.baseMmol, 'mmol')}</dd>
            <dd className="quiet">
              {W.asWritten2({ amount: amountOf(source.baseMmol, 'mmol'), names: names(adapted.bases) })}
            </dd>
          </div>
        </dl>
      </div>
      <p>
        <b>{said}</b> {share !== null && EFFECT_WORDS[adapted.effect]}
        {adapted.ph && share !== null && (
          <span className="quiet"> {W.theCrumbComesToAbout({ ph: phText(adapted.ph) })}</span>
        )}
      </p>
    </section>
  );
}
