export * from './csv';
export * from './make';
export * from './pantry';
export * from './types';
