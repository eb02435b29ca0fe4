import type { ClassId } from '../../core/classes';
import type { Amount, Formula, KindGuess } from '../../core/formula';
import type { ItemRef } from '../../core/ingredients';
import { unlinked } from '../../core/method';

/** A line read otherwise: what it is, with the amount that follows from that, or how much. */
export type Correction = {
  lineId: string;
  item?: ItemRef;
  amount?: Amount;
  massG?: number;
  /** What it weighs soaked or boiled and drained, g. */
  wetG?: number;
  /** Kinds of bake that were a guess, as they are guessed now. */
  kinds?: { id: string; classId: ClassId; guess: KindGuess }[];
};

/** The source with a line corrected. The written text stays. */
export function correctLine(
  source: Formula,
  { lineId, item, amount, massG, wetG, kinds }: Correction,
): Formula {
  return {
    ...source,
    // What a line is decides what the method means by a word.
    ...(item ? { method: unlinked(source.method) } : {}),
    parts: source.parts.map((p) => ({
      ...p,
      ...kinds?.find((k) => k.id === p.id),
      lines: p.lines.map((l) => {
        if (l.id !== lineId) return l;
        const is = item ?? l.item;
        const known = 'id' in is;
        const read = amount ?? l.amount;
        const now =
          massG === undefined
            ? { ...read, confidence: known && read.massG ? 1 : read.confidence }
            : { ...read, massG: { value: massG, basis: 'user' as const }, confidence: known ? 1 : 0 };
        // What a thing takes up is its own: another thing takes up something else.
        const { uptake: was, ...rest } = l;
        const dryG = now.massG?.value;
        const uptake =
          wetG !== undefined && dryG
            ? { value: Math.max(0, wetG / dryG - 1), basis: 'user' as const }
            : item
              ? undefined
              : was;
        return { ...rest, item: is, amount: now, ...(uptake ? { uptake } : {}) };
      }),
    })),
  };
}
