import type { EventType } from '../../record';
import type { FoodState } from '../state';
import type { HandlersOf } from './handler';
import { heating } from './heating';
import { leaving } from './leaving';
import { moving } from './moving';
import { planning } from './planning';
import { saying } from './saying';
import { storing } from './storing';
import { thawing } from './thawing';

const nothing = (state: FoodState): FoodState => state;

/** What each type of event does to a food's state. */
export const handlers: HandlersOf<EventType> = {
  // Beginnings, and what needs another food's history, are taken in where a trail is folded.
  added: nothing,
  portioned: nothing,
  joined: nothing,
  note: nothing,
  // Taken in before folding, since it speaks of another event; so is the guidance, which holds for the whole history.
  corrected: nothing,
  guided: nothing,
  ...saying,
  ...planning,
  ...thawing,
  ...heating,
  ...moving,
  ...storing,
  ...leaving,
};
