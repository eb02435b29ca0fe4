import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Draft, DraftDoc, VersionRequest } from '../../../contract/dto';
import type { ClassId } from '../../../core/classes';
import type { ExclusionId, OilReading } from '../../../core/exclusions';
import type { Amount, Formula } from '../../../core/formula';
import type { AvoidId, ItemRef } from '../../../core/ingredients';

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
};
const MOST_UNDO = 100;

function change(state: DeskState, next: DraftDoc): void {
  if (!state.doc || JSON.stringify(state.doc) === JSON.stringify(next)) return;
  state.past = [...state.past, state.doc].slice(-MOST_UNDO);
  state.future = [];
  state.doc = next;
  state.save = state.save === 'conflict' ? 'conflict' : 'unsaved';
}

function ask(state: DeskState, request: Partial<VersionRequest>): void {
  if (state.doc) change(state, { ...state.doc, request: { ...state.doc.request, ...request } });
}

/** Pins without what is empty, so that equal wishes are equal text. */
function pinned(state: DeskState, more: NonNullable<VersionRequest['pins']>): void {
  const all = { ...state.doc?.request.pins, ...more };
  const pins = {
    ...(all.kits && Object.keys(all.kits).length > 0 ? { kits: all.kits } : {}),
    ...(all.lines && Object.keys(all.lines).length > 0 ? { lines: all.lines } : {}),
    ...(all.lockWetness ? { lockWetness: true } : {}),
    ...(all.lockMass ? { lockMass: true } : {}),
  };
  ask(state, { pins });
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
        pins: {},
      };
      change(state, { ...state.doc, request });
    },
    kitsSet(state, { payload }: PayloadAction<Record<string, string>>) {
      pinned(state, { kits: payload, lines: {} });
    },
    lineHeld(state, { payload }: PayloadAction<{ lineId: string; massG: number | null }>) {
      const lines = { ...state.doc?.request.pins?.lines };
      if (payload.massG === null) delete lines[payload.lineId];
      else lines[payload.lineId] = payload.massG;
      pinned(state, { lines });
    },
    lockSet(state, { payload }: PayloadAction<{ lockWetness?: boolean; lockMass?: boolean }>) {
      pinned(state, payload);
    },
    /** Lets go of every lock and held amount; the choices stay. */
    letGo(state) {
      pinned(state, { lines: {}, lockWetness: false, lockMass: false });
    },
    undone(state) {
      const last = state.past.pop();
      if (!last || !state.doc) return;
      state.future.unshift(state.doc);
      state.doc = last;
      state.save = 'unsaved';
    },
    redone(state) {
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
