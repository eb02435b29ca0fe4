import { useSyncExternalStore } from 'react';
import type { Measurement } from '../../core/bench';
import { InstrumentStore, type Instrument } from './store';

/** One store for the page: instruments stay connected from one run to the next. */
export const INSTRUMENTS = new InstrumentStore();

export const useInstruments = () => useSyncExternalStore(INSTRUMENTS.subscribe, INSTRUMENTS.snapshot);

/** The instrument of a kind that counts; null while none sends. */
export function useCounting(kind: Measurement['kind']): Instrument | null {
  return InstrumentStore.counting(useInstruments(), kind, performance.now());
}
