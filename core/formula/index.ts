export * from './profile';
export * from './types';
export * from './tins';
