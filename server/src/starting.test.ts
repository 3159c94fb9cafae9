import type { FoodList, Settings } from '@omtel/core/api';
import { homeRules } from '@omtel/core/guidance';
import { standingOf, thermometerSchema, type Thermometer } from '@omtel/core/thermometers';
import { FOLD_VERSION } from '@omtel/core/trail';
import knex from 'knex';
import { v7 as uuid } from 'uuid';
import { WALL, aKitchen, event, json, soup } from '../test/kitchen';
import { fixedClock } from './clock';
import { migrate } from './db/migrate';
import { ensureDemoHousehold } from './demo/demoHousehold';
import { migrationSource } from './db/migrations';
import { UNSAID } from './db/unsaid';
import { fromJson } from './repositories/json';

const kitchen = aKitchen();

const fresh = (foodId: string) => soup(foodId, kitchen.now - 1000);
const listed = async () => (await json<FoodList>(await kitchen.ask('GET', '/api/foods'))).foods;
/** As a version before this one left it. */
const makeStale = (where: object, state: object = {}) =>
  kitchen
    .db('foods')
    .where(where)
    .update({
      state: JSON.stringify({ place: 'refrigerator', name: 'Old', ...state }),
      fold: FOLD_VERSION - 1,
    });

describe('states of an older fold', () => {
  it('are folded again behind a server that answers, and shown only as they are now', async () => {
    const before = await listed();
    await makeStale({ gone: false });
    const refolding = await kitchen.restart();
    expect(refolding.left()).toBe(before.length);
    expect(await listed()).toEqual(before);
    await refolding.done;
    expect(refolding.left()).toBe(0);
    expect(kitchen.logged).toContainEqual({ refolded: before.length, left: 0 });
  });

  it('of a food that is gone too, once it is looked at', async () => {
    const foodId = uuid();
    await kitchen.record(fresh(foodId), event(foodId, kitchen.household.clock.now, 'eaten'));
    const before = await kitchen.stateOf(foodId);
    await makeStale({ id: foodId }, { place: 'gone' });
    const refolding = await kitchen.restart();
    expect(await kitchen.stateOf(foodId)).toEqual(before);
    await refolding.done;
  });

  it('take what is recorded meanwhile', async () => {
    const foodId = uuid();
    await kitchen.record(fresh(foodId));
    await makeStale({ gone: false });
    const refolding = await kitchen.restart();
    await kitchen.record(event(foodId, kitchen.household.clock.now, 'moved', { place: 'counter' }));
    await refolding.done;
    expect(await kitchen.stateOf(foodId)).toMatchObject({ place: 'counter', name: 'Soup' });
  });
});

describe('a food that will not fold', () => {
  const [broken, well] = [uuid(), uuid()];
  const spoil = async () => {
    await kitchen.record(fresh(broken), fresh(well));
    // Its beginning is lost: whatever happened to the database, it is no reason not to start.
    await kitchen.db('events').where({ food_id: broken }).update({ type: 'note', payload: '{"text":"x"}' });
    await kitchen.db('foods').update({ fold: FOLD_VERSION - 1 });
    await (
      await kitchen.restart()
    ).done;
  };

  it('is set aside by its name, and reported; all others are as they were', async () => {
    await spoil();
    const foods = await listed();
    const aside = foods.find(({ state }) => state.foodId === broken)!;
    expect(aside.state).toMatchObject({ name: 'Soup', setAside: true, place: 'refrigerator' });
    expect(foods.filter(({ state }) => state.setAside)).toHaveLength(1);
    expect(kitchen.logged).toContainEqual({ failed: 'fold', food: broken, kind: 'BrokenTrail' });
    expect(await json(await kitchen.ask('GET', '/api/health'))).toMatchObject({ ready: true, setAside: 1 });
  });

  it('and cannot be set aside either keeps no other waiting', async () => {
    await kitchen.record(fresh(broken), fresh(well));
    const before = await kitchen.stateOf(well);
    // What it is made of cannot be read at all; so has never been seen, and stops nothing all the same.
    await kitchen.db('events').where({ food_id: broken }).update({ payload: 'null' });
    await makeStale({ id: well });
    await kitchen
      .db('foods')
      .where({ id: broken })
      .update({ state: 'null', fold: FOLD_VERSION - 1 });
    const refolding = await kitchen.restart();
    await refolding.done;
    expect(refolding.left()).toBe(0);
    expect(kitchen.logged).toContainEqual(expect.objectContaining({ failed: 'refold', food: broken }));
    expect(await kitchen.stateOf(well)).toEqual(before);
  });

  it('is thrown away when somebody says so', async () => {
    await spoil();
    const thrown = event(broken, kitchen.household.clock.now, 'discarded');
    expect((await kitchen.record(thrown)).status).toBe(200);
    expect((await listed()).map(({ state }) => state.foodId)).not.toContain(broken);
  });
});

it('of two servers that start at once one loads the demo', async () => {
  await kitchen.db('households').delete();
  const load = () => ensureDemoHousehold(kitchen.db, fixedClock(WALL), 'UTC');
  const [one, other] = await Promise.all([load(), load()]);
  expect(one.id).toBe(other.id);
  expect(await kitchen.db('households').count({ n: '*' }).first()).toEqual({ n: 1 });
});

describe('migrations', () => {
  const emptyDatabase = async () => {
    const url = new URL(kitchen.url);
    const name = `omtel_test_${uuid().replaceAll('-', '')}`;
    await kitchen.db.raw(`CREATE DATABASE ${name}`);
    url.pathname = `/${name}`;
    return url.href;
  };
  /** Everything about the tables that migrations decide. */
  const schemaOf = async (url: string) => {
    const db = knex({ client: 'mysql2', connection: url });
    const name = new URL(url).pathname.slice(1);
    const about = (table: string, columns: string, order: string) =>
      db.raw(`SELECT ${columns} FROM information_schema.${table} WHERE table_schema = ? ORDER BY ${order}`, [
        name,
      ]);
    const [[columns], [keys]] = await Promise.all([
      about('columns', 'table_name, column_name, column_type, is_nullable', 'table_name, column_name'),
      about(
        'statistics',
        'table_name, index_name, non_unique, seq_in_index, column_name',
        'table_name, index_name, seq_in_index',
      ),
    ]);
    await db.destroy();
    return { columns, keys };
  };

  it('that were cut off anywhere are taken up by the next start', async () => {
    const whole = await schemaOf(kitchen.url);
    const url = await emptyDatabase();
    let cut = 0;
    for (let most = 4; most < 200; most += 4) {
      const db = knex({
        client: 'mysql2',
        connection: url,
        pool: { min: 0, max: 1 },
        log: UNSAID,
        migrations: { migrationSource, tableName: 'migrations', disableTransactions: true },
      });
      await db.migrate.forceFreeMigrationsLock();
      let asked = 0;
      // As if the server had been killed after some statements: no more reach the database, not even those that tidy up.
      const client = db.client as { _query(connection: unknown, what: unknown): Promise<unknown> };
      const query = client._query.bind(client);
      client._query = (connection, what) =>
        ++asked > most ? Promise.reject(new Error('killed')) : query(connection, what);
      const through = await db.migrate.latest().then(
        () => true,
        () => false,
      );
      await db.destroy();
      if (through) break;
      cut += 1;
    }
    await migrate(url);
    expect(cut).toBeGreaterThan(3);
    expect(await schemaOf(url)).toEqual(whole);
  });

  it('of two servers that start at once are done once', async () => {
    const url = await emptyDatabase();
    await Promise.all([migrate(url), migrate(url)]);
    expect(await schemaOf(url)).toEqual(await schemaOf(kitchen.url));
  });

  it('keep what a household said of its one thermometer', async () => {
    const url = await emptyDatabase();
    await migrate(url);
    const db = knex({
      client: 'mysql2',
      connection: url,
      migrations: { migrationSource, tableName: 'migrations' },
    });
    const add = async (id: string, thermometer: object) =>
      db('households').insert({
        id,
        name: id,
        settings: JSON.stringify({ thermometer, kitchen: { rings: 3 } }),
        demo: false,
        clock_start_ms: 0,
        clock_ahead_ms: 0,
      });
    const [off, dropped, plain] = [uuid(), uuid(), uuid()];
    await db.migrate.down({ name: '2026-11-28-thermometers' });
    await add(off, { readsHighK: 2, inDoubt: false });
    await add(dropped, { readsHighK: 0, inDoubt: true });
    await add(plain, { readsHighK: 0, inDoubt: false });
    const settingsOf = async (id: string) =>
      fromJson<Record<string, unknown>>((await db('households').where({ id }).first()).settings);
    await db.migrate.latest();
    const ofIts = async (id: string) => {
      const all = (await settingsOf(id)).thermometers as Thermometer[];
      return all.map((each) => standingOf(thermometerSchema.parse(each), homeRules.thermometer));
    };
    expect(await ofIts(off)).toMatchObject([{ is: 'inOrder', known: [{ readC: 2 }] }]);
    expect(await ofIts(dropped)).toMatchObject([{ is: 'inDoubt', why: 'dropped' }]);
    expect(await ofIts(plain)).toEqual([]);
    expect(await settingsOf(plain)).toMatchObject({ kitchen: { rings: 3, slowCooker: false } });
    await db.migrate.down({ name: '2026-11-28-thermometers' });
    const kitchenThen = { rings: 3 };
    expect(await settingsOf(off)).toEqual({
      kitchen: kitchenThen,
      thermometer: { readsHighK: 2, inDoubt: false },
    });
    expect(await settingsOf(dropped)).toEqual({
      kitchen: kitchenThen,
      thermometer: { readsHighK: 0, inDoubt: true },
    });
    await db.destroy();
  });

  it('leave open whether an oven has a fan, and what a microwave puts out', async () => {
    const name = '2026-11-28-watts';
    const kitchenNow = async () =>
      fromJson<Settings>(
        (await kitchen.db('households').where({ id: kitchen.household.id }).first()).settings,
      ).kitchen;
    const before = await kitchenNow();
    await kitchen.db.migrate.down({ name, migrationSource, tableName: 'migrations' });
    const then = await kitchenNow();
    expect(then).not.toHaveProperty('microwaveW');
    expect(then.ovens).toEqual(before.ovens.map(({ shelves, widestM }) => ({ shelves, widestM })));
    await migrate(kitchen.url);
    expect(await kitchenNow()).toEqual(before);
  });

  it('make no table anew that holds something', async () => {
    await kitchen.db('migrations').where({ name: '2026-06-28-power-cuts' }).delete();
    await kitchen.ask('POST', '/api/stores/power-cuts', {
      id: uuid(),
      offAt: kitchen.household.clock.now - 1000,
      freezer: 'full',
      opened: [],
    });
    await expect(migrate(kitchen.url)).rejects.toThrow('power_cuts is there already');
    expect(await kitchen.db('power_cuts').count({ n: '*' }).first()).toEqual({ n: 1 });
  });
});
