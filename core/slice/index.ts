export { findCard } from './find';
export * from './marks';
export * from './measure';
export * from './types';
