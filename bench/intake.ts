import { chances } from '@omtel/core/chance';
import type { FoodEvent } from '@omtel/core/record';
import { v7 as uuid } from 'uuid';
import { foodLife, yearsOfUse } from '../scripts/lib/inventedUse';
import type { Database } from '../server/src/db/connect';
import { onServer, timed } from './onServer';

const ROUNDS = 60;
const IN_BATCH = 200;

/** The rows of events as they lie in the database. */
const rowsOf = (householdId: string, events: readonly FoodEvent[], from: number) =>
  events.map(({ foodId, at, type, payload }, index) => ({
    household_id: householdId,
    id: uuid(),
    food_id: foodId,
    type,
    at,
    recorded_at: at,
    payload: JSON.stringify(payload),
    seq: from + index + 1,
  }));

const median = (some: readonly number[]): number => [...some].sort((a, b) => a - b)[some.length >> 1]!;

/** Taking entries in, against writing the same rows and nothing else, in the same run, with a database that waits for the disk. */
export const intake = (): Promise<string[]> =>
  onServer('intake', async ({ db, household, now, ask }) => {
    const post = async (events: readonly FoodEvent[]) => {
      await ask('POST', '/api/events', JSON.stringify({ events }));
    };
    await db.raw('CREATE TABLE bare_events LIKE events');
    await db.raw('CREATE TABLE bare_foods LIKE foods');
    return [await batches(db, household.id, now, post), await singles(db, household.id, now, post)];
  });

type Post = (events: readonly FoodEvent[]) => Promise<void>;

async function batches(db: Database, householdId: string, now: number, post: Post): Promise<string> {
  const chance = chances(11);
  const use = yearsOfUse(now, 2, chance);
  const [whole, bare] = [[] as number[], [] as number[]];
  let seq = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const events: FoodEvent[] = [];
    while (events.length < IN_BATCH) events.push(...(use.next().value as FoodEvent[]));
    const batch = events.slice(0, IN_BATCH);
    const rows = rowsOf(householdId, batch, seq);
    seq += rows.length;
    bare.push(await timed(() => db('bare_events').insert(rows)));
    whole.push(await timed(() => post(batch)));
  }
  const share = median(bare) / median(whole);
  return `batches of ${IN_BATCH}: ${(share * 100).toFixed(0)} % of a bare multi-row insert`;
}

async function singles(db: Database, householdId: string, now: number, post: Post): Promise<string> {
  const chance = chances(12);
  const [whole, bare] = [[] as number[], [] as number[]];
  let seq = 1_000_000;
  await db('bare_foods').insert({
    household_id: householdId,
    id: householdId,
    state: '{}',
    event_count: 0,
    gone: false,
  });
  for (let round = 0; round < ROUNDS / 4; round++)
    for (const event of foodLife(now - 1e9, chance)) {
      const rows = rowsOf(householdId, [event], (seq += 1));
      bare.push(
        await timed(() =>
          db.transaction(async (trx) => {
            await trx('bare_events').insert(rows);
            await trx('bare_foods').where({ id: householdId }).update({ event_count: seq });
          }),
        ),
      );
      whole.push(await timed(() => post([event])));
    }
  const share = median(bare) / median(whole);
  return `single entries: ${(share * 100).toFixed(0)} % of a bare insert and update in one transaction`;
}
