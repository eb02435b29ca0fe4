import { ActionIcon, Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import type { UseFormReturnType } from '@mantine/form';
import { IconX } from '@tabler/icons-react';
import { useNavigate, useParams } from 'react-router';
import { experimentPlanSchema } from '../../../contract/notebook-schemas';
import { halvingsOf, MOST_FACTORS, MOST_RUNS, planOf, resolutionOf, type Factor } from '../../../core/judge';
import { useFormulaQuery } from '../../api/api';
import { problemIn } from '../../api/ask';
import { useCreateExperimentMutation } from '../../api/notebook';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { useSchemaForm } from '../../shared/useSchemaForm';
import { resolutionWords } from '../../words/experimentWords';
import { sayProblem } from '../../words/problems';
import classes from './notebook.module.css';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.newExperimentPage;

const EMPTY: Factor = { name: '', low: '', high: '' };
/** What is said of a factor, with an example. */
const FIELDS = [
  ['name', W.what, W.psyllium],
  ['low', W.low, '18 g'],
  ['high', W.high, '26 g'],
] as const;
const SHARES = [W.all, W.half, W.aQuarter];

type Plan = { factors: Factor[]; halvings: number; times: number; centres: number; measured: string };
type PlanForm = UseFormReturnType<Plan>;

/** What is changed, each between two. */
const Factors = ({ form }: { form: PlanForm }) => (
  <section className={`sheet ${classes.part}`}>
    <h2>{W.whatIsChanged}</h2>
    {form.values.factors.map((f, i) => (
      <div key={i} className={classes.bar}>
        {FIELDS.map(([key, label, placeholder]) => (
          <TextInput
            key={key}
            label={label}
            placeholder={placeholder}
            maxLength={80}
            {...form.getInputProps(`factors.${i}.${key}`)}
            error={form.errors[`factors.${i}.${key}`] && W.sayIt}
          />
        ))}
        {form.values.factors.length > 1 && (
          <ActionIcon
            variant="subtle"
            size={40}
            aria-label={W.leaveOut({ name: f.name || W.the({ i: i + 1 }) })}
            onClick={() => form.removeListItem('factors', i)}
          >
            <IconX size={18} />
          </ActionIcon>
        )}
      </div>
    ))}
    {form.values.factors.length < MOST_FACTORS && (
      <Button variant="default" onClick={() => form.insertListItem('factors', EMPTY)}>
        {W.oneMore}
      </Button>
    )}
  </section>
);

/** How often each is baked, how much of all is, and what is measured of them. */
const Amount = ({ form, halvings }: { form: PlanForm; halvings: number }) => {
  const possible = halvingsOf(form.values.factors.length);
  return (
    <div className={classes.bar}>
      {possible.length > 1 && (
        <NativeSelect
          label={W.ofAllCombinations}
          value={String(halvings)}
          onChange={(e) => form.setFieldValue('halvings', Number(e.currentTarget.value))}
          data={possible.map((h) => ({ value: String(h), label: SHARES[h]! }))}
        />
      )}
      <NumberInput
        label={W.eachSoOften}
        min={1}
        max={4}
        allowDecimal={false}
        {...form.getInputProps('times')}
        onChange={(v) => typeof v === 'number' && form.setFieldValue('times', v)}
      />
      <NumberInput
        label={W.besidesHalfway}
        min={0}
        max={8}
        allowDecimal={false}
        {...form.getInputProps('centres')}
        onChange={(v) => typeof v === 'number' && form.setFieldValue('centres', v)}
      />
      <TextInput
        label={W.whatIsMeasured}
        description={W.aScoreAHeightA}
        maxLength={80}
        {...form.getInputProps('measured')}
        error={form.errors.measured && W.sayIt}
      />
    </div>
  );
};

/** Begins an experiment: its order is drawn here, so that two of the same plan are not baked in the same one. */
function useBegin(formulaId: string, formulaTitle: string) {
  const [create, creating] = useCreateExperimentMutation();
  const navigate = useNavigate();
  const begin = async ({ factors: typed, measured, times, centres }: Plan, halvings: number) => {
    const factors = typed.map((f) => ({ name: f.name.trim(), low: f.low.trim(), high: f.high.trim() }));
    const done = await create({
      formulaId,
      title: `${formulaTitle}: ${factors.map((f) => f.name).join(', ')}`.slice(0, 200),
      at: Date.now(),
      factors,
      halvings,
      measured: measured.trim(),
      runs: planOf(
        { factors: factors.length, halvings, times, centres },
        crypto.getRandomValues(new Uint32Array(1))[0]!,
      ),
    });
    if ('data' in done && done.data) await navigate(`/notebook/experiment/${done.data.id}`);
  };
  return { begin, creating };
}

/** An experiment is planned: what is changed between which two, how many bakes, and what is measured. */
export function NewExperimentPage() {
  const { id = '' } = useParams();
  const { data: detail } = useFormulaQuery(id);
  const { begin, creating } = useBegin(id, detail?.title ?? '');
  usePageTitle(W.anExperiment);
  const start: Plan = { factors: [EMPTY], halvings: 0, times: 2, centres: 0, measured: W.heightMm };
  const form = useSchemaForm<Plan>(experimentPlanSchema, start, 'sent');
  const { factors, times, centres } = form.values;
  // With fewer factors than it was chosen for, less can be left out.
  const halvings = halvingsOf(factors.length).includes(form.values.halvings) ? form.values.halvings : 0;
  const count = times * 2 ** (factors.length - halvings) + centres;
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{W.anExperiment}</h1>
        <span className="quiet">{detail?.title}</span>
      </header>
      <form className={classes.form} onSubmit={form.onSubmit((plan) => void begin(plan, halvings))}>
        <Factors form={form} />
        <section className={`sheet ${classes.part}`}>
          <h2>{W.howManyBakes}</h2>
          <Amount form={form} halvings={halvings} />
          <p>
            {W.bakeCount({ n: count })}. {resolutionWords(resolutionOf(factors.length, halvings))}
            {times < 2 && centres < 2 && W.noneIsMadeTwiceWhat}
          </p>
          {count > MOST_RUNS && <p role="alert">{W.noMoreThanBakesTake({ mOSTRUNS: MOST_RUNS })}</p>}
          {creating.error && (
            <Notice kind="trouble" title={W.itWasNotBegun}>
              {sayProblem(problemIn(creating.error)?.code ?? null)}
            </Notice>
          )}
          <Button type="submit" disabled={count > MOST_RUNS} loading={creating.isLoading}>
            {W.drawTheOrder}
          </Button>
        </section>
      </form>
    </main>
  );
}
