import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CALLS, type WithBody } from '../../contract/calls';
import { BODIES, changed, placesIn, retyped } from '../../server/testing/bodies';
import { ended } from '../../server/testing/ended';
import { all, pick, random, send, start } from './common';

/** Requests with something wrong in them: taken or refused in words, never a failure of ours. */
export async function mutated(count: number): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'crumb-faults-'));
  const { child, url } = await start(dir, '--empty');
  const made = (await (await send(url, 'POST', '/formulas', BODIES.createFormula)).json()) as {
    formula: { id: string };
    version: { id: string };
  };
  const names = (Object.keys(BODIES) as WithBody[]).filter((n) => n !== 'adapt' && n !== 'bake');
  const hostile: unknown[] = [
    null,
    true,
    -1,
    0.5,
    1e308,
    2 ** 31,
    '',
    '\0',
    '\ud800',
    'x'.repeat(5000),
    [],
    {},
    [[]],
    { a: { b: 1 } },
    [null],
    '__proto__',
  ];
  const statuses = new Map<number, number>();
  let failed = 0;
  let done = 0;
  const lane = async () => {
    while (done < count) {
      done += 1;
      const name = pick(names);
      let body: unknown = BODIES[name];
      for (let k = 0; k < 1 + random() * 3; k++) {
        const place = pick(placesIn(body));
        const at = place.reduce<unknown>((v, key) => (v as Record<string | number, unknown>)[key], body);
        const way = random();
        body = changed(
          body,
          place,
          way < 0.2 && place.length > 0 ? { drop: true } : { to: way < 0.4 ? retyped(at) : pick(hostile) },
        );
      }
      const { method, path } = CALLS[name];
      const id =
        random() < 0.8
          ? name === 'markVersion'
            ? made.version.id
            : made.formula.id
          : pick(['x', '%00', '..', crypto.randomUUID()]);
      const res = await send(url, method.toUpperCase(), path.replace(':id', id), JSON.stringify(body) ?? '');
      statuses.set(res.status, (statuses.get(res.status) ?? 0) + 1);
      if (res.status >= 500) {
        failed += 1;
        if (failed < 5)
          console.log(
            name,
            res.status,
            (await res.text()).slice(0, 200),
            JSON.stringify(body)?.slice(0, 300),
          );
      } else await res.arrayBuffer();
    }
  };
  await Promise.all(Array.from({ length: 6 }, lane));
  const healthy =
    (await fetch(`${url}/health`)).ok && (await fetch(`${url}/pantry`)).ok && (await all(url)).size > 0;
  console.log(
    `${count} requests with something wrong: ${failed} × 5xx; answers ${[...statuses]
      .sort()
      .map(([s, n]) => `${s}: ${n}`)
      .join(', ')}; afterwards ${healthy ? 'everything reads' : 'SOMETHING DOES NOT READ'}`,
  );
  child.kill('SIGKILL');
  await ended(child);
  rmSync(dir, { recursive: true, force: true });
}
