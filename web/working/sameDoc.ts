import type { DraftDoc } from '../../contract/dto';

const inOrder = (_key: string, value: unknown): unknown =>
  value !== null && typeof value === 'object' && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;

/** Whether two copies say the same, in whatever order the store gives their keys back. */
export const sameDoc = (a: DraftDoc | null, b: DraftDoc | null): boolean =>
  a === b || JSON.stringify(a, inOrder) === JSON.stringify(b, inOrder);
