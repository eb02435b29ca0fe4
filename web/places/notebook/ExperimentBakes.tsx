import { Button, NativeSelect, NumberInput } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { TrialRow } from '../../../contract/notebook';
import { toldBy, type Experiment } from '../../../core/judge';
import { useTrialsQuery } from '../../api/notebook';
import { settingWords } from '../../words/experimentWords';
import classes from './notebook.module.css';
import { bakedOn } from './Why';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.experimentPage;

const MOST_TRIALS = '100';
export type Run = Experiment['runs'][number];

/** The bakes in their order: what each is set to, what was measured, which trial it was. */
export function Bakes({
  doc,
  busy,
  setRun,
}: {
  doc: Experiment;
  busy: boolean;
  setRun: (at: number, to: Run) => void;
}) {
  const { data } = useTrialsQuery({ formula: doc.formulaId, limit: MOST_TRIALS });
  const trials = data?.trials;
  const toTrial = (at: number, trialId: string | null): void => {
    const trial = trials?.find((t) => t.id === trialId);
    const { trialId: _was, ...rest } = doc.runs[at]!;
    const y = rest.y ?? (trial ? toldBy(trial, doc.measured) : null);
    setRun(at, { ...rest, y, ...(trialId ? { trialId } : {}) });
  };
  return (
    <div className={classes.wide} role="region" aria-label={W.theBakes} tabIndex={0}>
      <table className={classes.served}>
        <thead>
          <tr>
            <th scope="col">{W.bake}</th>
            {doc.factors.map((f) => (
              <th key={f.name} scope="col">
                {f.name}
              </th>
            ))}
            <th scope="col">{doc.measured}</th>
            <th scope="col">{W.bakedAs}</th>
          </tr>
        </thead>
        <tbody>
          {doc.runs.map((r, i) => (
            <tr key={i}>
              <th scope="row">{i + 1}</th>
              {r.settings.map((s, f) => (
                <td key={f}>{settingWords(doc.factors[f]!, s)}</td>
              ))}
              <td>
                <Measured
                  label={W.ofBake({ measured: doc.measured, i: i + 1 })}
                  value={r.y}
                  disabled={busy}
                  onKeep={(y) => setRun(i, { ...r, y })}
                />
              </td>
              <td>
                <BakedAs at={i} run={r} trials={trials} busy={busy} onChoose={(id) => toTrial(i, id)} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** The trial that a bake of the experiment was. */
function BakedAs({
  at,
  run,
  trials,
  busy,
  onChoose,
}: {
  at: number;
  run: Run;
  trials: readonly TrialRow[] | undefined;
  busy: boolean;
  onChoose: (trialId: string | null) => void;
}) {
  // One that was taken out stays named.
  const gone = run.trialId && trials && !trials.some((t) => t.id === run.trialId) ? [run.trialId] : [];
  return (
    <>
      <NativeSelect
        aria-label={W.trialOfBake({ i: at + 1 })}
        disabled={busy}
        value={run.trialId ?? ''}
        onChange={(e) => onChoose(e.currentTarget.value || null)}
        data={[
          { value: '', label: W.noTrial },
          ...(trials ?? []).map((t) => ({ value: t.id, label: bakedOn(t) })),
          ...gone.map((value) => ({ value, label: W.aTrialThatIsNot })),
        ]}
      />
      {run.trialId && (
        <Button component={Link} to={`/notebook/${run.trialId}`} size="compact-md" variant="subtle">
          {W.openIt}
        </Button>
      )}
    </>
  );
}

/** A figure, kept when the field is left. */
function Measured({
  label,
  value,
  disabled,
  onKeep,
}: {
  label: string;
  value: number | null;
  disabled: boolean;
  onKeep: (y: number | null) => void;
}) {
  const [typed, setTyped] = useState<number | string | null>(null);
  const shown = typed ?? value ?? '';
  return (
    <NumberInput
      aria-label={label}
      w={{ base: 76, xs: 110 }}
      hideControls
      disabled={disabled}
      value={shown}
      onChange={setTyped}
      onBlur={() => {
        const y = typeof shown === 'number' ? shown : null;
        if (typed !== null && y !== value) onKeep(y);
        setTyped(null);
      }}
    />
  );
}
