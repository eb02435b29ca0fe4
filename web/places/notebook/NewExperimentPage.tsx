import { ActionIcon, Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { halvingsOf, MOST_FACTORS, MOST_RUNS, planOf, resolutionOf, type Factor } from '../../../core/judge';
import { problemIn, useFormulaQuery } from '../../api/api';
import { useCreateExperimentMutation } from '../../api/notebook';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { resolutionWords } from '../../words/experimentWords';
import { sayProblem } from '../../words/problems';
import classes from './notebook.module.css';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.newExperimentPage;

const EMPTY: Factor = { name: '', low: '', high: '' };
/** What is said of a factor, with an example. */
const FIELDS = [
  ['name', W.what, 'psyllium'],
  ['low', W.low, '18 g'],
  ['high', W.high, '26 g'],
] as const;

/** An experiment is planned: what is changed between which two, how many bakes, and what is measured. */
export function NewExperimentPage() {
  const { id = '' } = useParams();
  const { data: detail } = useFormulaQuery(id);
  const [factors, setFactors] = useState<Factor[]>([EMPTY]);
  const [halvings, setHalvings] = useState(0);
  const [times, setTimes] = useState(2);
  const [centres, setCentres] = useState(0);
  const [measured, setMeasured] = useState(W.heightMm);
  const [create, creating] = useCreateExperimentMutation();
  const navigate = useNavigate();
  usePageTitle(W.anExperiment);
  const possible = halvingsOf(factors.length);
  const half = possible.includes(halvings) ? halvings : 0;
  const count = times * 2 ** (factors.length - half) + centres;
  const ready =
    factors.every((f) => f.name.trim() && f.low.trim() && f.high.trim()) && measured.trim() !== '';
  const set = (i: number, more: Partial<Factor>) =>
    setFactors((all) => all.map((f, k) => (k === i ? { ...f, ...more } : f)));
  const begin = async () => {
    const done = await create({
      formulaId: id,
      title: `${detail?.title ?? ''}: ${factors.map((f) => f.name.trim()).join(', ')}`.slice(0, 200),
      at: Date.now(),
      factors: factors.map((f) => ({ name: f.name.trim(), low: f.low.trim(), high: f.high.trim() })),
      halvings: half,
      measured: measured.trim(),
      runs: planOf(
        { factors: factors.length, halvings: half, times, centres },
        crypto.getRandomValues(new Uint32Array(1))[0]!,
      ),
    });
    if ('data' in done && done.data) await navigate(`/notebook/experiment/${done.data.id}`);
  };
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{W.anExperiment}</h1>
        <span className="quiet">{detail?.title}</span>
      </header>
      <section className={`sheet ${classes.part}`}>
        <h2>{W.whatIsChanged}</h2>
        {factors.map((f, i) => (
          <div key={i} className={classes.bar}>
            {FIELDS.map(([key, label, placeholder]) => (
              <TextInput
                key={key}
                label={label}
                placeholder={placeholder}
                maxLength={80}
                value={f[key]}
                onChange={(e) => set(i, { [key]: e.currentTarget.value })}
              />
            ))}
            {factors.length > 1 && (
              <ActionIcon
                variant="subtle"
                size={40}
                aria-label={W.leaveOut({ name: f.name || W.the({ i: i + 1 }) })}
                onClick={() => setFactors((all) => all.filter((_x, k) => k !== i))}
              >
                <IconX size={18} />
              </ActionIcon>
            )}
          </div>
        ))}
        {factors.length < MOST_FACTORS && (
          <Button variant="default" onClick={() => setFactors((all) => [...all, EMPTY])}>
            {W.oneMore}
          </Button>
        )}
      </section>
      <section className={`sheet ${classes.part}`}>
        <h2>{W.howManyBakes}</h2>
        <div className={classes.bar}>
          {possible.length > 1 && (
            <NativeSelect
              label={W.ofAllCombinations}
              value={String(half)}
              onChange={(e) => setHalvings(Number(e.currentTarget.value))}
              data={possible.map((h) => ({ value: String(h), label: ['all', 'half', W.aQuarter][h]! }))}
            />
          )}
          <NumberInput
            label={W.eachSoOften}
            min={1}
            max={4}
            allowDecimal={false}
            value={times}
            onChange={(v) => typeof v === 'number' && setTimes(v)}
          />
          <NumberInput
            label={W.besidesHalfway}
            min={0}
            max={8}
            allowDecimal={false}
            value={centres}
            onChange={(v) => typeof v === 'number' && setCentres(v)}
          />
          <TextInput
            label={W.whatIsMeasured}
            description={W.aScoreAHeightA}
            maxLength={80}
            value={measured}
            onChange={(e) => setMeasured(e.currentTarget.value)}
          />
        </div>
        <p>
          {W.bakeCount({ n: count })}. {resolutionWords(resolutionOf(factors.length, half))}
          {times < 2 && centres < 2 && W.noneIsMadeTwiceWhat}
        </p>
        {count > MOST_RUNS && <p role="alert">{W.noMoreThanBakesTake({ mOSTRUNS: MOST_RUNS })}</p>}
        {creating.error && (
          <Notice kind="trouble" title={W.itWasNotBegun}>
            {sayProblem(problemIn(creating.error)?.code ?? null)}
          </Notice>
        )}
        <Button
          disabled={!ready || count > MOST_RUNS}
          loading={creating.isLoading}
          onClick={() => void begin()}
        >
          {W.drawTheOrder}
        </Button>
      </section>
    </main>
  );
}
