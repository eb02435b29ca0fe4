import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cameraJpeg } from '../testing/jpeg';
import { bareJpeg, headOf } from './index';

const textOf = (b: Uint8Array): string => String.fromCharCode(...b);
const bytes = (...b: (number | string)[]): Uint8Array =>
  new Uint8Array(b.flatMap((x) => (typeof x === 'number' ? [x] : [...x].map((c) => c.charCodeAt(0)))));

describe('a photo without what cameras write beside it', () => {
  it('place, time, make and comments are gone; the picture is there, and its size', () => {
    const given = cameraJpeg(1200, 900, [7, 8, 9]);
    expect(textOf(given)).toContain('GPS');
    const bare = bareJpeg(given)!;
    expect(bare).toMatchObject({ wide: 1200, high: 900 });
    expect(textOf(bare.bytes)).not.toMatch(/GPS|Exif|quay/);
    expect(textOf(bare.bytes)).toContain('JFIF');
    expect([...bare.bytes.slice(-5)]).toEqual([7, 8, 9, 0xff, 0xd9]);
    // What was put behind the picture, as by cameras that add a film, is gone too.
    const film = new Uint8Array([...given, ...bytes('GPS again'), 0xff, 0xd9]);
    expect([...bareJpeg(film)!.bytes]).toEqual([...bare.bytes]);
    // Once bare it stays as it is: the same photo has the same bytes.
    expect([...bareJpeg(bare.bytes)!.bytes]).toEqual([...bare.bytes]);
  });
  it('what is no whole JPEG is none', () => {
    const given = cameraJpeg(10, 10);
    expect(bareJpeg(given.slice(0, -1))).toBeNull();
    expect(bareJpeg(given.slice(0, 30))).toBeNull();
    expect(bareJpeg(new Uint8Array())).toBeNull();
    expect(bareJpeg(bytes('<svg onload="x()"/>'))).toBeNull();
    expect(bareJpeg(cameraJpeg(0, 10))).toBeNull();
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), (b) => {
        bareJpeg(b);
        headOf(b);
      }),
    );
    fc.assert(
      fc.property(fc.nat(given.length - 1), fc.nat(255), (at, to) => {
        const torn = given.slice();
        torn[at] = to;
        const bare = bareJpeg(torn);
        if (bare) expect(textOf(bare.bytes)).not.toMatch(/Exif\0\0 GPS 47.1 8.5 camera|made on the quay/);
      }),
    );
  });
});

describe('the size of a picture by its head', () => {
  it('of JPEG, PNG and the three kinds of WebP, nothing being decoded', () => {
    expect(headOf(cameraJpeg(4000, 3000))).toEqual({ kind: 'jpeg', wide: 4000, high: 3000 });
    // ISO/IEC 15948: signature, length 13, IHDR, width, height.
    const png = bytes(
      0x89,
      'PNG\r\n',
      0x1a,
      '\n',
      0,
      0,
      0,
      13,
      'IHDR',
      0,
      0,
      0x40,
      0,
      0,
      0,
      0x20,
      0,
      8,
      6,
      0,
      0,
      0,
    );
    expect(headOf(png)).toEqual({ kind: 'png', wide: 16384, high: 8192 });
    // RFC 9649: VP8X holds both less one, in 24 bits.
    const x = bytes('RIFF', 0, 0, 0, 0, 'WEBPVP8X', 10, 0, 0, 0, 0, 0, 0, 0, 0x0f, 0x27, 0, 0x87, 0x13, 0);
    expect(headOf(x)).toEqual({ kind: 'webp', wide: 10_000, high: 5000 });
    const l = bytes('RIFF', 0, 0, 0, 0, 'WEBPVP8L', 10, 0, 0, 0, 0x2f, 0xff, 0xc0, 0x3f, 0, 0, 0, 0, 0, 0);
    expect(headOf(l)).toMatchObject({ kind: 'webp', wide: 256 });
    expect(headOf(bytes('GIF89a'))).toBeNull();
  });
});
