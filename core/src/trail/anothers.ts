import type { EventType } from './events';

/** Entries that say something of one food alone, so that they can turn out to be another's ("that was the other tub"). */
const OF_ONE_FOOD: ReadonlySet<EventType> = new Set([
  'thawStarted',
  'waterChanged',
  'thawed',
  'ovenOn',
  'cookingStarted',
  'reading',
  'signSeen',
  'offHeat',
  'served',
  'airRead',
  'iceSeen',
  'putAway',
  'moved',
  'unaccounted',
  'opened',
  'labelled',
  'dated',
  'eaten',
  'discarded',
  'note',
]);

export const canBeAnothers = (type: EventType): boolean => OF_ONE_FOOD.has(type);
