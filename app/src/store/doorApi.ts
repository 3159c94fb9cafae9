import type { Founded, RecoveryCodes, SignedInDevices } from '@omtel/core/api';
import type {
  Founding,
  InvitationKey,
  Invited,
  Joining,
  Members,
  PassphraseChange,
  Passkeys,
  Recovery,
  SigningIn,
} from '@omtel/core/door';
import type {
  AuthenticationResponseJSON,
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
  RegistrationResponseJSON,
} from '@simplewebauthn/browser';
import type { Role } from '@omtel/core/roles';
import { api, told, type ToldHousehold } from './api';

/** The ways in, who is signed in where, and what opens the door to them: asked for at the door alone. */
const doorApi = api.enhanceEndpoints({ addTagTypes: ['SignedIn', 'Members', 'Passkeys'] }).injectEndpoints({
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
    invitation: build.query<Invited, string>({
      query: (key) => ({ url: '/session/invitation', method: 'POST', body: { key } }),
    }),
    join: build.mutation<Founded, Joining>({
      query: (body) => ({ url: '/session/join', method: 'POST', body }),
    }),
    members: build.query<Members, void>({ query: () => '/people', providesTags: ['Members'] }),
    invite: build.mutation<InvitationKey, Role>({
      query: (role) => ({ url: '/people/invitations', method: 'POST', body: { role } }),
      invalidatesTags: ['Members'],
    }),
    takeInvitationBack: build.mutation<unknown, string>({
      query: (id) => ({ url: `/people/invitations/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Members'],
    }),
    changeRole: build.mutation<unknown, { readonly id: string; readonly role: Role }>({
      query: ({ id, role }) => ({ url: `/people/${id}/role`, method: 'PUT', body: { role } }),
      invalidatesTags: ['Members'],
    }),
    removePerson: build.mutation<unknown, string>({
      query: (id) => ({ url: `/people/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Members', 'SignedIn'],
    }),
    leave: build.mutation<unknown, string>({
      query: (passphrase) => ({ url: '/me/leaving', method: 'POST', body: { passphrase } }),
    }),
    closeHousehold: build.mutation<unknown, string>({
      query: (passphrase) => ({ url: '/household/closing', method: 'POST', body: { passphrase } }),
      invalidatesTags: ['Household'],
    }),
    signedInDevices: build.query<SignedInDevices, void>({
      query: () => '/me/devices',
      providesTags: ['SignedIn'],
    }),
    passkeys: build.query<Passkeys, void>({ query: () => '/me/passkeys', providesTags: ['Passkeys'] }),
    offerPasskey: build.mutation<PublicKeyCredentialCreationOptionsJSON, string>({
      query: (passphrase) => ({ url: '/me/passkeys/offer', method: 'POST', body: { passphrase } }),
    }),
    addPasskey: build.mutation<unknown, RegistrationResponseJSON>({
      query: (body) => ({ url: '/me/passkeys', method: 'POST', body }),
      invalidatesTags: ['Passkeys'],
    }),
    deletePasskey: build.mutation<unknown, string>({
      query: (id) => ({ url: `/me/passkeys/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Passkeys'],
    }),
    askPasskey: build.mutation<PublicKeyCredentialRequestOptionsJSON, void>({
      query: () => ({ url: '/session/passkey/asked', method: 'POST' }),
    }),
    signInByPasskey: build.mutation<ToldHousehold, AuthenticationResponseJSON>({
      query: (body) => ({ url: '/session/passkey', method: 'POST', body }),
      transformResponse: told,
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
  usePasskeysQuery,
  useOfferPasskeyMutation,
  useAddPasskeyMutation,
  useDeletePasskeyMutation,
  useAskPasskeyMutation,
  useSignInByPasskeyMutation,
  useChangePassphraseMutation,
  useChangeRoleMutation,
  useCloseHouseholdMutation,
  useFoundMutation,
  useInvitationQuery,
  useInviteMutation,
  useJoinMutation,
  useLeaveMutation,
  useMembersQuery,
  useRecoverMutation,
  useRemovePersonMutation,
  useRenewCodesMutation,
  useSignDeviceOutMutation,
  useSignedInDevicesQuery,
  useSignInMutation,
  useSignInToDemoMutation,
  useSignOthersOutMutation,
  useTakeInvitationBackMutation,
} = doorApi;
