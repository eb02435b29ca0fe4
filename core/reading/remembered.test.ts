import { describe, expect, it } from 'vitest';
import { referenceContext, readFormula } from './read';
import { referenceMatcher } from './match';
import { remembered, remembering, withRemembered } from './remembered';

const meant = (text: string, names: Parameters<typeof remembering>[1]) =>
  readFormula({ text }, { ...referenceContext, matcher: remembering(referenceMatcher, names) }).lines.map(
    ({ line }) => (line.item.kind === 'unknown' ? null : 'id' in line.item ? line.item.id : null),
  );

describe('a name that was said once', () => {
  it('is known from then on, however it is written; other names are read as before', () => {
    const names = [remembered('Tiger milk powder', 'soy_milk_powder')!];
    expect(meant('30 g tiger milk powder\n100 g rice flour', [])).toEqual([null, 'white_rice_flour']);
    expect(meant('30 g TIGER-milk powder\n100 g rice flour', names)).toEqual([
      'soy_milk_powder',
      'white_rice_flour',
    ]);
  });

  it('goes before what the pantry would say, and the last word counts', () => {
    const once = withRemembered([], remembered('house blend', 'gf_blend')!);
    const twice = withRemembered(once, remembered('House Blend', 'gf_blend_gum')!);
    expect(twice).toHaveLength(1);
    expect(meant('200 g house blend', twice)).toEqual(['gf_blend_gum']);
  });

  it('nothing is remembered of no name', () => expect(remembered(' – ', 'sugar')).toBeNull());
});
