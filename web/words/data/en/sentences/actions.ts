import { catalogue } from '../../../catalogue';
import { counted } from '../../../plural';

export const actionsSentences = catalogue('sentences/actions', {
  overnight: 'overnight',
  toH: (a: { a: string; b: string }) => `${a.a} to ${a.b} h`,
  mm: (a: { number: string }) => `${a.number} mm`,
  cm: (a: { number: string }) => `${a.number} cm`,
  across: (a: { cm: string }) => `${a.cm} across`,
  by: (a: { cm: string; cm2: string }) => `${a.cm} by ${a.cm2}`,
  thick: (a: { cm: string }) => `${a.cm} thick`,
  aSide: ' a side',
  afterMin: (a: { afterMin: number }) => `after ${a.afterMin} min`,
  pieceCount: (a: { n: number }) => counted(a.n, 'piece'),
  ofWord: (a: { amount: string }) => ` of ${a.amount}`,
  each: (a: { amount: string }) => `${a.amount} each`,
  ofIt: (a: { number: string }) => `${a.number}% of it`,
  onRacks: (a: { racks: number }) => `on ${a.racks} racks`,
  until: (a: { until: string }) => `until ${a.until}`,
});
