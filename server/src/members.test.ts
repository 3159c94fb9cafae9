import type { Founded, Household, Log } from '@omtel/core/api';
import { invitedSchema, membersSchema, type Members } from '@omtel/core/door';
import { DAY_MS, HOUR_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { deviceOf, found as foundOn, HARBOUR, invitedBy, joined, sentence, type Ask } from '../test/door';
import { event, json, lamb, openKitchen, type Kitchen } from '../test/kitchen';
import { deleteClosedHouseholds } from './services/closing';

let kitchen: Kitchen;
beforeEach(async () => {
  kitchen = await openKitchen();
});
afterEach(() => kitchen.close());

const device = (): Ask => deviceOf(kitchen);
const MARA = { household: HARBOUR.household, person: HARBOUR.person, passphrase: HARBOUR.passphrase };
const JONAS = { ...MARA, person: 'Jonas', passphrase: `${HARBOUR.passphrase} and Jonas` };
const members = async (ask: Ask) => membersSchema.parse(await json<Members>(await ask('GET', '/api/people')));
const idOf = async (ask: Ask, name: string) =>
  (await members(ask)).people.find((person) => person.name === name)!.id;

/** A household of two: its cook, and who came by an invitation. */
async function two(role: 'cook' | 'helper' = 'helper') {
  const [mara, jonas] = [device(), device()];
  const { household } = await foundOn(mara);
  const come = await joined(jonas, await invitedBy(mara, role), 'Jonas');
  expect(come.status).toBe(200);
  return { mara, jonas, household, come: await json<Founded>(come) };
}

const refusal = async (response: Response) => [response.status, await sentence(response)];
const TOO_LATE = [403, 'This invitation opens nothing any more: it was used, taken back, or is too old.'];

describe('an invitation', () => {
  it('says whose kitchen it opens, lets somebody in once, and gives them codes and a name of their own', async () => {
    const [mara, jonas] = [device(), device()];
    const { household } = await foundOn(mara);
    const key = await invitedBy(mara);
    const seen = await jonas('POST', '/api/session/invitation', { key });
    expect(invitedSchema.parse(await seen.json())).toEqual({
      household: 'Harbour house',
      by: 'Mara',
      role: 'helper',
    });
    expect((await members(mara)).invitations).toHaveLength(1);
    const come = await json<Founded>(await joined(jonas, key, 'Jonas'));
    expect(come.household).toMatchObject({ id: household.id, me: { name: 'Jonas', role: 'helper' } });
    expect(new Set(come.codes).size).toBe(8);
    expect(await members(mara)).toMatchObject({
      people: [
        { name: 'Mara', role: 'cook', me: true },
        { name: 'Jonas', role: 'helper', me: false },
      ],
      invitations: [],
    });
    expect((await device()('POST', '/api/session', JONAS)).status).toBe(200);
    expect(await refusal(await joined(device(), key, 'Third'))).toEqual(TOO_LATE);
    expect(await refusal(await device()('POST', '/api/session/invitation', { key }))).toEqual(TOO_LATE);
  });

  it('lets one of two in who come by it at once', async () => {
    const mara = device();
    await foundOn(mara);
    const key = await invitedBy(mara);
    const both = await Promise.all(['Jonas', 'Nils'].map((name) => joined(device(), key, name)));
    expect(both.map(({ status }) => status).sort()).toEqual([200, 403]);
    expect((await members(mara)).people).toHaveLength(2);
  });

  it('stays open for who slips: a name that is taken, a passphrase too common or too short', async () => {
    const mara = device();
    await foundOn(mara);
    const key = await invitedBy(mara);
    expect((await joined(device(), key, '  MARA ')).status).toBe(409);
    const say = (passphrase: string) =>
      device()('POST', '/api/session/join', { key, person: 'Jonas', passphrase });
    expect((await say('password1234')).status).toBe(422);
    expect((await say('short')).status).toBe(400);
    expect((await joined(device(), key, 'Jonas')).status).toBe(200);
  });

  it('opens nothing once it is taken back, too old, or made up, in the same words', async () => {
    const mara = device();
    await foundOn(mara);
    const back = await invitedBy(mara);
    const { invitations } = await members(mara);
    await mara('DELETE', `/api/people/invitations/${invitations[0]!.id}`);
    expect((await mara('DELETE', `/api/people/invitations/${invitations[0]!.id}`)).status).toBe(200);
    const old = await invitedBy(mara);
    await kitchen.db('invitations').update({ until: Date.now() - 1 });
    for (const key of [back, old, 'made up', ''])
      expect(await refusal(await joined(device(), key, 'Jonas'))).toEqual(TOO_LATE);
    expect((await members(mara)).invitations).toEqual([]);
  });

  it('is kept as a hash, and there are never many', async () => {
    const mara = device();
    await foundOn(mara);
    const key = await invitedBy(mara);
    expect(JSON.stringify(await kitchen.db('invitations'))).not.toContain(key);
    for (let i = 1; i < 12; i++) await invitedBy(mara);
    const answer = await mara('POST', '/api/people/invitations', { role: 'helper' });
    expect(answer.status).toBe(409);
  });

  it('is not guessed: tries in vain are waited for', async () => {
    const tries = [];
    for (let i = 0; i < 22; i++) tries.push((await joined(device(), `guess ${i}`, 'Eve')).status);
    expect(tries.slice(0, 20)).toEqual(Array(20).fill(403));
    expect(tries.at(-1)).toBe(429);
  });
});

describe('a helper', () => {
  it('records what happens, takes back what they entered, and nothing another did', async () => {
    const { mara, jonas, household } = await two();
    const { now } = household.clock;
    const foodId = uuid();
    const begin = lamb(foodId, now - HOUR_MS);
    await mara('POST', '/api/events', { events: [begin] });
    const record = (...events: unknown[]) => jonas('POST', '/api/events', { events });
    const moved = event(foodId, now - 60_000, 'moved', { place: 'refrigerator' });
    expect((await record(moved)).status).toBe(200);
    const takesBack = (eventId: string) => event(foodId, now, 'corrected', { eventId, withdrawn: true });
    for (const refused of [
      [takesBack(begin.id)],
      // Sent along, another's entry is none of theirs.
      [begin, takesBack(begin.id)],
      [event(foodId, now, 'planDropped')],
      [event(foodId, now, 'guided', { choice: null })],
      [event(foodId, now, 'moved', { place: 'freezer' }), event(foodId, now, 'guided', { choice: null })],
    ])
      expect([(await record(...refused)).status, refused[0]!.type]).toEqual([403, refused[0]!.type]);
    expect((await record(takesBack(moved.id))).status).toBe(200);
    const { entries } = await json<Log>(await mara('GET', '/api/events'));
    expect(entries.map(({ event: { type }, by, takenBack }) => [type, by, takenBack])).toEqual([
      ['moved', 'Jonas', true],
      ['added', 'Mara', undefined],
    ]);
    // A cook sets right what anybody entered.
    expect((await mara('POST', '/api/events', { events: [takesBack(begin.id)] })).status).toBe(200);
  });

  it('sees and signs out their own devices alone; a cook everybody’s', async () => {
    const { mara, jonas } = await two();
    const second = device();
    await second('POST', '/api/session', JONAS);
    const devices = async (ask: Ask) =>
      (
        await json<{ devices: { id: string; here: boolean; person: { name: string } }[] }>(
          await ask('GET', '/api/me/devices'),
        )
      ).devices;
    expect((await devices(jonas)).map(({ person }) => person.name)).toEqual(['Jonas', 'Jonas']);
    const marasId = (await devices(mara)).find(({ here }) => here)!.id;
    await jonas('DELETE', `/api/me/devices/${marasId}`);
    await jonas('DELETE', '/api/me/devices');
    expect((await mara('GET', '/api/foods')).status).toBe(200);
    expect((await second('GET', '/api/foods')).status).toBe(401);
    await mara('DELETE', '/api/me/devices');
    expect((await jonas('GET', '/api/foods')).status).toBe(401);
  });

  it('becomes a cook at once, where they are in already', async () => {
    const { mara, jonas } = await two();
    const change = () => jonas('PATCH', '/api/household/settings', { largerText: true });
    expect((await change()).status).toBe(403);
    await mara('PUT', `/api/people/${await idOf(mara, 'Jonas')}/role`, { role: 'cook' });
    expect((await change()).status).toBe(200);
  });
});

describe('who belongs to a household no more', () => {
  it('is out on every device, cannot come back by passphrase or code, and is still named in the log', async () => {
    const { mara, jonas, household, come } = await two();
    const foodId = uuid();
    await jonas('POST', '/api/events', { events: [lamb(foodId, household.clock.now)] });
    expect((await mara('DELETE', `/api/people/${await idOf(mara, 'Jonas')}`)).status).toBe(200);
    expect((await jonas('GET', '/api/foods')).status).toBe(401);
    const code = { ...JONAS, code: come.codes[0], passphrase: 'another rope and another lamb' };
    expect((await device()('POST', '/api/session', JONAS)).status).toBe(403);
    expect((await device()('POST', '/api/session/recover', code)).status).toBe(403);
    const { entries } = await json<Log>(await mara('GET', '/api/events'));
    expect(entries[0]).toMatchObject({ by: 'Jonas' });
    // The name is free for another.
    expect((await joined(device(), await invitedBy(mara), 'Jonas')).status).toBe(200);
  });

  it('leaves by their own passphrase', async () => {
    const { mara, jonas } = await two();
    const leave = (passphrase: string) => jonas('POST', '/api/me/leaving', { passphrase });
    expect((await leave(MARA.passphrase)).status).toBe(403);
    expect((await leave(JONAS.passphrase)).status).toBe(200);
    expect((await jonas('GET', '/api/foods')).status).toBe(401);
    expect((await members(mara)).people).toHaveLength(1);
  });

  it('is never the last cook, also of two who go at once or make helpers of each other', async () => {
    const { mara, jonas } = await two('cook');
    const ids = { mara: await idOf(mara, 'Mara'), jonas: await idOf(mara, 'Jonas') };
    const helpers = await Promise.all([
      mara('PUT', `/api/people/${ids.jonas}/role`, { role: 'helper' }),
      jonas('PUT', `/api/people/${ids.mara}/role`, { role: 'helper' }),
    ]);
    expect(helpers.filter(({ status }) => status === 200)).toHaveLength(1);
    const { people } = await members(mara);
    expect(people.filter(({ role }) => role === 'cook')).toHaveLength(1);
    const [last, said] = people[0]!.role === 'cook' ? [mara, MARA] : [jonas, JONAS];
    expect((await last('POST', '/api/me/leaving', { passphrase: said.passphrase })).status).toBe(409);
  });

  it('takes the invitations they made along', async () => {
    const { mara, jonas } = await two('cook');
    const key = await invitedBy(jonas);
    await mara('DELETE', `/api/people/${await idOf(mara, 'Jonas')}`);
    expect(await refusal(await joined(device(), key, 'Friend'))).toEqual(TOO_LATE);
  });
});

describe('a household that is deleted', () => {
  const close = (ask: Ask, passphrase: string = MARA.passphrase) =>
    ask('POST', '/api/household/closing', { passphrase });
  const left = async () => [
    (await kitchen.db('households').where({ name: MARA.household })).length,
    (await kitchen.db('events')).length,
    (await kitchen.db('people')).length,
  ];

  it('can be kept for a week by any cook, and is as it was meanwhile', async () => {
    const { mara, jonas, household } = await two('cook');
    expect((await close(mara, 'not the one')).status).toBe(403);
    const closing = await json<Household>(await close(mara));
    expect(Math.abs(closing.closesAt! - Date.now() - 7 * DAY_MS)).toBeLessThan(60_000);
    // Asked for again it is no later.
    expect((await json<Household>(await close(jonas, JONAS.passphrase))).closesAt).toBe(closing.closesAt);
    await mara('POST', '/api/events', { events: [lamb(uuid(), household.clock.now)] });
    await deleteClosedHouseholds(kitchen.db, Date.now() + 7 * DAY_MS - 60_000);
    expect(await left()).toEqual([1, 1, 2]);
    expect((await json<Household>(await jonas('DELETE', '/api/household/closing'))).closesAt).toBeNull();
    await deleteClosedHouseholds(kitchen.db, Date.now() + 30 * DAY_MS);
    expect(await left()).toEqual([1, 1, 2]);
  });

  it('lets nobody in after its week, and is gone with all it held an hour later; no other is', async () => {
    const { mara, jonas, household } = await two();
    await foundOn(device(), { ...HARBOUR, household: 'Boat shed' });
    const many = Array.from({ length: 30 }, () => lamb(uuid(), household.clock.now));
    await mara('POST', '/api/events', { events: many });
    await close(mara);
    await kitchen
      .db('households')
      .where({ id: household.id })
      .update({ closes_at: Date.now() - 1 });
    expect((await jonas('GET', '/api/foods')).status).toBe(401);
    expect((await device()('POST', '/api/session', MARA)).status).toBe(403);
    await deleteClosedHouseholds(kitchen.db, Date.now());
    expect(await left()).toEqual([1, 30, 3]);
    await deleteClosedHouseholds(kitchen.db, Date.now() + HOUR_MS);
    expect(await left()).toEqual([0, 0, 1]);
    expect((await foundOn(device())).household.name).toBe(HARBOUR.household);
  });
});
