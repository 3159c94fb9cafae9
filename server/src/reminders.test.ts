import type { Pushed, PushSubscription } from '@omtel/core/reminders';
import type { Household } from '@omtel/core/api';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { deviceOf, found } from '../test/door';
import { aKitchen, json, OWN, soup } from '../test/kitchen';

const kitchen = aKitchen();

type Ask = (method: string, path: string, body?: unknown) => Promise<Response>;

interface Device {
  readonly id: string;
  readonly subscription: PushSubscription;
}

/** A device at the push service, which lets this server write to it. */
async function subscribed(ask: Ask): Promise<Device> {
  const { writer } = await json<{ writer: string }>(await ask('GET', '/api/me/push'));
  const device = await json<Device>(await ask('POST', '/push/devices', { writer }));
  expect((await ask('PUT', '/api/me/push', device.subscription)).status).toBe(200);
  return device;
}

const LISTENED_MS = 300;

/** What a device has had sent since it last listened. */
async function heardBy({ id }: Device): Promise<Pushed[]> {
  const stream = await kitchen.ask('GET', `/push/devices/${id}`);
  const reader = stream.body!.pipeThrough(new TextDecoderStream()).getReader();
  setTimeout(() => void reader.cancel(), LISTENED_MS);
  let said = '';
  for (;;) {
    const { value, done } = await reader.read();
    if (done) break;
    said += value;
  }
  return [...said.matchAll(/event: push\ndata: (.*)\n/g)].map(([, data]) => JSON.parse(data!) as Pushed);
}

const ahead = (ms: number) => kitchen.ask('PUT', '/api/household/clock', { aheadMs: ms });

/** A soup that stands out since now, and when it is told of. */
async function soupOut(): Promise<string> {
  const id = uuid();
  expect((await kitchen.record(soup(id, kitchen.now, { place: 'counter', since: kitchen.now }))).status).toBe(
    200,
  );
  return id;
}

/** Whether a message that is sent to see that it arrives does. */
const tried = async () =>
  (await json<{ arrived: boolean }>(await kitchen.ask('POST', '/api/me/push/trial'))).arrived;

const at = (minutes: number) => ahead(minutes * MINUTE_MS);

describe('a device that is reminded', () => {
  it('is told of food that stands out while it can be saved, once, sealed, over the protocol of the Web', async () => {
    const device = await subscribed(kitchen.ask);
    const id = await soupOut();
    await kitchen.remind();
    await at(80);
    await kitchen.remind();
    const before = (await heardBy(device)).filter(({ page }) => page.includes(id));
    expect(before).toEqual([]);
    await at(95);
    await kitchen.remind();
    await kitchen.remind();
    const told = (await heardBy(device)).filter(({ page }) => page.includes(id));
    expect(told).toHaveLength(1);
    expect(told[0]).toMatchObject({ pressing: true, heard: true, felt: true, page: `/food/${id}` });
    expect(told[0]!.title).toMatch(/^Soup: /);
    await at(100);
    await kitchen.remind();
    expect((await heardBy(device)).filter(({ page }) => page.includes(id))).toEqual([]);
  });

  it('is told no more of what is over', async () => {
    const device = await subscribed(kitchen.ask);
    const id = await soupOut();
    await at(200);
    await kitchen.remind();
    expect((await heardBy(device)).filter(({ page }) => page.includes(id))).toEqual([]);
  });

  it('is told of the same by one server of several', async () => {
    const device = await subscribed(kitchen.ask);
    const id = await soupOut();
    await at(95);
    await Promise.all([kitchen.remind(), kitchen.remind()]);
    expect((await heardBy(device)).filter(({ page }) => page.includes(id))).toHaveLength(1);
  });

  it('in quiet hours is told silently of what can wait', async () => {
    const device = await subscribed(kitchen.ask);
    const quiet = { from: '00:00', to: '23:59' };
    const reminders = { heard: true, felt: true, quiet };
    expect((await kitchen.ask('PATCH', '/api/household/settings', { reminders })).status).toBe(200);
    const id = await soupOut();
    await at(95);
    await kitchen.remind();
    const told = await heardBy(device);
    expect(told.find(({ page }) => page.includes(id))).toMatchObject({ heard: true });
    for (const { pressing, heard, felt } of told) expect([heard, felt]).toEqual([pressing, pressing]);
  });

  it('reads times as its household does', async () => {
    const device = await subscribed(kitchen.ask);
    await kitchen.ask('PATCH', '/api/household/settings', { times: { face: 12, weekFrom: '7' } });
    const id = await soupOut();
    await at(95);
    await kitchen.remind();
    expect((await heardBy(device)).find(({ page }) => page.includes(id))!.body).toMatch(
      /^By \d+:\d\d [ap]m\./,
    );
  });

  it('can be tried, and is not once it is switched off, signed out, or unknown to its service', async () => {
    const device = await subscribed(kitchen.ask);
    expect(await tried()).toBe(true);
    expect((await heardBy(device)).map(({ tag }) => tag.split('.')[0])).toEqual(['trial']);
    await kitchen.ask('DELETE', '/api/me/push');
    expect(await tried()).toBe(false);
    const again = await subscribed(kitchen.ask);
    await kitchen.ask('DELETE', `/push/devices/${again.id}`);
    expect(await tried()).toBe(false);
    expect(await json<object>(await kitchen.ask('GET', '/api/me/push'))).toMatchObject({ here: false });
    await subscribed(kitchen.ask);
    await kitchen.ask('DELETE', '/api/session');
    expect(await kitchen.db('push_subscriptions')).toEqual([]);
  });

  it('hears nothing of another household', async () => {
    const other = deviceOf(kitchen);
    await found(other);
    const device = await subscribed(other);
    await subscribed(kitchen.ask);
    await soupOut();
    await at(95);
    await kitchen.remind();
    expect(await heardBy(device)).toEqual([]);
  });
});

describe('an endpoint', () => {
  const keys = { p256dh: 'B'.repeat(87), auth: 'a'.repeat(22) };
  it.each([
    ['http://127.0.0.1:3306/push/to/x', 422],
    ['https://push.example.org/to/x', 422],
    ['http://localhost.example.org/push/to/x', 422],
    ['file:///etc/passwd', 400],
    ['nothing', 400],
  ])('%s is refused', async (endpoint, status) => {
    expect((await kitchen.ask('PUT', '/api/me/push', { endpoint, keys })).status).toBe(status);
    expect(await kitchen.db('push_subscriptions')).toEqual([]);
  });

  it('is given to nobody who is not signed in, nor to a page elsewhere', async () => {
    const { writer } = await json<{ writer: string }>(await kitchen.ask('GET', '/api/me/push'));
    const ask = (headers: object) => kitchen.ask('POST', '/push/devices', { writer }, headers as never);
    expect((await ask({ cookie: undefined })).status).toBe(401);
    expect((await ask({ origin: 'http://elsewhere.example.org' })).status).toBe(403);
    expect((await kitchen.ask('POST', '/push/devices', { writer: 'nobody' })).status).toBe(400);
  });

  it('takes messages of nobody but who may write to it, and none that are not sealed for it', async () => {
    const { subscription } = await subscribed(kitchen.ask);
    const path = subscription.endpoint.slice(OWN.length);
    const say = (authorization?: string) =>
      kitchen.ask('POST', path, 'a secret', { authorization, ttl: '60', 'content-type': undefined });
    expect((await say()).status).toBe(403);
    expect((await say('vapid t=a.b.c, k=x')).status).toBe(403);
    const none = await kitchen.ask('POST', '/push/to/nobody', 'x', { ttl: '60' });
    expect(none.status).toBe(410);
  });
});

it('a clock that is moved far ahead tells of nothing long past', async () => {
  const device = await subscribed(kitchen.ask);
  await at((30 * 24 * HOUR_MS) / MINUTE_MS);
  await kitchen.remind();
  const { clock } = await json<Household>(await kitchen.ask('GET', '/api/household'));
  for (const { at: due } of await heardBy(device)) expect(due).toBeGreaterThan(clock.now - 24 * HOUR_MS);
});
