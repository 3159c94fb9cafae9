import { MOST_EVENTS } from '@omtel/core/api';
import type { KitchenEvent } from '@omtel/core/record';
import { api } from '../api';
import { householdIn } from '../householdIn';
import { isRefused, sentenceOf, type QueryError } from '../problem';
import type { AppDispatch, AppThunk } from '../store';
import { allEvents, allRefused, dropRefused, layAside, takeOut, takeUpAgain } from './drawer';
import { noteSent } from './sentHere';
import { outboxSlice } from './slice';

const { waiting, sent, failed, refused } = outboxSlice.actions;
const sending = new Map<string, Promise<void>>();

/** Sends what waits of the household, in order, until nothing does or the server cannot be reached. One sending at a time. */
export const sendOutbox = (): AppThunk<Promise<void>> => (dispatch, getState) => {
  const { id } = householdIn(getState());
  const under = sending.get(id) ?? sendAll(dispatch, id).finally(() => sending.delete(id));
  sending.set(id, under);
  return under;
};

/** Gives up an entry the server would not take. */
export const dropEntry =
  (id: string): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const household = householdIn(getState());
    await dropRefused(household.id, id);
    dispatch(refused(await allRefused(household.id)));
  };

/** Sends an entry once more that the server would not take. */
export const sendAgain =
  (id: string): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    await takeUpAgain(householdIn(getState()).id, id);
    await dispatch(sendOutbox());
  };

async function sendAll(dispatch: AppDispatch, householdId: string): Promise<void> {
  dispatch(refused(await allRefused(householdId)));
  for (;;) {
    const events = await allEvents(householdId);
    dispatch(waiting(events.length));
    if (events.length === 0) {
      dispatch(sent());
      return;
    }
    if (!(await handOver(dispatch, householdId, events.slice(0, MOST_EVENTS)))) return;
  }
}

/**
 * Hands a batch over. A refused batch is handed over one by one, so that a bad entry takes no good one with it; the bad
 * one is laid aside.
 *
 * @returns false when the server cannot be reached: all is kept for later
 */
async function handOver(
  dispatch: AppDispatch,
  householdId: string,
  events: readonly KitchenEvent[],
): Promise<boolean> {
  noteSent(events.map(({ id }) => id));
  const result = await dispatch(api.endpoints.recordEvents.initiate({ householdId, events }));
  const error = result.error as QueryError;
  if (!error) {
    const accepted = new Set(result.data?.accepted);
    await takeOut(
      householdId,
      events.map(({ id }) => id).filter((id) => accepted.has(id)),
    );
    dispatch(api.util.invalidateTags(['Food']));
    if (events.every(({ id }) => accepted.has(id))) return true;
    dispatch(failed('The kitchen’s server did not take everything. It is kept here, and sent again.'));
    return false;
  }
  if (!isRefused(error)) {
    dispatch(failed(sentenceOf(error)));
    return false;
  }
  const [only, ...others] = events;
  if (only && others.length === 0) {
    await layAside(householdId, only, sentenceOf(error));
    dispatch(refused(await allRefused(householdId)));
    dispatch(api.util.invalidateTags(['Food']));
    return true;
  }
  for (const event of events) if (!(await handOver(dispatch, householdId, [event]))) return false;
  return true;
}
