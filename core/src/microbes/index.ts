/**
 * Growth and destruction of organisms over a history of temperatures; illustrations beside a rule.
 * Nothing here decides whether food is eaten.
 */
export { integrate, type TemperatureHistory } from './history';
export { type HeatResistance, IN_MEAT, logReduction, logWords, SEVENTY_FOR_TWO } from './lethality';
export { doublings, growthAgainst, relativeRate } from './growth';
export { type Organism, organisms } from './organisms';
