import type { ComputeFault } from '../workers/compute';

const WORDS: Record<ComputeFault, string> = {
  blocked:
    'The part of the page that works things out did not start. The browser may block it, or the server may have stopped. Nothing you entered is lost.',
  tooLong:
    'It took too long and was stopped. Nothing you entered is lost. Try again, or undo the last change.',
  failed: 'It failed on our side. Nothing you entered is lost. Try again, or undo the last change.',
};

/** Why something could not be worked out, and what to do. */
export const sayComputeFault = (fault: ComputeFault): string => WORDS[fault];
