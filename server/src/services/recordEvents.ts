import type { Recorded } from '@omtel/core/api';
import { asCorrected, latestPast, type FoodEvent } from '@omtel/core/record';
import { BrokenTrail } from '@omtel/core/trail';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { appendEvents, correctionsOf, eventsById } from '../repositories/events';
import { findFoods } from '../repositories/foods';
import { appendLineage, descendantsOf } from '../repositories/lineage';
import { lockHousehold, type HouseholdRow } from '../repositories/households';
import { affectedBy } from './affected';
import { historiesOf } from './histories';
import { householdNow } from './householdClock';
import { intoUnsureStore } from './intoUnsureStore';
import { refold } from './refold';
import { Refusal } from './refusal';
import { refuseUntrue } from './refuseUntrue';

/** Clocks of phones and servers differ a little; what lies further ahead has not happened. */
export const AHEAD_MS = 2 * 60 * 1000;

/**
 * Appends what happened and stores the foods' new states, all in one transaction. What is known already stands as it was first
 * recorded: sending it again changes nothing.
 *
 * @returns the ids the household now has, and the foods they touch
 * @throws Refusal when an event lies in the future or speaks of what does as past, leaves a food without a beginning, or cannot
 *   be true
 */
export async function recordEvents(
  db: Database,
  householdId: string,
  events: readonly FoodEvent[],
  wall: WallClock,
): Promise<Recorded> {
  return inTransaction(db, async (trx) => {
    const household = await lockHousehold(trx, householdId);
    if (!household) throw new Refusal(401, 'Sign in first.');
    const now = householdNow(household, wall);
    const known = await eventsById(
      trx,
      householdId,
      events.map(({ id }) => id),
    );
    const fresh = notAmong(known, events);
    if (fresh.some((event) => latestPast(event) > now + AHEAD_MS)) {
      throw new Refusal(422, 'That has not happened yet. Check the time.');
    }
    const changed = await takeIn(trx, household, fresh, now);
    const told = new Set(changed.map(({ state }) => state.foodId));
    const unchanged = known.map(({ foodId }) => foodId).filter((foodId) => !told.has(foodId));
    return {
      accepted: [...new Set(events.map(({ id }) => id))],
      foods: [...changed, ...(await findFoods(trx, householdId, [...new Set(unchanged)]))],
    };
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

/** Takes in what is new, with what follows from it for the foods it is put beside. */
async function takeIn(
  trx: Database,
  household: HouseholdRow,
  fresh: readonly FoodEvent[],
  now: number,
): Promise<Recorded['foods']> {
  if (fresh.length === 0) return [];
  const { id } = household;
  await refuseUntrue(trx, id, fresh);
  const told = await intoUnsureStore(trx, household, await asTheyRead(trx, id, fresh));
  const knownTold = await eventsById(
    trx,
    id,
    told.map((event) => event.id),
  );
  const events = [...fresh, ...notAmong(knownTold, told)];
  await appendEvents(trx, id, events, now);
  await appendLineage(trx, id, events);
  const foodIds = [...new Set(events.map(({ foodId }) => foodId))];
  const histories = await historiesOf(trx, id, [...foodIds, ...(await descendantsOf(trx, id, foodIds))]);
  try {
    return await refold(trx, household, affectedBy(events, histories), histories);
  } catch (error) {
    if (error instanceof BrokenTrail)
      throw new Refusal(422, 'That food is not known here. Reload and try again.');
    throw error;
  }
}

/** Those of the events that are none of the known ones, each once. */
function notAmong(known: readonly FoodEvent[], events: readonly FoodEvent[]): FoodEvent[] {
  const ids = new Set(known.map(({ id }) => id));
  return events.filter(({ id }) => !ids.has(id) && ids.add(id));
}
