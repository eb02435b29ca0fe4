export * from './units';
export * from './air';
