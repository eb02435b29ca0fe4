import { Button } from '@mantine/core';
import { useNavigate } from 'react-router';
import { doughLines, mainPart, massOf } from '../../../core/formula';
import { idOf } from '../../../core/ingredients';
import { linkMethod } from '../../../core/reading';
import type { Outcome } from '../../../core/rebalance';
import { problemIn, useCreateFormulaMutation } from '../../api/api';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { fixed, grams } from '../../words/format';
import { sayProblem } from '../../words/say';
import { stepText } from '../../words/stepWords';
import classes from './desk.module.css';

/** Beside the nearest answer: another bread that works without egg and gum, made a formula of its own by a press. */
export function OtherBread({ other: { formula, hydration } }: { other: NonNullable<Outcome['other']> }) {
  const navigate = useNavigate();
  const { pantry } = usePantry();
  const [create, created] = useCreateFormulaMutation();
  const problem = created.error ? problemIn(created.error) : null;
  const main = mainPart(formula.parts);
  const psyllium = main && doughLines(main).find((l) => idOf(l.item) === 'psyllium_powder');

  async function take() {
    const title = `${formula.title}, held by psyllium`.slice(0, 200);
    // Its steps are words of its own from here on, linked like any that were read.
    const method = formula.method.map(({ kind, ...s }, i) => ({
      id: `m${i + 1}`,
      kind,
      text: stepText({ kind, ...s }) ?? '',
      notes: [],
    }));
    const own = linkMethod({ ...formula, title, method, originalText: '' }, pantry.lookup);
    const done = await create(own);
    if ('data' in done && done.data) await navigate(`/formula/${done.data.formula.id}/read`);
  }

  return (
    <section className={`sheet ${classes.other}`} aria-labelledby="other-bread">
      <h2 id="other-bread">A different bread that works</h2>
      <p>
        Egg and gum held this dough. Held by psyllium ({psyllium ? grams(massOf(psyllium)) : 'a little'}) it
        is another bread: water {fixed(hydration, 0)} % of the flour, shaped by hand, baked free or in a pot,
        with more chew and a crust.
      </p>
      <ol>
        {formula.method.map((s) => (
          <li key={s.id}>{stepText(s)}</li>
        ))}
      </ol>
      {created.error && (
        <Notice kind="trouble" title="Not kept yet">
          {sayProblem(problem?.code ?? null, problem?.args)}
        </Notice>
      )}
      <Button variant="default" loading={created.isLoading} onClick={() => void take()}>
        Make it a formula of its own
      </Button>
    </section>
  );
}
