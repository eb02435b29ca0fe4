import { GRID } from './problem';

/** How much of each counted thing is taken, on the grid of the clock. */
export class Loads {
  readonly slots: number;
  readonly #of = new Map<string, { most: number; at: Int16Array }>();

  constructor(horizon: number) {
    this.slots = Math.ceil(horizon / GRID) + 2;
  }

  /** Nothing is counted any more. */
  clear(): void {
    this.#of.clear();
  }
  /** So many of a thing there are. */
  count(key: string, most: number): void {
    this.#of.set(key, { most, at: new Int16Array(this.slots) });
  }
  /** Whether so many more are there over a stretch; what is not counted is always there. */
  fits(key: string, from: number, to: number, need: number): boolean {
    const load = this.#of.get(key);
    if (!load) return true;
    for (let s = slot(from); s < past(to); s++) if (load.at[s]! + need > load.most) return false;
    return true;
  }
  /** Takes so many more over a stretch; gives them back where `need` is negative. */
  add(key: string, from: number, to: number, need: number): void {
    const load = this.#of.get(key);
    if (load)
      for (let s = Math.max(0, slot(from)); s < Math.min(this.slots, past(to)); s++) load.at[s]! += need;
  }
}

/** Slots that a stretch touches: from the first to one past the last. */
export const slot = (min: number): number => Math.floor(min / GRID);
export const past = (min: number): number => Math.ceil(min / GRID);
