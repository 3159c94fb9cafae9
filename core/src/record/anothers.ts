import type { EventType, Place } from './events';

/** Entries that say something of one food alone, so that they can turn out to be another's ("that was the other tub"). */
const OF_ONE_FOOD: ReadonlySet<EventType> = new Set([
  'thawStarted',
  'waterChanged',
  'waterRead',
  'outSince',
  'printed',
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
  'allergens',
  'dated',
  'eaten',
  'discarded',
  'note',
]);

export const canBeAnothers = (type: EventType): boolean => OF_ONE_FOOD.has(type);

/** A food by what tells it from others. */
interface Named {
  readonly foodId: string;
  readonly foodKey: string;
  readonly name: string;
  readonly place: Place;
}

/** The foods an entry may have been meant for, the likeliest first: of the same kind, then in the same place. */
export function likeliestFirst<Food extends Named>(food: Named, foods: readonly Food[]): readonly Food[] {
  const unlike = ({ foodKey, place }: Named) => (foodKey === food.foodKey ? 0 : place === food.place ? 1 : 2);
  return foods
    .filter(({ foodId, place }) => foodId !== food.foodId && place !== 'gone')
    .sort((a, b) => unlike(a) - unlike(b) || a.name.localeCompare(b.name));
}
