import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KITS } from '../classes';
import type { LineRole, Part } from '../formula';
import { GROUP_IDS, INGREDIENTS } from '../ingredients';
import { cameInId, cameOf, conflictId } from './conflict-id';

/** Ids of parts and lines as readers, imports and the app itself give them. */
const id = fc.oneof(fc.stringMatching(/^[pl]\d{1,3}$/), fc.uuid());
const role = fc.constantFrom<LineRole | undefined>(undefined, 'wash', 'dusting', 'release', 'inclusion');
const kitId = fc.oneof(fc.constantFrom(...KITS.map((k) => k.id)), fc.uuid());
const ingredientId = fc.oneof(fc.constantFrom(...INGREDIENTS.map((i) => i.id)), fc.uuid());
const part = (partId: string): Part => ({ id: partId, name: '', classId: 'batter', lines: [] });

describe('what a line came in for', () => {
  it('is what it says, whatever it is called', () => {
    const came = { for: 'p1:egg:dough', group: 'egg', kit: 'flax_gel' } as const;
    fc.assert(
      fc.property(fc.string(), (line) => {
        expect(cameOf({ id: line, came })).toBe(came);
      }),
    );
  });

  it('is known of lines that were kept before they said it', () => {
    fc.assert(
      fc.property(
        id,
        fc.constantFrom(...GROUP_IDS),
        role,
        kitId,
        ingredientId,
        (of, group, as, kit, thing) => {
          const conflict = conflictId(part(of), group, as ? { role: as } : {});
          expect(cameOf({ id: cameInId(conflict, kit, thing) })).toEqual({ for: conflict, group, kit });
        },
      ),
    );
  });

  it('is nothing for a line that stood in the source, or that evens out', () => {
    fc.assert(
      fc.property(id, (line) => {
        expect(cameOf({ id: line })).toBeUndefined();
      }),
    );
    expect(cameOf({ id: 'p1:water' })).toBeUndefined();
  });

  it('tells two conflicts of one group apart by where in the part they are', () => {
    expect(conflictId(part('p1'), 'egg', {})).not.toBe(conflictId(part('p1'), 'egg', { role: 'wash' }));
  });
});
