export * from './fold';
export * from './sourced';
