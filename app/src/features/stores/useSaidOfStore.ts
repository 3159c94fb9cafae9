import type { StoreAct } from '../../store/api';
import { useAppDispatch } from '../../store/store';
import { tickSlice } from '../../store/tick';
import { useCallback } from 'react';

/** Shows what was said of a store on the bar on which it can be taken back. */
export function useSaidOfStore() {
  const dispatch = useAppDispatch();
  return useCallback(
    (ofStore: StoreAct, what: string, at: number) =>
      dispatch(tickSlice.actions.ticked({ events: [], ofStore, what, at, notBefore: null })),
    [dispatch],
  );
}
