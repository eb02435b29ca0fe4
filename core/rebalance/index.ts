export { adapt } from './adapt';
export * from './types';
