/**
 * The door to a household: what is said there as a schema, and how names, passphrases and recovery codes are read.
 * How strong a passphrase is stands in `strength`, since that knows long lists; secrets are hashed and compared on the server alone.
 */
export { nameKey, plainPassphrase } from './names';
export { CODE_BYTES, codeOf, readCode } from './recoveryCode';
export {
  invitationKeySchema,
  type InvitationKey,
  type Invited,
  invitedSchema,
  type Inviting,
  invitingSchema,
  type Joining,
  joiningSchema,
  keySaidSchema,
  type Members,
  membersSchema,
  shownSchema,
} from './members';
export { type Passkeys, passkeysSchema, signedSchema } from './passkeys';
export {
  type Founding,
  foundingSchema,
  type PassphraseChange,
  passphraseChangeSchema,
  type Recovery,
  recoverySchema,
  SHORTEST_PASSPHRASE,
  type SigningIn,
  signingInSchema,
} from './schema';
