import type { Experiment, Tasting, Trial } from '../core/judge';

export type TrialRow = Trial & { id: string; rev: number };
/** Which trials: of a formula, with words in title or notes, with a fault; a piece at a time, the latest first. */
export type TrialQuery = { formula?: string; q?: string; fault?: string; from?: string; limit?: string };
/** `found` are looked for in all. */
export type TrialPage = { trials: TrialRow[]; found: number };
/** A photo as a page sends it: JPEG, base64. */
export type PhotoIn = { data: string };
export type PhotoRow = { hash: string; wide: number; high: number };

export type ExperimentRow = Experiment & { id: string; rev: number };
export type TastingRow = Tasting & { id: string; rev: number };

/** A photo is no larger than this, bytes; its longer side, px. */
export const MOST_PHOTO_BYTES = 690_000;
export const MOST_PHOTO_PX = 2400;
/** So many places on the photo of a slice may be said to be no hole. */
export const MOST_NO_HOLES = 80;
