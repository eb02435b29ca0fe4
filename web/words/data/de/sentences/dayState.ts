import type * as English from '../../en/sentences/dayState';
import { counted } from '../../../plural';

export const dayStateSentences: typeof English.dayStateSentences = {
  bakeCount: (a) => counted(a.n, 'Gebäck', 'Gebäcke'),
  nothingInItYet: 'noch nichts darin',
  notPlannedYet: (a) => `${a.count}, noch nicht geplant`,
  over: (a) => `${a.count}, erledigt`,
  underWay: (a) => `${a.count}, im Gang`,
  begunAt: (a) => `${a.count}, begonnen ${a.weekday} um ${a.time}`,
};
