import { createEvents } from 'ics';

/** What stands in a calendar: when, what, and whether somebody has to lend a hand. Times are min since the epoch. */
export type Entry = { title: string; about: string; from: number; to: number; alarm: boolean };

/** Entries as an iCalendar file (RFC 5545), in UTC, with an alarm where somebody has to lend a hand. */
export function calendarOf(entries: readonly Entry[]): string {
  const { error, value } = createEvents(
    entries.map((e) => ({
      title: e.title,
      description: e.about,
      start: e.from * 60_000,
      end: e.to * 60_000,
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
  if (error || typeof value !== 'string') throw error ?? new Error('nothing to write');
  return value;
}
