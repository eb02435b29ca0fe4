import { isBeside, type Line, type Part } from '../formula';
import type { GroupId } from '../ingredients';

/** How a conflict is called: by its part, its group and where in the part it is used. Lines that come in begin with it. */
export const conflictId = (part: Part, group: GroupId | undefined, { role }: Pick<Line, 'role'>): string =>
  `${part.id}:${group}:${isBeside(role) ? role : part.classId === 'wash' ? 'wash' : 'dough'}`;

/** The group that a conflict is about. */
export const groupOfConflict = (conflict: string): GroupId | undefined =>
  conflict.split(':')[1] as GroupId | undefined;
/** The conflict that a line came in for. */
export const conflictOf = (lineId: string): string => lineId.split('/')[0] ?? '';
/** The way that a line came in by: its conflict and kit. */
export const wayOf = (lineId: string): string => lineId.split('/').slice(0, 2).join('/');
/** The kit that a line came in with. */
export const kitOf = (lineId: string): string => lineId.split('/')[1] ?? '';
/** Whether a line came in, rather than stood in the source. */
export const cameIn = (lineId: string): boolean => lineId.split('/').length === 3;
/** What a line that came in is of. */
export const ingredientOf = (lineId: string): string => lineId.split('/').at(-1) ?? '';
/** How a line is called that comes in for a conflict with a kit. */
export const cameInId = (conflict: string, kitId: string, ingredientId: string): string =>
  `${conflict}/${kitId}/${ingredientId}`;
/** Whether a line came in for such a conflict. */
export const cameInFor = (lineId: string, conflict: string): boolean => lineId.startsWith(`${conflict}/`);
