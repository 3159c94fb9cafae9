import { DAY_MS, HOUR_MS } from '@omtel/core/units';
import type { Database } from '../db/connect';
import { kindOf, type Log } from '../log';
import { deletePartOfEvents } from '../repositories/events';
import { closedHouseholds, deleteClosed, saveClosing } from '../repositories/households';
import type { Whose } from '../repositories/people';
import { shows } from './renewal';

/** So long everything can still be kept. */
const GRACE_MS = 7 * DAY_MS;
/** Clocks of servers differ; none deletes what another still lets in. */
const LATER_MS = HOUR_MS;
const LOOKED_EVERY_MS = HOUR_MS;
/** So many entries are deleted at once: nobody else waits for it. */
const PART = 5_000;

/**
 * A household is to be deleted after a week; said again, it is no longer until then.
 *
 * @throws Refusal for a wrong passphrase
 */
export async function closeHousehold(
  db: Database,
  who: Whose,
  passphrase: string,
  now: number,
): Promise<void> {
  await shows(db, who, passphrase, now);
  await saveClosing(db, who.householdId, now + GRACE_MS);
}

/** Deletes the households whose week is over. */
export async function deleteClosedHouseholds(db: Database, now: number): Promise<void> {
  for (const householdId of await closedHouseholds(db, now - LATER_MS)) {
    while ((await deletePartOfEvents(db, householdId, PART)) > 0);
    await deleteClosed(db, householdId, now - LATER_MS);
  }
}

/** Looks now and every hour. What cannot be deleted is tried again then. */
export function deleteWhatCloses(db: Database, log: Log): void {
  const look = () =>
    deleteClosedHouseholds(db, Date.now()).catch((error: Error) =>
      log({ failed: 'closing', kind: kindOf(error) }),
    );
  void look();
  setInterval(look, LOOKED_EVERY_MS).unref();
}
