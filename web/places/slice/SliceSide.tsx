import { Button, NumberInput, SegmentedControl } from '@mantine/core';
import type { Trial } from '../../../core/judge';
import type { Marks, MarkShares, SliceAnswer } from '../../../core/slice';
import { Notice } from '../../parts/Notice';
import { withinSentence } from '../../words/case';
import { FAULT_WORDS } from '../../words/data/faults';
import { faultsSeen, REFUSAL_WORDS, sliceLines } from '../../words/sliceWords';
import classes from './slice.module.css';
import { sliceWords } from '../../words/data/en/slice';

const W = sliceWords.slicePage;

export type Mode = 'card' | 'edge' | 'base' | 'noHoles';
export type Ok = Extract<SliceAnswer, { ok: true }>;

/** A thickness to begin with, mm. Common practice, no source. */
const USUAL_SLICE_MM = 15;
const MODES = [
  { value: 'card', label: W.card },
  { value: 'edge', label: W.edge },
  { value: 'base', label: W.base },
  { value: 'noHoles', label: W.noHole },
];
const HELP: Record<string, string> = {
  card: W.theFourMarksLieOn,
  edge: W.moveTheMarksWhereThe,
  base: W.theLineThroughBothMarks,
  noHoles: W.pressOnARaisinA,
};

/** What can be corrected by hand, one kind of mark at a time. */
export function Mending({
  mode,
  setMode,
  marks,
  change,
  found,
  spare,
}: {
  mode: Mode;
  setMode: (mode: Mode) => void;
  marks: MarkShares | null;
  change: (more: Partial<Marks>) => void;
  /** Marks without those that go back to what was found. */
  found: (marks: MarkShares) => void;
  spare: () => void;
}) {
  const noHoles = marks?.noHoles ?? [];
  const asFound = () => {
    if (!marks) return;
    const { outline, base, ...rest } = marks;
    found(
      mode === 'edge' ? { ...rest, ...(base ? { base } : {}) } : { ...rest, ...(outline ? { outline } : {}) },
    );
  };
  return (
    <>
      <SegmentedControl
        aria-label={W.whatToMendOnThe}
        fullWidth
        data={MODES}
        value={mode}
        onChange={(m) => setMode(m as Mode)}
      />
      <p className="small">{HELP[mode]}</p>
      {mode === 'noHoles' && (
        <div className={classes.buttons}>
          <Button size="compact-md" variant="default" onClick={spare}>
            {W.noHoleAtTheCross}
          </Button>
          {noHoles.length > 0 && (
            <Button
              size="compact-md"
              variant="default"
              onClick={() => change({ noHoles: noHoles.slice(0, -1) })}
            >
              {W.takeTheLastOneBack}
            </Button>
          )}
        </div>
      )}
      {((mode === 'edge' && marks?.outline) || (mode === 'base' && marks?.base)) && (
        <div className={classes.buttons}>
          <Button size="compact-md" variant="default" onClick={asFound}>
            {W.asItWasFound}
          </Button>
        </div>
      )}
    </>
  );
}

/** Whether the cut lies as high as the card, and how much nearer to the camera it is where it does not. */
export function Height({
  marks,
  focalMm,
  change,
}: {
  marks: MarkShares | null;
  focalMm: number | null;
  change: (more: Partial<Marks>) => void;
}) {
  const above = marks?.faceAboveMm ?? 0;
  return (
    <>
      <SegmentedControl
        aria-label={W.whereTheCardLies}
        fullWidth
        data={[
          { value: 'level', label: W.cardLevelWithTheCut },
          { value: 'board', label: W.cardOnTheBoard },
        ]}
        value={above > 0 ? 'board' : 'level'}
        onChange={(v) => change({ faceAboveMm: v === 'board' ? USUAL_SLICE_MM : 0 })}
      />
      {above > 0 && (
        <NumberInput
          label={W.theSliceIsSoThick}
          description={focalMm === null ? W.aCutNearerTheCamera : W.aCutNearerTheCamera2}
          suffix={W.mm}
          min={1}
          max={100}
          value={above}
          onChange={(v) => typeof v === 'number' && change({ faceAboveMm: v })}
        />
      )}
    </>
  );
}

/** What the photo is not good enough for, and how a better one is taken. */
export function Lacking({ answer }: { answer: SliceAnswer }) {
  const lacking = answer.ok ? answer.numbers.lacking : [answer.why];
  return lacking.map((why) => (
    <Notice key={why} kind={answer.ok ? 'word' : 'trouble'} title={REFUSAL_WORDS[why].why}>
      {REFUSAL_WORDS[why].better}
    </Notice>
  ));
}

/** What was measured, to be kept with the trial, and the faults that it shows. */
export function InNumbers({
  of,
  busy,
  trial,
  set,
  onKeep,
}: {
  of: Ok;
  busy: boolean;
  trial: Trial;
  set: (more: Partial<Trial>) => void;
  onKeep: () => void;
}) {
  return (
    <>
      <h2>{W.inNumbers}</h2>
      <dl aria-busy={busy}>
        {sliceLines(of.numbers).map(([name, said]) => (
          <div key={name} style={{ display: 'contents' }}>
            <dt>{name}</dt>
            <dd className="num">{said}</dd>
          </div>
        ))}
      </dl>
      <div className={classes.buttons}>
        <Button onClick={onKeep}>{W.keepTheseNumbers}</Button>
        {faultsSeen(of.numbers)
          .filter((f) => !trial.faults.includes(f))
          .map((f) => (
            <Button key={f} variant="default" onClick={() => set({ faults: [...trial.faults, f] })}>
              {W.markIt({ name: withinSentence(FAULT_WORDS[f].name) })}
            </Button>
          ))}
      </div>
      <p className="small quiet">{W.spansHoldNineTimesOf}</p>
    </>
  );
}
