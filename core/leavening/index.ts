export * from './altitude';
export * from './budget';
export * from './chemistry';
export * from './exchange';
export * from './gauge';
export * from './risk';
export * from './starter';
export * from './yeast';
