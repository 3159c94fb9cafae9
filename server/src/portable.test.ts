import type { FoodList, Household, Log } from '@omtel/core/api';
import type { Taken, TakingIn } from '@omtel/core/portable';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { deviceOf, found, HARBOUR, invitedBy, joined, type Ask } from '../test/door';
import { aKitchen, event, json, soup } from '../test/kitchen';

const kitchen = aKitchen('each');
const LINES = { 'content-type': 'application/x-ndjson' };

interface Written {
  exportedAt: number;
  household: Household;
  events: { event: { id: string; at: number; type: string; payload: unknown }; by?: string }[];
  people: unknown[];
  [list: string]: unknown;
}

const textOf = async (ask: Ask): Promise<string> => (await ask('GET', '/api/household/omtel.json')).text();
const writtenBy = async (ask: Ask): Promise<Written> => JSON.parse(await textOf(ask)) as Written;

/** What a server says while it takes in a file: its last line. */
async function takenIn(ask: Ask, file: unknown, how = ''): Promise<TakingIn> {
  const answer = await ask('POST', `/api/household/import${how}`, file);
  expect(answer.status).toBe(200);
  const lines = (await answer.text()).trim().split('\n');
  return JSON.parse(lines.at(-1)!) as TakingIn;
}

const taken = async (...what: Parameters<typeof takenIn>): Promise<Taken> =>
  ((await takenIn(...what)) as { taken: Taken }).taken;
const problem = async (...what: Parameters<typeof takenIn>): Promise<string> =>
  ((await takenIn(...what)) as { problem: string }).problem;

/** A kitchen in which everything was used that is kept. */
async function lived(): Promise<Ask> {
  const mara = deviceOf(kitchen);
  await found(mara);
  const jonas = deviceOf(kitchen);
  await joined(jonas, await invitedBy(mara), 'Jonas');
  const { clock } = await json<Household>(await mara('GET', '/api/household'));
  const now = Math.round(clock.now);
  const [pot, tub, rice, cut, device] = [uuid(), uuid(), uuid(), uuid(), uuid()];
  const record = (ask: Ask, ...events: unknown[]) => ask('POST', '/api/events', { events });
  const moved = event(rice, now - 2 * HOUR_MS, 'moved', { place: 'counter' });
  await record(mara, soup(pot, now - 5 * HOUR_MS), soup(rice, now - 5 * HOUR_MS), moved);
  await record(
    jonas,
    event(pot, now - 4 * HOUR_MS, 'dividedOff', { massKg: 0.5, to: tub }),
    event(tub, now - 4 * HOUR_MS, 'portioned', { from: pot, name: 'Tub', massKg: 0.5 }),
  );
  await record(mara, event(rice, now - HOUR_MS, 'corrected', { eventId: moved.id, at: now - 3 * HOUR_MS }));
  const [mealId, served] = [uuid(), now + 8 * HOUR_MS];
  const dish = {
    kind: 'cold',
    id: 'salad',
    name: 'Salad',
    foodId: null,
    prepareMs: 15 * MINUTE_MS,
    finishMs: 0,
    waitsMs: HOUR_MS,
    keeps: false,
  };
  const wanted = { name: 'Supper', people: 9, smallEaters: 2, serveAt: served, dishes: [dish] };
  const tick = { dish: 'salad', name: 'Salad', kind: 'prepare', part: 'begun', at: now };
  await record(
    mara,
    { id: uuid(), mealId, at: now, type: 'mealPlanned', payload: wanted },
    { id: uuid(), mealId, at: now, type: 'mealTicked', payload: tick },
  );
  await mara('POST', '/api/stores/power-cuts', {
    id: cut,
    offAt: now - HOUR_MS,
    freezer: 'full',
    opened: [],
  });
  await mara('POST', `/api/stores/power-cuts/${cut}/end`, { onAt: now - 30 * MINUTE_MS });
  await mara('POST', '/api/stores/readings', {
    id: uuid(),
    store: 'refrigerator',
    at: now - 20 * MINUTE_MS,
    temperature: { value: 12, unit: 'C' },
  });
  await mara('POST', '/api/devices', { id: device, name: 'Cellar sensor' });
  await mara(
    'POST',
    `/api/devices/${device}/readings`,
    `{"channel":"air","at":${now - MINUTE_MS},"celsius":4.25}\n`,
    LINES,
  );
  await mara('PUT', `/api/devices/${device}/channels/air`, { measured: { of: 'freezer' }, since: 0 });
  await mara('PATCH', '/api/household/settings', {
    altitudeM: 900,
    table: [{ id: 'ines', name: 'Ines', small: false, care: 'pregnancy' }],
  });
  return mara;
}

async function stranger(): Promise<Ask> {
  const nils = deviceOf(kitchen);
  await found(nils, { ...HARBOUR, household: 'Boat shed', person: 'Nils' });
  return nils;
}

/** All that differs by whose the household is. */
const apart = ({ exportedAt: _, household, people: __, ...written }: Written) => ({
  ...written,
  settings: household.settings,
  events: written.events.map(({ by: ___, ...entry }) => entry),
});

describe('a household as a file', () => {
  it('is the same there as here: its lists, its rulings, its log with the names', async () => {
    const mara = await lived();
    const nils = await stranger();
    const said = await taken(nils, await textOf(mara), '?settings=true');
    expect(said).toMatchObject({ dry: false, from: 'Harbour house', foods: 3, meals: 1, settings: true });
    expect(apart(await writtenBy(nils))).toEqual(apart(await writtenBy(mara)));
    const foods = async (ask: Ask) => {
      const { foods, meals, powerCut } = await json<FoodList>(await ask('GET', '/api/foods'));
      return { foods: foods.toSorted((a, b) => (a.state.foodId < b.state.foodId ? -1 : 1)), meals, powerCut };
    };
    expect(await foods(nils)).toEqual(await foods(mara));
    const log = async (ask: Ask) => (await json<Log>(await ask('GET', '/api/events'))).entries;
    const plain = (entries: Log['entries']) =>
      entries.map(({ event, ...entry }) => ({ ...entry, event: { ...event, seq: undefined } }));
    expect(plain(await log(nils))).toEqual(plain(await log(mara)));
    expect((await log(nils)).some(({ by }) => by === 'Jonas')).toBe(true);
  });

  it('said again is known, and changes nothing, here and there', async () => {
    const mara = await lived();
    const nils = await stranger();
    const text = await textOf(mara);
    await taken(nils, text, '?settings=true');
    for (const ask of [nils, mara]) {
      const before = await writtenBy(ask);
      const { lists } = await taken(ask, text);
      expect(Object.values(lists).map(({ fresh }) => fresh)).toEqual(Object.values(lists).map(() => 0));
      expect({ ...(await writtenBy(ask)), exportedAt: 0 }).toEqual({ ...before, exportedAt: 0 });
    }
  });

  it('is tried without a trace, and says what would be done', async () => {
    const mara = await lived();
    const nils = await stranger();
    const before = await writtenBy(nils);
    const text = await textOf(mara);
    const tried = await taken(nils, text, '?dry=true&settings=true');
    expect({ ...(await writtenBy(nils)), exportedAt: 0 }).toEqual({ ...before, exportedAt: 0 });
    expect(await json<FoodList>(await nils('GET', '/api/foods'))).toMatchObject({ foods: [] });
    expect({ ...tried, dry: false }).toEqual(await taken(nils, text, '?settings=true'));
  });

  it('leaves the settings there are, where it is not to take its own', async () => {
    const mara = await lived();
    const nils = await stranger();
    await taken(nils, await textOf(mara));
    expect((await json<Household>(await nils('GET', '/api/household'))).settings.altitudeM).toBe(0);
    // What was recorded elsewhere is ruled by the household it is in.
    expect((await json<FoodList>(await nils('GET', '/api/foods'))).foods[0]!.inCare).toBeUndefined();
  });

  const bent = (text: string, bend: (written: Written) => void): string => {
    const written = JSON.parse(text) as Written;
    bend(written);
    // A line for each member, as it was.
    return JSON.stringify(written, null, 1);
  };

  it.each<[string, (text: string) => string, RegExp]>([
    ['is none', () => '{"a":1}', /^Line 1: This is no file of a household/],
    ['is no JSON', (text) => text.slice(0, -400), /^Line \d+: The file is cut off or damaged there/],
    [
      'is of a newer Omtel',
      (text) => text.replace('"version": 1', '"version": 2'),
      /^Line 3: This file is of a newer Omtel/,
    ],
    [
      'has an event of no kind',
      (text) => text.replace('"type":"added"', '"type":"stolen"'),
      /^Line \d+: event/,
    ],
    [
      'speaks of what is to come',
      (text) => bent(text, ({ events }) => void (events[0]!.event.at += 9 * HOUR_MS)),
      /That has not happened yet/,
    ],
    [
      'has a food that begins nowhere',
      (text) =>
        bent(
          text,
          (written) =>
            void (written.events = written.events.filter(({ event: { type } }) => type !== 'added')),
        ),
      /begins nowhere in it|not known/,
    ],
    [
      'has a food that begins twice',
      (text) =>
        bent(
          text,
          ({ events }) => void events.push({ ...events[0]!, event: { ...events[0]!.event, id: uuid() } }),
        ),
      /That food is here already/,
    ],
  ])('that %s is told so in a sentence, and changes nothing', async (_, bend, sentence) => {
    const mara = await lived();
    const nils = await stranger();
    const before = await writtenBy(nils);
    const text = await textOf(mara);
    const broken = bend(text);
    expect(broken).not.toBe(text);
    expect(await problem(nils, broken, '?settings=true')).toMatch(sentence);
    expect({ ...(await writtenBy(nils)), exportedAt: 0 }).toEqual({ ...before, exportedAt: 0 });
  });

  it('names the line of what is wrong', async () => {
    const text = await textOf(await lived());
    const lines = text.split('\n');
    const index = lines.findIndex((line) => line.includes('"portioned"'));
    lines[index] = lines[index]!.replace('"massKg":0.5', '"massKg":"half"');
    expect(await problem(await stranger(), lines.join('\n'))).toMatch(
      new RegExp(`^Line ${index + 1}: event`),
    );
  });

  it('of the demo comes into no kitchen, and none into the demo', async () => {
    await kitchen.signIn();
    const demo: Ask = (method, path, body, headers) => kitchen.ask(method, path, body, headers as never);
    expect(await problem(await stranger(), await textOf(demo))).toMatch(/demo’s/);
    expect(await problem(demo, await textOf(await lived()))).toMatch(/Open a kitchen of your own/);
  });

  it('is a table as well: its foods, and all that happened', async () => {
    const mara = await lived();
    const table = async (name: string) =>
      (await (await mara('GET', `/api/household/${name}.csv`)).text()).trim().split('\r\n');
    const foods = await table('foods');
    expect([foods[0], foods.length]).toEqual(['time,zone,food,name,kind,place,kg', 4]);
    const events = await table('events');
    expect(events[0]).toBe('time,zone,of,name,type,words,by,said');
    expect(events.some((row) => row.includes('Tub') && row.includes('Jonas'))).toBe(true);
  });
});
