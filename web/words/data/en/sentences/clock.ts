import { catalogue } from '../../../catalogue';
import { counted } from '../../../plural';

export const clockSentences = catalogue('sentences/clock', {
  asWritten: 'original',
  usual: 'usual',
  byTheYeastClock: 'by the yeast clock',
  byTheBakeModelRoughly: 'by the bake model, roughly: look early',
  asItsWayAsks: 'as its replacement needs',
  aGuessTheMethodDoes: 'a guess: the method does not say',
  timeCount: (a: { n: number }) => counted(a.n, 'time'),
  byOfYourOwn: (a: { count: string }) => `, by ${a.count} of your own`,
  todayWithin: (a: { name: string }) => `today, ${a.name}`,
  tomorrowWithin: (a: { name: string }) => `tomorrow, ${a.name}`,
  today: (a: { name: string }) => `Today, ${a.name}`,
  tomorrow: (a: { name: string }) => `Tomorrow, ${a.name}`,
});
