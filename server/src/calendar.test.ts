import type { CalendarFeed, FoodList } from '@omtel/core/api';
import { atClock } from '@omtel/core/time';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { sync, type VEvent } from 'node-ical';
import { aKitchen, json } from '../test/kitchen';
import { calendarFile } from './services/calendarFile';

const kitchen = aKitchen();
const eventsIn = (text: string): VEvent[] =>
  Object.values(sync.parseICS(text)).filter((each): each is VEvent => each?.type === 'VEVENT');
const at = (event: VEvent) => event.start.getTime();
const supper = async () =>
  (await json<FoodList>(await kitchen.ask('GET', '/api/foods'))).meals.find(
    ({ wanted }) => wanted.name === 'Crew supper',
  )!;
const fileOf = async (path: string) => {
  const response = await kitchen.ask('GET', path);
  expect(response.status).toBe(200);
  expect(response.headers.get('content-type')).toBe('text/calendar; charset=utf-8');
  return response.text();
};
const feed = async (method: string) => json<CalendarFeed>(await kitchen.ask(method, '/api/calendar'));

describe('a calendar file', () => {
  it('of a meal has each step that is to come, at its time, with an alarm before it', async () => {
    const { mealId, schedule } = await supper();
    const text = await fileOf(`/api/calendar/meals/${mealId}.ics`);
    const events = eventsIn(text);
    const cook = schedule!.tasks.find(({ id }) => id === 'lamb.cook')!;
    const into = events.find(({ summary }) => String(summary).includes('Leg of lamb into the oven'))!;
    expect(at(into)).toBe(cook.startAt);
    expect(into.end!.getTime() - at(into)).toBe(5 * MINUTE_MS);
    expect(String(into.description)).toMatch(/For (Ines|Bram)\.$/);
    // The lamb lies in the refrigerator already: that is no step to come.
    expect(events.some(({ summary }) => /lowest shelf/.test(String(summary)))).toBe(false);
    expect(events.some(({ summary }) => /On the table/.test(String(summary)))).toBe(true);
    expect(text.match(/BEGIN:VALARM/g)).toHaveLength(events.length);
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
  });

  it('of all plans has those of single foods too', async () => {
    const events = eventsIn(await fileOf('/api/calendar/plans.ics'));
    const of = (name: string) => events.some(({ summary }) => String(summary).startsWith(name));
    expect([of('Crew supper'), of('Side of trout')]).toEqual([true, true]);
  });

  it('of a meal there is not is a sentence', async () => {
    const response = await kitchen.ask('GET', '/api/calendar/meals/01900000-0000-7000-8000-000000000001.ics');
    expect(response.status).toBe(404);
  });

  it('keeps to the wall clock of a zone through the night in which it changes', () => {
    const zone = 'Europe/Lisbon';
    // On 25 October 2026 at 02:00 the clocks go back: half past one is there twice.
    const before = atClock(Date.UTC(2026, 9, 24, 12), 0, { hour: 23, minute: 30 }, zone);
    const entries = [0, 2, 3, 4].map((hours) => ({
      id: String(hours),
      at: before + hours * HOUR_MS,
      lastsMs: 0,
      title: 'Look; after, it',
      detail:
        'A long line of words that has to be folded, since no line of such a file is longer than 75 octets – é.',
    }));
    const text = calendarFile('Night', entries, { zone, stamp: before, sequence: 7 });
    expect(text).toContain('BEGIN:VTIMEZONE');
    expect(text).toContain('DTSTART;TZID=Europe/Lisbon:20261024T233000');
    expect(text).toMatch(/DTSTAMP:20261024T223000Z/);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    const read = eventsIn(text);
    expect(read.map((event) => [event.uid, at(event)]).sort()).toEqual(
      entries.map(({ id, at: when }) => [`${id}@omtel`, when]).sort(),
    );
    expect(read[0]!.summary).toBe('Look; after, it');
    expect(read[0]!.description).toBe(entries[0]!.detail);
  });
});

describe('an address a calendar follows', () => {
  it('opens the plans to whoever knows it, until it is taken back or made anew', async () => {
    expect(await feed('GET')).toEqual({ since: null, path: null });
    const first = await feed('POST');
    const read = async (path: string) =>
      (await kitchen.ask('GET', path, undefined, { cookie: undefined })).status;
    expect(eventsIn(await fileOf(first.path!)).length).toBeGreaterThan(5);
    expect(await read(first.path!)).toBe(200);
    expect(await feed('GET')).toEqual({ since: first.since, path: null });
    const second = await feed('POST');
    expect([await read(first.path!), await read(second.path!)]).toEqual([404, 200]);
    await feed('DELETE');
    expect(await read(second.path!)).toBe(404);
    expect(await feed('GET')).toEqual({ since: null, path: null });
  });

  it.each([
    '/calendar/x.ics',
    `/calendar/${'A'.repeat(43)}.ics`,
    '/calendar/',
    `/calendar/${'%00'.repeat(15)}.ics`,
  ])('is not guessed (%s)', async (path) => expect((await kitchen.ask('GET', path)).status).toBe(404));

  it('is made and taken back only by who is signed in, and is in no log', async () => {
    for (const method of ['GET', 'POST', 'DELETE'])
      expect((await kitchen.ask(method, '/api/calendar', undefined, { cookie: undefined })).status).toBe(401);
    const { path } = await feed('POST');
    await kitchen.ask('GET', path!);
    expect(JSON.stringify(kitchen.logged)).not.toContain(path!.slice(10, 40));
  });
});
