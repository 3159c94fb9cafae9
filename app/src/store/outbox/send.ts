import { MOST_EVENTS } from '@omtel/core/api';
import type { KitchenEvent } from '@omtel/core/record';
import { api } from '../api';
import { householdIn } from '../householdIn';
import { isOutOfReach, isRefused, sentenceOf, type QueryError } from '../problem';
import type { AppDispatch, AppThunk } from '../store';
import {
  allRefused,
  allWaiting,
  dropRefused,
  layAside,
  takeOut,
  takeUpAgain,
  type Change,
  type Refused,
  type Waiting,
} from './drawer';
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
    const all = await allWaiting(householdId);
    dispatch(waiting(all.events.length + all.changes.length));
    const next = firstOf(all);
    if (!next) {
      dispatch(sent());
      return;
    }
    const went = next.change
      ? await handOverChange(dispatch, householdId, next.change)
      : await handOver(dispatch, householdId, next.events);
    if (!went) return;
  }
}

type Next =
  | { readonly change: Change; readonly events?: never }
  | { readonly events: readonly KitchenEvent[]; readonly change?: never };

/** What is sent next: a change, or the entries made before the next one; nothing where nothing waits. */
function firstOf({ events, changes: [change] }: Waiting): Next | null {
  const before = change ? events.filter(({ id }) => id < change.id) : events;
  if (before.length) return { events: before.slice(0, MOST_EVENTS) };
  return change ? { change } : null;
}

const ALL = ['Household', 'Food', 'Stores', 'Calendar'] as const;

/** @returns false when the server cannot be reached: it is kept for later */
async function handOverChange(dispatch: AppDispatch, householdId: string, change: Change): Promise<boolean> {
  const result = await dispatch(api.endpoints.sendChange.initiate({ householdId, change }));
  const error = result.error as QueryError;
  if (error && !isRefused(error)) return stays(dispatch, error);
  if (error) await putAside(dispatch, householdId, { id: change.id, change, sentence: sentenceOf(error) });
  else await takeOut(householdId, [change.id]);
  dispatch(api.util.invalidateTags([...ALL]));
  return true;
}

/** What could not be sent is kept for later. What is shown is asked for, so that it says how old it is. */
function stays(dispatch: AppDispatch, error: QueryError): false {
  dispatch(failed(sentenceOf(error)));
  if (isOutOfReach(error)) dispatch(api.util.invalidateTags(['Food']));
  return false;
}

async function putAside(dispatch: AppDispatch, householdId: string, what: Refused): Promise<void> {
  await layAside(householdId, what);
  dispatch(refused(await allRefused(householdId)));
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
  if (!isRefused(error)) return stays(dispatch, error);
  const [only, ...others] = events;
  if (only && others.length === 0) {
    await putAside(dispatch, householdId, { id: only.id, event: only, sentence: sentenceOf(error) });
    dispatch(api.util.invalidateTags(['Food']));
    return true;
  }
  for (const event of events) if (!(await handOver(dispatch, householdId, [event]))) return false;
  return true;
}
