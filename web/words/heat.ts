import type { Kitchen } from '../../contract/dto';
import { celsiusToFahrenheit, fahrenheitToCelsius } from '../../core/units';
import { fixed } from './format';
import { heatSentences } from './data/en/sentences/heat';

const W = heatSentences;

/** What follows in time: "30 °C, then 24 °C". */
export const inTurn = (words: readonly string[]): string =>
  words.reduce((before, next) => W.thenNext({ before, next }));

/** What the kitchen's ovens and thermometers are marked in. Everything is reckoned in °C. */
export type HeatScale = NonNullable<Kitchen['heat']>;

// One for the page, as its language is; told when the kitchen is fetched.
let scale: HeatScale = 'c';
export function setHeatScale(next: HeatScale): void {
  scale = next;
}
export const heatScale = (): HeatScale => scale;
export const heatUnit = (of: HeatScale = scale): string => (of === 'c' ? '°C' : '°F');

const shown = (tempC: number, of: HeatScale): number => (of === 'c' ? tempC : celsiusToFahrenheit(tempC));
/** A difference has no zero of its own: 5 °C apart are 9 °F apart. */
const shownApart = (byC: number, of: HeatScale): number => (of === 'c' ? byC : (byC * 9) / 5);

/** A temperature: "96 °C", "205 °F". */
export const degrees = (tempC: number, decimals = 0): string =>
  `${fixed(shown(tempC, scale), decimals)} ${heatUnit()}`;
/** From one to another: "96 to 99 °C". */
export const degreesSpan = (fromC: number, toC: number): string =>
  W.to({ number: fixed(shown(fromC, scale), 0), temperature: degrees(toC) });
/** The number alone, where its unit stands beside it already. */
export const bareDegrees = (tempC: number): string => fixed(shown(tempC, scale), 0);
/** How far apart: "12 °C", "22 °F". */
export const degreesApart = (byC: number): string => `${fixed(shownApart(byC, scale), 0)} ${heatUnit()}`;

/** An oven's heat on one scale: °F to five, as dials are marked, so that 218 °C is the 425 °F it came from. */
const dial = (tempC: number, of: HeatScale): string =>
  of === 'c' ? `${fixed(tempC, 0)} °C` : `${fixed(5 * Math.round(celsiusToFahrenheit(tempC) / 5), 0)} °F`;
/** An oven on both scales, the asked one first: "180 °C fan (355 °F)". */
export const ovenDegrees = (tempC: number, fan: boolean, first: HeatScale = scale): string =>
  `${dial(tempC, first)}${fan ? ' fan' : ''} (${dial(tempC, first === 'c' ? 'f' : 'c')})`;

/** What stands in a field: °C to a tenth, °F whole. */
export function toField(tempC: number, apart: boolean): number {
  const x = apart ? shownApart(tempC, scale) : shown(tempC, scale);
  return scale === 'c' ? Math.round(10 * x) / 10 : Math.round(x);
}
/** What was typed there in °C again: to a tenth, which brings back every whole °F. */
export function fromField(typed: number, apart: boolean): number {
  if (scale === 'c') return typed;
  return Math.round(10 * (apart ? (typed * 5) / 9 : fahrenheitToCelsius(typed))) / 10;
}

const NUMBER = '[−-]?\\d+';
const WRITTEN = new RegExp(
  `(differ by )?(${NUMBER})(?:( to | and |-)(${NUMBER}))? °C( (?:hotter|cooler|higher|lower|apart))?`,
  'g',
);
const valueOf = (text: string): number => Number(text.replace('−', '-'));
const sign = (x: number): string => fixed(x, 0).replace('-', '−');

/** Our own sentences, written in °C, on the scale of the kitchen. What a baker wrote is never put through it. */
export function toKitchenScale(text: string): string {
  if (scale === 'c') return text;
  const said = text.replace(WRITTEN, (_all, differ = '', a: string, to = '', b = '', than = '') => {
    const turned = differ || than ? shownApart : shown;
    const second = b === '' ? '' : sign(turned(valueOf(b as string), scale));
    return `${differ}${sign(turned(valueOf(a), scale))}${to}${second} °F${than}`;
  });
  // "Give it in °C: was it °F?"
  return said.replace(/(?<!\d )°[CF]/g, (unit) => (unit === '°C' ? '°F' : '°C'));
}
