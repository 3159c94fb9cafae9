import type { ChannelRecord, DeviceKey, Devices, StoreRecord, TakenIn } from '@omtel/core/api';
import { lineOf } from '@omtel/core/devices';
import type { Thermometer } from '@omtel/core/thermometers';
import { HOUR_MS, MINUTE_MS, SECOND_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, soup } from '../test/kitchen';

const kitchen = aKitchen('each');
const now = () => Math.round(kitchen.household.clock.now);

async function aDevice(name = 'Sensor'): Promise<DeviceKey> {
  const answer = await kitchen.ask('POST', '/api/devices', { id: uuid(), name });
  expect(answer.status).toBe(200);
  return json<DeviceKey>(answer);
}

/** As a device sends: with its key, and with nothing a browser says. */
const send = (key: string, lines: readonly string[] | string) =>
  kitchen.ask('POST', '/api/devices/readings', typeof lines === 'string' ? lines : lines.join('\n'), {
    authorization: `Bearer ${key}`,
    'content-type': 'application/x-ndjson',
    cookie: undefined,
    origin: undefined,
  });
const taken = async (key: string, lines: readonly string[]) => json<TakenIn>(await send(key, lines));

/** A reading a minute, up to now. */
const air = (...spans: readonly (readonly [minutes: number, celsius: number])[]): string[] => {
  const minutes = spans.flatMap(([count, celsius]) => Array.from({ length: count }, () => celsius));
  return minutes.map((celsius, i) =>
    lineOf({ channel: '1', at: now() - (minutes.length - 1 - i) * MINUTE_MS, celsius }),
  );
};
const devices = async () => (await json<Devices>(await kitchen.ask('GET', '/api/devices'))).devices;
const record = async () =>
  (await json<StoreRecord>(await kitchen.ask('GET', '/api/stores/readings'))).readings;
const isRefrigerator = (id: string, since = 0) =>
  kitchen.ask('PUT', `/api/devices/${id}/channels/1`, { measured: { of: 'refrigerator' }, since });
const soupInRefrigerator = async () => {
  const id = uuid();
  const events = [soup(id, now() - 10 * HOUR_MS, { place: 'refrigerator' })];
  expect((await kitchen.ask('POST', '/api/events', { events })).status).toBe(200);
  return id;
};
const toldOf = async (id: string) =>
  (await kitchen.trailOf(id)).events.filter(({ type }) => type === 'storeWarm' || type === 'storeRight');

/** The device is the household's only thermometer, and this is what happened to it. */
const isThermometer = async (device: string, log: Thermometer['log']) => {
  const fork: Thermometer = {
    id: 'fork',
    name: 'Fork',
    kind: 'instantRead',
    resolutionK: 0.1,
    rangeC: [-40, 200],
    livesIn: '',
    boughtAt: null,
    device,
    rhythmDays: 30,
    log,
  };
  const patch = { thermometers: [fork] };
  expect((await kitchen.ask('PATCH', '/api/household/settings', patch)).status).toBe(200);
};
const inIce = (at: number, value: number) =>
  ({ at, what: 'checked', point: 'ice', expectedC: 0, read: { value, unit: 'C' } }) as const;

describe('the address devices send to', () => {
  it('takes their lines, and the same again changes nothing', async () => {
    const { id, key } = await aDevice();
    const lines = [
      '{"celsius":3.1,"battery":0.8}',
      lineOf({ channel: 'b', at: now() - SECOND_MS, celsius: -18 }),
    ];
    expect(await taken(key, lines)).toEqual({ now: now(), taken: 2, refused: [] });
    expect(await taken(key, lines)).toEqual({ now: now(), taken: 2, refused: [] });
    const [device] = await devices();
    expect(device).toMatchObject({ id, name: 'Sensor', hasKey: true });
    expect(device!.channels).toMatchObject([
      {
        name: '1',
        measured: null,
        last: { at: now(), celsius: 3.1 },
        battery: expect.closeTo(0.8) as number,
      },
      { name: 'b', last: { celsius: -18 }, battery: null },
    ]);
    expect(await kitchen.db('device_readings').count({ n: '*' }).first()).toEqual({ n: 2 });
  });

  it('opens to a key alone, and to none that was taken back or made anew', async () => {
    const { id, key } = await aDevice();
    const opens = async (each: string) => (await send(each, ['{"celsius":3}'])).status;
    expect(await opens('nothing')).toBe(401);
    expect(await opens('')).toBe(401);
    expect(await opens(key)).toBe(200);
    const again = await json<DeviceKey>(await kitchen.ask('POST', `/api/devices/${id}/key`));
    expect([await opens(key), await opens(again.key)]).toEqual([401, 200]);
    await kitchen.ask('DELETE', `/api/devices/${id}/key`);
    expect(await opens(again.key)).toBe(401);
    expect(await devices()).toMatchObject([{ hasKey: false, channels: [{ last: { celsius: 3 } }] }]);
    // The key lies nowhere.
    expect(JSON.stringify(await kitchen.db('devices'))).not.toContain(again.key);
  });

  it('a line it cannot read takes no other with it; nor does one of a channel too many', async () => {
    const { key } = await aDevice();
    const answer = await taken(key, [
      '{"celsius":3}',
      'hot',
      '{"celsius":"9"}',
      lineOf({ channel: '1', at: now() + HOUR_MS, celsius: 4 }),
    ]);
    expect(answer.taken).toBe(1);
    expect(answer.refused.map(({ line }) => line)).toEqual([2, 3, 4]);
    const many = await taken(
      key,
      Array.from({ length: 12 }, (_, i) => `{"celsius":${i},"channel":"c${i}"}`),
    );
    expect(many.taken).toBe(7);
    expect(many.refused).toHaveLength(5);
    expect(
      (
        await send(
          key,
          Array.from({ length: 5001 }, () => '{}'),
        )
      ).status,
    ).toBe(413);
    expect((await send(key, '')).status).toBe(200);
    // Whatever it calls what it sends.
    for (const type of ['application/json', 'text/plain', undefined]) {
      const headers = { authorization: `bearer ${key}`, 'content-type': type, cookie: undefined };
      const lines = '{"celsius":3}\n{"celsius":4,"channel":"c1"}';
      const said = await kitchen.ask('POST', '/api/devices/readings', lines, headers);
      expect([said.status, await said.json()]).toMatchObject([200, { taken: 2 }]);
    }
  });

  it('keeps of an hour at a reading a second what tells all of it', async () => {
    const { id, key } = await aDevice();
    const celsius = (s: number) => Math.round(10 * (5 + s / 90 + (s === 1777 ? 30 : 0))) / 10;
    const lines = Array.from({ length: 7200 }, (_, s) =>
      lineOf({ channel: '1', at: now() - (7200 - s) * SECOND_MS, celsius: celsius(s) }),
    );
    await taken(key, lines.slice(0, 3600));
    await taken(key, lines.slice(3600));
    const rows = await kitchen.db('device_readings').orderBy('at');
    const kept = rows.map(({ centi_c }: { centi_c: number }) => centi_c / 100);
    // The last half hour whole, the rest in its straight pieces.
    expect(kept.length).toBeLessThan(1900);
    expect(kept.length).toBeGreaterThan(1790);
    expect(Math.max(...kept)).toBe(celsius(7199));
    expect(kept).toContain(celsius(1777));
    const path = `/api/devices/${id}/channels/1/record?from=${now() - 2 * HOUR_MS}&to=${now()}`;
    const { of, parts, facts } = await json<ChannelRecord>(await kitchen.ask('GET', path));
    expect(parts).toHaveLength(of);
    expect(Math.max(...parts.map(({ highC }) => highC))).toBe(celsius(7199));
    expect(facts).toBeNull();
  });
});

describe('a sensor in the refrigerator', () => {
  it('tells what lies there when it is too warm, and when it is right again; sent again it tells nothing twice', async () => {
    const food = await soupInRefrigerator();
    const { id, key } = await aDevice();
    const lines = air([120, 3], [90, 9], [60, 3]);
    await taken(key, lines.slice(0, 123));
    await isRefrigerator(id);
    expect(await toldOf(food)).toEqual([]);
    await taken(key, lines.slice(123, 200));
    const [warm] = await toldOf(food);
    expect(warm).toMatchObject({ type: 'storeWarm' });
    const begins = now() - 150 * MINUTE_MS;
    const { since } = (warm as unknown as { payload: { since: number } }).payload;
    expect(since).toBeLessThanOrEqual(begins);
    expect(since).toBeGreaterThan(begins - 20 * MINUTE_MS);
    await taken(key, lines.slice(200));
    await taken(key, lines);
    expect((await toldOf(food)).map(({ type }) => type)).toEqual(['storeWarm', 'storeRight']);
    expect((await record()).map(({ temperature }) => temperature.value > 4.44)).toEqual([
      false,
      true,
      false,
      false,
    ]);
  });

  it('says the same in whatever order its readings come', async () => {
    const food = await soupInRefrigerator();
    const { id, key } = await aDevice();
    const lines = air([120, 3], [90, 9], [60, 3]);
    await taken(key, lines.slice(240));
    await isRefrigerator(id);
    await taken(key, lines.slice(100, 240));
    await taken(key, lines.slice(0, 100));
    const told = await toldOf(food);
    const last = told.map(({ type }) => type).filter((_, i) => i >= told.length - 2);
    expect(last).toEqual(['storeWarm', 'storeRight']);
    const asSentInOrder = await record();
    expect(asSentInOrder).toHaveLength(4);
  });

  it('what it never measured is taken back', async () => {
    const food = await soupInRefrigerator();
    const { id, key } = await aDevice();
    await taken(key, air([60, 3], [60, 9]));
    await isRefrigerator(id);
    const warm = await kitchen.stateOf(food);
    expect(await record()).not.toEqual([]);
    await kitchen.ask('PUT', `/api/devices/${id}/channels/1`, { measured: null, since: 0 });
    expect(await record()).toEqual([]);
    expect(await kitchen.stateOf(food)).not.toEqual(warm);
  });

  it('counts from when it measured that', async () => {
    const food = await soupInRefrigerator();
    const { id, key } = await aDevice();
    await taken(key, air([60, 9], [60, 3]));
    await isRefrigerator(id, now() - 30 * MINUTE_MS);
    expect(await toldOf(food)).toEqual([]);
    expect((await record()).every(({ at }) => at >= now() - 30 * MINUTE_MS)).toBe(true);
  });
});

describe('a sensor that is a thermometer of the household’s', () => {
  const recordOf = async (id: string) =>
    json<ChannelRecord>(
      await kitchen.ask(
        'GET',
        `/api/devices/${id}/channels/1/record?from=${now() - 2 * HOUR_MS}&to=${now()}`,
      ),
    );

  it('shows too little: what it calls cold is too warm by its checks, for the foods there and on the record', async () => {
    const food = await soupInRefrigerator();
    const { id, key } = await aDevice();
    await isThermometer(id, [inIce(now() - 5 * HOUR_MS, -3)]);
    await taken(key, air([90, 3.5]));
    await isRefrigerator(id);
    expect((await toldOf(food)).map(({ type }) => type)).toEqual(['storeWarm']);
    const { facts, by } = await recordOf(id);
    expect(facts!.meanC).toBeCloseTo(6.5);
    expect(by).toEqual({ name: 'Fork', doubted: false });
  });

  it('shows too much: what it calls warm is right, from its check on and not before', async () => {
    const food = await soupInRefrigerator();
    const { id, key } = await aDevice();
    await isThermometer(id, [inIce(now() - 5 * HOUR_MS, 0), inIce(now() - 45 * MINUTE_MS, 0.9)]);
    await taken(key, air([90, 5.2]));
    await isRefrigerator(id);
    expect((await toldOf(food)).map(({ type }) => type)).toEqual(['storeWarm', 'storeRight']);
  });

  it('in doubt it can say that the air is too warm, and not that it is right again', async () => {
    const food = await soupInRefrigerator();
    const { id, key } = await aDevice();
    await isThermometer(id, [inIce(now() - 5 * HOUR_MS, 0), { at: now() - 4 * HOUR_MS, what: 'dropped' }]);
    await taken(key, air([60, 3.5], [60, 9], [60, 3.5]));
    await isRefrigerator(id);
    expect((await toldOf(food)).map(({ type }) => type)).toEqual(['storeWarm']);
    expect((await recordOf(id)).by).toEqual({ name: 'Fork', doubted: true });
  });
});

it('devices are a household’s own, at most twenty, and go with all they read', async () => {
  const { id, key } = await aDevice();
  await taken(key, ['{"celsius":3}']);
  expect((await kitchen.ask('POST', '/api/devices', { id, name: 'Again' })).status).toBe(409);
  expect((await kitchen.ask('POST', '/api/devices', { id: uuid(), name: ' ' })).status).toBe(400);
  for (const [method, path] of [
    ['POST', `/api/devices/${uuid()}/key`],
    ['PUT', `/api/devices/${uuid()}/channels/1`],
    ['GET', `/api/devices/${id}/channels/9/record?from=0&to=1`],
    ['POST', `/api/devices/${uuid()}/readings`],
  ] as const) {
    const body = method === 'PUT' ? { measured: null, since: 0 } : undefined;
    expect((await kitchen.ask(method, path, body)).status).toBe(404);
  }
  for (let n = 1; n < 20; n++) await aDevice(`Sensor ${n}`);
  expect((await kitchen.ask('POST', '/api/devices', { id: uuid(), name: 'One more' })).status).toBe(422);
  expect((await kitchen.ask('DELETE', `/api/devices/${id}`)).status).toBe(200);
  expect(await kitchen.db('device_readings').count({ n: '*' }).first()).toEqual({ n: 0 });
  // Nobody who is not signed in sees them.
  expect((await kitchen.ask('GET', '/api/devices', undefined, { cookie: undefined })).status).toBe(401);
});

it('what it read, what stores read and what thermometers were checked by are files of the household’s own', async () => {
  const { id, key } = await aDevice('Sensor, "left"');
  await taken(key, ['{"celsius":3.25}', lineOf({ channel: 'b', at: now() - HOUR_MS, celsius: -18 })]);
  await kitchen.ask('POST', '/api/stores/readings', {
    id: uuid(),
    store: 'freezer',
    at: now(),
    temperature: { value: 0, unit: 'F' },
  });
  const file = async (path: string, type: string) => {
    const answer = await kitchen.ask('GET', path);
    expect([answer.status, answer.headers.get('content-type')]).toEqual([200, `${type}; charset=utf-8`]);
    expect(answer.headers.get('content-disposition')).toMatch(/^attachment; filename="[a-z]+\.(csv|json)"$/);
    return answer.text();
  };
  const csv = await file(`/api/devices/${id}/readings.csv`, 'text/csv');
  expect(csv.split('\r\n')[0]).toBe('time,zone,device,channel,value,unit');
  expect(csv).toContain('"Sensor, ""left""",1,3.25,°C');
  const rows = JSON.parse(await file(`/api/devices/${id}/readings.json`, 'application/json')) as object[];
  expect(rows).toHaveLength(2);
  expect(await file('/api/stores/readings.csv', 'text/csv')).toContain('freezer,0,°F');
  expect(await file('/api/household/checks.csv', 'text/csv')).toMatch(/Dial,ovenDial,dropped/);
  expect((await kitchen.ask('GET', `/api/devices/${uuid()}/readings.csv`)).status).toBe(404);
  const out = { cookie: undefined };
  expect((await kitchen.ask('GET', '/api/household/checks.csv', undefined, out)).status).toBe(401);
});

describe('a probe in a food', () => {
  const inFood = (id: string, foodId: string, channel = '1') =>
    kitchen.ask('PUT', `/api/devices/${id}/channels/${channel}`, {
      measured: { of: 'food', foodId, place: 'centre' },
      since: now() - 2 * HOUR_MS,
    });
  const told = async (id: string) =>
    (await kitchen.trailOf(id)).events.flatMap((each) => (each.type === 'reading' ? [each.payload] : []));
  /** Every five seconds, the last of them now. */
  const probe = (count: number, celsius: (i: number) => number) =>
    Array.from({ length: count }, (_, i) =>
      lineOf({ channel: '1', at: now() - (count - 1 - i) * 5 * SECOND_MS, celsius: celsius(i) }),
    );

  it('tells it what it reads while it is steady, every few minutes, and once', async () => {
    const food = await soupInRefrigerator();
    const { id, key } = await aDevice('Probe');
    const lines = probe(240, (i) => 20 - i / 60);
    await taken(key, lines.slice(0, 60));
    expect((await inFood(id, food)).status).toBe(200);
    await taken(key, lines);
    await taken(key, lines);
    const readings = await told(food);
    expect(readings.length).toBeGreaterThanOrEqual(4);
    expect(readings.length).toBeLessThanOrEqual(6);
    expect(readings[0]).toMatchObject({
      place: 'centre',
      temperature: { unit: 'C' },
      withinK: expect.any(Number) as number,
    });
    expect((await devices())[0]!.channels[0]!.measured).toEqual({
      of: 'food',
      foodId: food,
      place: 'centre',
    });
  });

  it('is a thermometer of the household’s: what it tells is corrected by its checks, and in doubt without one', async () => {
    const food = await soupInRefrigerator();
    const { id, key } = await aDevice('Fork');
    await isThermometer(id, []);
    await taken(key, ['{"celsius":4}']);
    await inFood(id, food);
    await taken(
      key,
      probe(60, () => 4),
    );
    expect(await told(food)).not.toHaveLength(0);
    for (const payload of await told(food)) expect(payload).toMatchObject({ by: 'fork', doubtful: true });

    // It shows two degrees too much in ice water, since before all that.
    const another = await soupInRefrigerator();
    await isThermometer(id, [inIce(now() - 3 * HOUR_MS, 2)]);
    await inFood(id, another);
    const payloads = await told(another);
    expect(payloads).not.toHaveLength(0);
    for (const payload of payloads) {
      expect(payload).toMatchObject({ by: 'fork', temperature: { value: 4, unit: 'C' }, correction: -2 });
      expect(payload).not.toHaveProperty('doubtful');
    }
  });

  it('pulled out, it tells nothing; and of a food that is gone nothing any more', async () => {
    const food = await soupInRefrigerator();
    const { id, key } = await aDevice('Probe');
    await taken(key, ['{"celsius":4}']);
    await inFood(id, food);
    await taken(
      key,
      probe(120, (i) => (i < 40 ? 4 : 180)),
    );
    expect((await told(food)).every(({ temperature }) => temperature.value === 4)).toBe(true);
    expect((await devices())[0]!.channels[0]!.leapt).toBe(true);
    await kitchen.record(event(food, now(), 'discarded', {}));
    const before = (await told(food)).length;
    await taken(key, ['{"celsius":4}']);
    expect(await told(food)).toHaveLength(before);
    expect((await devices())[0]!.channels[0]!.measured).toBeNull();
    expect((await inFood(id, uuid())).status).toBe(404);
  });
});
