export type { BakeIssue } from './bake';
export type { Fix } from './checks';
export { nameIn, type LineIssue, type ReadContext, type ReadLine } from './line';
export * from './match';
export * from './read';
