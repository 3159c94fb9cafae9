import type { Recorded } from '@omtel/core/api';
import { asCorrected, BrokenTrail, latestPast, whyRefused, type FoodEvent } from '@omtel/core/trail';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { appendEvents, correctionsOf, eventsById, eventsOfFood, foodsOfEvents } from '../repositories/events';
import { appendLineage, descendantsOf } from '../repositories/lineage';
import { lockHousehold } from '../repositories/households';
import { intoUnsureStore } from './intoUnsureStore';
import { refold } from './refold';
import { Refusal } from './refusal';
import { householdNow } from './householdClock';

/** Clocks of phones and servers differ a little; what lies further ahead has not happened. */
export const AHEAD_MS = 2 * 60 * 1000;

/**
 * Appends what happened and stores the foods' new states, all in one transaction. Sending the same events again is
 * harmless.
 *
 * @throws Refusal when an event lies in the future or speaks of what does as past, leaves a food without a beginning, or is a correction that cannot be true
 */
export async function recordEvents(
  db: Database,
  householdId: string,
  events: readonly FoodEvent[],
  wall: WallClock,
): Promise<Recorded> {
  return db.transaction(async (trx) => {
    const household = await lockHousehold(trx, householdId);
    if (!household) throw new Refusal(401, 'Sign in first.');
    const now = householdNow(household, wall);
    if (events.some((event) => latestPast(event) > now + AHEAD_MS)) {
      throw new Refusal(422, 'That has not happened yet. Check the time.');
    }
    await refuseUntrue(trx, householdId, events);
    const told = await intoUnsureStore(trx, household, await asTheyRead(trx, householdId, events));
    await appendEvents(trx, householdId, [...events, ...told], now);
    await appendLineage(trx, householdId, events);
    // An id that was known already belongs to the food it was first recorded for, whatever the new copy says.
    const foodIds = await foodsOfEvents(
      trx,
      householdId,
      events.map(({ id }) => id),
    );
    try {
      const touched = [...foodIds, ...(await descendantsOf(trx, householdId, foodIds))];
      const stored = await Promise.all(touched.map((foodId) => refold(trx, household, foodId)));
      return { accepted: events.map(({ id }) => id), foods: stored.filter((food) => food !== null) };
    } catch (error) {
      if (error instanceof BrokenTrail)
        throw new Refusal(422, 'That food is not known here. Reload and try again.');
      throw error;
    }
  });
}

/** Events, and in place of each correction what it makes of the event it names. */
async function asTheyRead(
  trx: Database,
  householdId: string,
  events: readonly FoodEvent[],
): Promise<FoodEvent[]> {
  const corrections = events.filter((event) => event.type === 'corrected');
  if (corrections.length === 0) return [...events];
  const foodIds = [...new Set(corrections.map(({ foodId }) => foodId))];
  const known = await eventsById(
    trx,
    householdId,
    corrections.map(({ payload }) => payload.eventId),
  );
  const read = asCorrected([...(await correctionsOf(trx, householdId, foodIds)), ...events]);
  const named = new Map([...known, ...events].map((event) => [event.id, event]));
  return events.flatMap((event) => {
    if (event.type !== 'corrected') return [event];
    const target = named.get(event.payload.eventId);
    const corrected = target && read(target);
    return corrected ? [{ ...corrected, id: event.id }] : [];
  });
}

/**
 * A correction speaks of its own food, and may not move an event before that was there, its coming past what happened to
 * it, or say what no such event can have.
 */
async function refuseUntrue(trx: Database, householdId: string, events: readonly FoodEvent[]): Promise<void> {
  for (const [index, event] of events.entries()) {
    if (event.type !== 'corrected') continue;
    const history = await eventsOfFood(trx, householdId, event.foodId);
    // Sent again it is known already, and changes nothing.
    if (history.some(({ id }) => id === event.id)) continue;
    const sentAlong = events.slice(0, index).filter(({ foodId }) => foodId === event.foodId);
    const known = [...history, ...sentAlong];
    if (!known.some(({ id }) => id === event.payload.eventId))
      throw new Refusal(422, 'What this sets right is not known of this food.');
    const why = whyRefused(known, event);
    if (why) throw new Refusal(422, why);
  }
}
