import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  BadPacket,
  CHARACTERISTIC_IDS,
  fineWeightPacket,
  floatOf,
  measured,
  readFineWeight,
  readTemperature,
  readWeight,
  temperaturePacket,
  weightPacket,
} from './gatt';

const view = (...bytes: number[]): DataView => new DataView(new Uint8Array(bytes).buffer);
const of = (bytes: Uint8Array): DataView => new DataView(bytes.buffer);

/** Vectors made by hand from the field tables of the GATT Specification Supplement. */
describe('Weight Measurement (0x2A9D)', () => {
  it('SI counts five grams, least octet first', () => {
    // 70.0 kg is 14 000 of 5 g: 0x36B0.
    expect(readWeight(view(0x00, 0xb0, 0x36))).toEqual({
      kind: 'mass',
      value: 70_000,
      unit: 'kg',
      step: 5,
      at: null,
    });
    expect(readWeight(view(0x00, 0x14, 0x00)).value).toBe(100);
  });
  it('imperial counts hundredths of a pound of 453.59237 g', () => {
    const read = readWeight(view(0x01, 0x64, 0x00));
    expect(read.unit).toBe('lb');
    expect(read.value).toBeCloseTo(453.59237, 5);
  });
  it('time stamp, user, BMI and height follow in this order, and are passed', () => {
    // 2026-11-29 09:05:30, user 1, BMI 22.0, height 1.75 m.
    const full = readWeight(view(0x0e, 0x14, 0x00, 0xea, 0x07, 11, 29, 9, 5, 30, 1, 0xdc, 0x00, 0xd6, 0x06));
    expect(full.value).toBe(100);
    expect(full.at).toEqual({ year: 2026, month: 11, day: 29, hour: 9, minute: 5, second: 30 });
  });
  it('0xFFFF is a measurement that failed', () => {
    expect(readWeight(view(0x00, 0xff, 0xff)).value).toBeNull();
  });
});

describe('Temperature Measurement (0x2A1C), 32-bit FLOAT of 11073-20601', () => {
  it('a mantissa of 24 bits, an exponent of 8, both signed', () => {
    // The standard's own example: 36.4 is 364 with exponent -1: FF 00 01 6C.
    expect(floatOf(0xff00016c | 0)).toBeCloseTo(36.4, 9);
    expect(readTemperature(view(0x00, 0x6c, 0x01, 0x00, 0xff))).toEqual({
      kind: 'temperature',
      value: 36.4,
      unit: 'C',
      step: 0.1,
      at: null,
    });
    // -18.5: mantissa -185, two's complement FF FF 47.
    expect(readTemperature(view(0x00, 0x47, 0xff, 0xff, 0xff)).value).toBeCloseTo(-18.5, 9);
    // 2 with exponent 2 is 200.
    expect(floatOf(0x02000002)).toBe(200);
  });
  it('Fahrenheit is told, and read as °C', () => {
    // 208.4 °F: 2084 is 0x0824.
    const read = readTemperature(view(0x01, 0x24, 0x08, 0x00, 0xff));
    expect(read.unit).toBe('F');
    expect(read.value).toBeCloseTo(98, 6);
  });
  it('values that stand for no number are none: NaN, NRes, both infinities, reserved', () => {
    for (const raw of [
      [0xff, 0xff, 0x7f],
      [0x00, 0x00, 0x80],
      [0xfe, 0xff, 0x7f],
      [0x02, 0x00, 0x80],
      [0x01, 0x00, 0x80],
    ])
      expect(readTemperature(view(0x00, ...raw, 0x00)).value).toBeNull();
  });
  it('time stamp and type are passed', () => {
    expect(
      readTemperature(view(0x06, 0x6c, 0x01, 0x00, 0xff, 0xea, 0x07, 1, 2, 3, 4, 5, 0x02)).at?.month,
    ).toBe(1);
  });
});

describe('packets that are none', () => {
  it('10 000 at random: read or refused, never anything else', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 24 }), fc.boolean(), (bytes, mass) => {
        try {
          const read = (mass ? readWeight : readTemperature)(of(bytes));
          expect(read.value === null || Number.isFinite(read.value)).toBe(true);
        } catch (e) {
          expect(e).toBeInstanceOf(BadPacket);
        }
      }),
      { numRuns: 10_000 },
    );
  });
  it('cut short, too long, with flags nobody knows, on a day there is not', () => {
    for (const bytes of [
      [],
      [0],
      [0, 1],
      [2, 1, 0, 1],
      [0, 1, 0, 9],
      [0x40, 1, 0],
      [2, 1, 0, 0xea, 7, 13, 1, 0, 0, 0],
    ])
      expect(() => readWeight(view(...bytes)), bytes.join()).toThrow(BadPacket);
  });
  it('what a stand-in sends is what is read', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20_000 }), fc.constantFrom('kg', 'lb'), (g, unit) => {
        const read = readWeight(of(weightPacket(g, unit)));
        expect(Math.abs(read.value! - g)).toBeLessThanOrEqual(unit === 'kg' ? 2.5 : 2.3);
      }),
    );
    fc.assert(
      fc.property(fc.double({ min: -30, max: 300, noNaN: true }), fc.constantFrom('C', 'F'), (c, unit) => {
        expect(Math.abs(readTemperature(of(temperaturePacket(c, unit))).value! - c)).toBeLessThanOrEqual(
          0.051,
        );
      }),
    );
    expect(readWeight(of(weightPacket(null))).value).toBeNull();
    expect(readTemperature(of(temperaturePacket(null))).value).toBeNull();
  });
});

describe('a fine weight: our own characteristic, with the number of 11073-20601', () => {
  it('grams and ounces, each with the finest it can say', () => {
    // 182.5 g is 1825 with exponent -1: 0x0721.
    expect(readFineWeight(view(0x00, 0x21, 0x07, 0x00, 0xff))).toEqual({
      kind: 'mass',
      value: 182.5,
      unit: 'kg',
      step: 0.1,
      at: null,
    });
    // 6.44 oz: 644 with exponent -2; an ounce is 28.349523125 g.
    const oz = readFineWeight(view(0x01, 0x84, 0x02, 0x00, 0xfe));
    expect(oz.value).toBeCloseTo(182.5709, 4);
    expect(oz.step).toBeCloseTo(0.2835, 4);
  });
  it('goes there and back within its step, below nothing too', () => {
    fc.assert(
      fc.property(fc.double({ min: -5000, max: 20_000, noNaN: true }), fc.boolean(), (g, imperial) => {
        const read = readFineWeight(of(fineWeightPacket(g, imperial ? 'lb' : 'kg')));
        expect(Math.abs(read.value! - g)).toBeLessThanOrEqual(read.step / 2 + 1e-6);
      }),
    );
    expect(readFineWeight(of(fineWeightPacket(null))).value).toBeNull();
  });
});

it('whatever comes over whatever characteristic is a measurement or none, and stops nothing', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 24 }), fc.constantFrom(...CHARACTERISTIC_IDS), (bytes, id) => {
      const read = measured(id, new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength));
      if (typeof read?.value === 'number') expect(Number.isFinite(read.value)).toBe(true);
    }),
    { numRuns: 10_000 },
  );
});
