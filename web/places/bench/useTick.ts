import { useInterval } from '@mantine/hooks';
import { useState } from 'react';

/** Draws anew every second: what has fallen silent tells nothing by itself. */
export function useTick(): void {
  const [, tick] = useState(0);
  useInterval(() => tick((n) => n + 1), 1000, { autoInvoke: true });
}
