export * from './fold';
export * from './sourced';
export * from './learnt';
