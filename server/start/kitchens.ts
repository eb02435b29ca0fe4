import { LRUCache } from 'lru-cache';
import type { OpenDb } from '../db/open';
import type { House } from '../http/handlers';
import { listPantry } from '../services/pantry';
import type { Compute } from '../work/compute';

/** So many kitchens have their own things at hand; one that was not asked for longest is looked up again. */
const AT_HAND = 200;

/**
 * The kitchens of a store, each with what computes for it. What another process changes in a pantry is taken up here too.
 */
export function kitchensOf(store: OpenDb, compute: Compute): (kitchen: number) => Promise<House> {
  const known = new LRUCache<number, Promise<House>>({ max: AT_HAND });
  async function make(kitchen: number): Promise<House> {
    const house: House = { kitchen, db: store.of(kitchen), compute: compute.beside(), store };
    house.compute.know(await listPantry(house.db));
    return house;
  }
  // Looked up again when it is next asked for: the rows are read once however often they changed.
  store.news.followAll(
    'pantry',
    (kitchen) => void (kitchen === null ? known.clear() : known.delete(kitchen)),
  );
  return (kitchen) => {
    let there = known.get(kitchen);
    if (!there) {
      there = make(kitchen);
      known.set(kitchen, there);
      there.catch(() => known.delete(kitchen));
    }
    return there;
  };
}
