import { speedAt, type Cardinals } from './yeast';

/** Parts by mass: old starter, water, flour. */
export type Feed = { starter: number; water: number; flour: number };

/** Yeasts and lactic bacteria of a starter together. From memory, good to about 2 °C. */
export const STARTER_CARDINALS: Cardinals = { minC: 3, optC: 29, maxC: 38 };
/** Growth at the optimum, 1/h, and the wait before it, h at the optimum; relative spread of both. From memory. */
const GROWTH_H = 0.36;
const LAG_H = 0.6;
const SPREAD = 0.2;

export type Peak = { hours: number; early: number; late: number };

/**
 * Hours until a fed starter is at its height: it has to grow by as much as it was thinned, at the speed of the
 * temperature. Null where it does not grow (below 3 or above 38 °C), or a part is nothing.
 */
export function peakOf({ starter, water, flour }: Feed, tempC: number, slowness = 1): Peak | null {
  const speed = speedAt(tempC, STARTER_CARDINALS);
  if (speed <= 0.01 || !(starter > 0) || !(flour > 0) || water < 0) return null;
  const thinned = (starter + water + flour) / starter;
  const hours = slowness * (LAG_H / speed + Math.log(thinned) / (GROWTH_H * speed));
  return { hours, early: hours * (1 - SPREAD), late: hours * (1 + SPREAD) };
}

/** What to put together, g, and the flour and water the dough gets with it. */
export type Build = {
  starterG: number;
  waterG: number;
  flourG: number;
  totalG: number;
  leftG: number;
  /** Flour and water in what goes into the dough. */
  inDough: { flourG: number; waterG: number };
};

/**
 * How much to build so that a dough gets what it needs and so much is left to go on with. The old starter is taken to
 * be as wet as the feed makes the new one. Null where a part of the feed is nothing.
 */
export function buildOf(needG: number, leftG: number, feed: Feed): Build | null {
  const parts = feed.starter + feed.water + feed.flour;
  if (!(feed.starter > 0) || !(feed.flour > 0) || feed.water < 0 || !(needG > 0) || leftG < 0) return null;
  const totalG = needG + leftG;
  const share = feed.flour / (feed.flour + feed.water);
  return {
    starterG: (totalG * feed.starter) / parts,
    waterG: (totalG * feed.water) / parts,
    flourG: (totalG * feed.flour) / parts,
    totalG,
    leftG,
    inDough: { flourG: needG * share, waterG: needG * (1 - share) },
  };
}

/**
 * A yeasted dough as one with starter: so much starter, wet as the feed makes it, takes its flour and water out of
 * the dough's. A fifth of the flour from the starter is usual; common practice, no source. Null where the dough has
 * less flour or water than that.
 */
export function asStarter(
  dough: { flourG: number; waterG: number },
  feed: Pick<Feed, 'water' | 'flour'>,
  flourShare = 0.2,
): { starterG: number; flourG: number; waterG: number } | null {
  const flour = dough.flourG * flourShare;
  const water = (flour * feed.water) / feed.flour;
  return flour > 0 && water <= dough.waterG
    ? { starterG: flour + water, flourG: dough.flourG - flour, waterG: dough.waterG - water }
    : null;
}

/** A dough with starter as one with yeast: the starter's flour and water go into the dough's, and so much yeast. */
export function asYeast(
  dough: { flourG: number; waterG: number; starterG: number },
  feed: Pick<Feed, 'water' | 'flour'>,
  instantPercent = 1,
): { instantG: number; flourG: number; waterG: number } {
  const share = feed.flour / (feed.flour + feed.water);
  const flourG = dough.flourG + dough.starterG * share;
  return {
    flourG,
    waterG: dough.waterG + dough.starterG * (1 - share),
    instantG: (flourG * instantPercent) / 100,
  };
}
