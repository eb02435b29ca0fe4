import { isBeside, type Came, type Line, type Part } from '../formula';
import type { GroupId } from '../ingredients';

/** How a conflict is called: by its part, its group and where in the part it is used. */
export const conflictId = (part: Part, group: GroupId | undefined, { role }: Pick<Line, 'role'>): string =>
  `${part.id}:${group}:${isBeside(role) ? role : part.classId === 'wash' ? 'wash' : 'dough'}`;
/** How a line is called that comes in for a conflict by a way: the same in every answer, so that an amount held on it is found. */
export const cameInId = (conflict: string, kitId: string, ingredientId: string): string =>
  `${conflict}/${kitId}/${ingredientId}`;

/** Lines kept before 30 November 2026 tell what they came in for by what they are called alone. */
const CALLED_BEFORE = /^([^/:]+:([^/:]+):[^/:]+)\/([^/]+)\/[^/]+$/;
function cameBefore(id: string): Came | undefined {
  const [, conflict, group, kit] = CALLED_BEFORE.exec(id) ?? [];
  return conflict && group && kit ? { for: conflict, group: group as GroupId, kit } : undefined;
}
/** What a line came in for, and by which way; undefined for one that stood in the source. */
export const cameOf = (line: Pick<Line, 'id' | 'came'>): Came | undefined => line.came ?? cameBefore(line.id);
