import type { VersionMeta } from '../../contract/dto';
import { versionsWords } from '../words/data/en/versions';

const W = versionsWords.order;

/** A version in the tree of those that grew from one another; `depth` 0 is the source. */
export type Grown = { version: VersionMeta; depth: number; branches: boolean };

/**
 * The versions with each after the one it grew from, first to last. One after another stays at one depth, as trials
 * do; only where two or more grew from the same one do they stand deeper.
 */
export function grownOrder(versions: readonly VersionMeta[]): Grown[] {
  const ids = new Set(versions.map((v) => v.id));
  const childrenOf = (id: string | null): VersionMeta[] =>
    versions.filter((v) => (v.parentId !== null && ids.has(v.parentId) ? v.parentId : null) === id);
  const walk = (of: readonly VersionMeta[], depth: number): Grown[] =>
    of.flatMap((version) => {
      const next = childrenOf(version.id);
      return [
        { version, depth, branches: next.length > 1 },
        ...walk(next, next.length > 1 ? depth + 1 : depth),
      ];
    });
  return walk(childrenOf(null), 0);
}

/** From the source to a version, each the parent of the next. */
export function lineTo(versions: readonly VersionMeta[], id: string): VersionMeta[] {
  const byId = new Map(versions.map((v) => [v.id, v]));
  const line: VersionMeta[] = [];
  for (let v = byId.get(id); v && !line.includes(v); v = v.parentId ? byId.get(v.parentId) : undefined)
    line.unshift(v);
  return line;
}

/** What a version is called: a source has no name of its own. */
export const versionName = (v: VersionMeta, versions: readonly VersionMeta[]): string =>
  v.targetId !== null ? v.name : v.id === versions[0]?.id ? W.asWritten : v.name || W.asWrittenMended;

/** At most so many are laid side by side. */
export const MOST_BESIDE = 3;

/** Those asked for in the address, in the order they were kept; else the latest and what it grew from. */
export function besideIn(asked: string | null, versions: readonly VersionMeta[]): string[] {
  const wanted = new Set(asked?.split(',') ?? []);
  const there = versions.filter((v) => wanted.has(v.id)).map((v) => v.id);
  if (asked !== null) return there.slice(0, MOST_BESIDE);
  const last = versions.at(-1);
  const from = versions.find((v) => v.id === last?.parentId);
  return last && from ? [from.id, last.id] : [];
}
