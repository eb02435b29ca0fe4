import { argOf } from '../explain';
import { verdictFor } from '../exclusions';
import type { Formula } from '../formula';
import type { AvoidId, Ingredient, Lookup } from '../ingredients';
import { isDeed, TAKEN_FOR, type Step } from '../method';
import { calledIn, Lines, linkedOnce } from '../reading';
import { isForeign, isNotMeantAbroad, namedAbroad } from './foreign';

/** It is likened to a thing, or told to be none of it: "as thick as double cream", "dairy-free milk", "in place of eggs". */
const NOT_MEANT =
  /\b(?:like|as|than|(?:consistency|texture|thickness|colou?r|shade|size) of|no|not|without|tested with|instead of|in place of|rather than)\s+(?:(?:an?|the|your|thick|thin|double|single|soft|pouring|whipped|melted|any)\s+)*$|\b(?:(?:dairy|milk|egg|nut)[- ]free|vegan|plant|plant[- ]based|non[- ]dairy|coconut|oat|soya?|rice|almond|nut|seed|cocoa|apple|peanut)[ -]$/i;
/** It goes on to another thing: "egg-sized", "nut-free", "butter paper". */
const OF_ANOTHER =
  /^(?:[- ](?:free|sized?|shaped|like|knife|paper|dish|cup|timer|beans?|nut|fruit|brown)\b)/i;

/** What is spoken of as there already: "the butter", "the beaten egg". */
const DEFINITE = /\b(?:the|this|that|your)\s+(?:\p{L}+\s+)?$/iu;
/** What is made in the bake itself, and called so when it is there. */
const MADE = /^custards?$/i;

/** The words of a step that stand as they were written: what was swapped is blanked, its place kept. */
function wordsLeft({ text, own, swaps = [] }: Step): string {
  let out = own ?? text;
  if (own === undefined)
    for (const { from, to } of swaps) out = out.slice(0, from) + ' '.repeat(to - from) + out.slice(to);
  return out;
}

/** Whether a note on a step says already that something comes in place of such a thing: of this one, or of one that holds as much. */
const isTold = (
  { notes }: Step,
  ingredient: Ingredient | null,
  contains: readonly AvoidId[],
  lookup: Lookup,
): boolean =>
  notes.some((n) => {
    const was = argOf(n, 'was');
    const left = was === undefined ? null : lookup({ kind: 'ref', id: was });
    if (!left) return false;
    return ingredient
      ? left.group === ingredient.group
      : contains.length > 0 && contains.every((a) => left.facts[a] === 'yes');
  });

/** Words of a step for something that is avoided, or may be, and that no line of the list has. */
export type Beside = { stepId: string; text: string; contains: AvoidId[]; unknown: AvoidId[] };

/**
 * What the method calls by name and the list does not have: an egg wash, nuts for the top, butter to serve. What links to a line
 * of the list is judged there; what was swapped, noted or struck is told. The same words of a step are told once.
 */
export function besideTheList(given: Formula, avoids: readonly AvoidId[], lookup: Lookup): Beside[] {
  const formula = linkedOnce(given, lookup);
  const there = new Set(formula.parts.flatMap((p) => p.lines.map((l) => l.id)));
  // The words were written before anything came in: nobody called that butter.
  const written = formula.parts.map((p) => ({ ...p, lines: p.lines.filter((l) => !l.came) }));
  const lines = new Lines(written, lookup);
  const partNames = new Set(formula.parts.flatMap((p) => p.name.toLowerCase().split(/[^\p{L}]+/u)));
  const passes = (phrase: string): boolean =>
    lines.calledBy(phrase).some((c) => lines.isOf(c.line.id, phrase)) || lines.says(phrase);
  const abroad = isForeign(formula.method.map((s) => s.own ?? s.text).join(' '));
  const held = abroad ? formula.parts.flatMap((p) => p.lines.map((l) => lookup(l.item))) : [];
  const maybe = (word: string): AvoidId[] => avoids.filter((a) => TAKEN_FOR[a]?.test(word));
  return formula.method.flatMap((step) => {
    if (step.own === undefined && (step.added || step.struck)) return [];
    const text = wordsLeft(step);
    const linked = step.own === undefined ? (step.actions ?? []).flatMap((a) => a.names ?? []) : [];
    const found = new Map<string, Beside>();
    for (const { ingredient, from, to } of calledIn(text, passes, (w) => maybe(w).length > 0)) {
      const word = text.slice(from, to);
      const [before, after] = [text.slice(0, from), text.slice(to)];
      if (NOT_MEANT.test(before) || OF_ANOTHER.test(after) || isDeed(word, before)) continue;
      if (abroad && isNotMeantAbroad(text, from, to)) continue;
      const isThere = DEFINITE.test(before);
      const last = word.split(' ').at(-1)!;
      const isListed = linked.some(
        (n) =>
          n.from < to &&
          from < n.to &&
          n.lineIds.some((id) => there.has(id) && (isThere || lines.isOf(id, last))),
      );
      if (isListed || (!ingredient && partNames.has(word.toLowerCase()))) continue;
      if (isThere && MADE.test(word)) continue;
      const { contains, unknown } = ingredient
        ? verdictFor(lookup({ kind: 'ref', id: ingredient.id }), avoids)
        : { contains: maybe(word), unknown: [] };
      if (contains.length + unknown.length > 0 && !isTold(step, ingredient, contains, lookup))
        found.set(word.toLowerCase(), { stepId: step.id, text: word, contains, unknown });
    }
    // A word that some line of the list holds too is told there: how it is inflected is not known.
    for (const { from, to, avoids: named } of abroad ? namedAbroad(text) : []) {
      const contains = avoids.filter((a) => named.includes(a) && !held.some((i) => i?.facts[a] === 'yes'));
      const word = text.slice(from, to);
      if (contains.length > 0 && !isTold(step, null, contains, lookup))
        found.set(word.toLowerCase(), { stepId: step.id, text: word, contains, unknown: [] });
    }
    return [...found.values()];
  });
}
