import { describe, expect, it } from 'vitest';
import { readLabel } from '../exclusions';
import { readFormula } from '../reading';
import { WHOLE } from '../testing/build';
import { formulasIn, looksLikePage, recipesIn } from './index';

/** Texts that make a careless pattern look through the same again and again, as long as wanted. */
const HOSTILE: Record<string, (n: number) => string> = {
  'open scripts': (n) => '<script '.repeat(n / 8),
  'scripts of data': (n) => '<script type="application/ld+json">'.repeat(n / 36),
  'open brackets': (n) => '<'.repeat(n),
  'a name of brackets': (n) => `{"@type":"Recipe","name":"${'<'.repeat(n)}","recipeIngredient":["1 egg"]}`,
  'marks after a title': (n) => `# a${'#'.repeat(n)}b\n## a${'#'.repeat(n)}b`,
  'a bake line of white': (n) => `# t\nbake: 1${' '.repeat(n)}x`,
  white: (n) => `${' '.repeat(n)}x`,
  figures: (n) => '1'.repeat(n),
  'figures and white': (n) => `20${' '.repeat(40)}`.repeat(n / 42),
  spans: (n) => '1 to 2 to '.repeat(n / 10),
  brackets: (n) => '('.repeat(n),
  commas: (n) => 'a,'.repeat(n / 2),
  rules: (n) => `${'- '.repeat(n / 2)}x`,
  'empty lines': (n) => '\n'.repeat(n),
  entities: (n) => '&'.repeat(n),
  'names before amounts': (n) => 'Brine\n1 g x\n'.repeat(n / 12),
};
const READERS: Record<string, (text: string) => unknown> = {
  page: (t) => (looksLikePage(t) || t.startsWith('<') ? recipesIn(t) : null),
  several: formulasIn,
  formula: (t) => readFormula({ text: t }),
  method: (t) => readFormula({ text: '2 eggs', method: t, oven: t.slice(0, 200), time: t.slice(0, 200) }),
  label: (t) => readLabel(t.slice(0, 20_000)),
};

/** The least of some runs: what else the machine does only adds. */
function leastMs(work: () => unknown): number {
  let least = Number.POSITIVE_INFINITY;
  for (let k = 0; k < 3; k++) {
    const began = performance.now();
    work();
    least = Math.min(least, performance.now() - began);
  }
  return least;
}

/** Lengths in characters, each so many times the one before. `npm run prove` goes on to a million: more is not looked at. */
const TIMES = WHOLE ? 32 : 12;
const LENGTHS = [1_000, 1_000 * TIMES, 1_000 * TIMES ** 2];
/** Under this a time says nothing of how it grows. */
const TOO_SHORT_MS = 60;

describe.each(Object.keys(READERS))('the reader of a %s', (name) => {
  it.each(Object.keys(HOSTILE))('takes no more than in proportion to its length over %s', (what) => {
    const read = READERS[name]!;
    const [short, middle, long] = LENGTHS.map((n) => {
      const text = HOSTILE[what]!(n);
      return leastMs(() => read(text));
    }) as [number, number, number];
    // So many times the length at the most six times that in time, on a machine that does other things too; what grows with
    // the square takes the square. What is quick anyway may do as it likes.
    const grew = (a: number, b: number) => b / Math.max(a, TOO_SHORT_MS / TIMES);
    expect(grew(short, middle)).toBeLessThan(6 * TIMES);
    expect(grew(middle, long)).toBeLessThan(6 * TIMES);
  });
});
