import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { CLASS_IDS, KITS } from '../../../core/classes';
import { FAULT_IDS } from '../../../core/judge';
import { KIT_WORDS } from '../../words/things';
import { show } from '../../testing/render';
import { Conversions } from './Conversions';
import { allEntries } from './entries';
import { kitEntries, replaceable } from './kitEntries';

describe('the handbook', () => {
  const entries = allEntries(kitEntries());

  it('is the engine’s own data: every kit, kind, fault stands in it once', () => {
    const of = (section: string) => entries.filter((e) => e.section === section).map((e) => e.id);
    expect(of('replacements')).toEqual(KITS.map((k) => k.id));
    expect(of('kinds')).toEqual([...CLASS_IDS]);
    expect(of('faults')).toEqual([...FAULT_IDS]);
    for (const section of new Set(entries.map((e) => e.section)))
      expect(new Set(of(section)).size, section).toBe(of(section).length);
  });

  it('each has a title and words to be found by; none says "safe" or shows a code', () => {
    for (const e of entries) {
      expect(e.title.length, e.id).toBeGreaterThan(2);
      expect(`${e.title} ${e.words}`, e.id).not.toMatch(/undefined|NaN|\bsafe\b|_/);
    }
    for (const k of KITS) expect(KIT_WORDS[k.id], k.id).toBeTruthy();
  });

  it('shows the dose window of a replacement, its jobs and what to watch', () => {
    show(<>{kitEntries().find((e) => e.id === 'psyllium_gel')!.body}</>);
    expect(screen.getByText(/2\.6 to 4\.2 g, usually 3\.4 g/)).toBeTruthy();
    expect(screen.getByText(/for up to 4 eggs/)).toBeTruthy();
    expect(screen.getByText(/never add them dry/)).toBeTruthy();
  });

  it('what can leave is what some replacement stands in for', () => {
    expect(replaceable()).toEqual(expect.arrayContaining(['egg', 'butter', 'milk', 'nut_flour', 'oil']));
  });

  it('turns a line and an oven as they are written into grams and °C; 425 °F is 218 °C', async () => {
    show(<Conversions />);
    expect(screen.getByRole('status').textContent).toMatch(/218 °C/);
    const line = screen.getByLabelText('An ingredient');
    await userEvent.clear(line);
    await userEvent.type(line, '8 oz sugar');
    expect(screen.getByRole('status').textContent).toMatch(/227 g/);
    await userEvent.clear(line);
    await userEvent.type(line, '2 cups moondust');
    expect(screen.getByRole('status').textContent).toMatch(/moondust/);
  });
});
