import type { LiftPlan } from '../../../core/leavening';

/** A plan and how a part of it is changed; `field` names what is being typed in. */
export type Planned = {
  plan: LiftPlan;
  onPlan: (more: Partial<LiftPlan>, field: string) => void;
};
