import { catalogue } from '../../../catalogue';

export const trialTextSentences = catalogue('sentences/trialText', {
  inTheBowls: (a: { amount: string }) => `${a.amount} in the bowls`,
  ofKeptBackPutTo: (a: { amount: string; amount2: string }) =>
    `${a.amount} of the ${a.amount2} held back added by feel`,
  roseMin: (a: { number: string }) => `rose ${a.number} min`,
  kitchen: (a: { temperature: string }) => `kitchen ${a.temperature}`,
  bakedMin: (a: { number: string }) => `baked ${a.number} min`,
  inTheMiddle: (a: { temperature: string }) => `core ${a.temperature}`,
  lost: (a: { number: string }) => `lost ${a.number}%`,
  cutAfterMin: (a: { number: string }) => `cut after ${a.number} min`,
  of515: (a: { name: string; scores: number; low: string; high: string }) =>
    `${a.name} ${a.scores} of 5 (1 ${a.low}, 5 ${a.high})`,
  version: (a: { version: string }) => `Version: ${a.version}`,
  changed: (a: { changed: string }) => `Changed: ${a.changed}`,
  toTry: (a: { change: string }) => `To try: ${a.change}`,
  wrong: (a: { list: string }) => `Wrong: ${a.list}`,
  baked: (a: { process: string }) => `Baked: ${a.process}`,
  sliceMeasuredOnItsPhoto: (a: { sliceLines: string }) => `Slice, measured on its photo: ${a.sliceLines}`,
  tastedBy: (a: { list: string }) => `Tasted by ${a.list}`,
  toTry2: 'to try',
  bakedMin2: 'baked min',
  middleC: 'core °C',
  cutAfterMin2: 'cut after min',
  roseMin2: 'rose min',
  lost2: 'lost %',
  sliceHeightMm: 'slice height mm',
  sliceDipMm: 'slice dip mm',
  openCrumb: 'open crumb %',
  typicalHoleMm: 'typical hole mm',
  gummyLineMm: 'gummy line mm',
});
