import { catalogue } from '../../../catalogue';

export const differencesSentences = catalogue('sentences/differences', {
  none: 'none',
  out: 'Removed',
  inWord: 'Added',
  more: 'More',
  less: 'Less',
  outOfItsBand: (a: { list: string }) => `Outside the target range: ${a.list}.`,
  everyBalanceIsWithinIts: 'Every balance is within its target range.',
  sameFormula: 'The same formula.',
  mainPart: 'Main part',
  notStated: 'not stated',
  bake: (a: { wasText: string; nowText: string }) => `Bake: ${a.wasText} → ${a.nowText}.`,
  tin: (a: { tins: string; tins2: string }) => `Tin: ${a.tins} → ${a.tins2}.`,
  methodNewOrRewordedGone: (a: { more: number; gone: number }) =>
    `Method: ${a.more} new or reworded, ${a.gone} gone.`,
});
