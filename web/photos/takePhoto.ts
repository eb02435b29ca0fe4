import { bareJpeg, headOf } from '../../core/photo';
import { MOST_PHOTO_BYTES } from '../../contract/notebook';
import { photosSentences as W } from '../words/data/en/sentences/photos';

/** Why a file is no photo that can be kept, in words. */
export class NotAPhoto extends Error {}

const MOST_FILE_BYTES = 60_000_000;
/** A picture of more points than this would take more memory than a tablet has. */
const MOST_POINTS = 80_000_000;
const LONG_SIDE_PX = 1600;
const QUALITIES = [0.85, 0.75, 0.62, 0.5];

/** A file as a JPEG of a fit size, without place, time and make; throws `NotAPhoto` with what is wrong and what to do. */
export async function photoFrom(file: Blob): Promise<Uint8Array> {
  if (file.size === 0) throw new NotAPhoto(W.empty);
  if (file.size > MOST_FILE_BYTES) throw new NotAPhoto(W.largeFile);
  const head = headOf(new Uint8Array(await file.slice(0, 200_000).arrayBuffer()));
  if (!head && !/^image\/(?:heic|heif)$/.test(file.type)) throw new NotAPhoto(W.noPhoto);
  if (head && head.wide * head.high > MOST_POINTS) throw new NotAPhoto(W.manyPoints);
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new NotAPhoto(W.cannotBeOpened);
  });
  const by = Math.min(1, LONG_SIDE_PX / Math.max(bitmap.width, bitmap.height));
  const [w, h] = [Math.max(1, Math.round(by * bitmap.width)), Math.max(1, Math.round(by * bitmap.height))];
  const canvas = new OffscreenCanvas(w, h);
  const context = canvas.getContext('2d')!;
  // What is clear in a PNG is white on paper.
  context.fillStyle = '#fff';
  context.fillRect(0, 0, w, h);
  context.imageSmoothingQuality = 'high';
  context.drawImage(bitmap, 0, 0, w, h);
  bitmap.close();
  for (const quality of QUALITIES) {
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality });
    const bare = bareJpeg(new Uint8Array(await blob.arrayBuffer()));
    if (bare && bare.bytes.length <= MOST_PHOTO_BYTES) return bare.bytes;
  }
  throw new NotAPhoto(W.staysTooLarge);
}

/** Bytes as base64, in pieces that fit on the stack. */
export function base64Of(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += 8192)
    text += String.fromCharCode(...bytes.subarray(at, at + 8192));
  return btoa(text);
}
