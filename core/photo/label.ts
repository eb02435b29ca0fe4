import { evenPrint, skewOf, turned, type Grey } from './grey';

/** A word as a reader of print gives it: how sure it is, 0 to 100, and where it stands, px. */
export type PrintedWord = {
  text: string;
  confidence: number;
  box: { x0: number; y0: number; x1: number; y1: number };
};
export type PrintedLine = { words: readonly PrintedWord[] };

/** What the photo of a label gave. Nothing of it is taken before somebody has compared it with the packet. */
export type LabelPhoto = {
  text: string;
  /** Words the reader was not sure of, folded to small letters. */
  unsure: string[];
  /** Print goes to the edge of the picture: more of it may stand beside. */
  cutOff: boolean;
  /** Hardly anything could be read. */
  unreadable: boolean;
};

/** Below this a word is one to look at; of words above it, one in a few hundred is wrong on labels drawn by us. */
const SURE = 80;
/** Below this most of a text is noise. */
const READ_AT_ALL = 55;

/** A photo made ready to be read: even light, dark print, straight lines. */
export function straightened(photo: Grey): { print: Grey; leaned: number } {
  const print = evenPrint(photo);
  const leaned = skewOf(print);
  return { print: leaned === 0 ? print : turned(print, -leaned), leaned };
}

const wordIn = (text: string): string => text.toLowerCase().replace(/^[^\p{L}\d]+|[^\p{L}\d]+$/gu, '');

/**
 * The text of a label's photo of `w` by `h` px that was straightened by `leaned` degrees. Lines are kept; a word broken by
 * a hyphen at the end of its line is put together; specks without a letter or digit that the reader doubts are left off.
 */
export function labelFrom(
  lines: readonly PrintedLine[],
  { w, h, leaned }: { w: number; h: number; leaned: number },
): LabelPhoto {
  const words = lines.flatMap((l) => l.words).filter((x) => wordIn(x.text) !== '');
  const mean =
    words.reduce((s, x) => s + x.confidence * x.text.length, 0) /
    Math.max(
      1,
      words.reduce((s, x) => s + x.text.length, 0),
    );
  const rows = lines.map((l) =>
    l.words
      .filter((x) => wordIn(x.text) !== '' || x.confidence >= SURE)
      .map((x) => x.text)
      .join(' ')
      .trim(),
  );
  const text = rows
    .filter((r) => r !== '')
    .join('\n')
    .replace(/(\p{Ll})-\n(?=\p{Ll})/gu, '$1');
  const unsure = new Set<string>();
  for (const x of words) if (x.confidence < SURE) unsure.add(wordIn(x.text));
  const margin = Math.max(3, 0.006 * w);
  const [cos, sin] = [Math.cos((leaned * Math.PI) / 180), Math.sin((leaned * Math.PI) / 180)];
  // Where a corner stood before the picture was straightened.
  const atEdge = (x: number, y: number): boolean => {
    const fx = w / 2 + (x - w / 2) * cos - (y - h / 2) * sin;
    const fy = h / 2 + (x - w / 2) * sin + (y - h / 2) * cos;
    return fx < margin || fy < margin || fx > w - margin || fy > h - margin;
  };
  const cutOff = words.some(
    ({ box, confidence }) =>
      confidence > 30 && [box.x0, box.x1].some((x) => [box.y0, box.y1].some((y) => atEdge(x, y))),
  );
  return { text, unsure: [...unsure], cutOff, unreadable: words.length < 3 || mean < READ_AT_ALL };
}
