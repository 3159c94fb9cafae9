import type { Log, StoreRecord } from '@omtel/core/api';
import { subjectOf } from '@omtel/core/record';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, lamb } from '../test/kitchen';

const MINUTE_MS = 60_000;
const kitchen = aKitchen('all');
const foodIds = [uuid(), uuid(), uuid()];
const EACH = 200;

beforeAll(async () => {
  const { now } = kitchen;
  const notes = (foodId: string) =>
    // Two and two of one moment: a page may end between them.
    Array.from({ length: EACH - 1 }, (_, i) =>
      event(foodId, now - (EACH - 2 * Math.ceil(i / 2)) * MINUTE_MS + 1, 'note', { text: `${i}` }),
    );
  for (const foodId of foodIds) {
    const events = [lamb(foodId, now - EACH * MINUTE_MS), ...notes(foodId)];
    expect((await kitchen.record(...events)).status).toBe(200);
  }
});

/** Every page of a list, to its end. */
async function all<Page extends { next: string | null }>(path: string): Promise<Page[]> {
  const pages: Page[] = [];
  for (let next: string | null = ''; next !== null; next = pages.at(-1)!.next)
    pages.push(await json<Page>(await kitchen.ask('GET', next ? `${path}?before=${next}` : path)));
  return pages;
}

it('the log goes back to the beginning of all, each entry once', async () => {
  const pages = await all<Log>('/api/events');
  const entries = pages.flatMap((page) => page.entries);
  const mine = entries.filter(({ event }) => foodIds.includes(subjectOf(event)));
  expect(pages.length).toBeGreaterThan(3);
  expect(mine).toHaveLength(foodIds.length * EACH);
  expect(new Set(entries.map(({ event: { id } }) => id)).size).toBe(entries.length);
  expect(entries.map(({ event: { at } }) => at)).toEqual(
    entries.map(({ event: { at } }) => at).sort((a, b) => b - a),
  );
});

it('so does the record of the stores, whatever is recorded meanwhile', async () => {
  const read = (at: number) => ({ id: uuid(), store: 'freezer', at, temperature: { value: -18, unit: 'C' } });
  for (let i = 0; i < 205; i++)
    await kitchen.ask('POST', '/api/stores/readings', read(kitchen.now - i * MINUTE_MS));
  const first = await json<StoreRecord>(await kitchen.ask('GET', '/api/stores/readings'));
  await kitchen.ask('POST', '/api/stores/readings', read(kitchen.now));
  const rest = await json<StoreRecord>(await kitchen.ask('GET', `/api/stores/readings?before=${first.next}`));
  expect([first.readings.length, rest.readings.length, rest.next]).toEqual([200, 5, null]);
});

it.each(['yesterday', '1', `1.${'x'.repeat(36)}`, `-1.${uuid()}`, "1' OR '1"])(
  'a page that is none, %s, is refused with a sentence',
  async (before) => {
    const response = await kitchen.ask('GET', `/api/events?before=${encodeURIComponent(before)}`);
    expect(response.status).toBe(400);
    expect((await json<{ detail: string }>(response)).detail).toContain('That page is not known.');
  },
);
