import type { Founded, RecoveryCodes, SignedInDevices } from '@omtel/core/api';
import type { Founding, PassphraseChange, Recovery, SigningIn } from '@omtel/core/door';
import { api, told, type ToldHousehold } from './api';

/** The ways in, who is signed in where, and what opens the door to them: asked for at the door alone. */
const doorApi = api.enhanceEndpoints({ addTagTypes: ['SignedIn'] }).injectEndpoints({
  endpoints: (build) => ({
    signInToDemo: build.mutation<ToldHousehold, void>({
      query: () => ({ url: '/session/demo', method: 'POST' }),
      transformResponse: told,
    }),
    found: build.mutation<Founded, Founding>({
      query: (body) => ({ url: '/session/new', method: 'POST', body }),
    }),
    signIn: build.mutation<ToldHousehold, SigningIn>({
      query: (body) => ({ url: '/session', method: 'POST', body }),
      transformResponse: told,
    }),
    recover: build.mutation<ToldHousehold, Recovery>({
      query: (body) => ({ url: '/session/recover', method: 'POST', body }),
      transformResponse: told,
    }),
    signedInDevices: build.query<SignedInDevices, void>({
      query: () => '/me/devices',
      providesTags: ['SignedIn'],
    }),
    signDeviceOut: build.mutation<unknown, string>({
      query: (id) => ({ url: `/me/devices/${id}`, method: 'DELETE' }),
      invalidatesTags: ['SignedIn'],
    }),
    signOthersOut: build.mutation<unknown, void>({
      query: () => ({ url: '/me/devices', method: 'DELETE' }),
      invalidatesTags: ['SignedIn'],
    }),
    changePassphrase: build.mutation<unknown, PassphraseChange>({
      query: (body) => ({ url: '/me/passphrase', method: 'PUT', body }),
      invalidatesTags: ['SignedIn'],
    }),
    renewCodes: build.mutation<RecoveryCodes, string>({
      query: (passphrase) => ({ url: '/me/codes', method: 'POST', body: { passphrase } }),
    }),
  }),
});

export const {
  useChangePassphraseMutation,
  useFoundMutation,
  useRecoverMutation,
  useRenewCodesMutation,
  useSignDeviceOutMutation,
  useSignedInDevicesQuery,
  useSignInMutation,
  useSignInToDemoMutation,
  useSignOthersOutMutation,
} = doorApi;
