import { MEANT_FOR, MOST_EVENTS } from '@omtel/core/api';
import type { FoodEvent } from '@omtel/core/record';
import { knowsPaths } from '../../../test/requests';
import { boatyard, lambAdded, LAMB_ID, listOf, NOW, stateOf } from '../../../test/story';
import { api } from '../api';
import { makeStore, type AppStore } from '../store';
import { allWaiting, allRefused, dropRefused, putEvents, takeOut } from './drawer';
import { newEvent, record } from './record';
import { dropEntry, sendAgain, sendOutbox } from './send';

/** What a server would answer to a batch: null for out of reach. */
type Answer = (events: readonly FoodEvent[]) => { status: number; body: unknown } | null;

const HOME = boatyard.id;
let store: AppStore;
let batches: FoodEvent[][];

function serverAnswers(answer: Answer, look: (request: Request) => void = () => undefined): void {
  batches = [];
  globalThis.fetch = (async (request: Request) => {
    if (request.method !== 'POST') return new Response('{}', { status: 200 });
    look(request);
    const { events } = (await request.json()) as { events: FoodEvent[] };
    batches.push(events);
    const answered = answer(events);
    if (!answered) throw new TypeError('Failed to fetch');
    return new Response(JSON.stringify(answered.body), {
      status: answered.status,
      headers: { 'content-type': answered.status < 400 ? 'application/json' : 'application/problem+json' },
    });
  }) as never;
}

const taken: Answer = (events) => ({
  status: 200,
  body: { accepted: events.map(({ id }) => id), foods: [], meals: [] },
});
const refusedWith = (status: number, detail: string) => ({
  status,
  body: { type: 'about:blank', title: 'Not possible', status, detail },
});
const note = (text: string) => newEvent(LAMB_ID, NOW, 'note', { text });
const outbox = () => store.getState().outbox;

beforeAll(knowsPaths);

beforeEach(async () => {
  store = makeStore();
  await takeOut(
    HOME,
    (await allWaiting(HOME)).events.map(({ id }) => id),
  );
  for (const { id } of await allRefused(HOME)) await dropRefused(HOME, id);
  await store.dispatch(api.util.upsertQueryData('household', undefined, boatyard));
});

afterEach(() => store.dispatch(api.util.resetApiState()));

describe('the outbox', () => {
  it('keeps an entry before it is sent, and lets it go once the server has it', async () => {
    let keptWhileSending = 0;
    serverAnswers((events) => {
      void allWaiting(HOME).then(({ events }) => (keptWhileSending = events.length));
      return taken(events);
    });
    await store.dispatch(record(note('one')));
    await store.dispatch(sendOutbox());
    expect(keptWhileSending).toBe(1);
    expect((await allWaiting(HOME)).events).toEqual([]);
    expect(outbox()).toEqual({ waiting: 0, problem: null, refused: [] });
  });

  it('keeps all while the server is away, and sends them in order when it is back', async () => {
    serverAnswers(() => null);
    const entries = [note('one'), note('two'), note('three')];
    for (const entry of entries) await store.dispatch(record(entry));
    await store.dispatch(sendOutbox());
    expect(outbox().waiting).toBeGreaterThan(0);
    expect(outbox().problem).toMatch(/cannot be reached/);
    expect((await allWaiting(HOME)).events).toHaveLength(3);

    serverAnswers(taken);
    await store.dispatch(sendOutbox());
    expect(batches.flat().map(({ id }) => id)).toEqual(entries.map(({ id }) => id));
    expect((await allWaiting(HOME)).events).toEqual([]);
  });

  it.each([401, 429, 502, 503])('keeps all when the server says %d', async (status) => {
    serverAnswers(() => refusedWith(status, 'Not now.'));
    await putEvents(HOME, [note('one')]);
    await store.dispatch(sendOutbox());
    expect((await allWaiting(HOME)).events).toHaveLength(1);
    expect(outbox().problem).toBe('Not now.');
  });

  it.each([400, 422, 500])('lays an entry aside that gets a %d, and sends the others', async (status) => {
    const [good, bad, better] = [note('good'), note('bad'), note('better')] as const;
    serverAnswers((events) =>
      events.some(({ id }) => id === bad.id)
        ? refusedWith(status, 'That has not happened yet.')
        : taken(events),
    );
    await putEvents(HOME, [good, bad, better]);
    await store.dispatch(sendOutbox());
    expect((await allWaiting(HOME)).events).toEqual([]);
    expect(batches.flat().filter(({ id }) => id === better.id)).toHaveLength(2);
    expect(outbox().refused).toEqual([{ id: bad.id, event: bad, sentence: 'That has not happened yet.' }]);
    await store.dispatch(dropEntry(bad.id));
    expect(outbox().refused).toEqual([]);
    expect(await allRefused(HOME)).toEqual([]);
  });

  it('sends an entry again that was laid aside', async () => {
    const entry = note('late');
    serverAnswers(() => refusedWith(422, 'That has not happened yet.'));
    await putEvents(HOME, [entry]);
    await store.dispatch(sendOutbox());
    serverAnswers(taken);
    await store.dispatch(sendAgain(entry.id));
    expect(batches.flat()).toContainEqual(entry);
    expect(outbox()).toMatchObject({ waiting: 0, refused: [] });
    expect((await allWaiting(HOME)).events).toEqual([]);
  });

  it('keeps what the server did not say it has', async () => {
    const [had, lost] = [note('had'), note('lost')] as const;
    serverAnswers((events) => taken(events.filter(({ id }) => id !== lost.id)));
    await putEvents(HOME, [had, lost]);
    await store.dispatch(sendOutbox());
    expect((await allWaiting(HOME)).events).toEqual([lost]);
  });

  it('sends no more at once than the server takes', async () => {
    serverAnswers(taken);
    await putEvents(
      HOME,
      Array.from({ length: MOST_EVENTS + 5 }, (_, i) => note(`${i}`)),
    );
    await store.dispatch(sendOutbox());
    expect(batches.map(({ length }) => length)).toEqual([MOST_EVENTS, 5]);
  });
});

describe('several households on one device', () => {
  const other = { ...boatyard, id: '01900000-0000-7000-8000-0000000000bb' };

  it('what waits of one is not sent while another is open, and goes out for its own once it is again', async () => {
    const meant: (string | null)[] = [];
    const taking = (request: Request) => void meant.push(request.headers.get(MEANT_FOR));
    serverAnswers(() => null);
    await store.dispatch(record(note('one')));
    await store.dispatch(sendOutbox());

    serverAnswers(taken, taking);
    store = makeStore();
    await store.dispatch(api.util.upsertQueryData('household', undefined, other));
    await store.dispatch(record(note('two')));
    await store.dispatch(sendOutbox());
    expect(batches.flat().map(({ payload }) => payload)).toEqual([{ text: 'two' }]);
    expect((await allWaiting(HOME)).events).toHaveLength(1);

    store = makeStore();
    await store.dispatch(api.util.upsertQueryData('household', undefined, boatyard));
    await store.dispatch(sendOutbox());
    expect((await allWaiting(HOME)).events).toEqual([]);
    expect(meant).toEqual([other.id, HOME]);
  });

  it('what is refused since another is open now is kept', async () => {
    serverAnswers(() => refusedWith(401, 'Another kitchen is open on this device now. Reload the page.'));
    await store.dispatch(record(note('one')));
    await store.dispatch(sendOutbox());
    expect((await allWaiting(HOME)).events).toHaveLength(1);
    expect(outbox().problem).toContain('Another kitchen is open');
  });

  it('nothing is recorded before anybody is signed in', async () => {
    store = makeStore();
    await expect(store.dispatch(record(note('one')))).rejects.toThrow('before somebody is signed in');
  });
});

describe('what an entry leads to is shown at once', () => {
  const foods = () =>
    api.endpoints.foods
      .select()(store.getState())
      .data!.foods.map(({ state }) => state);
  beforeEach(async () => {
    serverAnswers(() => null);
    await store.dispatch(api.util.upsertQueryData('foods', undefined, listOf(stateOf(lambAdded()))));
  });

  it('in the list, by the fold the server uses', async () => {
    await store.dispatch(record(newEvent(LAMB_ID, NOW + 1, 'thawStarted', { method: 'coldWater' })));
    expect(foods()[0]).toMatchObject({ stage: 'thawing', place: 'water' });
  });

  it('as a food come or gone', async () => {
    const other = { ...lambAdded(NOW), foodId: '01900000-0000-7000-8000-000000000002' } as FoodEvent;
    await store.dispatch(record(other));
    expect(foods()).toHaveLength(2);
    await store.dispatch(record(newEvent(LAMB_ID, NOW + 1, 'discarded', {})));
    expect(foods().map(({ foodId }) => foodId)).toEqual([other.foodId]);
  });

  it('but a correction waits for the server, which has the history', async () => {
    const before = foods();
    await store.dispatch(
      record(newEvent(LAMB_ID, NOW + 1, 'corrected', { eventId: LAMB_ID, withdrawn: true })),
    );
    expect(foods()).toEqual(before);
  });

  it('a correction too, where the food’s own page had it', async () => {
    const begun = lambAdded();
    const state = stateOf(begun);
    const trail = { food: { state, eventCount: 1 }, events: [begun], others: {} };
    await store.dispatch(api.util.upsertQueryData('food', LAMB_ID, trail));
    const instead = { ...begun.payload, name: 'Leg of lamb' };
    await store.dispatch(record(newEvent(LAMB_ID, NOW, 'corrected', { eventId: begun.id, instead })));
    expect(foods().map(({ name }) => name)).toEqual(['Leg of lamb']);
  });
});
