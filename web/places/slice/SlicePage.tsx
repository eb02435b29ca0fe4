import { withinSentence } from '../../words/case';
import { Button, NumberInput, Progress, SegmentedControl, Skeleton } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { MOST_NO_HOLES } from '../../../contract/notebook';
import type { Trial } from '../../../core/judge';
import {
  closedThrough,
  handlesOf,
  sharesOf,
  type Marks,
  type MarkShares,
  type Point,
} from '../../../core/slice';
import { addressOf } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { FAULT_WORDS } from '../../words/data/faults';
import { faultsSeen, REFUSAL_WORDS, sliceLines } from '../../words/sliceWords';
import { useTrial } from '../../shared/useTrial';
import { SlicePhoto, type Handle } from './SlicePhoto';
import { LostPage } from '../../shared/LostPage';
import classes from './slice.module.css';
import { useSlice } from './useSlice';
import { sliceWords } from '../../words/data/en/slice';

const W = sliceWords.slicePage;

const EDGE_HANDLES = 24;
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

/** A photo of a slice beside a card, in numbers: measured at once, mended by hand, kept with the trial. */
export function SlicePage() {
  const { id = '', hash = '' } = useParams();
  const { doc, set, error } = useTrial(id);
  usePageTitle(W.measureTheSlice);
  if (error) return <LostPage title={W.thisTrialCannotBeShown} error={error} />;
  if (!doc) return <Skeleton height={500} role="status" aria-label={W.fetchingTheTrial} />;
  return <Measured key={hash} id={id} hash={hash} trial={doc} set={set} />;
}

type Mode = 'card' | 'edge' | 'base' | 'noHoles';

function Measured({
  id,
  hash,
  trial,
  set,
}: {
  id: string;
  hash: string;
  trial: Trial;
  set: (more: Partial<Trial>) => void;
}) {
  const kept = trial.slices?.find((s) => s.photo === hash);
  const [own, setOwn] = useState<MarkShares | null>(kept?.marks ?? null);
  const [mode, setMode] = useState<Mode>('card');
  const [cursor, setCursor] = useState<Point>([0.35, 0.5]);
  const { size, first, focalMm, answer, share, trouble } = useSlice(hash, own);
  const navigate = useNavigate();
  const marks = own ?? first;
  const change = (more: Partial<Marks>) => marks && setOwn({ ...marks, ...more });
  const ok = answer?.ok ? answer : null;

  const inShares = (points: readonly Point[]): Point[] =>
    size ? [...sharesOf({ card: points }, size.width, size.height).card] : [];
  const handles: Record<Mode, Handle[]> = {
    card: (marks?.card ?? []).map((at, i) => ({ name: W.cornerOfTheCard({ i: i + 1 }), at })),
    edge: edgeHandles(marks, ok ? inShares(ok.drawing.outline) : null).map((at, i) => ({
      name: W.markOfTheEdge({ i: i + 1 }),
      at,
    })),
    base: (marks?.base ?? (ok ? inShares(ok.drawing.base) : [])).map((at, i) => ({
      name: i === 0 ? W.oneEndOfTheBase : W.otherEndOfTheBase,
      at,
    })),
    noHoles: [{ name: W.crossHairs, at: cursor }],
  };
  const move = (i: number, to: Point) => {
    const next = handles[mode].map((p, k) => (k === i ? to : p.at));
    if (mode === 'card') change({ card: next });
    else if (mode === 'edge') change({ outline: closedThrough(next) });
    else if (mode === 'base') change({ base: [next[0]!, next[1]!] });
    else setCursor(to);
  };
  const spare = (at: Point) => change({ noHoles: [...(marks?.noHoles ?? []), at].slice(-MOST_NO_HOLES) });
  const keep = () => {
    if (!ok || !marks || !size) return;
    const others = (trial.slices ?? []).filter((s) => s.photo !== hash);
    const wideMm = size.width / ok.quality.pxPerMm;
    set({ slices: [...others, { photo: hash, wideMm, marks, numbers: ok.numbers }] });
    void navigate(`/notebook/${id}`);
  };
  const above = marks?.faceAboveMm ?? 0;
  const lacking = answer && !answer.ok ? [answer.why] : (ok?.numbers.lacking ?? []);
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{W.measureTheSlice}</h1>
        <p className="quiet">
          {trial.title}. <Link to={`/notebook/${id}`}>{W.backToTheTrial}</Link>
        </p>
      </header>
      {trouble && (
        <Notice kind="trouble" title={trouble === 'gone' ? W.thisPhotoIsNotHere : W.thePhotoCouldNotBe}>
          {trouble === 'failed' && W.loadThePageAgainOr}
        </Notice>
      )}
      <div className={classes.desk}>
        <div>
          {size && marks ? (
            <SlicePhoto
              src={addressOf('photo', hash)}
              alt={W.sliceAndCard({ trialTitle: trial.title })}
              size={size}
              drawing={mode === 'edge' ? null : (ok?.drawing ?? null)}
              handles={handles[mode]}
              joined={mode === 'card' || mode === 'edge'}
              spared={marks.noHoles ?? []}
              onMove={move}
              onPress={mode === 'noHoles' ? spare : undefined}
            />
          ) : (
            <Skeleton height={480} role="status" aria-label={W.openingThePhoto} />
          )}
          {ok && mode !== 'edge' && (
            <p className={`small ${classes.parts}`}>
              <Legend of="#7fe0ff">{W.edgeAndCrumbInsideThe}</Legend>
              <Legend of="#fff36b">{W.baseHeight}</Legend>
              <Legend of="#ffffff">{W.holesOf12Mm}</Legend>
              {ok.drawing.gummy && <Legend of="#ff9a3d">{W.gummyLine}</Legend>}
              {ok.drawing.tunnels.length > 0 && <Legend of="#ff7ad1">{W.tunnelsPerhapsLook}</Legend>}
            </p>
          )}
        </div>
        <section className={`sheet ${classes.side}`} aria-label={W.whatItMeasures}>
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
              <Button size="compact-md" variant="default" onClick={() => spare(cursor)}>
                {W.noHoleAtTheCross}
              </Button>
              {(marks?.noHoles?.length ?? 0) > 0 && (
                <Button
                  size="compact-md"
                  variant="default"
                  onClick={() => change({ noHoles: (marks?.noHoles ?? []).slice(0, -1) })}
                >
                  {W.takeTheLastOneBack}
                </Button>
              )}
            </div>
          )}
          {((mode === 'edge' && marks?.outline) || (mode === 'base' && marks?.base)) && (
            <div className={classes.buttons}>
              <Button
                size="compact-md"
                variant="default"
                onClick={() => {
                  const { outline, base, ...rest } = marks;
                  setOwn(
                    mode === 'edge'
                      ? { ...rest, ...(base ? { base } : {}) }
                      : { ...rest, ...(outline ? { outline } : {}) },
                  );
                }}
              >
                {W.asItWasFound}
              </Button>
            </div>
          )}
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
          {share !== null && <Progress value={100 * share} aria-label={W.measuringTheSlice} />}
          {lacking.map((why) => (
            <Notice key={why} kind={answer?.ok ? 'word' : 'trouble'} title={REFUSAL_WORDS[why].why}>
              {REFUSAL_WORDS[why].better}
            </Notice>
          ))}
          {ok && (
            <>
              <h2>{W.inNumbers}</h2>
              <dl aria-busy={share !== null}>
                {sliceLines(ok.numbers).map(([name, said]) => (
                  <div key={name} style={{ display: 'contents' }}>
                    <dt>{name}</dt>
                    <dd className="num">{said}</dd>
                  </div>
                ))}
              </dl>
              <div className={classes.buttons}>
                <Button onClick={keep}>{W.keepTheseNumbers}</Button>
                {faultsSeen(ok.numbers)
                  .filter((f) => !trial.faults.includes(f))
                  .map((f) => (
                    <Button key={f} variant="default" onClick={() => set({ faults: [...trial.faults, f] })}>
                      {W.markIt({ name: withinSentence(FAULT_WORDS[f].name) })}
                    </Button>
                  ))}
              </div>
              <p className="small quiet">{W.spansHoldNineTimesOf}</p>
            </>
          )}
        </section>
      </div>
    </main>
  );
}

/** Handles on an edge drawn by hand, or on the one that was found; a ring in the middle where there is none. */
function edgeHandles(marks: MarkShares | null, found: Point[] | null): Point[] {
  if (marks?.outline) return handlesOf(marks.outline, Math.min(EDGE_HANDLES, marks.outline.length / 8 || 3));
  if (found) return handlesOf(found, EDGE_HANDLES);
  return Array.from({ length: EDGE_HANDLES }, (_, i): Point => {
    const a = (2 * Math.PI * i) / EDGE_HANDLES;
    return [0.35 + 0.2 * Math.cos(a), 0.5 + 0.3 * Math.sin(a)];
  });
}

const Legend = ({ of, children }: { of: string; children: React.ReactNode }) => (
  <span style={{ '--of': of } as React.CSSProperties}>{children}</span>
);
