import { dateOf } from '../../words/clockWords';

/** What stands in a calendar: when, what, and whether somebody has to lend a hand. Times are min since the epoch. */
export type Entry = { title: string; about: string; from: number; to: number; alarm: boolean };

/** Entries as an iCalendar file, with an alarm where somebody has to lend a hand. */
export async function calendarOf(entries: readonly Entry[]): Promise<string> {
  const { createEvents } = await import('ics');
  const at = (min: number): number => dateOf(min).getTime();
  const { error, value } = createEvents(
    entries.map((e) => ({
      title: e.title,
      description: e.about,
      start: at(e.from),
      end: at(e.to),
      startInputType: 'utc' as const,
      startOutputType: 'utc' as const,
      endInputType: 'utc' as const,
      endOutputType: 'utc' as const,
      productId: 'new-crumb',
      ...(e.alarm
        ? {
            alarms: [
              { action: 'display' as const, description: e.title, trigger: { minutes: 0, before: true } },
            ],
          }
        : {}),
    })),
  );
  if (error || !value) throw error ?? new Error('nothing to write');
  return value;
}
