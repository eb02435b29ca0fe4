import type { Msg } from '../explain';

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

/**
 * One step of the method. `text` is what was written; a step that a swap brings in has `added` instead, for
 * which the interface has words. `notes` are what changes at this step.
 */
export type Step = {
  id: string;
  kind: StepKind;
  text: string;
  added?: Msg;
  notes: Msg[];
  struck?: Msg;
  /** The baker's own words, in place of all the rest. */
  own?: string;
};

/** What the baker makes of a change: leaves it off, or says the step in other words. By step id. */
export type StepChoices = Record<string, { off: true } | { own: string }>;

/** What a swap does to the method. An insertion is left out where a step speaks of one of the `unless` words. */
export type StepEdit =
  | { op: 'insert'; before: StepKind[]; kind: StepKind; msg: Msg; unless?: string[] }
  | { op: 'note'; at: StepKind[]; msg: Msg }
  | { op: 'strike'; at: StepKind[]; msg: Msg }
  | { op: 'instead'; words: string[]; msg: Msg };

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

const MAX_STEPS = 60;

/**
 * Reads a method into steps: one a line where it has several lines, else one a sentence; leading numbers and
 * bullets are taken off. At most 60 steps are made; what follows stays together in the last.
 */
export function readSteps(text: string): Step[] {
  const lines = text
    .split(/\r?\n/)
    .map((l) => l.trim())
    .filter(Boolean);
  const raw = lines.length > 1 ? lines : text.split(/(?<=[.!?])\s+(?=[A-Z])/);
  const clean = raw
    .map((s) => s.replace(/^\s*(?:(?:step\s*)?\d{1,2}[.):]\s+|[-*•]\s+)/i, '').trim())
    .filter(Boolean);
  const kept =
    clean.length > MAX_STEPS
      ? [...clean.slice(0, MAX_STEPS - 1), clean.slice(MAX_STEPS - 1).join(' ')]
      : clean;
  return kept.map((t, i) => ({ id: `s${i + 1}`, kind: kindOf(t), text: t, notes: [] }));
}

/** Finds any of the words, whole, in a text; compiled once for an edit. */
const wordPattern = (words: readonly string[]): RegExp =>
  new RegExp(
    `(?<![\\p{L}-])(?:${words.map((w) => w.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')).join('|')})(?![\\p{L}])`,
    'iu',
  );

/** Where a step goes: before the first of the kinds named, in the place of its part where the method speaks of that. */
function insertAt(steps: readonly Step[], { before, kind, msg }: StepEdit & { op: 'insert' }): number {
  const end = (at: number): number => (at >= 0 ? at : steps.length);
  const start = end(steps.findIndex((s) => s.kind !== 'prepare'));
  const part = typeof msg.args.part === 'string' ? partWord(msg.args.part) : '';
  const named = part ? steps.findIndex((s) => wordPattern([part]).test(s.text)) : -1;
  const at = steps.findIndex((s, i) => i >= named && before.includes(s.kind));
  if (named >= 0) return at >= 0 && !bakesBetween(steps, named, at) ? at : named;
  if (at < 0) return start;
  // A gel waits well; one that is made only after something was baked may be too late for it.
  return kind === 'gel' && bakesBetween(steps, 0, at) ? start : at;
}
const bakesBetween = (steps: readonly Step[], from: number, to: number): boolean =>
  steps.slice(from, to).some((s) => s.kind === 'bake');

/** Called by what it says and of what, so that a baker's word on it outlives other changes. */
function addedId({ msg }: StepEdit & { op: 'insert' }, steps: readonly Step[]): string {
  const id = ['+', msg.code, msg.args.n1, msg.args.part].filter((x) => x !== undefined).join(':');
  const same = steps.filter((s) => s.id === id || s.id.startsWith(`${id}#`)).length;
  return same === 0 ? id : `${id}#${same + 1}`;
}

/**
 * The method as the baker wants it: a change left off takes an added step out, and lets a step of the source stand
 * as it was written; own words stand in place of a step and what was noted on it.
 */
export const withChoices = (steps: readonly Step[], choices: StepChoices): Step[] =>
  steps.flatMap((s): Step[] => {
    const choice = choices[s.id];
    if (!choice) return [s];
    if ('own' in choice) return [{ id: s.id, kind: s.kind, text: s.text, notes: [], own: choice.own }];
    return s.added ? [] : [{ id: s.id, kind: s.kind, text: s.text, notes: [] }];
  });

/** True where a step is not as the source has it. */
export const isChanged = (s: Step): boolean =>
  s.added !== undefined || s.struck !== undefined || s.notes.length > 0 || s.own !== undefined;

/** How a method speaks of a part: by the last word of its name. */
const partWord = (part: string): string => part.split(' ').at(-1)!;

/**
 * The method with the edits made, each marked where it acts. A step that names some of the `parts` takes only what is
 * for those. The given steps are not changed.
 */
export function applyEdits(
  steps: readonly Step[],
  edits: readonly StepEdit[],
  parts: readonly string[] = [],
): Step[] {
  const patterns = parts.filter(Boolean).map((part) => ({ part, is: wordPattern([partWord(part)]) }));
  const isForOthers = (step: Step, { msg }: StepEdit): boolean => {
    const named = patterns.filter((p) => p.is.test(step.text)).map((p) => p.part);
    return typeof msg.args.part === 'string' && named.length > 0 && !named.includes(msg.args.part);
  };
  // Where the wash has a stand-in of its own, that of the dough has nothing to say there.
  const washed = edits.some((e) => e.op !== 'instead' && e.op !== 'insert' && e.at.includes('wash'));
  let out: Step[] = steps.map((s) => ({ ...s, notes: [...s.notes] }));
  for (const edit of edits) {
    if (edit.op === 'insert') {
      const unless = edit.unless && wordPattern(edit.unless);
      if (unless && out.some((s) => unless.test(s.text))) continue;
      const step: Step = {
        id: addedId(edit, out),
        kind: edit.kind,
        text: '',
        added: edit.msg,
        notes: [],
      };
      const at = insertAt(out, edit);
      out = [...out.slice(0, at), step, ...out.slice(at)];
      continue;
    }
    const words = edit.op === 'instead' ? wordPattern(edit.words) : null;
    for (const step of out) {
      if (step.added || isForOthers(step, edit)) continue;
      const hit =
        edit.op === 'instead'
          ? words?.test(step.text) && !(washed && step.kind === 'wash')
          : edit.at.includes(step.kind);
      if (!hit) continue;
      if (edit.op === 'strike') step.struck = edit.msg;
      else step.notes.push(edit.msg);
    }
  }
  return out;
}
