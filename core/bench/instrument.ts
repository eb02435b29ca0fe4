import type { Reading } from './steady';

/** What a baker chose for the instruments of one device. */
export type BenchChoices = {
  /** Goes on by itself when what is wanted lies on the scale and rests. */
  goesOn: boolean;
  /** Numbers and names are spoken by the browser. */
  spoken: boolean;
};

/** So long it has to lie there before the next thing is asked for, ms: time enough to pour a little more. */
const RESTS_MS = 2000;
/**
 * Whether what is wanted lies on the scale and rests: every reading of the last two seconds is within the tolerance, or within half a
 * step of a scale that is coarser. Never while the bowl is lifted, nor on readings that say they failed.
 */
export function hasArrived(
  readings: readonly Reading[],
  {
    tareG,
    wantedG,
    toleranceG,
    stepG,
  }: { tareG: number; wantedG: number; toleranceG: number; stepG: number },
): boolean {
  const last = readings.at(-1);
  if (!last || wantedG <= 0) return false;
  const recent = readings.filter((r) => r.at >= last.at - RESTS_MS);
  // It has to have been watched for so long.
  if (recent.length < 4 || last.at - readings[0]!.at < RESTS_MS) return false;
  const near = Math.max(toleranceG, stepG / 2 + 1e-9);
  return recent.every((r) => r.value !== null && Math.abs(r.value - tareG - wantedG) <= near);
}

/** International yard and pound agreement, 1959: an ounce is 28.349523125 g. */
export const OUNCE_G = 28.349523125;
/** Nearer than this a number that was typed is taken for ounces. Common practice, no source. */
const OUNCES_WITHIN = 0.06;
/** The grams that a typed number stands for where it is ounces by all looks: far too little in grams, right in ounces; else null. */
export function ouncesIn(typed: number, wantedG: number): number | null {
  const g = typed * OUNCE_G;
  return wantedG >= 20 && typed < 0.2 * wantedG && Math.abs(g / wantedG - 1) <= OUNCES_WITHIN ? g : null;
}

/** An instrument that sends: when it did last, and when its value last moved, ms. */
export type Sending = { id: string; at: number; movedAt: number };
/** One that was heard of within so long still counts, ms. */
const HEARD_MS = 5000;
/** Of several of a kind the one that the baker chose counts while it sends, else the one that moved last; null without any. */
export function counting(sending: readonly Sending[], chosen: string | null, now: number): string | null {
  const heard = sending.filter((s) => now - s.at < HEARD_MS);
  const among = heard.length > 0 ? heard : sending;
  return (
    among.find((s) => s.id === chosen)?.id ?? [...among].sort((a, b) => b.movedAt - a.movedAt)[0]?.id ?? null
  );
}
