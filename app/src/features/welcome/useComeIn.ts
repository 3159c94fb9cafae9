import { useRouter } from 'expo-router';
import { useCallback } from 'react';
import { api, type ToldHousehold } from '../../store/api';
import { keepHousehold } from '../../store/kept/asked';
import { useAppDispatch } from '../../store/store';
import { forgetNames } from './useDoorForm';

/** Opens a household on this page: nothing of one that was open before stays on it. */
export function useComeIn(): (household: ToldHousehold, to?: '/now' | '/household?step=1') => Promise<void> {
  const dispatch = useAppDispatch();
  const router = useRouter();
  return useCallback(
    async (household, to = '/now') => {
      forgetNames();
      dispatch(api.util.resetApiState());
      // Without a network it is to open as well, from now on.
      await keepHousehold(household);
      // It must be known before its rooms are entered: they send strangers back here.
      await dispatch(api.util.upsertQueryData('household', undefined, household));
      router.replace(to as never);
    },
    [dispatch, router],
  );
}
