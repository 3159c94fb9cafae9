import { asCorrected, isOfMeal, latestPast, type FoodEvent, type Payload } from '@omtel/core/record';
import type { Told } from '@omtel/core/stores';
import { v5 as uuidFrom, v7 as uuid } from 'uuid';
import type { Database } from '../db/connect';
import { correctionsOf, eventsById } from '../repositories/events';

/** As much of a UUID v7 as tells when it was made. */
const MOMENT_OF_ID = 'xxxxxxxx-xxxx-'.length;

/** Of what the server derives. */
const NAMESPACE = '6f1f3c0a-52a4-4d0e-9d0b-3f1f2b6f6a51';

/**
 * What a food is told because of something that did not happen to it alone. Its id follows from the cause and the food, so that
 * the same told again says nothing twice, and can be found when the cause turns out to be none. It begins as the cause's own,
 * with the moment that was made in: what is told at one moment stays in the order of its causes.
 */
export function toldBecauseOf(cause: string, foodId: string, told: Told): FoodEvent {
  const id =
    cause.slice(0, MOMENT_OF_ID) + uuidFrom(`${cause} ${foodId} ${told.type}`, NAMESPACE).slice(MOMENT_OF_ID);
  return { id, foodId, ...told };
}

/**
 * What has to be recorded so that foods have been told one thing and not another.
 *
 * @param before what may have been told until now; what never was is passed over
 * @param after what should be told
 */
export async function toldInstead(
  db: Database,
  householdId: string,
  now: number,
  before: readonly FoodEvent[],
  after: readonly FoodEvent[],
): Promise<FoodEvent[]> {
  const wanted = new Map(after.map((event) => [event.id, event]));
  const ids = [...new Set([...before, ...after].map(({ id }) => id))];
  const known = (await eventsById(db, householdId, ids)).filter((event) => !isOfMeal(event));
  const foodIds = [...new Set(known.map(({ foodId }) => foodId))];
  const read = asCorrected(await correctionsOf(db, householdId, foodIds));
  const corrections = known.flatMap((event): FoodEvent[] => {
    const stands = read(event);
    const meant = wanted.get(event.id);
    const correct = (payload: Omit<Payload<'corrected'>, 'eventId'>): FoodEvent[] => [
      {
        id: uuid(),
        foodId: event.foodId,
        at: Math.max(now, latestPast(event)),
        type: 'corrected',
        payload: { eventId: event.id, ...payload },
      },
    ];
    if (!meant) return stands ? correct({ withdrawn: true }) : [];
    if (stands && JSON.stringify(stands.payload) === JSON.stringify(meant.payload)) return [];
    return correct({ at: meant.at, instead: meant.payload });
  });
  const knownIds = new Set(known.map(({ id }) => id));
  return [...after.filter(({ id }) => !knownIds.has(id)), ...corrections];
}
