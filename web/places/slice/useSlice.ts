import { proxy, wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { sharesOf, marksOn, type MarkShares, type Point, type SliceAnswer } from '../../../core/slice';
import { addressOf } from '../../api/ask';
import { originalOf } from '../../photos/originals';
import type { SliceWorker } from '../../workers/slice.worker';

/** So long marks rest before the slice is measured anew, ms. */
const RESTS_MS = 300;
/** So long a photo may take before it is given up, ms. */
const MOST_MS = 60_000;

const FIRST_CARD: Point[] = [
  [0.62, 0.2],
  [0.92, 0.2],
  [0.92, 0.8],
  [0.62, 0.8],
];

export type Size = { width: number; height: number };
export type SliceState = {
  /** Px of what is measured; null while the photo is fetched. */
  size: Size | null;
  /** Marks to begin with: where a card may lie, or where one might; null while the photo is fetched. */
  first: MarkShares | null;
  /** The camera's focal length, mm as if on film; where the file says so. */
  focalMm: number | null;
  answer: SliceAnswer | null;
  /** Share done of what is being measured; null while nothing is. */
  share: number | null;
  trouble: 'gone' | 'failed' | null;
};

async function focalOf(file: Blob): Promise<number | null> {
  const { load } = await import('exifreader');
  try {
    const said: unknown = load(await file.arrayBuffer()).FocalLengthIn35mmFilm?.value;
    return typeof said === 'number' && said > 5 && said < 500 ? said : null;
  } catch {
    // A file that says nothing of its camera, or nothing that can be read.
    return null;
  }
}

/** Measures one photo in a worker of its own: the file it was made of where that is at hand, else the kept photo. */
export function useSlice(hash: string, own: MarkShares | null): SliceState {
  const [state, setState] = useState<SliceState>({
    size: null,
    first: null,
    focalMm: null,
    answer: null,
    share: null,
    trouble: null,
  });
  const say = useCallback((more: Partial<SliceState>) => setState((s) => ({ ...s, ...more })), []);
  const remote = useRef<Remote<SliceWorker> | null>(null);
  const turn = useRef(0);

  useEffect(() => {
    let over = false;
    const worker = new Worker(new URL('../../workers/slice.worker.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('error', () => !over && say({ trouble: 'failed', share: null }));
    remote.current = wrap<SliceWorker>(worker);
    const open = async () => {
      const original = originalOf(hash);
      const file = original ?? (await fetch(addressOf('photo', hash)).then((r) => (r.ok ? r.blob() : null)));
      if (!file) return !over && say({ trouble: 'gone' });
      const [image, focalMm] = await Promise.all([
        createImageBitmap(file),
        original ? focalOf(original) : null,
      ]);
      const size = { width: image.width, height: image.height };
      const found = await remote.current!.open(image);
      if (over) return;
      const card = found ? sharesOf({ card: found }, size.width, size.height).card : FIRST_CARD;
      say({ size, focalMm, first: { card, ...(focalMm === null ? {} : { focalMm }) } });
    };
    open().catch(() => !over && say({ trouble: 'failed' }));
    return () => {
      over = true;
      worker.terminate();
    };
  }, [hash, say]);

  const { size, first } = state;
  const marks = own ?? first;
  useEffect(() => {
    if (!size || !marks) return;
    const mine = ++turn.current;
    const timer = setTimeout(() => {
      say({ share: 0 });
      const limit = setTimeout(
        () => mine === turn.current && say({ trouble: 'failed', share: null }),
        MOST_MS,
      );
      remote
        .current!.measure(
          marksOn(marks, size.width, size.height),
          proxy((share: number) => {
            if (mine === turn.current) say({ share });
          }),
        )
        .then(
          (answer) => mine === turn.current && say({ answer, share: null, trouble: null }),
          () => mine === turn.current && say({ trouble: 'failed', share: null }),
        )
        .finally(() => clearTimeout(limit));
    }, RESTS_MS);
    return () => clearTimeout(timer);
  }, [marks, size, say]);
  return state;
}
