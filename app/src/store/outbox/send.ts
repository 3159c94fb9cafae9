import { MOST_EVENTS } from '@omtel/core/api';
import { api } from '../api';
import { isRefused, sentenceOf, type QueryError } from '../problem';
import type { AppDispatch, AppThunk } from '../store';
import { allEvents, takeOut } from './drawer';
import { outboxSlice } from './slice';

const { waiting, sent, failed } = outboxSlice.actions;
let sending: Promise<void> | null = null;

/** Sends what waits, in order, until nothing does or the server cannot be reached. One sending at a time. */
export const sendOutbox = (): AppThunk<Promise<void>> => (dispatch) => {
  sending ??= sendAll(dispatch).finally(() => {
    sending = null;
  });
  return sending;
};

async function sendAll(dispatch: AppDispatch): Promise<void> {
  for (;;) {
    const events = (await allEvents()).slice(0, MOST_EVENTS);
    dispatch(waiting(events.length));
    if (events.length === 0) {
      dispatch(sent());
      return;
    }
    const result = await dispatch(api.endpoints.recordEvents.initiate(events));
    const ids = events.map(({ id }) => id);
    if ('error' in result && result.error) {
      const error = result.error as QueryError;
      dispatch(failed(sentenceOf(error)));
      // Signed out or out of reach: keep them. Refused: they would be refused for ever.
      if (!isRefused(error)) return;
      await takeOut(ids);
      dispatch(waiting(0));
      dispatch(api.util.invalidateTags(['Food']));
      return;
    }
    await takeOut(ids);
    dispatch(api.util.invalidateTags(['Food']));
  }
}
