import type { TinShape } from './types';

/** Usual proportions of a tin: what is not stated of it. */
export type UsualTin = {
  /** Height of the walls, cm. */
  wall: number;
  /** Length over width; 0 for round. */
  long: number;
  /** Width at the bottom over that at the rim. */
  taper: number;
  /** What one of several holds, mL. */
  holeMl?: number;
};

/** Usual proportions of tins by shape. Common practice, no source. */
export const USUAL_TIN: Record<TinShape, UsualTin> = {
  loaf: { wall: 6.5, long: 2.1, taper: 0.87 },
  round: { wall: 5, long: 0, taper: 1 },
  square: { wall: 5, long: 1, taper: 0.97 },
  ring: { wall: 7.5, long: 0, taper: 0.9 },
  muffin: { wall: 3.2, long: 0, taper: 0.76, holeMl: 100 },
  tartlet: { wall: 2, long: 0, taper: 0.82, holeMl: 70 },
  tray: { wall: 3, long: 1.4, taper: 0.97 },
  pie: { wall: 3.2, long: 0, taper: 0.82 },
  trough: { wall: 2.5, long: 5, taper: 1 },
  pot: { wall: 10, long: 0, taper: 1 },
};
/** Several pieces side by side in tins of this shape. */
export const hasHoles = (shape: TinShape): boolean => USUAL_TIN[shape].holeMl !== undefined;
