import { Button } from '@mantine/core';
import { bowlsOf, lateUntil } from '../../../core/bench';
import { grams } from '../../words/format';
import classes from './bench.module.css';
import type { BenchProps } from './props';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.bowls;

/** What is in each bowl, and what was left out; each thing can be told to have been another. */
export function Bowls({
  formula,
  order,
  state,
  nameOf,
  onOther,
  tell,
}: Pick<BenchProps, 'formula' | 'order' | 'state' | 'tell'> & {
  nameOf: (lineId: string) => string;
  onOther: (lineId: string) => void;
}) {
  const bowls = bowlsOf(order, state);
  const putIn = (weighing: string) => {
    const e = state.live.findLast((x) => x.kind === 'leftOut' && x.weighing === weighing);
    if (e) tell({ kind: 'undone', event: e.id });
  };
  const out = order.weighings.filter((w) => state.leftOut.has(w.id));
  return (
    <>
      <section className={classes.bowls} aria-label={W.whatIsInTheBowls}>
        {bowls.map((b, i) => (
          <div key={b.id} className="sheet">
            <h2>
              {bowls.length > 1 ? W.bowl({ i: i + 1 }) : W.theBowl}, {grams(b.massG)}
            </h2>
            <ul>
              {[...b.contents].map(([id, x]) => (
                <li key={id}>
                  <button type="button" title={W.itWasAnotherThing} onClick={() => onOther(id)}>
                    {nameOf(id)} {grams(x)}
                  </button>
                </li>
              ))}
            </ul>
          </div>
        ))}
      </section>
      {out.length > 0 && (
        <section aria-label={W.leftOut}>
          {out.map((w) => {
            const until = lateUntil(formula, w.lineId);
            const step = formula.method.findIndex((s) => s.id === until);
            return (
              <p key={w.id}>
                {W.wasLeftOut({
                  name: nameOf(w.lineId),
                  which: step >= 0 ? W.itCanStillGoIn({ step: step + 1 }) : '',
                })}{' '}
                <Button size="compact-md" variant="default" onClick={() => putIn(w.id)}>
                  {W.putItInNow}
                </Button>
              </p>
            );
          })}
        </section>
      )}
    </>
  );
}
