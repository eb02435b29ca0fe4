import { Button, FileButton, Progress } from '@mantine/core';
import { useEffect, useRef, useState, type PointerEvent } from 'react';
import type { LabelPhoto as Read } from '../../../core/photo';
import { Notice } from '../../parts/Notice';
import { drawnPicture, readLabelPhoto, WHOLE, type Cut } from '../../workers/labelPhoto';
import classes from './pantry.module.css';
import look from './photo.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.labelPhoto;

type State =
  | { at: 'none' }
  | { at: 'chosen' }
  | { at: 'reading'; share: number; stop: AbortController }
  | { at: 'read'; photo: Read }
  | { at: 'failed'; why: string };

const SHOWN_PX = 700;
const TYPES = 'image/jpeg,image/png,image/webp,image/heic,image/heif';
/** A step of the keys on an edge of the cut, as a share of the picture. */
const KEY_STEP = 0.02;
const EDGES = [
  ['left', W.leftEdge],
  ['top', W.topEdge],
  ['right', W.rightEdge],
  ['bottom', W.bottomEdge],
] as const;

/** Keeps at least a tenth of the picture in the cut. */
function moved(cut: Cut, edge: keyof Omit<Cut, 'turns'>, to: number): Cut {
  const most = { left: cut.right - 0.1, top: cut.bottom - 0.1, right: 1, bottom: 1 };
  const least = { left: 0, top: 0, right: cut.left + 0.1, bottom: cut.top + 0.1 };
  return { ...cut, [edge]: Math.min(most[edge], Math.max(least[edge], to)) };
}

/** The picture with what is to be read left bright; its edges are dragged, or moved by keys. */
function CutPicture({ image, cut, set }: { image: ImageBitmap; cut: Cut; set: (cut: Cut) => void }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { turns } = cut;
  useEffect(() => {
    const drawn = drawnPicture(image, { ...WHOLE, turns }, SHOWN_PX);
    const on = canvas.current!;
    on.width = drawn.width;
    on.height = drawn.height;
    on.getContext('2d')!.drawImage(drawn, 0, 0);
  }, [image, turns]);
  const drag = (edge: (typeof EDGES)[number][0]) => (e: PointerEvent<HTMLElement>) => {
    if (!e.currentTarget.hasPointerCapture(e.pointerId)) return;
    const box = canvas.current!.getBoundingClientRect();
    const sideways = edge === 'left' || edge === 'right';
    set(moved(cut, edge, sideways ? (e.clientX - box.left) / box.width : (e.clientY - box.top) / box.height));
  };
  const at = (x: number) => `${100 * x}%`;
  return (
    <div className={look.photo}>
      <canvas ref={canvas} role="img" aria-label={W.thePhoto} />
      <div
        className={look.cut}
        style={{ left: at(cut.left), top: at(cut.top), right: at(1 - cut.right), bottom: at(1 - cut.bottom) }}
      >
        {EDGES.map(([edge, label]) => (
          <span
            key={edge}
            role="slider"
            tabIndex={0}
            className={look.edge}
            data-edge={edge}
            aria-label={label}
            aria-valuemin={0}
            aria-valuemax={100}
            aria-valuenow={Math.round(100 * cut[edge])}
            aria-valuetext={W.ofThePicture({ value: Math.round(100 * cut[edge]) })}
            aria-orientation={edge === 'left' || edge === 'right' ? 'horizontal' : 'vertical'}
            onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
            onPointerMove={drag(edge)}
            onKeyDown={(e) => {
              const step = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[e.key];
              if (step === undefined) return;
              e.preventDefault();
              set(moved(cut, edge, cut[edge] + step * KEY_STEP));
            }}
          />
        ))}
      </div>
    </div>
  );
}

/** A photo that was chosen, cut and read: how far that is, and what can be done next. */
function useReading() {
  const [image, setImage] = useState<ImageBitmap | null>(null);
  const [cut, setCut] = useState<Cut>(WHOLE);
  const [state, setState] = useState<State>({ at: 'none' });

  async function choose(file: File | null) {
    if (!file) return;
    try {
      setImage(await createImageBitmap(file));
      setCut(WHOLE);
      setState({ at: 'chosen' });
    } catch {
      setImage(null);
      setState({
        at: 'failed',
        why: W.isNoPictureThisBrowser({ file: file.name }),
      });
    }
  }
  async function read() {
    const stop = new AbortController();
    setState({ at: 'reading', share: 0, stop });
    try {
      const photo = await readLabelPhoto(
        image!,
        cut,
        (share) => !stop.signal.aborted && setState({ at: 'reading', share, stop }),
        stop.signal,
      );
      setState({ at: 'read', photo });
    } catch {
      setState(stop.signal.aborted ? { at: 'chosen' } : { at: 'failed', why: W.theReaderOfPrintCould });
    }
  }
  const done = () => {
    setImage(null);
    setState({ at: 'none' });
  };
  return { image, cut, setCut, state, choose, read, done, back: () => setState({ at: 'chosen' }) };
}

/**
 * The label by camera or from a picture: read on this device, never sent. What was read is shown and taken only by a
 * press; what it may be believed is for the packet's own form to ask.
 */
export function LabelPhoto({ onTake }: { onTake: (photo: Read) => void }) {
  const reading = useReading();
  const { image, state, choose, done } = reading;
  return (
    <section className={look.part} aria-label={W.labelFromAPhoto}>
      <div className={classes.chips}>
        <FileButton accept={TYPES} inputProps={{ capture: 'environment' }} onChange={(f) => void choose(f)}>
          {(props) => (
            <Button {...props} size="compact-md" variant="default">
              {W.takeAPhotoOfThe}
            </Button>
          )}
        </FileButton>
        <FileButton accept={TYPES} onChange={(f) => void choose(f)}>
          {(props) => (
            <Button {...props} size="compact-md" variant="default">
              {W.chooseAPicture}
            </Button>
          )}
        </FileButton>
      </div>
      {state.at === 'failed' && <Notice kind="trouble">{state.why}</Notice>}
      {image && state.at !== 'read' && <Cutting image={image} reading={reading} />}
      {state.at === 'read' && (
        <WasRead
          photo={state.photo}
          onTake={() => {
            onTake(state.photo);
            done();
          }}
          onBack={reading.back}
        />
      )}
    </section>
  );
}

/** The photo, cut to the list of ingredients, before it is read and while it is. */
function Cutting({ image, reading }: { image: ImageBitmap; reading: ReturnType<typeof useReading> }) {
  const { cut, setCut, state, read, done } = reading;
  return (
    <>
      <CutPicture image={image} cut={cut} set={setCut} />
      <p className="small quiet">{W.dragTheEdgesSoThat}</p>
      <div className={classes.chips}>
        {state.at === 'reading' ? (
          <>
            <Progress value={100 * state.share} aria-label={W.readingThePhoto} className={look.bar} />
            <Button size="compact-md" variant="default" onClick={() => state.stop.abort()}>
              {W.stop}
            </Button>
          </>
        ) : (
          <>
            <Button size="compact-md" onClick={() => void read()}>
              {W.readIt}
            </Button>
            <Button
              size="compact-md"
              variant="default"
              onClick={() => setCut({ ...WHOLE, turns: (cut.turns + 1) % 4 })}
            >
              {W.turnIt}
            </Button>
            <Button size="compact-md" variant="subtle" onClick={done}>
              {W.cancel}
            </Button>
          </>
        )}
      </div>
    </>
  );
}

/** What was read, to be taken by a press. */
function WasRead({ photo, onTake, onBack }: { photo: Read; onTake: () => void; onBack: () => void }) {
  return (
    <div aria-live="polite">
      {photo.unreadable ? (
        <Notice kind="trouble">{W.hardlyAWordCouldBe}</Notice>
      ) : (
        <>
          <h3>{W.readFromThePhoto}</h3>
          <p className={classes.label}>{photo.text}</p>
          {photo.unsure.length > 0 && (
            <p className="small">{W.notSureOf({ unsure: photo.unsure.join(', ') })}</p>
          )}
        </>
      )}
      <div className={classes.chips}>
        {!photo.unreadable && (
          <Button size="compact-md" onClick={onTake}>
            {W.takeThisText}
          </Button>
        )}
        <Button size="compact-md" variant="default" onClick={onBack}>
          {W.backToThePhoto}
        </Button>
      </div>
    </div>
  );
}
