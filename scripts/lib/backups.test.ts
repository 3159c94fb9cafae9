import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { fixedClock } from '../../server/src/clock';
import { connect, type Database } from '../../server/src/db/connect';
import { migrate } from '../../server/src/db/migrate';
import { ensureDemoHousehold } from '../../server/src/demo/demoHousehold';
import { recordEvents } from '../../server/src/services/recordEvents';
import { verifyLedger } from '../../server/src/services/verify';
import { backUp, restore } from './backups';
import { startDatabase, type RunningDatabase } from './database';
import { chances } from '@omtel/core/chance';
import { yearsOfUse } from './inventedUse';

jest.setTimeout(180_000);

const folder = mkdtempSync(join(tmpdir(), 'omtel-backups-'));
const file = (name: string) => join(folder, name);
const wall = fixedClock(Date.UTC(2026, 5, 12, 10));
let database: RunningDatabase;
let db: Database;
let householdId: string;

beforeAll(async () => {
  database = await startDatabase(join(folder, 'database'), 'test-only-password', { throwaway: true });
  await migrate(database.url);
  db = connect(database.url);
  const household = await ensureDemoHousehold(db, wall, 'UTC');
  householdId = household.id;
  const until = wall.now() + household.clockStartMs;
  // Two months of use, of the same every time.
  for (const events of yearsOfUse(until, 1 / 6, chances(7)))
    await recordEvents(db, householdId, events, wall);
});
afterAll(async () => {
  await db.destroy();
  await database.stop();
  rmSync(folder, { recursive: true, force: true });
});

const everything = async () => ({
  households: await db('households').orderBy('id'),
  events: await db('events').orderBy('seq'),
  foods: await db('foods').orderBy('id'),
  lineage: await db('lineage').orderBy(['parent_id', 'child_id']),
});

it('use of two months folds to what is stored, without a gap', async () => {
  const verified = await verifyLedger(db);
  expect(verified).toMatchObject({ households: 1, differing: [], gaps: [], notJudged: 0 });
  expect(verified.events).toBeGreaterThan(1500);
});

it('a backup brings all of it back, and what it replaced is kept as well', async () => {
  const before = await everything();
  await backUp(database.url, file('one.sql.gz'));
  await db('foods').where({ household_id: householdId }).limit(3).delete();
  await db('events').where({ household_id: householdId }).orderBy('seq', 'desc').limit(5).delete();
  const spoiled = await everything();
  await db('foods').update({ state: '{}' });
  await expect(backUp(database.url, file('spoiled.sql.gz'))).rejects.toThrow('does not hold together');

  await restore(database.url, file('one.sql.gz'), file('kept.sql.gz'));
  expect(await everything()).toEqual(before);
  expect(spoiled.events).toHaveLength(before.events.length - 5);
  expect(gunzipSync(readFileSync(file('kept.sql.gz'))).toString()).toContain("'{}'");
});

it.each([
  ['is not there', () => undefined],
  ['is something else', () => writeFileSync(file('bad.sql.gz'), 'no backup')],
  ['is cut off', () => writeFileSync(file('bad.sql.gz'), readFileSync(file('one.sql.gz')).subarray(0, 5000))],
  ['is of nothing', () => writeFileSync(file('bad.sql.gz'), gzipSync('SELECT 1;'))],
  ['is of something else', () => writeFileSync(file('bad.sql.gz'), gzipSync('DROP TABLE nothing;'))],
])('a file that %s is refused, and all is as it was', async (_what, make) => {
  rmSync(file('bad.sql.gz'), { force: true });
  make();
  const before = await everything();
  await expect(restore(database.url, file('bad.sql.gz'), file('unused.sql.gz'))).rejects.toThrow(/^\S/);
  expect(await everything()).toEqual(before);
  expect(readdirSync(folder)).not.toContain('unused.sql.gz');
  const databases = (await db.raw('SHOW DATABASES')) as [{ Database: string }[]];
  expect(databases[0].filter(({ Database: name }) => name.startsWith('omtel_proof'))).toEqual([]);
});
