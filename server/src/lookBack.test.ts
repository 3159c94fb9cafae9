import type { LookBack } from '@omtel/core/lookback';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, lamb } from '../test/kitchen';

const DAY_MS = 24 * 60 * 60 * 1000;

describe('what left a household’s kitchen', () => {
  const kitchen = aKitchen('all');
  const lookBack = async () => (await (await kitchen.ask('GET', '/api/foods/partings')).json()) as LookBack;
  const ofFood = async (foodId: string) =>
    (await lookBack()).partings.filter((parting) => parting.foodId === foodId);
  const cooked = (daysAgo: number) =>
    lamb(uuid(), kitchen.now - daysAgo * DAY_MS, {
      condition: 'cooked',
      place: 'refrigerator',
      since: kitchen.now - daysAgo * DAY_MS,
    });

  it('says what was eaten, and why what was not was thrown away, the latest first', async () => {
    const [eaten, over, kept] = [cooked(3), cooked(9), cooked(1)];
    await kitchen.record(eaten, over, kept);
    await kitchen.record(
      event(eaten.foodId, kitchen.now - DAY_MS, 'eaten'),
      event(over.foodId, kitchen.now, 'discarded'),
    );
    expect(await ofFood(eaten.foodId)).toMatchObject([{ how: 'eaten', cause: null }]);
    expect(await ofFood(over.foodId)).toMatchObject([{ how: 'discarded', cause: 'days', massKg: 2.4 }]);
    expect(await ofFood(kept.foodId)).toEqual([]);
    const times = (await lookBack()).partings.map(({ at }) => at);
    expect(times).toEqual([...times].sort((a, b) => b - a));
  });

  it('takes back what was taken back, and knows nothing older than its months', async () => {
    const [slip, old] = [cooked(2), cooked(450)];
    const thrown = event(slip.foodId, kitchen.now, 'discarded');
    await kitchen.record(slip, old);
    await kitchen.record(thrown, event(old.foodId, kitchen.now - 440 * DAY_MS, 'eaten'));
    expect(await ofFood(slip.foodId)).toHaveLength(1);
    expect(await ofFood(old.foodId)).toEqual([]);
    await kitchen.record(
      event(slip.foodId, kitchen.now, 'corrected', { eventId: thrown.id, withdrawn: true }),
    );
    expect(await ofFood(slip.foodId)).toEqual([]);
  });

  it('is told to nobody who is not signed in', async () => {
    const answer = await kitchen.ask('GET', '/api/foods/partings', undefined, { cookie: '' });
    expect(answer.status).toBe(401);
  });
});
