import { isAway } from '../db/away';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import type { Log } from '../log';
import { lockHousehold } from '../repositories/households';
import { countStale, staleFoods, staleOf } from '../repositories/foods';
import { historiesOf } from './histories';
import { refold, type MaySetAside } from './refold';

/** Folding again, behind a server that answers already, what an older version of the fold stored. */
export interface Refolding {
  /** How many foods are left; none once it is through. */
  left(): number;
  /** Sees to it that what a household has at hand is folded before it is shown. */
  ahead(householdId: string): Promise<void>;
  /** The same of one food, at hand or gone. */
  aheadOf(householdId: string, foodId: string): Promise<void>;
  /** Settles when all are through. */
  readonly done: Promise<void>;
}

/** Nothing to fold again: a database whose states were all stored by this version. */
export const NOTHING_STALE: Refolding = {
  left: () => 0,
  ahead: () => Promise.resolve(),
  aheadOf: () => Promise.resolve(),
  done: Promise.resolve(),
};

/** How many are folded between two lines of the log, and looked up at once. */
const BATCH = 200;
const TRY_AGAIN_MS = 5_000;

/** Begins to fold again whatever is stale, what is at hand first and the newest of it. */
export async function refoldBehind(db: Database, log: Log): Promise<Refolding> {
  let left = await countStale(db);
  if (left === 0) return NOTHING_STALE;
  const all = left;

  const reported: MaySetAside = ({ state }, error) => {
    log({ failed: 'fold', food: state.foodId, kind: error instanceof Error ? error.name : 'unknown' });
    return true;
  };

  const refoldOne = (householdId: string, foodId: string): Promise<void> =>
    inTransaction(db, async (trx) => {
      const household = await lockHousehold(trx, householdId);
      // Somebody recorded something of it meanwhile, or threw it away.
      if (!household || !(await staleOf(trx, householdId, [foodId])).length) return;
      const histories = await historiesOf(trx, householdId, [foodId]);
      await refold(trx, household, [foodId], histories, reported);
    });

  // What cannot even be set aside is left to the next start; it keeps no other waiting.
  const passedOver = new Set<string>();
  const fold = async (householdId: string, foodIds: readonly string[]): Promise<void> => {
    for (const foodId of foodIds)
      try {
        await refoldOne(householdId, foodId);
      } catch (error) {
        if (isAway(error)) throw error;
        passedOver.add(foodId);
        log({ failed: 'refold', food: foodId, kind: error instanceof Error ? error.name : 'unknown' });
      }
  };

  const everything = async (): Promise<void> => {
    while (left > 0) {
      try {
        for (const { householdId, foodId } of await staleFoods(db, BATCH, [...passedOver]))
          await fold(householdId, [foodId]);
        left = (await countStale(db)) - passedOver.size;
        log({ refolded: all - left - passedOver.size, left });
      } catch (error) {
        // The database is away: it is tried again for as long as the server runs.
        log({ failed: 'refolding', kind: error instanceof Error ? error.name : 'unknown' });
        await new Promise((resume) => setTimeout(resume, TRY_AGAIN_MS).unref());
      }
    }
  };

  const atHand = new Map<string, Promise<void>>();
  return {
    left: () => left,
    ahead: (householdId) => {
      if (left === 0) return Promise.resolve();
      const known =
        atHand.get(householdId) ?? staleOf(db, householdId).then((foodIds) => fold(householdId, foodIds));
      atHand.set(householdId, known);
      // What failed is tried again when it is next asked for.
      known.catch(() => atHand.delete(householdId));
      return known;
    },
    aheadOf: async (householdId, foodId) => {
      if (left > 0) await fold(householdId, await staleOf(db, householdId, [foodId]));
    },
    done: everything(),
  };
}
