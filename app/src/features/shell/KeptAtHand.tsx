import { useEffect } from 'react';
import { api, useFoodsQuery } from '../../store/api';
import { devicesApi } from '../../store/devicesApi';
import { keepAtHand } from '../../store/kept/keepAtHand';
import { useAppDispatch, useAppSelector } from '../../store/store';

/** A cook's own taps go first. */
const AFTER_MS = 2_000;

/** Sees to it that this device knows the kitchen without a network: what was not shown yet is asked for as well. */
export function KeptAtHand() {
  const dispatch = useAppDispatch();
  const lost = useAppSelector(({ connection }) => connection.knownAt !== null);
  const { fulfilledTimeStamp } = useFoodsQuery();
  useEffect(() => {
    if (lost) return;
    const timer = setTimeout(() => void dispatch(keepAtHand()), AFTER_MS);
    return () => clearTimeout(timer);
  }, [dispatch, fulfilledTimeStamp, lost]);
  useEffect(() => {
    if (lost) return;
    const once = { subscribe: false } as const;
    const timer = setTimeout(() => {
      void dispatch(api.endpoints.usual.initiate(undefined, once));
      void dispatch(api.endpoints.storeRecord.initiate(undefined, once));
      void dispatch(api.endpoints.calendar.initiate(undefined, once));
      void dispatch(devicesApi.endpoints.devices.initiate(undefined, once));
    }, AFTER_MS);
    return () => clearTimeout(timer);
  }, [dispatch, lost]);
  return null;
}
