import type { Heard, LogEntry } from '@omtel/core/api';
import { isOfMeal } from '@omtel/core/record';
import type { Database } from '../db/connect';
import { eventsAfter } from '../repositories/events';
import { foodNames } from '../repositories/foods';
import { heardBy } from '../repositories/households';
import { mealNames } from '../repositories/meals';
import { peopleNames } from '../repositories/people';

/** How often the database is asked, once for all who listen here, whether a household has gone on: on whatever server it did. */
const LOOKED_EVERY_MS = 250;

/** What somebody waits for: that a household has come further than was heard. */
interface Waiting {
  readonly householdId: string;
  readonly heard: Heard;
  readonly go: (now: Heard | null) => void;
}

/** Who listens to what happens in households. */
export interface Live {
  /**
   * Waits until a household has come further than was heard, or so long.
   *
   * @returns how far it is; null where there is no such household any more, or nobody is told anything any more
   */
  further(householdId: string, heard: Heard, mostMs: number): Promise<Heard | null>;
  /** Nobody is told anything more: the server stops. */
  end(): void;
}

/** Looks at the database for all who listen on this server; while nobody does, it does not. */
export function liveFrom(db: Database): Live {
  const waiting = new Set<Waiting>();
  let timer: ReturnType<typeof setTimeout> | null = null;
  let ended = false;
  // One look at a time: a database that is slow to answer is not asked again meanwhile.
  let looking = false;
  const look = async () => {
    timer = null;
    looking = true;
    const asked = [...waiting];
    // A database that cannot be asked is asked again: whoever listens hears of it all the later.
    const now = await heardBy(db, [...new Set(asked.map(({ householdId }) => householdId))]).catch(
      () => null,
    );
    for (const { householdId, heard, go } of now ? asked : []) {
      const its = now!.get(householdId) ?? null;
      if (!its || its.seq !== heard.seq || its.turn !== heard.turn) go(its);
    }
    looking = false;
    lookAgain();
  };
  const lookAgain = () => {
    if (waiting.size > 0 && !looking) timer ??= setTimeout(() => void look(), LOOKED_EVERY_MS);
  };
  return {
    further: (householdId, heard, mostMs) =>
      new Promise((resolve) => {
        if (ended) return resolve(null);
        const late = setTimeout(() => one.go(heard), mostMs);
        const one: Waiting = {
          householdId,
          heard,
          go: (now) => {
            clearTimeout(late);
            waiting.delete(one);
            resolve(now);
          },
        };
        waiting.add(one);
        lookAgain();
      }),
    end: () => {
      ended = true;
      if (timer) clearTimeout(timer);
      for (const { go } of [...waiting]) go(null);
    },
  };
}

/** Entries after one of a household's, in its order, as they were recorded, with what they are of and who made them. */
export async function entriesAfter(
  db: Database,
  householdId: string,
  seq: number,
  most: number,
): Promise<LogEntry[]> {
  const entered = await eventsAfter(db, householdId, seq, most);
  const events = entered.map(({ event }) => event);
  const [foods, meals, people] = await Promise.all([
    foodNames(db, householdId, [
      ...new Set(events.flatMap((event) => (isOfMeal(event) ? [] : [event.foodId]))),
    ]),
    mealNames(db, householdId, [
      ...new Set(events.flatMap((event) => (isOfMeal(event) ? [event.mealId] : []))),
    ]),
    peopleNames(db, householdId),
  ]);
  return entered.map(({ event, personId }): LogEntry => {
    const by = personId === null ? undefined : people.get(personId);
    // What was taken back whole has no name any more.
    const name = (isOfMeal(event) ? meals.get(event.mealId) : foods.get(event.foodId)) ?? '';
    return { event, name, ...(by && { by }) };
  });
}
