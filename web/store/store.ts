import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from '../api/api';
import { kitchenLineReducer } from '../api/kitchenSlice';
import { makeSaving, type Saving } from '../working/saving';
import { workingReducer } from '../working/workingSlice';

/** What saves the working copies of this page. */
export const saving: Saving = makeSaving();

export const makeStore = ({ middleware } = saving) =>
  configureStore({
    reducer: { [api.reducerPath]: api.reducer, working: workingReducer, kitchenLine: kitchenLineReducer },
    middleware: (getDefault) => getDefault().prepend(middleware).concat(api.middleware),
  });

export type AppStore = ReturnType<typeof makeStore>;
export type RootState = ReturnType<AppStore['getState']>;
export const useAppDispatch = useDispatch.withTypes<AppStore['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
