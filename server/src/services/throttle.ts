import { MINUTE_MS } from '@omtel/core/units';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { hashOf } from '../hashOf';
import { failuresLocked, forgetFailures, saveFailures, takeBackFailure } from '../repositories/failedTries';
import { Refusal } from './refusal';

/** So many tries are free; each one after them is waited for, twice as long as the one before. */
const FREE = { person: 5, address: 20, founding: 10 } as const;
const FIRST_WAIT_MS = MINUTE_MS / 2;
const LONGEST_WAIT_MS = 15 * MINUTE_MS;
/** After so long without another everything is forgotten. */
const FORGOTTEN_MS = 60 * MINUTE_MS;

/** What is counted: tries at one person's door, from one address, or new households from one address. */
export interface Counted {
  readonly by: keyof typeof FREE;
  readonly key: string;
}

const hashOfKey = ({ by, key }: Counted): string => hashOf(`${by}:${key}`);

/** How long the next try is waited for after so many that failed, ms. */
const waitAfter = (failures: number, free: number): number =>
  failures < free ? 0 : Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (failures - free));

/**
 * Lets a try begin, and counts it before anybody knows how it ends: many at once are not all free.
 *
 * @throws Refusal while one of what it counts against is still waited for; said alike whether there is anybody there or not
 */
export async function admit(db: Database, counted: readonly Counted[], now: number): Promise<void> {
  await forgetFailures(db, now - FORGOTTEN_MS);
  await inTransaction(db, async (trx) => {
    for (const each of counted) {
      const { failures, lastAt } = await failuresLocked(trx, hashOfKey(each), now);
      const waitMs = waitAfter(failures, FREE[each.by]);
      const leftMs = lastAt + waitMs - now;
      // Another may have come in between with a later clock: what is free is not waited for.
      if (waitMs > 0 && leftMs > 0)
        throw new Refusal(429, `That was tried too often. Try again in ${inWords(leftMs)}.`);
      await saveFailures(trx, hashOfKey(each), { failures: failures + 1, lastAt: now });
    }
  });
}

const inWords = (ms: number): string => {
  if (ms <= FIRST_WAIT_MS) return 'half a minute';
  const minutes = Math.ceil(ms / MINUTE_MS);
  return minutes > 1 ? `${minutes} minutes` : 'a minute';
};

/** The try that was let begin was none in vain. */
export async function cameIn(db: Database, counted: readonly Counted[]): Promise<void> {
  for (const each of counted) await takeBackFailure(db, hashOfKey(each));
}
