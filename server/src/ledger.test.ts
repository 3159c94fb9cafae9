import type { FoodTrail, Household, Problem, Recorded } from '@omtel/core/api';
import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import { foldTrail } from '@omtel/core/trail';
import type { FoodEvent } from '@omtel/core/record';
import { v7 as uuid } from 'uuid';
import { event, lamb, openKitchen, type Kitchen } from '../test/kitchen';

let kitchen: Kitchen;
let household: Household;
let now: number;
const json = async <Body>(response: Response) => (await response.json()) as Body;
const record = (...events: FoodEvent[]) => kitchen.ask('POST', '/api/events', { events });
const trailOf = async (foodId: string) => json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${foodId}`));
const sentenceOf = async (response: Response) => (await json<Problem>(response)).detail;
const come = (foodId = uuid()) => lamb(foodId, now - 60_000);
const rows = () =>
  kitchen.db('events').where({ household_id: household.id }).orderBy('seq').select('id', 'seq', 'food_id');

beforeEach(async () => {
  kitchen = await openKitchen();
  household = await kitchen.signIn();
  now = Math.round(household.clock.now);
});
afterEach(() => kitchen.close());

describe('the order in which a household takes its entries in', () => {
  it('has no gap and no double, whoever sends at once', async () => {
    const foods = Array.from({ length: 12 }, () => come());
    await Promise.all(foods.map((begun) => record(begun, event(begun.foodId, now, 'labelled'))));
    const seqs = (await rows()).map(({ seq }) => Number(seq));
    expect(seqs).toEqual(seqs.map((_seq, index) => index + 1));
    expect(seqs.length).toBeGreaterThan(24);
  });

  it('decides between two corrections, whatever a device’s clock made of their ids', async () => {
    const begun = come();
    const moved = event(begun.foodId, now - 40_000, 'moved', { place: 'counter' });
    const correct = (at: number) => event(begun.foodId, now, 'corrected', { eventId: moved.id, at });
    const [early, late] = [correct(now - 30_000), correct(now - 20_000)];
    await record(begun, moved);
    await record(late);
    // Made before, and sent after: it is the household's last word.
    await record(early);
    const { food, events } = await trailOf(begun.foodId);
    expect(food.state.placeSince).toBe(now - 30_000);
    expect(foldTrail(events, PLAIN_GUIDANCE)).toEqual(food.state);
  });
});

describe('what is acknowledged', () => {
  it.each(['\ud800', 'half \udc00 a character'])('is not text with half a character (%j)', async (text) => {
    const begun = come();
    for (const events of [
      [begun, event(begun.foodId, now, 'note', { text })],
      [{ ...begun, payload: { ...begun.payload, name: text } }],
    ]) {
      const response = await kitchen.ask('POST', '/api/events', { events });
      expect(response.status).toBe(400);
      const { fields } = await json<Problem>(response);
      expect(fields![0]!.path).toMatch(/^events\.\d\.payload\.(text|name)$/);
    }
    expect((await kitchen.ask('GET', `/api/foods/${begun.foodId}`)).status).toBe(404);
    expect((await kitchen.ask('PATCH', '/api/household/settings', { [text]: 1 })).status).toBe(400);
  });

  it('is what the database holds', async () => {
    const begun = come();
    const { accepted } = await json<Recorded>(
      await record(begun, event(begun.foodId, now, 'note', { text: '😀' })),
    );
    const held = new Set((await rows()).map(({ id }) => id));
    expect(accepted).toHaveLength(2);
    expect(accepted.every((id) => held.has(id))).toBe(true);
  });
});

describe('sending again', () => {
  it('a known id under another food changes neither, and leaves no trace of it', async () => {
    const [begun, other] = [come(), come()];
    const part = event(uuid(), now, 'portioned', { from: begun.foodId, name: 'Part', massKg: 0.2 });
    await record(begun, other, part);
    const before = await rows();
    const stray = uuid();
    const again = await record({
      ...part,
      foodId: stray,
      payload: { ...part.payload, from: other.foodId },
    } as FoodEvent);
    expect(again.status).toBe(200);
    expect((await json<Recorded>(again)).foods.map(({ state }) => state.foodId)).toEqual([part.foodId]);
    expect(await rows()).toEqual(before);
    expect(await kitchen.db('lineage').where({ parent_id: other.foodId })).toEqual([]);
    expect((await kitchen.ask('GET', `/api/foods/${stray}`)).status).toBe(404);
  });

  it('twice in one batch is once', async () => {
    const begun = come();
    expect((await record(begun, begun)).status).toBe(200);
    expect((await trailOf(begun.foodId)).events).toHaveLength(1);
  });

  it('is told to no store twice', async () => {
    await kitchen.ask('POST', '/api/stores/readings', {
      id: uuid(),
      store: 'refrigerator',
      at: now - 1000,
      temperature: { value: 12, unit: 'C' },
    });
    const begun = come();
    const put = event(begun.foodId, now, 'moved', { place: 'refrigerator' });
    await record(begun, put);
    const before = await rows();
    await record(put);
    await record(begun, put);
    expect(await rows()).toEqual(before);
  });
});

describe('refused with a sentence', () => {
  it('a food that begins twice', async () => {
    const begun = come();
    await record(begun);
    expect(await sentenceOf(await record(come(begun.foodId)))).toBe('That food is here already.');
    const twice = uuid();
    expect((await record(come(twice), come(twice))).status).toBe(422);
    expect((await kitchen.ask('GET', `/api/foods/${twice}`)).status).toBe(404);
  });

  it('ids in capital letters', async () => {
    const begun = come();
    for (const loud of [
      { ...begun, id: begun.id.toUpperCase() },
      { ...begun, foodId: begun.foodId.toUpperCase() },
    ])
      expect((await record(loud as FoodEvent)).status).toBe(400);
  });

  it('two foods each put to the other, near or far, and one to itself; but not once it was taken back', async () => {
    const [a, b, c] = [come(), come(), come()] as const;
    const put = (what: FoodEvent, into: FoodEvent) =>
      event(into.foodId, now, 'joined', { with: what.foodId });
    const first = put(b, a);
    await record(a, b, c, first, put(c, b));
    for (const ring of [put(a, b), put(a, c), put(a, a)])
      expect(await sentenceOf(await record(ring))).toBe('Two foods cannot each be put to the other.');
    await record(event(a.foodId, now, 'corrected', { eventId: first.id, withdrawn: true }));
    expect((await record(put(a, b))).status).toBe(200);
  });

  it('more than anybody can keep of one food', async () => {
    const begun = come();
    const notes = (count: number) =>
      Array.from({ length: count }, (_each, i) => event(begun.foodId, now, 'note', { text: `${i}` }));
    await record(begun, ...notes(199));
    await record(...notes(200));
    expect((await record(...notes(100))).status).toBe(200);
    const more = await record(...notes(1));
    expect(more.status).toBe(422);
    expect(await sentenceOf(more)).toMatch(/^That is more than Omtel keeps of one food/);
    const read = event(begun.foodId, now, 'reading', { temperature: { value: 3, unit: 'C' } });
    expect((await record(read)).status).toBe(200);
  });

  it('a part of itself', async () => {
    const foodId = uuid();
    const part = event(foodId, now, 'portioned', { from: foodId, name: 'Part', massKg: 0.2 });
    expect((await record(part)).status).toBe(422);
  });
});

describe('a batch divided and put together again, over and over', () => {
  it('is folded once a step, and costs a few queries', async () => {
    const whole = come();
    const events: FoodEvent[] = [whole];
    for (let step = 0; step < 40; step++) {
      const [part, at] = [uuid(), whole.at + 1000 + step * 100];
      events.push(
        event(part, at, 'portioned', { from: whole.foodId, name: 'Part', massKg: 0.01 }),
        event(whole.foodId, at, 'dividedOff', { to: part, massKg: 0.01 }),
        event(part, at + 10, 'joinedTo', { into: whole.foodId }),
        event(whole.foodId, at + 10, 'joined', { with: part }),
      );
    }
    expect((await record(...events)).status).toBe(200);
    let queries = 0;
    kitchen.db.on('query', () => queries++);
    expect((await record(event(events[1]!.foodId, now, 'note', { text: 'first' }))).status).toBe(200);
    expect(queries).toBeLessThan(40);
  });

  it('in more generations than anybody can follow it is refused', async () => {
    let parent = come();
    await record(parent);
    let refused: Response | null = null;
    for (let round = 0; round < 5 && !refused; round++) {
      const events: FoodEvent[] = [];
      for (let step = 0; step < 25; step++) {
        const part = event(uuid(), now, 'portioned', { from: parent.foodId, name: 'Part', massKg: 0.01 });
        events.push(part);
        parent = part;
      }
      const response = await record(...events);
      if (!response.ok) refused = response;
    }
    expect(refused!.status).toBe(422);
    expect(await sentenceOf(refused!)).toMatch(/^It was divided and put together too often/);
  });
});

describe('the story begun again among traffic', () => {
  it('answers everybody, and never with a fault of its own', async () => {
    const answers = await Promise.all(
      Array.from({ length: 24 }, async (_each, i) =>
        i % 6 === 0 ? kitchen.ask('POST', '/api/household/restart') : record(come()),
      ),
    );
    expect(answers.map(({ status }) => status).filter((status) => status >= 500)).toEqual([]);
    expect((await kitchen.ask('GET', '/api/foods')).status).toBe(200);
  });
});
