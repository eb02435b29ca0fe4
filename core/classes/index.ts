import { KITS } from './data/kits';
import type { Kit } from './types';

export * from './types';
export * from './strengths';
export * from './jobs-covered';
export { CLASSES, FEEL_FROM } from './data/classes';
export { KITS };
export * from './own';

const BY_ID = new Map(KITS.map((k) => [k.id, k]));

/** The kit of that id, or null. */
export function kitById(id: string): Kit | null {
  return BY_ID.get(id) ?? null;
}
