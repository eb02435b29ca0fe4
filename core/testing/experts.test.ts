import { describe, expect, it } from 'vitest';
import { WHOLE } from './build';
import { measureExperts } from './experts';

describe('what a good baker would have chosen', () => {
  const whole = WHOLE ? (['tuned', 'aside'] as const) : (['aside'] as const);
  it.each(whole)('first answers acceptable, one of three right, none embarrassing: %s', (which) => {
    const { of, first, embarrassing, amongThree, notes } = measureExperts(which);
    expect(of).toBeGreaterThanOrEqual(20);
    expect(embarrassing, notes.join('\n')).toBe(0);
    expect(first / of, notes.join('\n')).toBeGreaterThanOrEqual(0.9);
    expect(amongThree / of, notes.join('\n')).toBeGreaterThanOrEqual(0.98);
  });
});
