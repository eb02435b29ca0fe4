import { describe, expect, it } from 'vitest';
import { cameraJpeg } from '../../core/testing/jpeg';
import { base64Of, NotAPhoto, photoFrom } from './takePhoto';

const refusal = async (bytes: Uint8Array, type = 'image/jpeg'): Promise<string> => {
  try {
    await photoFrom(new Blob([bytes as BlobPart], { type }));
  } catch (error) {
    if (error instanceof NotAPhoto) return error.message;
    throw error;
  }
  return 'taken';
};
/** The head of a PNG of so many points, of which nothing follows. */
const png = (wide: number, high: number): Uint8Array => {
  const b = new Uint8Array(40);
  b.set([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52]);
  const view = new DataView(b.buffer);
  view.setUint32(16, wide);
  view.setUint32(20, high);
  return b;
};

describe('a file that is no photo that can be kept', () => {
  it('is refused before anything of it is opened, with what is wrong and what to do', async () => {
    expect(await refusal(new Uint8Array())).toBe('This file is empty. Choose another.');
    expect(await refusal(new TextEncoder().encode('<svg onload="alert(1)"/>'), 'image/svg+xml')).toContain(
      'photo can’t be read',
    );
    expect(await refusal(new TextEncoder().encode('GIF89a and more'), 'image/jpeg')).toContain(
      'photo can’t be read',
    );
    expect(await refusal(png(20_000, 10_000), 'image/png')).toContain('more than 80 million pixels');
    expect(await refusal(cameraJpeg(40_000, 30_000))).toContain('more than 80 million pixels');
    expect(await refusal(new Uint8Array(60_000_001))).toContain('larger than 60 MB');
  });
});

it('bytes as base64, however many', () => {
  const bytes = new Uint8Array(50_000).map((_, i) => (i * 7) % 256);
  expect(base64Of(bytes)).toBe(Buffer.from(bytes).toString('base64'));
});
