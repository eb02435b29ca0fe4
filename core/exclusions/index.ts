export * from './eaters';
export * from './exclusions';
export * from './labels';
export * from './rulesets';
