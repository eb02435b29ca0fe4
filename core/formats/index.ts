export * from './recipe';
