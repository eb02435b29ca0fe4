import { greyOf, labelFrom, pgmOf, straightened, type LabelPhoto } from '../../core/photo';
import { LABEL_LANGUAGES } from './languages';

/** The part of a picture to be read, as shares of its width and height, and quarter turns clockwise before that. */
export type Cut = { left: number; top: number; right: number; bottom: number; turns: number };
export const WHOLE: Cut = { left: 0, top: 0, right: 1, bottom: 1, turns: 0 };

/** Wider than this a photo is made smaller: print of a label is read no better for it. */
const MOST_PX = 2200;

/** A picture turned by quarters and cut, on a canvas no wider or higher than `most` px. */
export function drawnPicture(image: ImageBitmap, cut: Cut, most: number): OffscreenCanvas {
  const across = cut.turns % 2 === 1;
  const [w, h] = across ? [image.height, image.width] : [image.width, image.height];
  const [cw, ch] = [(cut.right - cut.left) * w, (cut.bottom - cut.top) * h];
  const scale = Math.min(1, most / Math.max(cw, ch));
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(cw * scale)),
    Math.max(1, Math.round(ch * scale)),
  );
  const draw = canvas.getContext('2d')!;
  draw.scale(scale, scale);
  draw.translate(-cut.left * w, -cut.top * h);
  draw.translate(w / 2, h / 2);
  draw.rotate((cut.turns * Math.PI) / 2);
  draw.drawImage(image, -image.width / 2, -image.height / 2);
  return canvas;
}

/**
 * Reads the print of a photo on this device. The reader and its languages come from this app's own server and are loaded
 * only now; they work in a thread of their own. `tell` is told the share done, 0 to 1. Ends when `signal` is aborted.
 */
export async function readLabelPhoto(
  image: ImageBitmap,
  cut: Cut,
  tell: (share: number) => void,
  signal: AbortSignal,
): Promise<LabelPhoto> {
  const canvas = drawnPicture(image, cut, MOST_PX);
  const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
  const { print, leaned } = straightened(greyOf(data, canvas.width, canvas.height));
  const { createWorker, OEM } = await import('tesseract.js');
  const reader = await createWorker([...LABEL_LANGUAGES], OEM.LSTM_ONLY, {
    workerPath: '/ocr/worker.min.js',
    corePath: '/ocr',
    langPath: '/ocr',
    workerBlobURL: false,
    cacheMethod: 'none',
    logger: ({ status, progress }) =>
      tell(status === 'recognizing text' ? 0.3 + 0.7 * progress : 0.3 * progress),
  });
  const stop = () => void reader.terminate();
  signal.addEventListener('abort', stop);
  try {
    signal.throwIfAborted();
    const read = await reader.recognize(new Blob([pgmOf(print) as BlobPart]), {}, { blocks: true });
    const lines = (read.data.blocks ?? []).flatMap((b) => b.paragraphs.flatMap((p) => p.lines));
    return labelFrom(
      lines.map((l) => ({
        words: l.words.map((x) => ({ text: x.text, confidence: x.confidence, box: x.bbox })),
      })),
      { w: print.w, h: print.h, leaned },
    );
  } finally {
    signal.removeEventListener('abort', stop);
    stop();
  }
}
