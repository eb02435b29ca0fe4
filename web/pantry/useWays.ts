import type { WayRow } from '../../contract/dto';
import { kitById, kitOfOwn, type Kit, type OwnKit } from '../../core/classes';
import { useWaysQuery } from '../api/ways';
import { registerOwnNames } from '../words/things';

export type Ways = { own: readonly OwnKit[]; kitOf: (id: string) => Kit | null; ready: boolean };

const NONE: Ways = { own: [], kitOf: kitById, ready: false };
const made = new WeakMap<readonly WayRow[], Ways>();

/** Ways of the baker's own beside ours, by id. Built once for an answer of the server. */
function waysFor(rows: readonly WayRow[]): Ways {
  let ways = made.get(rows);
  if (!ways) {
    registerOwnNames(rows);
    const own = rows.map(({ id, rev: _rev, ...doc }) => ({ id, doc }));
    const kits = new Map(own.map((o) => [o.id, kitOfOwn(o)]));
    ways = { own, kitOf: (id) => kits.get(id) ?? kitById(id), ready: true };
    made.set(rows, ways);
  }
  return ways;
}

/** The ways there are. Where the server does not answer, ours alone. */
export function useWays(): Ways {
  const { data, error } = useWaysQuery();
  return data ? waysFor(data) : { ...NONE, ready: error !== undefined };
}
