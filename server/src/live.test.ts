import { readHeard, type FoodList, type Heard, type LogEntry } from '@omtel/core/api';
import fc from 'fast-check';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, soup } from '../test/kitchen';

const kitchen = aKitchen('all');

interface Message {
  readonly event: string;
  readonly id: string;
  readonly data: string;
}

/** A device that listens: what it was told, message by message. */
function listening(response: Response) {
  const told: Message[] = [];
  const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  const end = (async () => {
    for (;;) {
      const { value, done } = await reader.read().catch(() => ({ value: undefined, done: true }));
      if (done) return;
      const parts = `${rest}${value}`.split('\n\n');
      rest = parts.pop()!;
      for (const part of parts) {
        const fields = Object.fromEntries(
          part.split('\n').map((line) => [line.split(':')[0], line.slice(line.indexOf(':') + 2)]),
        );
        if (fields.event) told.push(fields as unknown as Message);
      }
    }
  })();
  return { told, end, stop: () => reader.cancel() };
}

const listen = async (after: string, headers: Record<string, string> = {}) => {
  const response = await kitchen.ask('GET', `/api/live?after=${after}`, undefined, headers);
  expect(response.status).toBe(200);
  expect(response.headers.get('content-type')).toContain('text/event-stream');
  return listening(response);
};

const heardNow = async (): Promise<Heard> =>
  (await json<FoodList>(await kitchen.ask('GET', '/api/foods'))).heard;
const textOf = ({ seq, turn }: Heard) => `${seq}.${turn}`;
const until = async (fulfilled: () => boolean, ms = 5_000) => {
  for (const from = Date.now(); !fulfilled() && Date.now() - from < ms;)
    await new Promise((go) => setTimeout(go, 20));
  expect(fulfilled()).toBe(true);
};
const entriesIn = (told: readonly Message[]) =>
  told.filter((one) => one.event === 'entry').map(({ data }) => JSON.parse(data) as LogEntry);

describe('what happens, as it happens', () => {
  it('is told to who listens, in the order it was taken in, with its name', async () => {
    const device = await listen(textOf(await heardNow()));
    const foodId = uuid();
    await kitchen.record(
      soup(foodId, kitchen.now - 1000),
      event(foodId, kitchen.now, 'note', { text: 'Thick.' }),
    );
    await until(() => entriesIn(device.told).length === 2);
    const [came, note] = entriesIn(device.told);
    expect(came).toMatchObject({ name: 'Soup', event: { type: 'added', foodId } });
    expect(note!.event.seq).toBe(came!.event.seq! + 1);
    await device.stop();
  });

  it('is gone on with after what was heard, with no gap and nothing twice, however often a device went away', async () => {
    const foodId = uuid();
    await kitchen.record(soup(foodId, kitchen.now - 1000));
    const start = await heardNow();
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 1, maxLength: 4 }),
        async (batches) => {
          const begun = await heardNow();
          let after = textOf(begun);
          const heard: number[] = [];
          for (const many of batches) {
            if (many) {
              const notes = Array.from({ length: many }, (_, i) =>
                event(foodId, kitchen.now, 'note', { text: `${i}` }),
              );
              expect((await kitchen.record(...notes)).status).toBe(200);
            }
            // By the header of a device that comes again, or in the address of one that begins.
            const device = await listen(many % 2 ? after : '0.0', many % 2 ? {} : { 'last-event-id': after });
            await until(() => entriesIn(device.told).length >= many);
            const seqs = entriesIn(device.told).map((entry) => entry.event.seq!);
            heard.push(...seqs);
            after = device.told.at(-1)?.id ?? after;
            await device.stop();
          }
          const { seq } = await heardNow();
          expect(heard).toEqual(Array.from({ length: seq - begun.seq }, (_, i) => begun.seq + 1 + i));
        },
      ),
      { numRuns: 8 },
    );
    // From the beginning it is all there is, more than are told at once.
    const { seq } = await heardNow();
    expect(seq).toBeGreaterThan(start.seq);
    const device = await listen('0.0');
    await until(() => entriesIn(device.told).at(-1)?.event.seq === seq);
    const all = entriesIn(device.told).map((entry) => entry.event.seq);
    expect(new Set(all).size).toBe(all.length);
    expect(all).toEqual([...all].sort((a, b) => a! - b!));
    await device.stop();
  });

  it('goes never back while more comes than is told', async () => {
    const foodId = uuid();
    await kitchen.record(soup(foodId, kitchen.now - 1000));
    const begun = await heardNow();
    const device = await listen(textOf(begun));
    const sending = Array.from({ length: 4 }, async () => {
      for (let i = 0; i < 15; i++) await kitchen.record(event(foodId, kitchen.now, 'note', { text: `${i}` }));
    });
    await Promise.all(sending);
    const { seq } = await heardNow();
    await until(() => entriesIn(device.told).at(-1)?.event.seq === seq);
    expect(entriesIn(device.told).map((entry) => entry.event.seq)).toEqual(
      Array.from({ length: seq - begun.seq }, (_, i) => begun.seq + 1 + i),
    );
    expect(device.told.filter((one) => one.event === 'beside')).toEqual([]);
    await device.stop();
  });

  it('says that something beside the entries changed, and how far that was heard', async () => {
    const before = await heardNow();
    const device = await listen(textOf(before));
    await kitchen.ask('PATCH', '/api/household/settings', { altitudeM: 300 });
    await until(() => device.told.some((one) => one.event === 'beside'));
    expect(readHeard(device.told.at(-1)!.id)).toEqual(await heardNow());
    expect((await heardNow()).turn).toBeGreaterThan(before.turn);
    await device.stop();
    // A device that was away meanwhile is told when it comes.
    const late = await listen(textOf(before));
    await until(() => late.told.some((one) => one.event === 'beside'));
    await late.stop();
  });

  it('begins anew with a story that is begun anew', async () => {
    const device = await listen(textOf(await heardNow()));
    await kitchen.ask('POST', '/api/household/restart');
    await until(() => device.told.some((one) => one.event === 'beside'));
    expect(readHeard(device.told.at(-1)!.id)).toEqual(await heardNow());
    await device.stop();
    // Ahead of all there is, as after a backup was put back.
    const ahead = await listen('999999.0');
    await until(() => ahead.told.some((one) => one.event === 'beside'));
    expect(readHeard(ahead.told.at(-1)!.id)).toEqual(await heardNow());
    await ahead.stop();
  });

  it.each(['', 'soon', '-1.0', '1', '1.2.3', '1e3.0', '9999999999999999.1'])(
    'is not begun after %j',
    async (after) => {
      expect((await kitchen.ask('GET', `/api/live?after=${after}`)).status).toBe(400);
    },
  );

  it('is told to nobody else: not signed in, or meant for another kitchen', async () => {
    expect((await kitchen.ask('GET', '/api/live?after=0.0', undefined, { cookie: '' })).status).toBe(401);
    expect((await kitchen.ask('GET', `/api/live?after=0.0&for=${uuid()}`)).status).toBe(401);
  });

  it('ends for a device that is signed out', async () => {
    const device = await listen(textOf(await heardNow()));
    await kitchen.ask('DELETE', '/api/session');
    const from = Date.now();
    await device.end;
    expect(Date.now() - from).toBeLessThan(10_000);
    await kitchen.signIn();
  }, 15_000);
});
