import { listen, waitAfter, type Happened, type Source } from './stream';

const HOUSEHOLD = '01900000-0000-7000-8000-0000000000aa';
const ENTRY = { event: { id: 'e', type: 'note' }, name: 'Soup' };

/** Streams that are opened, each with what a test lets it say. */
function streams() {
  const opened: { address: string; closed: boolean; say(type: string, id?: string, data?: unknown): void }[] =
    [];
  const open = (address: string): Source => {
    const heardBy = new Map<string, (event: Event) => void>();
    const one = {
      address,
      closed: false,
      say: (type: string, id = '', data: unknown = ENTRY) =>
        heardBy.get(type)?.({ data: JSON.stringify(data), lastEventId: id } as unknown as Event),
    };
    opened.push(one);
    return {
      addEventListener: (type: string, listener: unknown) =>
        void heardBy.set(type, listener as (event: Event) => void),
      close: () => void (one.closed = true),
    };
  };
  return { opened, open };
}

const MINUTE = 60_000;
let online: () => void;

beforeEach(() => {
  jest.useFakeTimers();
  const listeners = new Set<() => void>();
  online = () => listeners.forEach((listener) => listener());
  Object.assign(globalThis, {
    window: {
      addEventListener: (_: string, listener: () => void) => listeners.add(listener),
      removeEventListener: (_: string, listener: () => void) => listeners.delete(listener),
    },
  });
});
afterEach(() => jest.useRealTimers());

function listening() {
  const { opened, open } = streams();
  const heard: Happened[] = [];
  const stop = listen({
    householdId: HOUSEHOLD,
    heard: { seq: 7, turn: 2 },
    onHappened: (what) => void heard.push(what),
    open,
  });
  return { opened, heard, stop };
}

describe('a stream of what happens', () => {
  it('begins after what this device has heard, and goes on after what it heard last', () => {
    const { opened, heard, stop } = listening();
    expect(opened[0]!.address).toBe(`/api/live?after=7.2&for=${HOUSEHOLD}`);
    opened[0]!.say('entry', '8.2');
    opened[0]!.say('beside', '8.3', {});
    expect(heard).toEqual([
      { heard: { seq: 8, turn: 2 }, entry: ENTRY },
      { heard: { seq: 8, turn: 3 }, entry: null },
    ]);
    // What is no number of a message says nothing.
    opened[0]!.say('entry', 'x');
    expect(heard).toHaveLength(2);
    opened[0]!.say('error');
    expect(opened[0]!.closed).toBe(true);
    jest.advanceTimersByTime(MINUTE);
    expect(opened[1]!.address).toContain('after=8.3');
    stop();
    expect(opened[1]!.closed).toBe(true);
    online();
    jest.advanceTimersByTime(MINUTE);
    expect(opened).toHaveLength(2);
  });

  it('is opened ever more slowly while no server answers: no storm of retries, and one wait at a time', () => {
    const { opened } = listening();
    for (let ms = 0; ms < 60 * MINUTE; ms += 500) {
      opened.filter(({ closed }) => !closed).forEach((one) => (one.say('error'), one.say('error')));
      jest.advanceTimersByTime(500);
    }
    expect(opened.length).toBeLessThan(140);
    expect(opened.length).toBeGreaterThan(50);
  });

  it('is opened at once when the network is back, and once', () => {
    const { opened } = listening();
    for (let round = 0; round < 8; round++) {
      opened.at(-1)!.say('error');
      jest.advanceTimersByTime(MINUTE);
    }
    opened.at(-1)!.say('error');
    const before = opened.length;
    online();
    online();
    expect(opened).toHaveLength(before + 1);
    jest.advanceTimersByTime(MINUTE);
    expect(opened).toHaveLength(before + 1);
  });

  it('is soon opened again where it had held', () => {
    const { opened } = listening();
    for (let round = 0; round < 6; round++) {
      opened.at(-1)!.say('error');
      jest.advanceTimersByTime(MINUTE);
    }
    jest.advanceTimersByTime(MINUTE);
    const before = opened.length;
    opened.at(-1)!.say('error');
    jest.advanceTimersByTime(1_000);
    expect(opened).toHaveLength(before + 1);
  });

  it('waits between a second and a minute, each by chance half as long or the whole', () => {
    expect([waitAfter(0, 1), waitAfter(1, 1), waitAfter(2, 1), waitAfter(30, 1)]).toEqual([
      1_000, 1_000, 2_000, 60_000,
    ]);
    expect(waitAfter(30, 0)).toBe(30_000);
  });
});
