export * from './actions';
export * from './edits';
export { isDeed, spokenOf, type PartWords } from './named';
export * from './steps';
export { TAKEN_FOR, type Instead, type LineChanges } from './linked';
