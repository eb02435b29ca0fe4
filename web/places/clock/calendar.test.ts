import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../../demo/data/formulas';
import { lookupReference } from '../../../core/ingredients';
import { tasksOf } from '../../../core/plan';
import { readFormula } from '../../../core/reading';
import { clockOf } from '../../../core/schedule';
import { calendarOf } from '../../../contract/calendar';
import { entriesOf } from './entries';

describe('the clock as a calendar', () => {
  it.each([
    // The nights on which clocks go forward and back in Europe, 2027.
    ['an ordinary day', Date.UTC(2026, 10, 30, 13)],
    ['the night of summer time', Date.UTC(2027, 2, 28, 7)],
    ['the night of winter time', Date.UTC(2027, 9, 31, 7)],
  ])('is read back as it was placed: %s', (_name, ready) => {
    const { formula } = readFormula(DEMO_FORMULAS.find((d) => /levain|round/i.test(d.title))!);
    const end = ready / 60_000;
    const clock = clockOf(tasksOf(formula, lookupReference), end, [[end - 10_000, end + 1]])!;
    const text = calendarOf(entriesOf(formula.title, clock));
    const parsed = new ICAL.Component(ICAL.parse(text) as unknown[]);
    const events = parsed.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    expect(events).toHaveLength(clock.placed.length);
    events.forEach((e, i) => {
      expect(e.startDate.toUnixTime()).toBe(clock.placed[i]!.from * 60);
      expect(e.endDate.toUnixTime()).toBe(clock.placed[i]!.to * 60);
    });
    expect(parsed.toString()).toContain('BEGIN:VALARM');
  });
});
