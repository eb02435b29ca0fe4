/**
 * A section through a bake: cells `across` from the middle outwards and `up` from the bottom. `round` turns about the
 * middle, `plane` is as long as one likes. Sizes in m.
 */
export type Section = {
  kind: 'plane' | 'round';
  across: number;
  up: number;
  width: number;
  height: number;
  /** Radius of the tube or hole in the middle of a round one, m. */
  hole?: number;
  /** Below zero inside, above it outside; of the shares of width and height, 0 to 1. Left out: all of it is inside. */
  outline?: (x: number, y: number) => number;
};

/** The sides a cell can meet the outside by. */
export const SIDES = ['inner', 'outer', 'top', 'bottom'] as const;
export type SideName = (typeof SIDES)[number];

export type Grid = {
  cells: number;
  /** m³, for a metre of length or a whole turn. */
  volume: Float64Array;
  /** Neighbours, and area over distance between them, m. */
  from: Int32Array;
  to: Int32Array;
  reach: Float64Array;
  /** Outer faces: the cells behind each from the outside inwards, half a cell's depth, m. */
  faces: { behind: number[]; side: SideName; area: number; half: number }[];
};

/** Points by which a cell is sounded, each way, for how much of it is inside. */
const SOUNDINGS = 6;
/** A cell belongs to the section when so much of it does. */
const BELONGS = 0.5;
const NUDGE = 1e-4;

/** The measures of a section's cells. */
class Cells {
  readonly dx: number;
  readonly dy: number;
  private readonly hole: number;
  constructor(private readonly section: Section) {
    this.dx = section.width / section.across;
    this.dy = section.height / section.up;
    this.hole = section.hole ?? 0;
  }
  /** m², of the upright face at the inner side of a column. */
  upright(i: number): number {
    return this.section.kind === 'round' ? 2 * Math.PI * (this.hole + i * this.dx) * this.dy : this.dy;
  }
  /** m², of the level face of a column. */
  ringArea(i: number): number {
    const { hole, dx } = this;
    return this.section.kind === 'round' ? Math.PI * ((hole + (i + 1) * dx) ** 2 - (hole + i * dx) ** 2) : dx;
  }
  /** How much of a cell is inside. */
  share(i: number, j: number): number {
    const { outline, across, up } = this.section;
    if (!outline) return 1;
    let inside = 0;
    for (let a = 0; a < SOUNDINGS; a++)
      for (let b = 0; b < SOUNDINGS; b++)
        if (outline((i + (a + 0.5) / SOUNDINGS) / across, (j + (b + 0.5) / SOUNDINGS) / up) <= 0) inside++;
    return inside / SOUNDINGS ** 2;
  }
  /**
   * How squarely the surface near a face stands to it: the part of its normal along x or y. Where the section is cut off
   * by the box itself the face is the surface. Places are shares of width and height.
   */
  square(x: number, y: number, along: 'x' | 'y'): number {
    const { outline, width, height } = this.section;
    if (!outline || ((along === 'x' ? x === 1 : y === 1) && outline(x, y) < 0)) return 1;
    const gx = (outline(x + NUDGE, y) - outline(x - NUDGE, y)) / width;
    const gy = (outline(x, y + NUDGE) - outline(x, y - NUDGE)) / height;
    const length = Math.hypot(gx, gy);
    return length === 0 ? 1 : Math.abs(along === 'x' ? gx : gy) / length;
  }
}

/** The cells that belong to a section: the number of each, -1 where none is, and their volumes, which add to the true one. */
function cellsOf({ across, up }: Section, cells: Cells): { index: Int32Array; volume: Float64Array } {
  const index = new Int32Array(across * up).fill(-1);
  const volumes: number[] = [];
  let whole = 0;
  for (let j = 0; j < up; j++)
    for (let i = 0; i < across; i++) {
      const share = cells.share(i, j);
      const volume = cells.ringArea(i) * cells.dy;
      whole += share * volume;
      if (share < BELONGS) continue;
      index[j * across + i] = volumes.length;
      volumes.push(volume);
    }
  const taken = volumes.reduce((a, b) => a + b, 0);
  return { index, volume: Float64Array.from(volumes, (v) => (v * whole) / taken) };
}

/**
 * Cells, neighbours and outer faces of a section. A slanting outside is a stair of faces, each weighted by how squarely
 * the true surface stands to it, so that their sum is the true area; volumes are made to add to the true one.
 */
export function gridOf(section: Section): Grid {
  const { across, up, hole = 0 } = section;
  const cells = new Cells(section);
  const { dx, dy } = cells;
  const { index, volume } = cellsOf(section, cells);
  const cellAt = (i: number, j: number): number =>
    i < 0 || j < 0 || i >= across || j >= up ? -1 : index[j * across + i]!;
  /** Cells from one inwards, as far as they go. */
  const behind = (i: number, j: number, di: number, dj: number): number[] => {
    const found: number[] = [];
    for (let k = 0; cellAt(i + k * di, j + k * dj) >= 0; k++) found.push(cellAt(i + k * di, j + k * dj));
    return found;
  };
  const [from, to, reach]: [number[], number[], number[]] = [[], [], []];
  const link = (a: number, b: number, area: number, distance: number): void => {
    from.push(a);
    to.push(b);
    reach.push(area / distance);
  };
  const faces: Grid['faces'] = [];
  const besideOf = (i: number, j: number): void => {
    const right = cellAt(i + 1, j);
    const y = (j + 0.5) / up;
    if (right >= 0) link(cellAt(i, j), right, cells.upright(i + 1), dx);
    else
      faces.push({
        behind: behind(i, j, -1, 0),
        side: 'outer',
        half: dx / 2,
        area: cells.upright(i + 1) * cells.square((i + 1) / across, y, 'x'),
      });
    if (cellAt(i - 1, j) < 0 && (i > 0 || hole > 0))
      faces.push({
        behind: behind(i, j, 1, 0),
        side: i > 0 ? 'outer' : 'inner',
        half: dx / 2,
        area: cells.upright(i) * (i > 0 ? cells.square(i / across, y, 'x') : 1),
      });
  };
  const aboveAndBelow = (i: number, j: number): void => {
    const above = cellAt(i, j + 1);
    const x = (i + 0.5) / across;
    if (above >= 0) link(cellAt(i, j), above, cells.ringArea(i), dy);
    else
      faces.push({
        behind: behind(i, j, 0, -1),
        side: 'top',
        half: dy / 2,
        area: cells.ringArea(i) * cells.square(x, (j + 1) / up, 'y'),
      });
    if (cellAt(i, j - 1) < 0)
      faces.push({
        behind: behind(i, j, 0, 1),
        side: j > 0 ? 'outer' : 'bottom',
        half: dy / 2,
        area: cells.ringArea(i) * (j > 0 ? cells.square(x, j / up, 'y') : 1),
      });
  };
  for (let j = 0; j < up; j++)
    for (let i = 0; i < across; i++) {
      if (cellAt(i, j) < 0) continue;
      besideOf(i, j);
      aboveAndBelow(i, j);
    }
  return {
    cells: volume.length,
    volume,
    from: Int32Array.from(from),
    to: Int32Array.from(to),
    reach: Float64Array.from(reach),
    faces: faces.filter((f) => f.area > 0),
  };
}
