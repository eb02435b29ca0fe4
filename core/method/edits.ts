import { argOf, msg, type StepMsg } from '../explain';
import {
  besides,
  linkedNames,
  NO_CHANGES,
  otherWords,
  type Instead,
  type LineChanges,
  type Linked,
} from './linked';
import { namer, partsTold, wordPattern, type PartWords } from './named';
import type { Step, StepKind, WordSwap } from './steps';

/** What the baker makes of a change: leaves it off, or says the step in other words. By step id. */
export type StepChoices = Record<string, { off: true } | { own: string }>;

/** What a swap does to the method. An insertion is left out where a step speaks of one of the `unless` words. */
export type StepEdit =
  /** `lineIds`: lines it is in place of; it comes before the first step that speaks of them. */
  | { op: 'insert'; before: StepKind[]; kind: StepKind; msg: StepMsg; unless?: string[]; lineIds?: string[] }
  | { op: 'note'; at: StepKind[]; msg: StepMsg }
  | { op: 'strike'; at: StepKind[]; msg: StepMsg }
  /** A note at steps that speak of one of the words, and of none of the `unless` words. */
  | { op: 'at'; words: string[]; msg: StepMsg; unless?: string[] }
  | Instead;
type InPart = { msg: StepMsg };
const partOf = ({ msg: { args } }: InPart): string | null =>
  typeof args.part === 'string' ? args.part : null;

const bakesBetween = (steps: readonly Step[], from: number, to: number): boolean =>
  steps.slice(from, to).some((s) => s.kind === 'bake');

/** Where a step goes: before the first of the kinds named, in the place of its part where the method speaks of that. */
function insertAt(
  steps: readonly Step[],
  edit: StepEdit & { op: 'insert' },
  told: (step: Step) => string[],
): number {
  const { before, kind } = edit;
  const end = (at: number): number => (at >= 0 ? at : steps.length);
  const start = end(steps.findIndex((s) => s.kind !== 'prepare'));
  const part = partOf(edit);
  const named = part === null ? -1 : steps.findIndex((s) => !s.added && told(s).includes(part));
  const speaks = steps.findIndex((s) =>
    s.actions?.some((a) => a.names?.some((n) => n.lineIds.some((id) => edit.lineIds?.includes(id)))),
  );
  const usual = steps.findIndex((s, i) => i >= named && before.includes(s.kind));
  // What is made for a step stands before it, whatever that step begins with.
  const at = speaks >= 0 && (usual < 0 || speaks < usual) && before.length > 0 ? speaks : usual;
  if (named >= 0) return at >= 0 && !bakesBetween(steps, named, at) ? at : named;
  if (at < 0) return start;
  // A gel waits well; one that is made only after something was baked may be too late for it.
  return kind === 'gel' && bakesBetween(steps, 0, at) ? start : at;
}

/** Called by what it says and of what, so that a baker's word on it outlives other changes. */
function addedId({ msg }: StepEdit & { op: 'insert' }, steps: readonly Step[]): string {
  const id = ['+', msg.code, argOf(msg, 'n1'), msg.args.part].filter((x) => x !== undefined).join(':');
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
  s.added !== undefined ||
  s.struck !== undefined ||
  (s.swaps?.length ?? 0) > 0 ||
  s.notes.length > 0 ||
  s.own !== undefined;

/** What follows is brushed on, until another deed begins. */
const BRUSHED =
  /\b(?:brush|paint|glaze|wash)\b(?:(?!\b(?:then|beat|add|stir|whisk|mix|fold|scatter|sprinkle|bake)\b)[^.;])*$/i;

/** What follows is eaten with it. */
const SERVED = /\b(?:serve[ds]?|eat)\b[^.;]*$/i;

/** What is whisked until it holds air. */
const TO_A_FOAM = /\b(?:froth|stiff|peaks?\b|pale|ribbon|foam|fluffy|airy|meringue)/i;

/** `linked`: its words are known by the method's links, and do not have to be looked for. */
type Candidate = { from: number; to: number; exact: boolean; linked: boolean; edit: Instead } & Partial<
  Pick<Linked, 'word'>
>;
const overlap = (a: Candidate, b: Candidate): boolean => a.from < b.to && b.from < a.to;
const length = (c: Candidate): number => c.to - c.from;

/**
 * Puts into the words of a step what comes for what leaves. The longest name is meant, an exact one before a loose; what
 * has two stand-ins, is for a part of which the step may not speak, or has nothing to name, is noted.
 */
function putInstead(
  step: Step,
  edits: readonly (Instead & { find: Finder })[],
  certain: (e: Instead) => boolean,
  changes: LineChanges,
): Step {
  const used = new Set(step.actions?.flatMap((a) => a.uses?.map((u) => u.lineId) ?? []));
  /** It is brushed on, or eaten with it, and is not what went into the dough. */
  const isBeside = ({ from, edit }: Candidate): boolean => {
    const before = step.text.slice(0, from);
    return (
      (edit.notBrushed === true && BRUSHED.test(before)) ||
      (SERVED.test(before) && !edit.lineIds.some((id) => used.has(id)))
    );
  };
  const all = [
    ...linkedNames(step, edits, changes).map((l): Candidate => ({ ...l, exact: true, linked: true })),
    ...edits.flatMap((edit): Candidate[] => [
      ...edit.find.exact(step.text).map((at) => ({ ...at, exact: true, linked: false, edit })),
      ...edit.find.loose(step.text).map((at) => ({ ...at, exact: false, linked: false, edit })),
    ]),
  ];
  const found = all.filter((c) => !isBeside(c));
  found.sort(
    (a, b) =>
      Number(b.linked) - Number(a.linked) || Number(b.exact) - Number(a.exact) || length(b) - length(a),
  );
  const taken: Candidate[] = [];
  const notes: StepMsg[] = [];
  const note = (m: StepMsg) => {
    if (!notes.includes(m)) notes.push(m);
  };
  for (const c of found) {
    const other = taken.find((t) => overlap(t, c));
    const apart = other && c.word ? besides(step.text, { ...c, word: c.word }, taken) : null;
    if (!other) taken.push(c);
    else if (apart) taken.push(apart);
    else if (
      other.edit !== c.edit &&
      other.from === c.from &&
      other.to === c.to &&
      other.exact === c.exact &&
      // Words that are linked to one line mean no other.
      !other.linked
    )
      note(c.edit.msg);
  }
  const inline = taken.filter(({ edit, linked }) => linked || (edit.inline && certain(edit)));
  for (const c of taken) if (!inline.includes(c) || c.edit.comes !== 'thing') note(c.edit.msg);
  const warn = (code: 'step.noFoam' | 'step.noBrowning', edit: Instead) => {
    const part = partOf(edit);
    note(msg(code, part === null ? {} : { part }));
  };
  const flat = taken.find(({ edit }) => !edit.foams)?.edit;
  if (flat && step.kind === 'whisk' && TO_A_FOAM.test(step.text)) warn('step.noFoam', flat);
  const butter = taken.find(({ from, to }) => /\bbutter\b/i.test(step.text.slice(from, to)))?.edit;
  if (butter && TO_BROWN.test(step.text)) warn('step.noBrowning', butter);
  const said = withoutEnds(
    step.text,
    toldOnce(
      step.text,
      inline.map(({ from, to, edit }) => ({ from, to, msg: swapOf(edit) })),
    ),
  );
  const swaps = [
    ...said,
    ...otherWords(step, changes).filter((s) => !said.some((x) => x.from < s.to && s.from < x.to)),
  ].sort((a, b) => a.from - b.from);
  if (taken.length === 0 && swaps.length === 0) return step;
  return { ...step, ...(swaps.length > 0 ? { swaps } : {}), notes: [...step.notes, ...notes] };
}
/** Butter that is browned: its milk solids are, and what stands in has none. Brown sugar beside it is another thing. */
const TO_BROWN =
  /\bbrown(?:ed|ing)?\s+(?:the\s+)?butter\b|\bbutter\b[^.]{0,40}\b(?:browned|browns|nutty|noisette|brown(?!\s+(?:sugar|rice|muscovado)))\b/i;

/** "Brush with the yolk and milk": where one thing comes for both, it is said once. */
function toldOnce(text: string, swaps: WordSwap[]): WordSwap[] {
  const sorted = [...swaps].sort((a, b) => a.from - b.from);
  return sorted.map((s, i) => {
    const before = sorted[i - 1];
    const same =
      before && argOf(s.msg, 'kit') !== undefined && argOf(before.msg, 'kit') === argOf(s.msg, 'kit');
    return same && /^\s*(?:,|and|&|\+)\s*(?:the\s+)?$/i.test(text.slice(before.to, s.from))
      ? { from: before.to, to: s.to, msg: msg('step.nothing') }
      : s;
  });
}
/** What joined a list to names that left its end goes with them: "butter, eggs and yolk." is "butter." */
const JOINS = /\s*(?:,|[&+]|\b(?:and|with)\b)\s*$/i;
function withoutEnds(text: string, swaps: readonly WordSwap[]): WordSwap[] {
  const out: WordSwap[] = [];
  for (const s of swaps) {
    const last = out.at(-1);
    const goesOn = last && isNothing(last) && isNothing(s) && text.slice(last.to, s.from).trim() === '';
    if (goesOn) out[out.length - 1] = { ...last, to: s.to };
    else out.push(s);
  }
  return out.map((s) => {
    const joins =
      isNothing(s) && /^\s*(?:[.,;)]|$)/.test(text.slice(s.to)) ? JOINS.exec(text.slice(0, s.from)) : null;
    return joins ? { ...s, from: joins.index } : s;
  });
}
const isNothing = ({ msg: m }: WordSwap): boolean => m.code === 'step.nothing';
const swapOf = ({ comes, msg: m }: Instead): StepMsg =>
  comes === 'thing' ? m : comes === 'water' ? msg('step.called', { id: 'water' }) : msg('step.nothing');
/** Whether a step is linked to a line that an edit is for. */
const speaksOf = (step: Step, e: Instead): boolean =>
  step.actions?.some((a) => a.names?.some((n) => n.lineIds.some((id) => e.lineIds.includes(id)))) ?? false;
type Finder = Record<'exact' | 'loose', ReturnType<typeof namer>>;

/**
 * The method with the edits made, each marked where it acts. A step that speaks of some of the `parts` takes only what
 * is for those; `changes` says which lines leave, so that what is linked to them need not be looked for. The given steps are
 * not changed.
 */
export function applyEdits(
  steps: readonly Step[],
  edits: readonly StepEdit[],
  parts: readonly PartWords[] = [],
  changes: LineChanges = NO_CHANGES,
): Step[] {
  const told = partsTold(parts);
  const isFor = (step: Step, edit: InPart): boolean => {
    const [part, of] = [partOf(edit), told(step)];
    return part === null || of.length === 0 || of.includes(part);
  };
  let out: Step[] = steps.map((s) => ({ ...s, notes: [...s.notes] }));
  for (const edit of edits) {
    if (edit.op === 'instead') continue;
    if (edit.op === 'insert') {
      const unless = edit.unless && wordPattern(edit.unless);
      if (unless && out.some((s) => unless.test(s.text))) continue;
      const step: Step = { id: addedId(edit, out), kind: edit.kind, text: '', added: edit.msg, notes: [] };
      const at = insertAt(out, edit, told);
      out = [...out.slice(0, at), step, ...out.slice(at)];
      continue;
    }
    const [words, unless] =
      edit.op === 'at' ? [wordPattern(edit.words), edit.unless && wordPattern(edit.unless)] : [];
    for (const step of out) {
      if (step.added || !isFor(step, edit)) continue;
      const hit =
        edit.op === 'at' ? words!.test(step.text) && !unless?.test(step.text) : edit.at.includes(step.kind);
      if (!hit) continue;
      if (edit.op === 'strike') step.struck = edit.msg;
      else step.notes.push(edit.msg);
    }
  }
  const instead = edits
    .filter((e) => e.op === 'instead')
    .map((e) => ({ ...e, find: { exact: namer(e.of.exact), loose: namer(e.of.loose) } }));
  return out.map((step) =>
    step.added
      ? step
      : putInstead(
          step,
          instead.filter((e) => isFor(step, e) || speaksOf(step, e)),
          (e) => parts.length < 2 || partOf(e) === null || told(step).includes(partOf(e)!),
          changes,
        ),
  );
}
