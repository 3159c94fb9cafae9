import type { FoodList, FoodTrail, Log, StoreId, StoreRecord } from '@omtel/core/api';
import type { FoodEvent } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { event, openKitchen, type Kitchen } from '../test/kitchen';

let kitchen: Kitchen;
let now: number;
const json = async <Body>(response: Response) => (await response.json()) as Body;
const record = (...events: FoodEvent[]) => kitchen.ask('POST', '/api/events', { events });
const trailOf = async (foodId: string) => json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${foodId}`));
const stateOf = async (foodId: string): Promise<FoodState> => (await trailOf(foodId)).food.state;
const spellOf = async (foodId: string) => (await stateOf(foodId)).spell;

async function read(value: number, at = now, store: StoreId = 'refrigerator', id = uuid()): Promise<string> {
  const body = { id, store, at, temperature: { value, unit: 'C' } };
  expect((await kitchen.ask('POST', '/api/stores/readings', body)).status).toBe(200);
  return id;
}
const takeBack = async (path: string) =>
  expect((await kitchen.ask('DELETE', `/api/stores/${path}`)).status).toBe(200);

async function soup(at = now - 5 * HOUR_MS, place: 'refrigerator' | 'freezer' = 'refrigerator') {
  const foodId = uuid();
  await record(
    event(foodId, at, 'added', {
      foodKey: 'lentil-soup',
      name: 'Soup',
      massKg: 1,
      form: 'liquid',
      condition: 'cooked',
      place,
      since: at,
    }),
  );
  return foodId;
}

/** A state but for which events it was last told by, and when: what is taken back was said all the same. */
const amounts = ({ lastAt, lastIds, ...rest }: FoodState) => [rest, lastAt > 0, lastIds.length > 0][0];

beforeEach(async () => {
  kitchen = await openKitchen();
  now = Math.round((await kitchen.signIn()).clock.now);
});
afterEach(() => kitchen.close());

describe('a reading of a store that is taken back', () => {
  it('is told to no food any more, neither to what was there nor to what came since', async () => {
    const there = await soup();
    const before = amounts(await stateOf(there));
    const warm = await read(12, now - HOUR_MS);
    const came = await soup(now - 30 * MINUTE_MS);
    expect(await spellOf(there)).not.toBeNull();
    expect(await spellOf(came)).not.toBeNull();
    await takeBack(`readings/${warm}`);
    expect(await spellOf(came)).toBeNull();
    expect(amounts(await stateOf(there))).toEqual(before);
    const { readings } = await json<StoreRecord>(await kitchen.ask('GET', '/api/stores/readings'));
    expect(readings.map(({ id }) => id)).not.toContain(warm);
    await takeBack(`readings/${warm}`);
    await takeBack(`readings/${uuid()}`);
  });

  it('leaves the next to say it, as if it had never been', async () => {
    const food = await soup();
    const first = await read(12, now - 2 * HOUR_MS);
    await read(13, now - HOUR_MS);
    await takeBack(`readings/${first}`);
    expect(await spellOf(food)).toMatchObject({ warmFrom: now - HOUR_MS });
  });

  it('that it is right again leaves it warm', async () => {
    const food = await soup();
    await read(12, now - 2 * HOUR_MS);
    const right = await read(3, now - HOUR_MS);
    expect(await spellOf(food)).toBeNull();
    await takeBack(`readings/${right}`);
    expect(await spellOf(food)).toMatchObject({ warmFrom: now - 2 * HOUR_MS });
  });

  it('and said after all is told again', async () => {
    const food = await soup();
    const id = await read(12, now - HOUR_MS);
    await takeBack(`readings/${id}`);
    await read(12, now - HOUR_MS, 'refrigerator', id);
    expect(await spellOf(food)).not.toBeNull();
  });

  it('turns with every reading, however many there are at one moment', async () => {
    const food = await soup();
    for (let turn = 0; turn < 8; turn++) {
      await read(12);
      expect(await spellOf(food)).not.toBeNull();
      await read(3);
      expect(await spellOf(food)).toBeNull();
    }
  });

  it('of one store leaves the other', async () => {
    const frozen = await soup(now - 5 * HOUR_MS, 'freezer');
    const [cold] = [await read(12), await read(9, now, 'freezer')];
    await takeBack(`readings/${cold}`);
    expect(await spellOf(frozen)).not.toBeNull();
  });

  it('one said late counts from its time for what is known since', async () => {
    const food = await soup();
    await read(12, now - HOUR_MS);
    await read(3, now - 3 * HOUR_MS);
    expect(await spellOf(food)).toMatchObject({ warmFrom: now - 3 * HOUR_MS });
  });
});

describe('a power cut that is taken back', () => {
  const off = (id: string, offAt: number) =>
    kitchen.ask('POST', '/api/stores/power-cuts', { id, offAt, freezer: 'half', opened: [] });
  const on = (id: string, onAt: number) => kitchen.ask('POST', `/api/stores/power-cuts/${id}/end`, { onAt });
  const lasting = async () => (await json<FoodList>(await kitchen.ask('GET', '/api/foods'))).powerCut;

  it('never was, for what was there and what came', async () => {
    const id = uuid();
    const there = await soup();
    const before = amounts(await stateOf(there));
    await off(id, now - 2 * HOUR_MS);
    const came = await soup(now - HOUR_MS);
    expect(await spellOf(came)).not.toBeNull();
    await takeBack(`power-cuts/${id}`);
    expect(await lasting()).toBeNull();
    expect(await spellOf(came)).toBeNull();
    expect(amounts(await stateOf(there))).toEqual(before);
    await takeBack(`power-cuts/${id}`);
  });

  it('that it is back leaves it off, for what came since too', async () => {
    const id = uuid();
    const there = await soup();
    await off(id, now - 2 * HOUR_MS);
    const spell = await spellOf(there);
    await on(id, now - HOUR_MS);
    const came = await soup(now - 30 * MINUTE_MS);
    expect(await spellOf(came)).toBeNull();
    await takeBack(`power-cuts/${id}/end`);
    expect(await lasting()).toMatchObject({ id });
    expect(await spellOf(there)).toEqual(spell);
    expect(await spellOf(came)).not.toBeNull();
    await takeBack(`power-cuts/${id}/end`);
    await on(id, now);
    expect(await lasting()).toBeNull();
  });

  it('is not off again before the one that followed', async () => {
    const [first, second] = [uuid(), uuid()];
    await off(first, now - 3 * HOUR_MS);
    await on(first, now - 2 * HOUR_MS);
    await off(second, now - HOUR_MS);
    const response = await kitchen.ask('DELETE', `/api/stores/power-cuts/${first}/end`);
    expect(response.status).toBe(422);
    expect((await kitchen.ask('DELETE', `/api/stores/power-cuts/${uuid()}/end`)).status).toBe(422);
  });
});

it('what was entered of a food that never came keeps its name in the log', async () => {
  const foodId = await soup(now - HOUR_MS);
  const { events } = await trailOf(foodId);
  const onShelf = event(foodId, now - HOUR_MS, 'moved', { place: 'refrigerator', shelf: 'lower' });
  await record(onShelf);
  const withdrawn = [...events, onShelf].map(({ id }) =>
    event(foodId, now, 'corrected', { eventId: id, withdrawn: true }),
  );
  expect((await record(...withdrawn)).status).toBe(200);
  const { entries } = await json<Log>(await kitchen.ask('GET', '/api/events'));
  const told = entries.filter((entry) => entry.event.foodId === foodId);
  expect(told.map((entry) => [entry.event.type, entry.foodName, entry.takenBack]).sort()).toEqual([
    ['added', 'Soup', true],
    ['moved', 'Soup', true],
  ]);
});
