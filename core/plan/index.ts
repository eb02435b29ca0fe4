export * from './clock';
export * from './tasks';
