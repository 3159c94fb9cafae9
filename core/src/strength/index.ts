/**
 * How strong a passphrase is, by lists of the commonest and patterns of keyboards.
 * A room of its own since the lists are long: who asks fetches it when somebody chooses a passphrase.
 */
export { type Strength, strengthOf } from './strengthOf';
