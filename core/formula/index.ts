export * from './profile';
export * from './types';
