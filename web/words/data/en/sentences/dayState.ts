import { catalogue } from '../../../catalogue';
import { counted } from '../../../plural';

export const dayStateSentences = catalogue('sentences/dayState', {
  bakeCount: (a: { n: number }) => counted(a.n, 'bake'),
  nothingInItYet: 'nothing in it yet',
  notPlannedYet: (a: { count: string }) => `${a.count}, not planned yet`,
  over: (a: { count: string }) => `${a.count}, over`,
  underWay: (a: { count: string }) => `${a.count}, under way`,
  begunAt: (a: { count: string; weekday: string; time: string }) =>
    `${a.count}, begun ${a.weekday} at ${a.time}`,
});
