import { knowsPaths } from '../../../test/requests';
import { boatyard, lambAdded, LAMB_ID, listOf, NOW, stateOf } from '../../../test/story';
import { api } from '../api';
import { makeStore, type AppStore } from '../store';
import { tickSlice } from '../tick';
import { act } from './act';
import { allWaiting, takeOut } from './drawer';
import { newEvent } from './record';

const OTHER_ID = '01900000-0000-7000-8000-000000000002';
let store: AppStore;
const said = async (...types: [type: 'served' | 'reading' | 'moved', at: number][]) => {
  for (const [type, at] of types) {
    const payload =
      type === 'reading'
        ? { temperature: { value: 60, unit: 'C' as const } }
        : type === 'moved'
          ? { place: 'freezer' as const }
          : {};
    await store.dispatch(
      act({ what: type, events: [newEvent(LAMB_ID, at, type, payload as never)], notBefore: NOW - 60_000 }),
    );
  }
};
const kept = async () => (await allWaiting(boatyard.id)).events.map(({ type }) => type);
const shown = () => store.getState().tick.shown;

beforeAll(knowsPaths);
beforeEach(async () => {
  globalThis.fetch = (async () => {
    throw new TypeError('Failed to fetch');
  }) as never;
  store = makeStore();
  await takeOut(
    boatyard.id,
    (await allWaiting(boatyard.id)).events.map(({ id }) => id),
  );
  await store.dispatch(api.util.upsertQueryData('household', undefined, boatyard));
  await store.dispatch(api.util.upsertQueryData('foods', undefined, listOf(stateOf(lambAdded()))));
});
afterEach(() => store.dispatch(api.util.resetApiState()));

describe('one act', () => {
  it('is one entry, however often it is pressed within a minute', async () => {
    await said(['served', NOW], ['served', NOW + 400], ['served', NOW + 59_000]);
    expect(await kept()).toEqual(['served']);
    await said(['served', NOW + 61_000]);
    expect(await kept()).toEqual(['served', 'served']);
  });

  it('pressed twice at once is one entry', async () => {
    await Promise.all([said(['served', NOW]), said(['served', NOW + 1])]);
    expect(await kept()).toEqual(['served']);
  });

  it('done again after something else is another', async () => {
    await said(['moved', NOW], ['served', NOW + 10_000], ['moved', NOW + 20_000]);
    expect(await kept()).toEqual(['moved', 'served', 'moved']);
  });

  it('a reading says something each time', async () => {
    await said(['reading', NOW], ['reading', NOW + 20_000]);
    expect(await kept()).toHaveLength(2);
  });

  it('put to a food whose history this device has not seen is kept, and is one entry', async () => {
    const others = { ...lambAdded(), id: '01900000-0000-7000-8000-00000000000b', foodId: OTHER_ID };
    await store.dispatch(
      api.util.upsertQueryData('food', LAMB_ID, {
        food: { state: stateOf(lambAdded()), eventCount: 1 },
        events: [lambAdded()],
        others: {},
      } as never),
    );
    await store.dispatch(
      api.util.upsertQueryData('foods', undefined, listOf(stateOf(lambAdded()), stateOf(others))),
    );
    const combined = () =>
      act({
        what: 'combined',
        events: [
          newEvent(LAMB_ID, NOW, 'joined', { with: OTHER_ID }),
          newEvent(OTHER_ID, NOW, 'joinedTo', { into: LAMB_ID }),
        ],
      });
    await store.dispatch(combined());
    await store.dispatch(combined());
    expect(await kept()).toEqual(['joined', 'joinedTo']);
    expect(shown()).toMatchObject({ what: 'combined' });
  });

  it('taken back counts when it is said again', async () => {
    await said(['served', NOW]);
    store.dispatch(tickSlice.actions.takenBack());
    expect(shown()!.takenBack).toBe(true);
    await said(['served', NOW + 5_000]);
    expect(await kept()).toHaveLength(2);
  });

  it('shows what was noted, when, and how far back it can be moved', async () => {
    await said(['served', NOW]);
    expect(shown()).toMatchObject({ what: 'served', at: NOW, notBefore: NOW - 60_000 });
    store.dispatch(tickSlice.actions.movedTo(NOW - 30_000));
    expect(shown()!.at).toBe(NOW - 30_000);
    store.dispatch(tickSlice.actions.settled());
    expect(shown()).toBeNull();
  });
});
