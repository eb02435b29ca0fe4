import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KITS } from '../classes';
import type { LineRole, Part } from '../formula';
import { GROUP_IDS, INGREDIENTS } from '../ingredients';
import {
  cameIn,
  cameInFor,
  cameInId,
  conflictId,
  conflictOf,
  groupOfConflict,
  ingredientOf,
  kitOf,
  wayOf,
} from './conflict-id';

/** Ids of parts and lines as readers, imports and the app itself give them. */
const id = fc.oneof(fc.stringMatching(/^[pl]\d{1,3}$/), fc.uuid());
const role = fc.constantFrom<LineRole | undefined>(undefined, 'wash', 'dusting', 'release', 'inclusion');

describe('ids of lines that came in', () => {
  it('tell the conflict, the way and the thing they were made of', () => {
    fc.assert(
      fc.property(
        id,
        fc.constantFrom(...GROUP_IDS),
        role,
        fc.constantFrom(...KITS.map((k) => k.id)),
        fc.oneof(fc.constantFrom(...INGREDIENTS.map((i) => i.id)), fc.uuid()),
        (partId, group, of, kitId, ingredientId) => {
          const part: Part = { id: partId, name: '', classId: 'batter', lines: [] };
          const conflict = conflictId(part, group, of ? { role: of } : {});
          const line = cameInId(conflict, kitId, ingredientId);
          expect(cameIn(line)).toBe(true);
          expect(cameInFor(line, conflict)).toBe(true);
          expect([conflictOf(line), kitOf(line), ingredientOf(line)]).toEqual([
            conflict,
            kitId,
            ingredientId,
          ]);
          expect(wayOf(line)).toBe(wayOf(cameInId(conflict, kitId, 'water')));
          expect(groupOfConflict(conflict)).toBe(group);
        },
      ),
    );
  });

  it('are never those of a line that stood in the source', () => {
    fc.assert(
      fc.property(id, (line) => {
        expect(cameIn(line)).toBe(false);
      }),
    );
  });

  it('keep two conflicts apart, whatever comes in for them', () => {
    const part: Part = { id: 'p1', name: '', classId: 'batter', lines: [] };
    const [dough, wash] = [conflictId(part, 'egg', {}), conflictId(part, 'egg', { role: 'wash' })];
    expect(cameInFor(cameInId(dough, 'flax_gel', 'flax'), wash)).toBe(false);
  });
});
