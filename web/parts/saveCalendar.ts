import type { Entry } from '../../contract/calendar';
import { fileName, saveFile } from './saveFile';

/** Saves entries as a file for a calendar; what writes it is loaded when it is asked for. */
export async function saveCalendar(title: string, entries: readonly Entry[]): Promise<void> {
  const { calendarOf } = await import('../../contract/calendar');
  saveFile(fileName(title, 'ics'), calendarOf(entries), 'text/calendar');
}
