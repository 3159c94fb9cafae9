import type { FoodList, FoodTrail, Household } from '@omtel/core/api';
import type { FoodEvent } from '@omtel/core/record';
import { HOUR_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { event, openKitchen, type Kitchen } from '../test/kitchen';

let kitchen: Kitchen;
let household: Household;
let now: number;
let id: string;
const json = async <Body>(response: Response) => (await response.json()) as Body;
const record = (...events: FoodEvent[]) => kitchen.ask('POST', '/api/events', { events });
const trailOf = async (foodId: string) => json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${foodId}`));
const spellOf = async (foodId: string) => (await trailOf(foodId)).food.state.spell;
const lasting = async () => (await json<FoodList>(await kitchen.ask('GET', '/api/foods'))).powerCut;
const off = (over: object = {}) =>
  kitchen.ask('POST', '/api/stores/power-cuts', {
    id,
    offAt: now - 2 * HOUR_MS,
    freezer: 'half',
    opened: [],
    ...over,
  });
const on = (onAt = now, of = id) => kitchen.ask('POST', `/api/stores/power-cuts/${of}/end`, { onAt });
const soup = (foodId: string, at: number, place: 'refrigerator' | 'freezer' | 'counter' = 'refrigerator') =>
  event(foodId, at, 'added', {
    foodKey: 'lentil-soup',
    name: 'Soup',
    massKg: 1,
    form: 'liquid',
    condition: 'cooked',
    place,
    since: at,
  });

beforeEach(async () => {
  kitchen = await openKitchen();
  household = await kitchen.signIn();
  ({ now } = household.clock);
  now = Math.round(now);
  id = uuid();
});
afterEach(() => kitchen.close());

describe('a power cut', () => {
  it('is kept while it lasts, and told to what is in each store by its own rule', async () => {
    const [cold, frozen] = [uuid(), uuid()];
    await record(soup(cold, now - 5 * HOUR_MS), soup(frozen, now - 5 * HOUR_MS, 'freezer'));
    expect((await off()).status).toBe(200);
    expect(await lasting()).toEqual({ id, offAt: now - 2 * HOUR_MS, freezer: 'half', opened: [] });
    expect(await spellOf(cold)).toMatchObject({ power: { coldUntil: now + 2 * HOUR_MS } });
    expect(await spellOf(frozen)).toMatchObject({ power: { coldUntil: now + 22 * HOUR_MS } });
    expect((await on()).status).toBe(200);
    expect(await lasting()).toBeNull();
    expect(await spellOf(cold)).toBeNull();
  });

  it('said again adds what was opened, and takes nothing back', async () => {
    const cold = uuid();
    await record(soup(cold, now - 5 * HOUR_MS));
    await off();
    await off({ opened: ['refrigerator'], freezer: 'full' });
    await off({ opened: ['freezer'] });
    await off();
    expect(await lasting()).toMatchObject({ freezer: 'half', opened: ['refrigerator', 'freezer'] });
    expect(await spellOf(cold)).toMatchObject({ power: { opened: true, coldUntil: now - 2 * HOUR_MS } });
    const { events } = await trailOf(cold);
    expect(events.filter(({ type }) => type === 'powerOff')).toHaveLength(3);
  });

  it('tells what comes into a store while it lasts, before or after it is said', async () => {
    const [before, after, out] = [uuid(), uuid(), uuid()];
    await record(soup(before, now - HOUR_MS), soup(out, now - 5 * HOUR_MS, 'counter'));
    await off();
    await record(soup(after, now));
    for (const foodId of [before, after])
      expect(await spellOf(foodId)).toMatchObject({ power: { opened: true, since: now - 2 * HOUR_MS } });
    expect(await spellOf(out)).toBeNull();
  });

  it('tells what is recorded late, once, with its end', async () => {
    const late = uuid();
    await off();
    await on(now - HOUR_MS);
    const put = soup(late, now - 1.5 * HOUR_MS);
    await record(put);
    await record(put);
    const { events, food } = await trailOf(late);
    expect(events.map(({ type }) => type)).toEqual(['added', 'powerOff', 'powerOn']);
    expect(food.state.spell).toBeNull();
    expect(food.state.exposures).toMatchObject([{ spell: 'power', to: now - HOUR_MS }]);
  });

  it('is one at a time, in the past, ends after it began, and needs a session', async () => {
    expect((await off({ offAt: now + HOUR_MS })).status).toBe(422);
    expect((await on()).status).toBe(422);
    await off();
    expect((await off({ id: uuid(), offAt: now - HOUR_MS })).status).toBe(422);
    expect((await on(now - 3 * HOUR_MS)).status).toBe(422);
    expect((await on(now + HOUR_MS)).status).toBe(422);
    await on(now - HOUR_MS);
    expect((await on(now)).status).toBe(200);
    expect((await off({ opened: ['freezer'] })).status).toBe(422);
    expect((await off({ id: uuid(), offAt: now - 1.5 * HOUR_MS })).status).toBe(422);
    expect((await off({ id: uuid(), offAt: now - HOUR_MS / 2 })).status).toBe(200);
    expect(
      (await kitchen.ask('POST', `/api/stores/power-cuts/${id}/end`, { onAt: now }, { cookie: '' })).status,
    ).toBe(401);
  });
});
