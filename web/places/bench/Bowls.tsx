import { Button } from '@mantine/core';
import { bowlsOf, lateUntil } from '../../../core/bench';
import { grams } from '../../words/format';
import classes from './bench.module.css';
import type { BenchProps } from './props';

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
      <section className={classes.bowls} aria-label="What is in the bowls">
        {bowls.map((b, i) => (
          <div key={b.id} className="sheet">
            <h2>
              {bowls.length > 1 ? `Bowl ${i + 1}` : 'The bowl'}, {grams(b.massG)}
            </h2>
            <ul>
              {[...b.contents].map(([id, x]) => (
                <li key={id}>
                  <button type="button" title="It was another thing" onClick={() => onOther(id)}>
                    {nameOf(id)} {grams(x)}
                  </button>
                </li>
              ))}
            </ul>
          </div>
        ))}
      </section>
      {out.length > 0 && (
        <section aria-label="Left out">
          {out.map((w) => {
            const until = lateUntil(formula, w.lineId);
            const step = formula.method.findIndex((s) => s.id === until);
            return (
              <p key={w.id}>
                {nameOf(w.lineId)} was left out
                {step >= 0 ? `; it can still go in until step ${step + 1}` : ''}.{' '}
                <Button size="compact-md" variant="default" onClick={() => putIn(w.id)}>
                  Put it in now
                </Button>
              </p>
            );
          })}
        </section>
      )}
    </>
  );
}
