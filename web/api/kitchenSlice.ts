import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Kitchen } from '../../contract/dto';
import { back, emptyLine, forth, stepped, type UndoLine } from '../undo/line';

export type KitchenLine = UndoLine<Kitchen>;
/** Changes that are shown but wait for those before them to be kept. */
type Wanted = { id: number; more: Partial<Kitchen> };
type KitchenState = KitchenLine & { wanted: Wanted[] };
const initialState: KitchenState = { ...emptyLine<Kitchen>(), wanted: [] };

/** Kitchens that were, and those that were undone; only of this visit. */
const slice = createSlice({
  name: 'kitchenLine',
  initialState,
  reducers: {
    /** It was changed from this. */
    changed: (state, { payload }: PayloadAction<Kitchen>) => ({
      ...state,
      ...stepped(state as KitchenLine, payload),
    }),
    /** One back: what is now can be done again. */
    undone: (state, { payload }: PayloadAction<Kitchen>) => ({
      ...state,
      ...back(state as KitchenLine, payload)?.line,
    }),
    redone: (state, { payload }: PayloadAction<Kitchen>) => ({
      ...state,
      ...forth(state as KitchenLine, payload)?.line,
    }),
    asked: (state, { payload }: PayloadAction<Wanted>) => ({ ...state, wanted: [...state.wanted, payload] }),
    answered: (state, { payload }: PayloadAction<number>) => ({
      ...state,
      wanted: state.wanted.filter((w) => w.id !== payload),
    }),
  },
});
export const kitchenLine = slice.actions;
export const kitchenLineReducer = slice.reducer;
/** The kitchen with what was pressed meanwhile: a press shows at once, whatever is still on its way. */
export const asWanted = (kitchen: Kitchen, wanted: readonly Wanted[]): Kitchen =>
  wanted.reduce<Kitchen>((k, { more }) => ({ ...k, ...more }), kitchen);
