import { fineWeightPacket, temperaturePacket, weightPacket, type CharacteristicId } from './gatt';

/** Draws by a plain congruence: a stand-in does the same from the same seed. */
export function drawsFrom(seed: number): () => number {
  let state = (seed * 48271 + 11) % 2147483647;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}
/** From two even draws one of a bell (Box and Muller, 1958). */
const bell = (draw: () => number): number =>
  Math.sqrt(-2 * Math.log(Math.max(1e-12, draw()))) * Math.cos(2 * Math.PI * draw());

/** So far below nothing a scale still shows, g. */
const MOST_BELOW_G = 5000;

/** What a scale that is none is set to do. */
export type StandInScale = {
  stepG: number;
  noiseG: number;
  /** It wanders by so much an hour, g. */
  driftG: number;
  /** After something was put on, it creeps up by this share of it, over some seconds. */
  creep: number;
  /** So many readings of a hundred do not arrive. */
  lost: number;
  unit: 'kg' | 'lb';
  /** It turns itself off when nothing has moved for so long, s; null where it does not. */
  offAfterS: number | null;
};
export const USUAL_SCALE: StandInScale = {
  stepG: 1,
  noiseG: 0.3,
  driftG: 2,
  creep: 0.002,
  lost: 1,
  unit: 'kg',
  offAfterS: null,
};

/** A scale that is none: what lies on it is said, and it sends what a scale would, as packets. */
export class ScaleStandIn {
  #load = 0;
  #before = 0;
  #since = 0;
  #moved = 0;
  readonly #draw: () => number;
  constructor(
    readonly set: StandInScale = { ...USUAL_SCALE },
    seed = 1,
  ) {
    this.#draw = drawsFrom(seed);
  }
  /** Something is put on or taken off, g, at so many ms: a scale that was zeroed with a bowl on it shows less than nothing then. */
  put(g: number, ms: number): void {
    this.#before = this.#load;
    this.#load += g;
    this.#since = ms;
    this.#moved = ms;
  }
  get loadG(): number {
    return this.#load;
  }
  /** What it shows at so many ms, g to its step; null where it is off or the reading does not arrive. */
  shows(ms: number): number | null {
    const { stepG, noiseG, driftG, creep, lost, offAfterS } = this.set;
    if (offAfterS !== null && ms - this.#moved > 1000 * offAfterS) return null;
    if (100 * this.#draw() < lost) return null;
    // The plate takes a quarter of a second to come to rest.
    const rest = Math.exp(-(ms - this.#since) / 250);
    const g =
      this.#load +
      (this.#before - this.#load) * rest +
      creep * (this.#load - this.#before) * (1 - Math.exp(-(ms - this.#since) / 8000)) +
      (driftG * ms) / 3_600_000 +
      noiseG * bell(this.#draw);
    return Math.max(-MOST_BELOW_G, Math.round(g / stepG) * stepG);
  }
  /** What it sends: as a Bluetooth scale in steps of five grams, or as a fine one. */
  packet(ms: number, as: Exclude<CharacteristicId, 'temperature'> = 'fineWeight'): Uint8Array | null {
    const g = this.shows(ms);
    return g === null ? null : (as === 'weight' ? weightPacket : fineWeightPacket)(g, this.set.unit);
  }
}

/** A probe that is none: it follows a curve, so many times as slow, with noise. */
export class ProbeStandIn {
  readonly #draw: () => number;
  constructor(
    readonly curve: (min: number) => number,
    readonly set: { noiseC: number; offC: number; lost: number } = { noiseC: 0.5, offC: 0, lost: 1 },
    seed = 1,
  ) {
    this.#draw = drawsFrom(seed);
  }
  shows(min: number): number | null {
    if (100 * this.#draw() < this.set.lost) return null;
    return this.curve(min) + this.set.offC + this.set.noiseC * bell(this.#draw);
  }
  packet(min: number): Uint8Array | null {
    const c = this.shows(min);
    return c === null ? null : temperaturePacket(c);
  }
}

/** What a process with stand-ins tells first: what there is, in the order by which packets are told apart. */
export type InstrumentList = {
  instruments: { id: string; name: string; characteristic: CharacteristicId }[];
};
/** What may be done with stand-ins from outside. */
export type StandInDeed = {
  /** Of which; both scales where it is not said. */
  on?: string;
  /** Put on, or taken off, g. */
  put?: number;
  unit?: 'kg' | 'lb';
  /** One that falls silent, one that wakes. */
  silent?: string;
  wake?: string;
  /** The probe's oven so many times as quick, 1 to 600. */
  quick?: number;
};
