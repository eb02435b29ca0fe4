export * from './exclusions';
