import {
  counting,
  kept,
  measured,
  type CharacteristicId,
  type Measurement,
  type Reading,
} from '../../core/bench';

/** Where an instrument is: in the page, in a process of this machine, or a real one by Bluetooth. */
export type InstrumentFrom = 'page' | 'process' | 'bluetooth';
export type Instrument = {
  id: string;
  name: string;
  from: InstrumentFrom;
  characteristic: CharacteristicId;
  /** The line to it is cut: it is tried again. */
  gone: boolean;
  last: Measurement | null;
  readings: readonly Reading[];
  /** When its value last moved by more than its step, ms. */
  movedAt: number;
  /** Packets that were none. */
  bad: number;
};
export type Instruments = {
  all: readonly Instrument[];
  chosen: Partial<Record<Measurement['kind'], string>>;
};

/** What kind of thing an instrument measures. */
export const kindOf = ({ characteristic }: Instrument): Measurement['kind'] =>
  characteristic === 'temperature' ? 'temperature' : 'mass';

/**
 * What instruments send, and which of them count. It holds no line to any: whoever has one puts packets in. Listeners are told of
 * each change.
 */
export class InstrumentStore {
  #now: Instruments = { all: [], chosen: {} };
  readonly #listeners = new Set<() => void>();
  subscribe = (tell: () => void): (() => void) => {
    this.#listeners.add(tell);
    return () => this.#listeners.delete(tell);
  };
  snapshot = (): Instruments => this.#now;
  #set(now: Partial<Instruments>): void {
    this.#now = { ...this.#now, ...now };
    for (const tell of this.#listeners) tell();
  }
  #change(id: string, how: (i: Instrument) => Partial<Instrument>): void {
    this.#set({ all: this.#now.all.map((i) => (i.id === id ? { ...i, ...how(i) } : i)) });
  }
  add(i: Pick<Instrument, 'id' | 'name' | 'from' | 'characteristic'>): void {
    if (this.#now.all.some((x) => x.id === i.id)) this.#change(i.id, () => ({ ...i, gone: false }));
    else
      this.#set({
        all: [...this.#now.all, { ...i, gone: false, last: null, readings: [], movedAt: 0, bad: 0 }],
      });
  }
  remove(id: string): void {
    this.#set({ all: this.#now.all.filter((i) => i.id !== id) });
  }
  gone(id: string): void {
    this.#change(id, () => ({ gone: true }));
  }
  choose(kind: Measurement['kind'], id: string): void {
    this.#set({ chosen: { ...this.#now.chosen, [kind]: id } });
  }
  /** A packet as it came, at so many ms: what is none is counted, and changes nothing else. */
  packet(id: string, view: DataView, at: number): void {
    const from = this.#now.all.find((i) => i.id === id);
    if (!from) return;
    const last = measured(from.characteristic, view);
    if (!last) {
      this.#change(id, (i) => ({ bad: i.bad + 1 }));
      return;
    }
    const before = from.last?.value ?? null;
    const moved = before === null || last.value === null || Math.abs(last.value - before) > 1.5 * last.step;
    this.#change(id, (i) => ({
      last,
      gone: false,
      readings: kept(i.readings, { at, value: last.value }),
      movedAt: moved ? at : i.movedAt,
    }));
  }
  /** The one of a kind that counts now: the chosen one while it sends, else the one that moved last. */
  static counting({ all, chosen }: Instruments, kind: Measurement['kind'], now: number): Instrument | null {
    const own = all.filter((i) => kindOf(i) === kind && i.readings.length > 0);
    const id = counting(
      own.map((i) => ({ id: i.id, at: i.readings.at(-1)!.at, movedAt: i.movedAt })),
      chosen[kind] ?? null,
      now,
    );
    return own.find((i) => i.id === id) ?? null;
  }
}
