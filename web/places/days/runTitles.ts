import type { Next } from '../../../core/schedule';
import { taskTitle } from '../../words/clockWords';
import type { DayContext } from './dayContext';

/** The bake that a task of the day is of. */
export const bakeOf = ({ bakes }: Pick<DayContext, 'bakes'>, n: Next): DayContext['bakes'][number] =>
  bakes.find((b) => b.id === n.bakeId)!;
export const titleOf = (context: Pick<DayContext, 'bakes'>, n: Next): string =>
  `${taskTitle(n.task)}, ${bakeOf(context, n).title}`;

export const MIN_MS = 60_000;
