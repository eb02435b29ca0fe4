import { useOutletContext } from 'react-router';
import type { BakeDay } from '../../../contract/days';
import type { KitchenOven } from '../../../contract/dto';
import type { Clash, DayAsked } from '../../../core/schedule';
import type { DayBakeRead } from './asked';
import type { DayChange } from './useDay';

/** What the pages of a day share. */
export type DayContext = {
  id: string;
  day: BakeDay;
  change: (to: DayChange) => Promise<void>;
  bakes: DayBakeRead[];
  ovens: KitchenOven[];
  /** Made anew from what is wanted now; null where nothing is wanted. */
  asked: DayAsked | null;
  /** A plan is being worked out, 0 to 1; null where none is. */
  working: number | null;
  clash: Clash | null;
  /** The server's clock, min and ms since the epoch. */
  now: number;
  nowMs: number;
};
export const useDayContext = (): DayContext => useOutletContext<DayContext>();
