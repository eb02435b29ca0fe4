import { describe, expect, it } from 'vitest';
import { GERMAN_NAMES, INGREDIENTS } from '../../core/ingredients';
import { catalogues } from './data/de';

const english = import.meta.glob(['./data/en/**/*.ts', './data/*.ts'], { eager: true });
const written = import.meta.glob<string>(['./data/en/**/*.ts', './data/*.ts', './things.ts'], {
  eager: true,
  query: '?raw',
  import: 'default',
});
/** The names by which catalogues are asked for, as they are written. */
const names = Object.values(written).flatMap((text) =>
  [...text.matchAll(/\bcatalogue\(\s*'([^']+)'/g)].map((m) => m[1]!),
);

/** The English catalogues by the name they are asked for, and what was found in the files that declare them. */
const declared = (): object[] =>
  Object.values(english).flatMap((file) =>
    Object.values(file as Record<string, unknown>).filter((x) => typeof x === 'object' && x !== null),
  );

/** Every sentence of a catalogue by its path: functions as they are. */
function sentences(of: unknown, path = ''): [string, unknown][] {
  if (typeof of === 'string' || typeof of === 'function') return [[path, of]];
  if (typeof of !== 'object' || of === null) return [];
  return Object.entries(of).flatMap(([key, value]) => sentences(value, `${path}/${key}`));
}

describe('German', () => {
  it('has every catalogue there is, and none that there is not', () => {
    expect(declared().length).toBeGreaterThan(40);
    expect(Object.keys(catalogues).sort()).toEqual(names.sort());
  });

  it('is no English: hardly a sentence of several words is the same', () => {
    const theirs = new Set(declared().flatMap((c) => sentences(c).map(([, s]) => s)));
    const same = Object.values(catalogues)
      .flatMap((c) => sentences(c).map(([, s]) => s))
      .filter((s): s is string => typeof s === 'string' && s.trim().split(/\s+/).length > 3 && theirs.has(s));
    // Handbooks and laws keep their names.
    expect(same.filter((s) => !/Handbook|USDA|ISO/.test(s))).toEqual([]);
  });

  it('puts every argument in, wherever it stands', () => {
    for (const [name, c] of Object.entries(catalogues))
      for (const [path, s] of sentences(c)) {
        if (typeof s !== 'function') continue;
        const asked = new Set<string>();
        const args = new Proxy({}, { get: (_all, key) => (asked.add(String(key)), `‹${String(key)}›`) });
        const said = (s as (a: object) => unknown)(args);
        if (typeof said === 'string' && !asked.has('n'))
          for (const key of asked) expect(said, `${name}${path}`).toContain(`‹${key}›`);
      }
  });

  it('names every ingredient of the tables, each by a name of its own', () => {
    expect(Object.keys(GERMAN_NAMES).sort()).toEqual(INGREDIENTS.map((i) => i.id).sort());
    const names = Object.values(GERMAN_NAMES).map(([first]) => first);
    expect(new Set(names).size).toBe(names.length);
  });
});
