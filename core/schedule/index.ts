export * from './build';
export * from './clash';
export * from './day';
export * from './live';
export * from './one';
export { planNow, type PlanMore, type Proof } from './plan';
