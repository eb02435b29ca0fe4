import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { BakePlan, Draft, DraftDoc, StyleChoice, VersionRequest } from '../../../contract/dto';
import type { ClassId, PropKey } from '../../../core/classes';
import type { ExclusionId, OilReading } from '../../../core/exclusions';
import type { Amount, Formula } from '../../../core/formula';
import type { AvoidId, ItemRef } from '../../../core/ingredients';
import type { LiftPlan } from '../../../core/leavening';
import type { StepChoices } from '../../../core/method';

export type SaveState = 'kept' | 'unsaved' | 'saving' | 'saved' | 'conflict' | 'offline';

/** The working copy of one desk: the source as read, what is asked of it, and the way back. */
export type DeskState = {
  formulaId: string | null;
  doc: DraftDoc | null;
  /** What a fresh start from the base version would be: an equal working copy has nothing to save. */
  pristine: DraftDoc | null;
  past: DraftDoc[];
  future: DraftDoc[];
  /** Revision of the saved draft this copy grew from; 0 where there is none. */
  rev: number;
  save: SaveState;
  /** What another tab saved meanwhile. */
  theirs: Draft | null;
  /** The amount that is being dragged: all of the drag is one step back. */
  going: string | null;
};

const initialState: DeskState = {
  formulaId: null,
  doc: null,
  pristine: null,
  past: [],
  future: [],
  rev: 0,
  save: 'kept',
  theirs: null,
  going: null,
};
const MOST_UNDO = 100;
/** What `going` begins with while an amount is dragged. */
export const DRAGGED = 'line:';

function change(state: DeskState, next: DraftDoc, going: string | null = null): void {
  const goesOn = going !== null && going === state.going;
  state.going = going;
  if (!state.doc || JSON.stringify(state.doc) === JSON.stringify(next)) return;
  if (!goesOn) state.past = [...state.past, state.doc].slice(-MOST_UNDO);
  state.future = [];
  state.doc = next;
  state.save = state.save === 'conflict' ? 'conflict' : 'unsaved';
}

function ask(state: DeskState, request: Partial<VersionRequest>, going: string | null = null): void {
  if (state.doc) change(state, { ...state.doc, request: { ...state.doc.request, ...request } }, going);
}

/** Pins without what is empty, so that equal wishes are equal text. */
function pinned(
  state: DeskState,
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
export type Correction = { lineId: string; item?: ItemRef; amount?: Amount; massG?: number };

/** What has to go, for whom, and where traces matter. */
export type Wanted = {
  exclude: ExclusionId[];
  oil?: OilReading;
  words?: string[];
  strict?: AvoidId[];
  eaters?: string[];
};

const slice = createSlice({
  name: 'desk',
  initialState,
  reducers: {
    opened: (
      _state,
      {
        payload,
      }: PayloadAction<{
        formulaId: string;
        doc: DraftDoc;
        pristine: DraftDoc;
        rev: number;
        save: SaveState;
      }>,
    ) => ({
      ...initialState,
      ...payload,
    }),
    closed: () => initialState,
    lineCorrected(state, { payload }: PayloadAction<Correction>) {
      if (state.doc) change(state, { ...state.doc, source: correctLine(state.doc.source, payload) });
    },
    classChosen(state, { payload }: PayloadAction<{ partId: string; classId: ClassId }>) {
      if (!state.doc) return;
      const parts = state.doc.source.parts.map((p) =>
        p.id === payload.partId ? { ...p, classId: payload.classId } : p,
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
        ...(state.doc.request.lift ? { lift: state.doc.request.lift } : {}),
        ...(state.doc.request.bake ? { bake: state.doc.request.bake } : {}),
        ...(state.doc.request.steps ? { steps: state.doc.request.steps } : {}),
        pins: {},
      };
      change(state, { ...state.doc, request });
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
      const last = state.past.pop();
      if (!last || !state.doc) return;
      state.future.unshift(state.doc);
      state.doc = last;
      state.save = 'unsaved';
    },
    redone(state) {
      state.going = null;
      const next = state.future.shift();
      if (!next || !state.doc) return;
      state.past.push(state.doc);
      state.doc = next;
      state.save = 'unsaved';
    },
    saving(state) {
      state.save = 'saving';
    },
    saved(state, { payload }: PayloadAction<{ rev: number; doc: DraftDoc }>) {
      state.rev = payload.rev;
      state.save = JSON.stringify(state.doc) === JSON.stringify(payload.doc) ? 'saved' : 'unsaved';
    },
    saveFailed(state) {
      state.save = 'offline';
    },
    conflicted(state, { payload }: PayloadAction<Draft | null>) {
      state.save = 'conflict';
      state.theirs = payload;
    },
    /** After a clash: go on with mine over theirs, or take theirs; mine stays one undo away. */
    mineTaken(state) {
      state.rev = state.theirs?.rev ?? 0;
      state.theirs = null;
      state.save = 'unsaved';
    },
    theirsTaken(state) {
      if (!state.theirs || !state.doc) return;
      state.past.push(state.doc);
      state.doc = state.theirs.doc;
      state.rev = state.theirs.rev;
      state.theirs = null;
      state.save = 'saved';
    },
    /** A version was kept from this copy: it is the base of what follows. */
    versionKept(state, { payload }: PayloadAction<{ versionId: string }>) {
      if (!state.doc) return;
      state.doc = { ...state.doc, baseId: payload.versionId };
      state.pristine = state.doc;
      state.rev = 0;
      state.save = 'kept';
    },
  },
});

export const desk = slice.actions;
export const deskReducer = slice.reducer;

/** The source with a line corrected. The written text stays. */
export function correctLine(source: Formula, { lineId, item, amount, massG }: Correction): Formula {
  return {
    ...source,
    parts: source.parts.map((p) => ({
      ...p,
      lines: p.lines.map((l) => {
        if (l.id !== lineId) return l;
        const is = item ?? l.item;
        const known = 'id' in is;
        const read = amount ?? l.amount;
        const now =
          massG === undefined
            ? { ...read, confidence: known && read.massG ? 1 : read.confidence }
            : { ...read, massG: { value: massG, basis: 'user' as const }, confidence: known ? 1 : 0 };
        return { ...l, item: is, amount: now };
      }),
    })),
  };
}
