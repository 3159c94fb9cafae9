import type { Hono } from 'hono';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import type { Log } from '../log';
import type { Live } from '../services/live';
import type { Pushing } from '../services/push';
import type { Refolding } from '../services/refolding';

/** What the routes work with. */
export interface Services {
  readonly db: Database;
  readonly wall: WallClock;
  readonly secret: string;
  /** The time zone a new household starts in. */
  readonly zone: string;
  /** Where the built web client lies; null serves the API alone. */
  readonly webRoot: string | null;
  /** The names it answers to, without ports. */
  readonly hosts: readonly string[];
  /** Foods that an older fold left, while there are some. */
  readonly refolding: Refolding;
  /** Who listens to what happens. */
  readonly live: Live;
  /** Devices that are reminded. */
  readonly pushing: Pushing;
  /** The push service that ships, where devices can have no other. */
  readonly pushService: Hono;
  readonly log: Log;
}
