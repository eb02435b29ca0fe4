import { catalogue } from '../../../catalogue';
import { counted } from '../../../plural';

export const dayStateSentences = catalogue('sentences/dayState', {
  bakeCount: (a: { n: number }) => counted(a.n, 'bake'),
  nothingInItYet: 'nothing in it yet',
  notPlannedYet: (a: { count: string }) => `${a.count}, not planned yet`,
  over: (a: { count: string }) => `${a.count}, done`,
  underWay: (a: { count: string }) => `${a.count}, in progress`,
  begunAt: (a: { count: string; weekday: string; time: string }) =>
    `${a.count}, started ${a.weekday} at ${a.time}`,
});
