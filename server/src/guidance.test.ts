import type { FoodList, FoodTrail, Household, Recorded, StoreRecord } from '@omtel/core/api';
import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import type { FoodEvent } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { celsius, HOUR_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, soup } from '../test/kitchen';

const kitchen = aKitchen();
const record = async (...events: FoodEvent[]) =>
  json<Recorded>(await kitchen.ask('POST', '/api/events', { events }));
const set = async (patch: object) =>
  json<Household>(await kitchen.ask('PATCH', '/api/household/settings', patch));
const hotSoup = (foodId: string, at: number) => soup(foodId, at, { massKg: 4, place: 'counter' });
const away = (foodId: string, at: number) =>
  event(foodId, at, 'putAway', { place: 'refrigerator', portions: 4, depthM: 0.1 });

describe('another guidance', () => {
  const foodId = uuid();
  const uncertain = ({ exposures }: FoodState) => exposures.filter(({ certain }) => !certain).length;

  it('folds every food at hand anew: what happened is the same, what it amounts to is not', async () => {
    await record(hotSoup(foodId, kitchen.now - HOUR_MS), away(foodId, kitchen.now - HOUR_MS / 2));
    expect(uncertain(await kitchen.stateOf(foodId))).toBe(1);
    const changed = await set({ guidance: { ...PLAIN_GUIDANCE, school: 'code' } });
    expect(changed.settings.guidance.school).toBe('code');
    // The service code rules a deep pot by its cooling marks, not by a clock.
    expect(uncertain(await kitchen.stateOf(foodId))).toBe(0);
    await set({ guidance: PLAIN_GUIDANCE });
    expect(uncertain(await kitchen.stateOf(foodId))).toBe(1);
  });

  it.each([
    ['a school nobody teaches', { school: 'aunt', extraCare: false, own: [] }],
    [
      'a rule that is none',
      { ...PLAIN_GUIDANCE, own: [{ path: 'no.rule', value: { kind: 'binding', yes: true } }] },
    ],
  ])('is refused for %s', async (_what, guidance) => {
    expect((await kitchen.ask('PATCH', '/api/household/settings', { guidance })).status).toBe(400);
  });

  it('a move of time zone remembers where the household lived', async () => {
    expect((await set({ zone: 'Asia/Tokyo' })).settings.formerZones).toEqual(['UTC']);
    expect((await set({ zone: 'Europe/Oslo' })).settings.formerZones).toEqual(['Asia/Tokyo', 'UTC']);
    expect((await set({ zone: 'UTC' })).settings.formerZones).toEqual(['Europe/Oslo', 'Asia/Tokyo']);
  });
});

describe('a food divided', () => {
  const [batch, part] = [uuid(), uuid()];
  const off = () => event(part, kitchen.now, 'portioned', { from: batch, name: 'Tub', massKg: 1 });

  it('comes with the history of the food it was divided from', async () => {
    await record(hotSoup(batch, kitchen.now - HOUR_MS), away(batch, kitchen.now - HOUR_MS / 2));
    const recorded = await record(off(), event(batch, kitchen.now, 'dividedOff', { to: part, massKg: 1 }));
    expect(recorded.foods.map(({ state }) => [state.name, state.massKg]).sort()).toEqual([
      ['Soup', 3],
      ['Tub', 1],
    ]);
    const trail = await json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${part}`));
    expect(trail.others[batch]).toHaveLength(3);
    expect(trail.food.state.dividedFrom).toBe(batch);
  });

  it('is folded again when the history of that food is corrected', async () => {
    const putAway = away(batch, kitchen.now - HOUR_MS / 2);
    await record(hotSoup(batch, kitchen.now - HOUR_MS), putAway, off());
    expect((await kitchen.stateOf(part)).place).toBe('refrigerator');
    const recorded = await record(
      event(batch, kitchen.now, 'corrected', { eventId: putAway.id, withdrawn: true }),
    );
    expect(recorded.foods).toHaveLength(2);
    expect((await kitchen.stateOf(part)).place).toBe('counter');
  });

  it('from a food that is not known here is refused, and nothing is kept of it', async () => {
    const response = await kitchen.ask('POST', '/api/events', { events: [off()] });
    expect(response.status).toBe(422);
    expect(await kitchen.db('events').where({ food_id: part })).toHaveLength(0);
  });
});

describe('the record of a store’s air', () => {
  const read = (degrees: number, at = kitchen.now) => ({
    id: uuid(),
    store: 'refrigerator',
    at,
    temperature: celsius(degrees),
  });
  const tell = (body: object) => kitchen.ask('POST', '/api/stores/readings', body);
  const cold = async () => {
    const { foods } = await json<FoodList>(await kitchen.ask('GET', '/api/foods'));
    return foods.map(({ state }) => state).filter(({ place }) => place === 'refrigerator');
  };
  const warmed = ({ exposures }: FoodState) => exposures.some(({ spell, to }) => spell && to === null);

  it('is kept newest first, each reading once', async () => {
    const first = read(4, kitchen.now - HOUR_MS);
    await tell(first);
    await tell(first);
    await tell(read(3));
    const { readings } = await json<StoreRecord>(await kitchen.ask('GET', '/api/stores/readings'));
    expect(readings.map(({ temperature }) => temperature.value)).toEqual([3, 4]);
  });

  it('tells every food in it when it turns too warm, since it was last right, and when it is right again', async () => {
    await tell(read(4, kitchen.now - HOUR_MS));
    await tell(read(11, kitchen.now - HOUR_MS / 2));
    const foods = await cold();
    expect(foods.length).toBeGreaterThan(3);
    for (const { exposures } of foods.filter(warmed))
      expect(exposures.at(-1)!.from).toBeGreaterThanOrEqual(kitchen.now - HOUR_MS);
    expect(foods.filter(warmed)).toHaveLength(foods.length);
    await tell(read(12, kitchen.now - HOUR_MS / 4));
    await tell(read(4));
    expect((await cold()).filter(warmed)).toHaveLength(0);
  });

  it('tells food that is put into it while it is too warm, and that once', async () => {
    const foodId = uuid();
    await record(hotSoup(foodId, kitchen.now - HOUR_MS));
    await tell(read(11, kitchen.now - HOUR_MS / 2));
    const put = away(foodId, kitchen.now - HOUR_MS / 4);
    await record(put);
    await record(put);
    const { events } = await json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${foodId}`));
    expect(events.filter(({ type }) => type === 'storeWarm')).toHaveLength(1);
    await tell(read(4));
    const after = uuid();
    await record(hotSoup(after, kitchen.now), away(after, kitchen.now));
    expect(warmed(await kitchen.stateOf(after))).toBe(false);
  });

  it('lies in the past, and needs a session', async () => {
    expect((await tell(read(4, kitchen.now + HOUR_MS))).status).toBe(422);
    expect((await kitchen.ask('GET', '/api/stores/readings', undefined, { cookie: '' })).status).toBe(401);
  });
});
