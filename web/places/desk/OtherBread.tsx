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

type Other = NonNullable<Outcome['other']>;
const TITLED: Record<Other['kind'], string> = {
  psyllium: 'held by psyllium',
  gum: 'held by gum',
  rolled: 'as rolled buns',
};

/** What is another about it, in a sentence or two. */
function about({ kind, formula, hydration }: Other): string {
  const main = mainPart(formula.parts);
  const water = `water ${fixed(hydration, 0)} % of the flour`;
  const held =
    main && doughLines(main).find((l) => ['psyllium_powder', 'xanthan_gum'].includes(idOf(l.item) ?? ''));
  const much = held ? grams(massOf(held)) : 'a little';
  if (kind === 'psyllium')
    return `Egg and gum held this dough. Held by psyllium (${much}) it is another bread: ${water}, shaped by hand, baked free or in a pot, with more chew and a crust.`;
  if (kind === 'gum')
    return `Psyllium held this dough. Held by xanthan (${much}) it is another bread: ${water}, a batter poured into a tin, softer and without a crust to speak of.`;
  return 'Its layers need a firm fat to roll in, and none is left that can do it. The same dough, spread and rolled up, makes buns with a swirl in place of flakes.';
}

/** Beside the nearest answer: another bake that works, made a formula of its own by a press. */
export function OtherBread({ other }: { other: Other }) {
  const { formula } = other;
  const navigate = useNavigate();
  const { pantry } = usePantry();
  const [create, created] = useCreateFormulaMutation();
  const problem = created.error ? problemIn(created.error) : null;

  async function take() {
    const title = `${formula.title}, ${TITLED[other.kind]}`.slice(0, 200);
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
      <h2 id="other-bread">
        {other.kind === 'rolled' ? 'Another bake that works' : 'A different bread that works'}
      </h2>
      <p>{about(other)}</p>
      <ol>
        {formula.method.map((s) => (
          <li key={s.id}>{stepText(s)}</li>
        ))}
      </ol>
      {created.error && (
        <Notice kind="trouble" title="Could not save">
          {sayProblem(problem?.code ?? null, problem?.args)}
        </Notice>
      )}
      <Button variant="default" loading={created.isLoading} onClick={() => void take()}>
        Make it a formula of its own
      </Button>
    </section>
  );
}
