import type { Recorded } from '@omtel/core/api';
import { BrokenTrail, whyRefused, type FoodEvent } from '@omtel/core/trail';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { appendEvents, eventsOfFood, foodsOfEvents } from '../repositories/events';
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
 * @throws Refusal when an event lies in the future, leaves a food without a beginning, or is a correction that cannot be true
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
    if (events.some(({ at }) => at > now + AHEAD_MS)) {
      throw new Refusal(422, 'That has not happened yet. Check the time.');
    }
    await refuseUntrue(trx, householdId, events);
    await appendEvents(
      trx,
      householdId,
      [...events, ...(await intoUnsureStore(trx, household, events))],
      now,
    );
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

/** A correction may not move an event before its food was there, or a food's coming past what happened to it. */
async function refuseUntrue(trx: Database, householdId: string, events: readonly FoodEvent[]): Promise<void> {
  for (const event of events) {
    if (event.type !== 'corrected') continue;
    const history = await eventsOfFood(trx, householdId, event.foodId);
    // Sent again it is known already, and changes nothing.
    if (history.some(({ id }) => id === event.id)) continue;
    const sentAlong = events.filter(({ foodId, id }) => foodId === event.foodId && id < event.id);
    const why = whyRefused([...history, ...sentAlong], event);
    if (why) throw new Refusal(422, why);
  }
}
