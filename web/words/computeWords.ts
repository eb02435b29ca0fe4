import type { ComputeFault } from '../workers/compute';
import { computeSentences } from './data/en/sentences/compute';

const W = computeSentences;

const WORDS: Record<ComputeFault, string> = {
  blocked: W.thePartOfThePage,
  tooLong: W.itTookTooLongAnd,
  failed: W.itFailedOnOurSide,
};

/** Why something could not be worked out, and what to do. */
export const sayComputeFault = (fault: ComputeFault): string => WORDS[fault];
