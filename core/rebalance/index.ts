export { adapt, adaptSteps, finish } from './adapt';
export { fitOf, MASS_BAND } from './bands';
export { cautionsOf, newAllergens } from './verdicts';
export { holdBackOf } from './hold-back';
export type { Progress } from './bench';
export * from './differences';
export { cameOf } from './conflict-id';
export { costOf } from './price';
export * from './scale';
export * from './style';
export { madeOf, linesSpokenOf, takesOf, type Take } from './takes';
export { dosesOf, newWarnings, warningsOf } from './warnings';
export * from './types';
export { between, weighedOf } from './why';

/** Stamp of the engine: a kept version says which one it was worked out with. */
export const CORE_VERSION = '16';
