import { Sentence } from './sentence';
import { supervise } from './supervise';

/** Something that runs until it falls or is stopped. */
class Running {
  readonly ended: Promise<void>;
  fall!: () => void;
  stopped = false;
  fallen = false;
  constructor(readonly url = 'here') {
    this.ended = new Promise((resolve) => (this.fall = resolve));
  }
  async stop() {
    this.stopped = true;
    this.fall();
  }
}

const nextTurn = () => new Promise((resume) => setTimeout(resume, 5));

function open(urls: readonly string[] = []) {
  const [databases, servers] = [[] as Running[], [] as (Running & { of?: string })[]];
  const said: string[] = [];
  const stopping = new AbortController();
  const done = supervise({
    stopping: stopping.signal,
    say: (sentence) => said.push(sentence),
    parts: [
      {
        name: 'database',
        start: async () => {
          const part = new Running(urls[databases.length] ?? 'here');
          databases.push(part);
          return part;
        },
      },
      {
        name: 'server',
        needs: 'database',
        start: async (url) => {
          const part = Object.assign(new Running(), { of: url });
          servers.push(part);
          return part;
        },
      },
    ],
  });
  return { databases, servers, said, stopping, done };
}

it('starts again what falls, says so, and stops all when it is time', async () => {
  const { databases, servers, said, stopping, done } = open();
  await nextTurn();
  servers[0]!.fall();
  await nextTurn();
  databases[0]!.fall();
  await nextTurn();
  expect(said).toEqual([
    'The server ended. It is started again.',
    'The database ended. It is started again.',
  ]);
  expect([databases.length, servers.length]).toEqual([2, 2]);
  stopping.abort();
  await done;
  expect([databases[1]!.stopped, servers[1]!.stopped]).toEqual([true, true]);
});

it('a database that is to be found elsewhere gets a server that knows', async () => {
  const { databases, servers, stopping, done } = open(['here', 'there']);
  await nextTurn();
  databases[0]!.fall();
  await nextTurn();
  expect(servers.map((server) => [server.of, server.stopped])).toEqual([
    ['here', true],
    ['there', false],
  ]);
  stopping.abort();
  await done;
});

it('both that fall at once are started again, the database first', async () => {
  const [databases, servers] = [[] as Running[], [] as Running[]];
  const stopping = new AbortController();
  const done = supervise({
    stopping: stopping.signal,
    say: () => undefined,
    parts: [
      {
        name: 'database',
        start: async () => {
          databases.push(new Running());
          return databases.at(-1)!;
        },
      },
      {
        name: 'server',
        needs: 'database',
        start: async () => {
          if (databases.at(-1)!.fallen) throw new Sentence('The database cannot be used.');
          servers.push(new Running());
          return servers.at(-1)!;
        },
      },
    ],
  });
  await nextTurn();
  servers[0]!.fall();
  // Nobody hears of this one until it is looked at.
  databases[0]!.fallen = true;
  await nextTurn();
  databases[0]!.fall();
  await new Promise((resume) => setTimeout(resume, 1200));
  expect([databases.length, servers.length]).toEqual([2, 2]);
  stopping.abort();
  await done;
  expect([databases[1]!.stopped, servers[1]!.stopped]).toEqual([true, true]);
});

it('what falls again and again is no use: all is stopped, and a sentence says why', async () => {
  const { databases, servers, done } = open();
  const end = expect(done).rejects.toThrow('The server fell 6 times within a minute. Omtel stops.');
  for (let fallen = 0; fallen < 6; fallen++) {
    await nextTurn();
    servers[fallen]!.fall();
  }
  await end;
  expect(databases[0]!.stopped).toBe(true);
});

it('what needs nothing of another is started again while that one still starts', async () => {
  const [slow, quick] = [[] as Running[], [] as Running[]];
  let slowMayStart = () => undefined as void;
  const stopping = new AbortController();
  const done = supervise({
    stopping: stopping.signal,
    say: () => undefined,
    parts: [
      {
        name: 'first node',
        start: async () => {
          if (slow.length) await new Promise<void>((resume) => (slowMayStart = resume));
          slow.push(new Running());
          return slow.at(-1)!;
        },
      },
      {
        name: 'second node',
        start: async () => {
          quick.push(new Running());
          return quick.at(-1)!;
        },
      },
    ],
  });
  await nextTurn();
  slow[0]!.fall();
  quick[0]!.fall();
  await nextTurn();
  expect([slow.length, quick.length]).toEqual([1, 2]);
  stopping.abort();
  slowMayStart();
  await done;
  // It had begun to start: it is stopped as well.
  expect([slow[1]!.stopped, quick[1]!.stopped]).toEqual([true, true]);
});

it('what does not even start is no use at once, and leaves nothing running', async () => {
  const database = new Running();
  const started = supervise({
    stopping: new AbortController().signal,
    say: () => undefined,
    parts: [
      { name: 'database', start: async () => database },
      {
        name: 'server',
        needs: 'database',
        start: () => Promise.reject(new Sentence('The port is in use.')),
      },
    ],
  });
  await expect(started).rejects.toThrow('The port is in use.');
  expect(database.stopped).toBe(true);
});

it('told to stop while it starts, it starts no more and leaves nothing running', async () => {
  const { databases, servers, stopping, done } = open();
  stopping.abort();
  await done;
  expect([databases.map(({ stopped }) => stopped), servers]).toEqual([[true], []]);
});
