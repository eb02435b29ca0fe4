export * from './actions';
export * from './edits';
export { spokenOf, type PartWords } from './named';
export * from './steps';
export type { Instead, LineChanges } from './linked';
