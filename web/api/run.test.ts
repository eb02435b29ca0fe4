import { configureStore } from '@reduxjs/toolkit';
import { afterEach, expect, it, vi } from 'vitest';
import type { RunDetail } from '../../contract/bench';
import type { BenchEvent } from '../../core/bench';
import { daysApi as api } from './days';

afterEach(() => vi.unstubAllGlobals());

const event = (n: number): BenchEvent => ({ id: `e${n}`, at: n, kind: 'weighed', weighing: `w${n}`, g: n });
const run = (n: number): RunDetail => ({
  id: 'r',
  formulaId: 'f',
  versionId: 'v',
  title: 'Muffins',
  batches: 1,
  scaleStepG: 1,
  begunAt: 0,
  events: Array.from({ length: n }, (_, i) => event(i + 1)),
});

it('of two answers about a run the older takes nothing back, in whatever order they come', async () => {
  const open: ((r: RunDetail) => void)[] = [];
  vi.stubGlobal(
    'fetch',
    vi.fn(
      () =>
        new Promise<Response>((answer) =>
          open.push((r) =>
            answer(new Response(JSON.stringify(r), { headers: { 'content-type': 'application/json' } })),
          ),
        ),
    ),
  );
  const store = configureStore({
    reducer: { [api.reducerPath]: api.reducer },
    middleware: (get) => get().concat(api.middleware),
  });
  const asked = async (n: number): Promise<(r: RunDetail) => void> => {
    await vi.waitFor(() => expect(open).toHaveLength(n));
    return open[n - 1]!;
  };
  const count = (): number | undefined => api.endpoints.run.select('r')(store.getState()).data?.events.length;
  const subscribed = store.dispatch(api.endpoints.run.initiate('r'));
  (await asked(1))(run(0));
  await subscribed;
  expect(count()).toBe(0);
  const deed = (n: number) => {
    const { id, at: _at, ...doc } = event(n);
    return { id, agoMs: 0, doc };
  };
  const first = store.dispatch(api.endpoints.addEvents.initiate({ id: 'r', events: [deed(1)] }));
  const answerFirst = await asked(2);
  const second = store.dispatch(api.endpoints.addEvents.initiate({ id: 'r', events: [deed(1), deed(2)] }));
  (await asked(3))(run(2));
  await second;
  await vi.waitFor(() => expect(count()).toBe(2));
  answerFirst(run(1));
  await first;
  expect(count()).toBe(2);
  // Neither does one that was asked for before and comes after.
  const again = subscribed.refetch();
  (await asked(4))(run(1));
  await again;
  expect(count()).toBe(2);
});
