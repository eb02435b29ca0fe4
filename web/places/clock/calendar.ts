import type { Clock } from '../../../core/plan';
import { taskLength, taskTitle } from '../../words/clockWords';

/** The clock as an iCalendar file: each task an event, with an alarm where somebody has to lend a hand. */
export async function calendarOf(title: string, { placed }: Clock): Promise<string> {
  const { createEvents } = await import('ics');
  const { error, value } = createEvents(
    placed.map((p) => ({
      title: `${title}: ${taskTitle(p.task)}`,
      description: taskLength(p),
      start: p.from * 60_000,
      end: p.to * 60_000,
      startInputType: 'utc' as const,
      startOutputType: 'utc' as const,
      endInputType: 'utc' as const,
      endOutputType: 'utc' as const,
      productId: 'new-crumb',
      ...(p.task.handsFirst > 0
        ? {
            alarms: [
              {
                action: 'display' as const,
                description: taskTitle(p.task),
                trigger: { minutes: 0, before: true },
              },
            ],
          }
        : {}),
    })),
  );
  if (error || !value) throw error ?? new Error('nothing to write');
  return value;
}
