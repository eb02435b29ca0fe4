export * from './asked';
export * from './build';
export * from './clash';
export { planDay, type DayAnswer, type DayPlan, type Lain, type OvenStretch } from './day';
export * from './live';
export * from './one';
export type { Proof } from './plan';
