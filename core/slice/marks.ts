import type { Marks, MarkShares, Point } from './types';

function scaled(marks: Marks, x: number, y: number): Marks {
  const at = (p: Point): Point => [p[0] * x, p[1] * y];
  const { card, outline, base, noHoles, ...rest } = marks;
  return {
    ...rest,
    card: card.map(at),
    ...(outline ? { outline: outline.map(at) } : {}),
    ...(base ? { base: [at(base[0]), at(base[1])] } : {}),
    ...(noHoles ? { noHoles: noHoles.map(at) } : {}),
  };
}
/** Marks on a photo of so many px, from shares of it, and back. */
export const marksOn = (shares: MarkShares, width: number, height: number): Marks =>
  scaled(shares, width, height);
export const sharesOf = (marks: Marks, width: number, height: number): MarkShares =>
  scaled(marks, 1 / width, 1 / height);

/** A closed line through points set by hand, smooth (Catmull-Rom), with eight places between each two. */
export function closedThrough(points: readonly Point[]): Point[] {
  const n = points.length;
  const PLACES = 8;
  if (n < 4) return [...points];
  return points.flatMap((q, i): Point[] => {
    const [p, s, t] = [-1, 1, 2].map((k) => points[(i + k + n) % n]!) as [Point, Point, Point];
    return Array.from({ length: PLACES }, (_, k): Point => {
      const x = k / PLACES;
      const of = (c: 0 | 1): number =>
        q[c] +
        0.5 *
          x *
          (s[c] - p[c] + x * (2 * p[c] - 5 * q[c] + 4 * s[c] - t[c] + x * (3 * (q[c] - s[c]) + t[c] - p[c])));
      return [of(0), of(1)];
    });
  });
}
/** So many points of a line, evenly over its points: handles to mend it by. */
export const handlesOf = (line: readonly Point[], count: number): Point[] =>
  Array.from(
    { length: Math.min(count, line.length) },
    (_, i) => line[Math.floor((i * line.length) / count)]!,
  );
