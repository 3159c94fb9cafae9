/**
 * Chance that comes out the same for the same seed.
 * Nothing here looks at a clock or throws a die.
 */
export { type Chance, chances, deviate } from './chances';
