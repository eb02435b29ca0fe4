export * from './sourced';
