export * from './forecast';
export * from './gatt';
export * from './order';
export * from './oven';
export * from './repair';
export * from './run';
export * from './standin';
export * from './steady';
