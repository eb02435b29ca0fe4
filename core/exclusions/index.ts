export * from './eaters';
export * from './exclusions';
export { MAX_LABEL_CHARS } from './label-text';
export * from './labels';
export * from './rulesets';
export { KNOWN_PHRASES, namedIn, type Named } from './vocabulary';
