import { heardText, readHeard, type Heard, type LogEntry } from '@omtel/core/api';
import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import { streamSSE } from 'hono/streaming';
import { visitorOfSession } from '../../repositories/sessions';
import { entriesAfter } from '../../services/live';
import { Refusal } from '../../services/refusal';
import { unlessSilent } from '../../db/silence';
import { anotherKitchen, problem } from '../problem';
import type { Services } from '../services';
import type { SignedIn } from '../session';
import { answers } from './documented';

/** Whoever listens is heard of so often, and their sign-in looked at: a connection that is gone shows itself so. */
const BEAT_MS = 5_000;
/** Entries are told so many at once. */
const MOST_AT_ONCE = 100;
/** More than these have no place on one server: who comes then asks again later. */
const MOST_STREAMS = 500;
const SILENT_MS = 4_000;

const ROUTE = createRoute({
  method: 'get',
  path: '/live',
  summary:
    'What happens, as server-sent events: an entry of the log each, or that something beside them changed',
  request: {
    query: z.object({
      after: z
        .string()
        .optional()
        .openapi({ description: 'How far was heard; Last-Event-ID goes before it' }),
      for: z.string().optional().openapi({ description: 'The household it is meant for' }),
    }),
  },
  responses: {
    ...answers(z.string()),
    200: { description: 'A stream', content: { 'text/event-stream': { schema: z.string() } } },
  },
});

/**
 * What happens in a household, as it happens: its entries in its own order, and that something beside them changed. Messages are
 * numbered by how far was heard, and a stream goes on after the last one its device had.
 */
export function liveRoutes({ db, live }: Services) {
  let streams = 0;
  return new OpenAPIHono<SignedIn>().openapi(ROUTE, (c) => {
    const { householdId, tokenHash } = c.var;
    const { after = '', for: meant } = c.req.valid('query');
    const from = readHeard(c.req.header('last-event-id') ?? after);
    if (!from)
      throw new Refusal(400, 'Say after which entry: the number of the last one heard, and of the turn.');
    if (meant !== undefined && meant !== householdId) return anotherKitchen(c);
    if (streams >= MOST_STREAMS) return problem(c, 503, 'Too many devices listen here now.');
    streams += 1;
    c.header('x-accel-buffering', 'no');
    return streamSSE(c, async (stream) => {
      const listening = () => !stream.aborted && !stream.closed;
      const isIn = () => unlessSilent(db, SILENT_MS, () => visitorOfSession(db, tokenHash, Date.now()));
      const tell = (event: string, heard: Heard, data: unknown) =>
        stream.writeSSE({ event, id: heardText(heard), data: JSON.stringify(data) });
      let heard: Heard = from;
      let lookedAt = Date.now();
      try {
        await stream.write(': here\n\n');
        while (listening()) {
          const now = await live.further(householdId, heard, BEAT_MS);
          if (!now || !listening()) break;
          if (Date.now() - lookedAt >= BEAT_MS) {
            lookedAt = Date.now();
            if (!(await isIn())) break;
            await stream.write(': here\n\n');
          }
          // Further than there is: of a story that has begun again, or before a backup was put back.
          const isAhead = heard.seq > now.seq;
          while (listening() && heard.seq < now.seq) {
            const entries = await entriesAfter(db, householdId, heard.seq, MOST_AT_ONCE);
            for (const entry of entries) {
              heard = { ...heard, seq: seqOf(entry) };
              await tell('entry', heard, entry);
            }
            // They are gone with their story.
            if (entries.length === 0) heard = { ...heard, seq: now.seq };
          }
          if (isAhead || now.turn !== heard.turn) {
            // While entries were told there may have come more than when it was looked.
            heard = { seq: isAhead ? now.seq : heard.seq, turn: now.turn };
            await tell('beside', heard, {});
          }
        }
      } catch {
        // The device is gone, or the database is: it comes again, and hears on from where it was.
      } finally {
        streams -= 1;
      }
    });
  });
}

const seqOf = ({ event }: LogEntry): number => event.seq!;
