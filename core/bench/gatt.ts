/**
 * Two measurements as Bluetooth instruments send them (Bluetooth SIG, GATT Specification Supplement: Weight Measurement 0x2A9D of
 * the Weight Scale service 0x181D, Temperature Measurement 0x2A1C of the Health Thermometer service 0x1809; the number format is
 * the 32-bit FLOAT of ISO/IEEE 11073-20601). Read and written here, so that a stand-in sends what a real one would.
 */

export type Measurement = {
  kind: 'mass' | 'temperature';
  /** g or °C, whatever the instrument is set to; null where it sends that it has none. */
  value: number | null;
  /** The unit that it is set to. */
  unit: 'kg' | 'lb' | 'C' | 'F';
  /** The finest that its packets can say, g or °C. */
  step: number;
  /** When it was measured, by the instrument's own clock, if it has one: year to second. */
  at: { year: number; month: number; day: number; hour: number; minute: number; second: number } | null;
};

/** What a packet that is none is told as. */
export class BadPacket extends Error {
  constructor(readonly what: 'short' | 'flags' | 'date' | 'value') {
    super(`measurement packet: ${what}`);
  }
}

/** Weight Measurement: bit 0 imperial, 1 time stamp, 2 user, 3 BMI and height. SI counts 5 g, imperial a hundredth of a pound. */
const W = { imperial: 1, time: 2, user: 4, body: 8, known: 0x0f } as const;
const SI_G = 5;
/** International yard and pound agreement, 1959: a pound is 453.59237 g. */
const LB_G = 453.59237;
/** "Measurement Unsuccessful" in the weight field. */
const NO_WEIGHT = 0xffff;
/** Temperature Measurement: bit 0 Fahrenheit, 1 time stamp, 2 type. */
const T = { fahrenheit: 1, time: 2, type: 4, known: 0x07 } as const;
/** FLOAT values that stand for no number (ISO/IEEE 11073-20601): NaN, not at this resolution, infinities, reserved. */
const NO_FLOAT: readonly number[] = [0x007fffff, 0x00800000, 0x007ffffe, 0x00800002, 0x00800001];

class Reader {
  #at = 0;
  constructor(readonly view: DataView) {}
  #take(n: number): number {
    const at = this.#at;
    if (at + n > this.view.byteLength) throw new BadPacket('short');
    this.#at += n;
    return at;
  }
  u8 = (): number => this.view.getUint8(this.#take(1));
  u16 = (): number => this.view.getUint16(this.#take(2), true);
  u32 = (): number => this.view.getUint32(this.#take(4), true);
  skip = (n: number): void => void this.#take(n);
  get left(): number {
    return this.view.byteLength - this.#at;
  }
}

/** Date Time 0x2A08: 0 where a part of it is not known. */
function stamp(r: Reader): Measurement['at'] {
  const [year, month, day, hour, minute, second] = [r.u16(), r.u8(), r.u8(), r.u8(), r.u8(), r.u8()];
  if (month > 12 || day > 31 || hour > 23 || minute > 59 || second > 59) throw new BadPacket('date');
  return { year, month, day, hour, minute, second };
}

/** The number of a 32-bit FLOAT: a signed mantissa of 24 bits and a signed exponent of 8, to the base of ten. */
export function floatOf(bits: number): number | null {
  const raw = bits & 0x00ffffff;
  if (NO_FLOAT.includes(raw)) return null;
  const mantissa = raw & 0x00800000 ? raw - 0x01000000 : raw;
  const exponent = bits >> 24;
  return exponent < 0 ? mantissa / 10 ** -exponent : mantissa * 10 ** exponent;
}

/** Reads a Weight Measurement; throws `BadPacket` for what is none. */
export function readWeight(view: DataView): Measurement {
  const r = new Reader(view);
  const flags = r.u8();
  if ((flags & ~W.known) !== 0) throw new BadPacket('flags');
  const raw = r.u16();
  const at = flags & W.time ? stamp(r) : null;
  if (flags & W.user) r.skip(1);
  if (flags & W.body) r.skip(4);
  if (r.left > 0) throw new BadPacket('flags');
  const imperial = (flags & W.imperial) !== 0;
  const g = imperial ? (raw / 100) * LB_G : raw * SI_G;
  return {
    kind: 'mass',
    value: raw === NO_WEIGHT ? null : g,
    unit: imperial ? 'lb' : 'kg',
    step: imperial ? LB_G / 100 : SI_G,
    at,
  };
}

/**
 * Reads a fine weight: a characteristic of our own for what the Bluetooth one cannot say, since that counts 5 g. One byte of
 * flags, bit 0 imperial, then the mass as a FLOAT, in g or in ounces. Throws `BadPacket` for what is none.
 */
export function readFineWeight(view: DataView): Measurement {
  const r = new Reader(view);
  const flags = r.u8();
  if ((flags & ~W.imperial) !== 0) throw new BadPacket('flags');
  const bits = r.u32() | 0;
  const value = floatOf(bits);
  if (r.left > 0) throw new BadPacket('flags');
  if (value !== null && !(Math.abs(value) <= MOST_FINE)) throw new BadPacket('value');
  const imperial = (flags & W.imperial) !== 0;
  const unitG = imperial ? LB_G / 16 : 1;
  return {
    kind: 'mass',
    value: value === null ? null : value * unitG,
    unit: imperial ? 'lb' : 'kg',
    step: unitG * 10 ** Math.min(0, bits >> 24),
    at: null,
  };
}
/** More lies on no kitchen scale, in its unit. */
const MOST_FINE = 200_000;

/** Reads a Temperature Measurement; throws `BadPacket` for what is none. */
export function readTemperature(view: DataView): Measurement {
  const r = new Reader(view);
  const flags = r.u8();
  if ((flags & ~T.known) !== 0) throw new BadPacket('flags');
  const value = floatOf(r.u32() | 0);
  const at = flags & T.time ? stamp(r) : null;
  if (flags & T.type) r.skip(1);
  if (r.left > 0) throw new BadPacket('flags');
  const f = (flags & T.fahrenheit) !== 0;
  if (value !== null && !Number.isFinite(value)) throw new BadPacket('value');
  return {
    kind: 'temperature',
    value: value === null ? null : f ? ((value - 32) * 5) / 9 : value,
    unit: f ? 'F' : 'C',
    step: f ? 5 / 90 : 0.1,
    at,
  };
}

const bytesOf = (length: number, write: (view: DataView) => void): Uint8Array => {
  const bytes = new Uint8Array(length);
  write(new DataView(bytes.buffer));
  return bytes;
};

/** A Weight Measurement as a scale sends it; null g is a measurement that failed. */
export const weightPacket = (g: number | null, unit: 'kg' | 'lb' = 'kg'): Uint8Array =>
  bytesOf(3, (v) => {
    v.setUint8(0, unit === 'lb' ? W.imperial : 0);
    const raw = g === null ? NO_WEIGHT : Math.round(unit === 'lb' ? (100 * g) / LB_G : g / SI_G);
    v.setUint16(1, Math.max(0, Math.min(NO_WEIGHT, raw)), true);
  });

/** A Temperature Measurement as a probe sends it, to a tenth of a degree of its unit. */
export const temperaturePacket = (c: number | null, unit: 'C' | 'F' = 'C'): Uint8Array =>
  bytesOf(1 + 4, (v) => {
    v.setUint8(0, unit === 'F' ? T.fahrenheit : 0);
    const shown = c === null ? null : unit === 'F' ? (c * 9) / 5 + 32 : c;
    const mantissa = shown === null ? NO_FLOAT[0]! : Math.round(10 * shown) & 0x00ffffff;
    v.setInt32(1, shown === null ? mantissa : mantissa | (0xff << 24), true);
  });

/** A fine weight as a stand-in sends it, to a tenth of a gram or a hundredth of an ounce; null g is a measurement that failed. */
export const fineWeightPacket = (g: number | null, unit: 'kg' | 'lb' = 'kg'): Uint8Array =>
  bytesOf(1 + 4, (v) => {
    v.setUint8(0, unit === 'lb' ? W.imperial : 0);
    const places = unit === 'lb' ? 2 : 1;
    const shown = g === null ? null : unit === 'lb' ? (16 * g) / LB_G : g;
    const mantissa = shown === null ? NO_FLOAT[0]! : Math.round(10 ** places * shown) & 0x00ffffff;
    v.setInt32(1, shown === null ? mantissa : mantissa | (-places << 24), true);
  });

/** What instruments send, by the characteristic that carries it: the two of the Bluetooth SIG by their 16-bit numbers, and our own. */
export const CHARACTERISTICS = {
  weight: { service: 0x181d, characteristic: 0x2a9d, read: readWeight },
  temperature: { service: 0x1809, characteristic: 0x2a1c, read: readTemperature },
  fineWeight: {
    service: '7d1c0001-6e65-7763-7275-6d6273000000',
    characteristic: '7d1c0002-6e65-7763-7275-6d6273000000',
    read: readFineWeight,
  },
} as const;
export type CharacteristicId = keyof typeof CHARACTERISTICS;
export const CHARACTERISTIC_IDS = Object.keys(CHARACTERISTICS) as CharacteristicId[];
/** Reads a packet of a characteristic; null where it is none, whatever is in it. */
export function measured(id: CharacteristicId, view: DataView): Measurement | null {
  try {
    return CHARACTERISTICS[id].read(view);
  } catch (error) {
    if (error instanceof BadPacket) return null;
    throw error;
  }
}
