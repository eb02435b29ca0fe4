import { Progress, Skeleton } from '@mantine/core';
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
import { addressOf } from '../../api/ask';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { useTrial } from '../../shared/useTrial';
import { SlicePhoto, type Handle } from './SlicePhoto';
import { LostPage } from '../../shared/LostPage';
import { Height, InNumbers, Lacking, Mending, type Mode, type Ok } from './SliceSide';
import classes from './slice.module.css';
import { useSlice } from './useSlice';
import { sliceWords } from '../../words/data/en/slice';

const W = sliceWords.slicePage;

const EDGE_HANDLES = 24;
/** A photo of a slice beside a card, in numbers: measured at once, corrected by hand, kept with the trial. */
export function SlicePage() {
  const { id = '', hash = '' } = useParams();
  const { doc, set, error } = useTrial(id);
  usePageTitle(W.measureTheSlice);
  if (error) return <LostPage title={W.thisTrialCannotBeShown} error={error} />;
  if (!doc) return <Skeleton height={500} role="status" aria-label={W.fetchingTheTrial} />;
  return <Measured key={hash} id={id} hash={hash} trial={doc} set={set} />;
}

type Seen = ReturnType<typeof useSlice>;

/** Where the marks of each kind lie: as they were set, else as they were found. */
function handlesIn(
  marks: MarkShares | null,
  ok: Ok | null,
  size: Seen['size'],
  cursor: Point,
): Record<Mode, Handle[]> {
  const inShares = (points: readonly Point[]): Point[] =>
    size ? [...sharesOf({ card: points }, size.width, size.height).card] : [];
  return {
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
}

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
  const handles = handlesIn(marks, ok, size, cursor);
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
  return (
    <main id="main" className={classes.page}>
      <Head id={id} trial={trial} trouble={trouble} />
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
          {ok && mode !== 'edge' && <Legends of={ok} />}
        </div>
        <section className={`sheet ${classes.side}`} aria-label={W.whatItMeasures}>
          <Mending
            mode={mode}
            setMode={setMode}
            marks={marks}
            change={change}
            found={setOwn}
            spare={() => spare(cursor)}
          />
          <Height marks={marks} focalMm={focalMm} change={change} />
          {share !== null && <Progress value={100 * share} aria-label={W.measuringTheSlice} />}
          {answer && <Lacking answer={answer} />}
          {ok && <InNumbers of={ok} busy={share !== null} trial={trial} set={set} onKeep={keep} />}
        </section>
      </div>
    </main>
  );
}

function Head({ id, trial, trouble }: { id: string; trial: Trial; trouble: Seen['trouble'] }) {
  return (
    <>
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
    </>
  );
}

/** What each line on the photo is. */
const Legends = ({ of }: { of: Ok }) => (
  <p className={`small ${classes.parts}`}>
    <Legend of="#7fe0ff">{W.edgeAndCrumbInsideThe}</Legend>
    <Legend of="#fff36b">{W.baseHeight}</Legend>
    <Legend of="#ffffff">{W.holesOf12Mm}</Legend>
    {of.drawing.gummy && <Legend of="#ff9a3d">{W.gummyLine}</Legend>}
    {of.drawing.tunnels.length > 0 && <Legend of="#ff7ad1">{W.tunnelsPerhapsLook}</Legend>}
  </p>
);

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
