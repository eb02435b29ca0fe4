import type { Fit } from '../../../core/rebalance';
import { FIT_WORDS, PROP_WORDS } from '../../words/things';
import classes from './whole.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.fitTicks;

const SHOWN = ['wetness', 'fat', 'sugars', 'starch', 'protein', 'bind', 'shorten', 'lift'] as const;
/** The bar is full at this share of the source. */
const FULL = 1.5;

/** A solution at a glance: each property against the source (the notch), out of band said by a word. */
export function FitTicks({ fit }: { fit: Fit[] }) {
  return (
    <span className={classes.ticks}>
      {SHOWN.map((key) => {
        const f = fit.find((x) => x.key === key);
        if (!f || f.source.value === 0) return null;
        const share = Math.min(FULL, f.adapted.value / f.source.value);
        return (
          <span
            key={key}
            className={classes.tick}
            data-out={f.state === 'low' || f.state === 'high' ? '' : undefined}
          >
            <span>{key === 'wetness' ? W.hydration : PROP_WORDS[key]}</span>
            <span className={classes.tickBar} aria-hidden="true">
              <span
                style={{
                  width: `${(100 * share) / FULL}%`,
                  background: `var(--p-${key === 'wetness' ? 'water' : key})`,
                }}
              />
              <i style={{ left: `${100 / FULL}%` }} />
            </span>
            <span className="visually-hidden">{f.state === 'inside' ? W.inRange : FIT_WORDS[f.state]}</span>
          </span>
        );
      })}
    </span>
  );
}
