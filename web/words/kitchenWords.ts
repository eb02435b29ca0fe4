import type { Kitchen, KitchenOven, KitchenTin } from '../../contract/dto';
import type { TimedBake } from '../../core/bake';
import type { Remembered } from '../../core/reading';
import type { KitchenClash } from '../api/mergeKitchen';
import { degreesApart } from './heat';
import { grams, inPercent } from './format';
import { ingredientName } from './things';
import { kitchenSentences } from './data/en/sentences/kitchen';

const W = kitchenSentences;

const FIELDS: Record<keyof Kitchen, string> = {
  cup: W.theCup,
  spoon: W.theSpoon,
  eggs: W.theSizesOfEggs,
  currency: W.theCurrency,
  ruleset: W.theLawForPackets,
  style: W.theHouseStyle,
  altitudeM: W.theHeightAboveTheSea,
  yeast: W.theTableForYeasts,
  heat: W.theScaleOfOvens,
  ounces: W.ouncesOnTheCard,
  atHand: W.whatIsAtHand,
  stock: W.whatIsLeftOfA,
  ovens: W.anOven,
  ovenId: W.theOvenInUse,
  tins: W.aTin,
  timed: W.aTimedBake,
  risen: W.aTimedRise,
  names: W.aName,
  up: W.theHoursYouAreUp,
};

function sayOven(o: KitchenOven): string {
  const off =
    o.offsetC === 0
      ? W.asHotAsItSays
      : W.thanItSays({
          degrees: degreesApart(Math.abs(o.offsetC)),
          which: o.offsetC > 0 ? W.hotter : W.cooler,
        });
  return W.cmWide({ name: o.name, off, widthCm: o.widthCm, which: o.fan ? W.withAFan : '' });
}

/** One side of a clash in words. */
function sayValue({ key }: KitchenClash, value: unknown): string {
  if (value === undefined) return W.takenOut;
  if (key === 'ovens') return sayOven(value as KitchenOven);
  if (key === 'tins') return `${(value as KitchenTin).name}, ${(value as KitchenTin).tin.written}`;
  if (key === 'timed' || key === 'risen') return W.min({ tookMin: (value as TimedBake).tookMin });
  if (key === 'names') return ingredientName((value as Remembered).means);
  if (key === 'stock') return grams((value as { g: number }).g);
  if (key === 'atHand') return ingredientName(value as string);
  if (typeof value === 'boolean') return value ? W.yes : W.no;
  if (typeof value === 'string' || typeof value === 'number') return String(value);
  return W.otherWishes;
}

/** A clash of two changes: what it is of, and both sides. */
export const sayClash = (clash: KitchenClash): { name: string; mine: string; theirs: string } => ({
  name: FIELDS[clash.key],
  mine: sayValue(clash, clash.mine),
  theirs: sayValue(clash, clash.theirs),
});

/** "9 % longer", or that it is the same. */
export const timesWords = (factor: number, same = W.asItWas): string =>
  Math.abs(factor - 1) < 0.005
    ? same
    : `${inPercent(Math.abs(factor - 1))} ${factor > 1 ? W.longer : W.shorter}`;
