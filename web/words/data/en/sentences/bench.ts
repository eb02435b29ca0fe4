import { catalogue } from '../../../catalogue';

export const benchSentences = catalogue('sentences/bench', {
  wetter: 'wetter',
  stiffer: 'stiffer',
  longer: 'longer',
  shorter: 'shorter',
  grams: 'grams',
  gram: 'gram',
  inAll: (a: { amount: string }) => `${a.amount} in all.`,
  aboutInTheOvenIn: (a: { number: string; which: string }) =>
    `About ${a.number}% ${a.which} in the oven, in the same tin.`,
  containsWhichThisVersionLeaves: (a: { ofValue: string }) =>
    `Contains ${a.ofValue}, which this version leaves out.`,
  mayContain: (a: { ofValue: string }) => `May contain ${a.ofValue}.`,
  checkThePacketFor: (a: { ofValue: string }) => `Check the packet for ${a.ofValue}.`,
});
