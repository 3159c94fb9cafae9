import type { FoodList, FoodTrail, Household, Log, Problem, Recorded } from '@omtel/core/api';
import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import { subjectOf } from '@omtel/core/record';
import { foldTrail } from '@omtel/core/trail';
import { HOUR_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, lamb } from '../test/kitchen';
import { connect } from './db/connect';
import { demoThermometers } from './demo/thermometers';
import { findFood, listFoods } from './repositories/foods';

const kitchen = aKitchen();
const problemOf = async (response: Response) => {
  expect(response.headers.get('content-type')).toContain('application/problem+json');
  return json<Problem>(response);
};

describe('signing in', () => {
  it('gives a signed cookie that scripts cannot read', async () => {
    const response = await kitchen.ask('POST', '/api/session/demo');
    expect(response.headers.get('set-cookie')).toMatch(/^omtel_session=[^;]+; .*HttpOnly.*SameSite=Lax/);
  });

  it.each([
    ['none', ''],
    ['broken', 'omtel_session=%%%'],
    ['forged', 'omtel_session=01900000-0000-7000-8000-000000000000.c2lnbmF0dXJl'],
    ['another', 'other=1'],
  ])('with %s cookie asks to sign in', async (_what, cookie) => {
    const response = await kitchen.ask('GET', '/api/foods', undefined, { cookie });
    expect(response.status).toBe(401);
    expect((await problemOf(response)).detail).toBe('Sign in first.');
  });

  it('out forgets the device', async () => {
    const response = await kitchen.ask('DELETE', '/api/session');
    expect(response.headers.get('set-cookie')).toMatch(/omtel_session=;.*Max-Age=0/);
  });
});

describe('the demo', () => {
  it('opens mid-flow in the evening with its stores', async () => {
    const { foods } = await json<FoodList>(await kitchen.ask('GET', '/api/foods'));
    const names = foods.map(({ state }) => state.name);
    expect(names).toEqual(
      expect.arrayContaining([
        'Lamb shoulder',
        'Side of trout',
        'Chicken thighs',
        'Red lentil soup, 4 litres',
        'Saffron rice',
        'Tray of aubergine bake',
        'Fish pie, half a tray',
        'Sardines, opened can',
        'Tub without a date',
      ]),
    );
    expect(foods.filter(({ state }) => state.stage === 'frozen')).toHaveLength(9);
    expect(new Date(kitchen.household.clock.now).toISOString()).toBe('2026-06-12T19:02:00.000Z');
  });

  it('has a clock that moves ahead, never back, until the story starts again', async () => {
    const moved = await json<Household>(
      await kitchen.ask('PUT', '/api/household/clock', { aheadMs: 3_600_000 }),
    );
    expect(moved.clock.now).toBe(kitchen.household.clock.now + 3_600_000);
    expect((await kitchen.ask('PUT', '/api/household/clock', { aheadMs: 0 })).status).toBe(409);
    const again = await json<Household>(await kitchen.ask('POST', '/api/household/restart'));
    expect(again.clock.now).toBe(kitchen.household.clock.now);
  });

  it('is loaded once', async () => {
    await kitchen.signIn();
    expect(await kitchen.db('households').count({ n: '*' }).first()).toEqual({ n: 1 });
  });
});

const probe = () => ({ ...demoThermometers(0)[0]!, log: [] });

describe('settings', () => {
  it('keep the checks of a thermometer, and none that is still to come', async () => {
    const { now } = kitchen.household.clock;
    const said = (at: number) => ({ thermometers: [{ ...probe(), log: [{ at, what: 'dropped' }] }] });
    const changed = await json<Household>(
      await kitchen.ask('PATCH', '/api/household/settings', said(now - 1000)),
    );
    expect(changed.settings.thermometers).toEqual(said(now - 1000).thermometers);
    expect((await kitchen.ask('PATCH', '/api/household/settings', said(now + HOUR_MS))).status).toBe(422);
  });

  it('change one by one', async () => {
    const units = { temperature: 'F', mass: 'imperial' };
    const changed = await json<Household>(await kitchen.ask('PATCH', '/api/household/settings', { units }));
    expect(changed.settings).toEqual({ ...kitchen.household.settings, units });
  });

  it.each([
    { zone: 'Nowhere/Land' },
    { units: { temperature: 'K' } },
    { colour: 'red' },
    { availability: { '1': [{ from: '25:00', to: '9' }] } },
    { altitudeM: 99_999 },
    { thermometers: [probe(), probe()] },
    { thermometers: [{ ...probe(), rangeC: [50, -10] }] },
    { thermometers: [{ ...probe(), log: [{ at: 0, what: 'stolen' }] }] },
  ])('refuse %j with a sentence at the field', async (patch) => {
    const response = await kitchen.ask('PATCH', '/api/household/settings', patch);
    expect(response.status).toBe(400);
    expect((await problemOf(response)).fields!.length).toBeGreaterThan(0);
  });
});

describe('recording', () => {
  const foodId = uuid();
  const begin = () => lamb(foodId, kitchen.household.clock.now - 1000);

  it('stores events and the state folded from them, together', async () => {
    const events = [
      begin(),
      event(foodId, kitchen.household.clock.now, 'thawStarted', { method: 'coldWater' }),
    ];
    const recorded = await json<Recorded>(await kitchen.ask('POST', '/api/events', { events }));
    expect(recorded.accepted).toEqual(events.map(({ id }) => id));
    expect(recorded.foods[0]!.state).toEqual(foldTrail(events, PLAIN_GUIDANCE));
    const trail = await json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${foodId}`));
    expect(trail.events).toMatchObject(events);
    expect(trail.food.eventCount).toBe(2);
  });

  it('refuses a correction that cannot be true, with the sentence why, and stores nothing of it', async () => {
    const began = begin();
    const thaw = event(foodId, began.at + 500, 'thawStarted', { method: 'refrigerator' });
    await kitchen.ask('POST', '/api/events', { events: [began, thaw] });
    const correct = (eventId: string, at: number) =>
      kitchen.ask('POST', '/api/events', {
        events: [event(foodId, kitchen.household.clock.now, 'corrected', { eventId, at })],
      });
    const late = await correct(began.id, thaw.at + 1);
    expect(late.status).toBe(422);
    expect((await problemOf(late)).detail).toMatch(/^Something had happened to it by then\./);
    const early = await correct(thaw.id, began.at - 1);
    expect(early.status).toBe(422);
    expect((await problemOf(early)).detail).toMatch(/^The food was not there yet\./);
    const trail = await json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${foodId}`));
    expect(trail.food.eventCount).toBe(2);
    expect((await correct(began.id, thaw.at)).status).toBe(200);
  });

  it('takes what is said of an entry instead, in the food and in the log', async () => {
    const began = begin();
    const instead = { ...began.payload, name: 'Leg of lamb', massKg: 1.9 };
    const said = event(foodId, kitchen.household.clock.now, 'corrected', { eventId: began.id, instead });
    const recorded = await json<Recorded>(
      await kitchen.ask('POST', '/api/events', { events: [began, said] }),
    );
    expect(recorded.foods[0]!.state).toMatchObject({ name: 'Leg of lamb', massKg: 1.9 });
    const { entries } = await json<Log>(await kitchen.ask('GET', '/api/events'));
    expect(entries.find(({ event: { id } }) => id === began.id)).toMatchObject({
      name: 'Leg of lamb',
      event: { payload: { massKg: 1.9 } },
    });
  });

  it('takes no correction of another food’s entry, and none that cannot be said', async () => {
    const other = lamb(uuid(), kitchen.household.clock.now - 1000);
    await kitchen.ask('POST', '/api/events', { events: [begin(), other] });
    const correct = (eventId: string, payload: object) =>
      kitchen.ask('POST', '/api/events', {
        events: [event(foodId, kitchen.household.clock.now, 'corrected', { eventId, ...payload })],
      });
    for (const [eventId, payload, sentence] of [
      [other.id, { withdrawn: true }, 'What this sets right is not known of this food.'],
      [uuid(), { at: other.at }, 'What this sets right is not known of this food.'],
    ] as const) {
      const response = await correct(eventId, payload);
      expect(response.status).toBe(422);
      expect((await problemOf(response)).detail).toBe(sentence);
    }
  });

  it('a move set right to a warm refrigerator learns that it is warm', async () => {
    const { now } = kitchen.household.clock;
    await kitchen.ask('POST', '/api/stores/readings', {
      id: uuid(),
      store: 'refrigerator',
      at: now,
      temperature: { value: 9, unit: 'C' },
    });
    const put = event(foodId, now, 'moved', { place: 'counter' });
    const right = event(foodId, now, 'corrected', {
      eventId: put.id,
      instead: { place: 'refrigerator' },
    });
    await kitchen.ask('POST', '/api/events', { events: [begin(), put, right] });
    const { events } = await json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${foodId}`));
    expect(events.map(({ type }) => type)).toContain('storeWarm');
  });

  it('the same again changes nothing, and the first copy of an id stands', async () => {
    const first = begin();
    await kitchen.ask('POST', '/api/events', { events: [first] });
    const second = { ...first, payload: { ...first.payload, name: 'Changed' } };
    const recorded = await json<Recorded>(await kitchen.ask('POST', '/api/events', { events: [second] }));
    expect(recorded.foods[0]!.state.name).toBe('Lamb');
    expect(recorded.foods[0]!.eventCount).toBe(1);
  });

  it('many at once from two devices lose nothing', async () => {
    await kitchen.ask('POST', '/api/events', { events: [begin()] });
    const notes = Array.from({ length: 20 }, (_, i) =>
      event(foodId, kitchen.household.clock.now, 'note', { text: `note ${i}` }),
    );
    await Promise.all(notes.map((note) => kitchen.ask('POST', '/api/events', { events: [note] })));
    const trail = await json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${foodId}`));
    expect(trail.events).toHaveLength(21);
    expect(trail.food.eventCount).toBe(21);
  });

  it('what was acknowledged is there after the server is gone', async () => {
    await kitchen.ask('POST', '/api/events', { events: [begin()] });
    const other = connect(kitchen.url);
    expect((await findFood(other, kitchen.household.id, foodId))!.state.name).toBe('Lamb');
    await other.destroy();
  });

  it('takes a food back when its coming is withdrawn', async () => {
    const added = begin();
    await kitchen.ask('POST', '/api/events', { events: [added] });
    const undo = event(foodId, kitchen.household.clock.now, 'corrected', {
      eventId: added.id,
      withdrawn: true,
    });
    expect(
      (await json<Recorded>(await kitchen.ask('POST', '/api/events', { events: [undo] }))).foods,
    ).toEqual([]);
    expect((await kitchen.ask('GET', `/api/foods/${foodId}`)).status).toBe(404);
  });

  it('shows in the log, newest first, with the food’s name', async () => {
    await kitchen.ask('POST', '/api/events', { events: [begin()] });
    const { entries } = await json<Log>(await kitchen.ask('GET', '/api/events'));
    expect(entries[0]!.name).toBe('Lamb');
  });

  it('shows what was set right at its time, and what was taken back as that, until that is taken back too', async () => {
    const { now } = kitchen.household.clock;
    const added = begin();
    const [moved, opened] = [
      event(foodId, now - 60_000, 'note', { text: 'a' }),
      event(foodId, now, 'labelled', {}),
    ];
    const undo = event(foodId, now, 'corrected', { eventId: opened.id, withdrawn: true });
    await kitchen.ask('POST', '/api/events', {
      events: [added, moved, opened, event(foodId, now, 'corrected', { eventId: moved.id, at: now }), undo],
    });
    const log = async () =>
      (await json<Log>(await kitchen.ask('GET', '/api/events'))).entries.filter(
        (entry) => subjectOf(entry.event) === foodId,
      );
    expect((await log()).find(({ event: { id } }) => id === moved.id)!.event.at).toBe(now);
    expect((await log()).map(({ takenBack }) => takenBack ?? false).filter(Boolean)).toHaveLength(1);
    expect((await log()).every(({ event: { type } }) => type !== 'corrected')).toBe(true);
    const redo = event(foodId, now, 'corrected', { eventId: undo.id, withdrawn: true });
    await kitchen.ask('POST', '/api/events', { events: [redo] });
    expect((await log()).some(({ takenBack }) => takenBack)).toBe(false);
  });

  it.each([
    ['weight 0', () => [{ ...begin(), payload: { ...begin().payload, massKg: 0 } }], 400],
    ['900 kg', () => [{ ...begin(), payload: { ...begin().payload, massKg: 900 } }], 400],
    ['text in a number', () => [{ ...begin(), payload: { ...begin().payload, massKg: 'heavy' } }], 400],
    [
      'what has not happened',
      () => [begin(), event(foodId, kitchen.household.clock.now + 10 * 60_000, 'thawed')],
      422,
    ],
    [
      'a date that is still to come',
      () => [
        { ...begin(), payload: { ...begin().payload, since: kitchen.household.clock.now + 10 * 60_000 } },
      ],
      422,
    ],
    ['a food without beginning', () => [event(uuid(), kitchen.household.clock.now, 'thawed')], 422],
    ['nothing', () => [], 400],
  ])('refuses %s and keeps nothing of the batch', async (_what, events, status) => {
    const before = (await listFoods(kitchen.db, kitchen.household.id)).length;
    const response = await kitchen.ask('POST', '/api/events', { events: events() });
    expect(response.status).toBe(status);
    expect((await problemOf(response)).detail).toMatch(/\.$|:/);
    expect((await listFoods(kitchen.db, kitchen.household.id)).length).toBe(before);
  });
});

describe('the border', () => {
  it('refuses a body of 2 MB and text that is no JSON', async () => {
    expect((await kitchen.ask('POST', '/api/events', `{"events":"${'x'.repeat(2_000_000)}"}`)).status).toBe(
      413,
    );
    const broken = await kitchen.ask('POST', '/api/events', '{"events": [');
    expect(broken.status).toBe(400);
    await problemOf(broken);
  });

  it('never shows one household’s food to another', async () => {
    const { foods } = await json<FoodList>(await kitchen.ask('GET', '/api/foods'));
    const foreign = uuid();
    await kitchen.db('households').insert({
      id: foreign,
      name: 'Other',
      settings: JSON.stringify(kitchen.household.settings),
      demo: false,
    });
    expect(await findFood(kitchen.db, foreign, foods[0]!.state.foodId)).toBeNull();
    expect(await listFoods(kitchen.db, foreign)).toEqual([]);
  });

  it('says what is not there, for addresses and foods', async () => {
    expect((await kitchen.ask('GET', '/api/nothing')).status).toBe(404);
    expect((await kitchen.ask('GET', `/api/foods/${uuid()}`)).status).toBe(404);
    expect((await kitchen.ask('GET', '/api/foods/not-an-id')).status).toBe(400);
  });

  it('answers a lost database with a sentence, and logs no more than its kind', async () => {
    const { ask, logged } = kitchen;
    await kitchen.db.destroy();
    const response = await ask('GET', '/api/foods');
    expect(response.status).toBeGreaterThanOrEqual(500);
    expect((await problemOf(response)).detail).toContain('Nothing is lost');
    const failed = logged.filter((line) => 'failed' in line);
    expect(failed).toHaveLength(1);
    expect(JSON.stringify(failed)).not.toContain(kitchen.household.id);
  });

  it('describes itself', async () => {
    const document = await json<{ paths: Record<string, unknown> }>(
      await kitchen.ask('GET', '/api/openapi.json'),
    );
    expect(Object.keys(document.paths).sort()).toEqual(
      [
        '/api/calendar',
        '/api/devices',
        '/api/devices/{id}',
        '/api/devices/{id}/channels/{channel}',
        '/api/devices/{id}/channels/{channel}/record',
        '/api/devices/{id}/columns',
        '/api/devices/{id}/key',
        '/api/devices/{id}/readings',
        '/api/events',
        '/api/foods',
        '/api/foods/partings',
        '/api/foods/trails',
        '/api/foods/usual',
        '/api/foods/{id}',
        '/api/health',
        '/api/health/alive',
        '/api/household',
        '/api/household/clock',
        '/api/household/closing',
        '/api/household/restart',
        '/api/household/settings',
        '/api/live',
        '/api/me/codes',
        '/api/me/devices',
        '/api/me/devices/{id}',
        '/api/me/leaving',
        '/api/me/passkeys',
        '/api/me/passkeys/offer',
        '/api/me/passkeys/{id}',
        '/api/me/passphrase',
        '/api/me/push',
        '/api/me/push/trial',
        '/api/people',
        '/api/people/invitations',
        '/api/people/invitations/{id}',
        '/api/people/{id}',
        '/api/people/{id}/role',
        '/api/session',
        '/api/session/demo',
        '/api/session/invitation',
        '/api/session/join',
        '/api/session/new',
        '/api/session/passkey',
        '/api/session/passkey/asked',
        '/api/session/recover',
        '/api/stores/power-cuts',
        '/api/stores/power-cuts/{id}',
        '/api/stores/power-cuts/{id}/end',
        '/api/stores/readings',
        '/api/stores/readings/{id}',
      ].sort(),
    );
  });
});
