import type { FoodList, Log, StoreId, StoreRecord } from '@omtel/core/api';
import { subjectOf } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, soup } from '../test/kitchen';

const kitchen = aKitchen();
const spellOf = async (foodId: string) => (await kitchen.stateOf(foodId)).spell;

async function read(
  value: number,
  at = kitchen.now,
  store: StoreId = 'refrigerator',
  id = uuid(),
): Promise<string> {
  const body = { id, store, at, temperature: { value, unit: 'C' } };
  expect((await kitchen.ask('POST', '/api/stores/readings', body)).status).toBe(200);
  return id;
}
const takeBack = async (path: string) =>
  expect((await kitchen.ask('DELETE', `/api/stores/${path}`)).status).toBe(200);

/** Soup that came there before all else, by its id. */
async function soupIn(at = kitchen.now - 5 * HOUR_MS, place: 'refrigerator' | 'freezer' = 'refrigerator') {
  const foodId = uuid();
  await kitchen.record(soup(foodId, at, { place }));
  return foodId;
}

/** A state but for which events it was last told by, and when: what is taken back was said all the same. */
const amounts = ({ lastAt, lastIds, ...rest }: FoodState) => [rest, lastAt > 0, lastIds.length > 0][0];

describe('a reading of a store that is taken back', () => {
  it('is told to no food any more, neither to what was there nor to what came since', async () => {
    const there = await soupIn();
    const before = amounts(await kitchen.stateOf(there));
    const warm = await read(12, kitchen.now - HOUR_MS);
    const came = await soupIn(kitchen.now - 30 * MINUTE_MS);
    expect(await spellOf(there)).not.toBeNull();
    expect(await spellOf(came)).not.toBeNull();
    await takeBack(`readings/${warm}`);
    expect(await spellOf(came)).toBeNull();
    expect(amounts(await kitchen.stateOf(there))).toEqual(before);
    const { readings } = await json<StoreRecord>(await kitchen.ask('GET', '/api/stores/readings'));
    expect(readings.map(({ id }) => id)).not.toContain(warm);
    await takeBack(`readings/${warm}`);
    await takeBack(`readings/${uuid()}`);
  });

  it('leaves the next to say it, as if it had never been', async () => {
    const food = await soupIn();
    const first = await read(12, kitchen.now - 2 * HOUR_MS);
    await read(13, kitchen.now - HOUR_MS);
    await takeBack(`readings/${first}`);
    expect(await spellOf(food)).toMatchObject({ warmFrom: kitchen.now - HOUR_MS });
  });

  it('that it is right again leaves it warm', async () => {
    const food = await soupIn();
    await read(12, kitchen.now - 2 * HOUR_MS);
    const right = await read(3, kitchen.now - HOUR_MS);
    expect(await spellOf(food)).toBeNull();
    await takeBack(`readings/${right}`);
    expect(await spellOf(food)).toMatchObject({ warmFrom: kitchen.now - 2 * HOUR_MS });
  });

  it('and said after all is told again', async () => {
    const food = await soupIn();
    const id = await read(12, kitchen.now - HOUR_MS);
    await takeBack(`readings/${id}`);
    await read(12, kitchen.now - HOUR_MS, 'refrigerator', id);
    expect(await spellOf(food)).not.toBeNull();
  });

  it('turns with every reading, however many there are at one moment', async () => {
    const food = await soupIn();
    for (let turn = 0; turn < 8; turn++) {
      await read(12);
      expect(await spellOf(food)).not.toBeNull();
      await read(3);
      expect(await spellOf(food)).toBeNull();
    }
  });

  it('of one store leaves the other', async () => {
    const frozen = await soupIn(kitchen.now - 5 * HOUR_MS, 'freezer');
    const [cold] = [await read(12), await read(9, kitchen.now, 'freezer')];
    await takeBack(`readings/${cold}`);
    expect(await spellOf(frozen)).not.toBeNull();
  });

  it('one said late counts from its time for what is known since', async () => {
    const food = await soupIn();
    await read(12, kitchen.now - HOUR_MS);
    await read(3, kitchen.now - 3 * HOUR_MS);
    expect(await spellOf(food)).toMatchObject({ warmFrom: kitchen.now - 3 * HOUR_MS });
  });
});

describe('a power cut that is taken back', () => {
  const off = (id: string, offAt: number) =>
    kitchen.ask('POST', '/api/stores/power-cuts', { id, offAt, freezer: 'half', opened: [] });
  const on = (id: string, onAt: number) => kitchen.ask('POST', `/api/stores/power-cuts/${id}/end`, { onAt });
  const lasting = async () => (await json<FoodList>(await kitchen.ask('GET', '/api/foods'))).powerCut;

  it('never was, for what was there and what came', async () => {
    const id = uuid();
    const there = await soupIn();
    const before = amounts(await kitchen.stateOf(there));
    await off(id, kitchen.now - 2 * HOUR_MS);
    const came = await soupIn(kitchen.now - HOUR_MS);
    expect(await spellOf(came)).not.toBeNull();
    await takeBack(`power-cuts/${id}`);
    expect(await lasting()).toBeNull();
    expect(await spellOf(came)).toBeNull();
    expect(amounts(await kitchen.stateOf(there))).toEqual(before);
    await takeBack(`power-cuts/${id}`);
  });

  it('that it is back leaves it off, for what came since too', async () => {
    const id = uuid();
    const there = await soupIn();
    await off(id, kitchen.now - 2 * HOUR_MS);
    const spell = await spellOf(there);
    await on(id, kitchen.now - HOUR_MS);
    const came = await soupIn(kitchen.now - 30 * MINUTE_MS);
    expect(await spellOf(came)).toBeNull();
    await takeBack(`power-cuts/${id}/end`);
    expect(await lasting()).toMatchObject({ id });
    expect(await spellOf(there)).toEqual(spell);
    expect(await spellOf(came)).not.toBeNull();
    await takeBack(`power-cuts/${id}/end`);
    await on(id, kitchen.now);
    expect(await lasting()).toBeNull();
  });

  it('is not off again before the one that followed', async () => {
    const [first, second] = [uuid(), uuid()];
    await off(first, kitchen.now - 3 * HOUR_MS);
    await on(first, kitchen.now - 2 * HOUR_MS);
    await off(second, kitchen.now - HOUR_MS);
    const response = await kitchen.ask('DELETE', `/api/stores/power-cuts/${first}/end`);
    expect(response.status).toBe(422);
    expect((await kitchen.ask('DELETE', `/api/stores/power-cuts/${uuid()}/end`)).status).toBe(422);
  });
});

it('what was entered of a food that never came keeps its name in the log', async () => {
  const foodId = await soupIn(kitchen.now - HOUR_MS);
  const { events } = await kitchen.trailOf(foodId);
  const onShelf = event(foodId, kitchen.now - HOUR_MS, 'moved', { place: 'refrigerator', shelf: 'lower' });
  await kitchen.record(onShelf);
  const withdrawn = [...events, onShelf].map(({ id }) =>
    event(foodId, kitchen.now, 'corrected', { eventId: id, withdrawn: true }),
  );
  expect((await kitchen.record(...withdrawn)).status).toBe(200);
  const { entries } = await json<Log>(await kitchen.ask('GET', '/api/events'));
  const told = entries.filter((entry) => subjectOf(entry.event) === foodId);
  expect(told.map((entry) => [entry.event.type, entry.name, entry.takenBack]).sort()).toEqual([
    ['added', 'Soup', true],
    ['moved', 'Soup', true],
  ]);
});
