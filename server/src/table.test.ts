import type { FoodList, StoredFood } from '@omtel/core/api';
import { HOUR_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, soup } from '../test/kitchen';

const kitchen = aKitchen('each');
const INES = { id: 'ines', name: 'Ines', small: false, care: 'pregnancy' };
const NILS = { id: 'nils', name: 'Nils', small: false, care: null };
const settings = (patch: object) => kitchen.ask('PATCH', '/api/household/settings', patch);
const foodOf = async (foodId: string): Promise<StoredFood> =>
  (await json<FoodList>(await kitchen.ask('GET', '/api/foods'))).foods.find(
    ({ state }) => state.foodId === foodId,
  )!;

describe('somebody at the table who needs extra care', () => {
  it('has every food at hand told a second time, and what is recorded of it from then on', async () => {
    await settings({ table: [NILS] });
    const foodId = uuid();
    await kitchen.record(soup(foodId, kitchen.now - HOUR_MS));
    expect((await foodOf(foodId)).inCare).toBeUndefined();
    expect((await settings({ table: [NILS, INES] })).status).toBe(200);
    expect((await foodOf(foodId)).inCare).toMatchObject({
      foodId,
      place: 'refrigerator',
      guidedBy: { extraCare: true },
    });
    await kitchen.record(event(foodId, kitchen.now, 'moved', { place: 'counter' }));
    const { state, inCare } = await foodOf(foodId);
    expect([state.place, inCare!.place, state.guidedBy]).toEqual(['counter', 'counter', null]);
    const other = uuid();
    await kitchen.record(soup(other, kitchen.now));
    expect((await foodOf(other)).inCare).toBeDefined();
    await settings({ table: [NILS] });
    expect((await foodOf(foodId)).inCare).toBeUndefined();
  });

  it.each([
    ['twice', [INES, INES]],
    ['for no reason there is', [{ ...INES, care: 'fussy' }]],
    ['without a name', [{ ...INES, name: '' }]],
  ])('is not taken %s', async (_, table) => {
    expect((await settings({ table })).status).toBe(400);
  });
});
