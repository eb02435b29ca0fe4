import { GAS_KINDS, type LiftBudget } from '../../../core/leavening';
import { fixed } from '../../words/format';
import { GAS_WORDS } from '../../words/data/lift';
import classes from './lift.module.css';
import { degrees } from '../../words/heat';
import { liftWords } from '../../words/data/en/lift';

const W = liftWords.gasBars;

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
        aria-label={`${name}: ${b.gas.map((g) => W.mmol({ gas: GAS_WORDS[g.kind], number: fixed(g.mmol * k, 1) })).join(', ') || W.noGas}`}
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
      ? W.lessGasThanSuchBakes
      : adapted.state === 'high'
        ? W.moreGasThanSuchBakes
        : adapted.state === 'inside'
          ? W.asMuchGasAsSuch
          : '';
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.gas}>
      <h2>{W.gas}</h2>
      <p className="small quiet">
        {W.mmolCo({
          which: on ? W.for100GFlour : W.inTheBatch,
          window:
            adapted.window && W.usualToDashed({ window: adapted.window[0], window2: adapted.window[1] }),
        })}
      </p>
      <Bar name={W.asWritten} b={source} most={most} />
      <Bar name={W.adapted} b={adapted} most={most} />
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
            {W.aboutMlOfBubblesWhen({
              number: fixed(roundMl(adapted.coldMl), 0),
              number2: fixed(roundMl(adapted.ovenMl), 0),
              temperature: degrees(90),
              which: bench > 0.6 * adapted.gasMmol ? W.mostOfItIsReleased : W.mostOfItIsReleased2,
            })}
          </>
        )}
      </p>
    </section>
  );
}
