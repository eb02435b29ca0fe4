import type { Kitchen } from '../../contract/dto';

/** A place where two changes cannot both stand: a field, or a thing of a list by its id. */
export type KitchenClash = { key: keyof Kitchen; id: string | null; mine: unknown; theirs: unknown };
export type MergedKitchen = { merged: Kitchen; clashes: KitchenClash[] };

const text = (x: unknown): string => JSON.stringify(x) ?? 'undefined';
const same = (a: unknown, b: unknown): boolean => text(a) === text(b);

/** What tells the things of a list apart: their id, or all of it where they have none. */
const nameOf = (x: unknown): string =>
  x !== null && typeof x === 'object' && 'id' in x ? String(x.id) : text(x);

/** A list both changed: what either added is in, what either took out is not; one that both changed otherwise is a clash. */
function mergedList(
  key: keyof Kitchen,
  base: readonly unknown[],
  mine: readonly unknown[],
  theirs: readonly unknown[],
): { list: unknown[]; clashes: KitchenClash[] } {
  const by = (list: readonly unknown[]) => new Map(list.map((x) => [nameOf(x), x]));
  const [b, m, t] = [by(base), by(mine), by(theirs)];
  const clashes: KitchenClash[] = [];
  const names = [...new Set([...t.keys(), ...m.keys()])];
  const list = names.flatMap((name) => {
    const [was, here, there] = [b.get(name), m.get(name), t.get(name)];
    if (same(here, there) || same(was, here)) return there === undefined ? [] : [there];
    if (same(was, there)) return here === undefined ? [] : [here];
    clashes.push({ key, id: name, mine: here, theirs: there });
    return there === undefined ? [] : [there];
  });
  return { list, clashes };
}

/**
 * Two changes of one kitchen brought together: `mine` and `theirs` both grew from `base`. Field by field, lists thing by
 * thing. Where both changed the same otherwise, theirs stands, being kept already, and both are told as a clash.
 */
export function mergeKitchen(base: Kitchen, mine: Kitchen, theirs: Kitchen): MergedKitchen {
  const keys = [
    ...new Set([...Object.keys(base), ...Object.keys(mine), ...Object.keys(theirs)]),
  ] as (keyof Kitchen)[];
  const merged: Partial<Record<keyof Kitchen, unknown>> = {};
  const clashes: KitchenClash[] = [];
  for (const key of keys) {
    const [was, here, there] = [base[key], mine[key], theirs[key]];
    let value: unknown = there;
    if (!same(here, there) && !same(was, here)) {
      if (same(was, there)) value = here;
      else if ([was ?? [], here ?? [], there ?? []].every(Array.isArray)) {
        const lists = mergedList(
          key,
          (was ?? []) as unknown[],
          (here ?? []) as unknown[],
          (there ?? []) as unknown[],
        );
        value = lists.list;
        clashes.push(...lists.clashes);
      } else clashes.push({ key, id: null, mine: here, theirs: there });
    }
    if (value !== undefined) merged[key] = value;
  }
  return { merged: merged as Kitchen, clashes };
}

/** A kitchen with one side of a clash put in. */
export function settled(kitchen: Kitchen, { key, id, mine }: KitchenClash): Kitchen {
  if (id === null) return { ...kitchen, [key]: mine };
  const list = (kitchen[key] ?? []) as unknown[];
  const there = list.some((x) => nameOf(x) === id);
  const next = there
    ? list.flatMap((x) => (nameOf(x) !== id ? [x] : mine === undefined ? [] : [mine]))
    : mine === undefined
      ? list
      : [...list, mine];
  return { ...kitchen, [key]: next };
}
