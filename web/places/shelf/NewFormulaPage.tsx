import { useNavigate } from 'react-router';
import { useCreateFormulaMutation } from '../../api/api';
import { problemIn } from '../../api/ask';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { useRemember } from '../../shared/useRemember';
import { addWords } from '../../words/data/en/add';
import { sayProblem } from '../../words/say';
import { usePasted } from './pasted';
import { PasteForm } from './PasteForm';
import classes from './shelf.module.css';
import { Understood } from './Understood';
import { useReading } from './useReading';

const W = addWords.newFormulaPage;

/** Paste a formula: what is understood stands beside it at once, line by line. */
export function NewFormulaPage() {
  usePageTitle(W.addAFormula);
  const navigate = useNavigate();
  const { form, set, clear } = usePasted();
  const reading = useReading(form, set);
  const [create, creating] = useCreateFormulaMutation();
  const remember = useRemember();
  const problem = problemIn(creating.error);

  async function keep() {
    const { formula, meant } = reading;
    if (!formula) return;
    const title = form.title.trim() || formula.title.trim() || W.untitledFormula;
    const done = await create({ ...formula, title });
    if (!('data' in done) || !done.data) return;
    remember(meant);
    clear();
    await navigate(`/formula/${done.data.formula.id}/swap`);
  }

  return (
    <main id="main" className={classes.page} style={{ maxWidth: 1240 }}>
      <div className={classes.head}>
        <div>
          <h1>{W.addAFormula}</h1>
          <p className="quiet">{W.pasteItAsYouFound}</p>
        </div>
      </div>
      {creating.error && (
        <Notice kind="trouble" title={W.couldNotSave}>
          {sayProblem(problem?.code ?? null, problem?.args)}
        </Notice>
      )}
      <div className={classes.columns}>
        <PasteForm form={form} set={set} reading={reading} />
        <Understood reading={reading} set={set} onKeep={() => void keep()} keeping={creating.isLoading} />
      </div>
    </main>
  );
}
