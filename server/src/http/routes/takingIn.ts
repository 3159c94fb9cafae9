import type { TakingIn } from '@omtel/core/portable';
import { Hono } from 'hono';
import { stream } from 'hono/streaming';
import { kindOf } from '../../log';
import { takeInHousehold } from '../../services/portable/takeIn';
import { Refusal } from '../../services/refusal';
import type { Services } from '../services';
import type { SignedIn } from '../session';

/** Where a file of a household comes in: the one request that may be long. */
export const TAKES_IN = '/api/household/import';

/** Whoever waits is told so often how far it is. */
const TOLD_EVERY_MS = 200;

/**
 * Takes in the file of a household, or tries to. It takes a while, and is answered line by line: how far it is, and at last what was
 * taken or why nothing was.
 */
export function takingInRoutes({ db, wall, log }: Services) {
  return new Hono<SignedIn>().post('/household/import', async (c) => {
    const text = await c.req.text();
    const { householdId } = c.var;
    const asked = { dry: c.req.query('dry') === 'true', settings: c.req.query('settings') === 'true' };
    c.header('content-type', 'application/x-ndjson; charset=utf-8');
    c.header('x-accel-buffering', 'no');
    return stream(c, async (out) => {
      const tell = (line: TakingIn) => out.write(`${JSON.stringify(line)}\n`);
      let toldAt = 0;
      const onProgress = (what: string, done: number, of: number) => {
        // Nobody waits for it any more: nothing of it stays.
        if (out.aborted) throw new Refusal(408, 'It was given up. Nothing was changed.');
        if (Date.now() - toldAt < TOLD_EVERY_MS) return;
        toldAt = Date.now();
        void tell({ what, done, of });
      };
      try {
        await tell({ taken: await takeInHousehold(db, householdId, text, { ...asked, onProgress }, wall) });
      } catch (error) {
        if (!(error instanceof Refusal))
          log({ request: c.get('requestId' as never), failed: 'import', kind: kindOf(error as Error) });
        await tell({
          problem:
            error instanceof Refusal
              ? error.message
              : 'The kitchen’s server could not take it in. Nothing was changed; try again.',
        });
      }
    });
  });
}
