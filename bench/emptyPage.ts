import { resolve } from 'node:path';
import { serve } from '@hono/node-server';
import { freePort } from '../scripts/lib/ports';
import { exportWeb } from '../scripts/lib/webBuild';
import { webClient } from '../server/src/http/webClient';

/** What an empty page of the same stack says, so that a bench knows when it stands. */
export const EMPTY_SAYS = 'Nothing here.';

/** Builds and serves an empty page of the same stack: the floor that no page can be below. */
export async function openEmptyPage(): Promise<{ readonly address: string; readonly stop: () => void }> {
  const dist = resolve('bench/empty-page/dist');
  exportWeb(resolve('bench/empty-page'), dist);
  const port = await freePort();
  const server = serve({ fetch: webClient(dist).fetch, port, hostname: '127.0.0.1' });
  return { address: `http://127.0.0.1:${port}`, stop: () => void server.close() };
}
