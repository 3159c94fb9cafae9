import { useEffect, useRef } from 'react';
import { api } from '../../store/api';
import { sendOutbox } from '../../store/outbox/send';
import { useAppDispatch, useAppSelector } from '../../store/store';

const TRY_AGAIN_MS = 10_000;

/** Goes on trying to send what waits and to reach the server; once it is there again, all that is shown is asked for anew. */
export function useReconnect(): void {
  const dispatch = useAppDispatch();
  const waiting = useAppSelector(({ outbox }) => outbox.waiting);
  const lost = useAppSelector(({ connection }) => connection.knownAt !== null);

  useEffect(() => {
    const send = () => void dispatch(sendOutbox());
    send();
    return often(send);
    // What comes to wait is sent at once.
  }, [dispatch, waiting]);

  const wasLost = useRef(lost);
  useEffect(() => {
    if (!lost) {
      // What waits goes first, so that what is shown then knows of it.
      if (wasLost.current)
        void dispatch(sendOutbox()).then(() =>
          dispatch(api.util.invalidateTags(['Household', 'Food', 'Stores', 'Calendar'])),
        );
      wasLost.current = false;
      return;
    }
    wasLost.current = true;
    return often(() => void dispatch(askHousehold()));
  }, [dispatch, lost]);
}

const askHousehold = () =>
  api.endpoints.household.initiate(undefined, { forceRefetch: true, subscribe: false });

/** Does something every while, and at once when the network is back. */
function often(act: () => void): () => void {
  const timer = setInterval(act, TRY_AGAIN_MS);
  window.addEventListener('online', act);
  return () => {
    clearInterval(timer);
    window.removeEventListener('online', act);
  };
}
