const segment = (marker: number, body: readonly number[]): number[] => [
  0xff,
  marker,
  (body.length + 2) >> 8,
  (body.length + 2) & 0xff,
  ...body,
];
const words = (text: string): number[] => [...text].map((c) => c.charCodeAt(0));

/** The frame of a JPEG as a camera writes it, place and make in APP1, a comment; its picture data are no picture. */
export function cameraJpeg(wide: number, high: number, data: readonly number[] = [1, 2, 3]): Uint8Array {
  const size = [high >> 8, high & 0xff, wide >> 8, wide & 0xff];
  return new Uint8Array([
    0xff,
    0xd8,
    ...segment(0xe0, [...words('JFIF\0'), 1, 1, 0, 0, 1, 0, 1, 0, 0]),
    ...segment(0xe1, words('Exif\0\0 GPS 47.1 8.5 camera')),
    ...segment(0xfe, words('made on the quay')),
    ...segment(
      0xdb,
      Array.from({ length: 65 }, () => 1),
    ),
    ...segment(0xc0, [8, ...size, 1, 1, 0x11, 0]),
    ...segment(0xda, [1, 1, 0, 0, 63, 0]),
    ...data,
    0xff,
    0xd9,
  ]);
}
