export * from './asked';
export * from './build';
export * from './clash';
export { planDay, type DayPlan, type Lain, type OvenStretch } from './day';
export * from './lists';
export * from './live';
export * from './one';
export * from './rescues';
export * from './ticks';
