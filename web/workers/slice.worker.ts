import { expose } from 'comlink';
import {
  findCard,
  measureSlice,
  type Marks,
  type Picture,
  type Point,
  type SliceAnswer,
} from '../../core/slice';

let picture: Picture | null = null;

/** One photo of a slice, opened once and measured as often as its marks are moved, off the main thread. */
const worker = {
  /** Takes the photo; where a card may lie in it. */
  open(image: ImageBitmap): Point[] | null {
    const canvas = new OffscreenCanvas(image.width, image.height);
    const draw = canvas.getContext('2d', { willReadFrequently: true })!;
    draw.drawImage(image, 0, 0);
    image.close();
    picture = draw.getImageData(0, 0, canvas.width, canvas.height);
    return findCard(picture);
  },
  measure: (marks: Marks, tell: (share: number) => void): SliceAnswer => measureSlice(picture!, marks, tell),
};
export type SliceWorker = typeof worker;
expose(worker);
