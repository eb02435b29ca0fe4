import type { Fit, FitKey } from '../../../core/rebalance';
import { PROP_UNIT, type Profile } from '../../../core/formula';
import type { PropKey } from '../../../core/classes';
import { amountOf } from '../../words/format';
import { FIT_WORDS, PROP_WORDS } from '../../words/things';
import classes from './balance.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.mirrorBars;

const ROWS: PropKey[] = [
  'mass',
  'water',
  'fat',
  'sugars',
  'starch',
  'protein',
  'bind',
  'shorten',
  'lift',
  'acid',
  'bite',
  'salt',
];

type Props = {
  /** The part these are of, as a label ends: ", crust"; empty where there is but one. */
  of: string;
  source: Profile;
  adapted: Profile;
  fit: Fit[];
  seen: FitKey | null;
  onSee: (key: FitKey) => void;
};

/** Source and adapted as mirrored bars on one centre line, each property with its band. A row can be opened. */
export function MirrorBars({ of, source, adapted, fit, seen, onSee }: Props) {
  return (
    <section
      className={`sheet ${classes.mirror}`}
      aria-label={W.sourceBesideAdaptedPerBatch({ ofValue: of })}
    >
      <div className={`${classes.row} ${classes.caption}`} aria-hidden="true">
        <span />
        <span>{W.asWritten}</span>
        <span>{W.perBatch}</span>
        <span>{W.adapted}</span>
        <span />
      </div>
      {ROWS.map((key) => {
        const [a, b] = [source.props[key], adapted.props[key]];
        if (a.value < 0.05 && b.value < 0.05) return null;
        const f = fit.find((x) => x.key === key);
        const most = 1.12 * Math.max(a.value, b.value, f?.hi ?? 0);
        const width = (x: number) => `${(100 * Math.max(0, x)) / most}%`;
        const colour = `var(--p-${key})`;
        const state = f?.state ?? 'inside';
        const unit = PROP_UNIT[key];
        return (
          <button
            type="button"
            key={key}
            className={classes.row}
            aria-pressed={seen === key}
            onClick={() => onSee(key)}
            aria-label={W.asWrittenAdaptedExplain({
              prop: PROP_WORDS[key],
              amount: amountOf(a, unit),
              amount2: amountOf(b, unit),
              which: state === 'inside' ? '' : `, ${FIT_WORDS[state]}`,
            })}
          >
            <span className="num">{amountOf(a, unit)}</span>
            <span className={`${classes.bar} ${classes.left}`}>
              <s style={{ width: width(a.value), background: colour }} />
            </span>
            <span className={classes.name}>{PROP_WORDS[key]}</span>
            <span className={classes.bar}>
              <s style={{ width: width(b.value), background: colour }} />
              {f && <i style={{ left: width(f.lo), width: `${(100 * (f.hi - f.lo)) / most}%` }} />}
            </span>
            <span className="num" data-state={state}>
              {amountOf(b, unit)} <b>{FIT_WORDS[state]}</b>
            </span>
          </button>
        );
      })}
    </section>
  );
}
