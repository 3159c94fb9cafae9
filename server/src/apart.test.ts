import {
  API_VERSION,
  MOST_COOKS,
  SPEAKS,
  type FoodTrail,
  type FoodTrails,
  type Household,
} from '@omtel/core/api';
import { HOUR_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, soup } from '../test/kitchen';

const kitchen = aKitchen('each');
const settings = (patch: object) => kitchen.ask('PATCH', '/api/household/settings', patch);
const eater = (id: string, name = id) => ({ id, name, small: false, care: null });
const detail = async (answer: Response) => (await json<{ detail: string }>(answer)).detail;

describe('settings that were changed on a device apart', () => {
  it('keep what others changed meanwhile', async () => {
    await settings({ table: [eater('ines'), eater('nils')], altitudeM: 5 });
    const was = { table: [eater('ines')] };
    const answer = await settings({ table: [eater('ines'), eater('rona')], was });
    expect((await json<Household>(answer)).settings).toMatchObject({
      altitudeM: 5,
      table: [eater('ines'), eater('nils'), eater('rona')],
    });
  });

  it('are taken once where they are sent twice', async () => {
    const change = { altitudeM: 900, was: { altitudeM: 0 } };
    for (let times = 0; times < 2; times++) expect((await settings(change)).status).toBe(200);
  });

  it('are refused where others set the same to something else, and change nothing', async () => {
    await settings({ altitudeM: 5 });
    const answer = await settings({ altitudeM: 900, theme: 'dark', was: { altitudeM: 0, theme: 'system' } });
    expect([answer.status, await detail(answer)]).toEqual([409, expect.stringMatching(/another device/)]);
    const { settings: now } = await json<Household>(await kitchen.ask('GET', '/api/household'));
    expect(now).toMatchObject({ altitudeM: 5, theme: 'system' });
  });

  it('are refused where both together are more than there may be', async () => {
    const cooks = (from: number) =>
      Array.from({ length: MOST_COOKS }, (_, n) => ({
        id: `${from + n}`,
        name: 'A cook',
        availability: null,
      }));
    const { settings: was } = await json<Household>(await kitchen.ask('GET', '/api/household'));
    expect((await settings({ cooks: cooks(0) })).status).toBe(200);
    const first = await settings({ cooks: cooks(MOST_COOKS), was: { cooks: was.cooks } });
    expect(first.status).toBe(422);
  });
});

describe('what a device takes with it', () => {
  it('is each food with its history and that of what it came of, as when it is asked for alone', async () => {
    const [pot, tub, other] = [uuid(), uuid(), uuid()];
    const at = kitchen.now - HOUR_MS;
    await kitchen.record(
      soup(pot, at),
      event(pot, at + 1, 'dividedOff', { massKg: 0.5, to: tub }),
      event(tub, at + 1, 'portioned', { from: pot, name: 'Tub', massKg: 0.5 }),
      soup(other, at),
    );
    const asked = await kitchen.ask('GET', `/api/foods/trails?ids=${[tub, other, uuid()].join(',')}`);
    const { trails } = await json<FoodTrails>(asked);
    const alone = async (id: string) => json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${id}`));
    const byId = (all: readonly FoodTrail[]) => new Map(all.map((trail) => [trail.food.state.foodId, trail]));
    expect(byId(trails)).toEqual(byId([await alone(tub), await alone(other)]));
    expect(Object.keys(byId(trails).get(tub)!.others)).toEqual([pot]);
    expect(byId(trails).get(other)!.others).toEqual({});
  });

  it.each([[''], ['x'], [Array.from({ length: 41 }, () => uuid()).join(',')]])(
    'is not asked for by %s',
    async (ids) => expect((await kitchen.ask('GET', `/api/foods/trails?ids=${ids}`)).status).toBe(400),
  );
});

describe('a page of another version', () => {
  const asked = (version: string) => kitchen.ask('GET', '/api/household', undefined, { [SPEAKS]: version });

  it.each([
    [API_VERSION - 1, /page is of an older/],
    [API_VERSION + 1, /server is of an older/],
    ['anything', /server is of an older/],
  ])('that speaks %s is told which of both is the older', async (version, sentence) => {
    const answer = await asked(String(version));
    expect([answer.status, await detail(answer)]).toEqual([426, expect.stringMatching(sentence)]);
  });

  it('of this one is answered, and so is what is no page', async () => {
    expect((await asked(String(API_VERSION))).status).toBe(200);
    expect((await kitchen.ask('GET', '/api/household')).status).toBe(200);
  });
});
