export * from './recipe';
export * from './several';
export * from './columns';
