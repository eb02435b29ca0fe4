import { Button } from '@mantine/core';
import { useNavigate } from 'react-router';
import { doughLines, mainPart, massOf } from '../../../core/formula';
import { idOf } from '../../../core/ingredients';
import { linkMethod } from '../../../core/reading';
import type { Outcome } from '../../../core/rebalance';
import { useCreateFormulaMutation } from '../../api/api';
import { problemIn } from '../../api/ask';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { fixed, grams } from '../../words/format';
import { sayProblem } from '../../words/say';
import { stepText } from '../../words/stepWords';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.otherBread;

type Other = NonNullable<Outcome['other']>;
const TITLED: Record<Other['kind'], string> = {
  psyllium: W.heldByPsyllium,
  gum: W.heldByGum,
  rolled: W.asRolledBuns,
};

/** What is another about it, in a sentence or two. */
function about({ kind, formula, hydration }: Other): string {
  const main = mainPart(formula.parts);
  const water = W.waterOfTheFlour({ number: fixed(hydration, 0) });
  const held =
    main && doughLines(main).find((l) => ['psyllium_powder', 'xanthan_gum'].includes(idOf(l.item) ?? ''));
  const much = held ? grams(massOf(held)) : W.aLittle;
  if (kind === 'psyllium') return W.eggAndGumHeldThis({ much, water });
  if (kind === 'gum') return W.psylliumHeldThisDoughHeld({ much, water });
  return W.itsLayersNeedAFirm;
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
        {other.kind === 'rolled' ? W.anotherBakeThatWorks : W.aDifferentBreadThatWorks}
      </h2>
      <p>{about(other)}</p>
      <ol>
        {formula.method.map((s) => (
          <li key={s.id}>{stepText(s)}</li>
        ))}
      </ol>
      {created.error && (
        <Notice kind="trouble" title={W.couldNotSave}>
          {sayProblem(problem?.code ?? null, problem?.args)}
        </Notice>
      )}
      <Button variant="default" loading={created.isLoading} onClick={() => void take()}>
        {W.makeItAFormulaOf}
      </Button>
    </section>
  );
}
