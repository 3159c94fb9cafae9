import type { Usual } from '@omtel/core/usual';
import { v7 as uuid } from 'uuid';
import { event, lamb, openKitchen, type Kitchen } from '../test/kitchen';

const YEAR_MS = 365 * 24 * 60 * 60 * 1000;
const DAY_MS = 24 * 60 * 60 * 1000;

describe('what a household is likely to put in', () => {
  let kitchen: Kitchen;
  let now: number;
  beforeAll(async () => {
    kitchen = await openKitchen();
    now = Math.floor((await kitchen.signIn()).clock.now);
  });
  afterAll(() => kitchen.close());

  const record = async (...events: unknown[]) => {
    const answer = await kitchen.ask('POST', '/api/events', { events });
    expect(answer.status).toBe(200);
  };
  const usual = async () => (await (await kitchen.ask('GET', '/api/foods/usual')).json()) as Usual;
  const names = (foods: Usual['lately']) => foods.map(({ name }) => name);

  it('is what came lately, the latest first, as it was set right', async () => {
    const lambs = lamb(uuid(), now - 1000);
    await record(lambs);
    expect(names((await usual()).lately)[0]).toBe('Lamb');
    await record(
      event(lambs.foodId, now, 'corrected', {
        eventId: lambs.id,
        instead: { ...lambs.payload, name: 'Lamb of the island' },
      }),
    );
    expect(names((await usual()).lately)[0]).toBe('Lamb of the island');
  });

  it('is not what never came', async () => {
    const slip = lamb(uuid(), now - 500);
    await record({ ...slip, payload: { ...slip.payload, name: 'Slip' } });
    expect(names((await usual()).lately)).toContain('Slip');
    await record(event(slip.foodId, now, 'corrected', { eventId: slip.id, withdrawn: true }));
    expect(names((await usual()).lately)).not.toContain('Slip');
  });

  it('is what this time of an earlier year brought', async () => {
    const then = lamb(uuid(), now - YEAR_MS - 5 * DAY_MS);
    await record({ ...then, payload: { ...then.payload, name: 'Lamb for midsummer' } });
    const { lately, season } = await usual();
    expect(names(season)).toEqual(['Lamb for midsummer']);
    expect(names(lately)).not.toContain('Lamb for midsummer');
  });

  it('is told to nobody who is not signed in', async () => {
    const answer = await kitchen.ask('GET', '/api/foods/usual', undefined, { cookie: '' });
    expect(answer.status).toBe(401);
  });
});
