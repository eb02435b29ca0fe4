import type { Clock } from '../../../core/schedule';
import { taskLength, taskTitle } from '../../words/clockWords';
import type { Entry } from '../../../contract/calendar';

/** The clock of one bake as entries of a calendar. */
export const entriesOf = (title: string, { placed }: Clock): Entry[] =>
  placed.map((p) => ({
    title: `${title}: ${taskTitle(p.task)}`,
    about: taskLength(p),
    from: p.from,
    to: p.to,
    alarm: p.task.handsFirst > 0,
  }));
