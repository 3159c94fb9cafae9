/** Thermometers: what a reading is kept with, and which readings are in doubt. Their pages are this place's own. */
export { ReadWith } from './ReadWith';
export { ReadInDoubt } from './ReadInDoubt';
export { asRead, usualThermometer } from './asRead';
export { useThermometers, type RatedThermometer } from './useThermometers';
