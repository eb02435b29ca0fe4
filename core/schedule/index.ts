export * from './plan';
export * from './problem';
export * from './verify';
