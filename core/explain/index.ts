export * from './fold';
export * from './messages';
export * from './sourced';
export * from './learnt';
