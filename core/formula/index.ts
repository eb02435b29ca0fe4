export * from './profile';
export * from './types';
export * from './tins';
export * from './open';
export * from './main';
