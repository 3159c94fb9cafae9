import { ANOTHER_KITCHEN, MEANT_FOR, type Household, type SignedInDevices } from '@omtel/core/api';
import { foundedSchema } from '@omtel/core/household';
import { deviceOf, found as foundOn, HARBOUR, sentence } from '../test/door';
import { lamb, json, openKitchen, type Kitchen } from '../test/kitchen';
import { v7 as uuid } from 'uuid';

const MARA = { household: HARBOUR.household, person: HARBOUR.person, passphrase: HARBOUR.passphrase };

let kitchen: Kitchen;
beforeEach(async () => {
  kitchen = await openKitchen();
});
afterEach(() => kitchen.close());

const device = () => deviceOf(kitchen);
const found = (ask = device(), said: object = HARBOUR) => foundOn(ask, said);

describe('a household of one’s own', () => {
  it('is there at once, empty, by the wall clock, with codes to keep', async () => {
    const ask = device();
    const response = await ask('POST', '/api/session/new', HARBOUR);
    const { household, codes } = foundedSchema.parse(await response.json());
    expect(household).toMatchObject({
      name: 'Harbour house',
      me: { name: 'Mara' },
      settings: { zone: 'UTC', cooks: [{ name: 'Mara' }] },
      clock: { movable: false, aheadMs: 0 },
    });
    expect(new Set(codes).size).toBe(8);
    const { foods } = await json<{ foods: unknown[] }>(await ask('GET', '/api/foods'));
    expect(foods).toEqual([]);
  });

  it('keeps to itself what is in it: neither the demo nor another household sees it, or puts anything into it', async () => {
    const [mine, others, demo] = [device(), device(), device()];
    const { household } = await found(mine);
    await found(others, { ...HARBOUR, household: 'Boat shed' });
    await demo('POST', '/api/session/demo');
    const foodId = uuid();
    await mine('POST', '/api/events', { events: [lamb(foodId, household.clock.now)] });
    expect((await mine('GET', `/api/foods/${foodId}`)).status).toBe(200);
    for (const ask of [others, demo]) {
      expect((await ask('GET', `/api/foods/${foodId}`)).status).toBe(404);
      const late = await ask('GET', '/api/foods', undefined, { [MEANT_FOR]: household.id });
      expect(await late.json()).toMatchObject({
        type: ANOTHER_KITCHEN,
        status: 401,
        detail: 'Another kitchen is open on this device now. Reload the page.',
      });
    }
    expect((await mine('GET', '/api/foods', undefined, { [MEANT_FOR]: household.id })).status).toBe(200);
  });

  it.each([
    ['the same name, typed another way', { household: '  HARBOUR   house ' }, 409],
    ['a passphrase that is too short', { passphrase: 'short' }, 400],
    ['one that is long by blanks only', { passphrase: 'short              ' }, 400],
    ['one of the commonest', { passphrase: 'password1234' }, 422],
    ['one that is the names', { passphrase: 'Harbour house 12', household: 'Harbour house' }, 422],
    ['a name of nothing one can see', { person: '\u200b' }, 400],
    ['a name that is short and means much', { household: '\ufdfa'.repeat(40) }, 400],
    ['no such zone', { zone: 'Mars' }, 400],
    ['more than is asked', { role: 'cook' }, 400],
  ])('is not founded with %s', async (_, wrong, status) => {
    if (status === 409) await found();
    const response = await device()('POST', '/api/session/new', { ...HARBOUR, ...wrong });
    expect(response.status).toBe(status);
    expect(response.headers.get('set-cookie')).toBeNull();
  });

  it('is founded once by two who press at once', async () => {
    const both = await Promise.all(
      [device(), device()].map((ask) => ask('POST', '/api/session/new', HARBOUR)),
    );
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
  });
});

describe('signing in', () => {
  it('opens to the names and the passphrase, however they are composed', async () => {
    const { household } = await found(device(), {
      ...HARBOUR,
      person: 'Zoë',
      passphrase: 'crème brûlée at sea',
    });
    const ask = device();
    const response = await ask('POST', '/api/session', {
      household: 'harbour HOUSE',
      person: 'Zoe\u0308',
      passphrase: 'cre\u0300me bru\u0302le\u0301e at sea ',
    });
    expect(response.status).toBe(200);
    expect(await json<Household>(response)).toMatchObject({ id: household.id, me: { name: 'Zoë' } });
    expect((await ask('GET', '/api/household')).status).toBe(200);
    await ask('DELETE', '/api/session');
    expect((await ask('GET', '/api/household')).status).toBe(401);
  });

  it('turns everybody else away in the same words, and tells nobody who lives here', async () => {
    await found();
    const slips = [
      { passphrase: 'tarred rope and lamp' },
      { person: 'Nobody' },
      { household: 'Elsewhere' },
      { passphrase: '' },
    ];
    const told = await Promise.all(
      slips.map(async (slip) => {
        const response = await device()('POST', '/api/session', { ...MARA, ...slip });
        return [response.status, await sentence(response), response.headers.get('set-cookie')];
      }),
    );
    expect(new Set(told.map((each) => JSON.stringify(each))).size).toBe(1);
    expect(told[0]![0]).toBe(403);
  });

  it('makes wait who tries too often, whether there is such a person or not, and many at once no less', async () => {
    await found();
    for (const person of ['Mara', 'Nobody']) {
      const tries = await Promise.all(
        Array.from({ length: 12 }, () =>
          device()('POST', '/api/session', { ...MARA, person, passphrase: 'wrong on purpose' }),
        ),
      );
      const statuses = tries.map(({ status }) => status);
      expect(statuses.filter((status) => status === 403)).toHaveLength(5);
      expect(statuses.filter((status) => status === 429)).toHaveLength(7);
    }
    // The right one waits as well: whoever guesses must not learn that they have it.
    const right = await device()('POST', '/api/session', MARA);
    expect([right.status, await sentence(right)]).toEqual([
      429,
      'That was tried too often. Try again in half a minute.',
    ]);
  });

  it('counts against nobody what opened the door', async () => {
    await found();
    for (let i = 0; i < 25; i++) expect((await device()('POST', '/api/session', MARA)).status).toBe(200);
  });

  it('takes nobody for another by an accent or a little picture, who would be counted apart', async () => {
    await found(device(), { ...HARBOUR, household: 'Boat \u{1f6a4}' });
    for (const slip of [
      { person: 'Már\u00e0' },
      { household: 'Boat \u{1f3e0}' },
      { household: 'B\u00f6at \u{1f6a4}' },
    ])
      expect(
        (await device()('POST', '/api/session', { ...MARA, household: 'Boat \u{1f6a4}', ...slip })).status,
      ).toBe(403);
    expect((await device()('POST', '/api/session', { ...MARA, household: 'BOAT \u{1f6a4}' })).status).toBe(
      200,
    );
  });
});

describe('without the passphrase', () => {
  const fresh = 'salt wind over mud';

  it('a code opens once, gives a new passphrase, and signs the other devices out', async () => {
    const [lost, ask] = [device(), device()];
    const { codes } = await found(lost);
    const said = { household: MARA.household, person: MARA.person, passphrase: fresh };
    const typed = codes[3]!.toLowerCase().replaceAll('-', ' ');
    expect((await ask('POST', '/api/session/recover', { ...said, code: typed })).status).toBe(200);
    expect((await ask('GET', '/api/household')).status).toBe(200);
    expect((await lost('GET', '/api/household')).status).toBe(401);
    expect((await device()('POST', '/api/session', MARA)).status).toBe(403);
    expect((await device()('POST', '/api/session', { ...MARA, passphrase: fresh })).status).toBe(200);
    expect((await device()('POST', '/api/session/recover', { ...said, code: codes[3] })).status).toBe(403);
    expect((await device()('POST', '/api/session/recover', { ...said, code: codes[4] })).status).toBe(200);
  });

  it('another’s code, a wrong one and nobody’s are turned away alike, and change nothing', async () => {
    const [{ codes }, others] = [
      await found(),
      await found(device(), { ...HARBOUR, household: 'Boat shed' }),
    ];
    const said = { household: MARA.household, person: MARA.person, passphrase: fresh };
    for (const slip of [{ code: others.codes[0] }, { code: 'none' }, { code: codes[0], person: 'Nobody' }])
      expect((await device()('POST', '/api/session/recover', { ...said, ...slip })).status).toBe(403);
    expect((await device()('POST', '/api/session', MARA)).status).toBe(200);
  });

  it('used twice at once it opens once', async () => {
    const { codes } = await found();
    const said = { household: MARA.household, person: MARA.person, passphrase: fresh, code: codes[0] };
    const both = await Promise.all(
      [device(), device()].map((ask) => ask('POST', '/api/session/recover', said)),
    );
    expect(both.map(({ status }) => status).sort()).toEqual([200, 403]);
  });
});

describe('who is in', () => {
  const devicesOf = async (ask: ReturnType<typeof device>) =>
    (await json<SignedInDevices>(await ask('GET', '/api/me/devices'))).devices;
  const PHONE =
    'Mozilla/5.0 (Linux; Android 14; Pixel 8) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/126.0.0.0 Mobile Safari/537.36';

  it('is listed by device, and a lost one is signed out from another', async () => {
    const [laptop, phone] = [device(), device()];
    await found(laptop);
    await phone('POST', '/api/session', MARA, { 'user-agent': PHONE });
    const listed = await devicesOf(laptop);
    expect(listed.map(({ device: name, person, here }) => [name, person.name, here])).toEqual([
      ['Chrome on Android, phone', 'Mara', false],
      ['Some device', 'Mara', true],
    ]);
    const { id } = listed.find(({ here }) => !here)!;
    for (let times = 0; times < 2; times++)
      expect((await laptop('DELETE', `/api/me/devices/${id}`)).status).toBe(200);
    expect((await phone('GET', '/api/household')).status).toBe(401);
    expect(await devicesOf(laptop)).toHaveLength(1);
  });

  it('is nobody else’s to see or to sign out', async () => {
    const [mine, others] = [device(), device()];
    await found(mine);
    await found(others, { ...HARBOUR, household: 'Boat shed' });
    const [{ id }] = (await devicesOf(mine)) as [SignedInDevices['devices'][number]];
    await others('DELETE', `/api/me/devices/${id}`);
    await others('DELETE', '/api/me/devices');
    expect(await devicesOf(others)).toHaveLength(1);
    expect((await mine('GET', '/api/household')).status).toBe(200);
    const demo = device();
    await demo('POST', '/api/session/demo');
    for (const [method, path] of [
      ['GET', '/api/me/devices'],
      ['DELETE', '/api/me/devices'],
      ['DELETE', `/api/me/devices/${id}`],
    ] as const)
      expect((await demo(method, path)).status).toBe(403);
    expect((await device()('GET', '/api/me/devices')).status).toBe(401);
  });

  it('who comes in twice on one device is on it once', async () => {
    const mine = device();
    await found(mine);
    await mine('POST', '/api/session', MARA);
    expect(await devicesOf(mine)).toHaveLength(1);
  });

  it('all others are signed out at once', async () => {
    const [mine, ...others] = [device(), device(), device()];
    await found(mine);
    for (const ask of others) await ask('POST', '/api/session', MARA);
    await mine!('DELETE', '/api/me/devices');
    for (const ask of others) expect((await ask('GET', '/api/household')).status).toBe(401);
    expect((await mine!('GET', '/api/household')).status).toBe(200);
  });

  it('takes another passphrase by the one before, and no common one', async () => {
    const [mine, phone] = [device(), device()];
    await found(mine);
    await phone('POST', '/api/session', MARA);
    const change = (passphrase: string, next: string) =>
      mine('PUT', '/api/me/passphrase', { passphrase, next });
    expect((await change('not it at all', 'salt wind over mud')).status).toBe(403);
    expect((await change(MARA.passphrase, 'password1234')).status).toBe(422);
    expect((await change(MARA.passphrase, 'short')).status).toBe(400);
    expect((await phone('GET', '/api/household')).status).toBe(200);
    expect((await change(MARA.passphrase, 'salt wind over mud')).status).toBe(200);
    expect((await phone('GET', '/api/household')).status).toBe(401);
    expect((await mine('GET', '/api/household')).status).toBe(200);
    expect((await device()('POST', '/api/session', MARA)).status).toBe(403);
    // Whoever finds the laptop open may not try for ever.
    const tries = [];
    for (let i = 0; i < 8; i++) tries.push((await change('guessed', 'salt wind over mud')).status);
    expect(tries.slice(-2)).toEqual([429, 429]);
  });

  it('makes other codes, and those before open nothing any more', async () => {
    const mine = device();
    const { codes } = await found(mine);
    expect((await mine('POST', '/api/me/codes', { passphrase: 'guessed' })).status).toBe(403);
    const fresh = await json<{ codes: string[] }>(
      await mine('POST', '/api/me/codes', { passphrase: MARA.passphrase }),
    );
    const said = { household: MARA.household, person: MARA.person, passphrase: 'salt wind over mud' };
    expect((await device()('POST', '/api/session/recover', { ...said, code: codes[0] })).status).toBe(403);
    expect((await device()('POST', '/api/session/recover', { ...said, code: fresh.codes[0] })).status).toBe(
      200,
    );
  });

  it('stays signed in while it is seen', async () => {
    const mine = device();
    await found(mine);
    const long = 2 * 60 * 60 * 1000;
    const [{ seen_at: before, expires_at: until }] = await kitchen.db('sessions').whereNotNull('person_id');
    await kitchen.db('sessions').update({ seen_at: Number(before) - long, expires_at: Number(until) - long });
    const response = await mine('GET', '/api/household');
    expect(response.headers.get('set-cookie')).toContain('Max-Age=2592000');
    const [row] = await kitchen.db('sessions').whereNotNull('person_id');
    expect(Number(row.expires_at)).toBeGreaterThanOrEqual(Number(until));
    // And is not noted again at every step.
    expect((await mine('GET', '/api/household')).headers.get('set-cookie')).toBeNull();
  });
});
