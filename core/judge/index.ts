import type { RiskId } from '../leavening';
import { FAULTS } from './data/faults';
import type { FaultId } from './types';

export * from './change';
export * from './diagnose';
export * from './effects';
export * from './evidence';
export * from './experiment';
export * from './series';
export * from './tasting';
export * from './trial';
export * from './types';
export { FAULTS };

/** The fault that a foreseen risk of the rise would be, once it is baked. */
export const faultOfRisk = (risk: RiskId): FaultId | null => FAULTS.find((f) => f.risk === risk)?.id ?? null;
