/**
 * Slips of the hand: figures no food or place has, and those that look like the other unit. Nothing here refuses anything; it
 * says what to ask before something is kept.
 */
export * from './temperature';
export * from './size';
export * from './time';
