export * from './match';
export * from './read';
