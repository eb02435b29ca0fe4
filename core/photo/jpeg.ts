/** Where a picture's size stands in its first bytes; null where it is none of these or its head is broken. */
type PictureHead = { kind: 'jpeg' | 'png' | 'webp'; wide: number; high: number };

/** JPEG markers (ITU-T T.81, table B.1): frames, and those a decoder needs besides. */
const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;
const APP0 = 0xe0;
const isFrame = (m: number): boolean => m >= 0xc0 && m <= 0xcf && m !== 0xc4 && m !== 0xc8 && m !== 0xcc;
/** Huffman and arithmetic tables, quantisation, restart interval, number of lines, expansion. */
const NEEDED = [0xc4, 0xcc, 0xdb, 0xdc, 0xdd, 0xdf, SOS];
const isSegment = (m: number): boolean =>
  isFrame(m) || NEEDED.includes(m) || (m >= APP0 && m <= 0xef) || (m >= 0xf0 && m <= 0xfe) || m === 0xde;
/**
 * What stays: what a decoder needs, and a JFIF head, which says how dense the picture is. Application data and comments, where
 * cameras write place, time and make, do not.
 */
const stays = (b: Uint8Array, s: Segment): boolean =>
  isFrame(s.marker) ||
  NEEDED.includes(s.marker) ||
  (s.marker === APP0 && s.to - s.from === 18 && text(b, s.from + 4, 5) === 'JFIF\0');

/** Whether what a decoder needs is as long as its own figures say (T.81, B.2): other things under its marker are none of it. */
function fits(b: Uint8Array, { marker, from }: Segment): boolean {
  const length = (b[from + 2]! << 8) | b[from + 3]!;
  const end = from + 2 + length;
  if (isFrame(marker)) return length === 8 + 3 * b[from + 9]!;
  switch (marker) {
    case SOS:
      return length === 6 + 2 * b[from + 4]!;
    case 0xdd:
    case 0xdc:
      return length === 4;
    case 0xdb: {
      let at = from + 4;
      while (at < end) at += b[at]! >> 4 === 0 ? 65 : 129;
      return at === end;
    }
    case 0xc4: {
      let at = from + 4;
      while (at + 17 <= end) {
        let values = 0;
        for (let i = 1; i <= 16; i++) values += b[at + i]!;
        at += 17 + values;
      }
      return at === end;
    }
    default:
      return length <= 66;
  }
}

type Segment = { marker: number; from: number; to: number };
/** The segments of a JPEG, that of a scan with its picture data, up to the first end of an image; null where they do not hang together. */
function segmentsOf(b: Uint8Array, headOnly = false): Segment[] | null {
  if (b[0] !== 0xff || b[1] !== SOI) return null;
  const out: Segment[] = [];
  let at = 2;
  while (at + 1 < b.length) {
    if (b[at] !== 0xff) return null;
    // A marker may be led by any number of fill bytes.
    if (b[at + 1] === 0xff) {
      at += 1;
      continue;
    }
    const marker = b[at + 1]!;
    if (marker === EOI) return out;
    if (!isSegment(marker) || at + 4 > b.length) return null;
    const length = (b[at + 2]! << 8) | b[at + 3]!;
    let to = at + 2 + length;
    if (length < 2 || to > b.length) return null;
    // In picture data 0xFF stands before 0x00, or a restart; anything else is the next marker.
    if (marker === SOS)
      while (to + 1 < b.length && !(b[to] === 0xff && b[to + 1] !== 0 && (b[to + 1]! & 0xf8) !== 0xd0))
        to += 1;
    const segment = { marker, from: at, to };
    if ((isFrame(marker) || NEEDED.includes(marker)) && !fits(b, segment)) return null;
    out.push(segment);
    if (headOnly && isFrame(marker)) return out;
    at = to;
  }
  return null;
}

/** A JPEG without what cameras write beside the picture, or after it, with its size. Null where it is no whole JPEG. */
export function bareJpeg(b: Uint8Array): { bytes: Uint8Array; wide: number; high: number } | null {
  const segments = segmentsOf(b);
  const frame = segments?.find((s) => isFrame(s.marker));
  if (!segments?.some((s) => s.marker === SOS) || !frame || frame.to - frame.from < 9) return null;
  const kept = segments.filter((s) => stays(b, s));
  const bytes = new Uint8Array(4 + kept.reduce((s, x) => s + x.to - x.from, 0));
  bytes.set([0xff, SOI]);
  let at = 2;
  for (const s of kept) {
    bytes.set(b.subarray(s.from, s.to), at);
    at += s.to - s.from;
  }
  bytes.set([0xff, EOI], at);
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
  const frame = segmentsOf(b, true)?.find((s) => isFrame(s.marker));
  if (!frame || frame.to - frame.from < 9) return null;
  return {
    kind: 'jpeg',
    high: view.getUint16(frame.from + 5),
    wide: view.getUint16(frame.from + 7),
  };
}
