import { aKitchen } from '../test/kitchen';
import { inTransaction } from './db/transaction';

const kitchen = aKitchen();

const TRIES = 'failed_tries';
const keyOf = (i: number) => ({ key_hash: String(i).padStart(64, '0') });
const MANY = 400;
const each = (from: number, to: number) => Array.from({ length: to - from }, (_, i) => keyOf(from + i));

beforeEach(async () => {
  await kitchen.db(TRIES).delete();
  await kitchen.db(TRIES).insert(each(0, MANY).map((key) => ({ ...key, failures: 0, last_at: 0 })));
});

const counted = async (i: number) => (await kitchen.db(TRIES).where(keyOf(i)).first()).failures as number;
/** Waits until somebody else has a row. */
const untilTaken = async (i: number) => {
  while ((await kitchen.db(TRIES).where(keyOf(i)).forUpdate().skipLocked()).length);
};

it('a statement by itself that waits for somebody who waits for it is tried again, and counts once', async () => {
  let single: PromiseLike<unknown> | undefined;
  await inTransaction(kitchen.db, async (trx) => {
    // Whoever changed more is let go on.
    for (const key of each(2, MANY)) await trx(TRIES).where(key).increment('failures', 1);
    await trx(TRIES).where(keyOf(0)).increment('failures', 1);
    single = kitchen.db
      .raw(
        `UPDATE ${TRIES} SET failures = failures + 1 WHERE key_hash IN (:first, :second) ORDER BY key_hash DESC`,
        {
          first: keyOf(0).key_hash,
          second: keyOf(1).key_hash,
        },
      )
      .then(() => undefined);
    await untilTaken(1);
    await trx(TRIES).where(keyOf(1)).increment('failures', 1);
  });
  await single;
  expect(await Promise.all([0, 1, 2].map(counted))).toEqual([2, 2, 1]);
});
