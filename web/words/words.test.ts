import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { CALLS, isNoted, needOf, type CallName } from '../../contract/calls';
import { KITS } from '../../core/classes';
import { msg } from '../../core/explain';
import { amountOf, fixed, grams, percent, spreadOf, roughGrams } from './format';
import { counted, listed } from './plural';
import { ovenText, messageText, sayProblem } from './say';
import { leavesOut } from './avoidWords';
import { peopleWords } from './data/en/people';
import { KIT_WORDS } from './things';

/** Source files of a folder, without its tests. */
const sourcesIn = (dir: string): string[] =>
  readdirSync(dir, { recursive: true, encoding: 'utf8' }).filter(
    (f) => /\.tsx?$/.test(f) && !f.includes('.test.'),
  );

describe('words', () => {
  it('a message of a newer edition shows itself as its code, one for a part says the part first', () => {
    expect(messageText({ code: 'step.ofTomorrow', args: {} } as never)).toBe('step.ofTomorrow');
    expect(messageText(msg('step.noProof', { part: 'Base' }))).toMatch(/^For the Base: /);
    expect(
      messageText(msg('cannot.locks', { held: [{ what: 'mass' }, { what: 'line', id: 'water' }] })),
    ).toMatch(/total weight and the amount of water/);
  });

  it('what somebody did has words for every call that is noted', () => {
    // Who has not come in yet is nobody to be noted.
    const noted = (Object.keys(CALLS) as CallName[]).filter((n) => isNoted(n) && needOf(n) !== 'anyone');
    expect(noted.filter((name) => !peopleWords.did[name])).toEqual([]);
  });

  it('there are words for every kit, and none for a kit there is not', () => {
    expect(Object.keys(KIT_WORDS).sort()).toEqual(KITS.map((k) => k.id).sort());
  });

  it('speaks of amounts as a scale shows them', () => {
    expect([grams(2.36), grams(19.99), grams(250.4), grams(1127)]).toEqual([
      '2.4 g',
      '20.0 g',
      '250 g',
      '1,127 g',
    ]);
    expect([0.3, 5.84, 9.97, 13.96, 91.4, 428, 1127].map(roughGrams)).toEqual([
      '0.3 g',
      '5.8 g',
      '10 g',
      '14 g',
      '91 g',
      '430 g',
      '1,100 g',
    ]);
    expect([percent(5.62), percent(54.2), fixed(-0.001, 1)]).toEqual(['5.6%', '54%', '0.0']);
    expect(amountOf({ value: 1.553, basis: 'derived' }, 'ratio')).toBe('155%');
    expect(spreadOf({ value: 4.8, sd: 0.72, basis: 'derived' }, 'eggs')).toBe('± 0.7');
    expect(spreadOf({ value: 4.8, basis: 'derived' }, 'g')).toBe('');
  });

  it('makes sentences', () => {
    expect([listed([]), listed(['a']), listed(['a', 'b', 'c'])]).toEqual(['', 'a', 'a, b and c']);
    expect([counted(1, 'line'), counted(2, 'line')]).toEqual(['1 line', '2 lines']);
    expect(leavesOut(['gluten', 'egg', 'milk', 'tree_nut', 'peanut', 'oil'])).toBe(
      'egg, dairy, nuts, added oil',
    );
    expect(messageText(msg('step.waterWash', { part: 'crust' }))).toBe('For the crust: brush with water.');
    expect(messageText(msg('step.gel', { g1: 14, n1: 'flax_ground', g2: 90, n2: 'water', wait: 10 }))).toBe(
      'Make the gel: whisk 14 g ground flaxseed into 90 g water and leave 10 min to thicken.',
    );
    expect(ovenText({ ovenC: 177, minutes: [25, 30], fan: true })).toBe('177 °C fan (350 °F), 25 to 30 min');
    expect(sayProblem(null)).toContain('does not answer');
    expect(sayProblem('something.else')).toContain('Nothing you entered is lost');
  });

  it('never says "safe"', () => {
    for (const file of sourcesIn(join(import.meta.dirname, '..'))) {
      expect(readFileSync(join(import.meta.dirname, '..', file), 'utf8'), file).not.toMatch(/\bsafe(ly)?\b/i);
    }
  });

  it('never says of anything that it is without what may be avoided', () => {
    const claim =
      /\b(without|free (of|from))(['`]| (it|them|that|any|eggs?|dairy|milk|gluten|nuts?|almonds?|oil|soya?)\b)/i;
    const folder = join(import.meta.dirname, 'data', 'en');
    for (const file of sourcesIn(folder))
      expect(readFileSync(join(folder, file), 'utf8'), file).not.toMatch(claim);
    expect(["'It must be without'", 'free from nuts'].every((s) => claim.test(s))).toBe(true);
  });
});
