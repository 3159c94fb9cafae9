/** How strong a passphrase is, by lists of the commonest and patterns of keyboards; apart, since the lists are long. */
export { type Strength, strengthOf } from './strengthOf';
