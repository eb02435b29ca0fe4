import { NumberInput, SegmentedControl, TagsInput, Textarea } from '@mantine/core';
import {
  FAULT_IDS,
  FAULTS,
  OUTCOME_IDS,
  SCORE_IDS,
  SCORE_STEPS,
  type Score,
  type Trial,
} from '../../../core/judge';
import type { FamilyId } from '../../../core/classes';
import { FaultDrawing } from '../../drawings/FaultDrawing';
import { FAULT_WORDS } from '../../words/data/faults';
import { fromField, heatUnit, toField } from '../../words/heat';
import { sliceLines } from '../../words/sliceWords';
import { OUTCOME_WORDS, SCORE_WORDS } from '../../words/trialWords';
import { Photos } from './Photos';
import classes from './notebook.module.css';
import own from './judge.module.css';
import { Dictate } from './Dictate';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.judge;

type Props = { id: string; trial: Trial; family: FamilyId | null; set: (more: Partial<Trial>) => void };

/** How it came out: the one thing that has to be said. */
export function Outcome({ trial, set }: Omit<Props, 'id' | 'family'>) {
  return (
    <div className={own.outcomes} role="group" aria-label={W.howItCameOut}>
      {OUTCOME_IDS.map((o) => (
        <button
          key={o}
          type="button"
          className={own.outcome}
          aria-pressed={trial.outcome === o}
          onClick={() => set({ outcome: o })}
        >
          {OUTCOME_WORDS[o]}
        </button>
      ))}
    </div>
  );
}

type Part = Omit<Props, 'id' | 'family'>;

/** What is wrong with it, by drawings; scales with words at both ends; how it was baked; who tasted; notes. */
export const Judge = ({ id, trial, family, set }: Props) => (
  <>
    <Faults trial={trial} family={family} set={set} />
    <section className={`sheet ${classes.part}`}>
      <h2>{W.photos}</h2>
      <Photos
        id={id}
        photos={trial.photos}
        slices={trial.slices ?? []}
        title={trial.title}
        onChange={(photos) => set({ photos, ...measuredOf(trial, photos) })}
      />
      {(trial.slices ?? []).map((s) => (
        <dl key={s.photo} className={own.measured} aria-label={W.measuredOnThePhoto}>
          {sliceLines(s.numbers).map(([name, said]) => (
            <div key={name}>
              <dt>{name}</dt>
              <dd className="num">{said}</dd>
            </div>
          ))}
        </dl>
      ))}
    </section>
    <Scores trial={trial} set={set} />
    <Baked trial={trial} set={set} />
    <section className={`sheet ${classes.part}`}>
      <h2>{W.notes}</h2>
      <Textarea
        aria-label={W.notes}
        autosize
        minRows={3}
        maxLength={8000}
        value={trial.notes}
        onChange={(e) => set({ notes: e.currentTarget.value })}
      />
      <Dictate
        onText={(text) => set({ notes: `${trial.notes}${trial.notes ? ' ' : ''}${text}`.slice(0, 8000) })}
      />
      <TagsInput
        label={W.whoTastedIt}
        maxTags={40}
        value={trial.tasters}
        onChange={(tasters) => set({ tasters: tasters.map((t) => t.slice(0, 80)) })}
      />
    </section>
  </>
);

/** The faults that a bake of its kind can have, and those that were marked. */
function Faults({ trial, family, set }: Part & Pick<Props, 'family'>) {
  const seenIn = (id: (typeof FAULT_IDS)[number]): boolean => {
    const { families } = FAULTS.find((f) => f.id === id)!;
    return !families || family === null || families.includes(family);
  };
  return (
    <section className={`sheet ${classes.part}`}>
      <h2>{W.whatIsWrongWithIt}</h2>
      <div className={own.faults} role="group" aria-label={W.whatIsWrongWithIt}>
        {FAULT_IDS.filter((f) => seenIn(f) || trial.faults.includes(f)).map((f) => (
          <button
            key={f}
            type="button"
            className={own.fault}
            aria-pressed={trial.faults.includes(f)}
            title={FAULT_WORDS[f].about}
            onClick={() =>
              set({
                faults: trial.faults.includes(f) ? trial.faults.filter((x) => x !== f) : [...trial.faults, f],
              })
            }
          >
            <FaultDrawing fault={f} />
            {FAULT_WORDS[f].name}
          </button>
        ))}
      </div>
    </section>
  );
}

/** How it is, on scales with words at both ends. */
const Scores = ({ trial, set }: Part) => (
  <section className={`sheet ${classes.part}`}>
    <h2>{W.howItIs}</h2>
    <div className={own.scores}>
      {SCORE_IDS.map((s) => {
        const { name, low, high } = SCORE_WORDS[s];
        return (
          <div key={s} className={own.score}>
            <b id={`score-${s}`}>{name}</b>
            <span className="small quiet">{low}</span>
            <SegmentedControl
              aria-labelledby={`score-${s}`}
              size="sm"
              data={['–', ...SCORE_STEPS.map(String)]}
              value={trial.scores[s] ? String(trial.scores[s]) : '–'}
              onChange={(v) => {
                const { [s]: _was, ...rest } = trial.scores;
                set({ scores: v === '–' ? rest : { ...rest, [s]: Number(v) as Score } });
              }}
            />
            <span className="small quiet">{high}</span>
          </div>
        );
      })}
    </div>
  </section>
);

/** How it was baked, as far as it was measured: what is left open says nothing. */
function Baked({ trial: { actual }, set }: Part) {
  const measured = (more: { [K in keyof Trial['actual']]?: Trial['actual'][K] | undefined }) => {
    const next: Record<string, unknown> = { ...actual, ...more };
    for (const [k, v] of Object.entries(next)) if (v === undefined) delete next[k];
    set({ actual: next });
  };
  const minutes = (key: 'bakeMin' | 'coolMin' | 'riseMin', label: string) => (
    <NumberInput
      label={label}
      suffix={W.min}
      min={0}
      max={10_000}
      hideControls
      value={actual[key] === undefined ? '' : Math.round(10 * actual[key]) / 10}
      onChange={(v) => measured({ [key]: typeof v === 'number' ? v : undefined })}
    />
  );
  return (
    <section className={`sheet ${classes.part}`}>
      <h2>{W.howItWasBaked}</h2>
      <p className="small quiet">{W.onlyWhatWasMeasuredWhat}</p>
      <div className={own.grid}>
        {minutes('riseMin', W.itRose)}
        {minutes('bakeMin', W.itBaked)}
        {minutes('coolMin', W.cutAfter)}
        <MaybeHeat label={W.middleWhenOut} value={actual.coreC} onChange={(coreC) => measured({ coreC })} />
        <MaybeHeat label={W.theKitchenHad} value={actual.roomC} onChange={(roomC) => measured({ roomC })} />
        <NumberInput
          label={W.itGrewTo}
          description={W.inTheRise2Is}
          suffix={W.times}
          min={1}
          max={10}
          decimalScale={1}
          hideControls
          value={actual.grew === undefined ? '' : actual.grew + 1}
          onChange={(v) => measured({ grew: typeof v === 'number' ? v - 1 : undefined })}
        />
      </div>
    </section>
  );
}

/** What was measured on photos that are still there. */
function measuredOf({ slices }: Trial, photos: Trial['photos']): Pick<Trial, 'slices'> {
  return slices ? { slices: slices.filter((s) => photos.some((p) => p.hash === s.photo)) } : {};
}

/** A temperature that was measured, or left open. */
const MaybeHeat = ({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number | undefined;
  onChange: (c: number | undefined) => void;
}) => (
  <NumberInput
    label={label}
    suffix={` ${heatUnit()}`}
    decimalScale={1}
    hideControls
    value={value === undefined ? '' : toField(value, false)}
    onChange={(v) => onChange(typeof v === 'number' ? fromField(v, false) : undefined)}
  />
);
