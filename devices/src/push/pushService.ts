import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { streamSSE } from 'hono/streaming';
import { Receiver } from './receiver';
import { isFrom, isKey } from './vapid';

/** More devices than a home has; the oldest makes room. */
const MOST_RECEIVERS = 200;
/** What a push service has to take at least, and this one at most (RFC 8030 §7.2). */
const LARGEST = 4096;
const LONGEST_TTL_S = 24 * 60 * 60;
const BEAT_MS = 20_000;

/**
 * A push service nobody has to ask outside for: whoever may write to a device posts to its endpoint as to any other (RFC 8030, 8291,
 * 8292), and the device listens to it with the half of a browser that opens what was sealed. It forgets all when it ends; devices then
 * subscribe again.
 *
 * @param at where it is to be reached, as `http://127.0.0.1:4610/push`
 */
export function pushService(at: () => string): Hono {
  const receivers = new Map<string, Receiver>();
  return new Hono()
    .post('/devices', bodyLimit({ maxSize: LARGEST }), async (c) => {
      const { writer } = await c.req.json<{ writer?: unknown }>().catch(() => ({ writer: undefined }));
      if (typeof writer !== 'string' || !isKey(writer))
        return c.json({ problem: 'Say by its public key who may write to the device.' }, 400);
      const receiver = new Receiver(writer);
      receivers.set(receiver.id, receiver);
      if (receivers.size > MOST_RECEIVERS) receivers.delete(receivers.keys().next().value!);
      const { id, keys } = receiver;
      return c.json({ id, subscription: { endpoint: `${at()}/to/${id}`, keys } }, 201);
    })
    .delete('/devices/:id', (c) => {
      receivers.delete(c.req.param('id'));
      return c.body(null, 204);
    })
    .get('/devices/:id', (c) => {
      const receiver = receivers.get(c.req.param('id'));
      // A browser asks no more where there is nothing.
      if (!receiver) return c.body(null, 204);
      return streamSSE(c, async (stream) => {
        const ended = receiver.listen((data) => void stream.writeSSE({ event: 'push', data }), Date.now());
        stream.onAbort(ended);
        while (!stream.aborted && !stream.closed) {
          await stream.writeSSE({ event: 'beat', data: '' });
          await stream.sleep(BEAT_MS);
        }
        ended();
      });
    })
    .post('/to/:id', bodyLimit({ maxSize: LARGEST }), async (c) => {
      const receiver = receivers.get(c.req.param('id'));
      if (!receiver) return c.body(null, 410);
      const now = Date.now();
      const audience = new URL(at()).origin;
      if (!isFrom(c.req.header('authorization'), { writer: receiver.writer, audience, now }))
        return c.body(null, 403);
      const ttlS = Number(c.req.header('ttl') ?? NaN);
      if (!(ttlS >= 0)) return c.body(null, 400);
      try {
        receiver.take(Buffer.from(await c.req.arrayBuffer()), {
          ttlS: Math.min(ttlS, LONGEST_TTL_S),
          topic: c.req.header('topic') ?? null,
          now,
        });
      } catch {
        return c.body(null, 400);
      }
      return c.body(null, 201, { location: `${at()}/message` });
    });
}
