import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { VersionMeta } from '../../../contract/dto';
import { besideIn, grownOrder, lineTo, MOST_BESIDE, versionName } from '../../shared/versionOrder';

const meta = (id: string, parentId: string | null, more: Partial<VersionMeta> = {}): VersionMeta => ({
  id,
  formulaId: 'f',
  parentId,
  targetId: parentId === null ? null : 'a',
  name: id,
  note: '',
  star: false,
  avoids: [],
  coreVersion: '2',
  dataVersion: '',
  createdAt: '2026-11-25T10:00:00Z',
  ...more,
});
const TREE = [meta('a', null), meta('b', 'a'), meta('c', 'b'), meta('d', 'a'), meta('e', 'd')];

describe('versions as they grew', () => {
  it('each stands after the one it grew from; deeper only where two grew from one', () => {
    expect(grownOrder(TREE).map((g) => [g.version.id, g.depth])).toEqual([
      ['a', 0],
      ['b', 1],
      ['c', 1],
      ['d', 1],
      ['e', 1],
    ]);
    const chain = [meta('a', null), meta('b', 'a'), meta('c', 'b')];
    expect(grownOrder(chain).map((g) => g.depth)).toEqual([0, 0, 0]);
  });

  it('none is lost and none stands twice, whatever grew from what', () => {
    const trees = fc
      .array(fc.nat(), { minLength: 1, maxLength: 30 })
      .map((picks) => picks.map((p, i) => meta(`v${i}`, i === 0 ? null : `v${p % i}`)));
    fc.assert(
      fc.property(trees, (versions) => {
        const order = grownOrder(versions).map((g) => g.version.id);
        expect([...order].sort()).toEqual(versions.map((v) => v.id).sort());
        for (const v of versions)
          if (v.parentId) expect(order.indexOf(v.parentId)).toBeLessThan(order.indexOf(v.id));
      }),
    );
  });

  it('the line to one goes from the source, each the parent of the next', () => {
    expect(lineTo(TREE, 'e').map((v) => v.id)).toEqual(['a', 'd', 'e']);
    expect(lineTo(TREE, 'nowhere')).toEqual([]);
  });

  it('a source is original; a mended one says so', () => {
    const mended = meta('m', 'a', { targetId: null, name: '' });
    expect([TREE[0]!, TREE[1]!, mended].map((v) => versionName(v, [...TREE, mended]))).toEqual([
      'original',
      'b',
      'original, corrected',
    ]);
  });

  it('those of the address are laid beside, at most three; without one the latest and its parent', () => {
    expect(besideIn(null, TREE)).toEqual(['d', 'e']);
    expect(besideIn('d,b,nowhere', TREE)).toEqual(['b', 'd']);
    expect(besideIn('a,b,c,d,e', TREE)).toHaveLength(MOST_BESIDE);
    expect(besideIn(null, TREE.slice(0, 1))).toEqual([]);
    expect(besideIn('', TREE)).toEqual([]);
  });
});
