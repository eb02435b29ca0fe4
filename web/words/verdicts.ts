import type { LineVerdict } from '../../core/rebalance';
import { listed } from './format';
import { AVOID_WORDS, ingredientName } from './things';

/** The lines of some verdicts by name, each once; a line that was not understood says so. */
export const linesIn = (verdicts: readonly LineVerdict[]): string =>
  listed([
    ...new Set(
      verdicts.map((v) => (v.ingredientId ? ingredientName(v.ingredientId, true) : 'a line not understood')),
    ),
  ]);

/** What some verdicts leave open, each once: "gluten, egg and milk". */
export const unknownIn = (verdicts: readonly LineVerdict[]): string =>
  listed([...new Set(verdicts.flatMap((v) => v.unknown))].map((a) => AVOID_WORDS[a]));

/** What some verdicts warn of, each once: "milk and tree nuts". */
export const tracesIn = (verdicts: readonly LineVerdict[]): string =>
  listed([...new Set(verdicts.flatMap((v) => v.may))].map((a) => AVOID_WORDS[a]));
