import { CLASSES } from '../classes';
import { bowlMassG, doughLines, type Part } from './types';

/** The part that the bake is about: the heaviest that is no filling, topping or wash; else the heaviest. */
export function mainPart(parts: readonly Part[]): Part | undefined {
  const beside: readonly string[] = ['finish', 'set', 'custard'];
  const weight = (p: Part): number =>
    bowlMassG(doughLines(p)) * (beside.includes(CLASSES[p.classId].family) ? 1e-3 : 1);
  return parts.reduce<Part | undefined>(
    (best, p) => (!best || weight(p) > weight(best) ? p : best),
    undefined,
  );
}
