import type { Kitchen, KitchenOven, KitchenTin } from '../../contract/dto';
import type { TimedBake } from '../../core/bake';
import type { Remembered } from '../../core/reading';
import type { KitchenClash } from '../api/mergeKitchen';
import { degreesApart } from './heat';
import { fixed, grams } from './format';
import { ingredientName } from './things';

const FIELDS: Record<keyof Kitchen, string> = {
  cup: 'The cup',
  spoon: 'The spoon',
  eggs: 'The sizes of eggs',
  currency: 'The currency',
  ruleset: 'The law for packets',
  style: 'The house style',
  altitudeM: 'The height above the sea',
  yeast: 'The table for yeasts',
  heat: 'The scale of ovens',
  ounces: 'Ounces on the card',
  atHand: 'What is at hand',
  stock: 'What is left of a thing',
  ovens: 'An oven',
  ovenId: 'The oven in use',
  tins: 'A tin',
  timed: 'A timed bake',
  risen: 'A timed rise',
  names: 'A name',
  up: 'The hours you are up',
};

function sayOven(o: KitchenOven): string {
  const off =
    o.offsetC === 0
      ? 'as hot as it says'
      : `${degreesApart(Math.abs(o.offsetC))} ${o.offsetC > 0 ? 'hotter' : 'cooler'} than it says`;
  return `${o.name}, ${off}, ${o.widthCm} cm wide${o.fan ? ', with a fan' : ''}`;
}

/** One side of a clash in words. */
function sayValue({ key }: KitchenClash, value: unknown): string {
  if (value === undefined) return 'taken out';
  if (key === 'ovens') return sayOven(value as KitchenOven);
  if (key === 'tins') return `${(value as KitchenTin).name}, ${(value as KitchenTin).tin.written}`;
  if (key === 'timed' || key === 'risen') return `${(value as TimedBake).tookMin} min`;
  if (key === 'names') return ingredientName((value as Remembered).means);
  if (key === 'stock') return grams((value as { g: number }).g);
  if (key === 'atHand') return ingredientName(value as string);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string' || typeof value === 'number') return String(value);
  return 'other wishes';
}

/** A clash of two changes: what it is of, and both sides. */
export const sayClash = (clash: KitchenClash): { name: string; mine: string; theirs: string } => ({
  name: FIELDS[clash.key],
  mine: sayValue(clash, clash.mine),
  theirs: sayValue(clash, clash.theirs),
});

/** "9 % longer", or that it is the same. */
export const timesWords = (factor: number, same = 'as it was'): string =>
  Math.abs(factor - 1) < 0.005
    ? same
    : `${fixed(100 * Math.abs(factor - 1), 0)} % ${factor > 1 ? 'longer' : 'shorter'}`;
