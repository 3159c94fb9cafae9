import type { Problem, Recorded } from '@omtel/core/api';
import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import { foldTrail } from '@omtel/core/trail';
import type { FoodEvent } from '@omtel/core/record';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, lamb } from '../test/kitchen';

const kitchen = aKitchen();
const sentenceOf = async (response: Response) => (await json<Problem>(response)).detail;
const come = (foodId = uuid()) => lamb(foodId, kitchen.now - 60_000);
const rows = () =>
  kitchen
    .db('events')
    .where({ household_id: kitchen.household.id })
    .orderBy('seq')
    .select('id', 'seq', 'food_id');

describe('the order in which a household takes its entries in', () => {
  it('has no gap and no double, whoever sends at once', async () => {
    const foods = Array.from({ length: 12 }, () => come());
    await Promise.all(
      foods.map((begun) => kitchen.record(begun, event(begun.foodId, kitchen.now, 'labelled'))),
    );
    const seqs = (await rows()).map(({ seq }) => Number(seq));
    expect(seqs).toEqual(seqs.map((_seq, index) => index + 1));
    expect(seqs.length).toBeGreaterThan(24);
  });

  it('decides between two corrections, whatever a device’s clock made of their ids', async () => {
    const begun = come();
    const moved = event(begun.foodId, kitchen.now - 40_000, 'moved', { place: 'counter' });
    const correct = (at: number) => event(begun.foodId, kitchen.now, 'corrected', { eventId: moved.id, at });
    const [early, late] = [correct(kitchen.now - 30_000), correct(kitchen.now - 20_000)];
    await kitchen.record(begun, moved);
    await kitchen.record(late);
    // Made before, and sent after: it is the household's last word.
    await kitchen.record(early);
    const { food, events } = await kitchen.trailOf(begun.foodId);
    expect(food.state.placeSince).toBe(kitchen.now - 30_000);
    expect(foldTrail(events, PLAIN_GUIDANCE)).toEqual(food.state);
  });
});

describe('what is acknowledged', () => {
  it.each(['\ud800', 'half \udc00 a character'])('is not text with half a character (%j)', async (text) => {
    const begun = come();
    for (const events of [
      [begun, event(begun.foodId, kitchen.now, 'note', { text })],
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
      await kitchen.record(begun, event(begun.foodId, kitchen.now, 'note', { text: '😀' })),
    );
    const held = new Set((await rows()).map(({ id }) => id));
    expect(accepted).toHaveLength(2);
    expect(accepted.every((id) => held.has(id))).toBe(true);
  });
});

describe('sending again', () => {
  it('a known id under another food changes neither, and leaves no trace of it', async () => {
    const [begun, other] = [come(), come()];
    const part = event(uuid(), kitchen.now, 'portioned', { from: begun.foodId, name: 'Part', massKg: 0.2 });
    await kitchen.record(begun, other, part);
    const before = await rows();
    const stray = uuid();
    const again = await kitchen.record({
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
    expect((await kitchen.record(begun, begun)).status).toBe(200);
    expect((await kitchen.trailOf(begun.foodId)).events).toHaveLength(1);
  });

  it('is told to no store twice', async () => {
    await kitchen.ask('POST', '/api/stores/readings', {
      id: uuid(),
      store: 'refrigerator',
      at: kitchen.now - 1000,
      temperature: { value: 12, unit: 'C' },
    });
    const begun = come();
    const put = event(begun.foodId, kitchen.now, 'moved', { place: 'refrigerator' });
    await kitchen.record(begun, put);
    const before = await rows();
    await kitchen.record(put);
    await kitchen.record(begun, put);
    expect(await rows()).toEqual(before);
  });
});

describe('refused with a sentence', () => {
  it('a food that begins twice', async () => {
    const begun = come();
    await kitchen.record(begun);
    expect(await sentenceOf(await kitchen.record(come(begun.foodId)))).toBe('That food is here already.');
    const twice = uuid();
    expect((await kitchen.record(come(twice), come(twice))).status).toBe(422);
    expect((await kitchen.ask('GET', `/api/foods/${twice}`)).status).toBe(404);
  });

  it('ids in capital letters', async () => {
    const begun = come();
    for (const loud of [
      { ...begun, id: begun.id.toUpperCase() },
      { ...begun, foodId: begun.foodId.toUpperCase() },
    ])
      expect((await kitchen.record(loud as FoodEvent)).status).toBe(400);
  });

  it('two foods each put to the other, near or far, and one to itself; but not once it was taken back', async () => {
    const [a, b, c] = [come(), come(), come()] as const;
    const put = (what: FoodEvent, into: FoodEvent) =>
      event(into.foodId, kitchen.now, 'joined', { with: what.foodId });
    const first = put(b, a);
    await kitchen.record(a, b, c, first, put(c, b));
    for (const ring of [put(a, b), put(a, c), put(a, a)])
      expect(await sentenceOf(await kitchen.record(ring))).toBe('Two foods cannot each be put to the other.');
    await kitchen.record(event(a.foodId, kitchen.now, 'corrected', { eventId: first.id, withdrawn: true }));
    expect((await kitchen.record(put(a, b))).status).toBe(200);
  });

  it('more than anybody can keep of one food', async () => {
    const begun = come();
    const notes = (count: number) =>
      Array.from({ length: count }, (_each, i) => event(begun.foodId, kitchen.now, 'note', { text: `${i}` }));
    await kitchen.record(begun, ...notes(199));
    await kitchen.record(...notes(200));
    expect((await kitchen.record(...notes(100))).status).toBe(200);
    const more = await kitchen.record(...notes(1));
    expect(more.status).toBe(422);
    expect(await sentenceOf(more)).toMatch(/^That is more than Omtel keeps of one food/);
    const read = event(begun.foodId, kitchen.now, 'reading', { temperature: { value: 3, unit: 'C' } });
    expect((await kitchen.record(read)).status).toBe(200);
  });

  it('a part of itself', async () => {
    const foodId = uuid();
    const part = event(foodId, kitchen.now, 'portioned', { from: foodId, name: 'Part', massKg: 0.2 });
    expect((await kitchen.record(part)).status).toBe(422);
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
    expect((await kitchen.record(...events)).status).toBe(200);
    let queries = 0;
    kitchen.db.on('query', () => queries++);
    expect(
      (await kitchen.record(event(events[1]!.foodId, kitchen.now, 'note', { text: 'first' }))).status,
    ).toBe(200);
    expect(queries).toBeLessThan(40);
  });

  it('in more generations than anybody can follow it is refused', async () => {
    let parent = come();
    await kitchen.record(parent);
    let refused: Response | null = null;
    for (let round = 0; round < 5 && !refused; round++) {
      const events: FoodEvent[] = [];
      for (let step = 0; step < 25; step++) {
        const part = event(uuid(), kitchen.now, 'portioned', {
          from: parent.foodId,
          name: 'Part',
          massKg: 0.01,
        });
        events.push(part);
        parent = part;
      }
      const response = await kitchen.record(...events);
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
        i % 6 === 0 ? kitchen.ask('POST', '/api/household/restart') : kitchen.record(come()),
      ),
    );
    expect(answers.map(({ status }) => status).filter((status) => status >= 500)).toEqual([]);
    expect((await kitchen.ask('GET', '/api/foods')).status).toBe(200);
  });
});
