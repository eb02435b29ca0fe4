import { describe, expect, it } from 'vitest';
import type { EaterRow } from '../../../contract/dto';
import { querySchema } from '../../../contract/call-schemas';
import { check } from '../../../contract/shapes';
import { askedOf, lookingIn } from './find';

const eater = (more: Partial<EaterRow>): EaterRow => ({
  id: 'e1',
  rev: 1,
  name: 'Choir',
  exclude: ['egg'],
  words: [],
  traces: false,
  ...more,
});
const asked = (query: string, eaters: EaterRow[] = []) =>
  askedOf(lookingIn(new URLSearchParams(query)), eaters);

describe('what is looked for on the shelf', () => {
  it('is asked for in few words, and nothing where nothing is looked for', () => {
    expect(asked('')).toEqual({});
    expect(asked('state=changed&order=baked&kind=bun')).toEqual({
      state: 'changed',
      order: 'baked',
      kind: 'bun',
    });
    expect(asked('kind=spaceship&state=lost&order=random')).toEqual({});
  });

  it('words go without case and accents, each with the kinds of bake that go by it', () => {
    expect(asked('q=Crème')).toEqual({ w: ['creme'] });
    const { w } = asked('q=lemon+custard')!;
    expect(w![0]).toBe('lemon');
    expect(w![1]).toMatch(/^custard~.*custard/);
  });

  it('for an eater: all they avoid in one version; words of their own are met by none', () => {
    const out = (e: EaterRow) => asked('eater=e1', [e]);
    expect(out(eater({}))!.out!.split(',')).toEqual(expect.arrayContaining(['gluten', 'egg']));
    expect(out(eater({ words: ['cardamom'] }))).toBeNull();
    expect(asked('eater=gone', [eater({})])).toEqual({});
  });

  it('is always what the server takes', () => {
    const schema = querySchema('shelf')!;
    for (const q of [
      'q=a~b,c',
      `q=${'word '.repeat(40)}`,
      `q=${'x'.repeat(80)}`,
      'eater=e1&state=new&order=kind',
    ])
      expect(check(schema, { ...asked(q, [eater({})]), limit: '60', from: '0' })).toHaveProperty('value');
  });
});
