/** Where a picture's size stands in its first bytes; null where it is none of these or its head is broken. */
type PictureHead = { kind: 'jpeg' | 'png' | 'webp'; wide: number; high: number };

/** JPEG markers (ITU-T T.81, table B.1): frames, and what stands alone. */
const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;
const isFrame = (m: number): boolean => m >= 0xc0 && m <= 0xcf && m !== 0xc4 && m !== 0xc8 && m !== 0xcc;
/** Application data and comments: where cameras write place, time and make. APP0 (JFIF) alone says how the picture is to be read. */
const isTold = (m: number): boolean => (m >= 0xe1 && m <= 0xef) || m === 0xfe;

type Segment = { marker: number; from: number; to: number };
/** The segments before the picture data; null where they do not hang together. */
function segmentsOf(b: Uint8Array): Segment[] | null {
  if (b[0] !== 0xff || b[1] !== SOI) return null;
  const out: Segment[] = [];
  let at = 2;
  while (at + 4 <= b.length) {
    if (b[at] !== 0xff) return null;
    // A marker may be led by any number of fill bytes.
    if (b[at + 1] === 0xff) {
      at += 1;
      continue;
    }
    const marker = b[at + 1]!;
    const length = (b[at + 2]! << 8) | b[at + 3]!;
    if (length < 2 || at + 2 + length > b.length) return null;
    out.push({ marker, from: at, to: at + 2 + length });
    if (marker === SOS) return out;
    at += 2 + length;
  }
  return null;
}

/** A JPEG without what cameras write beside the picture, with its size. Null where it is no whole JPEG. */
export function bareJpeg(b: Uint8Array): { bytes: Uint8Array; wide: number; high: number } | null {
  const segments = segmentsOf(b);
  const frame = segments?.find((s) => isFrame(s.marker));
  if (!segments || !frame || frame.to - frame.from < 9) return null;
  if (b[b.length - 2] !== 0xff || b[b.length - 1] !== EOI) return null;
  const kept = segments.filter((s) => !isTold(s.marker));
  const data = segments.at(-1)!.to;
  const size = 2 + kept.reduce((s, x) => s + x.to - x.from, 0) + (b.length - data);
  const bytes = new Uint8Array(size);
  bytes.set([0xff, SOI]);
  let at = 2;
  for (const s of kept) {
    bytes.set(b.subarray(s.from, s.to), at);
    at += s.to - s.from;
  }
  bytes.set(b.subarray(data), at);
  const high = (b[frame.from + 5]! << 8) | b[frame.from + 6]!;
  const wide = (b[frame.from + 7]! << 8) | b[frame.from + 8]!;
  return wide > 0 && high > 0 ? { bytes, wide, high } : null;
}

const text = (b: Uint8Array, at: number, n: number): string => String.fromCharCode(...b.subarray(at, at + n));
/** Size of a picture by its head: JPEG, PNG (ISO/IEC 15948, IHDR) and WebP (RFC 9649). Nothing is decoded. */
export function headOf(b: Uint8Array): PictureHead | null {
  const view = new DataView(b.buffer, b.byteOffset, b.byteLength);
  if (b.length >= 24 && text(b, 1, 3) === 'PNG' && text(b, 12, 4) === 'IHDR')
    return { kind: 'png', wide: view.getUint32(16), high: view.getUint32(20) };
  if (b.length >= 30 && text(b, 0, 4) === 'RIFF' && text(b, 8, 4) === 'WEBP') {
    const kind = text(b, 12, 4);
    const u24 = (at: number): number => b[at]! | (b[at + 1]! << 8) | (b[at + 2]! << 16);
    if (kind === 'VP8X') return { kind: 'webp', wide: 1 + u24(24), high: 1 + u24(27) };
    if (kind === 'VP8 ')
      return {
        kind: 'webp',
        wide: view.getUint16(26, true) & 0x3fff,
        high: view.getUint16(28, true) & 0x3fff,
      };
    if (kind === 'VP8L') {
      const bits = view.getUint32(21, true);
      return { kind: 'webp', wide: 1 + (bits & 0x3fff), high: 1 + ((bits >> 14) & 0x3fff) };
    }
    return null;
  }
  const frame = segmentsOf(b)?.find((s) => isFrame(s.marker));
  if (!frame || frame.to - frame.from < 9) return null;
  return {
    kind: 'jpeg',
    high: view.getUint16(frame.from + 5),
    wide: view.getUint16(frame.from + 7),
  };
}
