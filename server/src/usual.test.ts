import type { FoodEvent } from '@omtel/core/record';
import type { Usual } from '@omtel/core/usual';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, lamb } from '../test/kitchen';

const YEAR_MS = 365 * 24 * 60 * 60 * 1000;
const DAY_MS = 24 * 60 * 60 * 1000;

describe('what a household is likely to put in', () => {
  const kitchen = aKitchen('all');
  const record = async (...events: FoodEvent[]) => expect((await kitchen.record(...events)).status).toBe(200);
  const usual = async () => (await (await kitchen.ask('GET', '/api/foods/usual')).json()) as Usual;
  const names = (foods: Usual['lately']) => foods.map(({ name }) => name);

  it('is what came lately, the latest first, as it was set right', async () => {
    const lambs = lamb(uuid(), kitchen.now - 1000);
    await record(lambs);
    expect(names((await usual()).lately)[0]).toBe('Lamb');
    await record(
      event(lambs.foodId, kitchen.now, 'corrected', {
        eventId: lambs.id,
        instead: { ...lambs.payload, name: 'Lamb of the island' },
      }),
    );
    expect(names((await usual()).lately)[0]).toBe('Lamb of the island');
  });

  it('is not what never came', async () => {
    const slip = lamb(uuid(), kitchen.now - 500, { name: 'Slip' });
    await record(slip);
    expect(names((await usual()).lately)).toContain('Slip');
    await record(event(slip.foodId, kitchen.now, 'corrected', { eventId: slip.id, withdrawn: true }));
    expect(names((await usual()).lately)).not.toContain('Slip');
  });

  it('is what this time of an earlier year brought', async () => {
    await record(lamb(uuid(), kitchen.now - YEAR_MS - 5 * DAY_MS, { name: 'Lamb for midsummer' }));
    const { lately, season } = await usual();
    expect(names(season)).toEqual(['Lamb for midsummer']);
    expect(names(lately)).not.toContain('Lamb for midsummer');
  });

  it('is told to nobody who is not signed in', async () => {
    const answer = await kitchen.ask('GET', '/api/foods/usual', undefined, { cookie: '' });
    expect(answer.status).toBe(401);
  });
});
