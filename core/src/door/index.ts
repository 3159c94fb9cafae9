/**
 * The door to a household: how names, passphrases and recovery codes are read. How strong a passphrase is stands in `strength`,
 * since that knows long lists; secrets are hashed and compared on the server alone.
 */
export { nameKey, plainPassphrase } from './names';
export { CODE_BYTES, codeOf, readCode } from './recoveryCode';
