export { minutesIn, temperaturesIn } from './heats';
export { checkShares, type Fix } from './checks';
export { readLineWith, reweigh } from './line';
export { nameIn } from './names';
export { MAX_LINES } from './sections';
export { expandRow } from './things';
export * from './match';
export * from './read';
export { readTin } from './tin';
