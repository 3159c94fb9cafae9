import { gunzipSync } from 'node:zlib';
import type { Problem } from '@omtel/core/api';
import { v7 as uuid } from 'uuid';
import { aKitchen, json, lamb } from '../test/kitchen';

const kitchen = aKitchen();

describe('a request from elsewhere', () => {
  it.each([
    ['localhost', 200],
    ['LOCALHOST:4610', 200],
    ['omtel.example', 421],
    ['localhost.omtel.example', 421],
    ['localhost@omtel.example', 421],
  ])('asked of %s is answered %i', async (host, status) => {
    const origin = `http://${host.toLowerCase()}`;
    expect((await kitchen.ask('GET', '/api/foods', undefined, { host, origin })).status).toBe(status);
  });

  it.each([
    ['of its own page', { origin: 'http://localhost' }, 200],
    ['of no browser', { origin: undefined }, 200],
    ['of another page', { origin: 'http://omtel.example' }, 403],
    ['of another port', { origin: 'http://localhost:81' }, 403],
    ['of a page without a name', { origin: 'null' }, 403],
    ['of another site that says nothing', { origin: undefined, 'sec-fetch-site': 'cross-site' }, 403],
  ])('%s changes something only if it may', async (_what, headers, status) => {
    const events = [lamb(uuid(), kitchen.household.clock.now)];
    const asked = await kitchen.ask('POST', '/api/events', { events }, headers);
    expect(asked.status).toBe(status);
    // Looking is free; a page elsewhere cannot read the answer.
    expect((await kitchen.ask('GET', '/api/foods', undefined, headers)).status).toBe(200);
  });

  it('can neither move the page’s base nor send its forms away', async () => {
    const policy = (await kitchen.ask('GET', '/api/foods')).headers.get('content-security-policy');
    expect(policy).toContain("base-uri 'self'");
    expect(policy).toContain("form-action 'self'");
  });
});

describe('a session', () => {
  const cookieOf = (response: Response) => response.headers.get('set-cookie')!.split(';')[0]!;
  const foods = async (cookie: string) =>
    (await kitchen.ask('GET', '/api/foods', undefined, { cookie })).status;

  it('ends with signing out, for whoever has a copy of it; others go on', async () => {
    const [one, other] = [
      cookieOf(await kitchen.ask('POST', '/api/session/demo')),
      cookieOf(await kitchen.ask('POST', '/api/session/demo')),
    ];
    await kitchen.ask('DELETE', '/api/session', undefined, { cookie: one });
    expect([await foods(one), await foods(other)]).toEqual([401, 200]);
    // Once more is harmless.
    expect((await kitchen.ask('DELETE', '/api/session', undefined, { cookie: one })).status).toBe(200);
  });

  it('runs out, and is forgotten', async () => {
    const cookie = cookieOf(await kitchen.ask('POST', '/api/session/demo'));
    await kitchen.db('sessions').update({ expires_at: Date.now() - 1 });
    expect(await foods(cookie)).toBe(401);
    await kitchen.ask('POST', '/api/session/demo');
    expect(await kitchen.db('sessions').count({ n: '*' }).first()).toEqual({ n: 1 });
  });

  it('makes room for others, when there are more than any home has', async () => {
    const cookie = cookieOf(await kitchen.ask('POST', '/api/session/demo'));
    const many = Array.from({ length: 600 }, (_, i) => ({
      token_hash: String(i).padStart(64, '0'),
      household_id: kitchen.household.id,
      expires_at: Date.now() + 60_000 + i,
    }));
    await kitchen.db('sessions').insert(many);
    await kitchen.ask('POST', '/api/session/demo');
    expect(await kitchen.db('sessions').count({ n: '*' }).first()).toEqual({ n: 500 });
    expect(await foods(cookie)).toBe(200);
  });

  it('cannot be opened by what the database holds', async () => {
    const cookie = cookieOf(await kitchen.ask('POST', '/api/session/demo'));
    const held = await kitchen.db('sessions').pluck('token_hash');
    for (const hash of held) expect(decodeURIComponent(cookie)).not.toContain(hash);
  });
});

describe('an answer', () => {
  it('is packed where that is understood, and kept by no cache', async () => {
    const packed = await kitchen.ask('GET', '/api/foods', undefined, { 'accept-encoding': 'gzip' });
    const plain = await (await kitchen.ask('GET', '/api/foods')).text();
    const body = Buffer.from(await packed.arrayBuffer());
    expect(packed.headers.get('content-encoding')).toBe('gzip');
    expect(packed.headers.get('cache-control')).toBe('no-store');
    expect(gunzipSync(body).toString()).toBe(plain);
    expect(body.length).toBeLessThan(plain.length / 5);
  });

  it('names its request, as the log does', async () => {
    const response = await kitchen.ask('GET', `/api/foods/${uuid()}`);
    const id = response.headers.get('x-request-id')!;
    expect((await json<Problem>(response)).instance).toBe(`urn:request:${id}`);
    expect(kitchen.logged).toContainEqual({
      request: id,
      method: 'GET',
      route: '/api/foods/:id',
      status: 404,
      ms: expect.any(Number),
    });
  });

  it('leaves nothing in the log of what was said, or by whom', async () => {
    const foodId = uuid();
    await kitchen.ask('POST', '/api/events', { events: [lamb(foodId, kitchen.household.clock.now)] });
    await kitchen.ask('GET', `/api/foods/${foodId}?name=Lamb`);
    await kitchen.ask('GET', '/nowhere/Lamb');
    const said = JSON.stringify(kitchen.logged);
    for (const secret of ['Lamb', foodId, kitchen.household.id]) expect(said).not.toContain(secret);
  });

  it('to a caller’s own name for its request keeps to what can be logged', async () => {
    const named = (id: string) => kitchen.ask('GET', '/api/foods', undefined, { 'x-request-id': id });
    expect((await named('mine-1')).headers.get('x-request-id')).toBe('mine-1');
    expect((await named('"}{"')).headers.get('x-request-id')).not.toContain('"');
  });
});
