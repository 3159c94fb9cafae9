import { API_VERSION, MEANT_FOR, SPEAKS, type FoodTrails, type Household } from '@omtel/core/api';
import {
  fetchBaseQuery,
  type BaseQueryApi,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query';
import { v7 as uuid } from 'uuid';
import { allWaiting, putChange } from '../outbox/drawer';
import { outboxSlice } from '../outbox/slice';
import { isOutOfReach, isSignedOut, whyAway } from '../problem';
import { connectionSlice } from './connection';
import { closesHere, keepAnswer, openHere, opensHere } from './copy';
import type { Known } from './keptKitchen';

/** How long the server is waited for where this device knows something itself: while it was there, and while it was not. */
const PATIENCE_MS = { found: 6_000, lost: 2_000 } as const;

/** What is kept of a household, by its address; the trails of foods come several at once as well. */
const KEPT =
  /^\/(household|foods|foods\/usual|foods\/[0-9a-f-]{36}|events|stores\/readings|devices|calendar)$/;

interface Asking {
  /** The household this page was opened for, where it is known yet. */
  readonly householdIn: (state: unknown) => string | undefined;
  /** Whether the server could not be reached when it was asked last. */
  readonly isLost: (state: unknown) => boolean;
}

/** What an endpoint says of how it is asked. */
export interface Extra {
  /** It can wait to be sent where the server cannot be reached. */
  readonly waits?: true;
}

type Asked = BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError, Extra>;

/**
 * Asks the server, and keeps what it tells. Where it cannot be reached this device says what it knows; a change that can wait waits
 * in the outbox.
 */
export function asking({ householdIn, isLost }: Asking): Asked {
  const ask = fetchBaseQuery({
    baseUrl: '/api',
    // In another tab somebody may have come into another kitchen: what is asked here is meant for this one.
    prepareHeaders: (headers, { getState }) => {
      headers.set(SPEAKS, String(API_VERSION));
      const householdId = householdIn(getState());
      if (householdId && !headers.has(MEANT_FOR)) headers.set(MEANT_FOR, householdId);
    },
  });

  const read: Asked = async (args, api, extra) => {
    const fetchArgs = typeof args === 'string' ? { url: args } : args;
    const path = fetchArgs.url;
    const keeps = KEPT.test(path);
    const timeout = keeps ? PATIENCE_MS[isLost(api.getState()) ? 'lost' : 'found'] : undefined;
    const asked = await ask({ ...fetchArgs, timeout }, api, extra);
    const { error } = asked;
    if (!error) {
      api.dispatch(connectionSlice.actions.found());
      const householdId = householdIn(api.getState()) ?? householdOf(path, asked.data);
      const kept = keep(householdId, path, asked.data);
      if (!keeps || householdId === undefined || !(await waits(householdId))) return asked;
      // What waits to be sent the server could not tell.
      await kept;
      return { data: (await knownHere(householdId, path))?.data ?? asked.data };
    }
    if (path === '/household' && isSignedOut(error)) await closesHere(householdIn(api.getState()));
    if (!keeps || !isOutOfReach(error)) return asked;
    const householdId = householdIn(api.getState()) ?? openHere();
    const known = householdId === null ? null : await knownHere(householdId, path);
    if (known) {
      api.dispatch(connectionSlice.actions.lost({ knownAt: known.at, why: whyAway(error) }));
      return { data: known.data };
    }
    // What nobody knows here is waited for as long as it takes.
    return error.status === 'TIMEOUT_ERROR' ? ask(args, api, extra) : asked;
  };

  const change: Asked = async (args, api, extra) => {
    const { url: path, method = 'POST', body } = args as FetchArgs;
    const householdId = householdIn(api.getState());
    if (householdId === undefined) return ask(args, api, extra);
    // Whatever waits goes first.
    const before = await waits(householdId);
    if (before === 0) {
      const asked = await ask(args, api, extra);
      if (!isOutOfReach(asked.error)) return asked;
    }
    await putChange(householdId, { id: uuid(), path, method, body: body as unknown });
    api.dispatch(outboxSlice.actions.waiting(before + 1));
    return { data: null };
  };

  const inTurn = turns();
  return (args, api, extra) => {
    if (extra?.waits) return inTurn(() => Promise.resolve(change(args, api, extra)));
    return isReading(args, api) ? read(args, api, extra) : ask(args, api, extra);
  };
}

const isReading = (args: string | FetchArgs, { type }: BaseQueryApi): boolean =>
  type === 'query' && (typeof args === 'string' || (args.method ?? 'GET') === 'GET');

/** Lets one thing be done after the other: of two changes the one made last is made last. */
function turns(): <Result>(act: () => Promise<Result>) => Promise<Result> {
  let last: Promise<unknown> = Promise.resolve();
  return (act) => {
    const next = last.then(act, act);
    last = next.catch(() => undefined);
    return next;
  };
}

/** What this device knows itself; how it works that out is fetched when it has to, and was kept before. */
async function knownHere(householdId: string, path: string): Promise<Known | null> {
  try {
    const { knownWithout } = await import('./keptKitchen');
    return await knownWithout(householdId, path);
  } catch {
    // A browser that keeps nothing knows nothing.
    return null;
  }
}

/** How much waits to be sent. */
async function waits(householdId: string): Promise<number> {
  const { events, changes } = await allWaiting(householdId);
  return events.length + changes.length;
}

/** The household a page learns of only by asking for it. */
const householdOf = (path: string, data: unknown): string | undefined =>
  path === '/household' ? (data as Household).id : undefined;

/** Keeps what was told at an address. */
async function keep(householdId: string | undefined, path: string, data: unknown): Promise<void> {
  if (path === '/household') return keepHousehold(data as Household);
  if (householdId === undefined) return;
  if (KEPT.test(path)) return keepAnswer(householdId, path, data);
  if (path.startsWith('/foods/trails'))
    for (const trail of (data as FoodTrails).trails)
      await keepAnswer(householdId, `/foods/${trail.food.state.foodId}`, trail);
}

/** Keeps a household as it was told: it is the one that is open on this device. */
export async function keepHousehold(household: Household): Promise<void> {
  opensHere(household.id);
  await keepAnswer(household.id, '/household', household);
}
