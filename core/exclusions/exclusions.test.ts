import { describe, expect, it } from 'vitest';
import { AVOID_IDS, INGREDIENTS, LABEL_ALLERGENS, ingredientById, type Ingredient } from '../ingredients';
import { CONTAINS, holds, PROCESSED } from '../testing/oracle';
import {
  avoidsOf,
  EXCLUSION_IDS,
  isDeclared,
  isRefused,
  PRESET_IDS,
  PRESETS,
  RULESETS,
  combinedNeeds,
  verdictFor,
  verdictForEater,
  type Eater,
} from './index';

/** Where the tags of an ingredient and the hand-written table part ways. */
const disagreements = (i: Ingredient): string[] =>
  AVOID_IDS.filter((a) => (i.facts[a] === 'yes') !== holds(i.id, a)).map((a) => `${i.id}: ${a}`);

describe('tags against the hand-written table', () => {
  it.each(INGREDIENTS.map((i) => [i.id, i] as const))('%s', (_id, i) => {
    expect(disagreements(i)).toEqual([]);
    if (PROCESSED.includes(i.id)) {
      for (const a of LABEL_ALLERGENS) expect(i.facts[a], a).not.toBe('no');
    }
    expect(i.labelNeeded).toBe(PROCESSED.includes(i.id));
  });

  it('names only ingredients there are', () => {
    for (const id of [...Object.values(CONTAINS).flat(), ...PROCESSED])
      expect(ingredientById(id), id).not.toBeNull();
  });

  it('notices when any one tag is deleted', () => {
    let deleted = 0;
    for (const i of INGREDIENTS) {
      for (const a of AVOID_IDS.filter((x) => i.facts[x] === 'yes')) {
        expect(disagreements({ ...i, facts: { ...i.facts, [a]: 'no' } })).toEqual([`${i.id}: ${a}`]);
        deleted += 1;
      }
    }
    expect(deleted).toBe(Object.values(CONTAINS).flat().length);
  });
});

describe('what has to go', () => {
  it('always takes gluten, and peanut with the nuts, but neither sesame nor coconut', () => {
    expect(avoidsOf([])).toEqual(['gluten']);
    expect(avoidsOf(['nuts'])).toEqual(['gluten', 'tree_nut', 'peanut']);
    expect(avoidsOf(['tree_nuts'])).toEqual(['gluten', 'tree_nut']);
    expect(avoidsOf(['oil', 'egg'])).toEqual(['gluten', 'egg', 'oil']);
    expect(avoidsOf([], 'extracted', ['cardamom'])).toEqual(['gluten', 'own_word']);
  });

  it('reads oil in two ways', () => {
    expect(avoidsOf(['oil'], 'all_fat')).toContain('whole_food_fat');
    expect(avoidsOf(['egg'], 'all_fat')).not.toContain('whole_food_fat');
  });

  it('fails closed', () => {
    const avoids = avoidsOf(['egg', 'dairy']);
    expect(verdictFor(null, avoids)).toEqual({
      finding: 'check_packets',
      contains: [],
      may: [],
      unknown: avoids,
    });
    expect(verdictFor(ingredientById('butter'), avoids).finding).toBe('contains');
    expect(verdictFor(ingredientById('plant_block'), avoids)).toEqual({
      finding: 'check_packets',
      contains: [],
      may: [],
      unknown: avoids,
    });
    expect(verdictFor(ingredientById('apple_puree'), avoids).finding).toBe('no_conflict_found');
    expect(verdictFor(ingredientById('oat_drink'), avoidsOf(['oil'])).unknown).toContain('oil');
  });

  it('a single food may say nothing found; whatever is made by somebody never does for the allergens by law', () => {
    const all = avoidsOf([...EXCLUSION_IDS], 'all_fat');
    for (const i of INGREDIENTS.filter((x) => x.labelNeeded))
      expect(verdictFor(i, all).finding).not.toBe('no_conflict_found');
    for (const id of ['white_rice', 'apple', 'salt'])
      expect(verdictFor(ingredientById(id), avoidsOf(['egg', 'dairy', 'nuts', 'oil'])).finding).toBe(
        'no_conflict_found',
      );
  });

  it('every preset is a union of words there are, and the two laws name what their lists name', () => {
    for (const id of PRESET_IDS) expect(PRESETS[id].every((e) => EXCLUSION_IDS.includes(e))).toBe(true);
    for (const [preset, ruleset] of [
      ['eu14', 'eu'],
      ['us9', 'us'],
    ] as const) {
      const avoids = avoidsOf(PRESETS[preset]).filter((a) => isDeclared(a, ruleset) || a === 'gluten');
      expect(new Set([...avoids, 'gluten'])).toEqual(new Set(['gluten', ...RULESETS[ruleset].avoids]));
    }
  });
});

/** Numbers of groups as the laws state them: 14 in Annex II, 9 in the US; wheat is one of the EU's cereals. */
it('rule sets are as large as the laws say', () => {
  expect(RULESETS.eu.avoids.filter((a) => a !== 'wheat')).toHaveLength(14);
  expect(RULESETS.us.avoids.filter((a) => a !== 'pine_nut')).toHaveLength(9);
});

describe('eaters', () => {
  const club: Eater = { name: 'Hiking club', exclude: ['egg', 'dairy', 'oil'], words: [], traces: false };
  const choir: Eater = { name: 'Choir', exclude: ['nuts', 'sesame'], words: ['cardamom'], traces: true };
  const warned = {
    ...ingredientById('white_rice')!,
    facts: { ...ingredientById('white_rice')!.facts, tree_nut: 'may' as const },
  };

  it('a table is the union of its eaters, traces only where they matter to somebody', () => {
    const t = combinedNeeds([club, choir]);
    expect(t).toMatchObject({
      exclude: ['egg', 'dairy', 'oil', 'nuts', 'sesame'],
      words: ['cardamom'],
      oil: 'extracted',
    });
    expect(t.strict).toEqual(['gluten', 'tree_nut', 'peanut', 'sesame', 'own_word']);
    expect(combinedNeeds([])).toEqual({ exclude: [], oil: 'extracted', words: [], strict: [] });
  });

  it('says the worst line and which it is', () => {
    const lines = ['white_rice', 'butter', 'soy_drink'].map(ingredientById);
    const v = verdictForEater(club, [...lines, null]);
    expect([v.finding, v.refused]).toEqual(['contains', true]);
    expect(v.because.map((b) => [b.index, b.finding])).toEqual([
      [1, 'contains'],
      [2, 'check_packets'],
      [3, 'check_packets'],
    ]);
    expect(verdictForEater(club, [ingredientById('apple')])).toEqual({
      finding: 'no_conflict_found',
      refused: false,
      because: [],
    });
  });

  it('a warning of traces rules out for whom traces matter, and is only said to others', () => {
    expect(verdictForEater(choir, [warned])).toMatchObject({ finding: 'may_contain', refused: true });
    expect(verdictForEater({ ...choir, traces: false }, [warned])).toMatchObject({
      finding: 'may_contain',
      refused: false,
    });
    expect(isRefused(verdictFor(warned, ['tree_nut']), ['tree_nut'])).toBe(true);
    expect(isRefused(verdictFor(warned, ['tree_nut']), [])).toBe(false);
  });
});
