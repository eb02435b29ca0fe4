import { SCORE_IDS, type ScoreId, type Trial } from './trial';

/** What is followed over the trials of a formula: scores, and what was measured of the bake and its slice. */
export const FOLLOWED = [...SCORE_IDS, 'bakeMin', 'coreC', 'heightMm', 'openShare'] as const;
export type FollowedId = (typeof FOLLOWED)[number];
/** One thing over the trials, in their order: null where it was not told. */
export type Series = { id: FollowedId; values: (number | null)[] };

function valueOf({ scores, actual, slices }: Trial, id: FollowedId): number | null {
  const slice = slices?.[0]?.numbers;
  switch (id) {
    case 'bakeMin':
    case 'coreC':
      return actual[id] ?? null;
    case 'heightMm':
      return slice?.heightMm.value ?? null;
    case 'openShare':
      return slice?.open?.value ?? null;
    default:
      return scores[id satisfies ScoreId] ?? null;
  }
}
/** Everything that at least two of the trials tell. */
export const seriesOf = (trials: readonly Trial[]): Series[] =>
  FOLLOWED.map((id) => ({ id, values: trials.map((t) => valueOf(t, id)) })).filter(
    ({ values }) => values.filter((v) => v !== null).length > 1,
  );
