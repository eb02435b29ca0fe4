import { Button } from '@mantine/core';
import { partIdOf, wantedG, type Repair, type Weighing } from '../../../core/bench';
import { effectWords } from '../../words/benchWords';
import { fixed, grams } from '../../words/format';
import classes from './bench.module.css';
import type { BenchProps } from './props';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.off;

type Props = Pick<BenchProps, 'state' | 'order' | 'tell'> & {
  w: Weighing;
  repairs: readonly Repair[];
  nameOf: (lineId: string) => string;
};

/** Something is off: what can be done, the smallest change first. */
export function Off({ w, repairs, state, order, nameOf, tell }: Props) {
  const inIt = state.put.get(w.id) ?? 0;
  const wanted = wantedG(order, state, w);
  const part = partIdOf(order, w);
  const by = grams(Math.abs(inIt - wanted));
  const much = inIt > wanted ? W.tooMuch : W.tooLittle;
  const choose = (r: Repair) => {
    if (r.kind === 'takeOut') tell({ kind: 'tookOut', weighing: w.id, g: r.g });
    else if (r.kind === 'add') tell({ kind: 'weighed', weighing: w.id, g: r.g });
    else if (r.kind === 'scale') {
      for (const m of r.more) tell({ kind: 'weighed', weighing: m.weighing, g: m.g });
      tell({ kind: 'scaled', partId: part, by: r.by });
    } else tell({ kind: 'note', text: W.leftAsItIs({ name: nameOf(w.lineId), by, much }) });
  };
  return (
    <section className={classes.now} aria-label={W.somethingIsOff}>
      <p className={classes.what}>{nameOf(w.lineId)}</p>
      <p className={`${classes.number} num`}>
        <b>{by}</b>
        <span> {much}</span>
      </p>
      <div className={classes.repairs}>
        {repairs.map((r) => (
          <div key={r.kind} className="sheet">
            <Button size="lg" variant={r === repairs[0] ? 'filled' : 'default'} onClick={() => choose(r)}>
              {r.kind === 'takeOut' && W.takeOut({ amount: grams(r.g) })}
              {r.kind === 'add' && W.putToIt({ amount: grams(r.g) })}
              {r.kind === 'scale' && W.makeAllOfItMore({ number: fixed(100 * (r.by - 1), 0) })}
              {r.kind === 'leave' && W.leaveIt}
            </Button>
            {r.kind === 'scale' && r.more.length > 0 && (
              <p>
                {W.firstPutToWhatIs({
                  more: r.more
                    .map(
                      (m) =>
                        `${grams(m.g)} ${nameOf(order.weighings.find((x) => x.id === m.weighing)!.lineId)}`,
                    )
                    .join(', '),
                })}
              </p>
            )}
            {'effect' in r && <p className="small quiet">{effectWords(r.effect)}</p>}
          </div>
        ))}
      </div>
    </section>
  );
}
