import type { Heard } from '@omtel/core/api';
import { asEaten } from '@omtel/core/meal';
import { AGAIN_MS, isAgain, remindersOf, toPush, type Reminder } from '@omtel/core/reminders';
import { saidBy } from '@omtel/core/time';
import { DAY_MS, MINUTE_MS, SECOND_MS } from '@omtel/core/units';
import type { WallClock } from '../clock';
import { hashOf } from '../hashOf';
import { kindOf, type Log } from '../log';
import { findHousehold, type HouseholdRow } from '../repositories/households';
import {
  claimReminder,
  forgetReminded,
  remindedHouseholds,
  subscriptionsOf,
  type Subscribed,
} from '../repositories/push';
import { householdNow } from './householdClock';
import { listKitchen } from './kitchen';
import { push, serviceOf, type Pushing } from './push';

const LOOK_EVERY_MS = 5 * SECOND_MS;
/** Steps that nobody ticks move with the clock: what is due is worked out anew so often, and whenever something happens. */
const ANEW_AFTER_MS = 5 * MINUTE_MS;
const FORGOTTEN_AFTER_MS = 2 * DAY_MS;

/** What a household is to be reminded of, as far as it had come. */
interface Known {
  readonly heard: Heard;
  readonly workedOutAt: number;
  readonly household: HouseholdRow;
  readonly reminders: readonly Reminder[];
  /** What this server looked at already; others may have told it. */
  readonly seen: Map<string, number>;
}

/** Reminds devices of what falls due in their households, whether a page is open on them or not. */
export interface Reminding {
  /** Looks once. */
  look(): Promise<void>;
  end(): void;
}

/** @param wall its time is the households' own, which a demo's can be moved ahead of */
export function remindFrom(pushing: Pushing, wall: WallClock, log: Log): Reminding {
  const { db } = pushing;
  const known = new Map<string, Known>();

  const workOut = async (householdId: string, heard: Heard): Promise<Known | null> => {
    const before = known.get(householdId);
    const household = await findHousehold(db, householdId);
    if (!household) return null;
    const now = householdNow(household, wall);
    const { foods, meals } = await listKitchen(db, household, wall);
    const { settings } = household;
    const eaten = asEaten(foods, meals, settings.table);
    const reminders = saidBy(settings.times.face, () => remindersOf({ foods: eaten, meals, settings }, now));
    await forgetReminded(db, householdId, now - FORGOTTEN_AFTER_MS);
    return { heard, workedOutAt: wall.now(), household, reminders, seen: before?.seen ?? new Map() };
  };

  /** The devices this server can write to, by their push services: another one may know others. */
  const reachable = async (
    householdId: string,
  ): Promise<readonly (readonly [string, readonly Subscribed[]])[]> => {
    const devices = await subscriptionsOf(db, householdId, Date.now());
    return pushing
      .pushServices()
      .map((service) => [service, devices.filter((device) => serviceOf(device) === service)] as const)
      .filter(([, its]) => its.length > 0);
  };

  const lookAt = async (householdId: string, heard: Heard): Promise<void> => {
    const before = known.get(householdId);
    const fresh =
      before?.heard.seq === heard.seq &&
      before.heard.turn === heard.turn &&
      wall.now() < before.workedOutAt + ANEW_AFTER_MS;
    const its = fresh ? before : await workOut(householdId, heard);
    if (!its) return;
    known.set(householdId, its);
    const now = householdNow(its.household, wall);
    for (const reminder of its.reminders) {
      const { key, at, until } = reminder;
      if (at > now || until <= now || !isAgain(its.seen.get(key), at)) continue;
      its.seen.set(key, at);
      const ttlS = Math.max(1, Math.round((until - now) / SECOND_MS));
      for (const [service, devices] of await reachable(householdId)) {
        const told = { householdId, keyHash: hashOf(`${service} ${key}`), at };
        if (await claimReminder(db, told, AGAIN_MS))
          await push(pushing, devices, toPush(reminder, its.household.settings, now), ttlS);
      }
    }
  };

  const look = async (): Promise<void> => {
    const households = await remindedHouseholds(db, Date.now());
    for (const id of known.keys()) if (!households.has(id)) known.delete(id);
    for (const [id, heard] of households)
      try {
        await lookAt(id, heard);
      } catch (error) {
        // One household's trouble keeps no other waiting.
        log({ failed: 'reminding', household: id, kind: kindOf(error as Error) });
      }
  };

  let ended = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const again = () => {
    timer = setTimeout(() => {
      look()
        // A database that is away is asked again.
        .catch((error: Error) => log({ failed: 'reminding', kind: kindOf(error) }))
        .finally(() => ended || again());
    }, LOOK_EVERY_MS).unref();
  };
  again();
  return {
    look,
    end: () => {
      ended = true;
      clearTimeout(timer);
    },
  };
}
