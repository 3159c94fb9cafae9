import { MEANT_FOR } from '@omtel/core/api';
import type {
  CalendarFeed,
  FoodList,
  FoodTrail,
  FoodTrails,
  Household,
  Log,
  PowerCut,
  Recorded,
  Settings,
  SettingsPatch,
  StoreReading,
  StoreRecord,
} from '@omtel/core/api';
import type { KitchenEvent } from '@omtel/core/record';
import type { LookBack } from '@omtel/core/lookback';
import type { Usual } from '@omtel/core/usual';
import { createApi } from '@reduxjs/toolkit/query/react';
import { asking, keepHousehold } from './kept/asked';
import type { Connection } from './kept/connection';
import type { Change } from './outbox/drawer';

/** A household with the moment its clock was told, so that the app can let it run on. */
export type ToldHousehold = Household & { readonly toldAt: number };

/** A household as it was told just now. */
export const told = (household: Household): ToldHousehold => ({ ...household, toldAt: Date.now() });

/** Entries, and the household they were recorded for. */
interface ToRecord {
  readonly householdId: string;
  readonly events: readonly KitchenEvent[];
}

/** What the settings a change changes were before it: others may change them too. */
const wereBefore = new WeakMap<SettingsPatch, Partial<Settings>>();

/** What was said of a store, by the id it was said under. */
export interface StoreAct {
  readonly kind: 'reading' | 'powerOff' | 'powerBack';
  readonly id: string;
}

const STORE_ACTS: Record<StoreAct['kind'], (id: string) => string> = {
  reading: (id) => `/stores/readings/${id}`,
  powerOff: (id) => `/stores/power-cuts/${id}`,
  powerBack: (id) => `/stores/power-cuts/${id}/end`,
};

/** All the app reads from the server, and the few things it changes that are not events of food. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: asking({
    householdIn: (state): string | undefined => api.endpoints.household.select()(state as never).data?.id,
    isLost: (state) => (state as { readonly connection: Connection }).connection.knownAt !== null,
  }),
  tagTypes: ['Household', 'Food', 'Stores', 'Calendar'],
  endpoints: (build) => ({
    household: build.query<ToldHousehold, void>({
      query: () => '/household',
      transformResponse: told,
      providesTags: ['Household'],
    }),
    foods: build.query<FoodList, void>({ query: () => '/foods', providesTags: ['Food'] }),
    usual: build.query<Usual, void>({ query: () => '/foods/usual', providesTags: ['Food'] }),
    lookBack: build.query<LookBack, void>({ query: () => '/foods/partings', providesTags: ['Food'] }),
    trails: build.query<FoodTrails, readonly string[]>({
      query: (ids) => `/foods/trails?ids=${ids.join(',')}`,
      // They are kept on the device, and shown by none.
      keepUnusedDataFor: 0,
    }),
    food: build.query<FoodTrail, string>({ query: (id) => `/foods/${id}`, providesTags: ['Food'] }),
    log: build.infiniteQuery<Log, void, string | null>({
      query: ({ pageParam }) => (pageParam ? `/events?before=${pageParam}` : '/events'),
      infiniteQueryOptions: { initialPageParam: null, getNextPageParam: ({ next }) => next ?? undefined },
      providesTags: ['Food'],
    }),
    signOut: build.mutation<unknown, void>({ query: () => ({ url: '/session', method: 'DELETE' }) }),
    /** Null is answered where it waits to be sent. */
    changeSettings: build.mutation<ToldHousehold | null, SettingsPatch>({
      query: (patch) => ({
        url: '/household/settings',
        method: 'PATCH',
        body: { ...patch, was: wereBefore.get(patch) },
      }),
      extraOptions: { waits: true },
      transformResponse: (household: Household | null) => household && told(household),
      // A switch answers at once; the server's word comes after.
      async onQueryStarted(patch, { dispatch, getState, queryFulfilled }) {
        const { data: before } = api.endpoints.household.select()(getState());
        const keys = Object.keys(patch) as (keyof SettingsPatch)[];
        wereBefore.set(patch, Object.fromEntries(keys.map((key) => [key, before?.settings[key]])));
        const undo = dispatch(
          api.util.updateQueryData(
            'household',
            undefined,
            (draft) => void Object.assign(draft.settings, patch),
          ),
        );
        try {
          const { data } = await queryFulfilled;
          if (data) {
            dispatch(api.util.upsertQueryData('household', undefined, data));
            void keepHousehold(data);
          }
          // Under another guidance, and for others at the table, the same histories amount to something else.
          if (patch.guidance || patch.table) dispatch(api.util.invalidateTags(['Food']));
        } catch {
          undo.undo();
        }
      },
    }),
    moveClock: build.mutation<ToldHousehold, number>({
      query: (aheadMs) => ({ url: '/household/clock', method: 'PUT', body: { aheadMs } }),
      transformResponse: told,
      invalidatesTags: ['Household'],
    }),
    restartDemo: build.mutation<ToldHousehold, void>({
      query: () => ({ url: '/household/restart', method: 'POST' }),
      transformResponse: told,
      invalidatesTags: ['Household', 'Food', 'Stores'],
    }),
    storeRecord: build.query<StoreRecord, void>({
      query: () => '/stores/readings',
      providesTags: ['Stores'],
    }),
    recordStoreReading: build.mutation<unknown, StoreReading>({
      query: (body) => ({ url: '/stores/readings', method: 'POST', body }),
      extraOptions: { waits: true },
      invalidatesTags: ['Stores', 'Food'],
    }),
    recordPowerCut: build.mutation<unknown, PowerCut>({
      query: (body) => ({ url: '/stores/power-cuts', method: 'POST', body }),
      extraOptions: { waits: true },
      invalidatesTags: ['Stores', 'Food'],
    }),
    endPowerCut: build.mutation<unknown, { readonly id: string; readonly onAt: number }>({
      query: ({ id, onAt }) => ({ url: `/stores/power-cuts/${id}/end`, method: 'POST', body: { onAt } }),
      extraOptions: { waits: true },
      invalidatesTags: ['Stores', 'Food'],
    }),
    takeBackOfStores: build.mutation<unknown, StoreAct>({
      query: ({ kind, id }) => ({ url: STORE_ACTS[kind](id), method: 'DELETE' }),
      extraOptions: { waits: true },
      invalidatesTags: ['Stores', 'Food'],
    }),
    calendar: build.query<CalendarFeed, void>({ query: () => '/calendar', providesTags: ['Calendar'] }),
    makeCalendar: build.mutation<CalendarFeed, void>({
      query: () => ({ url: '/calendar', method: 'POST' }),
      invalidatesTags: ['Calendar'],
    }),
    dropCalendar: build.mutation<CalendarFeed, void>({
      query: () => ({ url: '/calendar', method: 'DELETE' }),
      invalidatesTags: ['Calendar'],
    }),
    recordEvents: build.mutation<Recorded, ToRecord>({
      query: ({ householdId, events }) => ({
        url: '/events',
        method: 'POST',
        body: { events },
        headers: { [MEANT_FOR]: householdId },
      }),
    }),
    /** Sends a change that waited. */
    sendChange: build.mutation<unknown, { readonly householdId: string; readonly change: Change }>({
      query: ({ householdId, change: { path, method, body } }) => ({
        url: path,
        method,
        body,
        headers: { [MEANT_FOR]: householdId },
      }),
    }),
  }),
});

export const {
  useHouseholdQuery,
  useCalendarQuery,
  useDropCalendarMutation,
  useFoodsQuery,
  useMakeCalendarMutation,
  useFoodQuery,
  usePrefetch,
  useUsualQuery,
  useLookBackQuery,
  useLogInfiniteQuery,
  useSignOutMutation,
  useChangeSettingsMutation,
  useMoveClockMutation,
  useRestartDemoMutation,
  useStoreRecordQuery,
  useRecordStoreReadingMutation,
  useRecordPowerCutMutation,
  useEndPowerCutMutation,
  useTakeBackOfStoresMutation,
} = api;
