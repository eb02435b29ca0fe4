import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Kitchen } from '../../contract/dto';
import { back, emptyLine, forth, stepped, type UndoLine } from '../working/line';

export type KitchenLine = UndoLine<Kitchen>;

/** Kitchens that were, and those that were undone; only of this visit. */
const slice = createSlice({
  name: 'kitchenLine',
  initialState: emptyLine<Kitchen>(),
  reducers: {
    /** It was changed from this. */
    changed: (state, { payload }: PayloadAction<Kitchen>) => stepped(state as KitchenLine, payload),
    /** One back: what is now can be done again. */
    undone: (state, { payload }: PayloadAction<Kitchen>) =>
      back(state as KitchenLine, payload)?.line ?? state,
    redone: (state, { payload }: PayloadAction<Kitchen>) =>
      forth(state as KitchenLine, payload)?.line ?? state,
  },
});
export const kitchenLine = slice.actions;
export const kitchenLineReducer = slice.reducer;
