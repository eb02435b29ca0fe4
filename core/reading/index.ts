export { minutesIn, temperaturesIn } from './heats';
export { checkShares, type Fix } from './checks';
export { expandRow, nameIn, readLineWith, reweigh } from './line';
export * from './match';
export * from './read';
export { readTin } from './tin';
