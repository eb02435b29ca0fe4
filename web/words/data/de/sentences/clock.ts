import type * as English from '../../en/sentences/clock';
import { counted } from '../../../plural';

export const clockSentences: typeof English.clockSentences = {
  asWritten: 'Original',
  usual: 'üblich',
  byTheYeastClock: 'nach der Hefeuhr',
  byTheBakeModelRoughly: 'nach dem Backmodell, grob: früh nachsehen',
  asItsWayAsks: 'wie sein Ersatz es braucht',
  aGuessTheMethodDoes: 'geschätzt: die Anleitung sagt es nicht',
  timeCount: (a) => counted(a.n, 'mal', 'mal'),
  byOfYourOwn: (a) => `, nach ${a.count} von dir`,
  todayWithin: (a) => `heute, ${a.name}`,
  tomorrowWithin: (a) => `morgen, ${a.name}`,
  today: (a) => `Heute, ${a.name}`,
  tomorrow: (a) => `Morgen, ${a.name}`,
};
