export * from './tasks';
