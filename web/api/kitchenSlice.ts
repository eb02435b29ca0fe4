import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Kitchen } from '../../contract/dto';

/** Kitchens that were, and those that were undone; only of this visit. */
export type KitchenLine = { past: Kitchen[]; future: Kitchen[] };
const NONE: KitchenLine = { past: [], future: [] };
const MOST = 100;

const slice = createSlice({
  name: 'kitchenLine',
  initialState: NONE,
  reducers: {
    /** It was changed from this. */
    changed: (state, { payload }: PayloadAction<Kitchen>) => ({
      past: [...state.past.slice(1 - MOST), payload],
      future: [],
    }),
    /** One back: what is now can be done again. */
    undone: (state, { payload }: PayloadAction<Kitchen>) => ({
      past: state.past.slice(0, -1),
      future: [payload, ...state.future],
    }),
    redone: (state, { payload }: PayloadAction<Kitchen>) => ({
      past: [...state.past, payload],
      future: state.future.slice(1),
    }),
  },
});
export const kitchenLine = slice.actions;
export const kitchenLineReducer = slice.reducer;
