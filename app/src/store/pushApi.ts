import type { PushKey, PushSubscription } from '@omtel/core/reminders';
import { api } from './api';

/** Whether this device is reminded, and what it takes. */
export const pushApi = api.enhanceEndpoints({ addTagTypes: ['Push'] }).injectEndpoints({
  endpoints: (build) => ({
    pushKey: build.query<PushKey, void>({ query: () => '/me/push', providesTags: ['Push'] }),
    remindHere: build.mutation<unknown, PushSubscription>({
      query: (body) => ({ url: '/me/push', method: 'PUT', body }),
      invalidatesTags: ['Push'],
    }),
    remindHereNoMore: build.mutation<unknown, void>({
      query: () => ({ url: '/me/push', method: 'DELETE' }),
      invalidatesTags: ['Push'],
    }),
    tryReminder: build.mutation<{ readonly arrived: boolean }, void>({
      query: () => ({ url: '/me/push/trial', method: 'POST' }),
      invalidatesTags: ['Push'],
    }),
  }),
});

export const { usePushKeyQuery, useRemindHereMutation, useRemindHereNoMoreMutation, useTryReminderMutation } =
  pushApi;
