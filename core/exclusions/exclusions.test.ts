import { describe, expect, it } from 'vitest';
import { AVOID_IDS, INGREDIENTS, LABEL_ALLERGENS, ingredientById, type Ingredient } from '../ingredients';
import { CONTAINS, holds, PROCESSED } from '../testing/oracle';
import { avoidsOf, verdictFor } from './index';

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
    expect(avoidsOf([])).toEqual(['gluten', 'wheat']);
    expect(avoidsOf(['nuts'])).toEqual(['gluten', 'wheat', 'tree_nut', 'peanut']);
    expect(avoidsOf(['oil', 'egg'])).toEqual(['gluten', 'wheat', 'egg', 'oil']);
  });

  it('reads oil in two ways', () => {
    expect(avoidsOf(['oil'], 'all_fat')).toContain('whole_food_fat');
    expect(avoidsOf(['egg'], 'all_fat')).not.toContain('whole_food_fat');
  });

  it('fails closed', () => {
    const avoids = avoidsOf(['egg', 'dairy']);
    expect(verdictFor(null, avoids)).toEqual({ finding: 'not_known', contains: [], unknown: avoids });
    expect(verdictFor(ingredientById('butter'), avoids).finding).toBe('contains');
    expect(verdictFor(ingredientById('plant_block'), avoids)).toEqual({
      finding: 'not_known',
      contains: [],
      unknown: avoids,
    });
    expect(verdictFor(ingredientById('apple_puree'), avoids).finding).toBe('nothing_found');
    expect(verdictFor(ingredientById('oat_drink'), avoidsOf(['oil'])).unknown).toContain('oil');
  });
});
