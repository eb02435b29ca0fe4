export * from './exclusions';
export * from './labels';
