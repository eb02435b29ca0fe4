import type { Face } from './face';
import { between, blurred, median, quantile, type Field, type Mask } from './raster';
import { standingOn, type Stand } from './shape';

/** Rows of so many mm above the base are brought to one brightness, so that a dark band is no hole. */
const ROW_MM = 0.5;
/** How far around a place its walls and holes are looked at: standard deviation, mm. */
const AROUND_MM = 3.5;
/** Levels are found on a grid so many times coarser. */
const COARSE = 4;

/** How bright the crumb is beside the walls around it, and how bright its holes are beside them, px by px. */
export type Levels = { ratio: Field; hole: Field; soft: Field; noise: number; contrast: number };

/** Brightness of each row of crumb beside the usual one, as a factor for each px. */
function rowLight(face: Face, crumb: Mask, stand: Stand, heightMm: number): Field {
  const { w, h, y } = face;
  const rows = Math.ceil(heightMm / ROW_MM) + 2;
  const values = Array.from({ length: rows }, (): number[] => []);
  const place = standingOn(stand, face);
  const rowOf = (i: number, j: number): number => place.t(i, j) / ROW_MM;
  for (let j = 0; j < h; j++)
    for (let i = j % 3; i < w; i += 3)
      if (crumb[j * w + i])
        values[Math.min(rows - 1, Math.max(0, Math.floor(rowOf(i, j))))]!.push(y[j * w + i]!);
  const told = values.map((v) => (v.length > 40 ? quantile(v, 0.8) : NaN));
  const usual = median(told.filter(Number.isFinite));
  // A row with too little crumb takes after the nearest that has enough.
  const whole = told.map((v, i) => {
    if (Number.isFinite(v)) return v;
    for (let d = 1; d < rows; d++)
      for (const near of [told[i - d], told[i + d]])
        if (near !== undefined && Number.isFinite(near)) return near;
    return usual;
  });
  const smooth = whole.map((_, i) => median(whole.slice(Math.max(0, i - 2), i + 3)));
  const out = new Float32Array(w * h).fill(1);
  for (let j = 0; j < h; j++)
    for (let i = 0; i < w; i++) {
      if (!crumb[j * w + i]) continue;
      const at = Math.min(rows - 1.001, Math.max(0, rowOf(i, j) - 0.5));
      const k = Math.floor(at);
      out[j * w + i] = (smooth[k]! * (k + 1 - at) + smooth[k + 1]! * (at - k)) / usual;
    }
  return out;
}

/** The mean of chosen px around each place, by two smoothed fields: their sum and their number. */
class Around {
  private readonly w: number;
  private readonly h: number;
  private readonly sum: Field;
  private readonly count: Field;
  constructor(private readonly face: Face) {
    this.w = Math.ceil(face.w / COARSE) + 1;
    this.h = Math.ceil(face.h / COARSE) + 1;
    this.sum = new Float32Array(this.w * this.h);
    this.count = new Float32Array(this.w * this.h);
  }
  add(i: number, j: number, value: number): void {
    const k = Math.floor(j / COARSE) * this.w + Math.floor(i / COARSE);
    this.sum[k]! += value;
    this.count[k]! += 1;
  }
  /** Writes the mean around each px of crumb; where nothing was chosen near, what `otherwise` says. */
  into(out: Field, crumb: Mask, otherwise: (k: number) => number): void {
    const sigma = (AROUND_MM * this.face.scale) / COARSE;
    const sum = blurred(this.sum, this.w, this.h, sigma);
    const count = blurred(this.count, this.w, this.h, sigma);
    for (let k = 0; k < sum.length; k++) sum[k] = count[k]! > 1e-3 ? sum[k]! / count[k]! : -1;
    const { w, h } = this.face;
    for (let j = 0; j < h; j++)
      for (let i = 0; i < w; i++) {
        const k = j * w + i;
        if (!crumb[k]) continue;
        const v = between(sum, this.w, this.h, (i + 0.5) / COARSE - 0.5, (j + 0.5) / COARSE - 0.5);
        out[k] = v > 0 ? v : otherwise(k);
      }
  }
}

/** Light of walls and holes around each place, found in four turns: what is above the middle of both is wall. */
export function levelsOf(face: Face, crumb: Mask, stand: Stand, heightMm: number): Levels {
  const { w, h, y } = face;
  const rows = rowLight(face, crumb, stand, heightMm);
  const level = y.map((v, k) => v / rows[k]!);
  const soft = blurred(level, w, h, 0.7);
  const wall = new Float32Array(w * h);
  const hole = new Float32Array(w * h);
  for (let turn = 0; turn < 4; turn++) {
    const [over, under] = [new Around(face), new Around(face)];
    for (let j = 0; j < h; j++)
      for (let i = 0; i < w; i++) {
        const k = j * w + i;
        if (!crumb[k]) continue;
        const middle = turn === 0 ? -1 : turn === 1 ? wall[k]! : (wall[k]! + hole[k]!) / 2;
        (soft[k]! > middle ? over : under).add(i, j, soft[k]!);
      }
    over.into(wall, crumb, (k) => soft[k]!);
    if (turn > 0) under.into(hole, crumb, (k) => 0.8 * wall[k]!);
  }
  const ratio = new Float32Array(w * h);
  const rough: number[] = [];
  let [depth, all] = [0, 0];
  for (let k = 0; k < ratio.length; k++) {
    if (!crumb[k]) continue;
    ratio[k] = soft[k]! / Math.max(1e-4, wall[k]!);
    hole[k] = hole[k]! / Math.max(1e-4, wall[k]!);
    depth += 1 - hole[k]!;
    all += 1;
    if (k % 5 === 0 && k > w && k < w * (h - 1) && ratio[k]! > 0.97)
      rough.push(
        Math.abs(y[k]! - (y[k - 1]! + y[k + 1]! + y[k - w]! + y[k + w]!) / 4) / Math.max(1e-3, wall[k]!),
      );
  }
  // A px beside the mean of four others differs by 1.12 standard deviations of noise; 1.48 makes one of the median.
  return { ratio, hole, soft, noise: (1.48 / 1.12) * median(rough), contrast: depth / Math.max(1, all) };
}
