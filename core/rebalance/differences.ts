import type { ClassId } from '../classes';
import {
  isBeside,
  massOf,
  profileOf,
  type Formula,
  type Line,
  type Part,
  type Profile,
  type StatedBake,
} from '../formula';
import { idOf, type Lookup } from '../ingredients';
import { fitOf } from './bands';
import type { Fit, FitKey } from './types';

/** Grams of one ingredient in several formulas: null where it is used unmeasured, undefined where there is none. */
export type LineBeside = { id: string; grams: (number | null | undefined)[]; moves: boolean };
/** A judged property in several formulas, held against the first; null where a formula has none of it. */
export type PropBeside = { key: FitKey; unit: Fit['unit']; fits: (Fit | null)[]; moves: boolean };
export type PartBeside = { id: string; name: string; lines: LineBeside[]; props: PropBeside[] };
/** Formulas laid side by side, each held against the first. */
export type Beside = {
  parts: PartBeside[];
  bakes: (StatedBake | null)[];
  tins: string[];
};

/** Two amounts that differ by less than this are the same, g: no kitchen scale tells them apart. */
const SAME_G = 0.05;
export const sameGrams = (a: number | null | undefined, b: number | null | undefined): boolean =>
  a === b || (typeof a === 'number' && typeof b === 'number' && Math.abs(a - b) < SAME_G);

const nameOf = (l: Line): string => idOf(l.item) ?? (l.item.kind === 'unknown' ? l.item.text : '');

/** Grams of every ingredient in a part, in the order they stand; several lines of one are added. */
function gramsIn(part: Part | undefined): Map<string, number | null> {
  const out = new Map<string, number | null>();
  for (const l of part?.lines ?? []) {
    const id = nameOf(l);
    const now = isBeside(l.role) && !l.amount.massG ? null : massOf(l);
    const was = out.get(id);
    out.set(id, was === undefined || was === null ? now : was + (now ?? 0));
  }
  return out;
}

/** Every ingredient of these parts, with its grams in each; `moves` where some part has other grams than the first. */
export function linesBeside(parts: readonly (Part | undefined)[]): LineBeside[] {
  const all = parts.map(gramsIn);
  const ids = new Set(all.flatMap((m) => [...m.keys()]));
  return [...ids].map((id) => {
    const grams = all.map((m) => m.get(id));
    return { id, grams, moves: grams.some((g) => !sameGrams(g, grams[0])) };
  });
}

/** Every property of the first part's class in each part, held against the first part's. */
function propsBeside(part: Part, profiles: readonly (Profile | null)[]): PropBeside[] {
  const first = profiles[0]!;
  const all = profiles.map((p) => (p ? fitOf(part, p, first) : []));
  return (all[0] ?? []).map(({ key, unit }) => {
    const fits = all.map((of) => of.find((f) => f.key === key) ?? null);
    return { key, unit, fits, moves: fits.some((f) => f?.state !== 'inside') };
  });
}

/** The same part in another formula: by id, else by name, else the only one of that class. */
function partLike(part: Part, formula: Formula): Part | undefined {
  const { parts } = formula;
  const only = (of: Part[]): Part | undefined => (of.length === 1 ? of[0] : undefined);
  const classId: ClassId = part.classId;
  return (
    parts.find((p) => p.id === part.id) ??
    parts.find((p) => p.name !== '' && p.name === part.name) ??
    only(parts.filter((p) => p.classId === classId))
  );
}

/**
 * Formulas laid side by side, the first being what the others are held against: versions of one formula, which share
 * the names of their parts. A part that the first does not have stands after its own.
 */
export function besideOf(formulas: readonly Formula[], lookup: Lookup): Beside {
  const [first, ...rest] = formulas;
  if (!first) return { parts: [], bakes: [], tins: [] };
  const known = first.parts.map((part) => [part, ...rest.map((f) => partLike(part, f))]);
  const taken = new Set(known.flat());
  const more = rest.flatMap((f, k) =>
    f.parts.filter((p) => !taken.has(p)).map((p) => formulas.map((_, i) => (i === k + 1 ? p : undefined))),
  );
  return {
    parts: [...known, ...more].map((own) => {
      const part = own.find((p) => p !== undefined)!;
      const profiles = own.map((p) => (p ? profileOf({ ...p, classId: part.classId }, lookup) : null));
      return {
        id: part.id,
        name: part.name,
        lines: linesBeside(own),
        props: profiles[0] ? propsBeside(part, profiles) : [],
      };
    }),
    bakes: formulas.map((f) => f.bake ?? null),
    tins: formulas.map((f) => f.tin?.written ?? ''),
  };
}
