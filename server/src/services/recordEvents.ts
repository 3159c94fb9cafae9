import type { Recorded } from '@omtel/core/api';
import {
  asCorrected,
  inOrder,
  isOfMeal,
  latestPast,
  type FoodEvent,
  type KitchenEvent,
} from '@omtel/core/record';
import { BrokenTrail } from '@omtel/core/trail';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { askTogether, writeTogether } from '../db/together';
import { eventsAppended, eventsById, eventsOf, numbered, type Entering } from '../repositories/events';
import { findFoods, foodsSaved, type Folded } from '../repositories/foods';
import { childrenOf, descendantsOf, lineageAppended } from '../repositories/lineage';
import { householdLocked, type HouseholdRow } from '../repositories/households';
import { affectedBy } from './affected';
import { historiesOf } from './histories';
import { householdNow } from './householdClock';
import { intoUnsureStore } from './intoUnsureStore';
import { folded } from './refold';
import { Refusal } from './refusal';
import { refuseUntrue } from './refuseUntrue';
import { takeInMeals } from './takeInMeals';

/** Clocks of phones and servers differ a little; what lies further ahead has not happened. */
export const AHEAD_MS = 2 * 60 * 1000;

/**
 * Appends what happened and stores the new states of foods and meals, all in one transaction. What is known already stands as it was
 * first recorded: sending it again changes nothing.
 *
 * @param by who enters it; null: Omtel itself, or the demo’s anybody
 * @returns the ids the household now has, and the foods and meals they touch
 * @throws Refusal when an event lies in the future or speaks of what does as past, leaves a food without a beginning, or cannot
 *   be true
 */
export async function recordEvents(
  db: Database,
  householdId: string,
  events: readonly KitchenEvent[],
  wall: WallClock,
  by: string | null = null,
): Promise<Recorded> {
  return inTransaction(db, async (trx) => {
    const ids = new Set(events.map(({ id }) => id));
    const foodIds = foodsOf(ofFoods(events));
    const [household, ofSame, children] = await askTogether(trx, [
      householdLocked(trx, householdId),
      eventsOf(trx, householdId, foodIds),
      childrenOf(trx, householdId, foodIds),
    ]);
    if (!household) throw new Refusal(401, 'Sign in first.');
    const now = householdNow(household, wall);
    const take = async (known: readonly KitchenEvent[]): Promise<Recorded> => {
      const fresh = notAmong(known, events);
      if (fresh.some((event) => latestPast(event) > now + AHEAD_MS)) {
        throw new Refusal(422, 'That has not happened yet. Check the time.');
      }
      const knownOfFoods = ofFoods(known);
      const { foods, lastSeq } = await takeIn(
        trx,
        household,
        { fresh: ofFoods(fresh), known: knownOfFoods, children },
        { now, by },
      );
      const meals = await takeInMeals(trx, { id: householdId, lastSeq }, fresh.filter(isOfMeal), { now, by });
      const told = new Set(foods.map(({ state }) => state.foodId));
      const unchanged = foodsOf(knownOfFoods.filter(({ id }) => ids.has(id))).filter(
        (foodId) => !told.has(foodId),
      );
      return {
        accepted: [...ids],
        foods: [...foods, ...(await findFoods(trx, householdId, unchanged))],
        meals,
      };
    };
    // Of a meal what is known is asked by its ids: each schedule it ever had lies among it.
    const ofMeals = events.filter(isOfMeal).map(({ id }) => id);
    const known = [...ofSame, ...(ofMeals.length ? await eventsById(trx, householdId, ofMeals) : [])];
    try {
      return await take(known);
    } catch (error) {
      // Nothing of it is written. An id may be known under another food, which is rare, and dear to ask of each.
      if (!(error instanceof Refusal) && !isTwice(error)) throw error;
      const elsewhere = await eventsById(trx, householdId, [...ids]);
      if (elsewhere.every(({ id }) => known.some((event) => event.id === id))) throw error;
      return take([...known, ...notAmong(known, elsewhere)]);
    }
  });
}

const isTwice = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && error.code === 'ER_DUP_ENTRY';

/** What comes in, and what is known that it touches. */
interface Intake {
  readonly fresh: readonly FoodEvent[];
  /** All that is known of the foods it is of. */
  readonly known: readonly FoodEvent[];
  /** The foods that came of these. */
  readonly children: readonly string[];
}

/** What happened to foods. */
const ofFoods = (events: readonly KitchenEvent[]): FoodEvent[] =>
  events.filter((event): event is FoodEvent => !isOfMeal(event));

const foodsOf = (events: readonly FoodEvent[]): string[] => [...new Set(events.map(({ foodId }) => foodId))];

/** Events, and in place of each correction what it makes of the event it names. */
function asTheyRead(fresh: readonly FoodEvent[], known: readonly FoodEvent[]): FoodEvent[] {
  const all = [...known, ...fresh];
  const read = asCorrected(all.filter(({ type }) => type === 'corrected'));
  const named = new Map(all.map((event) => [event.id, event]));
  return fresh.flatMap((event) => {
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
  { fresh, known, children }: Intake,
  entering: Entering,
): Promise<Pick<Recorded, 'foods'> & Pick<HouseholdRow, 'lastSeq'>> {
  if (fresh.length === 0) return { foods: [], lastSeq: household.lastSeq };
  const { id } = household;
  await refuseUntrue(trx, id, byFood(known), fresh);
  const told = await intoUnsureStore(trx, household, asTheyRead(fresh, known));
  const events = numbered(household, [...fresh, ...notAmong(known, told)]);
  const foodIds = foodsOf(events);
  // What was known under an id of another food is none of these.
  const own = byFood([...known, ...events], new Set(foodIds));
  const histories = await historiesOf(trx, id, await descendantsOf(trx, id, foodIds, children), own);
  const outcome = await foldedOf(trx, household, affectedBy(events, histories), histories);
  await writeTogether(trx, [
    ...eventsAppended(trx, id, events, entering),
    ...lineageAppended(trx, id, events),
    ...foodsSaved(trx, id, outcome),
  ]);
  return { foods: outcome.foods, lastSeq: events.at(-1)!.seq! };
}

async function foldedOf(...what: Parameters<typeof folded>): Promise<Folded> {
  try {
    return await folded(...what);
  } catch (error) {
    if (error instanceof BrokenTrail)
      throw new Refusal(422, 'That food is not known here. Reload and try again.');
    throw error;
  }
}

/** The histories of foods, each in order of time. */
function byFood(events: readonly FoodEvent[], wanted?: ReadonlySet<string>): Map<string, FoodEvent[]> {
  const histories = new Map<string, FoodEvent[]>();
  for (const event of events) {
    if (wanted && !wanted.has(event.foodId)) continue;
    const history = histories.get(event.foodId) ?? [];
    histories.set(event.foodId, history);
    history.push(event);
  }
  for (const history of histories.values()) history.sort(inOrder);
  return histories;
}

/** Those of the events that are none of the known ones, each once. */
function notAmong<Event extends KitchenEvent>(
  known: readonly KitchenEvent[],
  events: readonly Event[],
): Event[] {
  const ids = new Set(known.map(({ id }) => id));
  return events.filter(({ id }) => !ids.has(id) && ids.add(id));
}
