import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from '../api/api';
import { kitchenLineReducer } from '../api/kitchenSlice';
import { autosave } from '../places/desk/autosave';
import { deskReducer } from '../places/desk/deskSlice';

export const makeStore = () =>
  configureStore({
    reducer: { [api.reducerPath]: api.reducer, desk: deskReducer, kitchenLine: kitchenLineReducer },
    middleware: (getDefault) => getDefault().prepend(autosave.middleware).concat(api.middleware),
  });

export type AppStore = ReturnType<typeof makeStore>;
export type RootState = ReturnType<AppStore['getState']>;
export const useAppDispatch = useDispatch.withTypes<AppStore['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
