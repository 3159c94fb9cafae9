import type { RecoveryCodes, SignedInDevices } from '@omtel/core/api';
import type { PassphraseChange } from '@omtel/core/door';
import { api } from './api';

/** Who is signed in where, and what opens the door to them: only the household's own page asks for it. */
const peopleApi = api.enhanceEndpoints({ addTagTypes: ['SignedIn'] }).injectEndpoints({
  endpoints: (build) => ({
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
  useRenewCodesMutation,
  useSignDeviceOutMutation,
  useSignedInDevicesQuery,
  useSignOthersOutMutation,
} = peopleApi;
