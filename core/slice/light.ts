import type { Lab } from './types';

/** Linear light of an sRGB byte, 0 to 1 (IEC 61966-2-1). */
export const LINEAR = Float32Array.from({ length: 256 }, (_, i) => {
  const v = i / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
});

/** Luminance of linear sRGB (ITU-R BT.709). */
export const luminance = (r: number, g: number, b: number): number => 0.2126 * r + 0.7152 * g + 0.0722 * b;

const EPSILON = 216 / 24389;
const KAPPA = 24389 / 27;
const f = (t: number): number => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116);

/** CIE lightness L* (0 to 100) of a luminance (0 to 1), and back (CIE 15:2004, 8.2.1). */
export const lightness = (y: number): number => 116 * f(y) - 16;
export const luminanceAt = (l: number): number => (l > 8 ? ((l + 16) / 116) ** 3 : l / KAPPA);

/** CIELAB of linear sRGB, white D65 (CIE 15:2004, 8.2.1; matrix of IEC 61966-2-1). */
export function labOf(r: number, g: number, b: number): Lab {
  const x = f((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.9505);
  const y = f(luminance(r, g, b));
  const z = f((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.089);
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}
