import type { DeviceKey, Household } from '@omtel/core/api';
import type { Members } from '@omtel/core/door';
import { lineOf } from '@omtel/core/devices';
import { whyNot } from '@omtel/core/roles';
import { v7 as uuid } from 'uuid';
import { deviceOf, found, HARBOUR, invitedBy, joined, sentence, type Ask } from '../test/door';
import { json, lamb, openKitchen, OWN, type Kitchen } from '../test/kitchen';
import { ASKS } from './http/may';

/** What a helper may ask for, written out once more: whoever lets one do more says so here as well. */
const HELPER_MAY = [
  'GET /api/household',
  'GET /api/people',
  'GET /api/me/devices',
  'DELETE /api/me/devices',
  'PUT /api/me/passphrase',
  'POST /api/me/codes',
  'GET /api/me/passkeys',
  'POST /api/me/passkeys/offer',
  'POST /api/me/passkeys',
  'DELETE /api/me/passkeys/:id',
  'POST /api/me/leaving',
  'GET /api/me/push',
  'PUT /api/me/push',
  'DELETE /api/me/push',
  'POST /api/me/push/trial',
  'GET /api/foods',
  'GET /api/foods/usual',
  'GET /api/foods/partings',
  'GET /api/foods/trails',
  'GET /api/foods/:id',
  'GET /api/events',
  'POST /api/events',
  'GET /api/live',
  'GET /api/stores/readings',
  'POST /api/stores/readings',
  'POST /api/stores/power-cuts',
  'POST /api/stores/power-cuts/:id/end',
  'GET /api/calendar',
  'GET /api/calendar/plans.ics',
  'GET /api/calendar/meals/:file{[0-9a-f-]+\\.ics}',
  'GET /api/devices/:id/:file{readings\\.(csv|json)}',
  'GET /api/household/:file{checks\\.(csv|json)}',
  'GET /api/household/:file{foods\\.(csv|json)}',
  'GET /api/household/:file{events\\.(csv|json)}',
  'GET /api/stores/:file{readings\\.(csv|json)}',
  'GET /api/devices',
  'GET /api/devices/:id/channels/:channel/record',
  'POST /api/devices/:id/readings',
  // The last thing they do.
  'DELETE /api/me/devices/:id',
];
const REFUSED = (['decide', 'takeAway', 'people'] as const).map((act) => whyNot('helper', act));
const SECRETS = ['Harbour', 'Mara', 'Jonas', 'Lamb of the harbour', 'Cellar sensor'];

const LINES = { 'content-type': 'application/x-ndjson' };

let kitchen: Kitchen;
let cook: Ask;
let helper: Ask;
let other: Ask;
/** What each request names, and says. */
let named: (route: string) => string;
let body: (route: string) => unknown;
let householdId: string;

/** All the database holds of the household, but for who was seen when. */
async function everything(): Promise<unknown> {
  const [tables] = (await kitchen.db.raw(
    `SELECT table_name AS name FROM information_schema.columns
     WHERE table_schema = DATABASE() AND column_name = 'household_id' ORDER BY 1`,
  )) as [{ name: string }[]];
  const held = await Promise.all(
    tables.map(({ name }) => kitchen.db(name).where({ household_id: householdId }).orderByRaw('1, 2, 3')),
  );
  return [await kitchen.db('households').where({ id: householdId }).first(), ...held];
}

beforeAll(async () => {
  kitchen = await openKitchen();
  [cook, helper, other] = [deviceOf(kitchen), deviceOf(kitchen), deviceOf(kitchen)];
  const { household } = await found(cook);
  householdId = household.id;
  await found(other, { ...HARBOUR, household: 'Boat shed', person: 'Nils' });
  const come = await joined(helper, await invitedBy(cook), 'Jonas');
  const { household: seen } = await json<{ household: Household }>(come);
  expect(seen.me).toMatchObject({ name: 'Jonas', role: 'helper' });
  await invitedBy(cook);
  const members = await json<Members>(await cook('GET', '/api/people'));
  const { now } = household.clock;
  const ids = { meal: uuid(), food: uuid(), reading: uuid(), cut: uuid(), device: uuid() };
  await cook('POST', '/api/events', { events: [lamb(ids.food, now, { name: 'Lamb of the harbour' })] });
  const temperature = { value: 4, unit: 'C' };
  await cook('POST', '/api/stores/readings', {
    id: ids.reading,
    store: 'refrigerator',
    at: now,
    temperature,
  });
  const cut = { id: ids.cut, offAt: now, freezer: 'full', opened: [] };
  await cook('POST', '/api/stores/power-cuts', cut);
  await json<DeviceKey>(await cook('POST', '/api/devices', { id: ids.device, name: 'Cellar sensor' }));
  const line = lineOf({ channel: 'air', at: Math.round(now), celsius: 4 });
  await cook('POST', `/api/devices/${ids.device}/readings`, line, LINES);
  const { devices } = await json<{ devices: { id: string; here: boolean }[] }>(
    await cook('GET', '/api/me/devices'),
  );
  const somebody = members.people.find(({ me }) => !me)!.id;

  named = (route) => {
    const id = route.includes('/foods/')
      ? ids.food
      : route.includes('/readings/')
        ? ids.reading
        : route.includes('/power-cuts/')
          ? ids.cut
          : route.includes('/devices/:id') && !route.includes('/me/')
            ? ids.device
            : route.includes('/me/devices')
              ? devices.find(({ here }) => !here)!.id
              : route.includes('/invitations/')
                ? members.invitations[0]!.id
                : somebody;
    const path = route
      .split(' ')[1]!
      .replace(':id', id)
      .replace(':channel', 'air')
      .replace(':file{[0-9a-f-]+\\.ics}', `${ids.meal}.ics`)
      .replace(':file{omtel\\.json}', 'omtel.json')
      .replace(/:file\{(\w+).*$/, '$1.csv');
    if (path.endsWith('/trails')) return `${path}?ids=${ids.food}`;
    if (path.endsWith('/live')) return `${path}?after=0.0`;
    return path.endsWith('/record') ? `${path}?from=0&to=${now}` : path;
  };
  const said: Record<string, unknown> = {
    'PATCH /api/household/settings': { largerText: true },
    'PUT /api/household/clock': { aheadMs: 1 },
    'POST /api/household/closing': { passphrase: HARBOUR.passphrase },
    'POST /api/people/invitations': { role: 'helper' },
    'PUT /api/people/:id/role': { role: 'cook' },
    'PUT /api/me/passphrase': { passphrase: HARBOUR.passphrase, next: 'a rope and a plank and a sail' },
    'POST /api/me/codes': { passphrase: HARBOUR.passphrase },
    'POST /api/me/passkeys/offer': { passphrase: HARBOUR.passphrase },
    'POST /api/me/passkeys': {
      id: 'x',
      rawId: 'x',
      type: 'public-key',
      response: {},
      clientExtensionResults: {},
    },
    'PUT /api/me/push': {
      endpoint: `${OWN}/push/to/x`,
      keys: { p256dh: 'B'.repeat(87), auth: 'a'.repeat(22) },
    },
    'POST /api/me/leaving': { passphrase: HARBOUR.passphrase },
    'POST /api/events': { events: [lamb(uuid(), now)] },
    'POST /api/stores/readings': { id: uuid(), store: 'freezer', at: now, temperature },
    'POST /api/stores/power-cuts': cut,
    'POST /api/stores/power-cuts/:id/end': { onAt: now },
    'POST /api/devices': { id: uuid(), name: 'Another' },
    'PUT /api/devices/:id/columns': {
      columns: { time: 'Time', value: 'Air', unit: 'C', format: 'iso', zone: 'UTC' },
    },
    'PUT /api/devices/:id/channels/:channel': { measured: { of: 'freezer' }, since: 0 },
    'POST /api/devices/:id/readings': line,
  };
  body = (route) => said[route];
});
afterAll(() => kitchen.close());

async function asked(ask: Ask, route: string): Promise<Response> {
  const headers = /:id\/readings/.test(route) ? LINES : {};
  const answer = await ask(route.split(' ')[0]!, named(route), body(route), headers);
  return answer.ok && route === 'GET /api/live' ? begun(answer) : answer;
}

const LISTENED_MS = 600;

/** What a stream says at first: it has no end of its own. */
async function begun(stream: Response): Promise<Response> {
  const reader = stream.body!.pipeThrough(new TextDecoderStream()).getReader();
  setTimeout(() => void reader.cancel(), LISTENED_MS);
  let said = '';
  for (;;) {
    const { value, done } = await reader.read();
    if (done) return new Response(said);
    said += value;
  }
}
const ROUTES = Object.keys(ASKS);

it('every request of who is signed in says what it asks for', () => {
  // What is asked at the door, of its health, or with a key of its own, and what is no request of its own.
  const others = /^ALL | \/api\/(session|health|openapi\.json|devices\/readings)| \/(calendar|push)\//;
  const served = kitchen.routes.filter((route) => !others.test(route));
  expect([...new Set(served)].sort()).toEqual([...ROUTES].sort());
});

describe('who is nobody, or of another household', () => {
  it.each(ROUTES)('%s: gets nothing and changes nothing', async (route) => {
    const before = await everything();
    expect((await asked(deviceOf(kitchen), route)).status).toBe(401);
    const answer = await (
      await asked(other, route.replace('DELETE /api/me/devices', 'GET /api/me/devices'))
    ).text();
    for (const secret of SECRETS) expect(answer).not.toContain(secret);
    expect(await everything()).toEqual(before);
  });
});

describe('a helper', () => {
  it.each(ROUTES.filter((route) => !HELPER_MAY.includes(route)))(
    '%s: is told whom to ask, and changes nothing',
    async (route) => {
      const before = await everything();
      const answer = await asked(helper, route);
      expect([answer.status, REFUSED.includes(await sentence(answer))]).toEqual([403, true]);
      expect(await everything()).toEqual(before);
    },
  );

  // With a passphrase that is not theirs, so that they stay.
  it.each(HELPER_MAY)('%s: may', async (route) => {
    const answer = await asked(helper, route);
    expect([200, 403, 404]).toContain(answer.status);
    if (answer.status === 404) expect(route).toContain('.ics');
    if (answer.status === 403)
      expect(await sentence(answer)).toMatch(/^That (is not your passphrase|passkey was not made)/);
  });
});

describe('a cook', () => {
  it.each(ROUTES)('%s: may', async (route) => {
    const answer = await asked(cook, route);
    expect(answer.status).not.toBe(401);
    if (answer.status === 403) expect(REFUSED).not.toContain(await sentence(answer));
  });
});
