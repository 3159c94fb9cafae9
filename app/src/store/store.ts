import { combineReducers, configureStore, type ThunkAction, type UnknownAction } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api';
import { connectionSlice } from './kept/connection';
import { outboxSlice } from './outbox/slice';
import { replansSlice } from './replans';
import { tickSlice } from './tick';
import { takeInPage } from './toldInPage';

const rooms = combineReducers({
  [api.reducerPath]: api.reducer,
  connection: connectionSlice.reducer,
  outbox: outboxSlice.reducer,
  tick: tickSlice.reducer,
  replans: replansSlice.reducer,
});

/** Where a household is left, nothing of it stays on the page. */
const reducer: typeof rooms = (state, action) =>
  rooms(api.util.resetApiState.match(action) && state ? { [api.reducerPath]: state.api } : state, action);

export function makeStore() {
  const store = configureStore({
    reducer,
    middleware: (defaults) => defaults().concat(api.middleware),
  });
  takeInPage(store.dispatch);
  return store;
}

export type AppStore = ReturnType<typeof makeStore>;
export type RootState = ReturnType<AppStore['getState']>;
export type AppDispatch = AppStore['dispatch'];
export type AppThunk<Result> = ThunkAction<Result, RootState, undefined, UnknownAction>;

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
