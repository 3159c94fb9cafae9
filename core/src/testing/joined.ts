import { rulesOf } from '../guidance';
import type { FoodEvent } from '../record';
import { worseOfBoth } from '../trail/joining';
import type { FoodState } from '../trail';
import { hours, stateOf } from './story';

/** Two foods as their events have them, the second put to the first. */
export const both = (a: readonly FoodEvent[], b: readonly FoodEvent[], at = hours(6)): FoodState =>
  worseOfBoth(stateOf(a), stateOf(b), at, rulesOf('home'));
