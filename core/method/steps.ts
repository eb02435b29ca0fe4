import type { StepMsg } from '../explain';
import type { Action, ActionMend } from './actions';

/** What a step of making does; read from its verbs. */
export const STEP_KINDS = [
  'prepare',
  'gel',
  'soak',
  'cream',
  'rub',
  'whisk',
  'melt',
  'mix',
  'knead',
  'fold',
  'rest',
  'shape',
  'proof',
  'fill',
  'wash',
  'bake',
  'cool',
  'other',
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** Words of a step that leave: where they stand in its text, first to one past the last, and what comes in their place. */
export type WordSwap = { from: number; to: number; msg: StepMsg };

/**
 * One step of the method. `text` is what was written; a step that a swap brings in has `added` instead, for
 * which the interface has words. `swaps` are words of it that leave, in order; `notes` are what else changes at this step.
 */
export type Step = {
  id: string;
  kind: StepKind;
  text: string;
  added?: StepMsg;
  swaps?: WordSwap[];
  /** What its words tell of, in order, linked to the lines. */
  actions?: Action[];
  /** What the baker put right in how its words were read. */
  mends?: ActionMend[];
  notes: StepMsg[];
  struck?: StepMsg;
  /** The baker's own words, in place of all the rest. */
  own?: string;
};

/** Verbs by kind, the more telling kinds first: "fold in the nuts, then bake" is looked at for baking last. */
const VERBS: [StepKind, RegExp][] = [
  ['cool', /\b(cool|leave in the tin|turn out|unmould)\b/i],
  ['prepare', /\b(pre-?heat|heat the oven|oven to|line|grease|butter (the|a) tin)\b/i],
  ['bake', /\b(bake|oven for)\b/i],
  ['proof', /\b(proof|prove|rise|risen|double)\b/i],
  ['wash', /\b(brush|glaze|wash)\b/i],
  ['shape', /\b(shape|roll|press|cut into|form|mark)\b/i],
  ['fill', /\b(pour|spoon|scrape|divide|fill|transfer)\b/i],
  ['cream', /\b(cream(?!\s+of)(?=\s+(the|butter|together))|beat the butter|beat butter)\b/i],
  ['rub', /\b(rub|cut in)\b/i],
  ['whisk', /\b(whisk|whip|beat)\b/i],
  ['melt', /\b(melt)\b/i],
  ['fold', /\b(fold)\b/i],
  ['knead', /\b(knead)\b/i],
  ['soak', /\b(soak)\b/i],
  ['rest', /\b(rest|chill|stand)\b/i],
  ['mix', /\b(mix|stir|combine|add|sift|work)\b/i],
];

function kindOf(text: string): StepKind {
  return VERBS.find(([, verb]) => verb.test(text))?.[0] ?? 'other';
}

/** What only tells how many it makes is nothing to do: "Makes about 28." */
const ONLY_MAKES = /^(?:makes|serves|yields?)\b[^.!?]{0,60}\d[^.!?]{0,40}[.!]?$/i;
const MAX_STEPS = 60;

/** A full stop behind a word, not behind a shortened one. */
const STOPPED =
  /(?<=\p{L}{3}[.!?])(?<!\b(?:mins?|secs?|hrs|tbsps?|tsps?|temp|approx|deg|pkt|lbs|pts|med|lge|incl|etc)\.)\s+(?=\p{Ll})/iu;
/** The sentences of a row. Where none begins with a capital, whoever wrote it wrote none. */
function sentencesOf(text: string): string[] {
  const capital = text.split(/(?<=[.!?])\s+(?=\p{Lu})/u);
  return capital.length > 1 ? capital : text.split(STOPPED);
}

/**
 * Reads a method into steps: one a line where it has several lines, else one a sentence; leading numbers and
 * bullets are taken off. At most 60 steps are made; what follows stays together in the last.
 */
export function readSteps(text: string): Step[] {
  const lines = text
    .split(/\r?\n/)
    .map((l) => l.trim())
    .filter(Boolean);
  const raw = lines.length > 1 ? lines : sentencesOf(text);
  const clean = raw
    .map((s) => s.replace(/^\s*(?:(?:step\s*)?\d{1,2}[.):]\s+|[-*•]\s+)/i, '').trim())
    .filter((s) => s !== '' && !ONLY_MAKES.test(s));
  const kept =
    clean.length > MAX_STEPS
      ? [...clean.slice(0, MAX_STEPS - 1), clean.slice(MAX_STEPS - 1).join(' ')]
      : clean;
  return kept.map((t, i) => ({ id: `s${i + 1}`, kind: kindOf(t), text: t, notes: [] }));
}

/** Steps without what they were linked to, to be linked again: after a line or a word of them has changed. */
export const unlinked = (steps: readonly Step[]): Step[] => steps.map(({ actions: _old, ...step }) => step);
