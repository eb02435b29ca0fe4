import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { BakePlan, Draft, DraftDoc, StyleChoice, VersionRequest } from '../../contract/dto';
import type { ClassId, PropKey } from '../../core/classes';
import type { ExclusionId, OilReading } from '../../core/exclusions';
import type { Amount, Formula, KindGuess, Line } from '../../core/formula';
import type { AvoidId, ItemRef } from '../../core/ingredients';
import type { Tests } from '../../core/judge';
import type { LiftPlan } from '../../core/leavening';
import type { ActionMend, StepChoices } from '../../core/method';
import { back, emptyLine, forth, stepped, type UndoLine } from '../undo/line';
import { sameDoc } from './sameDoc';

/**
 * Where the saving of the working copy stands. `clean`: nothing to save. `waiting`: the server did not take it, it is tried
 * again by itself. `refused`: it will not take it as it is.
 */
export type Standing =
  | { is: 'clean' | 'changed' | 'saving' | 'saved' }
  | { is: 'waiting'; code: string | null; inMs: number }
  | { is: 'conflict'; theirs: Draft | null }
  | { is: 'refused'; code: string; args: Record<string, string | number> };

/** The working copy of one formula: the source as read, what is asked of it, and the way back. */
export type WorkingState = {
  formulaId: string | null;
  doc: DraftDoc | null;
  /** What a fresh start from the base version would be: an equal working copy has nothing to save. */
  pristine: DraftDoc | null;
  line: UndoLine<DraftDoc>;
  /** Revision of the saved draft this copy grew from; 0 where there is none. */
  rev: number;
  standing: Standing;
  /** The browser has no room left: what the server has not taken is only in this page. */
  browserFull: boolean;
  /** The copy that gives way to this one, which was opened beside it, as soon as this one is changed. */
  beside: DraftDoc | null;
  /** The version it was opened from by the address; null for the copy one works on. */
  from: string | null;
  /** Copies that gave way and are not on the server yet. */
  asides: DraftDoc[];
  /** The amount that is being dragged: all of the drag is one step back. */
  going: string | null;
};

const initialState: WorkingState = {
  formulaId: null,
  doc: null,
  pristine: null,
  line: emptyLine(),
  rev: 0,
  standing: { is: 'clean' },
  browserFull: false,
  beside: null,
  from: null,
  asides: [],
  going: null,
};
/** What `going` begins with while an amount is dragged. */
export const DRAGGED = 'line:';

/** A copy gives way: it waits aside, and one step back leads to it too. */
function giveWay(state: WorkingState, doc: DraftDoc): void {
  if (!state.asides.some((a) => sameDoc(a, doc))) state.asides.push(doc);
}

/** The copy is now this, to be saved; a clash stays one until it is settled. */
function become(state: WorkingState, next: DraftDoc): void {
  if (state.beside) {
    giveWay(state, state.beside);
    state.line.past.unshift(state.beside);
    state.beside = null;
  }
  state.doc = next;
  if (state.standing.is !== 'conflict') state.standing = { is: 'changed' };
}

function change(state: WorkingState, next: DraftDoc, going: string | null = null): void {
  const goesOn = going !== null && going === state.going;
  state.going = going;
  if (!state.doc || sameDoc(state.doc, next)) return;
  state.line = goesOn ? { ...state.line, future: [] } : stepped(state.line, state.doc);
  become(state, next);
}

function ask(state: WorkingState, request: Partial<VersionRequest>, going: string | null = null): void {
  if (state.doc) change(state, { ...state.doc, request: { ...state.doc.request, ...request } }, going);
}

/** Pins without what is empty, so that equal wishes are equal text. */
function pinned(
  state: WorkingState,
  more: NonNullable<VersionRequest['pins']>,
  going: string | null = null,
): void {
  const all = { ...state.doc?.request.pins, ...more };
  const props = Object.fromEntries(
    Object.entries(all.props ?? {}).filter(([, held]) => Object.keys(held).length > 0),
  );
  const pins = {
    ...(all.kits && Object.keys(all.kits).length > 0 ? { kits: all.kits } : {}),
    ...(all.lines && Object.keys(all.lines).length > 0 ? { lines: all.lines } : {}),
    ...(all.lockWetness ? { lockWetness: true } : {}),
    ...(all.lockMass ? { lockMass: true } : {}),
    ...(all.freeMass ? { freeMass: true } : {}),
    ...(Object.keys(props).length > 0 ? { props } : {}),
  };
  ask(state, { pins }, going);
}

/** A line read otherwise: what it is, with the amount that follows from that, or how much. */
export type Correction = {
  lineId: string;
  item?: ItemRef;
  amount?: Amount;
  massG?: number;
  /** What it weighs soaked or boiled and drained, g. */
  wetG?: number;
  /** Kinds of bake that were a guess, as they are guessed now. */
  kinds?: { id: string; classId: ClassId; guess: KindGuess }[];
};

/** What has to go, for whom, and where traces matter. */
export type Wanted = {
  exclude: ExclusionId[];
  oil?: OilReading;
  words?: string[];
  strict?: AvoidId[];
  eaters?: string[];
};

const slice = createSlice({
  name: 'working',
  initialState,
  reducers: {
    opened: (
      _state,
      {
        payload,
      }: PayloadAction<
        Pick<WorkingState, 'doc' | 'pristine' | 'rev' | 'standing'> & { formulaId: string } & Partial<
            Pick<WorkingState, 'beside' | 'asides' | 'line' | 'from'>
          >
      >,
    ) => ({
      ...initialState,
      ...payload,
    }),
    closed: () => initialState,
    /** One change of a trial's, to be tried: an amount held, where it is one, and what it is to find out. */
    tried(state, { payload }: PayloadAction<{ tests: Tests; line: { id: string; massG: number } | null }>) {
      if (!state.doc) return;
      const { request } = state.doc;
      const { tests, line } = payload;
      const lines = { ...request.pins?.lines, ...(line ? { [line.id]: line.massG } : {}) };
      const pins = line ? { pins: { ...request.pins, lines } } : {};
      change(state, { ...state.doc, request: { ...request, ...pins, tests } });
    },
    testDropped(state) {
      if (!state.doc) return;
      const { tests: _tests, ...request } = state.doc.request;
      change(state, { ...state.doc, request });
    },
    lineCorrected(state, { payload }: PayloadAction<Correction>) {
      if (state.doc) change(state, { ...state.doc, source: correctLine(state.doc.source, payload) });
    },
    /** A step of the source in other words. */
    stepWritten(state, { payload }: PayloadAction<{ stepId: string; text: string }>) {
      if (!state.doc) return;
      const method = state.doc.source.method.map(({ actions: _old, ...s }) =>
        s.id === payload.stepId ? { ...s, text: payload.text } : s,
      );
      change(state, { ...state.doc, source: { ...state.doc.source, method } });
    },
    /** What was read of one act put right: its mends of before for the same words are gone; null as it was read. */
    actMended(
      state,
      { payload }: PayloadAction<{ stepId: string; words: string; nth: number; mend: ActionMend | null }>,
    ) {
      if (!state.doc) return;
      const method = state.doc.source.method.map(({ actions: _old, ...step }) => {
        if (step.id !== payload.stepId) return step;
        const { mends = [], ...s } = step;
        const kept = mends.filter((m) => m.words !== payload.words || m.nth !== payload.nth);
        const now = payload.mend ? [...kept, payload.mend] : kept;
        return now.length > 0 ? { ...s, mends: now } : s;
      });
      change(state, { ...state.doc, source: { ...state.doc.source, method } });
    },
    /** A thing that the method takes comes on the list; its grams are still to be said. */
    lineAdded(state, { payload }: PayloadAction<{ partId: string; ingredientId: string }>) {
      if (!state.doc) return;
      const { source } = state.doc;
      const taken = new Set(source.parts.flatMap((p) => p.lines.map((l) => l.id)));
      let n = taken.size + 1;
      while (taken.has(`l${n}`)) n += 1;
      const line: Line = {
        id: `l${n}`,
        item: { kind: 'ref', id: payload.ingredientId },
        amount: { massG: null, written: '', confidence: 1, reading: [] },
      };
      const parts = source.parts.map((p) =>
        p.id === payload.partId ? { ...p, lines: [...p.lines, line] } : p,
      );
      change(state, { ...state.doc, source: { ...source, parts } });
    },
    classChosen(state, { payload }: PayloadAction<{ partId: string; classId: ClassId }>) {
      if (!state.doc) return;
      // What the baker says is no guess any more.
      const parts = state.doc.source.parts.map(({ guess, ...p }) =>
        p.id === payload.partId ? { ...p, classId: payload.classId } : { ...p, ...(guess ? { guess } : {}) },
      );
      change(state, { ...state.doc, source: { ...state.doc.source, parts } });
    },
    excludeSet(state, { payload }: PayloadAction<ExclusionId[]>) {
      // Other things going means other conflicts: choices and amounts held for the old ones go too.
      ask(state, { exclude: payload, pins: {} });
    },
    oilRead(state, { payload }: PayloadAction<OilReading>) {
      ask(state, { oil: payload, pins: {} });
    },
    /** Everything that has to go at once: words, traces and eaters too. Unnamed wishes are let go of. */
    wanted(state, { payload }: PayloadAction<Wanted>) {
      if (!state.doc) return;
      const { exclude, oil, words, strict, eaters } = payload;
      const request: VersionRequest = {
        exclude,
        ...(oil && oil !== 'extracted' ? { oil } : {}),
        ...(words && words.length > 0 ? { words } : {}),
        ...(strict && strict.length > 0 ? { strict } : {}),
        ...(eaters && eaters.length > 0 ? { eaters } : {}),
        ...(state.doc.request.style ? { style: state.doc.request.style } : {}),
        ...(state.doc.request.allow ? { allow: state.doc.request.allow } : {}),
        ...(state.doc.request.lift ? { lift: state.doc.request.lift } : {}),
        ...(state.doc.request.bake ? { bake: state.doc.request.bake } : {}),
        ...(state.doc.request.steps ? { steps: state.doc.request.steps } : {}),
        pins: {},
      };
      change(state, { ...state.doc, request });
    },
    /** A group that the formula has none of may come in, or not. */
    allowed(state, { payload: { avoid, on } }: PayloadAction<{ avoid: AvoidId; on: boolean }>) {
      if (!state.doc) return;
      const { allow: was = [], ...request } = state.doc.request;
      const allow = on ? [...was.filter((a) => a !== avoid), avoid] : was.filter((a) => a !== avoid);
      // Other ways are on offer: what was chosen by hand stays only where it still can.
      change(state, {
        ...state.doc,
        request: { ...request, ...(allow.length > 0 ? { allow } : {}), pins: on ? (request.pins ?? {}) : {} },
      });
    },
    kitsSet(state, { payload }: PayloadAction<Record<string, string>>) {
      pinned(state, { kits: payload, lines: {} });
    },
    /**
     * An amount held or let go of. The choices stay as they are, so that only amounts move; `going` while it is
     * dragged.
     */
    lineHeld(
      state,
      {
        payload: { lineId, massG, kits, going },
      }: PayloadAction<{
        lineId: string;
        massG: number | null;
        kits?: Record<string, string>;
        going?: boolean;
      }>,
    ) {
      const lines = { ...state.doc?.request.pins?.lines };
      if (massG === null) delete lines[lineId];
      else lines[lineId] = massG;
      pinned(state, { lines, ...(kits ? { kits } : {}) }, going ? `${DRAGGED}${lineId}` : null);
    },
    /** The drag has ended. */
    settled(state) {
      state.going = null;
    },
    lockSet(
      state,
      { payload }: PayloadAction<{ lockWetness?: boolean; lockMass?: boolean; freeMass?: boolean }>,
    ) {
      pinned(state, payload);
    },
    /** A property of a part held at a value, or let go of. */
    propHeld(
      state,
      {
        payload: { partId, key, value },
      }: PayloadAction<{ partId: string; key: PropKey; value: number | null }>,
    ) {
      const props = { ...state.doc?.request.pins?.props };
      const { [key]: _was, ...others } = props[partId] ?? {};
      props[partId] = value === null ? others : { ...others, [key]: value };
      pinned(state, { props });
    },
    /** How this formula is to be ranked; null for the house's own wishes. */
    styleSet(state, { payload }: PayloadAction<StyleChoice | null>) {
      if (!state.doc) return;
      const { style: _was, ...request } = state.doc.request;
      // Other wishes, another best: what was chosen by hand goes.
      const { kits: _kits, lines: _lines, ...pins } = request.pins ?? {};
      change(state, {
        ...state.doc,
        request: { ...request, ...(payload ? { style: payload } : {}), pins },
      });
    },
    /** The plan for the rise; what is typed into one field is one step back. */
    liftPlanned(state, { payload }: PayloadAction<{ plan: LiftPlan; field: string }>) {
      ask(state, { lift: payload.plan }, `lift:${payload.field}`);
    },
    /** What is changed at the oven; what is typed into one field is one step back. */
    bakePlanned(state, { payload }: PayloadAction<{ plan: BakePlan; field: string }>) {
      ask(state, { bake: payload.plan }, `bake:${payload.field}`);
    },
    /** What the baker makes of a change to the method; null takes it as proposed. */
    stepChosen(state, { payload }: PayloadAction<{ id: string; choice: StepChoices[string] | null }>) {
      if (!state.doc) return;
      const { steps: was, ...request } = state.doc.request;
      const { [payload.id]: _gone, ...rest } = was ?? {};
      const steps = payload.choice ? { ...rest, [payload.id]: payload.choice } : rest;
      change(state, {
        ...state.doc,
        request: { ...request, ...(Object.keys(steps).length > 0 ? { steps } : {}) },
      });
    },
    /** Lets go of every lock and held amount; the choices stay. */
    letGo(state) {
      pinned(state, { lines: {}, props: {}, lockWetness: false, lockMass: false });
    },
    undone(state) {
      state.going = null;
      const step = state.doc && back(state.line, state.doc);
      if (!step) return;
      state.line = step.line;
      become(state, step.to);
    },
    redone(state) {
      state.going = null;
      const step = state.doc && forth(state.line, state.doc);
      if (!step) return;
      state.line = step.line;
      become(state, step.to);
    },
    /** What the saver says of the copy that is open. */
    stood(state, { payload }: PayloadAction<Standing>) {
      state.standing = payload;
    },
    saved(state, { payload }: PayloadAction<{ rev: number; doc: DraftDoc }>) {
      state.rev = payload.rev;
      state.standing = { is: sameDoc(state.doc, payload.doc) ? 'saved' : 'changed' };
    },
    /** A copy that gave way is on the server. */
    asideSaved(state, { payload }: PayloadAction<DraftDoc>) {
      state.asides = state.asides.filter((a) => !sameDoc(a, payload));
    },
    browserFilled(state, { payload }: PayloadAction<boolean>) {
      state.browserFull = payload;
    },
    /** After a clash: go on with mine, theirs waits aside. */
    mineTaken(state) {
      if (state.standing.is !== 'conflict') return;
      const { theirs } = state.standing;
      if (theirs && !sameDoc(theirs.doc, state.doc)) giveWay(state, theirs.doc);
      state.rev = theirs?.rev ?? 0;
      state.standing = { is: 'changed' };
    },
    /** After a clash: take theirs; mine is one step back, and waits aside. */
    theirsTaken(state) {
      if (state.standing.is !== 'conflict' || !state.standing.theirs || !state.doc) return;
      const { theirs } = state.standing;
      giveWay(state, state.doc);
      state.line = stepped(state.line, state.doc);
      state.doc = theirs.doc;
      state.rev = theirs.rev;
      state.standing = { is: 'changed' };
    },
    /** A copy that waited aside is gone on with; the one that was open waits in its stead, where it says anything. */
    tookUp(state, { payload }: PayloadAction<DraftDoc>) {
      if (!state.doc || sameDoc(state.doc, payload)) return;
      if (!state.beside && !sameDoc(state.doc, state.pristine)) giveWay(state, state.doc);
      state.line = stepped(state.line, state.doc);
      become(state, payload);
    },
    /** A version was kept from this copy: it is the base of what follows. */
    versionKept(state, { payload }: PayloadAction<{ versionId: string }>) {
      if (!state.doc) return;
      state.doc = { ...state.doc, baseId: payload.versionId };
      state.pristine = state.doc;
      state.rev = 0;
      state.standing = { is: 'clean' };
    },
  },
});

export const workingCopy = slice.actions;
export const workingReducer = slice.reducer;

/** The source with a line corrected. The written text stays. */
export function correctLine(
  source: Formula,
  { lineId, item, amount, massG, wetG, kinds }: Correction,
): Formula {
  return {
    ...source,
    parts: source.parts.map((p) => ({
      ...p,
      ...kinds?.find((k) => k.id === p.id),
      lines: p.lines.map((l) => {
        if (l.id !== lineId) return l;
        const is = item ?? l.item;
        const known = 'id' in is;
        const read = amount ?? l.amount;
        const now =
          massG === undefined
            ? { ...read, confidence: known && read.massG ? 1 : read.confidence }
            : { ...read, massG: { value: massG, basis: 'user' as const }, confidence: known ? 1 : 0 };
        // What a thing takes up is its own: another thing takes up something else.
        const { uptake: was, ...rest } = l;
        const dryG = now.massG?.value;
        const uptake =
          wetG !== undefined && dryG
            ? { value: Math.max(0, wetG / dryG - 1), basis: 'user' as const }
            : item
              ? undefined
              : was;
        return { ...rest, item: is, amount: now, ...(uptake ? { uptake } : {}) };
      }),
    })),
  };
}
