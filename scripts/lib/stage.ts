import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from '../../server/src/db/connect';
import { startDatabase } from './database';
import { freePort } from './ports';
import { startServer, type RunningServer } from './serverProcess';
import { ensureWebBuild } from './webBuild';

/** The wall clock of stories and pictures: a Friday, so that the crew's supper is on a Saturday. */
export const STAGE_CLOCK = '2026-06-12T10:00:00Z';

export interface Stage {
  readonly address: string;
  /** Lets the server be gone, and come back at the same address with all it had. */
  away(): Promise<void>;
  back(): Promise<void>;
  /** Forgets who tried at the door how often: where the clock stands still they would be counted for ever. */
  forgetTries(): Promise<void>;
  stop(): Promise<void>;
}

/**
 * The whole of Omtel with an empty database of its own and a clock that stands still: for stories and pictures.
 *
 * @param clock where it stands, and the zone of its household
 * @param root the built client, where it is to be another than this one's
 */
export async function openStage(clock = STAGE_CLOCK, zone = 'UTC', root?: string): Promise<Stage> {
  const webRoot = root ?? (await ensureWebBuild());
  const folder = mkdtempSync(join(tmpdir(), 'omtel-stage-'));
  const database = await startDatabase(folder, 'stage-only-password');
  const env = {
    OMTEL_DATABASE_URL: database.url,
    OMTEL_PORT: String(await freePort()),
    OMTEL_SECRET: 'stage-only-secret'.repeat(3),
    OMTEL_WEB_ROOT: webRoot,
    OMTEL_ZONE: zone,
    OMTEL_CLOCK: clock,
  };
  let server: RunningServer | null = await startServer(env);
  const away = async () => {
    await server?.stop();
    server = null;
  };
  return {
    address: server.address,
    away,
    back: async () => {
      server ??= await startServer(env);
    },
    forgetTries: async () => {
      const db = connect(database.url);
      await db('failed_tries').del();
      await db.destroy();
    },
    stop: async () => {
      await away();
      await database.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
