import { useInterval } from '@mantine/hooks';
import { useState } from 'react';
import { useHealthQuery } from '../api/api';

const TICK_MS = 1000;
const LOOK_MS = 300_000;

/** The server's clock, ms since the epoch, by the second: timers of two devices end together. */
export function useServerNow(): number {
  const { data } = useHealthQuery(undefined, { pollingInterval: LOOK_MS });
  const ahead = data?.aheadMs ?? 0;
  const [now, setNow] = useState(() => Date.now());
  useInterval(() => setNow(Date.now()), TICK_MS, { autoInvoke: true });
  return now + ahead;
}
