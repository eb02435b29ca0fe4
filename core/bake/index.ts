export * from './heat';
export * from './properties';
export * from './compare';
export * from './setup';
export * from './signs';
