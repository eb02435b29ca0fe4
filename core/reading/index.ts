export type { BakeIssue } from './bake';
export type { Fix } from './checks';
export { checkShares } from './checks';
export {
  expandRow,
  nameIn,
  readLineWith,
  reweigh,
  type LineIssue,
  type ReadContext,
  type ReadLine,
} from './line';
export * from './match';
export * from './read';
