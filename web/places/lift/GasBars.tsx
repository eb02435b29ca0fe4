import { GAS_KINDS, type LiftBudget } from '../../../core/leavening';
import { fixed } from '../../words/format';
import { GAS_WORDS } from '../../words/data/lift';
import classes from './lift.module.css';
import { degrees } from '../../words/heat';

/** Volumes of bubbles are rough: to 50 ml. */
const roundMl = (ml: number): number => 50 * Math.round(ml / 50);

const per = (b: LiftBudget): number => (b.gasPer100 !== null && b.gasMmol > 0 ? b.gasPer100 / b.gasMmol : 1);

function Bar({ name, b, most }: { name: string; b: LiftBudget; most: number }) {
  const k = per(b);
  const total = b.gasMmol * k;
  return (
    <div className={classes.gasRow}>
      <span>{name}</span>
      <div
        className={classes.gasBar}
        role="img"
        aria-label={`${name}: ${b.gas.map((g) => `${GAS_WORDS[g.kind]} ${fixed(g.mmol * k, 1)} mmol`).join(', ') || 'no gas'}`}
      >
        {b.window && (
          <i
            style={{
              left: `${(100 * b.window[0]) / most}%`,
              width: `${(100 * (b.window[1] - b.window[0])) / most}%`,
            }}
          />
        )}
        {b.gas.map((g) => (
          <span
            key={g.kind + g.ids.join()}
            data-kind={g.kind}
            style={{ width: `${(100 * g.mmol * k) / most}%` }}
          />
        ))}
      </div>
      <span className="num">{fixed(total, 1)}</span>
    </div>
  );
}

/** Gas of the source beside the adapted, by where it comes from, against what such bakes usually have. */
export function GasBars({ source, adapted }: { source: LiftBudget; adapted: LiftBudget }) {
  const on = adapted.gasPer100 !== null;
  const most =
    1.1 *
    Math.max(per(source) * source.gasMmol, per(adapted) * adapted.gasMmol, adapted.window?.[1] ?? 0, 0.1);
  const bench = adapted.gas.reduce((s, g) => s + g.benchMmol, 0);
  const kinds = GAS_KINDS.filter((k) => [...source.gas, ...adapted.gas].some((g) => g.kind === k));
  const spoken =
    adapted.state === 'low'
      ? 'Less gas than such bakes usually have.'
      : adapted.state === 'high'
        ? 'More gas than such bakes usually have.'
        : adapted.state === 'inside'
          ? 'As much gas as such bakes usually have.'
          : '';
  return (
    <section className={`sheet ${classes.panel}`} aria-label="Gas">
      <h2>Gas</h2>
      <p className="small quiet">
        mmol CO₂ {on ? 'for 100 g flour' : 'in the batch'}
        {adapted.window && `; usual ${adapted.window[0]} to ${adapted.window[1]} (dashed)`}
      </p>
      <Bar name="as written" b={source} most={most} />
      <Bar name="adapted" b={adapted} most={most} />
      <ul className={classes.key}>
        {kinds.map((k) => (
          <li key={k}>
            <i data-kind={k} /> {GAS_WORDS[k]}
          </li>
        ))}
      </ul>
      <p>
        {spoken && <b>{spoken} </b>}
        {adapted.gasMmol > 0.05 && (
          <>
            About {fixed(roundMl(adapted.coldMl), 0)} ml of bubbles when cold, and about{' '}
            {fixed(roundMl(adapted.ovenMl), 0)} ml at {degrees(90)} with the steam in them, of which the crumb
            keeps a part.
            {bench > 0.6 * adapted.gasMmol
              ? 'Most of it is released during mixing: bake straight away.'
              : 'Most of it is released in the oven.'}
          </>
        )}
      </p>
    </section>
  );
}
