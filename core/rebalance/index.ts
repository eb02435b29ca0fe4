export { adapt } from './adapt';
export { cautionsOf, newAllergens, verdictsOf } from './assemble';
export * from './types';

/** Stamp of the engine: a kept version says which one it was worked out with. */
export const CORE_VERSION = '1';
