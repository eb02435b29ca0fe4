import { useOutletContext } from 'react-router';
import type { DraftDoc, StyleChoice } from '../../contract/dto';
import type { Kit } from '../../core/classes';
import type { ComputeFault } from '../workers/compute';
import type { Outcome, Solution } from '../../core/rebalance';

/** What the desk hands to its stops. */
export type DeskContext = {
  doc: DraftDoc;
  /** The answer to what is asked, with the choices made. */
  outcome: Outcome | null;
  /** Whole solutions with nothing chosen, best first. */
  whole: Solution[];
  /** The solution the desk stands on. */
  solution: Solution | null;
  working: boolean;
  /** How the house likes this one to be ranked, here or in Kitchen. */
  style: StyleChoice;
  /** Ways by id, the baker's own among them. */
  kitOf: (id: string) => Kit | null;
  /** How far long work is, 0 to 1. */
  progress: number | null;
  failed: ComputeFault | null;
  /** Works it out once more, after it failed. */
  again: () => void;
};

export const useDeskContext = (): DeskContext => useOutletContext<DeskContext>();
