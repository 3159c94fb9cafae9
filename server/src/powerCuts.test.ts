import type { FoodList } from '@omtel/core/api';
import { HOUR_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { aKitchen, json, soup } from '../test/kitchen';

const kitchen = aKitchen();
let id: string;
const spellOf = async (foodId: string) => (await kitchen.trailOf(foodId)).food.state.spell;
const lasting = async () => (await json<FoodList>(await kitchen.ask('GET', '/api/foods'))).powerCut;
const off = (over: object = {}) =>
  kitchen.ask('POST', '/api/stores/power-cuts', {
    id,
    offAt: kitchen.now - 2 * HOUR_MS,
    freezer: 'half',
    opened: [],
    ...over,
  });
const on = (onAt = kitchen.now, of = id) => kitchen.ask('POST', `/api/stores/power-cuts/${of}/end`, { onAt });
const soupIn = (foodId: string, at: number, place: 'refrigerator' | 'freezer' | 'counter' = 'refrigerator') =>
  soup(foodId, at, { place });

beforeEach(async () => {
  id = uuid();
});

describe('a power cut', () => {
  it('is kept while it lasts, and told to what is in each store by its own rule', async () => {
    const [cold, frozen] = [uuid(), uuid()];
    await kitchen.record(
      soupIn(cold, kitchen.now - 5 * HOUR_MS),
      soupIn(frozen, kitchen.now - 5 * HOUR_MS, 'freezer'),
    );
    expect((await off()).status).toBe(200);
    expect(await lasting()).toEqual({ id, offAt: kitchen.now - 2 * HOUR_MS, freezer: 'half', opened: [] });
    expect(await spellOf(cold)).toMatchObject({ power: { coldUntil: kitchen.now + 2 * HOUR_MS } });
    expect(await spellOf(frozen)).toMatchObject({ power: { coldUntil: kitchen.now + 22 * HOUR_MS } });
    expect((await on()).status).toBe(200);
    expect(await lasting()).toBeNull();
    expect(await spellOf(cold)).toBeNull();
  });

  it('said again adds what was opened, and takes nothing back', async () => {
    const cold = uuid();
    await kitchen.record(soupIn(cold, kitchen.now - 5 * HOUR_MS));
    await off();
    await off({ opened: ['refrigerator'], freezer: 'full' });
    await off({ opened: ['freezer'] });
    await off();
    expect(await lasting()).toMatchObject({ freezer: 'half', opened: ['refrigerator', 'freezer'] });
    expect(await spellOf(cold)).toMatchObject({
      power: { opened: true, coldUntil: kitchen.now - 2 * HOUR_MS },
    });
    const { events } = await kitchen.trailOf(cold);
    expect(events.filter(({ type }) => type === 'powerOff')).toHaveLength(3);
  });

  it('tells what comes into a store while it lasts, before or after it is said', async () => {
    const [before, after, out] = [uuid(), uuid(), uuid()];
    await kitchen.record(
      soupIn(before, kitchen.now - HOUR_MS),
      soupIn(out, kitchen.now - 5 * HOUR_MS, 'counter'),
    );
    await off();
    await kitchen.record(soupIn(after, kitchen.now));
    for (const foodId of [before, after])
      expect(await spellOf(foodId)).toMatchObject({
        power: { opened: true, since: kitchen.now - 2 * HOUR_MS },
      });
    expect(await spellOf(out)).toBeNull();
  });

  it('tells what is recorded late, once, with its end', async () => {
    const late = uuid();
    await off();
    await on(kitchen.now - HOUR_MS);
    const put = soupIn(late, kitchen.now - 1.5 * HOUR_MS);
    await kitchen.record(put);
    await kitchen.record(put);
    const { events, food } = await kitchen.trailOf(late);
    expect(events.map(({ type }) => type)).toEqual(['added', 'powerOff', 'powerOn']);
    expect(food.state.spell).toBeNull();
    expect(food.state.exposures).toMatchObject([{ spell: 'power', to: kitchen.now - HOUR_MS }]);
  });

  it('is one at a time, in the past, ends after it began, and needs a session', async () => {
    expect((await off({ offAt: kitchen.now + HOUR_MS })).status).toBe(422);
    expect((await on()).status).toBe(422);
    await off();
    expect((await off({ id: uuid(), offAt: kitchen.now - HOUR_MS })).status).toBe(422);
    expect((await on(kitchen.now - 3 * HOUR_MS)).status).toBe(422);
    expect((await on(kitchen.now + HOUR_MS)).status).toBe(422);
    await on(kitchen.now - HOUR_MS);
    expect((await on(kitchen.now)).status).toBe(200);
    expect((await off({ opened: ['freezer'] })).status).toBe(422);
    expect((await off({ id: uuid(), offAt: kitchen.now - 1.5 * HOUR_MS })).status).toBe(422);
    expect((await off({ id: uuid(), offAt: kitchen.now - HOUR_MS / 2 })).status).toBe(200);
    expect(
      (await kitchen.ask('POST', `/api/stores/power-cuts/${id}/end`, { onAt: kitchen.now }, { cookie: '' }))
        .status,
    ).toBe(401);
  });
});
