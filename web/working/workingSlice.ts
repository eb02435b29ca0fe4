import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { DraftDoc } from '../../contract/dto';
import { back, forth, stepped } from '../undo/line';
import { requestReducers } from './requestReducers';
import { sameDoc } from './sameDoc';
import { sourceReducers } from './sourceReducers';
import { become, giveWay, initialState, type Standing, type WorkingState, untested } from './workingState';

const slice = createSlice({
  name: 'working',
  initialState,
  reducers: {
    ...sourceReducers,
    ...requestReducers,
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
      state.doc = { ...state.doc, baseId: payload.versionId, request: untested(state.doc.request) };
      state.pristine = state.doc;
      state.rev = 0;
      state.standing = { is: 'clean' };
    },
  },
});

export const workingCopy = slice.actions;
export const workingReducer = slice.reducer;
